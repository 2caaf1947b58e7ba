import { ManualClock } from './clock.ts'

describe('the clock that is moved by hand', () => {
  it('wakes at every moment asked for, in order and exactly, also those asked for on the way', () => {
    const clock = new ManualClock()
    const woken: number[] = []
    clock.wakeAt(3, () => woken.push(clock.now()))
    clock.wakeAt(1, () => {
      woken.push(clock.now())
      clock.wakeAt(2, () => woken.push(clock.now()))
    })
    clock.advanceTo(2.5)
    expect([woken, clock.now()]).toEqual([[1, 2], 2.5])
    clock.advanceTo(10)
    expect(woken).toEqual([1, 2, 3])
  })
  it('does not wake what was taken back', () => {
    const clock = new ManualClock()
    let woken = 0
    clock.wakeAt(1, () => woken++)()
    clock.advanceTo(2)
    expect(woken).toBe(0)
  })
})
