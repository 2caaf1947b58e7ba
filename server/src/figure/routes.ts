import type Router from '@koa/router'
import { editDocument } from '../document/accept.ts'
import { serve } from '../http/route.ts'
import type { Services } from '../services.ts'
import { mergeFigures } from './merge.ts'
import {
  allFigures,
  allUses,
  figureHistory,
  FIGURES,
  importFigures,
  newFigure,
  removeFigure,
} from './service.ts'

export function figureRoutes(router: Router, services: Services): void {
  const { manager } = services.database.source
  serve(router, 'listFigures', async () => ({ figures: await allFigures(manager) }))
  serve(router, 'newFigure', ({ body, once }) => newFigure(services, body.figure, once))
  serve(router, 'importFigures', ({ body, once }) =>
    importFigures(services, body.figures, new Set(body.replace), once),
  )
  serve(router, 'figureUse', async () => ({ uses: await allUses(manager) }))
  serve(router, 'mergeFigures', ({ body, once }) =>
    mergeFigures(services, body.keepId, body.dropId, once),
  )
  serve(router, 'getFigure', async ({ params }) => {
    const { document, revision } = await FIGURES.read(manager, params['id']!)
    return { figure: document, version: revision }
  })
  serve(router, 'editFigure', ({ params, body }) =>
    editDocument(services, FIGURES, params['id']!, body),
  )
  serve(router, 'figureHistory', async ({ params }) => ({
    versions: await figureHistory(services, params['id']!),
  }))
  serve(router, 'removeFigure', ({ params, once }) => removeFigure(services, params['id']!, once))
}
