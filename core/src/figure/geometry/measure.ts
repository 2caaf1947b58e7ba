import { memoised } from '../../document/index.ts'
import { beatsOfTicks, TICKS_PER_BEAT, type Tick } from '../../time/index.ts'
import { performers, type Performer } from '../model/cast.ts'
import { CROSSED, walkFeet } from './feet.ts'
import { ORIGIN } from '../../move/index.ts'
import { handChange } from '../model/hold.ts'
import { otherFoot, type Step } from '../model/step.ts'
import { netTurn } from '../model/turnAmount.ts'
import type { DancedFigure } from '../model/vary.ts'
import { weightChanges } from '../model/weight.ts'

/** What one line of steps comes to. Sizes are in strides, turns in eighths clockwise. */
export interface PerformerMeasure extends Performer {
  /** How often weight is taken. */
  readonly stepCount: number
  readonly turn: number
  /**
   * Where the dancer has got to, seen from the first facing: forward (back is less than nothing)
   * and to the right.
   */
  readonly forward: number
  readonly right: number
  /** How far the feet have gone in all. */
  readonly path: number
}

/** What makes a figure hard, each with what it is about; words are for the page to find. */
export type Difficulty =
  | { readonly code: 'half-beats'; readonly count: number }
  | { readonly code: 'pick-up' }
  | { readonly code: 'turn'; readonly role: Performer['role']; readonly eighths: number }
  | { readonly code: 'hands'; readonly count: number }
  | { readonly code: 'same-feet' }
  | { readonly code: 'other-steps' }
  | { readonly code: 'hops'; readonly count: number }
  | { readonly code: 'arms' }

/** The beat in which most comes together, and what that is. */
export interface HardSpot {
  /** Tick of the beat, from the figure's first. */
  readonly at: number
  readonly reasons: readonly ('quick' | 'turn' | 'crossing' | 'arms' | 'hands' | 'hop')[]
}

export interface FigureMeasure {
  readonly beats: number
  readonly performers: readonly PerformerMeasure[]
  readonly difficulties: readonly Difficulty[]
  /** Null where no beat asks for more than the others do. */
  readonly hardSpot: HardSpot | null
}

const OVER_HALF = 4
const HOPPING: ReadonlySet<Step['kind']> = new Set(['hop', 'jump', 'leap'])
const isOnFeet = ({ layer, kind }: Step): boolean => layer === 'feet' && kind !== 'hold'
const isOffBeat = ({ at }: Step): boolean => at % TICKS_PER_BEAT !== 0

/** What follows from a figure's steps: never typed in, always computed. */
export function measureFigure(danced: DancedFigure): FigureMeasure {
  const all = performers(danced)
  return {
    beats: beatsOfTicks(danced.lengthTicks),
    performers: all.map(measureSteps),
    difficulties: difficulties(danced, all),
    hardSpot: hardSpot(danced, all),
  }
}

const SHOWN = 100
const rounded = (n: number): number => Math.round(n * SHOWN) / SHOWN + 0

function measureSteps(performer: Performer): PerformerMeasure {
  const { steps } = performer
  const { forward, right } = walkFeet(steps).at(-1)?.body ?? ORIGIN
  const path = steps.reduce(
    (sum, { layer, weight, travel }) =>
      layer === 'feet' && weight !== 'none' && travel ? sum + travel.strides : sum,
    0,
  )
  return {
    ...performer,
    stepCount: weightChanges(steps),
    turn: netTurn(steps),
    forward: rounded(forward),
    right: rounded(right),
    path: rounded(path),
  }
}

/**
 * Things the feet do in a second of music at a tempo, held beats left out: eight quick steps in
 * four beats at 108 a minute are 3.6.
 *
 * @param lengthTicks Ticks; 24 are a beat, 1 or more.
 * @param beatsPerMinute Beats a minute, above 0.
 */
export const stepsPerSecond = (
  steps: readonly Step[],
  lengthTicks: number,
  beatsPerMinute: number,
): number => (onFeet(steps) * beatsPerMinute) / (60 * beatsOfTicks(lengthTicks as Tick))

/** How many of the steps the feet do. A figure is asked for it wherever it is danced. */
const onFeet = memoised((steps: readonly Step[]): number => steps.filter(isOnFeet).length)

/** Changes of hands on the way and at the end, for a figure begun in a hold. */
export function handChanges(
  { holds, exitHold, figure }: DancedFigure,
  begun = figure.entry.holds[0] ?? null,
): { readonly at: number | 'end'; readonly from: string; readonly to: string }[] {
  const changes: { at: number | 'end'; from: string; to: string }[] = []
  let now = begun
  const take = (at: number | 'end', to: string): void => {
    if (now !== null && now !== to) changes.push({ at, from: now, to })
    now = to
  }
  for (const { at, hold } of holds) take(at, hold)
  if (exitHold !== null) take('end', exitHold)
  return changes
}

/**
 * The hold at a tick, by the changes on the way from the one it is begun in.
 *
 * @param tick Tick; 24 are a beat.
 */
export const holdAt = (
  changes: ReturnType<typeof handChanges>,
  begun: string,
  tick: number,
): string => changes.reduce((now, { at, to }) => (at !== 'end' && at <= tick ? to : now), begun)

function difficulties(danced: DancedFigure, all: readonly Performer[]): Difficulty[] {
  const steps = all.flatMap((one) => one.steps)
  const offBeat = new Set(
    steps.filter((step) => isOnFeet(step) && isOffBeat(step)).map(({ at }) => at),
  ).size
  const hops = Math.max(
    0,
    ...all.map((one) => one.steps.filter(({ kind }) => HOPPING.has(kind)).length),
  )
  const turning = all.filter((one) => Math.abs(netTurn(one.steps)) > OVER_HALF)
  const hands = handChanges(danced).filter(({ from, to }) => {
    const { released, joined } = handChange(from, to)
    return released.length + joined.length > 0
  }).length
  const { figure } = danced
  const couple = figure.dancers === 'couple'
  const armed = all.some(
    (one) =>
      one.steps.some(({ layer }) => layer === 'arms') &&
      one.steps.some((step) => isOnFeet(step) && isOffBeat(step)),
  )
  const found: readonly (Difficulty | false)[] = [
    offBeat > 0 && { code: 'half-beats', count: offBeat },
    steps.some(({ at }) => at < 0) && { code: 'pick-up' },
    ...turning.map((one): Difficulty => ({
      code: 'turn',
      role: one.role,
      eighths: netTurn(one.steps),
    })),
    hands > 0 && { code: 'hands', count: hands },
    couple && danced.steps.lead.length > 0 && sameFeet(danced) && { code: 'same-feet' },
    couple && otherRhythm(danced) && { code: 'other-steps' },
    hops > 0 && { code: 'hops', count: hops },
    armed && { code: 'arms' },
  ]
  return found.filter((one) => one !== false)
}

const footwork = (steps: readonly Step[]): Step[] =>
  steps.filter((step) => isOnFeet(step) && step.foot !== null)
/** Whether lead and follow are on the same foot: not the mirror that couples usually are. */
function sameFeet({ steps }: Pick<DancedFigure, 'steps'>): boolean {
  const [lead] = footwork(steps.lead)
  const [follow] = footwork(steps.follow)
  return (
    lead !== undefined && follow !== undefined && lead.foot === follow.foot && lead.foot !== 'both'
  )
}
/** Whether the follow does not simply have the other foot at the same moments. */
function otherRhythm({ steps, figure }: DancedFigure): boolean {
  if (figure.follow === 'same') return false
  const [lead, follow] = [footwork(steps.lead), footwork(steps.follow)]
  const isMirror = (step: Step, i: number): boolean => {
    const other = follow[i]!
    return (
      step.at === other.at &&
      step.weight === other.weight &&
      (step.foot === 'both'
        ? other.foot === 'both'
        : step.foot === null || other.foot === otherFoot(step.foot))
    )
  }
  return lead.length !== follow.length || (!sameFeet({ steps }) && !lead.every(isMirror))
}

const ENOUGH = 2

function hardSpot(danced: DancedFigure, all: readonly Performer[]): HardSpot | null {
  const changes = handChanges(danced)
  let best: HardSpot | null = null
  let most = ENOUGH - 1
  for (let at = 0; at < danced.lengthTicks; at += TICKS_PER_BEAT) {
    const within = (tick: number): boolean =>
      tick >= (at === 0 ? -Infinity : at) && tick < at + TICKS_PER_BEAT
    for (const one of all) {
      const here = one.steps.filter((step) => within(step.at))
      const feet = here.filter(isOnFeet)
      const reasons: HardSpot['reasons'] = [
        ...(feet.length > 1 ? (['quick'] as const) : []),
        ...(Math.abs(netTurn(here)) >= 2 ? (['turn'] as const) : []),
        ...(feet.some(({ text }) => CROSSED.test(text)) ? (['crossing'] as const) : []),
        ...(here.some(({ layer }) => layer === 'arms') ? (['arms'] as const) : []),
        ...(changes.some((change) => change.at !== 'end' && within(change.at))
          ? (['hands'] as const)
          : []),
        ...(feet.some(({ kind }) => HOPPING.has(kind)) ? (['hop'] as const) : []),
      ]
      // What comes together counts, then how much of it: a half turn is harder than a quarter.
      const load = reasons.length + Math.abs(netTurn(here)) / 16 + Math.max(0, feet.length - 2) / 4
      if (reasons.length >= ENOUGH && load > most) {
        most = load
        best = { at, reasons }
      }
    }
  }
  return best
}
