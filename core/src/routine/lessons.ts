import type { CoupleState } from '../figure/index.ts'
import type { Part, Routine } from './routine.ts'
import type { DancedPass, Timeline } from './timeline.ts'

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
}

/**
 * A routine by the lessons its parts are marked with, in order; empty where none is. Each part
 * starts as the last one ended.
 */
export function lessonsOf(routine: Routine, timeline: Timeline): Lesson[] {
  const lessons = [...new Set(routine.parts.flatMap(({ lesson }) => lesson ?? []))].sort(
    (a, b) => a - b,
  )
  const taughtIn = new Map(routine.parts.map(({ id, lesson }) => [id, lesson ?? 0]))
  return lessons.map((lesson) => {
    const parts = routine.parts.filter((part) => part.lesson === lesson)
    const first = timeline.passes.find(({ part }) => part.lesson === lesson)
    return {
      lesson,
      parts,
      passes: timeline.passes.filter(({ part }) => taughtIn.get(part.id)! <= lesson),
      startsIn: first?.slots[0]?.before ?? null,
    }
  })
}
