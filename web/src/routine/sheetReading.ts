// Reading sheets, by itself: it comes when the first is brought.
export { readSheetFile, readSheetText, sheetFileOfText } from '@dellop/core/file'
