export { REFUSALS, type Refusals } from './words/en/refusals.ts'
export { REFUSALS as GERMAN_REFUSALS } from './words/de/refusals.ts'
export {
  PROBLEM_STATUS,
  PROBLEM_CODES,
  problemSchema,
  type ProblemBody,
  type ProblemCode,
} from './problem.ts'
export {
  callPackSchema,
  commonSheetSchema,
  marksSchema,
  sheetNeedsSchema,
  sheetUsesSchema,
  upgradeCallPack,
  importedSheetSchema,
  importSheetSchema,
  branchSheetSchema,
  newSheetSchema,
  revisionListSchema,
  sheetListSchema,
  sheetSchema,
  sheetSummarySchema,
  type CallPack,
  type CommonSheet,
  type ImportedSheet,
  type NewSheet,
  type Revision,
  type SheetNeeds,
  type SheetUses,
  type SheetState,
  type SheetSummary,
} from './sheet.ts'
export {
  FIGURE_HOW,
  figureHistorySchema,
  figureUseSchema,
  figureVersionSchema,
  mergeFiguresSchema,
  figureListSchema,
  demoStateSchema,
  healthSchema,
  importScoreSchema,
  newTuneSchema,
  mediaSchema,
  newFigureSchema,
  peaksSchema,
  schoolListSchema,
  tuneAnswerSchema,
  tuneListSchema,
  type FigureHow,
  type FigureVersion,
  type DemoState,
} from './library.ts'
export {
  DOCUMENT_KINDS,
  conflictSchema,
  documentChangedSchema,
  editAnswerSchema,
  editBatchSchema,
  setAsideSchema,
  type DocumentChanged,
  type DocumentKind,
  type EditBatch,
  type SetAside,
} from './document.ts'
export {
  DEFAULT_SETTINGS,
  SETTINGS_ID,
  settingsSchema,
  settingsShape,
  upgradeSettings,
  type KeptHall,
  type Settings,
} from './settings.ts'
export { MEDIA_LIMIT_BYTES, ROUTES, routePath, type Route, type RouteName } from './routes.ts'
export { openApiDocument } from './openapi.ts'
export * from './call.ts'
export * from './practice.ts'
export * from './backup.ts'
export * from './evening.ts'
export * from './hall.ts'
