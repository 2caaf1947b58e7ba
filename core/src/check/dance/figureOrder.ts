import { ROLES, stepsOf, type Figure } from '../../figure/index.ts'
import type { Tick } from '../../time/index.ts'
import type { Derived } from '../derived.ts'
import type { FindingOf } from '../finding.ts'

/** What it finds, with the values of their sentences. */
export interface FigureOrderFindings {
  readonly 'figure.order': {
    readonly figure: string
    readonly role: string
    readonly count: number
  }
}
type Found = FindingOf<FigureOrderFindings>

/** Figures in use whose steps are out of order, or have two steps of one foot layer on one tick. */
export function figureOrder({ timeline }: Derived): Found[] {
  const used = new Map(
    timeline.slots.flatMap((slot) =>
      slot.figure ? [[slot.figure.id, { figure: slot.figure, slot }] as const] : [],
    ),
  )
  return [...used.values()].flatMap(({ figure, slot }): Found[] => {
    const wrong = misplacedStep(figure)
    if (!wrong) return []
    return [
      {
        code: 'figure.order',
        severity: 'stop',
        subject: figure.id,
        slotKeys: [slot.key],
        at: slot.start as Tick,
        params: { figure: figure.name, role: wrong.role, count: wrong.at / 24 + 1 },
        repairs: [],
      },
    ]
  })
}

/**
 * The first step that does not come after the one before it in its layer, or that lies past the
 * figure's end.
 */
export function misplacedStep(
  figure: Figure,
): { readonly role: string; readonly at: number } | null {
  const steps = stepsOf(figure)
  for (const role of ROLES) {
    for (const layer of ['feet', 'arms', 'head'] as const) {
      const own = steps[role].filter((step) => step.layer === layer)
      const wrong = own.find(
        (step, i) => (i > 0 && step.at <= own[i - 1]!.at) || step.at >= figure.lengthTicks,
      )
      if (wrong) return { role, at: wrong.at }
    }
  }
  return null
}
