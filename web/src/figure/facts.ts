import { applyVariation, entryFeet, freeFoot, stateAfter, stepsOf, weightChanges, type Figure, type Role } from '@dellop/core/figure'
import { words } from '../words/index.ts'

/** What follows from a figure's steps, worded: never typed in, always computed. */
export interface FigureFacts {
  readonly begins: readonly string[]
  readonly ends: readonly string[]
  readonly turn: Readonly<Record<Role, string>>
  readonly steps: Readonly<Record<Role, number>>
}

export function figureFacts(figure: Figure, roles: Readonly<Record<Role, string>>): FigureFacts | null {
  const danced = applyVariation(figure)
  const after = stateAfter(figure)
  if (!danced.ok || !after) return null
  const feet = entryFeet(danced.value)
  const steps = stepsOf(figure)
  const name = (role: Role): string => (figure.follow === 'same' ? words.figures.everyone : roles[role])
  const both: readonly Role[] = figure.follow === 'same' ? ['lead'] : ['lead', 'follow']
  const footWords = (role: Role, foot: 'left' | 'right' | null): string => (foot ? words.figures.foot(name(role), foot) : words.figures.eitherFoot(name(role)))
  const total = (role: Role): string => words.figures.turn(steps[role].reduce((sum, step) => sum + step.turn, 0))
  return {
    begins: [
      words.figures.inHold(figure.entry.holds),
      ...both.map((role) => footWords(role, feet[role])),
      ...(figure.entry.facings.length > 0 ? [words.figures.meantFacing(figure.entry.facings.map((facing) => words.format.facing(facing)))] : []),
    ],
    ends: [figure.exitHold ? words.figures.toHold(figure.exitHold) : words.figures.keepsHold, ...both.map((role) => footWords(role, freeFoot(after[role].weight)))],
    turn: { lead: total('lead'), follow: total('follow') },
    steps: { lead: weightChanges(steps.lead), follow: weightChanges(steps.follow) },
  }
}
