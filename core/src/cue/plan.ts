import type { School } from '../school/index.ts'
import type { Timeline } from '../routine/index.ts'
import { TICKS_PER_BEAT, type BeatMap, type Tick } from '../time/index.ts'
import { heardClock } from './clock.ts'
import { wantedWordings, type Known } from './fading.ts'
import { LANGUAGES } from './language.ts'
import { planCues, type Plan } from './planner.ts'
import { structurePrompts } from './prompts.ts'
import type { Voice } from './voice.ts'
import { cueSlots } from './wording.ts'

/** Eight bars of four. */
const USUAL_PHRASE_TICKS = 32 * TICKS_PER_BEAT

export interface PlanInput {
  readonly timeline: Timeline
  readonly school: School
  readonly voice: Voice
  readonly beatMap: BeatMap
  /** Tick of the recording on which the first step falls; what lies before it is introduction. */
  readonly firstStep: Tick
  /** How often the floor has danced it before; 0 where it is new to all. */
  readonly known?: Known
  /** Ticks of a usual phrase, for breaks after which a part is new again. */
  readonly phraseTicks?: number
}

/**
 * Plans a routine's cues at a speed of 0.5 to 1.5. Wordings are chosen at speed 1; another speed keeps them and moves
 * their starts, choosing anew only where a hard rule would break.
 */
export function planRoutine(input: PlanInput, speed = 1): Plan {
  const wanted = wantedWordings(input.timeline, input.school, input.known ?? 0, input.phraseTicks ?? USUAL_PHRASE_TICKS)
  const slots = cueSlots(input.timeline.slots, input.voice.language, input.firstStep, { wanted, prompts: structurePrompts(input.timeline, input.school, LANGUAGES[input.voice.language]) })
  const at = (oneSpeed: number) => ({ school: input.school, voice: input.voice, clock: heardClock(input.beatMap, input.firstStep, oneSpeed) })
  const plain = planCues(slots, at(1))
  if (speed === 1) return plain
  const fixed = new Map(plain.planned.map((one) => [one.slot.key, one.said?.wording.text ?? null]))
  return planCues(slots, at(speed), fixed)
}
