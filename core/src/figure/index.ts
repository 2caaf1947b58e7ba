export {
  figureSchema,
  wordingsIn,
  isDancedAlike,
  WORDING_KINDS,
  CAUTION_KINDS,
  CUE_LANGUAGES,
  LEVELS,
  FRAMES,
  type Alias,
  type CueLanguageId,
  type Ending,
  type Figure,
  type FigureBook,
  type FigureOption,
  type FigurePart,
  type SetOthers,
  type Wordings,
  type WordingKind,
} from './figure.ts'
export { countedBar, familyOf, familyTempo, slowQuick } from './familyTempo.ts'
export { upgradeFigure, upgradeFiguresIn } from './upgrade.ts'
export {
  bookOf,
  composeBook,
  composeFigure,
  madeOf,
  type ComposedBook,
  type ComposeProblem,
} from './compose.ts'
export { performers, stepsOfDancer, namesOf, type Performer } from './cast.ts'
export {
  directionWords,
  readDirection,
  DIRECTION_FRAMES,
  type DirectionFrame,
  type Standing,
} from './frames.ts'
export { walkFeet, HIP, type FeetAfter } from './feet.ts'
export { type FloorPoint } from './floorPoint.ts'
export { figurePicture, partnerPlace, poseAt, type PictureDancer, type Pose } from './picture.ts'
export { netTurn } from './turnAmount.ts'
export { figureReference, findFigure } from './figureText.ts'
export { piecesOutsideQuotes } from './pieces.ts'
export { variationText, readVariation } from './variationText.ts'
export { aliasText, aliasesText, plainName, readAliases } from './aliasText.ts'
export {
  stepSchema,
  roleSchema,
  ROLES,
  otherFoot,
  type Step,
  type Role,
  type Foot,
} from './step.ts'
export {
  startingWeight,
  weightAfter,
  freeFoot,
  neededFoot,
  weightChanges,
  type Weight,
} from './weight.ts'
export {
  wrapFacing,
  turned,
  turnTo,
  sideThrough,
  travelInFrame,
  travelOfBody,
  mirrored,
  hallDirection,
  wallClock,
  HALL_DIRECTIONS,
  LINE_OF_DANCE,
  WALL,
  REVERSE,
  CENTRE,
  type Facing,
  type HallDirection,
} from './facing.ts'
export { HOLD_IDS, holdIdSchema, holdOf, handChange, type Hold } from './hold.ts'
export { AS_WRITTEN, variationSchema, cutSchema, type Cut, type Variation } from './variation.ts'
export { applyVariation, stepsOf, pickupTicks, type DancedFigure } from './vary.ts'
export { reflectStep, reflectSteps } from './reflect.ts'
export { oppositeSteps } from './opposite.ts'
export {
  danceFrom,
  entryFeet,
  missingFoot,
  holdFits,
  relationFits,
  rotateState,
  reflectState,
  startingState,
  floorStateSchema,
  type DancedOutcome,
  type FloorState,
  type RoleState,
  type StepTrouble,
} from './floor.ts'
export { parseTurn, type TurnAmount, type TurnFrom } from './turn.ts'
export { searchFigures } from './search.ts'
export { browseFigures, NO_WISH, isOfDance, startFoot, type FigureWish } from './browse.ts'
export { readMomentText, readStepLine, type StepLineOptions } from './stepLine.ts'
export { momentText, stepLineText } from './stepLineText.ts'
export { checkBook, checkFigure } from './checkFigure.ts'
export type { FigureFinding } from './figureFinding.ts'
export {
  followOns,
  mayFollow,
  stateAfter,
  type FollowOn,
  type FollowOnOptions,
  type Hindrance,
} from './followOn.ts'
export {
  measureFigure,
  stepsPerSecond,
  handChanges,
  holdAt,
  type Difficulty,
  type FigureMeasure,
  type HardSpot,
  type PerformerMeasure,
} from './measure.ts'
export {
  cover,
  emptyProfile,
  floorProfileSchema,
  knownFigures,
  type Coverage,
  type FloorProfile,
  type KnownFigures,
} from './profile.ts'
export { stagesOf, type Stage } from './stages.ts'
export {
  figureOfWritten,
  writtenOfFigure,
  UNWRITTEN,
  type FieldProblem,
  type WrittenFigure,
  type WrittenOptions,
} from './written.ts'
export { figureCsv, readFigureCsv, MOST_FIGURES } from './figureCsv.ts'
export { glossary, namesakes, wordsOfFigure, type GlossaryEntry, type Meaning } from './glossary.ts'
export { importPreview, type ImportRow } from './importPreview.ts'
export { WALTZ_FIGURES } from './waltz.ts'
export { SHIPPED_FIGURES } from './book/index.ts'
