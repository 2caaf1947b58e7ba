import type Router from '@koa/router'
import { serve } from '../http/route.ts'
import type { Services } from '../services.ts'
import { changeTune, importScore, listTunes, newTune, tuneAnswer } from './service.ts'

export function tuneRoutes(router: Router, services: Services): void {
  serve(router, 'listTunes', async () => ({ tunes: await listTunes(services) }))
  serve(router, 'importScore', ({ body }) => importScore(services, body))
  serve(router, 'getTune', ({ params }) =>
    tuneAnswer(services.database.source.manager, params['id']!),
  )
  serve(router, 'newTune', ({ body }) => newTune(services, body.tune))
  serve(router, 'changeTune', ({ params, body }) =>
    changeTune(services, params['id']!, body.tune, body.updatedAtMs),
  )
}
