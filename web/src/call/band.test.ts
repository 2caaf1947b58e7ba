import fc from 'fast-check'
import { isMoving } from '@dellop/core/call'
import { TICKS_PER_BEAT, type Tick } from '@dellop/core/time'
import { ManualClock } from '../sound/clock.ts'
import { WALTZ } from '../testing/waltz.ts'
import { useLectern } from './lectern.ts'

const BAR_SECONDS = 3 / (96 / 60)

function followed(sheet = WALTZ) {
  const clock = new ManualClock()
  const one = useLectern(
    sheet,
    clock,
    { player: null, click: () => undefined, from: 'elsewhere' },
    () => 0,
  )
  return {
    ...one,
    tap: () => one.obey({ do: 'tap' }),
    nudge: (beats: number) => one.obey({ do: 'nudge', beats }),
    sleptFor: (seconds: number) => one.obey({ do: 'slept', seconds }),
    clock,
    at: (seconds: number) => (clock.advanceTo(seconds), one.draw()),
    beat: () => one.position.value / TICKS_PER_BEAT,
  }
}

describe('music from elsewhere', () => {
  it('waits for the first tap, which is the first step', () => {
    const call = followed()
    call.at(30)
    expect(call.call.value.state).toBe('waiting')
    call.tap()
    expect([isMoving(call.call.value), call.beat()]).toEqual([true, expect.closeTo(0, 6)])
  })

  it('is followed by taps on the bars at any tempo near the sheet’s, getting slower or quicker, some missed and none exact', () => {
    const bands = fc.record({
      tempo: fc.double({ min: 0.88, max: 1.12, noNaN: true }),
      drift: fc.double({ min: -0.004, max: 0.004, noNaN: true }),
      hand: fc.array(fc.double({ min: -0.04, max: 0.04, noNaN: true }), {
        minLength: 24,
        maxLength: 24,
      }),
      missed: fc.uniqueArray(fc.integer({ min: 4, max: 22 }), { maxLength: 3 }),
    })
    fc.assert(
      fc.property(bands, ({ tempo, drift, hand, missed }) => {
        const call = followed()
        const bar = (n: number): number => 5 + (n * BAR_SECONDS) / tempo + drift * n * n
        call.at(5)
        call.tap()
        for (let n = 1; n < 24; n++) {
          call.at(bar(n) + hand[n]!)
          if (!missed.includes(n)) call.tap()
        }
        // A bar further on, without a tap, it still is where the band is.
        call.at(bar(24))
        expect(Math.abs(call.beat() - 72)).toBeLessThan(0.5)
      }),
      { numRuns: 40 },
    )
  })

  it('does not count a finger that slips, and tells each of these apart', () => {
    const call = followed()
    call.at(5)
    call.tap()
    call.at(5 + BAR_SECONDS)
    call.tap()
    expect(call.tapped.value).toMatchObject({ taken: 'yes' })
    const beat = call.beat()
    call.at(5 + BAR_SECONDS + 0.08)
    call.tap()
    expect(call.tapped.value).toMatchObject({ taken: 'double' })
    expect(call.beat() - beat).toBeCloseTo(0.08 * (96 / 60), 1)
    call.at(5 + 1.5 * BAR_SECONDS)
    call.tap()
    expect(call.tapped.value).toMatchObject({ taken: 'stray' })
  })

  it('is moved by half a beat, either way, and by the seconds that the machine slept', () => {
    const call = followed()
    call.at(5)
    call.landmark()
    call.at(12)
    const before = call.beat()
    call.nudge(0.5)
    expect(call.beat() - before).toBeCloseTo(-0.5, 6)
    call.nudge(-0.5)
    expect(call.beat()).toBeCloseTo(before, 6)
    call.sleptFor(10)
    expect(call.beat() - before).toBeCloseTo(10 * (96 / 60), 6)
  })

  it('is exactly where a landmark is heard, however far off the call was', () => {
    const at = (WALTZ.firstStep + 48 * TICKS_PER_BEAT) as Tick
    const pipes = { id: 'l', kind: 'character', at, text: 'pipes' } as const
    fc.assert(
      fc.property(fc.double({ min: -5, max: 2.5, noNaN: true }), (beatsOff) => {
        const call = followed({ ...WALTZ, tune: { ...WALTZ.tune!, landmarks: [pipes] } })
        call.at(5)
        call.tap()
        call.at(5 + ((48 + beatsOff) * 60) / 96)
        expect(call.nextLandmark.value?.text).toBe('pipes')
        call.landmark()
        expect(call.beat()).toBeCloseTo(48, 6)
      }),
      { numRuns: 20 },
    )
  })
})
