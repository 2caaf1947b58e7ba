import { TICKS_PER_BEAT, type Tick } from '../../time/index.ts'
import { performers, type Performer } from '../model/cast.ts'
import { netTurn } from '../model/turnAmount.ts'
import { AS_WRITTEN } from '../model/variation.ts'
import { applyVariation } from '../model/vary.ts'
import { freeFoot, startingWeight, weightAfter, weightChanges } from '../model/weight.ts'
import type { Figure } from '../model/figure.ts'

/** A figure as far as it is taught: its first counts, and what those come to by themselves. */
export interface Stage {
  readonly ticks: Tick
  /** Per line of steps: changes of weight, turn in eighths, and the foot that is free then. */
  readonly totals: readonly {
    readonly role: Performer['role']
    readonly couples: Performer['couples']
    readonly steps: number
    readonly turn: number
    readonly free: 'left' | 'right' | null
  }[]
}

/**
 * The places up to which a figure can be taught: every whole count on which all who move can stop,
 * its end included. Each holds all that stands before it.
 */
export function stagesOf(figure: Figure): Stage[] {
  const whole = applyVariation(figure)
  if (!whole.ok) return []
  const stages: Stage[] = []
  for (let ticks = TICKS_PER_BEAT; ticks <= figure.lengthTicks; ticks += TICKS_PER_BEAT) {
    const danced =
      ticks === figure.lengthTicks
        ? whole
        : applyVariation(figure, { ...AS_WRITTEN, cut: { type: 'first', ticks } })
    if (!danced.ok) continue
    stages.push({
      ticks: ticks as Tick,
      totals: performers(danced.value).map(({ role, couples, steps }) => ({
        role,
        couples,
        steps: weightChanges(steps),
        turn: netTurn(steps),
        free: freeFoot(
          steps.reduce((weight, step) => weightAfter(weight, step).weight, startingWeight(steps)),
        ),
      })),
    })
  }
  return stages
}
