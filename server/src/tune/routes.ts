import type Router from '@koa/router'
import { serve } from '../http/route.ts'
import type { Services } from '../services.ts'
import { findTune, importAbc, listTunes } from './service.ts'

export function tuneRoutes(router: Router, services: Services): void {
  serve(router, 'listTunes', async () => ({ tunes: await listTunes(services) }))
  serve(router, 'importAbc', async ({ body }) => ({ tune: await importAbc(services, body.abc) }))
  serve(router, 'getTune', async ({ params }) => ({ tune: await findTune(services.database.source.manager, params['id']!) }))
}
