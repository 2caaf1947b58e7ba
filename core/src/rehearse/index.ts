export { secondsOf, utterancesOf, type Utterance } from './expected.ts'
export {
  walkThrough,
  WALK_KINDS,
  type WalkItem,
  type WalkKind,
  type WalkReason,
  type WalkThrough,
} from './walkThrough.ts'
export { matchSpans, type Match, type SpokenSpan } from './match.ts'
export { scoreTake, type CueScore, type TakeScore, type Verdict } from './score.ts'
export {
  DEEDS,
  simulateFloor,
  USUAL_FLOOR,
  type Deed,
  type FloorRun,
  type FloorSettings,
  type FloorSlot,
  type FloorWish,
  type HeardCue,
} from './simulatedFloor.ts'
