export { readAbc } from './abc.ts'
export { readSheetFile, sheetFileSchema, writeSheetFile, type SheetFile } from './sheetFile.ts'
export { tuneOfHeard, type RecordingFacts } from './tuneOfHeard.ts'
export { tuneOfScore } from './tuneOfScore.ts'
