import { fixedWordings, type Planned } from '../cue/index.ts'
import { bpmAt } from '../time/index.ts'
import { planAt, type Sheet } from './derive.ts'

/** Up to which tempo a sheet can be called as it stands. */
export interface TempoWindow {
  /** The highest tempo, in beats a minute at the first step, at which every cue keeps its wording; null up to one and a half times. */
  readonly fastestBpm: number | null
  /** The first cue that does not fit beyond it. */
  readonly firstToBreak: { readonly slotKey: string; readonly text: string; readonly at: number } | null
}

const MOST = 1.5
/** Half a hundredth of the tempo: finer than anybody plays. */
const FINE = 0.005

/**
 * How much faster a sheet can be played before the first cue has to be said otherwise, or not at all. Slower it always
 * goes: everything has more room then. Found by halving, as what does not fit at one tempo does not fit at a higher one.
 */
export function tempoWindow(sheet: Sheet): TempoWindow {
  const plain = fixedWordings(sheet.plan)
  const breaks = (speed: number): Planned | null => {
    const plan = planAt(sheet, speed)
    const now = fixedWordings(plan)
    return [...plan.planned, ...plan.extras].find(({ slot: { key } }) => plain.has(key) && now.get(key) !== plain.get(key)) ?? null
  }
  if (!breaks(MOST)) return { fastestBpm: null, firstToBreak: null }
  let [fits, over] = [1, MOST]
  while (over - fits > FINE) {
    const middle = (fits + over) / 2
    if (breaks(middle)) over = middle
    else fits = middle
  }
  const { slot } = breaks(over)!
  const text = plain.get(slot.key) ?? ''
  return { fastestBpm: Math.floor(bpmAt(sheet.beatMap, sheet.firstStep) * fits), firstToBreak: { slotKey: slot.slotKey, text, at: slot.stepTick } }
}
