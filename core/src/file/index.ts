export { figureFileSchema, readFigureFile, writeFigureFile } from './figureFile.ts'
export { beatCsv, beatMoments, type BeatMoment } from './beatCsv.ts'
export { beatMidi } from './beatMidi.ts'
export { sectionsVtt, vttTime } from './sectionsVtt.ts'
export { readAbc } from './abc.ts'
export { readMidi } from './midi.ts'
export { readMusicXml } from './musicXml.ts'
export {
  MOST_MARKS,
  readSheetFile,
  upgradeSheetFile,
  sheetFileSchema,
  writeSheetFile,
  type SheetFile,
} from './sheetFile.ts'
export {
  beatMapOfHeard,
  choicesOf,
  recordingOfHeard,
  tuneOfHeard,
  type RecordingFacts,
} from './tuneOfHeard.ts'
export { tuneOfScore } from './tuneOfScore.ts'
export { sheetFileOfText } from './sheetFileOfText.ts'
export { sheetMarkdown } from './sheetMarkdown.ts'
export { readSheetTextAsFar, type ReadAsFar, type UnreadLine } from './readAsFar.ts'
export { readSheetText, type SheetTextRead } from './sheetText.ts'
export type { SheetTextOptions } from './sheetTextLine.ts'
export { sheetText } from './sheetTextPrint.ts'
export { sectionOf, sheetWordIn } from './germanSheet.ts'
export { figureBlocks } from './figureBlocks.ts'
export { figureIdsOf, usedFigures } from './usedFigures.ts'
export { cuesCsv, cuesLrc, cuesMarkdown, cuesSrt, cuesVtt } from './cueScript.ts'
export { cueMidi } from './cueMidi.ts'
export { readCues, type ReadCue } from './readCues.ts'
export { fileName } from './fileName.ts'
