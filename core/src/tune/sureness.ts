import type { HeardChoices, Recording } from './tune.ts'

/** Music that sounds for longer than this before its first beat is an introduction without a beat. */
const INTRODUCTION_SECONDS = 3

/**
 * How surely the beats of a stretch are right, 0..1, as they were heard; null where nobody knows.
 *
 * @param from First second of the recording that counts.
 * @param to The second that no longer does.
 */
export function surenessBetween(
  heard: Pick<HeardChoices, 'sure'> | null,
  from: number,
  to: number,
): number | null {
  const inside = (heard?.sure ?? []).filter(([at]) => at >= from - 0.05 && at < to - 0.05)
  return inside.length === 0
    ? null
    : inside.reduce((sum, [, sure]) => sum + sure, 0) / inside.length
}

/**
 * The second at which the beat begins, where music without a beat sounds before it; null where the
 * beat begins with the music.
 */
export function beatBeginsAt({ beatMap, heard }: Recording): number | null {
  const first = beatMap.segments[0]?.anchors[0]?.seconds
  if (first === undefined || !heard) return null
  return first - heard.soundsFrom >= INTRODUCTION_SECONDS ? first : null
}
