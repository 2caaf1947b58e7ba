import type Router from '@koa/router'
import { SHIPPED_SCHOOLS } from '@dellop/core/school'
import { serve } from '../http/route.ts'
import type { Services } from '../services.ts'
import { allFigures, importFigures, newFigure } from './service.ts'

export function figureRoutes(router: Router, services: Services): void {
  serve(router, 'listFigures', async () => ({ figures: await allFigures(services) }))
  serve(router, 'newFigure', async ({ body }) => ({ figure: await newFigure(services, body.figure) }))
  serve(router, 'importFigures', async ({ body }) => ({ figures: await importFigures(services, body.figures, new Set(body.replace)) }))
  serve(router, 'listSchools', () => ({ schools: [...SHIPPED_SCHOOLS] }))
}
