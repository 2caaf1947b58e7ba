import type Router from '@koa/router'
import { editDocument } from '../document/accept.ts'
import { serve } from '../http/route.ts'
import type { Services } from '../services.ts'
import { addSchool, listedSchools, removeSchool, SCHOOLS } from './service.ts'

export function schoolRoutes(router: Router, services: Services): void {
  const { manager } = services.database.source
  serve(router, 'listSchools', () => listedSchools(manager))
  serve(router, 'newSchool', ({ body, once }) => addSchool(services, body.school, once))
  serve(router, 'getSchool', async ({ params }) => {
    const { document, revision } = await SCHOOLS.read(manager, params['id']!)
    return { school: document, revision }
  })
  serve(router, 'editSchool', ({ params, body }) =>
    editDocument(services, SCHOOLS, params['id']!, body),
  )
  serve(router, 'removeSchool', ({ params, once }) => removeSchool(services, params['id']!, once))
}
