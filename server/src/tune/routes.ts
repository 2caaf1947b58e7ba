import type Router from '@koa/router'
import { serve } from '../http/route.ts'
import type { Services } from '../services.ts'
import { editDocument } from '../document/accept.ts'
import { importScore, listTunes, newTune, removeTune, tuneAnswer, TUNES } from './service.ts'

export function tuneRoutes(router: Router, services: Services): void {
  serve(router, 'listTunes', async () => ({ tunes: await listTunes(services) }))
  serve(router, 'importScore', ({ body, once }) => importScore(services, body, once))
  serve(router, 'getTune', ({ params }) =>
    tuneAnswer(services.database.source.manager, params['id']!),
  )
  serve(router, 'newTune', ({ body, once }) => newTune(services, body.tune, once))
  serve(router, 'removeTune', ({ params, once }) => removeTune(services, params['id']!, once))
  serve(router, 'editTune', ({ params, body }) =>
    editDocument(services, TUNES, params['id']!, body),
  )
}
