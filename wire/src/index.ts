export { PROBLEM_STATUS, PROBLEM_CODES, problemSchema, type ProblemBody, type ProblemCode } from './problem.ts'
export {
  callPackSchema,
  conflictSchema,
  editAnswerSchema,
  editBatchSchema,
  importedSheetSchema,
  importSheetSchema,
  newSheetSchema,
  revisionListSchema,
  sheetChangedSchema,
  sheetListSchema,
  sheetSchema,
  sheetSummarySchema,
  type CallPack,
  type EditAnswer,
  type EditBatch,
  type SheetChanged,
  type SheetState,
  type SheetSummary,
} from './sheet.ts'
export {
  DEFAULT_SETTINGS,
  figureListSchema,
  healthSchema,
  changeTuneSchema,
  importScoreSchema,
  newTuneSchema,
  mediaSchema,
  newFigureSchema,
  peaksSchema,
  schoolListSchema,
  settingsSchema,
  tuneAnswerSchema,
  tuneListSchema,
  type Settings,
} from './library.ts'
export { MEDIA_LIMIT_BYTES, ROUTES, routePath, type Route, type RouteName } from './routes.ts'
export { openApiDocument } from './openapi.ts'
