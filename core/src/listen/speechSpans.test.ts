import fc from 'fast-check'
import { speechSpans } from './speechSpans.ts'

const RATE = 16_000

/**
 * Humming from each start to each end over a room of some loudness, seeded so that it is the same
 * each time.
 */
function heard(
  spans: readonly (readonly [number, number])[],
  seconds: number,
  room: number,
): Float32Array {
  let seed = 1
  const noise = (): number => (seed = (seed * 16_807) % 2_147_483_647) / 1_073_741_823 - 1
  return Float32Array.from({ length: Math.round(seconds * RATE) }, (_, i) => {
    const at = i / RATE
    const speaks = spans.some(([start, end]) => at >= start && at < end)
    return room * noise() + (speaks ? 0.3 * Math.sin(2 * Math.PI * 180 * at) : 0)
  })
}

describe('speech in a recording', () => {
  it('is found wherever it lies, to a hundredth of a second, also over a noisy room', () => {
    const lengths = fc.array(
      fc.record({
        gap: fc.double({ min: 0.6, max: 1.5, noNaN: true }),
        length: fc.double({ min: 0.2, max: 1.5, noNaN: true }),
      }),
      { minLength: 1, maxLength: 4 },
    )
    fc.assert(
      fc.property(lengths, fc.constantFrom(0, 0.001, 0.02), (list, room) => {
        let at = 0
        const spans = list.map(({ gap, length }): readonly [number, number] => {
          const start = at + gap
          at = start + length
          return [start, at]
        })
        const found = speechSpans(heard(spans, at + 0.7, room), RATE)
        expect(found).toHaveLength(spans.length)
        found.forEach((span, i) => {
          expect(Math.abs(span.start - spans[i]![0])).toBeLessThan(0.011)
          expect(Math.abs(span.end - spans[i]![1])).toBeLessThan(0.011)
        })
      }),
      { numRuns: 40 },
    )
  })
  it('keeps the short stops within one cue together', () =>
    expect(
      speechSpans(
        heard(
          [
            [0.5, 0.8],
            [1, 1.3],
            [1.6, 2],
          ],
          3,
          0.001,
        ),
        RATE,
      ),
    ).toHaveLength(1))
  it('is nothing in silence, in the hum of the room, and in a click', () => {
    expect(speechSpans(new Float32Array(RATE), RATE)).toEqual([])
    expect(speechSpans(heard([], 2, 0.0005), RATE)).toEqual([])
    expect(speechSpans(heard([[0.5, 0.53]], 2, 0.0005), RATE)).toEqual([])
    expect(speechSpans(new Float32Array(0), RATE)).toEqual([])
  })
})
