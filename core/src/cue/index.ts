export { LANGUAGES, spokenText, wordsOf, type CueLanguage } from './language.ts'
export {
  voiceSchema,
  DEFAULT_VOICES,
  spokenSeconds,
  plannedSeconds,
  marginSeconds,
  byFormula,
  lengthKey,
  type Voice,
} from './voice.ts'
export { cueSlots, COUNT_IN_ROOM_TICKS, type CueWishes } from './cueSlots.ts'
export { isAroundTheDance, isNews } from './cueSlot.ts'
export type { CuePurpose, CueSlot, JoinedName, Wording } from './cueSlot.ts'
export { wordingsOf, wordingsOfFigure } from './wording.ts'
export { heardClock, type HeardClock } from './clock.ts'
export {
  targetLeadBeats,
  keptSeconds,
  leastLeadSeconds,
  type Candidate,
  type CueRules,
} from './candidate.ts'
export {
  utterancesOf,
  fixedWordings,
  type Plan,
  type PlanCache,
  type Planned,
  type Said,
  type SilenceReason,
} from './planner.ts'
export { planRoutine, type PlanInput } from './plan.ts'
export { knownBy, wantedWordings, type Known } from './fading.ts'
export type { Prompt } from './prompt.ts'
export { structurePrompts } from './prompts.ts'
export { soundDistance, soundOf, soundsLike } from './sound.ts'
export { READINGS } from './readings.ts'
export { fitVoice, withLength, LEAST_READINGS, type Reading, type VoiceFit } from './voiceFit.ts'
export type { Move, Room, Why } from './why.ts'
