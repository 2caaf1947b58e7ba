import { ManualTimers } from '../app/timers.ts'
import { settle } from '../testing/surroundings.ts'
import { onceSent, underWay } from './underWay.ts'

/** A change on its way, and what is known of who waits for it. */
function sentOf(document: string) {
  let answer = (): void => undefined
  let fail = (): void => undefined
  const sent = new Promise<void>((resolve, reject) => {
    answer = resolve
    fail = () => reject(new Error('not reached'))
  })
  underWay(document, sent).catch(() => undefined)
  return { answer, fail }
}
function waiting(timers: ManualTimers, document?: string) {
  const seen = { done: false }
  void onceSent(timers, document).then(() => (seen.done = true))
  return seen
}

describe('what is on its way to the server', () => {
  it('is waited for by who reads the same document, or any, but by nobody else', async () => {
    const timers = new ManualTimers()
    const { answer } = sentOf('sheet/a')
    const [same, any, other] = [
      waiting(timers, 'sheet/a'),
      waiting(timers),
      waiting(timers, 'sheet/b'),
    ]
    await settle()
    expect([same.done, any.done, other.done]).toEqual([false, false, true])
    answer()
    await settle()
    expect([same.done, any.done]).toEqual([true, true])
  })

  it('is not waited for any more once it has failed', async () => {
    const timers = new ManualTimers()
    const { fail } = sentOf('sheet/a')
    const seen = waiting(timers)
    fail()
    await settle()
    expect(seen.done).toBe(true)
    await expect(onceSent(timers)).resolves.toBeUndefined()
  })

  it('is not waited for longer than anybody’s patience', async () => {
    const timers = new ManualTimers()
    const { answer } = sentOf('sheet/a')
    const seen = waiting(timers)
    timers.pass(2999)
    await settle()
    expect(seen.done).toBe(false)
    timers.pass(1)
    await settle()
    expect(seen.done).toBe(true)
    answer()
  })
})
