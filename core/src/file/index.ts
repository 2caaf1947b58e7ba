export { readAbc } from './abc.ts'
export { readSheetFile, sheetFileSchema, writeSheetFile, type SheetFile } from './sheetFile.ts'
export { tuneOfScore } from './tuneOfScore.ts'
