import { tookOtherFoot } from '../../figure/index.ts'
import { mirrorSlots, roleTold, type Routine } from '../../routine/index.ts'
import type { Derived } from '../derived.ts'
import type { FindingOf } from '../finding.ts'
import { causesOfFeet } from './feet.ts'

/** What it finds, with the values of its sentences. */
export interface OtherFootFindings {
  readonly 'feet.other-foot': {
    readonly figure: string
    /** Nobody's in particular, where all do the same. */
    readonly role: string | null
    readonly foot: string
  }
}

type Found = FindingOf<OtherFootFindings>

/**
 * Figures that begin on either foot, where the sheet tells the two apart by mirroring one of them
 * elsewhere and this one takes the foot that it does not say. Where it tells neither, whichever is
 * free is meant.
 */
export function otherFoot(derived: Derived): Found[] {
  const told = mirroredFigures(derived.routine)
  const causes = causesOfFeet(derived)
  return derived.timeline.slots.flatMap((slot): Found[] => {
    const { figure, danced, key } = slot
    if (!danced || !tookOtherFoot(danced)) return []
    if (!figure || !told.has(figure.id) || causes.has(key)) return []
    return [
      {
        code: 'feet.other-foot',
        severity: 'mend',
        subject: slot.slot.id,
        slotKeys: [key],
        at: slot.start,
        params: {
          figure: figure.name,
          role: roleTold(derived.routine, derived.school, derived.timeline, 'lead'),
          foot: slot.before.lead.weight === 'left' ? 'right' : 'left',
        },
        repairs: slot.changed
          ? []
          : [
              {
                code: 'mirror',
                params: { figure: figure.name },
                edits: mirrorSlots([slot.slot]),
              },
            ],
      },
    ]
  })
}

/** Figures that the sheet has mirrored somewhere. */
const mirroredFigures = ({ parts, passes }: Routine): ReadonlySet<string> =>
  new Set(
    [...parts.flatMap(({ slots }) => slots), ...passes.flatMap(({ changes }) => changes)].flatMap(
      ({ content }) =>
        content.type === 'figure' && content.variation.reflected ? [content.figureId] : [],
    ),
  )
