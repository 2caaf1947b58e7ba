import {
  ROUND_SCHOOL,
  schoolSchema,
  schoolShape,
  SHIPPED_SCHOOLS,
  upgradeSchool,
  type School,
} from '@dellop/core/school'
import type { EntityManager } from 'typeorm'
import type { Once } from '../database/once.ts'
import type { DocumentStore } from '../document/accept.ts'
import {
  readableRecords,
  readRecord,
  recordOrProblem,
  type RecordKind,
} from '../document/record.ts'
import { HttpProblem, refusal } from '../http/problem.ts'
import type { Services } from '../services.ts'
import { allGroups } from '../group/service.ts'
import { allSheets } from '../sheet/record.ts'
import { SchoolEntity } from './schoolEntity.ts'

export const SCHOOL_RECORD: RecordKind<School> = {
  kind: 'school',
  name: 'The school',
  schema: schoolSchema,
  upgrade: upgradeSchool,
}
const isShipped = (id: string): boolean => SHIPPED_SCHOOLS.some((school) => school.id === id)

/** The schools that ship, then the cuer's own by name, with the revision of each. */
export async function listedSchools(
  manager: EntityManager,
): Promise<{ schools: School[]; revisions: Record<string, number> }> {
  const own = readableRecords(
    SCHOOL_RECORD,
    await manager.find(SchoolEntity, { order: { name: 'ASC' } }),
  )
  return {
    schools: [...SHIPPED_SCHOOLS, ...own.map(({ document }) => document)],
    revisions: Object.fromEntries(own.map(({ row }) => [row.id, row.revision])),
  }
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
    const read = row && readRecord(SCHOOL_RECORD, row)
    const found = read?.ok ? read.value : SHIPPED_SCHOOLS.find((school) => school.id === id)
    if (found) return found
  }
  return ROUND_SCHOOL
}

/** How schools of one's own are kept while they are edited. One that ships is copied instead. */
export const SCHOOLS: DocumentStore<School> = {
  kind: 'school',
  name: 'The school',
  shape: schoolShape,
  schema: schoolSchema,
  read: async (manager, id) => {
    const row = await manager.findOneBy(SchoolEntity, { id })
    if (row) return { document: recordOrProblem(SCHOOL_RECORD, row), revision: row.revision }
    const shipped = SHIPPED_SCHOOLS.find((school) => school.id === id)
    throw shipped ? staysAsItIs(shipped) : noSuchSchool()
  },
  write: async (manager, id, { document, revision }, atMs) => {
    await manager.update(
      SchoolEntity,
      { id },
      { name: document.name, document: JSON.stringify(document), revision, updatedAtMs: atMs },
    )
    return document
  },
}

const noSuchSchool = (): HttpProblem => refusal('not-found', 'school.none', {})
const staysAsItIs = ({ name }: School): HttpProblem =>
  refusal('input.invalid', 'school.shipped', { name }, 'school.id')

/** Adds a school of the cuer's own. */
export async function addSchool(
  { database, nowMs }: Services,
  school: School,
  once: Once | null = null,
): Promise<{ school: School; revision: number }> {
  if (isShipped(school.id)) throw staysAsItIs(school)
  return database.write(async (manager) => {
    if (await manager.existsBy(SchoolEntity, { id: school.id }))
      throw refusal('exists', 'school.id', { id: school.id }, 'school.id')
    await insertSchool(manager, school, nowMs())
    return { school, revision: 0 }
  }, once)
}

const insertSchool = (manager: EntityManager, school: School, atMs: number) =>
  manager.insert(SchoolEntity, {
    id: school.id,
    name: school.name,
    document: JSON.stringify(school),
    revision: 0,
    updatedAtMs: atMs,
  })

/** Takes in the school that came with a sheet, unless it ships or is here already. */
export async function bringSchool(
  manager: EntityManager,
  school: School,
  atMs: number,
): Promise<void> {
  if (isShipped(school.id) || (await manager.existsBy(SchoolEntity, { id: school.id }))) return
  await insertSchool(manager, school, atMs)
}

/** Removes a school that no sheet and no group is called by. */
export async function removeSchool(
  { database }: Services,
  id: string,
  once: Once | null = null,
): Promise<{ id: string }> {
  return database.write(async (manager) => {
    const sheets = (await allSheets(manager)).filter(({ document }) => document.schoolId === id)
    refuseUsed(
      sheets.map(({ row }) => row.title),
      'choose another one there first',
    )
    const groups = (await allGroups(manager)).filter(({ schoolId }) => schoolId === id)
    refuseUsed(
      groups.map(({ name }) => name),
      'choose another one for the group first',
    )
    const { affected } = await manager.delete(SchoolEntity, { id })
    if (!affected) throw noSuchSchool()
    return { id }
  }, once)
}

function refuseUsed(names: readonly string[], instead: string): void {
  if (names.length === 0) return
  const list = names.map((name) => `“${name}”`).join(', ')
  throw new HttpProblem(
    'input.invalid',
    `${list} ${names.length === 1 ? 'is' : 'are'} called by this school; ${instead}.`,
  )
}
