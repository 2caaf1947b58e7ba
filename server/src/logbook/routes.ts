import { sameDances } from '@dellop/core/routine'
import type Router from '@koa/router'
import { editDocument } from '../document/accept.ts'
import { addKept, listKept, removeKept } from '../document/kept.ts'
import { serve } from '../http/route.ts'
import type { Services } from '../services.ts'
import { listSheets } from '../sheet/shelf.ts'
import { ENTRIES } from './service.ts'

export function logbookRoutes(router: Router, services: Services): void {
  const { manager } = services.database.source
  serve(router, 'listEntries', async ({ ctx }) => {
    const { sheet, dance } = ctx.query
    const sheetIds =
      typeof dance === 'string'
        ? [dance, ...(sameDances(await listSheets(services)).get(dance) ?? [])]
        : typeof sheet === 'string'
          ? [sheet]
          : null
    const { documents, revisions } = await listKept(
      manager,
      ENTRIES,
      sheetIds && { field: 'sheetId', in: sheetIds },
    )
    return { entries: documents, revisions }
  })
  serve(router, 'newEntry', async ({ body, once }) => {
    const { document, revision } = await addKept(services, ENTRIES, body.entry, once)
    return { entry: document, revision }
  })
  serve(router, 'getEntry', async ({ params }) => {
    const { document, revision } = await ENTRIES.store.read(manager, params['id']!)
    return { entry: document, revision }
  })
  serve(router, 'editEntry', ({ params, body }) =>
    editDocument(services, ENTRIES.store, params['id']!, body),
  )
  serve(router, 'removeEntry', ({ params, once }) =>
    removeKept(services, ENTRIES, params['id']!, once),
  )
}
