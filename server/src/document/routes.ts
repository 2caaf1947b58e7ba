import type Router from '@koa/router'
import { serve } from '../http/route.ts'
import type { Services } from '../services.ts'
import { listSetAside, textOfRecord } from './setAside.ts'

export function documentRoutes(router: Router, { database }: Services): void {
  const { manager } = database.source
  serve(router, 'listSetAside', async () => ({ records: await listSetAside(manager) }))
  serve(router, 'exportSetAside', async ({ params, ctx }) => {
    const { kind = '', id = '' } = params
    const text = await textOfRecord(manager, kind, id)
    ctx.attachment(`${kind}-${id.replace(/[^A-Za-z0-9._-]/g, '_')}.json`)
    // It may well be no JSON at all.
    ctx.type = 'text/plain'
    ctx.body = text
  })
}
