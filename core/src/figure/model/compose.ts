import { succeed, type Problem, type Result } from '../../document/index.ts'
import { problem } from '../problem.ts'
import type { Figure, FigureBook } from './figure.ts'
import type { Step } from './step.ts'
import { applyVariation } from './vary.ts'

const MOST_STEPS = 400

/**
 * Why a figure that is made of others could not be put together; it then stands as it was when it
 * was last written.
 */
export interface ComposeProblem {
  readonly figureId: string
  readonly problem: Problem
}

/** A book in which every figure that is made of others is put together from what those are now. */
export interface ComposedBook {
  readonly book: FigureBook
  readonly problems: readonly ComposeProblem[]
}

/** Puts all composites of a list together. None may be part of itself, over however many others. */
export function composeBook(figures: readonly Figure[]): ComposedBook {
  if (figures.every(({ parts }) => parts === undefined))
    return { book: new Map(figures.map((figure) => [figure.id, figure])), problems: [] }
  const written = new Map(figures.map((figure) => [figure.id, figure]))
  const done = new Map<string, Figure>()
  const problems: ComposeProblem[] = []
  const resolve = (figure: Figure): Figure => {
    const known = done.get(figure.id)
    if (known) return known
    const composed =
      figure.parts === undefined ? succeed(figure) : compose(figure, written, resolve)
    if (!composed.ok)
      problems.push({
        figureId: figure.id,
        problem: composed.problem,
      })
    const value = composed.ok ? composed.value : figure
    done.set(figure.id, value)
    return value
  }
  return { book: new Map(figures.map((figure) => [figure.id, resolve(figure)])), problems }
}

/** The figures by id, composites put together. */
export const bookOf = (figures: readonly Figure[]): FigureBook => composeBook(figures).book

/** One composite put together from a book, or why it cannot be. */
export function composeFigure(figure: Figure, book: FigureBook): Result<Figure> {
  if (figure.parts === undefined) return succeed(figure)
  const { book: composed, problems } = composeBook(
    [...book.values()].filter(({ id }) => id !== figure.id).concat(figure),
  )
  const wrong = problems.find(({ figureId }) => figureId === figure.id)
  return wrong ? { ok: false, problem: wrong.problem } : succeed(composed.get(figure.id)!)
}

function compose(
  figure: Figure,
  written: FigureBook,
  resolve: (figure: Figure) => Figure,
): Result<Figure> {
  const circle = circleFrom(figure, written)
  if (circle)
    return problem('figure.cyclic', {
      name: figure.name,
      circle: circle.map((id) => `“${written.get(id)?.name ?? id}”`).join(' has '),
    })
  const lead: Step[] = []
  const follow: Step[] = []
  const holdChanges: { at: number; hold: string }[] = []
  let at = 0
  let exitHold: string | null = null
  for (const { figureId, variation } of figure.parts!) {
    const part = written.get(figureId)
    if (!part) return problem('figure.no-part', { name: figure.name, figureId })
    const danced = applyVariation(resolve(part), variation)
    if (!danced.ok) return danced
    const later = <Timed extends { readonly at: number }>(one: Timed): Timed => ({
      ...one,
      at: one.at + at,
    })
    if (exitHold !== null) holdChanges.push({ at, hold: exitHold })
    lead.push(...danced.value.steps.lead.map(later))
    follow.push(...danced.value.steps.follow.map(later))
    holdChanges.push(...danced.value.holds.map(later))
    exitHold = danced.value.exitHold ?? exitHold
    at += danced.value.lengthTicks
  }
  if (lead.length > MOST_STEPS || follow.length > MOST_STEPS)
    return problem('figure.long', { name: figure.name, mostSteps: MOST_STEPS })
  const { holdChanges: _, ...rest } = figure
  const inOrder = <Timed extends { readonly at: number }>(list: readonly Timed[]): Timed[] =>
    [...list].sort((a, b) => a.at - b.at)
  const alike = figure.follow === 'same' && figure.dancers !== 'couple'
  return succeed({
    ...rest,
    lengthTicks: at,
    lead: inOrder(lead),
    follow: alike ? 'same' : inOrder(follow),
    ...(holdChanges.length > 0 ? { holdChanges: inOrder(holdChanges) } : {}),
    exitHold,
  })
}

/** The way from a figure back to itself over its parts, or null where there is none. */
function circleFrom(figure: Figure, written: FigureBook): string[] | null {
  const seen = new Set<string>()
  const search = (id: string, way: readonly string[]): string[] | null => {
    for (const part of written.get(id)?.parts ?? []) {
      if (part.figureId === figure.id) return [...way, part.figureId]
      if (seen.has(part.figureId)) continue
      seen.add(part.figureId)
      const found = search(part.figureId, [...way, part.figureId])
      if (found) return found
    }
    return null
  }
  return search(figure.id, [figure.id])
}

/** The figures that have this one as a part, over however many others. */
export function madeOf(figures: readonly Figure[], figureId: string): Figure[] {
  const found = new Set<string>([figureId])
  let grew = true
  while (grew) {
    const before = found.size
    for (const figure of figures)
      if (figure.parts?.some((part) => found.has(part.figureId))) found.add(figure.id)
    grew = found.size > before
  }
  return figures.filter(({ id }) => id !== figureId && found.has(id))
}
