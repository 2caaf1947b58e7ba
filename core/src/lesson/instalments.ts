import type { CoupleState, FigureBook } from '../figure/index.ts'
import { lessonsMarked, lessonsOf, NO_MUSIC, unfold, type Routine } from '../routine/index.ts'
import { TICKS_PER_BEAT } from '../time/index.ts'
import type { Series, SeriesLesson, Topic } from './series.ts'

/** A dance that is taught part by part, as far as one topic of a series takes it. */
export interface Instalment {
  /** Which of the dance's lessons it is, and of how many. */
  readonly lesson: number
  readonly lessons: number
  /** Labels of its parts. */
  readonly parts: readonly string[]
  /** How the floor stands where it begins, as the part before left it; null where it is not danced. */
  readonly startsIn: CoupleState | null
  /** The count of the dance on which it begins, from 1; null where it is not danced. */
  readonly count: number | null
  /** Labels of what is danced once it is taught, in order: after the last, the whole dance. */
  readonly danced: readonly string[]
}

/**
 * The instalments among the topics of a series, by the ids of their topics: the end of one is the
 * start of the next.
 */
export function instalmentsOf(
  { lessons }: Series,
  sheets: ReadonlyMap<string, Routine>,
  book: FigureBook,
): ReadonlyMap<string, Instalment> {
  const bySheet = new Map<string, ReadonlyMap<number, Instalment>>()
  const found = new Map<string, Instalment>()
  for (const { topics } of lessons)
    for (const { id, kind, sheetId, lesson } of topics) {
      const routine = sheetId === undefined ? undefined : sheets.get(sheetId)
      if (kind !== 'part' || lesson === undefined || !routine) continue
      const known = bySheet.get(routine.id) ?? taughtBy(routine, book)
      bySheet.set(routine.id, known)
      const one = known.get(lesson)
      if (one) found.set(id, one)
    }
  return found
}

function taughtBy(routine: Routine, book: FigureBook): ReadonlyMap<number, Instalment> {
  const lessons = lessonsOf(routine, unfold(routine, book, { music: NO_MUSIC }))
  return new Map(
    lessons.map(({ lesson, parts, passes, startsIn, start }) => [
      lesson,
      {
        lesson,
        lessons: lessons.length,
        parts: parts.map(({ label }) => label),
        startsIn,
        count: start === null ? null : start / TICKS_PER_BEAT + 1,
        danced: passes.map(({ part }) => part.label),
      },
    ]),
  )
}

const WEEK_MS = 7 * 24 * 3600_000
/** A week later, as long, with nothing to teach yet. */
export const weekAfter = (
  { id: _, topics: __, ...last }: SeriesLesson,
  id: string,
): SeriesLesson => ({
  ...last,
  id,
  date: new Date(Date.parse(`${last.date}T12:00:00Z`) + WEEK_MS).toISOString().slice(0, 10),
  topics: [],
})

/**
 * Teaches a dance in instalments: its first lesson in the week that has it, each other one a week on,
 * first of what is taught then. Weeks that are missing are added.
 *
 * @param newId Makes an id that is in no use.
 * @returns The series as it was where the dance marks fewer than two lessons.
 */
export function spreadOverWeeks(
  series: Series,
  topicId: string,
  routine: Routine,
  newId: () => string,
): Series {
  const marked = lessonsMarked(routine)
  const at = series.lessons.findIndex(({ topics }) => topics.some(({ id }) => id === topicId))
  const topic = series.lessons[at]?.topics.find(({ id }) => id === topicId)
  if (!topic || marked.length < 2) return series
  const lessons = [...series.lessons]
  while (lessons.length < at + marked.length) lessons.push(weekAfter(lessons.at(-1)!, newId()))
  const instalment = (n: number, id: string): Topic => ({
    ...topic,
    id,
    kind: 'part',
    lesson: marked[n]!.lesson,
  })
  return {
    ...series,
    lessons: lessons.map((lesson, week) => {
      const n = week - at
      if (n < 0 || n >= marked.length) return lesson
      const topics =
        n === 0
          ? lesson.topics.map((one) => (one.id === topicId ? instalment(0, topicId) : one))
          : [instalment(n, newId()), ...lesson.topics]
      return { ...lesson, topics }
    }),
  }
}
