import { useLongWork } from './longWork.ts'

const work = () =>
  useLongWork({ begun: 'begun', stopped: 'stopped', failed: (why) => `failed: ${why}` })
/** Work that ends when it is let, or fails when it is stopped. */
function held() {
  let end!: () => void
  const until = new Promise<void>((resolve) => (end = resolve))
  return {
    end,
    run: (signal: AbortSignal): Promise<void> =>
      Promise.race([
        until,
        new Promise<never>((_, reject) =>
          signal.addEventListener('abort', () => reject(new Error('aborted'))),
        ),
      ]),
  }
}

describe('long work', () => {
  it('is shown while it goes on, and not afterwards', async () => {
    const [one, it] = [work(), held()]
    const doing = one.doing(it.run)
    expect([one.working.value, one.isBusy()]).toEqual(['begun', true])
    it.end()
    await doing
    expect([one.working.value, one.isBusy(), one.failure.value, one.told.value]).toEqual([
      '',
      false,
      '',
      '',
    ])
  })
  it('says that it was stopped, not that it failed', async () => {
    const one = work()
    const doing = one.doing(held().run)
    one.cancel()
    await doing
    expect([one.told.value, one.failure.value]).toEqual(['stopped', ''])
  })
  it('says why it failed, and forgets that with the next', async () => {
    const one = work()
    await one.doing(() => Promise.reject(new Error('no sound')))
    expect(one.failure.value).toMatch(/^failed: ./)
    await one.doing(() => Promise.resolve())
    expect(one.failure.value).toBe('')
  })
  it('stops the one before, whose end then changes nothing', async () => {
    const [one, second] = [work(), held()]
    const first = one.doing(held().run)
    const doing = one.doing(second.run)
    await first
    expect([one.working.value, one.isBusy()]).toEqual(['begun', true])
    second.end()
    await doing
    expect(one.isBusy()).toBe(false)
  })
})
