import fc from 'fast-check'
import { RealFft } from './realFft.ts'

/** The transform by its definition. */
const plain = (samples: ArrayLike<number>, bin: number): number => {
  let [re, im] = [0, 0]
  for (let i = 0; i < samples.length; i++) {
    re += samples[i]! * Math.cos((2 * Math.PI * bin * i) / samples.length)
    im -= samples[i]! * Math.sin((2 * Math.PI * bin * i) / samples.length)
  }
  return Math.hypot(re, im)
}

describe('the transform of real samples', () => {
  it.each([8, 64, 256])('of %i is that of the definition, whatever the samples', (size) => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: -1, max: 1, noNaN: true }), { minLength: size, maxLength: size }),
        (samples) => {
          const magnitudes = new Float64Array(size / 2)
          new RealFft(size).magnitudes(Float64Array.from(samples), magnitudes)
          magnitudes.forEach((value, bin) => expect(value).toBeCloseTo(plain(samples, bin), 6))
        },
      ),
      { numRuns: 25 },
    )
  })
  it('may give the first bins alone', () => {
    const samples = Float64Array.from({ length: 64 }, (_, i) => Math.sin(i) + i / 40)
    const few = new Float64Array(10)
    new RealFft(64, 10).magnitudes(samples, few)
    few.forEach((value, bin) => expect(value).toBeCloseTo(plain(samples, bin), 9))
  })
})
