import type Router from '@koa/router'
import { SETTINGS_ID } from '@dellop/wire'
import { editDocument } from '../document/accept.ts'
import { serve } from '../http/route.ts'
import type { Services } from '../services.ts'
import { readSettings, SETTINGS } from './service.ts'

export function settingsRoutes(router: Router, services: Services): void {
  serve(router, 'getSettings', async () => {
    const { document, revision } = await readSettings(services.database.source.manager)
    return { settings: document, revision }
  })
  serve(router, 'editSettings', ({ body }) => editDocument(services, SETTINGS, SETTINGS_ID, body))
}
