import type Router from '@koa/router'
import { SHIPPED_SCHOOLS } from '@dellop/core/school'
import { serve } from '../http/route.ts'
import type { Services } from '../services.ts'
import { allFigures, newFigure } from './service.ts'

export function figureRoutes(router: Router, services: Services): void {
  serve(router, 'listFigures', async () => ({ figures: await allFigures(services) }))
  serve(router, 'newFigure', async ({ body }) => ({ figure: await newFigure(services, body.figure) }))
  serve(router, 'listSchools', () => ({ schools: [...SHIPPED_SCHOOLS] }))
}
