import type Router from '@koa/router'
import { writeSheetFile } from '@dellop/core/file'
import { serve } from '../http/route.ts'
import type { Services } from '../services.ts'
import { editSheet } from './edit.ts'
import { callPack, exportSheet, importSheet, listRevisions, listSheets, newSheet, readSheet } from './service.ts'

export function sheetRoutes(router: Router, services: Services): void {
  serve(router, 'listSheets', async () => ({ sheets: await listSheets(services) }))
  serve(router, 'newSheet', ({ body }) => newSheet(services, body.title, body.tuneId))
  serve(router, 'importSheet', ({ body }) => importSheet(services, body.file))
  serve(router, 'getSheet', ({ params }) => readSheet(services, params['id']!))
  serve(router, 'editSheet', ({ params, body }) => editSheet(services, params['id']!, body))
  serve(router, 'sheetRevisions', async ({ params }) => ({ revisions: await listRevisions(services, params['id']!) }))
  serve(router, 'callPack', ({ params }) => callPack(services, params['id']!))
  serve(router, 'exportSheet', async ({ params, ctx }) => {
    const file = await exportSheet(services, params['id']!)
    ctx.attachment(`${file.routine.id}.dellop-sheet.json`)
    ctx.type = 'application/json'
    ctx.body = writeSheetFile(file)
  })
}
