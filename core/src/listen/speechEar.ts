import FFT from 'fft.js'
import { MusicFit, type Spectrum } from './musicFit.ts'
import { musicLag } from './musicLag.ts'
import { BINS, FRAMES_PER_SECOND, HOP, secondOfFrame, WINDOW } from './speechFrames.ts'
import { SpeechMeasure, spansOfMeasures, type Measured } from './speechMeasure.ts'
import type { SpeechSpan } from './speechSpans.ts'

const { PI, cos, max, sqrt } = Math

/** The fit is made after so much music, or so long without any, and anew so often. */
const FIRST_FIT_SECONDS = 4
const LONGEST_WAIT_SECONDS = 8
const REFIT_SECONDS = 1
/** Less than this share of what is heard is music that comes through headphones, if any. */
const HEARD_SHARE = 0.2
/** Mean power of a bin from which music sounds. */
const SOUNDING = 1e-7

export interface SpeechEarOptions {
  /** From the music as it is played to the microphone, in seconds, where it was measured. */
  readonly delaySeconds?: number | null
}

interface Frame {
  readonly heard: Spectrum
  readonly music: Spectrum
}

/**
 * Hears where somebody speaks while music plays that is known. What loudspeaker and room make of the
 * music is fitted over the first seconds and then slowly, and taken away; speech is what stands out
 * of the rest in many bands at once. With headphones, or without music, there is nothing to take
 * away and it works the same.
 */
export class SpeechEar {
  readonly #measuredDelay: number | null
  readonly #fft = new FFT(WINDOW)
  readonly #input = new Float64Array(WINDOW)
  readonly #out = new Float64Array(2 * WINDOW)
  #heard: Float32Array = new Float32Array(0)
  #music: Float32Array = new Float32Array(0)
  /** Frames that wait for the first fit. */
  #waiting: Frame[] = []
  #sounding = 0
  #frames = 0
  /** Frames by which the music is held back; null before the first fit. */
  #lag: number | null = null
  #held: Spectrum[] = []
  readonly #fit = new MusicFit(BINS, FRAMES_PER_SECOND / 2)
  readonly #expected: Spectrum = new Float32Array(2 * BINS)
  readonly #measure = new SpeechMeasure()
  readonly #measured: Measured[] = []
  /** Power of what was heard while music played, and of the music in it. */
  #power = 0
  #musicPower = 0

  constructor({ delaySeconds = null }: SpeechEarOptions = {}) {
    this.#measuredDelay = delaySeconds
  }

  /**
   * Takes what was heard, and what was played in the same time.
   *
   * @param heard Mono, at `SPEECH_RATE`.
   * @param music As long; zeros where nothing was played.
   */
  hear(heard: Float32Array, music: Float32Array): void {
    this.#heard = joined(this.#heard, heard)
    this.#music = joined(this.#music, music)
    let at = 0
    for (; at + WINDOW <= this.#heard.length; at += HOP)
      this.#take({ heard: this.#spectrum(this.#heard, at), music: this.#spectrum(this.#music, at) })
    this.#heard = this.#heard.slice(at)
    this.#music = this.#music.slice(at)
  }

  /**
   * What was said up to now, in seconds of what was heard; the last may still go on. Nothing is known
   * before the first fit, which then looks back.
   */
  spans(): readonly SpeechSpan[] {
    return spansOfMeasures(this.#measured)
  }
  /** Seconds that have been listened to; what was said in them is known. */
  get knownSeconds(): number {
    return this.#measured.length === 0 ? 0 : secondOfFrame(this.#measured.length - 1)
  }
  /** How much later the microphone hears the music than it is played; null where it hears none. */
  get delaySeconds(): number | null {
    return this.#lag === null || this.#musicPower <= HEARD_SHARE * this.#power
      ? null
      : (this.#lag + MusicFit.early) / FRAMES_PER_SECOND
  }

  #spectrum(samples: Float32Array, at: number): Spectrum {
    for (let i = 0; i < WINDOW; i++) this.#input[i] = samples[at + i]! * SHAPE[i]!
    this.#fft.realTransform(this.#out, this.#input)
    return Float32Array.from(this.#out.subarray(0, 2 * BINS))
  }

  #take(frame: Frame): void {
    if (meanPower(frame.music) > SOUNDING) this.#sounding++
    if (this.#lag !== null) return this.#work(frame, true)
    this.#waiting.push(frame)
    const waits = this.#waiting.length / FRAMES_PER_SECOND
    const hasEnough = this.#sounding >= FIRST_FIT_SECONDS * FRAMES_PER_SECOND
    if (hasEnough || waits >= LONGEST_WAIT_SECONDS) this.#begin()
  }
  #begin(): void {
    const waiting = this.#waiting
    this.#lag = max(0, musicLag(waiting, this.#measuredDelay) - MusicFit.early)
    this.#waiting = []
    // Once to fit, once more to hear what was said meanwhile.
    for (const frame of waiting) this.#learn(frame)
    this.#fit.solve()
    this.#fit.rewind()
    this.#held = []
    this.#measure.begin(waiting.slice(0, FRAMES_PER_SECOND / 5).map(({ heard }) => heard))
    for (const frame of waiting) this.#work(frame, false)
  }
  #shift({ music }: Frame): void {
    this.#held.push(music)
    if (this.#held.length > this.#lag!) this.#fit.shift(this.#held.shift()!)
  }
  /** Every other frame is enough to learn from: they overlap. */
  #learn(frame: Frame): void {
    this.#shift(frame)
    this.#frames++
    if (this.#frames % 2 === 0) this.#fit.learn(frame.heard)
  }
  #work(frame: Frame, learns: boolean): void {
    if (learns) this.#learn(frame)
    else this.#shift(frame)
    if (learns && this.#frames % (REFIT_SECONDS * FRAMES_PER_SECOND) === 0) this.#fit.solve()
    this.#fit.expect(this.#expected)
    this.#power += meanPower(frame.heard)
    this.#musicPower += meanPower(this.#expected)
    this.#measured.push(this.#measure.of(frame.heard, this.#expected))
  }
}

const SHAPE = Float64Array.from({ length: WINDOW }, (_, i) =>
  sqrt(0.5 - 0.5 * cos((2 * PI * i) / WINDOW)),
)

function meanPower(spectrum: Spectrum): number {
  let sum = 0
  for (const value of spectrum) sum += value * value
  return sum / (WINDOW * WINDOW)
}
function joined(a: Float32Array, b: Float32Array): Float32Array {
  const both = new Float32Array(a.length + b.length)
  both.set(a)
  both.set(b, a.length)
  return both
}
