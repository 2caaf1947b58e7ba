import {
  applyVariation,
  entryFeet,
  beginsOnEither,
  freeFoot,
  isDancedAlike,
  measureFigure,
  netTurn,
  stateAfter,
  stepsOf,
  stepsPerSecond,
  weightChanges,
  type DancedFigure,
  type Difficulty,
  type Figure,
  type Hindrance,
  type PerformerMeasure,
  type Role,
} from '@dellop/core/figure'
import { turned, type Facing } from '@dellop/core/move'
import { TICKS_PER_BEAT } from '@dellop/core/time'
import { words } from '../words/index.ts'

type Roles = Readonly<Record<Role, string>>

/** What follows from a figure's steps, worded: never typed in, always computed. */
export interface FigureFacts {
  readonly begins: readonly string[]
  readonly ends: readonly string[]
  readonly turn: Readonly<Record<Role, string>>
  readonly steps: Readonly<Record<Role, number>>
}

export function figureFacts(figure: Figure, roles: Roles): FigureFacts | null {
  const danced = applyVariation(figure)
  const after = stateAfter(figure)
  if (!danced.ok || !after) return null
  const feet = entryFeet(danced.value)
  const steps = stepsOf(figure)
  const alike = isDancedAlike(figure)
  const name = (role: Role): string => (alike ? words.figures.everyone : roles[role])
  const both: readonly Role[] = alike ? ['lead'] : ['lead', 'follow']
  const footWords = (role: Role, foot: 'left' | 'right' | null): string =>
    foot ? words.figures.foot(name(role), foot) : words.figures.eitherFoot(name(role))
  const total = (role: Role): string => words.figures.turn(netTurn(steps[role]))
  return {
    begins: [
      words.figures.inHold(figure.entry.holds),
      ...both.map((role) => footWords(role, beginsOnEither(danced.value) ? null : feet[role])),
      ...(figure.entry.facings.length > 0
        ? [
            words.figures.meantFacing(
              figure.entry.facings.map((facing) => facingWords(figure, facing as Facing)),
            ),
          ]
        : []),
    ],
    ends: [
      ...(figure.exitHold
        ? [words.figures.toHold(figure.exitHold)]
        : figure.entry.holds.join() === 'none'
          ? []
          : [words.figures.keepsHold]),
      ...both.map((role) => footWords(role, freeFoot(after[role].weight))),
    ],
    turn: { lead: total('lead'), follow: total('follow') },
    steps: { lead: weightChanges(steps.lead), follow: weightChanges(steps.follow) },
  }
}

/** A facing in the words of the figure's frame. */
export function facingWords({ entry: { frame = 'hall' } }: Figure, facing: Facing): string {
  return words.format.direction(facing, frame)
}

/** What each line of steps comes to, worded: one fact a line. */
export function performerFacts(
  danced: DancedFigure,
  { stepCount, turn, forward, right, steps, role }: PerformerMeasure,
  bpm: number,
): string[] {
  const say = words.figures
  const { figure } = danced
  const [facing] = figure.entry.facings
  const out =
    facing === undefined || role === 'follow'
      ? null
      : facingWords(figure, turned(facing as Facing, turn))
  return [
    say.steps(stepCount),
    say.turn(turn),
    say.travel(forward, right),
    ...(out === null ? [] : [say.facingOut(out)]),
    ...(steps.length > 0 ? [say.pace(stepsPerSecond(steps, danced.lengthTicks, bpm), bpm)] : []),
  ]
}

/** What makes it hard, worded, and where most comes together. */
export function hardFacts(
  danced: DancedFigure,
  roles: Roles,
): { readonly hints: readonly string[]; readonly spot: string | null } {
  const say = words.figures
  const { difficulties, hardSpot } = measureFigure(danced)
  const name = (role: PerformerMeasure['role']): string =>
    role === 'everyone' ? say.everyone : roles[role]
  const hint = (one: Difficulty): string => {
    switch (one.code) {
      case 'half-beats':
        return say.difficulties.halfBeats(one.count)
      case 'pick-up':
        return say.difficulties.pickUp
      case 'turn':
        return say.turn(one.eighths).replace(/^turns/, `${name(one.role)} turns`)
      case 'hands':
        return say.difficulties.hands(one.count)
      case 'same-feet':
        return say.difficulties.sameFeet
      case 'other-steps':
        return say.difficulties.otherSteps
      case 'hops':
        return say.difficulties.hops(one.count)
      case 'arms':
        return say.difficulties.arms
    }
  }
  return {
    hints: difficulties.map(hint),
    spot:
      hardSpot &&
      say.hardSpot(
        String(hardSpot.at / TICKS_PER_BEAT + 1),
        hardSpot.reasons.map((reason) => say.reason[reason]),
      ),
  }
}

/** Why a figure may not follow, worded: which foot, which hands, which way of standing. */
export function hindranceWords(hindrance: Hindrance, roles: Roles): string {
  const say = words.figures
  if (hindrance.why === 'foot') return say.followFoot(roles[hindrance.role], hindrance.foot)
  if (hindrance.why === 'standing') return say.followStanding(hindrance.hold, hindrance.wanted)
  const pairs = (list: readonly (readonly [string, string])[]): string =>
    list.map((pair) => say.handPair(pair, roles)).join('; ')
  return say.followHold(
    hindrance.hold,
    hindrance.wanted,
    pairs(hindrance.released),
    pairs(hindrance.joined),
  )
}
