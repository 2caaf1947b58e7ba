import type { Onsets } from './onset.ts'
import { FRAMES_PER_SECOND } from './spectrum.ts'
import { autocorrelation, bpmOfFrames, framesOfBpm, smoothed } from './tempo.ts'

/** Beats a minute that dance music is counted in. */
export const SLOWEST_BPM = 55
export const FASTEST_BPM = 215

/**
 * One way to hear the beat: its length, the beats of a bar that go with it, and how much speaks for
 * it.
 */
export interface Hypothesis {
  readonly periodFrames: number
  readonly beatsPerBar: 2 | 3 | 4
  readonly score: number
}

/**
 * How strongly each curve repeats after a lag, over short stretches so that drift does not blur it.
 */
export interface Periodicity {
  readonly all: Float64Array
  readonly bass: Float64Array
  readonly treble: Float64Array
}

const STRETCH_SECONDS = 12
const LONGEST_SECONDS = 5

export function periodicityOf(onsets: Onsets): Periodicity {
  return {
    all: averaged(onsets.all, onsets.sounding),
    bass: averaged(onsets.bass, onsets.sounding),
    treble: averaged(onsets.treble, onsets.sounding),
  }
}

function averaged(curve: Float32Array, sounding: Uint8Array): Float64Array {
  const length = Math.round(STRETCH_SECONDS * FRAMES_PER_SECOND)
  const longest = Math.round(LONGEST_SECONDS * FRAMES_PER_SECOND)
  const smooth = smoothed(curve, 2)
  const sum = new Float64Array(longest + 1)
  let stretches = 0
  for (let start = 0; start === 0 || start + length <= smooth.length; start += length / 2) {
    const part = smooth.subarray(start, Math.min(smooth.length, start + length))
    let heard = 0
    for (let i = start; i < start + part.length; i++) heard += sounding[i]!
    if (heard < part.length * 0.6) continue
    const own = autocorrelation(part, longest)
    for (let lag = 0; lag <= longest; lag++) sum[lag]! += own[lag]!
    stretches++
  }
  if (stretches > 0) for (let lag = 0; lag <= longest; lag++) sum[lag]! /= stretches
  return sum
}

/** The best value near a lag: tempo is never exactly a whole number of frames. */
function near(curve: Float64Array, lag: number): number {
  const reach = Math.max(1, Math.round(lag * 0.025))
  let best = -1
  for (let at = Math.round(lag) - reach; at <= Math.round(lag) + reach; at++)
    if (at > 0 && at < curve.length) best = Math.max(best, curve[at]!)
  return best
}

/**
 * Weights of what speaks for a hypothesis. Set by hand on pieces of every metre; none is a
 * threshold.
 */
const WEIGHTS = {
  beat: 1,
  bassBeat: 0.5,
  bar: 0.8,
  bassBar: 0.8,
  offBeat: 0.35,
  bassOffBeat: 1.2,
  usual: 0.7,
  twoToTheBar: 0.25,
}
/** Middle and spread, in octaves, of the tempi that dances are counted in. */
const USUAL_BPM = 116
const USUAL_SPREAD = 0.62

/**
 * Every hypothesis worth following, best first. `range` in beats a minute is what the named dance
 * is usually danced at.
 */
export function hypotheses(
  periodicity: Periodicity,
  range: readonly [number, number] | null,
): Hypothesis[] {
  const found: Hypothesis[] = []
  for (const periodFrames of peaks(periodicity.all)) {
    for (const beatsPerBar of [2, 3, 4] as const)
      found.push({
        periodFrames,
        beatsPerBar,
        score: scoreOf(periodicity, periodFrames, beatsPerBar, range),
      })
  }
  return found.sort((a, b) => b.score - a.score)
}

/**
 * Local maxima of the periodicity between the slowest and the fastest beat, and half and double of
 * the strongest.
 */
function peaks(curve: Float64Array): number[] {
  const [from, to] = [framesOfBpm(FASTEST_BPM), framesOfBpm(SLOWEST_BPM)]
  const lags: number[] = []
  for (let lag = Math.ceil(from); lag <= to; lag++) {
    if (curve[lag]! > curve[lag - 1]! && curve[lag]! >= curve[lag + 1]! && curve[lag]! > -0.05)
      lags.push(refined(curve, lag))
  }
  const strongest = [...lags].sort((a, b) => near(curve, b) - near(curve, a)).slice(0, 6)
  const related = strongest
    .flatMap((lag) => [lag / 2, lag * 2, lag / 3, lag * 3, (lag * 2) / 3, lag * 1.5])
    .filter((lag) => lag >= from && lag <= to)
  return [...strongest, ...related].filter(
    (lag, i, all) => all.findIndex((other) => Math.abs(other / lag - 1) < 0.03) === i,
  )
}

/** Top of the parabola through a peak and its neighbours. */
function refined(curve: Float64Array, lag: number): number {
  const [a, b, c] = [curve[lag - 1]!, curve[lag]!, curve[lag + 1]!]
  const bend = a - 2 * b + c
  return bend === 0 ? lag : lag + (0.5 * (a - c)) / bend
}

function scoreOf(
  { all, bass }: Periodicity,
  period: number,
  beatsPerBar: number,
  range: readonly [number, number] | null,
): number {
  const beats = mean(Array.from({ length: beatsPerBar }, (_, k) => near(all, period * (k + 1))))
  const bassBeats = mean(
    Array.from({ length: beatsPerBar }, (_, k) => near(bass, period * (k + 1))),
  )
  const offBeats = mean(
    Array.from({ length: beatsPerBar }, (_, k) => near(all, period * (k + 0.5))),
  )
  const bassOffBeats = mean(
    Array.from({ length: beatsPerBar }, (_, k) => near(bass, period * (k + 0.5))),
  )
  const bar = near(all, period * beatsPerBar)
  const bassBar = near(bass, period * beatsPerBar)
  const heard =
    WEIGHTS.beat * beats +
    WEIGHTS.bassBeat * bassBeats +
    WEIGHTS.bar * bar +
    WEIGHTS.bassBar * bassBar
  const against =
    WEIGHTS.offBeat * offBeats +
    WEIGHTS.bassOffBeat * bassOffBeats +
    (beatsPerBar === 2 ? WEIGHTS.twoToTheBar : 0)
  return heard - against + WEIGHTS.usual * usual(bpmOfFrames(period), range)
}

/**
 * How usual a tempo is, as a log likelihood: a bell over octaves, or within the dance's own range.
 */
function usual(bpm: number, range: readonly [number, number] | null): number {
  if (range) {
    const outside = Math.max(0, Math.log2(range[0] / bpm), Math.log2(bpm / range[1]))
    return -0.5 * (outside / 0.1) ** 2
  }
  return -0.5 * (Math.log2(bpm / USUAL_BPM) / USUAL_SPREAD) ** 2
}

const mean = (values: readonly number[]): number =>
  values.reduce((sum, value) => sum + value, 0) / Math.max(1, values.length)
