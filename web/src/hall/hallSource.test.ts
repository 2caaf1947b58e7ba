import { effectScope } from 'vue'
import { settle } from '../testing/surroundings.ts'
import { hallSource } from './hallSource.ts'

/** The stream of news that a screen listens to. */
class Stream {
  static readonly CLOSED = 2
  static all: Stream[] = []
  readyState = 0
  onopen = (): void => undefined
  onmessage = (_: { data: string }): void => undefined
  onerror = (): void => undefined
  constructor(readonly url: string) {
    Stream.all.push(this)
  }
  close(): void {
    this.readyState = Stream.CLOSED
  }
  tell(news: object): void {
    this.onmessage({ data: JSON.stringify(news) })
  }
}
const stream = (): Stream => Stream.all.at(-1)!

describe('a second screen', () => {
  const kept = new Map<string, string>()
  let answers: Record<string, { ok: boolean; status?: number; body?: object } | null>
  const asked: { path: string; body: unknown; right: unknown }[] = []

  beforeEach(() => {
    kept.clear()
    asked.length = 0
    Stream.all = []
    // The clock stands from here on, so that both machines have the same time.
    jest.useFakeTimers({ doNotFake: ['nextTick', 'queueMicrotask'] })
    answers = { time: { ok: true, body: { nowMs: Date.now() } } }
    Object.assign(globalThis, {
      EventSource: Stream,
      sessionStorage: {
        getItem: (key: string) => kept.get(key) ?? null,
        setItem: (key: string, value: string) => void kept.set(key, value),
        removeItem: (key: string) => void kept.delete(key),
      },
      fetch: async (path: string, init: { body?: string; headers: Record<string, string> }) => {
        const name = path.replace('/screen/', '')
        asked.push({
          path: name,
          body: init.body === undefined ? undefined : JSON.parse(init.body),
          right: init.headers['Authorization'],
        })
        const answer = answers[name]
        if (!answer) throw new TypeError('no network')
        return { status: 200, ...answer, json: async () => answer.body ?? {} }
      },
    })
  })
  afterEach(() => jest.useRealTimers())

  const open = () => {
    const scope = effectScope()
    const source = scope.run(hallSource)!
    return { ...source, leave: () => scope.stop() }
  }
  async function paired() {
    answers['pair'] = { ok: true, body: { token: 't', right: 'control' } }
    const screen = open()
    await screen.pair('12 34-56')
    stream().onopen()
    for (let i = 0; i < 8; i++) await settle()
    return screen
  }

  it('is let in by a code, typed with spaces or not, and stays in after a reload', async () => {
    const screen = await paired()
    expect(asked[0]).toMatchObject({ path: 'pair', body: { code: '123456' } })
    expect([screen.state.value, screen.right.value]).toEqual(['in', 'control'])
    screen.leave()
    const again = open()
    expect([again.state.value, again.right.value]).toEqual(['coming', 'control'])
    expect(stream().url).toMatch(/token=t$/)
    again.leave()
  })
  it('says why where the code is wrong, and that nobody answers', async () => {
    answers['pair'] = { ok: false, body: { detail: 'That code is not known.' } }
    const screen = open()
    await screen.pair('1')
    expect([screen.state.value, screen.failure.value]).toEqual(['out', 'That code is not known.'])
    answers['pair'] = null
    await screen.pair('1')
    expect([screen.state.value, screen.failure.value]).toEqual(['out', 'no network'])
    screen.leave()
  })
  it('computes the place for itself from what it was last told', async () => {
    const screen = await paired()
    expect(screen.tick()).toBe(0)
    stream().tell({ place: { tick: 100, atMs: Date.now(), ticksPerSecond: 40 } })
    jest.setSystemTime(Date.now() + 500)
    expect(screen.tick()).toBeCloseTo(120, 6)
    stream().tell({ place: { tick: 130, atMs: Date.now(), ticksPerSecond: 0 } })
    jest.setSystemTime(Date.now() + 500)
    expect(screen.tick()).toBe(130)
    screen.leave()
  })
  it('goes by the clock of the lectern’s machine where its own is wrong', async () => {
    answers['time'] = { ok: true, body: { nowMs: Date.now() + 60_000 } }
    const screen = await paired()
    stream().tell({ place: { tick: 0, atMs: Date.now() + 60_000, ticksPerSecond: 24 } })
    expect(screen.tick()).toBeCloseTo(0, 6)
    screen.leave()
  })
  it('keeps the programme it was told until another comes', async () => {
    const screen = await paired()
    stream().tell({ programme: { title: 'one' } })
    stream().tell({ place: { tick: 1, atMs: 0, ticksPerSecond: 0 } })
    expect(screen.programme.value).toEqual({ title: 'one' })
    screen.leave()
  })
  it('is out where it was sent away; else it tries again', async () => {
    const screen = await paired()
    stream().onerror()
    expect(screen.state.value).toBe('away')
    stream().close()
    stream().onerror()
    const before = Stream.all.length
    jest.advanceTimersByTime(1500)
    await settle()
    expect(Stream.all.length).toBe(before + 1)
    answers['time'] = { ok: false, status: 403 }
    stream().close()
    stream().onerror()
    jest.advanceTimersByTime(1500)
    await settle()
    expect([screen.state.value, kept.has('dellop-screen')]).toEqual(['out', false])
    screen.leave()
  })
  it('presses for the lectern, and knows when that was not heard', async () => {
    answers['press'] = { ok: true }
    const screen = await paired()
    expect(await screen.press('main')).toBe(true)
    expect(asked.at(-1)).toEqual({ path: 'press', body: { command: 'main' }, right: 'Bearer t' })
    answers['press'] = null
    expect(await screen.press('main')).toBe(false)
    screen.leave()
  })
})
