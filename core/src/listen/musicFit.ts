const { max, sqrt, exp } = Math

/** How far back the room is followed, in frames; and how far the fit may begin too early. */
const TAPS = 14
const EARLY_FRAMES = 2
/** What was heard so many seconds ago counts a third of what is heard now. */
const MEMORY_SECONDS = 12
/** Keeps the fit finite where the music has nothing in a band: a share of its mean power. */
const CALM = 1e-3

/** One frame of sound: real and imaginary parts of each bin, one after the other. */
export type Spectrum = Float32Array

/**
 * What loudspeaker, room and microphone make of known music, bin by bin: a short filter over frames,
 * fitted by least squares (convolutive transfer function; Avargel and Cohen 2007). A voice has nothing
 * to do with the music, so it evens out.
 */
export class MusicFit {
  readonly #bins: number
  readonly #forget: number
  /** Hermitian sums of the music with itself, and of the music with what was heard; bin by bin. */
  readonly #own: Float64Array
  readonly #cross: Float64Array
  readonly #filter: Float64Array
  /** The last spectra of the music, newest first. */
  readonly #past: Spectrum[] = []

  /** @param framesPerSecond Above 0. */
  constructor(bins: number, framesPerSecond: number) {
    this.#bins = bins
    this.#forget = exp(-1 / (MEMORY_SECONDS * framesPerSecond))
    this.#own = new Float64Array(bins * TAPS * TAPS * 2)
    this.#cross = new Float64Array(bins * TAPS * 2)
    this.#filter = new Float64Array(bins * TAPS * 2)
  }

  /** Frames by which what is heard has to lag behind the music that is given with it. */
  static readonly early = EARLY_FRAMES

  /** Forgets which music was last, but not what was learned. */
  rewind(): void {
    this.#past.length = 0
  }

  /** Moves on by a frame of the music. */
  shift(music: Spectrum): void {
    this.#past.unshift(music)
    if (this.#past.length > TAPS) this.#past.pop()
  }

  /** Takes a heard frame into the sums. */
  learn(heard: Spectrum): void {
    const past = this.#past
    const forget = this.#forget
    for (let bin = 0; bin < this.#bins; bin++) {
      const re = heard[2 * bin]!
      const im = heard[2 * bin + 1]!
      for (let i = 0; i < TAPS; i++) {
        const one = past[i]
        const oneRe = one ? one[2 * bin]! : 0
        const oneIm = one ? one[2 * bin + 1]! : 0
        const at = (bin * TAPS + i) * 2
        // Conjugate of the music with what was heard.
        this.#cross[at] = this.#cross[at]! * forget + oneRe * re + oneIm * im
        this.#cross[at + 1] = this.#cross[at + 1]! * forget + oneRe * im - oneIm * re
        for (let j = 0; j <= i; j++) {
          const other = past[j]
          const otherRe = other ? other[2 * bin]! : 0
          const otherIm = other ? other[2 * bin + 1]! : 0
          const cell = ((bin * TAPS + i) * TAPS + j) * 2
          this.#own[cell] = this.#own[cell]! * forget + oneRe * otherRe + oneIm * otherIm
          this.#own[cell + 1] = this.#own[cell + 1]! * forget + oneRe * otherIm - oneIm * otherRe
        }
      }
    }
  }

  /** Solves for the filters, by Cholesky's method for Hermitian matrices. */
  solve(): void {
    const size = TAPS
    const lower = new Float64Array(size * size * 2)
    const way = new Float64Array(size * 2)
    for (let bin = 0; bin < this.#bins; bin++) {
      const own = this.#own.subarray(bin * size * size * 2, (bin + 1) * size * size * 2)
      let trace = 0
      for (let i = 0; i < size; i++) trace += own[(i * size + i) * 2]!
      if (trace <= 0) continue
      decompose(own, lower, size, (CALM * trace) / size + 1e-12)
      way.set(this.#cross.subarray(bin * size * 2, (bin + 1) * size * 2))
      substitute(lower, way, size)
      this.#filter.set(way, bin * size * 2)
    }
  }

  /** What the music alone would have been heard as, put into `expected`. */
  expect(expected: Spectrum): void {
    expected.fill(0)
    for (let i = 0; i < this.#past.length; i++) {
      const music = this.#past[i]!
      for (let bin = 0; bin < this.#bins; bin++) {
        const at = (bin * TAPS + i) * 2
        const re = this.#filter[at]!
        const im = this.#filter[at + 1]!
        const mRe = music[2 * bin]!
        const mIm = music[2 * bin + 1]!
        expected[2 * bin] = expected[2 * bin]! + re * mRe - im * mIm
        expected[2 * bin + 1] = expected[2 * bin + 1]! + re * mIm + im * mRe
      }
    }
  }
}

/** The lower triangle of a Hermitian matrix, with `calm` on its diagonal. */
function decompose(own: Float64Array, lower: Float64Array, size: number, calm: number): void {
  for (let i = 0; i < size; i++)
    for (let j = 0; j <= i; j++) {
      let re = own[(i * size + j) * 2]!
      let im = own[(i * size + j) * 2 + 1]!
      if (i === j) re += calm
      for (let k = 0; k < j; k++) {
        const a = (i * size + k) * 2
        const b = (j * size + k) * 2
        re -= lower[a]! * lower[b]! + lower[a + 1]! * lower[b + 1]!
        im -= lower[a + 1]! * lower[b]! - lower[a]! * lower[b + 1]!
      }
      const cell = (i * size + j) * 2
      if (i === j) {
        lower[cell] = sqrt(max(re, calm * 1e-3))
        lower[cell + 1] = 0
      } else {
        const root = lower[(j * size + j) * 2]!
        lower[cell] = re / root
        lower[cell + 1] = im / root
      }
    }
}

/** Solves in place, forwards and then backwards. */
function substitute(lower: Float64Array, way: Float64Array, size: number): void {
  for (let i = 0; i < size; i++) {
    let re = way[2 * i]!
    let im = way[2 * i + 1]!
    for (let k = 0; k < i; k++) {
      const a = (i * size + k) * 2
      re -= lower[a]! * way[2 * k]! - lower[a + 1]! * way[2 * k + 1]!
      im -= lower[a]! * way[2 * k + 1]! + lower[a + 1]! * way[2 * k]!
    }
    const root = lower[(i * size + i) * 2]!
    way[2 * i] = re / root
    way[2 * i + 1] = im / root
  }
  for (let i = size - 1; i >= 0; i--) {
    let re = way[2 * i]!
    let im = way[2 * i + 1]!
    for (let k = i + 1; k < size; k++) {
      const a = (k * size + i) * 2
      re -= lower[a]! * way[2 * k]! + lower[a + 1]! * way[2 * k + 1]!
      im -= lower[a]! * way[2 * k + 1]! - lower[a + 1]! * way[2 * k]!
    }
    const root = lower[(i * size + i) * 2]!
    way[2 * i] = re / root
    way[2 * i + 1] = im / root
  }
}
