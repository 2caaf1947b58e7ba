import type { FloorProfile } from '@dellop/core/figure'
import { HttpProblem } from '../http/problem.ts'
import type { Services } from '../services.ts'
import { FloorEntity } from './floorEntity.ts'

export async function allFloors({ database }: Services): Promise<FloorProfile[]> {
  return (await database.source.manager.find(FloorEntity, { order: { name: 'ASC' } })).map(
    (row) => JSON.parse(row.document) as FloorProfile,
  )
}

/** Keeps what a floor can dance, new or in place of what was kept. */
export async function keepFloor({ database, nowMs }: Services, floor: FloorProfile): Promise<void> {
  await database.write((manager) =>
    manager.upsert(
      FloorEntity,
      { id: floor.id, name: floor.name, document: JSON.stringify(floor), updatedAtMs: nowMs() },
      ['id'],
    ),
  )
}

export async function forgetFloor({ database }: Services, id: string): Promise<void> {
  const { affected } = await database.write((manager) => manager.delete(FloorEntity, { id }))
  if (!affected) throw new HttpProblem('not-found', 'There is no such floor.')
}
