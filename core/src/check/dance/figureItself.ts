import { memoised } from '../../document/index.ts'
import { checkFigure, type Figure, type FigureFinding } from '../../figure/index.ts'
import { aboutSlot } from '../aboutSlot.ts'
import type { Derived } from '../derived.ts'
import type { FindingOf } from '../finding.ts'

/** What is the matter with a figure by itself, told where it is first danced. */
export type FigureItselfFindings = {
  readonly [Code in FigureFinding['code']]: {
    readonly figure: string
    readonly why: string
    /** The values of the figure's own sentence, so that any language can word it. */
    readonly told: FigureFinding['params']
  }
}
type Found = FindingOf<FigureItselfFindings>

/** A figure is judged once, however many sheets dance it. */
const judged = memoised((figure: Figure): readonly FigureFinding[] => checkFigure(figure))

/** Told by a check of the sheet already: steps out of order, a foot that is taken. */
const TOLD: ReadonlySet<FigureFinding['code']> = new Set([
  'figure.step-order',
  'figure.step-outside',
  'figure.foot-taken',
  'figure.foot-unsure',
  'figure.same-id',
  'figure.same-name',
])

/** Figures in use that contradict themselves, or lack a caution that is usual. */
export function figureItself({ timeline }: Derived): Found[] {
  const first = new Map(
    timeline.slots
      .toReversed()
      .flatMap((slot) => (slot.figure ? [[slot.figure, slot] as const] : [])),
  )
  return [...first].flatMap(([figure, slot]) =>
    judged(figure)
      .filter(({ code }) => !TOLD.has(code))
      .map(
        ({ code, severity, message, params }) =>
          ({
            ...aboutSlot(slot),
            code,
            // A sheet is danced soundly without a caution; it is said all the same.
            severity: code.startsWith('figure.caution') ? 'note' : severity,
            subject: figure.id,
            params: { figure: figure.name, why: message, told: params },
            repairs: [],
          }) as Found,
      ),
  )
}
