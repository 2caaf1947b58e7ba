/**
 * How one instrument sounds: partials, and an envelope in seconds. Times are exact; the attack
 * never moves the beat.
 */
export interface Instrument {
  /** Amplitudes of the first partials. */
  readonly partials: readonly number[]
  readonly attackSeconds: number
  /** Seconds in which a held sound falls to a third. */
  readonly decaySeconds: number
  readonly releaseSeconds: number
  /** Depth of vibrato in cents, 0 for none. */
  readonly vibratoCents: number
  readonly gain: number
}

export const LEAD: Instrument = {
  partials: [1, 0.4, 0.2, 0.08, 0.03],
  attackSeconds: 0.018,
  decaySeconds: 1.6,
  releaseSeconds: 0.09,
  vibratoCents: 7,
  gain: 0.2,
}
/** The second pipe, softer than the tune it doubles. */
export const SECOND: Instrument = { ...LEAD, gain: 0.09 }
export const BASS: Instrument = {
  partials: [1, 0.35, 0.12],
  attackSeconds: 0.012,
  decaySeconds: 0.45,
  releaseSeconds: 0.08,
  vibratoCents: 0,
  gain: 0.26,
}
export const CHORDS: Instrument = {
  partials: [1, 0.3, 0.16, 0.05],
  attackSeconds: 0.01,
  decaySeconds: 0.22,
  releaseSeconds: 0.06,
  vibratoCents: 0,
  gain: 0.075,
}

const TABLE_SIZE = 2048
/** Samples between two settings of the vibrato: far finer than its 5 Hz. */
const WOBBLE_EVERY = 64
const tables = new WeakMap<Instrument, Float32Array>()

/** One cycle of the instrument's wave, with one sample more for interpolation. */
function wave(instrument: Instrument): Float32Array {
  const known = tables.get(instrument)
  if (known) return known
  const table = new Float32Array(TABLE_SIZE + 1)
  const total = instrument.partials.reduce((sum, one) => sum + one, 0)
  for (let i = 0; i <= TABLE_SIZE; i++) {
    instrument.partials.forEach((amplitude, k) => {
      table[i]! += (amplitude / total) * Math.sin((2 * Math.PI * (k + 1) * i) / TABLE_SIZE)
    })
  }
  tables.set(instrument, table)
  return table
}

/** Adds one note to the mix. `midi` 60 = middle C; times in seconds from the first sample. */
export function addNote(
  mix: Float32Array,
  sampleRate: number,
  instrument: Instrument,
  midi: number,
  atSeconds: number,
  lengthSeconds: number,
): void {
  const table = wave(instrument)
  const first = Math.max(0, Math.round(atSeconds * sampleRate))
  const held = Math.round(lengthSeconds * sampleRate)
  const release = Math.round(instrument.releaseSeconds * sampleRate)
  const last = Math.min(mix.length, first + held + release)
  const step = (440 * 2 ** ((midi - 69) / 12) * TABLE_SIZE) / sampleRate
  const fall = Math.exp(-Math.log(3) / (instrument.decaySeconds * sampleRate))
  const attack = instrument.attackSeconds * sampleRate
  const wobble = instrument.vibratoCents * (Math.LN2 / 1200)
  const wobbleStep = (2 * Math.PI * 5.2) / sampleRate
  let phase = 0
  let decay = instrument.gain
  let bent = step
  for (let i = first; i < last; i++) {
    const n = i - first
    const swell = n < attack ? n / attack : 1
    const fade = n < held ? 1 : 1 - (n - held) / release
    const index = phase | 0
    const a = table[index]!
    mix[i]! += swell * fade * decay * (a + (table[index + 1]! - a) * (phase - index))
    decay *= fall
    if (wobble !== 0 && n % WOBBLE_EVERY === 0)
      bent = step * (1 + wobble * Math.sin(n * wobbleStep))
    phase += bent
    if (phase >= TABLE_SIZE) phase -= TABLE_SIZE
  }
}

/**
 * Comb lengths and feedback of a small hall, after Schroeder (1962): four combs and two all-passes
 * in a row.
 */
const COMBS = [0.0297, 0.0371, 0.0411, 0.0437]
const ALL_PASSES = [0.005, 0.0017]

/** Adds a little of a hall. `wet` is the share of reverberation, 0..1. */
export function addHall(mix: Float32Array, sampleRate: number, wet: number): void {
  const wash = new Float32Array(mix.length)
  for (const seconds of COMBS) comb(mix, wash, Math.round(seconds * sampleRate), 0.72)
  for (const seconds of ALL_PASSES) allPass(wash, Math.round(seconds * sampleRate), 0.6)
  for (let i = 0; i < mix.length; i++) mix[i]! += (wet / COMBS.length) * wash[i]!
}

function comb(from: Float32Array, to: Float32Array, delay: number, feedback: number): void {
  const line = new Float32Array(delay)
  let low = 0
  for (let i = 0, k = 0; i < from.length; i++) {
    const out = line[k]!
    low += 0.35 * (out - low)
    line[k] = from[i]! + feedback * low
    to[i]! += out
    if (++k === delay) k = 0
  }
}

function allPass(wash: Float32Array, delay: number, gain: number): void {
  const line = new Float32Array(delay)
  for (let i = 0, k = 0; i < wash.length; i++) {
    const stored = line[k]!
    const out = stored - gain * wash[i]!
    line[k] = wash[i]! + gain * out
    wash[i] = out
    if (++k === delay) k = 0
  }
}

/** Scales the mix so that its loudest sample is at `peak`. Silence stays silence. */
export function normalise(mix: Float32Array, peak: number): void {
  const loudest = loudestOf(mix, 0, mix.length)
  if (loudest === 0) return
  const gain = peak / loudest
  for (let i = 0; i < mix.length; i++) mix[i]! *= gain
}

/** The loudest absolute sample of a stretch. */
export function loudestOf(samples: Float32Array, from: number, to: number): number {
  let loudest = 0
  for (let i = from; i < to; i++) {
    const sample = samples[i]!
    if (sample > loudest) loudest = sample
    else if (-sample > loudest) loudest = -sample
  }
  return loudest
}
