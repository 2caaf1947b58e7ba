import FFT from 'fft.js'

const { sqrt } = Math

/**
 * Magnitudes of the first bins of real samples, by a complex transform of half the size: even
 * samples are its real and odd ones its imaginary parts (Press et al., Numerical Recipes 12.3).
 */
export class RealFft {
  readonly #half: FFT
  readonly #out: Float64Array
  readonly #cosines: Float64Array
  readonly #sines: Float64Array
  readonly #bins: number

  /** `size` is a power of two, from 4 up; `bins` at most half of it. */
  constructor(size: number, bins = size / 2) {
    this.#half = new FFT(size / 2)
    this.#out = new Float64Array(size)
    this.#bins = bins
    this.#cosines = Float64Array.from({ length: bins }, (_, k) =>
      Math.cos((2 * Math.PI * k) / size),
    )
    this.#sines = Float64Array.from({ length: bins }, (_, k) => Math.sin((2 * Math.PI * k) / size))
  }

  /** Puts the magnitude of each bin, as it comes from the transform, into `magnitudes`. */
  magnitudes(samples: Float64Array, magnitudes: Float64Array): void {
    const out = this.#out
    this.#half.transform(out, samples)
    const bins = this.#bins
    const cosines = this.#cosines
    const sines = this.#sines
    for (let k = 0, mirror = 0; k < bins; k++, mirror = out.length - 2 * k) {
      const aRe = out[2 * k]!
      const aIm = out[2 * k + 1]!
      const bRe = out[mirror]!
      const bIm = out[mirror + 1]!
      const oddRe = aIm + bIm
      const oddIm = bRe - aRe
      const re = aRe + bRe + oddRe * cosines[k]! + oddIm * sines[k]!
      const im = aIm - bIm + oddIm * cosines[k]! - oddRe * sines[k]!
      magnitudes[k] = sqrt(re * re + im * im) / 2
    }
  }
}
