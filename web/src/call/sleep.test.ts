import { ManualTimers } from '../app/timers.ts'
import { watchSleep } from './sleep.ts'

describe('time that went by while the clock stood', () => {
  let timers: ManualTimers
  let clock = 0
  let counted = true
  const woken: number[] = []
  const set: number[] = []
  const pass = (wallSeconds: number, clockSeconds: number): void => {
    clock += clockSeconds
    timers.pass(wallSeconds * 1000)
  }
  let stop: () => void
  beforeEach(() => {
    timers = new ManualTimers()
    counted = true
    woken.length = set.length = 0
    stop = watchSleep(
      { now: () => clock, wakeAt: () => () => undefined },
      () => counted,
      { slept: (seconds) => woken.push(seconds), unsure: (seconds) => set.push(seconds) },
      timers,
    )
  })
  afterEach(() => stop())

  it('is nothing while both go on, however unevenly they are looked at', () => {
    for (let n = 0; n < 5; n++) pass(1.2, 1.19)
    expect(woken).toEqual([])
  })
  it('is told once the clock goes on, whole, and once', () => {
    pass(1, 1)
    pass(4, 0)
    pass(4, 0)
    expect(woken).toEqual([])
    pass(1, 0.5)
    pass(1, 1)
    expect(woken).toEqual([expect.closeTo(8.5, 6)])
  })
  it('loses nothing of it, however it lies between two looks', () => {
    pass(1, 1)
    pass(1, 0.3)
    pass(1, 0)
    pass(1, 0.6)
    expect(woken.reduce((sum, seconds) => sum + seconds, 0)).toBeCloseTo(0.7 + 1.4, 6)
  })
  it('is not what the time of day says: one that is set anew moves nothing, and is told', () => {
    pass(1, 1)
    timers.setClock(3_600_000)
    pass(1, 1)
    pass(1, 1)
    timers.setClock(-3_600_000)
    pass(1, 1)
    expect(woken).toEqual([])
    expect(set).toEqual([expect.closeTo(3600, 6)])
  })
  it('does not count before the music goes', () => {
    counted = false
    pass(60, 0)
    counted = true
    pass(1, 0.9)
    expect(woken).toEqual([])
  })
})
