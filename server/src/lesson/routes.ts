import type Router from '@koa/router'
import { editDocument } from '../document/accept.ts'
import { addKept, listKept, removeKept } from '../document/kept.ts'
import { serve } from '../http/route.ts'
import type { Services } from '../services.ts'
import { SERIES } from './service.ts'

export function seriesRoutes(router: Router, services: Services): void {
  const { manager } = services.database.source
  serve(router, 'listSeries', async () => {
    const { documents, revisions } = await listKept(manager, SERIES)
    return { series: documents, revisions }
  })
  serve(router, 'newSeries', async ({ body, once }) => {
    const { document, revision } = await addKept(services, SERIES, body.series, once)
    return { series: document, revision }
  })
  serve(router, 'getSeries', async ({ params }) => {
    const { document, revision } = await SERIES.store.read(manager, params['id']!)
    return { series: document, revision }
  })
  serve(router, 'editSeries', ({ params, body }) =>
    editDocument(services, SERIES.store, params['id']!, body),
  )
  serve(router, 'removeSeries', ({ params, once }) =>
    removeKept(services, SERIES, params['id']!, once),
  )
}
