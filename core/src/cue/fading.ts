import type { WordingKind } from '../figure/index.ts'
import type { Group } from '../group/index.ts'
import type { DancedPass, Timeline } from '../routine/index.ts'
import type { School } from '../school/index.ts'

/**
 * How well the group knows the routine before it begins, in times through it: 0 for new to all,
 * less for who has just begun to dance.
 */
export type Known = number

/**
 * Times through by which a group is ahead of others, or behind: who is only beginning is told once
 * more in full.
 */
const PACE: Readonly<Record<Group['level'], number>> = {
  first: -1,
  easy: 0,
  improver: 0,
  steady: 0,
  advanced: 1,
}

/**
 * How well a group knows a routine that it has danced so often: its level sets the pace at which
 * words may fade.
 *
 * @param times How often it was danced, 0 or more.
 */
export const knownBy = (group: Group | null, times: number): Known =>
  times + (group ? PACE[group.level] : 0)

/**
 * The wording wanted for every danced slot, by its key. It follows from the structure alone, never
 * from what was said: a part is full at first, then short, then prompted; after a break it is new
 * again; what differs in one pass is always in full, and so is a pass danced the other way from the
 * one before. Empty for a school that never fades.
 *
 * @param phraseTicks Length of a phrase in ticks, above 0.
 */
export function wantedWordings(
  timeline: Timeline,
  { fading }: School,
  known: Known,
  phraseTicks: number,
): ReadonlyMap<string, WordingKind> {
  const wanted = new Map<string, WordingKind>()
  if (!fading) return wanted
  const last = new Map<string, { readonly pass: DancedPass; readonly times: number }>()
  for (const pass of timeline.passes) {
    const before = last.get(pass.part.id)
    const rested =
      before !== undefined && pass.start - before.pass.end > fading.newAfterPhrases * phraseTicks
    const other = before !== undefined && before.pass.pass.reflected !== pass.pass.reflected
    const times = before === undefined ? known : rested || other ? 0 : before.times + 1
    last.set(pass.part.id, { pass, times })
    const kind: WordingKind =
      times < fading.fullTimes
        ? 'full'
        : times < fading.fullTimes + fading.shortTimes
          ? 'short'
          : 'keyWord'
    for (const slot of pass.slots) wanted.set(slot.key, slot.changed ? 'full' : kind)
  }
  return wanted
}
