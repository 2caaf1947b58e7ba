import { memoised, succeed, type Result } from '../../document/index.ts'
import { problem } from '../problem.ts'
import type { Step } from './step.ts'

/** What the body turns with a step: heads and arms turn by themselves. */
export const bodyTurn = ({ layer, turn }: Step): number => (layer === 'feet' ? turn : 0)
/**
 * What the body turns in a run of steps, eighths, clockwise positive. A figure is asked for it
 * wherever it is danced.
 */
export const netTurn = memoised((steps: readonly Step[]): number =>
  steps.reduce((sum, step) => sum + bodyTurn(step), 0),
)

/**
 * Both roles' steps with another amount of turn in all: `eighths` for the lead, and for the follow
 * as much more or less, to the same side where the two turn as one and to the other where they turn
 * away from each other. The difference is shared among the steps that turn already, as they share
 * the turn, or given to the last step that takes weight.
 */
export function turnBy(
  lead: readonly Step[],
  follow: readonly Step[],
  eighths: number,
  name: string,
): Result<readonly (readonly Step[])[]> {
  const [net, followNet] = [netTurn(lead), netTurn(follow)]
  const more = eighths - net
  if (more === 0) return succeed([lead, follow])
  const side = follow.length === 0 ? 0 : followNet === net ? 1 : followNet === -net ? -1 : null
  if (side === null) return problem('figure.turn-roles', { name })
  return succeed([shared(lead, more), side === 0 ? follow : shared(follow, side * more)])
}

/** The steps with some eighths more or less of turn among them. */
function shared(steps: readonly Step[], more: number): readonly Step[] {
  const turning = steps.filter((step) => bodyTurn(step) !== 0)
  const last =
    steps.findLast(
      ({ layer, foot, weight }) => layer === 'feet' && foot !== null && weight !== 'none',
    ) ?? steps.at(-1)
  const taking = turning.length > 0 ? turning : last ? [last] : []
  if (taking.length === 0) return steps
  const weights = taking.map(({ turn }) => Math.abs(turn) || 1)
  const whole = weights.reduce((sum, one) => sum + one, 0)
  // The running sum is rounded, not each share, so that the shares add up to the whole.
  let before = 0
  let given = 0
  const shares = new Map(
    taking.map((step, i) => {
      before += weights[i]!
      const until = Math.round((more * before) / whole)
      const share = until - given
      given = until
      return [step, share] as const
    }),
  )
  return steps.map((step) =>
    shares.has(step) ? { ...step, turn: step.turn + shares.get(step)! } : step,
  )
}
