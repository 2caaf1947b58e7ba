export { deriveSheet, type ListedFinding, type Sheet, type SheetInput } from './derive.ts'
