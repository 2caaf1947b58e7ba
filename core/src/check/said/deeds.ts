import { memoised } from '../../document/index.ts'
import {
  bodyTurn,
  isDancedAlike,
  netTurn,
  ROLES,
  walkFeet,
  type DancedFigure,
  type Role,
  type Step,
} from '../../figure/index.ts'
import { turned, type Facing } from '../../move/index.ts'
import type { DancedSlot } from '../../routine/index.ts'
import type { Side } from './claims.ts'

/** What one role does in a figure, as far as words speak of it. */
export interface Deeds {
  /** Sides to which somebody turns: of the whole turn, or of each where it comes to nothing. */
  readonly turns: ReadonlySet<Side>
  /** Amounts turned to one side without a turn to the other between them; eighths. */
  readonly eighths: ReadonlySet<number>
  /** The turn in all, to whichever side. */
  readonly net: number
  /** Strides to the right, and forward, of where and how they stood at first. */
  readonly right: number
  readonly forward: number
  /** Sides to which some step goes, and whether one goes forward or back. */
  readonly sideways: ReadonlySet<Side>
  readonly along: ReadonlySet<'forward' | 'back'>
  /** Facings less the first, in eighths: at first, after each step, and at the end. */
  readonly facings: readonly number[]
}

export interface RoleDeeds extends Deeds {
  readonly role: Role
}

const sideOf = (eighths: number): Side => (eighths < 0 ? 'left' : 'right')

const deedsOf = memoised((steps: readonly Step[]): Deeds => {
  const own = steps.filter(({ layer }) => layer === 'feet')
  const after = walkFeet(steps)
  const end = after.at(-1)?.body
  const going = own.flatMap(({ travel, weight }) =>
    travel && travel.strides > 0 && weight !== 'none' ? [travel.direction] : [],
  )
  return {
    turns: sidesTurned(own),
    eighths: amountsTurned(own),
    net: Math.abs(netTurn(own)),
    right: end?.right ?? 0,
    forward: end?.forward ?? 0,
    sideways: new Set(
      going.flatMap((way): Side[] => (way % 4 === 0 ? [] : [way < 4 ? 'right' : 'left'])),
    ),
    along: new Set(
      going.flatMap((way): ('forward' | 'back')[] =>
        way % 4 === 2 ? [] : [way < 2 || way > 6 ? 'forward' : 'back'],
      ),
    ),
    facings: [0, ...after.map(({ facing }) => facing)],
  }
})

function sidesTurned(steps: readonly Step[]): Set<Side> {
  const net = netTurn(steps)
  if (net !== 0) return new Set([sideOf(net)])
  return new Set(steps.flatMap((step) => (bodyTurn(step) === 0 ? [] : [sideOf(bodyTurn(step))])))
}

/** Every sum of turns that follow each other to one side. */
function amountsTurned(steps: readonly Step[]): Set<number> {
  const turns = steps.map(bodyTurn).filter((turn) => turn !== 0)
  const found = new Set<number>([Math.abs(netTurn(steps))])
  turns.forEach((_, from) => {
    let sum = 0
    for (const turn of turns.slice(from)) {
      if (sum !== 0 && Math.sign(turn) !== Math.sign(sum)) break
      sum += turn
      found.add(Math.abs(sum))
    }
  })
  return found
}

/** The deeds of each role; of one where all do the same. */
export function deedsDanced({ figure, steps }: DancedFigure): readonly RoleDeeds[] {
  const roles = isDancedAlike(figure) || steps.follow.length === 0 ? (['lead'] as const) : ROLES
  return roles.map((role) => ({ role, ...deedsOf(steps[role]) }))
}

/** Where a role faces in the hall, at first, on the way and at the end. */
export const facingsOf = (
  { before }: DancedSlot,
  { role, facings }: RoleDeeds,
): readonly Facing[] => facings.map((by): Facing => turned(before[role].facing, by))
