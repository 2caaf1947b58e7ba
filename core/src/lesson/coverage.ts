import type { FigureBook } from '../figure/index.ts'
import type { Logbook } from '../logbook/index.ts'
import type { Series } from './series.ts'

/** What a week did for a figure. */
export type Covered = 'taught' | 'repeated' | 'danced' | null
/** A figure over the weeks of a series. */
export interface CoverageRow {
  readonly figureId: string
  /** By week, as the lessons stand. */
  readonly weeks: readonly Covered[]
  readonly lastMs: number | null
  /** Taught or danced before, but not for the weeks that are set. */
  readonly due: boolean
  /** Danced so often by the group since it was first taught. */
  readonly times: number
}

const DAY_MS = 24 * 3600_000
const WEEK_MS = 7 * DAY_MS
const msOf = (date: string): number => Date.parse(`${date}T12:00:00Z`)

/**
 * Figures by weeks: taught the first time, repeated, or danced (by the logbook, on the day of a
 * lesson or until the next one). Nothing counts that nobody said or danced: a topic that was not
 * reached, or that lies ahead, does not.
 *
 * @param nowMs Today, in milliseconds.
 */
export function coverage(
  series: Series,
  book: FigureBook,
  logbook: Logbook,
  nowMs: number,
): readonly CoverageRow[] {
  const lessons = [...series.lessons].sort((a, b) => a.date.localeCompare(b.date))
  const figures = new Set<string>()
  const taughtIn = lessons.map(({ topics, date }) => {
    const isPast = msOf(date) <= nowMs + DAY_MS
    const own = topics.flatMap(({ figureId, became }) =>
      figureId !== undefined && became !== 'not-reached' && (isPast || became === 'taught')
        ? [figureId]
        : [],
    )
    for (const id of own) figures.add(id)
    return new Set(own)
  })
  const entries = series.groupId === undefined ? [] : logbook.ofGroup(series.groupId)
  const dancedIn = lessons.map(({ date }, i) => {
    const from = msOf(date) - DAY_MS / 2
    const to = lessons[i + 1] ? msOf(lessons[i + 1]!.date) - DAY_MS / 2 : from + WEEK_MS
    const own = entries.filter(({ atMs }) => atMs >= from && atMs < to)
    return new Set(own.flatMap((entry) => entry.figures.map(({ id }) => id)))
  })
  const danced = new Map(
    (series.groupId === undefined ? [] : logbook.danced(series.groupId)).map((one) => [
      one.id,
      one,
    ]),
  )
  return [...figures]
    .map((figureId): CoverageRow => {
      let seen = false
      let lastTaught: number | null = null
      const weeks = lessons.map(({ date }, i): Covered => {
        const isTaught = taughtIn[i]!.has(figureId)
        if (isTaught) lastTaught = msOf(date)
        const covered: Covered = isTaught
          ? seen
            ? 'repeated'
            : 'taught'
          : dancedIn[i]!.has(figureId)
            ? 'danced'
            : null
        seen ||= isTaught
        return covered
      })
      const one = danced.get(figureId)
      const lastMs = Math.max(lastTaught ?? 0, one?.lastMs ?? 0) || null
      return {
        figureId,
        weeks,
        lastMs,
        due: lastMs !== null && nowMs - lastMs >= series.dueWeeks * WEEK_MS,
        times: one?.times ?? 0,
      }
    })
    .sort((a, b) => nameOf(book, a.figureId).localeCompare(nameOf(book, b.figureId)))
}
const nameOf = (book: FigureBook, id: string): string => book.get(id)?.name ?? id

/** Figures that are known by a lesson: those taught in the ones before it. */
export function knownBefore({ lessons }: Series, lessonId: string): ReadonlySet<string> {
  const until = lessons.findIndex(({ id }) => id === lessonId)
  return new Set(
    lessons
      .slice(0, Math.max(0, until))
      .flatMap(({ topics }) =>
        topics.flatMap(({ figureId, became }) =>
          figureId !== undefined && became !== 'not-reached' ? [figureId] : [],
        ),
      ),
  )
}
