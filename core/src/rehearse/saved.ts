import type { PreparedCall } from '../call/index.ts'
import type { Utterance } from './expected.ts'
import { simulateFloor, type FloorRun, type FloorWish, type HeardCue } from './simulatedFloor.ts'

/** One cue that, said as planned, would have helped most. */
export interface Saving {
  readonly utterance: Utterance
  /** Share of the floor that would have danced rightly. */
  readonly right: number
  readonly gained: number
}

/** Share that has to be won for a cue to be named. */
const WORTH_NAMING = 0.005

/**
 * What would have saved it: each cue that was missed or not said as planned is put right alone, and
 * the floor dances again to the same chances. The best first.
 *
 * @param heard What was heard of the whole dance.
 * @param most How many to name at most.
 */
export function whatWouldHaveSaved(
  call: PreparedCall,
  utterances: readonly Utterance[],
  heard: readonly HeardCue[],
  wish: FloorWish,
  most = 3,
): { readonly run: FloorRun; readonly savings: readonly Saving[] } {
  const run = simulateFloor(call, heard, wish)
  const ends = new Map(heard.map(({ slotKey, end }) => [slotKey, end]))
  const savings = utterances
    .filter((one) => isOff(one, ends.get(one.slotKey)))
    .map((utterance): Saving => {
      const others = heard.filter(({ slotKey }) => slotKey !== utterance.slotKey)
      const put = [...others, { slotKey: utterance.slotKey, end: utterance.end }]
      const { right } = simulateFloor(call, put, wish)
      return { utterance, right, gained: right - run.right }
    })
    .filter(({ gained }) => gained >= WORTH_NAMING)
    .sort((a, b) => b.gained - a.gained)
  return { run, savings: savings.slice(0, most) }
}

const isOff = ({ end, beatSeconds }: Utterance, heard: number | undefined): boolean =>
  heard === undefined || Math.abs(heard - end) > beatSeconds / 4

/**
 * What the plan is worth: how many of a floor get it with the plan's cues, and with the same words
 * said on the step itself, as somebody does who reads along.
 */
export function worthOfPlan(
  call: PreparedCall,
  utterances: readonly Utterance[],
  wish: FloorWish,
): { readonly planned: number; readonly onTheStep: number } {
  const right = (end: (one: Utterance) => number): number =>
    simulateFloor(
      call,
      utterances.map((one) => ({ slotKey: one.slotKey, end: end(one) })),
      wish,
    ).right
  return {
    planned: right(({ end }) => end),
    onTheStep: right(({ step, start, end }) => step + end - start),
  }
}
