import type { Edit } from '@dellop/core/document'
import type { Scope } from '@dellop/core/routine'
import { headingEdits } from './headingEdits.ts'
import { passEdits } from './passEdits.ts'
import { rangeEdits } from './rangeEdits.ts'
import type { SheetDocument } from './sheetDocument.ts'
import type { SheetPage } from './sheetPage.ts'
import { slotEdits } from './slotEdits.ts'

/**
 * What keys, buttons and drags on a sheet do: each makes edits, names them for undo, and moves the
 * selection along.
 */
export function sheetCommands(document: SheetDocument, page: SheetPage, scope: () => Scope) {
  const hands = { document, page, scope }
  const slots = slotEdits(hands)
  return {
    ...slots,
    ...passEdits(hands),
    ...headingEdits(hands),
    ...rangeEdits(hands, slots),
    /** Edits worked out elsewhere, named for undo; says whether they could be made. */
    take: (edits: readonly Edit[] | null, label: string): boolean => document.edit(edits, label),
  }
}
export type SheetCommands = ReturnType<typeof sheetCommands>
