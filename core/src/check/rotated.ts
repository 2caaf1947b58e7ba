import { turned, type Facing } from '../move/index.ts'
import { frameOf, setField } from '../routine/index.ts'
import type { Derived } from './derived.ts'
import type { Finding } from './finding.ts'

/**
 * Passes meant to face another way than their part does first, where the floor does not face so.
 */
export function rotated({ timeline, routine }: Derived): Finding[] {
  return timeline.passes.flatMap((pass): Finding[] => {
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
