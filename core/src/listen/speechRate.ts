import { SPEECH_RATE } from './speechFrames.ts'

const { PI, sin, cos, ceil, floor, max } = Math

/** Samples on either side that a new one is made of, at the lower of the two rates. */
const REACH = 12
/** Of the lower rate's half, what is let through. */
const PASSED = 0.92

/**
 * Brings sound that comes in pieces to `SPEECH_RATE`: a windowed-sinc low pass, taken where the new
 * samples lie. What it gives lags by a millisecond and is as long, in all, as what it was given.
 */
export class ToSpeechRate {
  readonly #step: number
  readonly #reach: number
  readonly #cutoff: number
  #kept: Float32Array
  /** Where the next new sample lies, in samples of what is kept. */
  #next: number

  /** @param rate Samples a second, as they come; above 0. */
  constructor(rate: number) {
    this.#step = rate / SPEECH_RATE
    const scale = max(1, this.#step)
    this.#reach = ceil(REACH * scale)
    this.#cutoff = PASSED / scale
    this.#kept = new Float32Array(this.#reach)
    this.#next = this.#reach
  }

  /** @param samples Mono, at the rate it was made for. */
  take(samples: Float32Array): Float32Array {
    const all = new Float32Array(this.#kept.length + samples.length)
    all.set(this.#kept)
    all.set(samples, this.#kept.length)
    const made: number[] = []
    for (; this.#next + this.#reach < all.length; this.#next += this.#step)
      made.push(this.#sample(all, this.#next))
    const from = max(0, floor(this.#next) - this.#reach)
    this.#kept = all.slice(from)
    this.#next -= from
    return Float32Array.from(made)
  }

  #sample(all: Float32Array, at: number): number {
    const first = ceil(at - this.#reach)
    const last = floor(at + this.#reach)
    let sum = 0
    for (let i = max(0, first); i <= last; i++) {
      const off = i - at
      const window = 0.5 + 0.5 * cos((PI * off) / this.#reach)
      const turn = PI * off * this.#cutoff
      sum += all[i]! * window * this.#cutoff * (turn === 0 ? 1 : sin(turn) / turn)
    }
    return sum
  }
}
