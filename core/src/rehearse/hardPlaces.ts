import { soundOf, soundsLike } from '../cue/index.ts'
import type { DancedSlot } from '../routine/index.ts'
import type { Sheet } from '../sheet/index.ts'

export const HARD_REASONS = ['marked', 'look-alike', 'changed', 'touch'] as const
/**
 * Why a figure goes wrong easily: the teacher marked it; one that sounds like it was danced lately;
 * this time through differs; the foot is kept by a touch.
 */
export type HardReason = (typeof HARD_REASONS)[number]
export interface HardPlace {
  readonly slot: DancedSlot
  readonly reasons: readonly HardReason[]
  /** For a look-alike: what it is mistaken for. */
  readonly like: string | null
}

/** A look-alike is remembered over so many figures. */
const LATELY = 6

/** Where a dance goes wrong easily, in its order: what is worth saying beforehand in practice. */
export function hardPlaces({ timeline, routine }: Sheet): readonly HardPlace[] {
  const marked = new Set(
    routine.parts.flatMap(({ slots }) => slots.filter(({ hard }) => hard).map(({ id }) => id)),
  )
  const { slots } = timeline
  return slots.flatMap((slot, i) => {
    const like = lookAlike(slots, i)
    const before = slots[i - 1]
    const reasons: HardReason[] = [
      ...(marked.has(slot.slot.id) || slot.slot.hard ? (['marked'] as const) : []),
      ...(like ? (['look-alike'] as const) : []),
      ...(slot.changed ? (['changed'] as const) : []),
      ...(before && keptByTouch(before) ? (['touch'] as const) : []),
    ]
    return reasons.length === 0 ? [] : [{ slot, reasons, like }]
  })
}

/** A figure of another name that sounds like this one and was danced lately. */
function lookAlike(slots: readonly DancedSlot[], index: number): string | null {
  const { figure } = slots[index]!
  if (!figure) return null
  const sound = soundOf(figure.name)
  for (const { figure: other } of slots.slice(Math.max(0, index - LATELY), index))
    if (other && other.id !== figure.id && soundsLike(soundOf(other.name), sound)) return other.name
  return null
}

/** The last thing danced is a touch: the foot that was free stays free. */
function keptByTouch({ danced }: DancedSlot): boolean {
  const last = danced?.steps.lead.at(-1)
  return last !== undefined && last.weight === 'none'
}
