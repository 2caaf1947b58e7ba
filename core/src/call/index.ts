export {
  newCall,
  stepCall,
  musicAt,
  settle,
  isMoving,
  isCueing,
  LEAST_SPEED,
  MOST_SPEED,
  type Call,
  type CallEvent,
  type TapUnit,
  type Turn,
} from './call.ts'
export { prepareCall, musicOfTick, tickOfMusic, type Cue, type PreparedCall } from './prepare.ts'
export { isReleased, type Course, type Link } from './course.ts'
export {
  approachAt,
  lecternAt,
  stopsOf,
  stopBefore,
  stopAfter,
  type LecternMoment,
} from './moment.ts'
export { delayFromTaps, LEAST_TAPS } from './delay.ts'
export { ladderOf, rungAt, type Rung } from './ladder.ts'
export { linesAfter, reentries, type Reentry } from './reentry.ts'
export {
  endSoon,
  coupleAt,
  goOn,
  legAt,
  oneMore,
  release,
  skipNext,
  startOver,
  type CourseTurn,
} from './turns.ts'
export { othersAt, type OtherDanced, type OtherKind } from './others.ts'
export { evenGrid, hearTap, lineGrid, NEW_EAR, type BandEar } from './band.ts'
export {
  bestStart,
  calledAs,
  calledId,
  freeFigures,
  freeDance,
  freePhrases,
  nextFigures,
  type FreeDance,
  type FreeOffer,
  type FreePhrase,
  type FreePhrases,
} from './freeFigures.ts'
export { sheetOfCalled, type CalledFigure } from './freeSheet.ts'
export { callEventSchema, callLogSchema, replay, type CallLog } from './log.ts'
export {
  callReport,
  courseChange,
  type CallReport,
  type CourseChange,
  type Happening,
  type ReportedCue,
} from './report.ts'
export { upgradeCallLog } from './upgrade.ts'
export {
  askedOf,
  callAt,
  comingAt,
  countInWordAt,
  newSession,
  positionAt,
  preparedFor,
  slotAt,
  standbyAt,
  standbyPlace,
  startOfMusic,
  toldAt,
  waitingSlot,
  waysBackAt,
  type Asked,
  type Coming,
  type Session,
  type SessionSetup,
  type ShownCue,
  type ToldTurn,
} from './session.ts'
export { evolve, replaySession, resumeSession, type Prepared } from './sessionEvents.ts'
export { landmarkTick, landmarksOf, nextLandmark } from './landmarks.ts'
export type { SessionCommand, SessionEffect, SessionStep } from './sessionCommands.ts'
export { AHEAD_SECONDS } from './sessionMusic.ts'
export { sessionStep } from './sessionStep.ts'
export {
  allOffers,
  freePlaceAt,
  isSamePlace,
  freePositionAt,
  freeStep,
  lastMoment,
  newFreeSession,
  offersOf,
  waysOf,
  type FreeCommand,
  type FreeMusic,
  type FreePlace,
  type FreeSession,
  type TakenFigure,
} from './freeSession.ts'
