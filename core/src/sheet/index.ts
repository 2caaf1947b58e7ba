export { deriveSheet, type ListedFinding, type Sheet, type SheetInput } from './derive.ts'
export { phraseRows, type PhraseRow, type RowBlock, type RowLine, type RowRibbon } from './rows.ts'
