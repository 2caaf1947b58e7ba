import fc from 'fast-check'
import {
  beatMapSchema,
  secondsAt,
  steadyBeatMap,
  tickPosition,
  type BeatMap,
} from '../time/index.ts'
import { freed } from './freeTime.ts'
import { fromTaps, retapped } from './taps.ts'

const at = (map: BeatMap, beat: number) => secondsAt(map, tickPosition(beat * 24))
const beatByBeat = (bpm: number, beats: number): BeatMap => ({
  segments: [
    {
      anchors: Array.from({ length: beats + 1 }, (_, beat) => ({
        beat,
        seconds: 1 + (beat * 60) / bpm,
      })),
    },
  ],
})

describe('tapping along', () => {
  it('finds tempo and place from taps that waver, with one left out and one doubled', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 60, max: 200 }),
        fc.array(fc.integer({ min: -25, max: 25 }), { minLength: 12, maxLength: 12 }),
        (bpm, waver) => {
          const beat = 60 / bpm
          const taps = waver.flatMap((late, i) =>
            i === 5 ? [] : [10 + i * beat - 0.03 + (late / 1000) * beat],
          )
          taps.splice(4, 0, taps[3]! + 0.04 * beat)
          const map = fromTaps(taps.sort((a, b) => a - b))!
          expect(at(map, 0)).toBeCloseTo(10, 1)
          expect(60 / (at(map, 5) - at(map, 4))).toBeGreaterThan(bpm * 0.98)
          expect(60 / (at(map, 5) - at(map, 4))).toBeLessThan(bpm * 1.02)
        },
      ),
    )
  })
  it('asks for at least four', () => expect(fromTaps([1, 2, 3])).toBeNull())
})

describe('a few taps in the middle', () => {
  it('move the beats around them, and no other beat', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 8, max: 30 }),
        fc.integer({ min: 4, max: 9 }),
        fc.integer({ min: -150, max: 150 }),
        (first, count, offMs) => {
          const map = beatByBeat(100, 50)
          const off = offMs / 1000
          const taps = Array.from({ length: count }, (_, i) => at(map, first + i) + off - 0.03)
          const mended = retapped(map, taps)!
          expect(beatMapSchema.safeParse(mended).success).toBe(true)
          for (let beat = 0; beat <= 50; beat++) {
            if (beat >= first && beat < first + count)
              expect(at(mended, beat)).toBeCloseTo(at(map, beat) + off, 6)
            else if (beat <= first - 2 || beat >= first + count + 1)
              expect(at(mended, beat)).toBeCloseTo(at(map, beat), 6)
          }
        },
      ),
    )
  })
  it('in another tempo, or over free time, change nothing', () => {
    const taps = (every: number) => Array.from({ length: 8 }, (_, i) => 10 + i * every)
    expect(retapped(steadyBeatMap(100), taps(0.3))).toBeNull()
    expect(retapped(steadyBeatMap(100), taps(1.2))).toBeNull()
    expect(retapped(steadyBeatMap(100), [1, 2])).toBeNull()
    expect(retapped(freed(beatByBeat(100, 50), 18, 21)!, taps(0.6))).toBeNull()
  })
})
