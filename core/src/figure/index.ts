export {
  figureSchema,
  figureShape,
  wordingsIn,
  isDancedAlike,
  WORDING_KINDS,
  CAUTION_KINDS,
  CUE_LANGUAGES,
  LEVELS,
  LEVEL_NAMES,
  levelName,
  levelNamed,
  type Level,
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
} from './model/figure.ts'
export { countedBar, familyOf, familyTempo, slowQuick } from './library/family.ts'
export { upgradeFigure, upgradeFiguresIn } from './model/upgrade.ts'
export {
  bookOf,
  composeBook,
  composeFigure,
  madeOf,
  type ComposedBook,
  type ComposeProblem,
} from './model/compose.ts'
export { performers, stepsOfDancer, type Performer } from './model/cast.ts'
export { namesOf } from './model/figureWords.ts'
export {
  directionWords,
  readDirection,
  DIRECTION_FRAMES,
  type DirectionFrame,
  type Standing,
} from './geometry/frames.ts'
export { walkFeet, CROSSED, HIP, type FeetAfter } from './geometry/feet.ts'
export {
  figurePicture,
  partnerPlace,
  poseAt,
  type PictureDancer,
  type Pose,
} from './geometry/picture.ts'
export { bodyTurn, netTurn } from './model/turnAmount.ts'
export { figureReference, findFigure, isOwnFigure, otherNameOf } from './notation/figureText.ts'
export { piecesOutsideQuotes } from './notation/pieces.ts'
export { variationText, readVariation } from './notation/variationText.ts'
export { aliasText, aliasesText, plainName, readAliases } from './notation/aliasText.ts'
export {
  stepSchema,
  roleSchema,
  ROLES,
  otherFoot,
  type Step,
  type Role,
  type Foot,
} from './model/step.ts'
export {
  otherWeight,
  startingWeight,
  weightAfter,
  freeFoot,
  neededFoot,
  weightChanges,
  type Weight,
} from './model/weight.ts'
export {
  HOLD_IDS,
  holdName,
  heldAs,
  HOLD_WORDS,
  HOLDS_EXPECTED,
  isHold,
  holdIdSchema,
  holdOf,
  holdsFlow,
  mirrorOf,
  handChange,
  type Hold,
} from './model/hold.ts'
export {
  figureSentence,
  levelsIn,
  nameOfHold,
  nameOfRole,
  remarkIn,
  stepIn,
  variationIn,
} from './words/told.ts'
export { HALL_FACINGS_DE } from './words/de/names.ts'
export { PICK_UP } from './model/exits.ts'
export {
  OWN_STANDINGS,
  ownHoldText,
  readOwnHold,
  type OwnHold,
  type OwnStanding,
} from './model/ownHold.ts'
export {
  AS_WRITTEN,
  variationSchema,
  cutSchema,
  type Cut,
  type Variation,
} from './model/variation.ts'
export { beginsOnEither, onAnyFoot, onFootAsked, tookOtherFoot } from './model/freeFoot.ts'
export { applyVariation, stepsOf, pickupTicks, type DancedFigure } from './model/vary.ts'
export { reflectStep, reflectSteps } from './model/reflect.ts'
export { oppositeSteps } from './model/opposite.ts'
export {
  danceFrom,
  asBegun,
  entryFeet,
  missingFoot,
  type DancedOutcome,
  type StepTrouble,
} from './model/danceFrom.ts'
export {
  keptByState,
  stateKey,
  relationFits,
  rotateState,
  reflectState,
  startingState,
  coupleStateSchema,
  type CoupleState,
  type RoleState,
} from './model/coupleState.ts'
export { beginning, entryHolds, holdBegun, holdFits } from './model/beginning.ts'
export { parseTurn, type TurnAmount, type TurnFrom } from './notation/turn.ts'
export { searchFigures } from './library/search.ts'
export { askFigures, findVaried, type Asked } from './library/asked.ts'
export { suggestFigures, type Suggestion } from './library/suggest.ts'
export { browseFigures, NO_WISH, isOfDance, startFoot, type FigureWish } from './library/browse.ts'
export { readMomentText, readStepLine, type StepLineOptions } from './notation/stepLine.ts'
export { momentText, stepLineText } from './notation/stepLineText.ts'
export { checkBook, checkFigure } from './checks/checkFigure.ts'
export { FIGURE_FINDING_CODES, type FigureFinding } from './checks/figureFinding.ts'
export {
  followOns,
  mayFollow,
  stateAfter,
  type FollowOn,
  type FollowOnOptions,
  type Hindrance,
} from './library/followOn.ts'
export {
  measureFigure,
  stepsPerSecond,
  handChanges,
  holdAt,
  type Difficulty,
  type FigureMeasure,
  type HardSpot,
  type PerformerMeasure,
} from './geometry/measure.ts'
export { type Coverage, type KnownFigures } from './library/known.ts'
export { stagesOf, type Stage } from './library/stages.ts'
export {
  figureOfWritten,
  writtenOfFigure,
  UNWRITTEN,
  type FieldProblem,
  type WrittenFigure,
  type WrittenOptions,
} from './notation/written.ts'
export { figureCsv, readFigureCsv, MOST_FIGURES } from './notation/figureCsv.ts'
export { cellsOfFigure, COLUMNS as CELL_NAMES, figureOfCells } from './notation/figureCells.ts'
export { readParts } from './notation/figureText.ts'
export {
  glossary,
  namesakes,
  wordsOfFigure,
  type GlossaryEntry,
  type Meaning,
} from './library/glossary.ts'
export { importPreview, type ImportRow } from './library/importPreview.ts'
export { WALTZ_FIGURES } from './book/waltz.ts'
export { SHIPPED_FIGURES } from './book/index.ts'
export { mirroredName, mirroredWords, namesSide } from './model/mirroredWords.ts'
export { turnedWords } from './model/turnedWords.ts'
