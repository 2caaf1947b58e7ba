import type { Spectrum } from './musicFit.ts'
import { BANDS, EDGES, FRAMES_PER_SECOND, secondOfFrame, WINDOW } from './speechFrames.ts'
import type { SpeechSpan } from './speechSpans.ts'

const { floor, max, min, exp, log, log10 } = Math

// Chosen on two thirds of mixtures of the stand-in's speech and the band; the rest was kept apart.

/** How fast the quiet of the room is followed upwards and downwards, in e-folds a second. */
const RISE = 0.8
const FALL = 6
/** Of the music, so much power may be left in a band by the best of fits. */
const LEFT = 0.25
/** A band that stands out by so many decibels counts in full. */
const FULL_DB = 24
/** Mean over the bands, in decibels, at which speech begins, and below which it is over. */
const BEGINS_DB = 7
const ENDS_DB = 3.5
/** It is over, too, below this share of how it stood out lately: what rings on in a room. */
const ENDS_SHARE = 0.3
/** A hiss or a hum alone ends a word: the best quarter of the bands counts by so much. */
const QUARTER = 0.4
const QUARTERS = 4
/** No speech is softer than this, in decibels below full scale. */
const SILENCE_DB = -62
/** So much quiet ends what was said; shorter pauses belong to it. */
const QUIET_SECONDS = 0.18
/** Shorter than this is no word, nor what stands out in fewer frames. */
const LEAST_SECONDS = 0.12
const LEAST_FRAMES = 6

/** How far a frame stands out, in decibels: over all bands, and in the best of what may end it. */
export interface Measured {
  readonly all: number
  readonly ending: number
}

/** How far speech stands out of the quiet of a room and of what is left of music. */
export class SpeechMeasure {
  /** Natural logarithm of the quiet of each band. */
  readonly #quiet = new Float64Array(BANDS).fill(log(1e-9))

  /** Takes the quiet from the softest of the first frames. */
  begin(heard: readonly Spectrum[]): void {
    if (heard.length === 0) return
    EDGES.forEach(([from, to], band) => {
      const softest = min(...heard.map((spectrum) => power(spectrum, from, to)))
      this.#quiet[band] = log(softest + 1e-12)
    })
  }

  of(heard: Spectrum, expected: Spectrum): Measured {
    const quarters = new Float64Array(QUARTERS)
    let total = 0
    EDGES.forEach(([from, to], band) => {
      const left = power(heard, from, to, expected)
      total += left
      const quiet = exp(this.#quiet[band]!) + LEFT * power(expected, from, to) + 1e-12
      const above = 10 * log10((left + 1e-12) / quiet)
      const quarter = floor((band * QUARTERS) / BANDS)
      quarters[quarter] = quarters[quarter]! + min(FULL_DB, max(0, above))
      const level = log(left + 1e-12)
      const pace = (level > this.#quiet[band]! ? RISE : FALL) / FRAMES_PER_SECOND
      this.#quiet[band] = this.#quiet[band]! + pace * (level - this.#quiet[band]!)
    })
    if (10 * log10(total / (WINDOW * WINDOW * 0.25) + 1e-12) < SILENCE_DB)
      return { all: 0, ending: 0 }
    const all = quarters.reduce((sum, one) => sum + one, 0) / BANDS
    const best = (max(...quarters) * QUARTERS) / BANDS
    return { all, ending: max(all, QUARTER * best) }
  }
}

/** Power of the bins of a band, or of what is left of it without `less`. */
function power(spectrum: Spectrum, from: number, to: number, less?: Spectrum): number {
  let sum = 0
  for (let k = 2 * from; k < 2 * to; k++) sum += (spectrum[k]! - (less ? less[k]! : 0)) ** 2
  return sum
}

/** Where somebody spoke, from how far each frame stands out. */
export function spansOfMeasures(measured: readonly Measured[]): readonly SpeechSpan[] {
  const spans: SpeechSpan[] = []
  let open: { start: number; end: number; strong: number } | null = null
  let lately = 0
  let rising = 0
  const close = (): void => {
    if (open && open.end - open.start >= LEAST_SECONDS && open.strong >= LEAST_FRAMES)
      spans.push({ start: open.start, end: open.end })
    open = null
  }
  measured.forEach(({ all, ending }, frame) => {
    const now = secondOfFrame(frame)
    if (ending < ENDS_DB) rising = frame + 1
    if (open) {
      lately = max(lately * exp(-1 / FRAMES_PER_SECOND), all)
      if (ending >= max(ENDS_DB, ENDS_SHARE * lately)) open.end = now
      if (all >= BEGINS_DB) open.strong++
      if (now - open.end > QUIET_SECONDS) close()
    } else if (all >= BEGINS_DB) {
      open = { start: secondOfFrame(rising), end: now, strong: 1 }
      lately = all
    }
  })
  close()
  return spans
}
