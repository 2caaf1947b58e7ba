import {
  CENTRE,
  LINE_OF_DANCE,
  REVERSE,
  sideThrough,
  turned,
  WALL,
  type Facing,
} from '../../move/index.ts'
import type { Step } from './step.ts'
import { bodyTurn } from './turnAmount.ts'

/** What a turn can be told to go through, so that its side follows from where one faces. */
export const THROUGH: readonly (readonly [Facing, string])[] = [
  [CENTRE, 'centre'],
  [WALL, 'wall'],
  [LINE_OF_DANCE, 'line of dance'],
  [REVERSE, 'reverse'],
]

export const hasThroughTurn = (steps: readonly Step[]): boolean =>
  steps.some(({ through }) => through !== undefined)

/**
 * Steps as they turn when they are begun facing this way: turns that are told by what they go
 * through take the side on which that lies. The same where there are none. Straight ahead of it or
 * straight away from it there is no such side, and the turn is as it is written.
 */
export function sidedSteps(steps: readonly Step[], begun: Facing): readonly Step[] {
  if (!hasThroughTurn(steps)) return steps
  let facing = begun
  return steps.map((step) => {
    const side = step.through === undefined ? 0 : sideThrough(facing, step.through)
    const now = side === 0 ? step : { ...step, turn: side * Math.abs(step.turn) }
    facing = turned(facing, bodyTurn(now))
    return now
  })
}
