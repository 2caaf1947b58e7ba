export { isLanguage, LANGUAGES, type Language } from './language.ts'
export {
  problemsOf,
  succeed,
  expectOk,
  type Problem,
  type Refused,
  type Result,
  type Where,
} from './result.ts'
export { validate, readJson, unreadable, pathText } from './validate.ts'
export { idSchema, countingIds, type Id, type NewId } from './id.ts'
export {
  ROOT_ID,
  findNode,
  findList,
  nodesOf,
  type DocumentNode,
  type DocumentShape,
  type NodeShape,
  type ListAddress,
} from './shape.ts'
export { applyEdit, applyEdits, invertEdit, invertEdits, type Edit, type Place } from './edit.ts'
export { diff } from './diff.ts'
export { merge, type Merged, type Conflict } from './merge.ts'
export { acceptEdits, type Accepted, type Revised } from './accept.ts'
export {
  emptyHistory,
  packHistory,
  record,
  undo,
  unpackHistory,
  redo,
  COALESCE_MS,
  type History,
  type Step,
  type Travel,
} from './history.ts'
export {
  conflictsOf,
  documentHere,
  openSync,
  RETRY_MS,
  SAVE_AFTER_MS,
  syncStep,
  type Batch,
  type Draft,
  type SyncEffect,
  type SyncEvent,
  type SyncState,
  type SyncStep,
} from './sync.ts'
export { own } from './own.ts'
export { isRecord, mapRecords, upgrader, type Unread, type UpgradeStep } from './upgrade.ts'
export { memoised, sameInputs, type SameBy } from './memo.ts'
export { canonicalText, sameValue, sharedWith } from './value.ts'
export { editSchema } from './editSchema.ts'
