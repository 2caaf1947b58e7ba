import type Router from '@koa/router'
import { HttpProblem } from '../http/problem.ts'
import { serve } from '../http/route.ts'
import type { Services } from '../services.ts'
import { allFloors, forgetFloor, keepFloor } from './service.ts'

export function floorRoutes(router: Router, services: Services): void {
  serve(router, 'listFloors', async () => ({ floors: await allFloors(services) }))
  serve(router, 'putFloor', async ({ params, body: { floor } }) => {
    if (floor.id !== params['id'])
      throw new HttpProblem(
        'input.invalid',
        `The floor's id was expected to be "${params['id']}".`,
        'floor.id',
      )
    await keepFloor(services, floor)
    return { floor }
  })
  serve(router, 'removeFloor', async ({ params }) => {
    await forgetFloor(services, params['id']!)
    return { id: params['id']! }
  })
}
