import { savingText, whenSaved } from './saved.ts'
import { readable } from './readable.ts'
import { serverNews } from './news.ts'
import type { SyncState } from '@dellop/core/document'
import { shallowRef } from 'vue'
import { words } from '../words/index.ts'

/** The stream that the page listens to. */
class Events {
  static all: Events[] = []
  closed = false
  onmessage = (_: { data: string }): void => undefined
  onopen = (): void => undefined
  constructor(readonly url: string) {
    Events.all.push(this)
  }
  close(): void {
    this.closed = true
  }
  tell(event: object): void {
    this.onmessage({ data: JSON.stringify(event) })
  }
}

describe('news of what others change', () => {
  beforeEach(() => {
    Events.all = []
    Object.assign(globalThis, { EventSource: Events })
  })
  const listening = (id: string) => {
    const heard: number[] = []
    let online = 0
    const end = serverNews.listen('sheet', id, {
      changed: ({ revision }) => void heard.push(revision),
      online: () => void online++,
    })
    return { heard, end, online: () => online }
  }
  const changed = (id: string, revision: number, type = 'sheet') => ({
    type,
    id,
    revision,
    clientId: 'other',
  })

  it('comes over one stream for all that is open, to the one it is about', () => {
    const [one, two] = [listening('one'), listening('two')]
    expect(Events.all).toHaveLength(1)
    Events.all[0]!.tell(changed('one', 4))
    Events.all[0]!.tell(changed('two', 7))
    Events.all[0]!.tell(changed('one', 9, 'tune'))
    expect([one.heard, two.heard]).toEqual([[4], [7]])
    one.end()
    expect(Events.all[0]!.closed).toBe(false)
    two.end()
    expect(Events.all[0]!.closed).toBe(true)
  })
  it('that makes no sense is passed over', () => {
    const one = listening('one')
    Events.all[0]!.tell({ type: 'sheet' })
    Events.all[0]!.tell(changed('one', 1, 'nothing known'))
    expect(one.heard).toEqual([])
    one.end()
  })
  it('says when the server can be heard again, not when it is heard first', () => {
    const one = listening('one')
    Events.all[0]!.onopen()
    expect(one.online()).toBe(0)
    Events.all[0]!.onopen()
    expect(one.online()).toBe(1)
    one.end()
  })
})

describe('whether all is saved', () => {
  const state = (name: string, more: object = {}) =>
    ({ state: name, ...more }) as unknown as SyncState<unknown>
  const refused = state('refused', { problem: { message: 'No.' } })

  it.each([
    [null, words.sheet.saved],
    [state('clean'), words.sheet.saved],
    [state('dirty'), words.sheet.saving],
    [state('sending'), words.sheet.saving],
    [state('offline'), words.sheet.offline],
    [refused, `${words.sheet.refused}No.`],
    [state('conflict'), words.sheet.savedBut],
  ])('is told: %j', (now, told) => expect(savingText(now)).toBe(told))

  it('is waited for until it is at the server', async () => {
    const sync = shallowRef<SyncState<unknown> | null>(state('sending'))
    let isSaved = false
    const saved = whenSaved(sync).then(() => (isSaved = true))
    await Promise.resolve()
    expect(isSaved).toBe(false)
    sync.value = state('dirty')
    sync.value = state('clean')
    await saved
    expect(isSaved).toBe(true)
  })
  it('fails where the server refuses it or is not reached', async () => {
    await expect(whenSaved(shallowRef(refused))).rejects.toThrow('No.')
    const sync = shallowRef<SyncState<unknown> | null>(state('sending'))
    const saved = whenSaved(sync)
    sync.value = state('offline')
    await expect(saved).rejects.toThrow(words.trouble.offline)
  })
})

describe('a value as a person reads it', () => {
  it.each([
    ['Box', 'Box'],
    [4, '4'],
    [null, 'null'],
    [{ full: 'left turning box', short: 'left box', n: 3 }, 'left turning box · left box'],
    [{ n: 3 }, '{"n":3}'],
    [['a', 'b'], 'a · b'],
  ])('%j: %s', (value, told) => expect(readable(value)).toBe(told))
})
