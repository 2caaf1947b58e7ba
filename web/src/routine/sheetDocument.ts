import type { Routine } from '@dellop/core/routine'
import { computed, type ComputedRef } from 'vue'
import { SHEET } from '../document/kinds.ts'
import type { OpenDocument } from '../document/openDocument.ts'
import { savingText } from '../document/saved.ts'
import { documentStore } from '../document/store.ts'

/** One open sheet. */
export interface SheetDocument extends OpenDocument<Routine> {
  readonly routine: ComputedRef<Routine | null>
  readonly saving: ComputedRef<string>
  /** Whether all of it is at the server. */
  readonly isSaved: ComputedRef<boolean>
}

/** The sheet of an id, open as long as its page is. */
export function useSheetDocument(id: string): SheetDocument {
  const opened = documentStore(SHEET, id)
  return {
    ...opened,
    routine: opened.document,
    saving: computed(() => savingText(opened.sync.value)),
    isSaved: computed(() => ['clean', 'conflict'].includes(opened.sync.value?.state ?? '')),
  }
}
