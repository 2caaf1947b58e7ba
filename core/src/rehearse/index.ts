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
export {
  keptCues,
  practiceSchema,
  SPEAKERS,
  upgradePractice,
  type DrillRecord,
  type Practice,
  type QuizRecord,
  type Speaker,
  type Take,
} from './practice.ts'
export { dueBy, dueList, type Due } from './due.ts'
export {
  afterRound,
  beginDrill,
  DRILL_WAYS,
  drillStages,
  wentWell,
  type DrillStage,
  type DrillState,
  type DrillWay,
} from './drill.ts'
export { HARD_REASONS, hardPlaces, type HardPlace, type HardReason } from './hardPlaces.ts'
export { whatWouldHaveSaved, worthOfPlan, type Saving } from './saved.ts'
export { ownLengths, type OwnLengths } from './ownLengths.ts'
export { mendsOf, type Mend, type MendKind } from './mends.ts'
export {
  howItDiffers,
  QUIZ_KINDS,
  quizQuestion,
  type QuizAnswer,
  type QuizKind,
  type QuizQuestion,
} from './quiz.ts'
