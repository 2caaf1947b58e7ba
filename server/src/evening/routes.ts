import type Router from '@koa/router'
import { editDocument } from '../document/accept.ts'
import { addKept, listKept, removeKept } from '../document/kept.ts'
import { serve } from '../http/route.ts'
import type { Services } from '../services.ts'
import { allDances, EVENINGS } from './service.ts'

export function eveningRoutes(router: Router, services: Services): void {
  const { manager } = services.database.source
  serve(router, 'listDances', async () => ({ dances: await allDances(services) }))
  serve(router, 'listEvenings', async () => {
    const { documents, revisions } = await listKept(manager, EVENINGS)
    return { evenings: documents, revisions }
  })
  serve(router, 'newEvening', async ({ body, once }) => {
    const { document, revision } = await addKept(services, EVENINGS, body.evening, once)
    return { evening: document, revision }
  })
  serve(router, 'getEvening', async ({ params }) => {
    const { document, revision } = await EVENINGS.store.read(manager, params['id']!)
    return { evening: document, revision }
  })
  serve(router, 'editEvening', ({ params, body }) =>
    editDocument(services, EVENINGS.store, params['id']!, body),
  )
  serve(router, 'removeEvening', ({ params, once }) =>
    removeKept(services, EVENINGS, params['id']!, once),
  )
}
