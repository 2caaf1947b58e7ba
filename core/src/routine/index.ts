export { routineSchema, routineShape, type Change, type Overrule, type Part, type Pass, type Routine, type Slot, type SlotContent } from './routine.ts'
export { unfold, slotsOfPass, type DancedPass, type DancedSlot, type Timeline, type UnfoldCache } from './unfold.ts'
export { fitToMusic, fillGap, type MusicFit } from './fit.ts'
export {
  addPass, addSlot, dropFromPass, insertInPass, figureContent, freshSlot, moveSlot, moveSlotBy, overrule, removePass, removeSlot, replaceContent, setSlotField, setWording, varySlot, wordsContent, type Scope,
} from './edits.ts'
export { phrasing, type PassPhrasing } from './phrasing.ts'
