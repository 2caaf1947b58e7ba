import type { DancedPass } from '../routine/index.ts'
import type { Sheet } from '../sheet/index.ts'
import type { Tick } from '../time/index.ts'

/** Speeds that the ladder reaches, and its rung, as shares of the tempo. */
const SLOWEST = 0.6
const FASTEST = 1.1
const RUNG = 0.05
/** So many rounds that went well, or badly, one after the other, change the speed. */
const IN_A_ROW = 2
/** A round went well in which so many of the cues were in time. */
const GOOD_SHARE = 0.9

/** A stretch of the dance that goes round. */
export interface DrillStage {
  readonly key: string
  readonly start: Tick
  readonly end: Tick
  /** The passes it is made of. */
  readonly passes: readonly string[]
}

export const DRILL_WAYS = ['round', 'join', 'build'] as const
/**
 * How stages follow: one alone goes round; each is joined to the end of the one before; or they are
 * built up, all so far each time.
 */
export type DrillWay = (typeof DRILL_WAYS)[number]

/**
 * Stages of a passage of whole parts.
 *
 * @param from First pass, from 0.
 * @param to Last pass, counted with it.
 */
export function drillStages(
  { timeline: { passes } }: Pick<Sheet, 'timeline'>,
  from: number,
  to: number,
  way: DrillWay,
): readonly DrillStage[] {
  const chosen = passes.slice(from, to + 1).filter(({ start, end }) => end > start)
  const stage = (own: readonly DancedPass[]): DrillStage => ({
    key: own.map(({ key }) => key).join('+'),
    start: own[0]!.start,
    end: own.at(-1)!.end,
    passes: own.map(({ key }) => key),
  })
  if (chosen.length === 0) return []
  if (way === 'round' || chosen.length === 1) return [stage(chosen)]
  if (way === 'join') return chosen.slice(1).map((_, i) => stage(chosen.slice(i, i + 2)))
  return chosen.map((_, i) => stage(chosen.slice(0, i + 1)))
}

/** How far a drill has come. */
export interface DrillState {
  readonly stage: number
  /** As a share of the tempo. */
  readonly speed: number
  /** Rounds since the speed or the stage last changed. */
  readonly good: number
  readonly bad: number
  readonly rounds: readonly { readonly speed: number; readonly good: boolean }[]
}

/** @param speed To begin at, as a share of the tempo. */
export const beginDrill = (speed: number): DrillState => ({
  stage: 0,
  speed: rung(speed),
  good: 0,
  bad: 0,
  rounds: [],
})

/** @param inTime Share of the cues of the round that were in time, 0 to 1. */
export const wentWell = (inTime: number): boolean => inTime >= GOOD_SHARE

/**
 * The drill after a round: two good ones raise the speed by a rung, or go on to the next stage once
 * it goes at tempo; two bad ones lower it.
 *
 * @param stages How many there are.
 */
export function afterRound(state: DrillState, isGood: boolean, stages: number): DrillState {
  const rounds = [...state.rounds, { speed: state.speed, good: isGood }]
  const good = isGood ? state.good + 1 : 0
  const bad = isGood ? 0 : state.bad + 1
  const fresh = { good: 0, bad: 0, rounds }
  if (good >= IN_A_ROW && state.speed >= 1 - 1e-9 && state.stage + 1 < stages)
    return { ...state, ...fresh, stage: state.stage + 1 }
  if (good >= IN_A_ROW) return { ...state, ...fresh, speed: rung(state.speed + RUNG) }
  if (bad >= IN_A_ROW) return { ...state, ...fresh, speed: rung(state.speed - RUNG) }
  return { ...state, good, bad, rounds }
}

const rung = (speed: number): number =>
  Math.round(Math.min(FASTEST, Math.max(SLOWEST, speed)) / RUNG) * RUNG
