export {
  correct,
  CORRECTABLE,
  emptyEntry,
  entrySchema,
  entryShape,
  upgradeEntry,
  type Correctable,
  type LogEntry,
} from './entry.ts'
export { entryOfCall, type CallFacts } from './entryOfCall.ts'
export {
  idleDances,
  isDueAgain,
  logbookOf,
  weeksUntilDue,
  type DancedFigure as DancedByGroup,
  type Logbook,
  type SlipPlace,
} from './answers.ts'
export {
  dancedEvenings,
  figuresByWeek,
  kindsByEvening,
  usualChangeover,
  type DancedEvening,
  type KindOfEvenings,
  type WeekOfFigures,
} from './season.ts'
export { slipsBySlot } from './slipMarks.ts'
export { logbookCsv, readLogbookCsv } from './csv.ts'
export { logbookJson, readLogbookJson } from './json.ts'
