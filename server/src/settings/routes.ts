import type Router from '@koa/router'
import { serve } from '../http/route.ts'
import type { Services } from '../services.ts'
import { keepSettings, readSettings } from './service.ts'

export function settingsRoutes(router: Router, services: Services): void {
  serve(router, 'getSettings', () => readSettings(services))
  serve(router, 'putSettings', async ({ body }) => {
    await keepSettings(services, body)
    return body
  })
}
