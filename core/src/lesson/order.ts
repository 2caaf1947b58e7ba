import type { Figure, FigureBook } from '../figure/index.ts'
import type { Routine } from '../routine/index.ts'
import { TICKS_PER_BEAT } from '../time/index.ts'
import type { Series, SeriesLesson, Topic } from './series.ts'

/** What a topic teaches, and what has to be there before it. */
export interface TopicNeeds {
  readonly teaches: ReadonlySet<string>
  readonly needs: ReadonlySet<string>
}
/** A topic that comes before what it needs. */
export interface OrderProblem {
  readonly lessonId: string
  readonly topicId: string
  /** Figures that it needs and nothing before it teaches, though something after it does. */
  readonly figures: readonly string[]
}

/**
 * What a topic needs before it: the parts of a composite before it, the figures of a dance or of a
 * part before that.
 */
export function needsOf(
  topic: Topic,
  book: FigureBook,
  sheets: ReadonlyMap<string, Routine>,
): TopicNeeds {
  if (topic.kind === 'figure' && topic.figureId !== undefined) {
    const figure = book.get(topic.figureId)
    return {
      teaches: new Set([topic.figureId]),
      needs: new Set(figure?.parts?.map(({ figureId }) => figureId) ?? []),
    }
  }
  const routine = topic.sheetId === undefined ? undefined : sheets.get(topic.sheetId)
  if (!routine || (topic.kind !== 'dance' && topic.kind !== 'part'))
    return { teaches: new Set(), needs: new Set() }
  const parts = routine.parts.filter(
    ({ lesson }) => topic.kind === 'dance' || topic.lesson === undefined || lesson === topic.lesson,
  )
  const figures = parts.flatMap(({ slots }) =>
    slots.flatMap(({ content }) => (content.type === 'figure' ? [content.figureId] : [])),
  )
  return { teaches: new Set(), needs: new Set(figures) }
}

/**
 * Topics that come before what they need, as far as the series teaches it at all. What the group
 * knew before needs no teaching.
 */
export function orderProblems(
  { lessons }: Series,
  book: FigureBook,
  sheets: ReadonlyMap<string, Routine>,
  knows: (figureId: string) => boolean,
): readonly OrderProblem[] {
  const all = lessons.flatMap((lesson) => lesson.topics.map((topic) => ({ lesson, topic })))
  const needs = all.map(({ topic }) => needsOf(topic, book, sheets))
  const taughtLater = needs.map((_, i) => {
    const later = needs.slice(i + 1).flatMap(({ teaches }) => [...teaches])
    return new Set(later)
  })
  const taught = new Set<string>()
  return all.flatMap(({ lesson, topic }, i) => {
    const missing = [...needs[i]!.needs].filter(
      (id) => !taught.has(id) && !knows(id) && taughtLater[i]!.has(id),
    )
    for (const id of needs[i]!.teaches) taught.add(id)
    return missing.length > 0 ? [{ lessonId: lesson.id, topicId: topic.id, figures: missing }] : []
  })
}

/**
 * Topics of one lesson in an order that teaches everything before it is needed: of those that may
 * come next the shortest first, what is hard never last where it can be helped; else as they were.
 */
export function proposedOrder(
  topics: readonly Topic[],
  book: FigureBook,
  sheets: ReadonlyMap<string, Routine>,
): readonly Topic[] {
  const needs = new Map(topics.map((topic) => [topic, needsOf(topic, book, sheets)]))
  const left = [...topics]
  const order: Topic[] = []
  const isFree = (topic: Topic): boolean =>
    [...needs.get(topic)!.needs].every(
      (id) => !left.some((other) => other !== topic && needs.get(other)!.teaches.has(id)),
    )
  const rank = (topic: Topic): number =>
    topic.kind === 'homework' || topic.kind === 'remark' ? 1 : 0
  const length = ({ minutes, figureId }: Topic): number =>
    minutes ?? lengthOf(figureId === undefined ? undefined : book.get(figureId))
  while (left.length > 0) {
    const free = left.filter(isFree)
    // Where everything waits for something else, the first as it stood goes on.
    const from = free.length > 0 ? free : [left[0]!]
    const next = from.reduce((best, one) => {
      const by = rank(one) - rank(best) || length(one) - length(best)
      return by < 0 ? one : best
    })
    order.push(next)
    left.splice(left.indexOf(next), 1)
  }
  return hardNotLast(order, needs)
}
const lengthOf = (figure: Figure | undefined): number =>
  figure ? figure.lengthTicks / TICKS_PER_BEAT : 8

/** What is hard changes places with what comes before it where it would come last. */
function hardNotLast(
  order: readonly Topic[],
  needs: ReadonlyMap<Topic, TopicNeeds>,
): readonly Topic[] {
  const teaching = order.filter(({ kind }) => kind !== 'homework' && kind !== 'remark')
  const [last, previous] = [teaching.at(-1), teaching.at(-2)]
  if (!last?.hard || !previous || previous.hard) return order
  const mayPart = [...needs.get(last)!.needs].every((id) => !needs.get(previous)!.teaches.has(id))
  if (!mayPart) return order
  const at = order.indexOf(previous)
  const changed = [...order]
  changed.splice(order.indexOf(last), 1)
  changed.splice(at, 0, last)
  return changed
}

/** The lesson after one, in order of days; null for the last. */
export const lessonAfter = ({ lessons }: Series, lessonId: string): SeriesLesson | null =>
  lessons[lessons.findIndex(({ id }) => id === lessonId) + 1] ?? null

/** What was not reached moves to the head of the next lesson; the same where nothing was left. */
export function carriedOver(series: Series, lessonId: string): Series {
  const next = lessonAfter(series, lessonId)
  const from = series.lessons.find(({ id }) => id === lessonId)
  const left = from?.topics.filter(({ became }) => became === 'not-reached') ?? []
  if (!next || left.length === 0) return series
  const moved = left.map(({ became: _, ...topic }) => topic)
  return {
    ...series,
    lessons: series.lessons.map((lesson) =>
      lesson.id === lessonId
        ? { ...lesson, topics: lesson.topics.filter((topic) => !left.includes(topic)) }
        : lesson.id === next.id
          ? { ...lesson, topics: [...moved, ...lesson.topics] }
          : lesson,
    ),
  }
}

/** What somebody has to catch up who missed some lessons, in the order in which it was taught. */
export const toCatchUp = ({ lessons }: Series, missed: ReadonlySet<string>): readonly Topic[] =>
  lessons
    .filter(({ id }) => missed.has(id))
    .flatMap(({ topics }) => topics.filter(({ became }) => became !== 'not-reached'))

/** Figures that a hold is first asked for by, where no topic before had it: worth a word. */
export function newHolds(topics: readonly Topic[], book: FigureBook): ReadonlyMap<string, string> {
  const seen = new Set<string>(['none'])
  const found = new Map<string, string>()
  for (const { id, figureId } of topics) {
    const figure = figureId === undefined ? undefined : book.get(figureId)
    const [hold] = figure?.entry.holds ?? []
    if (hold === undefined || seen.has(hold)) continue
    seen.add(hold)
    found.set(id, hold)
  }
  return found
}
