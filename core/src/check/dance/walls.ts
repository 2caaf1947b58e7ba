import type { DirectionFrame } from '../../figure/index.ts'
import { wrapFacing, type Facing } from '../../move/index.ts'
import { frameOf, passesUntilHome, wallsOf } from '../../routine/index.ts'
import type { Derived } from '../derived.ts'
import type { FindingOf } from '../finding.ts'

/** What it finds, with the values of their sentences. */
export interface WallsFindings {
  readonly 'facing.walls': {
    readonly part: string
    readonly times: number
    /** Eighths that the part turns each time, clockwise above 0. */
    readonly turn: number
    /** How often it is danced until the first wall comes again. */
    readonly home: number
    /** Where each time ends. */
    readonly ends: readonly Facing[]
    readonly frame: DirectionFrame
  }
}
type Found = FindingOf<WallsFindings>

/** Parts danced several times whose turns do not bring anybody home: it may well be meant so. */
export function walls({ routine, timeline }: Derived): Found[] {
  if (frameOf(routine) !== 'walls') return []
  const all = wallsOf(timeline)
  const last = all.at(-1)
  if (!last || last.to === routine.start.lead.facing) return []
  const parts = [...new Set(all.map(({ pass }) => pass.part))]
  return parts.flatMap((part): Found[] => {
    const own = all.filter(({ pass }) => pass.part === part)
    const turns = new Set(own.map(({ from, to }) => wrapFacing(to - from)))
    const [turn = 0] = turns
    if (own.length < 2 || turns.size > 1 || turn === 0) return []
    const home = passesUntilHome(turn)
    if (own.length % home === 0) return []
    const { pass } = own[0]!
    return [
      {
        code: 'facing.walls',
        severity: 'note',
        subject: part.id,
        slotKeys: pass.slots.slice(0, 1).map(({ key }) => key),
        at: pass.start,
        params: {
          part: part.label,
          times: own.length,
          turn: turn > 4 ? turn - 8 : turn,
          home,
          ends: own.map(({ to }) => to),
          frame: frameOf(routine),
        },
        repairs: [],
      },
    ]
  })
}
