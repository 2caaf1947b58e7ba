import { fixedWordings, isAroundTheDance, type Planned } from '../cue/index.ts'
import { bpmAt } from '../time/index.ts'
import { planAt, type Sheet } from './derive.ts'

/** Between which tempi a sheet can be called as it stands, in beats a minute at the first step. */
export interface TempoWindow {
  /** The lowest tempo at which every cue keeps its wording, looked for down to half the music's. */
  readonly slowestBpm: number
  /** The highest tempo at which every cue keeps its wording; null up to one and a half times. */
  readonly fastestBpm: number | null
  /** The first cue that does not fit beyond it. */
  readonly firstToBreak: {
    readonly slotKey: string
    readonly text: string
    readonly at: number
  } | null
}

const MOST = 1.5
const LEAST = 0.5
/** Half a hundredth of the tempo: finer than anybody plays. */
const FINE = 0.005

/**
 * How much slower and faster a sheet can be played before the first cue has to be said otherwise,
 * or not at all. Found by halving on either side of the music's own tempo, as what does not fit at
 * one tempo does not fit further away from it.
 */
export function tempoWindow(sheet: Sheet): TempoWindow {
  const plain = fixedWordings(sheet.plan)
  const breaks = (speed: number): Planned | null => {
    const plan = planAt(sheet, speed)
    const now = fixedWordings(plan)
    return (
      [...plan.planned, ...plan.extras].find(
        ({ slot }) =>
          !isAroundTheDance(slot) &&
          plain.has(slot.key) &&
          now.get(slot.key) !== plain.get(slot.key),
      ) ?? null
    )
  }
  const bpm = bpmAt(sheet.beatMap, sheet.firstStep)
  const slowestBpm = Math.ceil(bpm * lastThatFits(LEAST, breaks).fits)
  if (!breaks(MOST)) return { slowestBpm, fastestBpm: null, firstToBreak: null }
  const { fits, over } = lastThatFits(MOST, breaks)
  const { slot } = breaks(over)!
  const text = plain.get(slot.key) ?? ''
  return {
    slowestBpm,
    fastestBpm: Math.floor(bpm * fits),
    firstToBreak: { slotKey: slot.slotKey, text, at: slot.stepTick },
  }
}

/**
 * The speed furthest from 1 at which nothing breaks, towards a limit, and the nearest at which
 * something does; both the limit where nothing does there.
 */
function lastThatFits(
  limit: number,
  breaks: (speed: number) => unknown,
): { readonly fits: number; readonly over: number } {
  if (!breaks(limit)) return { fits: limit, over: limit }
  let [fits, over] = [1, limit]
  while (Math.abs(over - fits) > FINE) {
    const middle = (fits + over) / 2
    if (breaks(middle)) over = middle
    else fits = middle
  }
  return { fits, over }
}
