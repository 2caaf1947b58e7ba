import { netTurn, type DirectionFrame } from '../../figure/index.ts'
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
  readonly 'facing.walls-said': {
    readonly part: string
    /** Walls as the sheet’s remark or tags say. */
    readonly said: number
    readonly danced: number
    /** Eighths that the part turns each time, clockwise above 0. */
    readonly turn: number
  }
}
type Found = FindingOf<WallsFindings>

/** The walls of a line dance: whether it comes home, and whether they are as many as it says. */
export function walls(derived: Derived): Found[] {
  if (frameOf(derived.routine) !== 'walls') return []
  const all = wallsOf(derived.timeline)
  return [...notHome(derived, all), ...otherThanSaid(derived, all)]
}
type Walls = ReturnType<typeof wallsOf>

/** Parts danced several times whose turns do not bring anybody home: it may well be meant so. */
function notHome({ routine }: Derived, all: Walls): Found[] {
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

/** “Four walls”, “2-wall”, „vier Wände“. */
const SAID =
  /(?<![\p{L}\d])(one|two|four|1|2|4|eine?|zwei|vier)[ -](?:walls?|wand|wänden?)(?!\p{L})/giu
const NUMBERS: Readonly<Record<string, number>> = {
  ...{ one: 1, two: 2, four: 4, '1': 1, '2': 2, '4': 4 },
  ...{ ein: 1, eine: 1, zwei: 2, vier: 4 },
}

/** The part that is danced most often, where it turns to other walls than the sheet says. */
function otherThanSaid({ routine }: Derived, all: Walls): Found[] {
  const texts = [routine.remark, ...(routine.tags ?? [])]
  const said = new Set(
    texts.flatMap((text) =>
      [...text.matchAll(SAID)].map(([, number]) => NUMBERS[number!.toLowerCase()]!),
    ),
  )
  const whole = all.filter(({ pass: { pass } }) => pass.kind === 'pass' && !pass.stretch)
  const parts = [...new Set(whole.map(({ pass }) => pass.part))]
  const timesOf = (part: (typeof parts)[number]): Walls =>
    whole.filter(({ pass }) => pass.part === part)
  const [part] = parts.sort((a, b) => timesOf(b).length - timesOf(a).length)
  if (said.size !== 1 || !part) return []
  const turns = new Set(timesOf(part).map(({ from, to }) => wrapFacing(to - from)))
  const [turn = 0] = turns
  const danced = turn === 0 ? 1 : passesUntilHome(turn)
  const [wanted] = said
  if (turns.size > 1 || danced === wanted) return []
  const { pass } = timesOf(part)[0]!
  const turning =
    pass.slots.find(({ danced: one }) => one && netTurn(one.steps.lead) % 8 !== 0) ?? pass.slots[0]
  return [
    {
      code: 'facing.walls-said',
      severity: 'mend',
      subject: part.id,
      slotKeys: turning ? [turning.key] : [],
      at: turning?.start ?? pass.start,
      params: { part: part.label, said: wanted!, danced, turn: turn > 4 ? turn - 8 : turn },
      repairs: [],
    },
  ]
}
