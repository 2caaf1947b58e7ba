import type { CallLog } from '@dellop/core/call'
import { sortKept } from './keptCalls.ts'

const LOG: CallLog = {
  format: 'dellop-call',
  version: 2,
  id: 'one',
  sheetId: 'lamps',
  revision: 3,
  title: 'Lamps Along the Staithe',
  groupId: null,
  where: 'Tar Loft',
  caller: '',
  music: 'recording',
  from: 0 as CallLog['from'],
  speed: 1,
  bpm: 96,
  startedAtMs: 1,
  endedAtMs: null,
  clockZeroMs: 0,
  events: [],
}

describe('calls that this browser keeps', () => {
  it('are read where they are sound', () => {
    const { calls, unreadable } = sortKept([{ log: LOG, beatAt: 4 }])
    expect(calls).toEqual([{ log: LOG, beatAt: 4 }])
    expect(unreadable).toEqual([])
  })
  it('are set aside, named and whole, where they are not; the others are read all the same', () => {
    const broken = { log: { ...LOG, id: 'two', events: 'none' }, beatAt: 4 }
    const { calls, unreadable } = sortKept([broken, { log: LOG, beatAt: 4 }])
    expect(calls).toHaveLength(1)
    expect(unreadable).toEqual([
      { name: LOG.title, problem: expect.stringMatching(/^events: /), record: broken },
    ])
  })
  it.each([[null], ['x'], [{}], [{ log: null, beatAt: 1 }], [{ log: LOG }]])(
    'do not stop the rest: %j',
    (record) => {
      const { calls, unreadable } = sortKept([record, { log: LOG, beatAt: 4 }])
      expect([calls.length, unreadable.length]).toEqual([1, 1])
      expect(unreadable[0]!.problem).toMatch(/./)
    },
  )
})
