import type Router from '@koa/router'
import { editDocument } from '../document/accept.ts'
import { serve } from '../http/route.ts'
import type { Services } from '../services.ts'
import { addGroup, GROUPS, listedGroups, removeGroup } from './service.ts'

export function groupRoutes(router: Router, services: Services): void {
  const { manager } = services.database.source
  serve(router, 'listGroups', () => listedGroups(manager))
  serve(router, 'newGroup', ({ body, once }) => addGroup(services, body.group, once))
  serve(router, 'getGroup', async ({ params }) => {
    const { document, revision } = await GROUPS.read(manager, params['id']!)
    return { group: document, revision }
  })
  serve(router, 'editGroup', ({ params, body }) =>
    editDocument(services, GROUPS, params['id']!, body),
  )
  serve(router, 'removeGroup', ({ params, once }) => removeGroup(services, params['id']!, once))
}
