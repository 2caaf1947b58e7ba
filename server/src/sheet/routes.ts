import type Router from '@koa/router'
import { fileName, writeSheetFile } from '@dellop/core/file'
import { languageOf, serve } from '../http/route.ts'
import type { Services } from '../services.ts'
import { editDocument } from '../document/accept.ts'
import { SHEETS } from './edit.ts'
import { commonSheet } from './common.ts'
import { branchSheet, listRevisions, sheetAt } from './history.ts'
import { removeSheet, sheetUses } from './remove.ts'
import { bringNeeds, callPack, exportSheet, importSheet, newSheet, readSheet } from './service.ts'
import { listSheets } from './shelf.ts'

export function sheetRoutes(router: Router, services: Services): void {
  serve(router, 'listSheets', async () => ({ sheets: await listSheets(services) }))
  serve(router, 'newSheet', ({ body, once }) => newSheet(services, body, once))
  serve(router, 'importSheet', ({ body, once }) => importSheet(services, body.file, once))
  serve(router, 'bringNeeds', ({ body }) => bringNeeds(services, body.file))
  serve(router, 'getSheet', ({ params }) => readSheet(services, params['id']!))
  serve(router, 'editSheet', ({ params, body }) =>
    editDocument(services, SHEETS, params['id']!, body),
  )
  serve(router, 'sheetRevisions', ({ params, ctx }) =>
    listRevisions(services, params['id']!, languageOf(ctx)),
  )
  serve(router, 'sheetAt', ({ params }) => sheetAt(services, params['id']!, params['revision']!))
  serve(router, 'commonSheet', ({ params, body }) =>
    commonSheet(services, params['id']!, body.marks),
  )
  serve(router, 'branchSheet', ({ params, body, once }) =>
    branchSheet(services, params['id']!, body.title, once),
  )
  serve(router, 'sheetUses', ({ params }) => sheetUses(services, params['id']!))
  serve(router, 'removeSheet', ({ params, once }) => removeSheet(services, params['id']!, once))
  serve(router, 'callPack', ({ params }) => callPack(services, params['id']!))
  serve(router, 'exportSheet', async ({ params, ctx }) => {
    const file = await exportSheet(services, params['id']!)
    ctx.attachment(fileName(file.routine.title, '.dellop-sheet.json'))
    ctx.type = 'application/json'
    ctx.body = writeSheetFile(file)
  })
}
