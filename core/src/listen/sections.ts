import { CLASSES, type Chroma } from './chroma.ts'

/**
 * A phrase as it was heard: where it begins among the bars, how many it has, and a letter that
 * equal music shares.
 */
export interface HeardSection {
  readonly label: string
  readonly firstBar: number
  readonly bars: number
  /**
   * 0..1: how surely it is the same music as the others of its letter or, where there are none,
   * other music than the rest.
   */
  readonly confidence: number
}

/** Bars of a usual phrase; dance music is built of these. */
const PHRASE_BARS = 8
/**
 * Lengths of what stands between phrases: links, half phrases, tags. The first and the last may
 * have any.
 */
const ODD_BARS = [2, 4, 6, 12]
/** Parts of a bar that are compared each on its own. */
const SLICES = 4
/** How alike two phrases must be to share a letter, between any two bars (0) and equal ones (1). */
const SAME = 0.7
/**
 * What a bar that comes again costs, and how much more the less it is alike, as shares of a new
 * one.
 */
const AGAIN_SHARE = 0.2
const UNLIKE_SHARE = 2
/** What it costs to begin a phrase, and how much more one of an unusual length; in bars. */
const PHRASE_COST = 1
const ODD_COST = 3.2
const FIRST_COST = 1.5
const LAST_COST = 1
/** Bars of a long recording that tell how alike any two are. */
const MOST_COMPARED = 200
/** Ways to divide the tune that are followed at once. */
const FOLLOWED = 60

interface Division {
  readonly starts: readonly number[]
  /** For each phrase, the earlier one that it repeats, or itself. */
  readonly sameAs: readonly number[]
  readonly end: number
  readonly cost: number
}

/**
 * Divides the bars into phrases so that the tune is told in the fewest words: a phrase that was
 * there before is cheap, a new one costs its bars, and one that is not eight bars long has to earn
 * it. So an introduction of four bars, or a link of two, moves the phrases after it. Phrases of the
 * same harmony and melody, slice by slice, get the same letter. `downbeats` in frames.
 */
export function sectionsOf(chroma: Chroma, downbeats: readonly number[]): HeardSection[] {
  const bars = downbeats.map((_, i) =>
    barHarmony(
      chroma,
      downbeats[i]!,
      downbeats[i + 1] ?? Math.min(chroma.frames, 2 * downbeats[i]! - (downbeats[i - 1] ?? 0)),
    ),
  )
  return divided(likenessOf(bars), bars.length)
}

/**
 * The same from how alike any two of `count` bars are, 0 for as alike as any two and 1 for equal.
 */
export function divided(alike: (a: number, b: number) => number, count: number): HeardSection[] {
  const diagonal = runningSums(alike, count)
  let open: Division[] = [{ starts: [], sameAs: [], end: 0, cost: 0 }]
  let best: Division | null = null
  for (let end = 0; end < count; end++) {
    const here = open
      .filter((one) => one.end === end)
      .sort((a, b) => a.cost - b.cost)
      .slice(0, FOLLOWED)
    open = open.filter((one) => one.end !== end)
    for (const one of here) {
      for (const bars of lengthsAt(end, count)) {
        const next = extended(one, bars, count, diagonal)
        if (next.end < count) open.push(next)
        else if (!best || next.cost < best.cost) best = next
      }
    }
  }
  return best ? lettered(best, diagonal) : []
}

const lengthsAt = (start: number, count: number): number[] => {
  const left = count - start
  const usual = start === 0 ? [PHRASE_BARS, 1, 2, 3, 4, 5, 6, 7] : [PHRASE_BARS, ...ODD_BARS]
  return [
    ...new Set([...usual.filter((bars) => bars <= left), ...(left <= PHRASE_BARS ? [left] : [])]),
  ]
}

function extended(
  { starts, sameAs, end, cost }: Division,
  bars: number,
  count: number,
  diagonal: (a: number, b: number, length: number) => number,
): Division {
  let same = starts.length
  let most = SAME
  for (let i = 0; i < starts.length; i++) {
    const length = (starts[i + 1] ?? end) - starts[i]!
    // The last phrase may break off before its end.
    if (sameAs[i] !== i || length < bars || (length > bars && end + bars < count)) continue
    const likeness = diagonal(starts[i]!, end, bars)
    if (likeness > most) [same, most] = [i, likeness]
  }
  const isNew = same === starts.length
  const oddCost = end + bars === count ? LAST_COST : starts.length === 0 ? FIRST_COST : ODD_COST
  const odd = bars === PHRASE_BARS ? 0 : oddCost
  const telling = isNew
    ? bars
    : bars * Math.min(1, AGAIN_SHARE + UNLIKE_SHARE * Math.max(0, 1 - most))
  return {
    starts: [...starts, end],
    sameAs: [...sameAs, same],
    end: end + bars,
    cost: cost + PHRASE_COST + odd + telling,
  }
}

function lettered(
  { starts, sameAs, end }: Division,
  diagonal: (a: number, b: number, length: number) => number,
): HeardSection[] {
  const kinds = sameAs.filter((same, i) => same === i)
  const barsOf = (i: number): number => (starts[i + 1] ?? end) - starts[i]!
  const likeness = (i: number, j: number): number =>
    Math.min(1, Math.max(0, diagonal(starts[i]!, starts[j]!, Math.min(barsOf(i), barsOf(j)))))
  const confidence = (i: number): number => {
    const others = starts.map((_, j) => j).filter((j) => j !== i)
    const same = others.filter((j) => sameAs[j] === sameAs[i])
    return same.length > 0
      ? Math.max(...same.map((j) => likeness(i, j)))
      : 1 - Math.max(0, ...others.filter((j) => barsOf(j) >= barsOf(i)).map((j) => likeness(i, j)))
  }
  return starts.map((firstBar, i) => ({
    label: letter(kinds.indexOf(sameAs[i]!)),
    firstBar,
    bars: barsOf(i),
    confidence: confidence(i),
  }))
}

const letter = (n: number): string =>
  n < 26 ? String.fromCharCode(65 + n) : `${letter(Math.floor(n / 26) - 1)}${letter(n % 26)}`

/** What sounds in each slice of a bar, by pitch class, each slice of length 1. */
function barHarmony({ classes, frames }: Chroma, from: number, to: number): Float64Array {
  const sum = new Float64Array(SLICES * CLASSES)
  for (
    let frame = Math.max(0, Math.round(from));
    frame < Math.min(frames, Math.round(to));
    frame++
  ) {
    const slice = Math.min(SLICES - 1, Math.floor((SLICES * (frame - from)) / (to - from)))
    for (let k = 0; k < CLASSES; k++) sum[slice * CLASSES + k]! += classes[frame * CLASSES + k]!
  }
  for (let slice = 0; slice < SLICES; slice++) {
    const part = sum.subarray(slice * CLASSES, (slice + 1) * CLASSES)
    const size = Math.hypot(...part) || 1
    for (let k = 0; k < CLASSES; k++) part[k]! /= size
  }
  return sum
}

/** How alike two bars are, measured from how alike any two bars of this tune are. */
function likenessOf(bars: readonly Float64Array[]): (a: number, b: number) => number {
  const raw = (a: number, b: number): number =>
    bars[a]!.reduce((sum, value, i) => sum + value * bars[b]![i]!, 0) / SLICES
  const some = bars.map((_, i) => i).filter((i) => i % Math.ceil(bars.length / MOST_COMPARED) === 0)
  const all = some.flatMap((a, i) => some.slice(i + 1).map((b) => raw(a, b))).sort((x, y) => x - y)
  const usual = all[Math.floor(all.length / 2)] ?? 0
  return (a, b) => (raw(a, b) - usual) / Math.max(1e-6, 1 - usual)
}

/** Mean likeness of two runs of bars, from sums along the diagonals. */
function runningSums(
  alike: (a: number, b: number) => number,
  count: number,
): (a: number, b: number, length: number) => number {
  const sums = new Float64Array((count + 1) * (count + 1))
  for (let a = count - 1; a >= 0; a--)
    for (let b = count - 1; b >= 0; b--)
      sums[a * (count + 1) + b] = alike(a, b) + sums[(a + 1) * (count + 1) + b + 1]!
  return (a, b, length) =>
    (sums[a * (count + 1) + b]! - sums[(a + length) * (count + 1) + b + length]!) / length
}
