import { routineSchema, routineShape, type Routine } from '@dellop/core/routine'
import type { DocumentStore } from '../document/accept.ts'
import { findSheet, routineOf } from './record.ts'
import { SheetEntity } from './sheetEntity.ts'

/** How sheets are kept while they are edited. */
export const SHEETS: DocumentStore<Routine> = {
  kind: 'sheet',
  name: 'The sheet',
  shape: routineShape,
  schema: routineSchema,
  read: async (manager, id) => {
    const sheet = await findSheet(manager, id)
    return { document: routineOf(sheet), revision: sheet.revision }
  },
  write: async (manager, id, { document, revision }, atMs) => {
    await manager.update(
      SheetEntity,
      { id },
      {
        title: document.title,
        document: JSON.stringify(document),
        revision,
        updatedAtMs: atMs,
      },
    )
    return document
  },
}
