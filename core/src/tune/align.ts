/** What sounds on a beat, by pitch class from C up; any scale. */
export type BeatHarmony = ArrayLike<number>

/** Which beats of two recordings are the same music. */
export interface Alignment {
  /** Indices of beats, rising in both. */
  readonly pairs: readonly { readonly a: number; readonly b: number }[]
  /** Semitones, 0 to 11, that the second lies above the first. */
  readonly transposed: number
  /**
   * How far the shorter of the two is found again in the other, 0..1: the likeness of the pairs,
   * summed, for each of its beats. The same tune by the same band reaches nearly 1; tunes that
   * share no more than their chords stay below a third.
   */
  readonly agreement: number
}

/** From here on two recordings are taken to be the same music. */
export const SAME_MUSIC = 0.45

const CLASSES = 12
/** Leaving something out costs once, then hardly more: what bands leave out is whole phrases. */
const GAP = 1.6
const GAP_EACH = 0.02
/** Less alike than this and a pair is no gain. */
const ALIKE = 0.25

/**
 * Aligns two recordings beat by beat, in whatever key each is played: the alignment of most
 * likeness, where leaving a stretch out of either costs a fixed price (Gotoh 1982). O(a * b) for
 * each of twelve keys.
 */
export function alignBeats(a: readonly BeatHarmony[], b: readonly BeatHarmony[]): Alignment {
  const [evenA, evenB] = [evened(a), evened(b)]
  let best: (Alignment & { score: number }) | null = null
  for (let transposed = 0; transposed < CLASSES; transposed++) {
    const likeness = likenessOf(evenA, a.length, evenB, b.length, transposed)
    const { pairs, score } = cheapest(likeness, a.length, b.length)
    if (best && score <= best.score) continue
    const alike = pairs.reduce((sum, pair) => sum + likeness[pair.a * b.length + pair.b]!, 0)
    best = {
      pairs,
      transposed,
      agreement: Math.max(0, alike / Math.max(1, Math.min(a.length, b.length))),
      score,
    }
  }
  return { pairs: best!.pairs, transposed: best!.transposed, agreement: best!.agreement }
}

/** Rows of length 1 with the piece's mean taken off: what tells a beat from the others. */
function evened(list: readonly BeatHarmony[]): Float64Array {
  const rows = new Float64Array(list.length * CLASSES)
  const mean = new Float64Array(CLASSES)
  list.forEach((row, i) => {
    const size = Math.hypot(...Array.from(row)) || 1
    for (let k = 0; k < CLASSES; k++)
      mean[k]! += (rows[i * CLASSES + k] = row[k]! / size) / list.length
  })
  for (let i = 0; i < list.length; i++) {
    let size = 0
    for (let k = 0; k < CLASSES; k++) size += (rows[i * CLASSES + k]! -= mean[k]!) ** 2
    size = Math.sqrt(size) || 1
    for (let k = 0; k < CLASSES; k++) rows[i * CLASSES + k]! /= size
  }
  return rows
}

function likenessOf(
  a: Float64Array,
  rows: number,
  b: Float64Array,
  columns: number,
  transposed: number,
): Float32Array {
  const out = new Float32Array(rows * columns)
  for (let i = 0; i < rows; i++) {
    for (let j = 0; j < columns; j++) {
      let dot = 0
      for (let k = 0; k < CLASSES; k++)
        dot += a[i * CLASSES + k]! * b[j * CLASSES + ((k + transposed) % CLASSES)]!
      out[i * columns + j] = dot
    }
  }
  return out
}

/** What an entry came from: a pair, or something left out of the first or of the second. */
const PAIR = 0
const ONLY_A = 1
const ONLY_B = 2

function cheapest(
  likeness: Float32Array,
  rows: number,
  columns: number,
): { pairs: { a: number; b: number }[]; score: number } {
  const width = columns + 1
  const from = [PAIR, ONLY_A, ONLY_B].map(() => new Uint8Array((rows + 1) * width))
  // Only the row before is needed for the scores; where each came from is kept for all.
  let before = [PAIR, ONLY_A, ONLY_B].map((state) =>
    Float64Array.from({ length: width }, (_, j) =>
      j === 0 ? (state === PAIR ? 0 : -GAP) : state === ONLY_B ? -GAP - j * GAP_EACH : -Infinity,
    ),
  )
  for (let j = 1; j < width; j++) from[ONLY_B]![j] = ONLY_B
  for (let i = 1; i <= rows; i++) {
    const now = [PAIR, ONLY_A, ONLY_B].map((state) =>
      Float64Array.from({ length: width }, (_, j) =>
        j === 0 && state === ONLY_A ? -GAP - i * GAP_EACH : -Infinity,
      ),
    )
    from[ONLY_A]![i * width] = ONLY_A
    for (let j = 1; j < width; j++) {
      const at = i * width + j
      const paired = bestOf(before, j - 1)
      now[PAIR]![j] = before[paired]![j - 1]! + likeness[(i - 1) * columns + j - 1]! - ALIKE
      from[PAIR]![at] = paired
      const openA = bestOf(before, j, ONLY_A)
      now[ONLY_A]![j] = before[openA]![j]! - GAP_EACH - (openA === ONLY_A ? 0 : GAP)
      from[ONLY_A]![at] = openA
      const openB = bestOf(now, j - 1, ONLY_B)
      now[ONLY_B]![j] = now[openB]![j - 1]! - GAP_EACH - (openB === ONLY_B ? 0 : GAP)
      from[ONLY_B]![at] = openB
    }
    before = now
  }
  const pairs: { a: number; b: number }[] = []
  let state = bestOf(before, columns)
  const score = before[state]![columns]!
  for (let i = rows, j = columns; i > 0 || j > 0;) {
    const came = from[state]![i * width + j]!
    if (state === PAIR) pairs.push({ a: --i, b: --j })
    else if (state === ONLY_A) i--
    else j--
    state = i === 0 && j > 0 ? ONLY_B : j === 0 && i > 0 ? ONLY_A : came
  }
  return { pairs: pairs.reverse(), score }
}

/** The state of the highest score in a column; going on in `same` saves the price of a gap. */
function bestOf(
  scores: readonly Float64Array[],
  column: number,
  same: number | null = null,
): number {
  let best = PAIR
  let top = -Infinity
  for (let state = 0; state < scores.length; state++) {
    const value = scores[state]![column]! + (state === same ? GAP : 0)
    if (value > top) {
      top = value
      best = state
    }
  }
  return best
}
