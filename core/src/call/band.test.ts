import fc from 'fast-check'
import {
  secondsAt,
  steadyBeatMap,
  TICKS_PER_BEAT,
  type Seconds,
  type TickPosition,
} from '../time/index.ts'
import { evenGrid, hearTap, lineGrid, NEW_EAR, type BandEar } from './band.ts'

const MAP = steadyBeatMap(100)
const BAR = 4 * TICKS_PER_BEAT
const PHRASES = Array.from({ length: 40 }, (_, i) => i * 8 * BAR)

/**
 * A band that plays: seconds at which each tick sounds. Its tempo drifts by up to a share over the
 * dance.
 */
const bandAt = (tick: number, drift: number): number => {
  const beats = tick / TICKS_PER_BEAT
  // 0.6 s a beat at first, growing evenly.
  return 0.6 * (beats + (drift * beats * beats) / 400)
}

interface Following {
  ear: BandEar
  music: Seconds
  since: number
  speed: number
}
const musicNow = ({ music, since, speed }: Following, at: number): Seconds =>
  (music + (at - since) * speed) as Seconds

function follow(
  taps: readonly number[],
  grid: ReturnType<typeof evenGrid>,
): { at: (when: number) => number; taken: string[] } {
  let now: Following = { ear: NEW_EAR, music: 0 as Seconds, since: 0, speed: 1 }
  const told: Following[] = [now]
  const taken: string[] = []
  for (const at of taps) {
    const heard = hearTap(now.ear, at, { music: musicNow(now, at), speed: now.speed }, grid, MAP)
    taken.push(heard.taken)
    now = { ear: heard.ear, music: heard.music, since: at, speed: heard.speed }
    told.push(now)
  }
  return {
    at: (when) =>
      musicNow(
        told.findLast(({ since }) => since <= when)!,
        when,
      ),
    taken,
  }
}

describe('a live band', () => {
  const jitter = fc.array(fc.double({ min: -0.03, max: 0.03, noNaN: true }), {
    minLength: 64,
    maxLength: 64,
  })

  it('is followed by taps on the bars: through drift, a missed tap and a double one', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -0.15, max: 0.15, noNaN: true }),
        jitter,
        fc.integer({ min: 8, max: 40 }),
        fc.integer({ min: 8, max: 40 }),
        (drift, late, missed, doubled) => {
          const bars = Array.from({ length: 64 }, (_, i) => bandAt(i * BAR, drift) + late[i]!)
          const taps = bars.flatMap((at, i) =>
            i === missed ? [] : i === doubled && i !== missed ? [at, at + 0.12] : [at],
          )
          const { at } = follow(taps, evenGrid(BAR))
          for (let beat = 24; beat < 250; beat += 1)
            expect(
              Math.abs(
                at(bandAt(beat * TICKS_PER_BEAT, drift)) -
                  secondsAt(MAP, (beat * TICKS_PER_BEAT) as TickPosition),
              ),
            ).toBeLessThan(0.6 * 0.45)
        },
      ),
      { numRuns: 100 },
    )
  })

  it('is followed by taps on the phrases alone', () => {
    const taps = PHRASES.slice(0, 12).map((tick) => bandAt(tick, 0.04))
    const { at, taken } = follow(taps, lineGrid(PHRASES))
    expect(taken.every((one) => one === 'yes')).toBe(true)
    for (const tick of PHRASES.slice(3, 11))
      expect(Math.abs(at(bandAt(tick, 0.04)) - secondsAt(MAP, tick as TickPosition))).toBeLessThan(
        0.3,
      )
  })

  it('takes a tap far off for a slip, and two that agree for the band', () => {
    const bars = Array.from({ length: 10 }, (_, i) => bandAt(i * BAR, 0))
    const slipped = follow([...bars, bars[9]! + 3.3], evenGrid(BAR))
    expect(slipped.taken.at(-1)).toBe('stray')
    expect(slipped.at(bandAt(11 * BAR, 0))).toBeCloseTo(
      secondsAt(MAP, (11 * BAR) as TickPosition),
      1,
    )
    // The band has lost half a bar: the second tap that says so is believed.
    const jumped = follow([...bars, bars[9]! + 3.6, bars[9]! + 6, bars[9]! + 8.4], evenGrid(BAR))
    expect(jumped.taken.slice(-3)).toEqual(['stray', 'yes', 'yes'])
  })

  it('knows a double tap, and the nearest line of any grid', () => {
    expect(follow([0, 0.1, 0.2, 2.4], evenGrid(BAR)).taken).toEqual([
      'yes',
      'double',
      'double',
      'yes',
    ])
    expect([
      lineGrid([0, 100, 300]).nearest(190),
      lineGrid([0, 100, 300]).nearest(210),
      lineGrid([0, 100, 300]).reach,
      evenGrid(96).nearest(130),
    ]).toEqual([100, 300, 50, 96])
  })
})
