/**
 * How well found beats agree with true ones, in the usual measures of the field (Davies, Degara and
 * Plumbley 2009). The first five seconds are left out.
 */
export interface BeatScore {
  /** Share of matches within 70 ms, precision and recall balanced. */
  readonly f: number
  /** Share of beats right in phase and period at the written level. */
  readonly cmlt: number
  /** The same, off-beat, half and double allowed. */
  readonly amlt: number
}

const SKIP_SECONDS = 5
const WINDOW_SECONDS = 0.07
const TOLERANCE = 0.175

const late = (times: readonly number[]): number[] =>
  times.filter((time) => time >= SKIP_SECONDS).sort((a, b) => a - b)

/** F-measure of two sets of moments, each matched once. */
export function fMeasure(truth: readonly number[], found: readonly number[]): number {
  const a = late(truth)
  const b = late(found)
  let matched = 0
  for (let i = 0, j = 0; i < a.length && j < b.length;) {
    const gap = b[j]! - a[i]!
    if (Math.abs(gap) <= WINDOW_SECONDS) {
      matched++
      i++
      j++
    } else if (gap > 0) i++
    else j++
  }
  return a.length + b.length === 0 ? 0 : (2 * matched) / (a.length + b.length)
}

/**
 * Share of found beats that lie near a true one and as far from the beat before as the true one
 * does.
 */
function continuous(truth: readonly number[], found: readonly number[]): number {
  if (truth.length < 2 || found.length < 2) return 0
  const used = new Set<number>()
  let right = 0
  found.forEach((beat, m) => {
    const k = nearest(truth, beat)
    if (used.has(k)) return
    const forward = m === 0 || k === 0
    const step = forward ? truth[k + 1]! - truth[k]! : truth[k]! - truth[k - 1]!
    const own = forward ? (found[m + 1] ?? NaN) - beat : beat - found[m - 1]!
    if (Math.abs(beat - truth[k]!) / step < TOLERANCE && Math.abs(1 - own / step) < TOLERANCE) {
      used.add(k)
      right++
    }
  })
  return right / Math.max(truth.length, found.length)
}

function nearest(sorted: readonly number[], value: number): number {
  let best = 0
  for (let i = 1; i < sorted.length; i++)
    if (Math.abs(sorted[i]! - value) <= Math.abs(sorted[best]! - value)) best = i
  return best
}

export function scoreBeats(truth: readonly number[], found: readonly number[]): BeatScore {
  const a = late(truth)
  const b = late(found)
  const doubled = a.flatMap((beat, i) =>
    i + 1 < a.length ? [beat, (beat + a[i + 1]!) / 2] : [beat],
  )
  const every = (list: readonly number[], first: number): number[] =>
    list.filter((_, i) => i % 2 === first)
  const levels = [a, every(doubled, 1), doubled, every(a, 0), every(a, 1)]
  return {
    f: fMeasure(truth, found),
    cmlt: continuous(a, b),
    amlt: Math.max(...levels.map((level) => continuous(level, b))),
  }
}

/**
 * F-measure of the downbeats, where every second one of bars of two may be left out: two such bars
 * heard as one of four start dancers right.
 *
 * @param beatsPerBar Of the true bars, 2 to 6.
 */
export function lenientDownbeats(
  truth: readonly number[],
  beatsPerBar: number,
  found: readonly number[],
): number {
  const every = [0, 1].map((first) => truth.filter((_, i) => i % 2 === first))
  const ways = beatsPerBar === 2 ? [truth, ...every] : [truth]
  return Math.max(...ways.map((way) => fMeasure(way, found)))
}
