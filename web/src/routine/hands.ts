import type { Edit } from '@dellop/core/document'
import type { DancedSlot, Routine, Scope } from '@dellop/core/routine'
import type { SheetDocument } from './sheetDocument.ts'
import type { SheetPage } from './sheetPage.ts'

/** What edits of a sheet are made on: the document, what is chosen on its page, what they count for. */
export interface SheetHands {
  readonly document: SheetDocument
  readonly page: SheetPage
  readonly scope: () => Scope
}

/** The sheet as it stands, which is there as soon as anything can be edited. */
export const routineOf = ({ document }: Pick<SheetHands, 'document'>): Routine =>
  document.routine.value!

/** Makes edits that may give a slot another id; what stands in its place is selected then. */
export const inPlace =
  ({ document, page }: SheetHands) =>
  (slot: DancedSlot, edits: readonly Edit[] | null, label: string): void => {
    const index = page.slots.value.indexOf(slot)
    if (document.edit(edits, label) && index >= 0) page.select(page.slots.value[index]?.key ?? null)
  }
