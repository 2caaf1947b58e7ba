import type { Figure } from './figure.ts'
import { holdOf } from './hold.ts'
import type { Step } from './step.ts'
import { netTurn } from './turnAmount.ts'

/** How a couple comes face to face from side by side: the follow in front of the lead. */
export const PICK_UP = 'pick up'

type Tracks = readonly (readonly Step[])[]
const QUARTER = 2
const FACE_TO_FACE = 4

/** Holds side by side into which the follow turns alone, beside the lead who stays. */
const FOLLOW_TURNS: ReadonlySet<string> = new Set([
  'wrap',
  'left wrap',
  'cuddle',
  'left cuddle',
  'shadow',
  'left shadow',
  'skaters',
  'left skaters',
  'varsouvienne',
  'left varsouvienne',
])
/** Holds side by side that open to the lead’s other side. */
const OTHER_SIDE = /^(?:left|reverse) /

/**
 * The steps of lead and follow with the last turned as the hold asks that they are to end in, where
 * they would end otherwise: from face to face each opens a quarter to the joined hands’ side, or the
 * follow turns in beside the lead; from side by side each turns a quarter to the partner. The same
 * where they end as it asks, or where it is not known how they end.
 */
export function turnedInto(
  figure: Figure,
  tracks: Tracks,
  from: string | null,
  to: string,
): Tracks {
  const ends = endRelation(figure, tracks)
  const wanted = holdOf(to)?.relation ?? null
  if (ends === null || wanted === null || ends === wanted) return tracks
  if (wanted === 0 && ends === FACE_TO_FACE) {
    const side = OTHER_SIDE.test(to) ? -1 : 1
    return FOLLOW_TURNS.has(to)
      ? lastTurned(tracks, 0, -2 * QUARTER * side)
      : lastTurned(tracks, -QUARTER * side, QUARTER * side)
  }
  if (wanted === FACE_TO_FACE && ends === 0) {
    const side = OTHER_SIDE.test(from ?? '') ? -1 : 1
    return lastTurned(tracks, QUARTER * side, -QUARTER * side)
  }
  return tracks
}

/** The follow turns in front of the lead, a half to the left; null where they face already. */
export const pickedUp = (figure: Figure, tracks: Tracks): Tracks | null =>
  endRelation(figure, tracks) === 0 ? lastTurned(tracks, 0, -2 * QUARTER) : null

/** How the two stand at the end, in eighths; null where that hangs on the hold it is begun in. */
function endRelation(figure: Figure, [lead = [], follow = []]: Tracks): number | null {
  const begun = new Set(figure.entry.holds.map((id) => holdOf(id)?.relation ?? null))
  const [relation] = begun
  if (figure.dancers !== 'couple' || begun.size !== 1 || relation == null) return null
  return (((relation + netTurn(follow) - netTurn(lead)) % 8) + 8) % 8
}

const lastTurned = (
  [lead = [], follow = [], ...others]: Tracks,
  by: number,
  and: number,
): Tracks => [turnedLast(lead, by), turnedLast(follow, and), ...others]
function turnedLast(steps: readonly Step[], eighths: number): readonly Step[] {
  const last = steps.findLastIndex(
    ({ layer, weight, foot }) => layer === 'feet' && foot !== null && weight !== 'none',
  )
  if (eighths === 0 || last < 0) return steps
  return steps.map((step, i) => (i === last ? { ...step, turn: step.turn + eighths } : step))
}
