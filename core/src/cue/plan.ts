import type { Calling, Formation, Timeline } from '../routine/index.ts'
import type { School } from '../school/index.ts'
import { TICKS_PER_BEAT, type BeatMap, type Tick } from '../time/index.ts'
import type { CueRules } from './candidate.ts'
import { heardClock, type HeardClock } from './clock.ts'
import { cueSlots, type CueWishes } from './cueSlots.ts'
import { wantedWordings, type Known } from './fading.ts'
import { LANGUAGES } from './language.ts'
import type { Introduction } from './opening.ts'
import { fixedWordings, planCues, type Plan, type PlanCache } from './planner.ts'
import { structurePrompts } from './prompts.ts'
import type { Voice } from './voice.ts'

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
  /** How this sheet is called, where it is otherwise than the school has it. */
  readonly calling?: Calling | undefined
  readonly formation?: Formation | undefined
  /** Seconds that echo or a noisy floor add to every lead: 0 to 2. */
  readonly hallSeconds?: number
  /** Music before the first step; none where left out. */
  readonly introduction?: Introduction
  /** Ticks of a bar; a bar of four where left out. */
  readonly barTicks?: Tick
  /** Tick of the dance at which the music ends; not known where null or left out. */
  readonly musicEnd?: Tick | null
  /** Ticks of a slow, where steps are spoken as slow and quick; by their words where left out. */
  readonly slowTicks?: number | null
  /** What the two roles are called; the school's words where left out. */
  readonly roles?: Readonly<Record<'lead' | 'follow', string>>
}

const AS_THE_SCHOOL_HAS_IT: Calling = {}

/**
 * Plans a routine's cues at a speed of 0.5 to 1.5. Wordings are chosen at speed 1; another speed
 * keeps them and moves their starts, choosing anew only where a hard rule would break. A cache
 * takes over what an edit left alone.
 *
 * @param speed Of the recording, 0.5 to 1.5.
 */
export function planRoutine(input: PlanInput, speed = 1, cache?: PlanCache): Plan {
  const { timeline, school, voice, firstStep, calling = AS_THE_SCHOOL_HAS_IT } = input
  const language = LANGUAGES[voice.language]
  const slots = cueSlots(timeline, {
    language: voice.language,
    school,
    calling,
    introductionTicks: firstStep,
    shortTicks: shortTicks(heardClock(input.beatMap, firstStep, 1)),
    slowTicks: input.slowTicks ?? null,
    around: aroundOf(input),
    wanted: wantedWordings(
      timeline,
      school,
      input.known ?? 0,
      input.phraseTicks ?? USUAL_PHRASE_TICKS,
    ),
    prompts: structurePrompts(timeline, {
      school,
      language,
      formation: input.formation,
      roles: input.roles ?? school.roleLabels,
    }),
  })
  const rulesAt = (oneSpeed: number): CueRules => ({
    school,
    voice,
    clock: heardClock(input.beatMap, firstStep, oneSpeed),
    hallSeconds: input.hallSeconds ?? 0,
    wholeBeats: calling.wholeBeats === true,
    countsFirst: calling.mouth === 'both' && calling.first === 'counts',
  })
  const plain = planCues(slots, rulesAt(1), null, speed === 1 ? cache : undefined)
  return speed === 1 ? plain : planCues(slots, rulesAt(speed), fixedWordings(plain))
}

/** A figure is short that lasts less than a cue and its lead take. */
const SHORT_SECONDS = 1.5

const shortTicks = ({ heardAt, tickAtHeard }: HeardClock): number =>
  tickAtHeard(heardAt(0 as Tick) + SHORT_SECONDS)

/** What is known of what lies around the figures. */
function aroundOf(input: PlanInput): CueWishes['around'] {
  const { timeline, school, introduction, formation, musicEnd } = input
  return {
    formation,
    roles: input.roles ?? school.roleLabels,
    introduction: introduction ?? null,
    barTicks: input.barTicks ?? ((4 * TICKS_PER_BEAT) as Tick),
    musicLeft: musicEnd == null ? null : musicEnd - timeline.lengthTicks,
  }
}
