export {
  FORMATIONS,
  routineSchema,
  routineShape,
  UNITS,
  type Change,
  type Formation,
  type Overrule,
  type Part,
  type Pass,
  type Routine,
  type Slot,
  type SlotContent,
  type Calling,
  type Unit,
} from './routine.ts'
export { unfold, slotsOfPass, type UnfoldCache, type UnfoldContext } from './unfold.ts'
export { danceElsewhere } from './danceSlot.ts'
export { isStandingStill, saysNoSteps } from './noSteps.ts'
export type { DancedPass, DancedSlot, Timeline } from './timeline.ts'
export { NO_CHOICES, type Choices } from './choices.ts'
export { nextLine, NO_MUSIC, tiePlace, type MusicLayout, type MusicSection } from './musicLayout.ts'
export { fitToMusic, fillGap, type MusicFit } from './fit.ts'
export {
  addPass,
  addSlot,
  dropFromPass,
  insertInPass,
  figureContent,
  freshPass,
  freshSlot,
  moveSlot,
  mirrorSlots,
  moveSlotBy,
  overrule,
  removePart,
  removePass,
  takeUp,
  removeSlot,
  replaceContent,
  setField,
  setHeading,
  setSlotField,
  setFieldAt,
  setWording,
  withWording,
  varySlot,
  wordsContent,
  type Scope,
} from './edits.ts'
export {
  namedOf,
  RELATIONS,
  relatedSchema,
  relationsOf,
  sameDances,
  sheetRelated,
  type Named,
  type Related,
  type Relation,
  type RelationKind,
} from './related.ts'
export { phrasing, type PassPhrasing } from './phrasing.ts'
export { figureUse, type FigureUse } from './figureUse.ts'
export { adoptIds } from './adopt.ts'
export { comesRoundTo, type RoundDifference } from './comesRound.ts'
export { emptyRoutine } from './emptyRoutine.ts'
export {
  freshRoutine,
  usualFormation,
  usualPlaces,
  usualSchool,
  usualStart,
  type SheetBeginning,
} from './freshRoutine.ts'
export { totalOf, type Total } from './totals.ts'
export { contentLength, partLength } from './partLength.ts'
export { comparePasses, type ComparedSlot } from './comparePasses.ts'
export {
  clearChanges,
  copySlots,
  pasteSlots,
  promoteChanges,
  removeSlots,
  slotsBetween,
  type Clip,
} from './rangeEdits.ts'
export { borrowPart, copyPart, freeLabel } from './borrow.ts'
export { lessonsMarked, lessonsOf, type Lesson } from './lessons.ts'
export { passesUntilHome, wallsOf, type WallOfPass } from './walls.ts'
export {
  fitOffers,
  tempoOffer,
  type FitInput,
  type FitOffer,
  type FitOffers,
  type PassChange,
} from './fitOffers.ts'
export { searchOrders, type FoundOrder, type OrderSearch, type SearchedPass } from './passSearch.ts'
export {
  shelfOf,
  type Shelf,
  type ShelfEntry,
  type ShelfOrder,
  type ShelfWish,
} from './searchShelf.ts'
export { countingOf, isCountedInBars, slowOf, slowsAndQuicks, type Counting } from './counting.ts'
export { frameOf, isAllAlike, roleTold } from './formation.ts'
export { rolesOf } from './roles.ts'
export { upgradeRoutine, upgradeRoutineEdits, upgradeRoutineIn } from './upgrade.ts'
export { lineSums, nearestWhole, unitSums, type PassSum, type SummedPass } from './deviations.ts'
export { isRestart } from './restart.ts'
export { usualKind } from './usualKind.ts'
export { usualPhraseTicks } from './usualPhrase.ts'
