import type Router from '@koa/router'
import { HttpProblem } from '../http/problem.ts'
import { serve } from '../http/route.ts'
import type { Services } from '../services.ts'
import { logCall } from '../logbook/service.ts'
import { allCalls, keepCall, readCall, removeCall } from './service.ts'

export function callRoutes(router: Router, services: Services): void {
  serve(router, 'listCalls', async ({ ctx }) => ({
    calls: await allCalls(
      services,
      typeof ctx.query['sheet'] === 'string' ? ctx.query['sheet'] : null,
    ),
  }))
  serve(router, 'getCall', async ({ params }) => ({
    call: await readCall(services, params['id']!),
  }))
  serve(router, 'putCall', async ({ params, body: { call } }) => {
    if (call.id !== params['id'])
      throw new HttpProblem(
        'input.invalid',
        `The call's id was expected to be "${params['id']}".`,
        'call.id',
      )
    await keepCall(services, call)
    // The call is kept, whatever becomes of its entry: that can be made again from it.
    await logCall(services, call).catch((error: unknown) =>
      services.log.write({ level: 'error', logbook: call.id, error: String(error) }),
    )
    return { id: call.id }
  })
  serve(router, 'removeCall', ({ params, once }) => removeCall(services, params['id']!, once))
}
