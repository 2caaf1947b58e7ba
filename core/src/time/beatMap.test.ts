import fc from 'fast-check'
import {
  beatMapSchema,
  bpmAt,
  freeTimes,
  heardSeconds,
  secondsAt,
  steadyBeatMap,
  tickAt,
  type BeatMap,
} from './beatMap.ts'
import { seconds, tickPosition } from './units.ts'

const anchors = fc.array(
  fc.tuple(fc.integer({ min: 1, max: 40 }), fc.integer({ min: 200, max: 1000 })),
  { minLength: 2, maxLength: 8 },
)

/**
 * A map of one to three segments, each anchor some beats and seconds after the one before, free
 * time of 1 to 9 s between.
 */
const maps = fc
  .array(fc.tuple(anchors, fc.integer({ min: 1, max: 9 })), { minLength: 1, maxLength: 3 })
  .map((segments): BeatMap => {
    let beat = -4
    let at = 0.25
    return {
      segments: segments.map(([steps, free]) => {
        const made = steps.map(([beats, ms], i) => {
          if (i > 0) {
            beat += beats
            at += (beats * ms) / 1000
          }
          return { beat, seconds: at }
        })
        at += free
        return { anchors: made }
      }),
    }
  })

describe('a beat map', () => {
  it('answers seconds and ticks inversely, to 1e-9, outside free time', () => {
    fc.assert(
      fc.property(maps, fc.double({ min: -500, max: 6000, noNaN: true }), (map, at) => {
        if (freeTimes(map).some((free) => Math.abs(free.at - at) < 1e-6)) return
        expect(tickAt(map, secondsAt(map, tickPosition(at)))).toBeCloseTo(at, 7)
        const s = secondsAt(map, tickPosition(at))
        expect(Math.abs(secondsAt(map, tickAt(map, s)) - s)).toBeLessThan(1e-9)
      }),
    )
  })

  it('gives the tick of free time two times and answers with it anywhere inside', () => {
    fc.assert(
      fc.property(maps, fc.double({ min: 0.001, max: 0.999, noNaN: true }), (map, part) => {
        for (const free of freeTimes(map)) {
          expect(secondsAt(map, free.at, 'leaving')).toBeCloseTo(free.leaveSeconds, 9)
          expect(secondsAt(map, free.at, 'resuming')).toBeCloseTo(free.resumeSeconds, 9)
          expect(
            tickAt(
              map,
              seconds(free.leaveSeconds + part * (free.resumeSeconds - free.leaveSeconds)),
            ),
          ).toBeCloseTo(free.at, 6)
        }
      }),
    )
  })

  it('is valid as generated and refuses anchors that do not rise and segments that do not join', () => {
    fc.assert(fc.property(maps, (map) => expect(beatMapSchema.safeParse(map).success).toBe(true)))
    const at = (beat: number, s: number) => ({ beat, seconds: s })
    expect(beatMapSchema.safeParse({ segments: [{ anchors: [at(0, 1), at(1, 1)] }] }).success).toBe(
      false,
    )
    expect(
      beatMapSchema.safeParse({
        segments: [{ anchors: [at(0, 0), at(4, 2)] }, { anchors: [at(5, 3), at(8, 5)] }],
      }).success,
    ).toBe(false)
    expect(beatMapSchema.safeParse({ segments: [{ anchors: [at(0, 0)] }] }).success).toBe(false)
  })

  it('knows the tempo on either side of an anchor and runs on beyond the ends', () => {
    const map: BeatMap = {
      segments: [
        {
          anchors: [
            { beat: 0, seconds: 0 },
            { beat: 2, seconds: 1 },
            { beat: 4, seconds: 3 },
          ],
        },
      ],
    }
    expect(bpmAt(map, tickPosition(24))).toBe(120)
    expect(bpmAt(map, tickPosition(48))).toBe(60)
    expect(secondsAt(map, tickPosition(-24))).toBe(-0.5)
    expect(secondsAt(map, tickPosition(144))).toBe(5)
  })

  it('is heard later when it is played slower', () => {
    expect(heardSeconds(secondsAt(steadyBeatMap(96, 0.5), tickPosition(24 * 96)), 0.8)).toBeCloseTo(
      60.5 / 0.8,
      9,
    )
  })
})
