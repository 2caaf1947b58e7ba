import type { CoupleState } from '../figure/index.ts'
import type { Part, Routine } from './routine.ts'
import type { DancedPass, Timeline } from './timeline.ts'
import type { Tick } from '../time/index.ts'

/** One lesson of a routine that is taught in instalments. */
export interface Lesson {
  readonly lesson: number
  readonly parts: readonly Part[]
  /** The passes danced when it is taught: all whose parts have been taught by then. */
  readonly passes: readonly DancedPass[]
  /**
   * How the floor stands where its first new part begins, as the part before left it; null where it
   * is not danced.
   */
  readonly startsIn: CoupleState | null
  /** Where that is; null where it is not danced. */
  readonly start: Tick | null
}

/** The lessons that the parts of a routine are marked with, in order, each with its parts. */
export const lessonsMarked = ({ parts }: Routine): readonly Pick<Lesson, 'lesson' | 'parts'>[] =>
  [...new Set(parts.flatMap(({ lesson }) => lesson ?? []))]
    .sort((a, b) => a - b)
    .map((lesson) => ({ lesson, parts: parts.filter((part) => part.lesson === lesson) }))

/**
 * A routine by the lessons its parts are marked with, in order; empty where none is. Each part
 * starts as the last one ended.
 */
export function lessonsOf(routine: Routine, timeline: Timeline): Lesson[] {
  const taughtIn = new Map(routine.parts.map(({ id, lesson }) => [id, lesson ?? 0]))
  return lessonsMarked(routine).map(({ lesson, parts }) => {
    const first = timeline.passes.find(({ part }) => part.lesson === lesson)
    return {
      lesson,
      parts,
      passes: timeline.passes.filter(({ part }) => taughtIn.get(part.id)! <= lesson),
      startsIn: first?.slots[0]?.before ?? null,
      start: first?.start ?? null,
    }
  })
}
