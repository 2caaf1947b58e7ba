export {
  deriveSheet,
  planAnew,
  planAt,
  sheetCache,
  type ListedFinding,
  type SheetCache,
  type Sheet,
  type SheetInput,
} from './derive.ts'
export {
  AFTER_THE_DANCE,
  phraseRows,
  type PhraseRow,
  type RowBlock,
  type RowLine,
  type RowRibbon,
} from './rows.ts'
export { stateAt, type StateAt } from './stateAt.ts'
export { tunesFor, type TuneFit } from './shelfFit.ts'
export { musicOn } from './musicOn.ts'
export { changeWords } from './changeWords.ts'
export {
  printedParts,
  type PrintedBeat,
  type PrintedFor,
  type PrintedPart,
  type PrintedSlot,
} from './printSheet.ts'
export { tempoWindow, type TempoWindow } from './tempoWindow.ts'
export { densityOf, type Density } from './density.ts'
export { spokenCounts, type CountedSheet, type SpokenCount } from './countLane.ts'
export { cueLines, type CueLine } from './cueLines.ts'
export {
  matchCues,
  type CueMatch,
  type MatchedCues,
  type OutsideCue,
  type Unplaced,
} from './matchCues.ts'
export { afterFreeTime, callChoices, releasedByHand } from './byHand.ts'
export { shorterOffers, type ShorterOffer } from './shorterOffers.ts'
export { searchRepairs } from './repairSearch.ts'
