import { ManualClock } from '../sound/clock.ts'
import { WALTZ } from '../testing/waltz.ts'
import { words } from '../words/index.ts'
import { commandOf, LECTERN_COMMANDS, type LecternKey, type LecternStage } from './commands.ts'
import { useLectern } from './lectern.ts'

function stage(hasNext = false) {
  const clock = new ManualClock()
  const lectern = useLectern(WALTZ, clock, { player: null, click: () => undefined }, () => 0)
  const log: string[] = []
  const note = (what: string) => (): void => void log.push(what)
  const one: LecternStage = {
    lectern,
    press: () => lectern.key(),
    fade: note('fade'),
    looks: {
      nextLayout: note('layout'),
      nextParts: note('words'),
      larger: note('larger'),
      smaller: note('smaller'),
    },
    say: (told) => void log.push(told),
    open: (dialog) => void log.push(`open ${dialog}`),
    toggleWholeScreen: note('whole'),
    programme: { hasNext: () => hasNext, goOn: note('next item') },
  }
  const can = (id: LecternKey): boolean => commandOf(id).can?.(one) ?? true
  return {
    lectern,
    log,
    can,
    run: (id: LecternKey): void => void (can(id) && commandOf(id).do(one)),
    at: (seconds: number) => (clock.advanceTo(seconds), lectern.draw()),
  }
}
/** A call that is danced for so many seconds. */
function dancing(seconds = 20) {
  const now = stage()
  now.run('main')
  now.at(seconds)
  return now
}
const allowed = ({ can }: ReturnType<typeof stage>): LecternKey[] =>
  LECTERN_COMMANDS.map(({ id }) => id as LecternKey).filter(can)

describe('what can be done at the lectern', () => {
  it('has a name on the screen for each, no two alike', () => {
    const names = LECTERN_COMMANDS.map(({ id }) => words.lectern.commands[id])
    expect(names.filter((name) => !name)).toEqual([])
    expect(new Set(names).size).toBe(names.length)
  })
  it('ships with at least one signal for each, and none that means two things', () => {
    const signals = LECTERN_COMMANDS.flatMap(({ signals: own }) => own as readonly string[])
    expect(LECTERN_COMMANDS.filter(({ signals: own }) => own.length === 0)).toEqual([])
    expect(new Set(signals).size).toBe(signals.length)
  })
  it('asks to be held down for all that moves or fades the music under the dancers', () => {
    const held = LECTERN_COMMANDS.filter((one) => 'isHeld' in one).map(({ id }) => id)
    expect(held).toEqual(['part', 'phrase-before', 'phrase-after', 'fade'])
  })
})

describe('when something can be done', () => {
  it('the next of the evening, where there is one, once the music stands', () => {
    const now = stage(true)
    expect([stage().can('next-item'), now.can('next-item')]).toEqual([false, true])
    now.run('main')
    now.at(20)
    now.run('next-item')
    expect([now.can('next-item'), now.log]).toEqual([false, []])
    now.lectern.pause()
    now.run('next-item')
    expect(now.log).toEqual(['next item'])
  })

  const onlyDancing: readonly LecternKey[] = [
    'hold',
    'lost',
    'other',
    'wrong',
    'one-more',
    'start-over',
    'skip',
    'end-soon',
    'go-on',
  ]
  it('nothing that needs a dance before there is one, all of it while it is danced', () => {
    const before = allowed(stage())
    const during = allowed(dancing())
    expect(onlyDancing.filter((id) => before.includes(id))).toEqual([])
    expect(onlyDancing.filter((id) => !during.includes(id))).toEqual([])
  })
  it('nothing of it once the dance is over', () => {
    const over = dancing(150)
    expect(over.lectern.call.value.state).toBe('ended')
    expect(onlyDancing.filter(over.can)).toEqual([])
  })
  it('taps and landmarks only where the music plays elsewhere, a loop only where it plays here', () => {
    const { can } = dancing()
    expect(['tap', 'landmark', 'later', 'sooner'].filter((id) => can(id as LecternKey))).toEqual([])
    expect(can('loop')).toBe(true)
  })
})

describe('what each does', () => {
  it('the one key starts, and pauses and goes on', () => {
    const now = dancing()
    now.run('main')
    now.at(24)
    expect(now.lectern.call.value.state).toBe('paused')
    now.run('main')
    now.at(40)
    expect(now.lectern.call.value.state).not.toBe('paused')
  })
  it('a lost floor is offered ways back, and a digit takes one', () => {
    const now = dancing()
    now.run('lost')
    const ways = now.lectern.call.value
    expect(ways.state).toBe('lost')
    now.run('first')
    now.at(60)
    expect(now.lectern.call.value.state).toBe('running')
  })
  it('a turn that was taken is taken back, and then there is nothing more to take back', () => {
    const now = dancing()
    const course = () => now.lectern.call.value.course
    const before = course()
    expect(now.can('take-back')).toBe(false)
    now.run('end-soon')
    expect([course() === before, now.can('take-back')]).toEqual([false, true])
    now.run('take-back')
    expect([course(), now.can('take-back')]).toEqual([before, false])
  })
  it('speed goes by a step either way, and back to the same', () => {
    const now = dancing()
    const { speed } = now.lectern.call.value
    now.run('faster')
    expect(now.lectern.call.value.speed).toBeGreaterThan(speed)
    now.run('slower')
    expect(now.lectern.call.value.speed).toBe(speed)
  })
  it('a mark is told as marked, and the looks and dialogs answer to their own', () => {
    const now = dancing()
    for (const id of ['mark', 'layout', 'words', 'larger', 'smaller', 'whole', 'fade'] as const)
      now.run(id)
    for (const id of ['delay', 'keys', 'sound', 'screens'] as const) now.run(id)
    expect(now.log).toEqual([
      'marked',
      'layout',
      'words',
      'larger',
      'smaller',
      'whole',
      'fade',
      'open delay',
      'open keys',
      'open sound',
      'open screens',
    ])
  })
})
