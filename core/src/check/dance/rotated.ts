import type { DirectionFrame } from '../../figure/index.ts'
import { turned, type Facing } from '../../move/index.ts'
import { frameOf, setField } from '../../routine/index.ts'
import type { Derived } from '../derived.ts'
import type { FindingOf } from '../finding.ts'

/** What it finds, with the values of their sentences. */
export interface RotatedFindings {
  readonly 'facing.rotated': {
    readonly part: string
    readonly facing: Facing
    readonly wanted: Facing
    readonly first: Facing
    readonly rotate: number
    readonly frame: DirectionFrame
  }
}
type Found = FindingOf<RotatedFindings>

/**
 * Passes meant to face another way than their part does first, where the floor does not face so.
 */
export function rotated({ timeline, routine }: Derived): Found[] {
  return timeline.passes.flatMap((pass): Found[] => {
    const { rotate } = pass.pass
    const first = timeline.passes.find(
      (one) => one.part === pass.part && one.pass.rotate === undefined,
    )
    const [here] = pass.slots
    const [there] = first?.slots ?? []
    if (rotate === undefined || pass.repetition > 0 || !here || !there) return []
    const wanted: Facing = turned(there.before.lead.facing, rotate)
    const facing = here.before.lead.facing
    if (facing === wanted) return []
    const params = {
      part: pass.part.label,
      facing,
      wanted,
      first: there.before.lead.facing,
      rotate,
      frame: frameOf(routine),
    }
    return [
      {
        code: 'facing.rotated',
        severity: 'mend',
        subject: pass.pass.id,
        slotKeys: [here.key],
        at: pass.start,
        params,
        repairs: [
          {
            code: 'not-rotated',
            params: {},
            edits: setField(pass.pass, 'rotate', undefined) ?? [],
          },
        ],
      },
    ]
  })
}
