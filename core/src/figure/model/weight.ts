import { otherFoot, type Foot, type Step } from './step.ts'

/** Where a dancer's weight is. From `split` either foot can be asked for, with a note. */
export type Weight = 'left' | 'right' | 'both' | 'split'

/** Kinds that are done on the foot that carries, and keep the weight on it. */
const ON_CARRYING: ReadonlySet<Step['kind']> = new Set(['hop', 'pivot', 'spin', 'swivel', 'twist'])

export type WeightChange = {
  readonly weight: Weight
  /**
   * `taken`: the step needs a foot that carries the weight. `unsure`: the weight was split, so it
   * may or may not.
   */
  readonly trouble: 'taken' | 'unsure' | null
}

/** The foot without weight; null when both are free or the weight is split. */
export const freeFoot = (weight: Weight): Foot | null =>
  weight === 'left' || weight === 'right' ? otherFoot(weight) : null

/** The weight on the other foot; the same where it is on none of the two alone. */
export const otherWeight = (weight: Weight): Weight => freeFoot(weight) ?? weight

/**
 * Weight after a step. A step that takes weight uses a free foot; a touch leaves the foot free;
 * hop, pivot, spin, swivel and twist use the carrying foot and keep it; a jump ends on both; a
 * gesture by one foot from both puts the weight on the other.
 */
export function weightAfter(before: Weight, step: Step): WeightChange {
  if (step.layer !== 'feet' || step.foot === null) return { weight: before, trouble: null }
  if (step.foot === 'both')
    return {
      weight: step.weight === 'split' ? 'split' : step.weight === 'none' ? before : 'both',
      trouble: null,
    }
  const { foot } = step
  if (ON_CARRYING.has(step.kind)) return carry(before, foot)
  const trouble =
    before === foot ? 'taken' : before === 'split' && !isRecover(step) ? 'unsure' : null
  if (step.weight === 'full') return { weight: foot, trouble }
  if (step.weight === 'part' || step.weight === 'split') return { weight: 'split', trouble }
  return { weight: before === 'both' || before === 'split' ? otherFoot(foot) : before, trouble }
}

/** Back onto the foot that has kept its weight: after part of the weight there is no doubt of it. */
const isRecover = ({ weight, travel, text }: Step): boolean =>
  weight === 'full' && travel === null && /\brecover\b/i.test(text)

function carry(before: Weight, foot: Foot): WeightChange {
  if (before === 'both') return { weight: foot, trouble: null }
  if (before === 'split') return { weight: foot, trouble: 'unsure' }
  return { weight: before, trouble: before === foot ? null : 'taken' }
}

/** The foot a run of steps must have free to begin, or null when it asks for none. */
export function neededFoot(steps: readonly Step[]): Foot | null {
  const first = steps.find((step) => step.layer === 'feet' && step.foot !== null)
  if (!first || first.foot === 'both' || first.foot === null) return null
  return ON_CARRYING.has(first.kind) ? otherFoot(first.foot) : first.foot
}

/** Where the weight is as a run of steps begins, for the foot it needs to be free. */
export function startingWeight(steps: readonly Step[]): Weight {
  const needed = neededFoot(steps)
  return needed === null ? 'both' : otherFoot(needed)
}

/** Whether steps end on the foot that they would need to be free to be danced again. */
export function endsOnOwnFoot(steps: readonly Step[]): boolean {
  const needed = neededFoot(steps)
  let weight = startingWeight(steps)
  for (const step of steps) weight = weightAfter(weight, step).weight
  return needed !== null && weight === needed
}

/** How many times weight is taken. */
export const weightChanges = (steps: readonly Step[]): number =>
  steps.filter(
    (step) =>
      step.layer === 'feet' &&
      step.foot !== null &&
      (step.weight === 'full' || step.weight === 'part') &&
      !ON_CARRYING.has(step.kind),
  ).length
