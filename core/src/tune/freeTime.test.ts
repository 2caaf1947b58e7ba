import fc from 'fast-check'
import { beatMapSchema, freeTimes, secondsAt, tickPosition, type BeatMap } from '../time/index.ts'
import { counted, freed } from './freeTime.ts'

const map: BeatMap = {
  segments: [
    {
      anchors: Array.from({ length: 41 }, (_, i) => ({
        beat: i - 1,
        seconds: 0.5 + i * 0.6 + 0.1 * Math.sin(i),
      })),
    },
  ],
}
const at = (of: BeatMap, beat: number, side: 'leaving' | 'resuming' = 'resuming') =>
  secondsAt(of, tickPosition(beat * 24), side)

describe('a stretch held as free time', () => {
  it('leaves every beat before it and after it where it sounds, and takes its beats out of the count', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 30 }), fc.integer({ min: 1, max: 7 }), (from, long) => {
        const free = freed(map, from, from + long)!
        expect(beatMapSchema.safeParse(free).success).toBe(true)
        expect(freeTimes(free)).toHaveLength(1)
        for (let beat = -1; beat <= from; beat++)
          expect(at(free, beat, 'leaving')).toBeCloseTo(at(map, beat), 9)
        for (let beat = from + long; beat < 39; beat++)
          expect(at(free, beat - long)).toBeCloseTo(at(map, beat), 9)
      }),
    )
  })
  it('counted again has as many beats as the music around it would have had', () => {
    fc.assert(
      fc.property(fc.integer({ min: 2, max: 30 }), fc.integer({ min: 1, max: 6 }), (from, long) => {
        const back = counted(freed(map, from, from + long)!, 0)!
        expect(Math.abs(back.beats - long)).toBeLessThanOrEqual(1)
        expect(beatMapSchema.safeParse(back.map).success).toBe(true)
        expect(back.map.segments).toHaveLength(1)
      }),
    )
  })
  it('can be held twice, and refuses what is no stretch or crosses another', () => {
    const once = freed(map, 8, 12)!
    expect(freeTimes(freed(once, 20, 23)!)).toHaveLength(2)
    expect(freeTimes(freed(once, 3, 5)!)).toHaveLength(2)
    for (const [from, to] of [
      [5, 5],
      [6, 3],
      [6, 10],
    ] as const)
      expect(freed(once, from, to)).toBeNull()
    expect(counted(map, 0)).toBeNull()
  })
})
