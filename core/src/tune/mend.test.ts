import fc from 'fast-check'
import {
  beatMapSchema,
  secondsAt,
  steadyBeatMap,
  tickPosition,
  type BeatMap,
  type Metre,
} from '../time/index.ts'
import { anchored, doubled, halved, nudged, offBeat, thisIsOne, unanchored } from './mend.ts'

const waltz: Metre = { beatsPerBar: 3, beatNote: '1/4', division: 4 }
/** Beats a drifting band might play, one anchor each, with free time in the middle. */
const maps = fc
  .array(fc.integer({ min: 300, max: 900 }), { minLength: 6, maxLength: 30 })
  .map((gaps): BeatMap => {
    let at = 0.4
    const anchors = gaps.map((gap, i) => ({ beat: i - 2, seconds: (at += gap / 1000) }))
    const half = anchors.length >> 1
    const late = anchors
      .slice(half - 1)
      .map(({ beat, seconds }) => ({ beat, seconds: seconds + 5 }))
    return { segments: [{ anchors: anchors.slice(0, half) }, { anchors: late }] }
  })
const at = (map: BeatMap, beat: number) => secondsAt(map, tickPosition(beat * 24))

describe('mending beats', () => {
  it('always leaves a valid map', () => {
    fc.assert(
      fc.property(maps, fc.integer({ min: -4, max: 30 }), (map, beat) => {
        for (const mended of [
          doubled(map),
          halved(map),
          offBeat(map),
          nudged(map, -0.02),
          thisIsOne(map, waltz, beat),
        ])
          expect(beatMapSchema.safeParse(mended).success).toBe(true)
      }),
    )
  })

  it('half of double, and a nudge there and back, is as it was', () => {
    fc.assert(
      fc.property(maps, (map) => {
        expect(halved(doubled(map))).toEqual(map)
        expect(at(nudged(nudged(map, 0.25), -0.25), 1)).toBeCloseTo(at(map, 1), 9)
      }),
    )
  })

  it('doubling moves nothing in the music: the fourth beat sounds where the second did', () => {
    fc.assert(fc.property(maps, (map) => expect(at(doubled(map), 4)).toBeCloseTo(at(map, 2), 9)))
  })

  it('makes any beat the first of its bar, and moves no other thing than the count', () => {
    fc.assert(
      fc.property(maps, fc.integer({ min: -5, max: 40 }), (map, beat) => {
        const moved = thisIsOne(map, waltz, beat)
        const shift = map.segments[0]!.anchors[0]!.beat - moved.segments[0]!.anchors[0]!.beat
        expect(shift).toBeGreaterThanOrEqual(0)
        expect(shift).toBeLessThan(3)
        expect((((beat - shift) % 3) + 3) % 3).toBe(0)
      }),
    )
  })

  it('puts a beat where it is dragged, between its neighbours only', () => {
    const map: BeatMap = {
      segments: [
        {
          anchors: [
            { beat: 0, seconds: 0 },
            { beat: 4, seconds: 2 },
            { beat: 8, seconds: 4 },
          ],
        },
      ],
    }
    expect(at(anchored(map, 4, 2.2)!, 4)).toBe(2.2)
    expect(at(anchored(map, 2, 1.1)!, 2)).toBe(1.1)
    expect(anchored(map, 4, 4)).toBeNull()
    expect(anchored(map, 4, 0)).toBeNull()
    expect(at(unanchored(anchored(map, 2, 1.1)!, 2)!, 2)).toBe(1)
    expect(unanchored(map, 3)).toBeNull()
    expect(unanchored(steadyBeatMap(120), 0)).toBeNull()
  })

  it('shifts to the off-beat and back by another half', () => {
    const map = steadyBeatMap(120)
    expect(at(offBeat(map), 0)).toBeCloseTo(0.25, 9)
  })
})
