import type Router from '@koa/router'
import type { FloorProfile } from '@dellop/core/figure'
import { HttpProblem } from '../http/problem.ts'
import { serve } from '../http/route.ts'
import type { Services } from '../services.ts'
import { FloorEntity } from './floorEntity.ts'

export function floorRoutes(router: Router, { database, nowMs }: Services): void {
  serve(router, 'listFloors', async () => ({ floors: (await database.source.manager.find(FloorEntity, { order: { name: 'ASC' } })).map((row) => JSON.parse(row.document) as FloorProfile) }))
  serve(router, 'putFloor', async ({ params, body: { floor } }) => {
    if (floor.id !== params['id']) throw new HttpProblem('input.invalid', `The floor's id was expected to be "${params['id']}".`, 'floor.id')
    await database.write((manager) => manager.upsert(FloorEntity, { id: floor.id, name: floor.name, document: JSON.stringify(floor), updatedAtMs: nowMs() }, ['id']))
    return { floor }
  })
  serve(router, 'removeFloor', async ({ params }) => {
    const { affected } = await database.write((manager) => manager.delete(FloorEntity, { id: params['id']! }))
    if (!affected) throw new HttpProblem('not-found', 'There is no such floor.')
    return { id: params['id']! }
  })
}
