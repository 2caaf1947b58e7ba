import type Router from '@koa/router'
import { serve } from '../http/route.ts'
import type { Services } from '../services.ts'
import { mergeFigures } from './merge.ts'
import {
  allFigures,
  allUses,
  changeFigure,
  figureHistory,
  importFigures,
  newFigure,
  removeFigure,
} from './service.ts'

export function figureRoutes(router: Router, services: Services): void {
  const { manager } = services.database.source
  serve(router, 'listFigures', async () => ({ figures: await allFigures(manager) }))
  serve(router, 'newFigure', async ({ body }) => ({
    figure: await newFigure(services, body.figure),
  }))
  serve(router, 'importFigures', async ({ body }) => ({
    figures: await importFigures(services, body.figures, new Set(body.replace)),
  }))
  serve(router, 'figureUse', async () => ({ uses: await allUses(manager) }))
  serve(router, 'mergeFigures', ({ body }) => mergeFigures(services, body.keepId, body.dropId))
  serve(router, 'changeFigure', ({ params, body }) =>
    changeFigure(services, params['id']!, body.figure, body.version),
  )
  serve(router, 'figureHistory', async ({ params }) => ({
    versions: await figureHistory(services, params['id']!),
  }))
  serve(router, 'removeFigure', async ({ params }) => {
    await removeFigure(services, params['id']!)
    return { id: params['id']! }
  })
}
