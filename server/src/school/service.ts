import { ROUND_SCHOOL, schoolSchema, SHIPPED_SCHOOLS, type School } from '@dellop/core/school'
import type { EntityManager } from 'typeorm'
import { HttpProblem } from '../http/problem.ts'
import type { Services } from '../services.ts'
import { FloorEntity } from '../floor/floorEntity.ts'
import { SheetEntity } from '../sheet/sheetEntity.ts'
import { SchoolEntity } from './schoolEntity.ts'

/** Kept before a field came to schools: what it says by default is filled in. */
const schoolOfRow = ({ document }: SchoolEntity): School => schoolSchema.parse(JSON.parse(document))
const isShipped = (id: string): boolean => SHIPPED_SCHOOLS.some((school) => school.id === id)

/** The schools that ship, then the cuer's own by name. */
export async function allSchools(manager: EntityManager): Promise<School[]> {
  return [
    ...SHIPPED_SCHOOLS,
    ...(await manager.find(SchoolEntity, { order: { name: 'ASC' } })).map(schoolOfRow),
  ]
}

/** A school by its id; the round one where there is none of it any more. */
export const schoolById = (manager: EntityManager, id: string): Promise<School> =>
  firstSchool(manager, [id])

/** The first of these schools that there is; the round school where there is none of them. */
export async function firstSchool(
  manager: EntityManager,
  ids: readonly (string | null | undefined)[],
): Promise<School> {
  for (const id of ids) {
    const row = id ? await manager.findOneBy(SchoolEntity, { id }) : null
    const found = row ? schoolOfRow(row) : SHIPPED_SCHOOLS.find((school) => school.id === id)
    if (found) return found
  }
  return ROUND_SCHOOL
}

/**
 * Keeps a school of the cuer's own, new or in place of what was kept. One that ships is not
 * changed: it is copied.
 */
export async function keepSchool({ database, nowMs }: Services, school: School): Promise<void> {
  if (isShipped(school.id))
    throw new HttpProblem(
      'input.invalid',
      `“${school.name}” ships with Dellop and stays as it is; a copy of it can be changed.`,
      'school.id',
    )
  await database.write((manager) =>
    manager.upsert(
      SchoolEntity,
      { id: school.id, name: school.name, document: JSON.stringify(school), updatedAtMs: nowMs() },
      ['id'],
    ),
  )
}

/** Takes in the school that came with a sheet, unless it ships or is here already. */
export async function bringSchool(
  manager: EntityManager,
  school: School,
  atMs: number,
): Promise<void> {
  if (isShipped(school.id) || (await manager.existsBy(SchoolEntity, { id: school.id }))) return
  await manager.insert(SchoolEntity, {
    id: school.id,
    name: school.name,
    document: JSON.stringify(school),
    updatedAtMs: atMs,
  })
}

/** Forgets a school that no sheet and no floor is called by. */
export async function forgetSchool({ database }: Services, id: string): Promise<void> {
  await database.write(async (manager) => {
    const used = (await manager.find(SheetEntity)).filter(
      ({ document }) => (JSON.parse(document) as { schoolId: string }).schoolId === id,
    )
    if (used.length > 0)
      throw new HttpProblem(
        'input.invalid',
        `${used.map(({ title }) => `“${title}”`).join(', ')} ${used.length === 1 ? 'is' : 'are'} called by this school; choose another one there first.`,
      )
    const floors = (await manager.find(FloorEntity)).filter(
      ({ document }) => (JSON.parse(document) as { schoolId?: string }).schoolId === id,
    )
    if (floors.length > 0)
      throw new HttpProblem(
        'input.invalid',
        `${floors.map(({ name }) => `“${name}”`).join(', ')} ${floors.length === 1 ? 'is' : 'are'} called by this school; choose another one for the floor first.`,
      )
    const { affected } = await manager.delete(SchoolEntity, { id })
    if (!affected) throw new HttpProblem('not-found', 'There is no such school of your own.')
  })
}
