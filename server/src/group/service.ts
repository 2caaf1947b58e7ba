import { groupSchema, groupShape, upgradeGroup, type Group } from '@dellop/core/group'
import type { EntityManager } from 'typeorm'
import type { Once } from '../database/once.ts'
import type { DocumentStore } from '../document/accept.ts'
import { readableRecords, recordOrProblem, type RecordKind } from '../document/record.ts'
import { refusal } from '../http/problem.ts'
import type { Services } from '../services.ts'
import { GroupEntity } from './groupEntity.ts'

export const GROUP_RECORD: RecordKind<Group> = {
  kind: 'group',
  name: 'The group',
  schema: groupSchema,
  upgrade: upgradeGroup,
}

/** How groups are kept while they are edited. */
export const GROUPS: DocumentStore<Group> = {
  kind: 'group',
  name: 'The group',
  shape: groupShape,
  schema: groupSchema,
  read: async (manager, id) => {
    const row = await manager.findOneBy(GroupEntity, { id })
    if (!row) throw refusal('not-found', 'group.none', {})
    return { document: recordOrProblem(GROUP_RECORD, row), revision: row.revision }
  },
  write: async (manager, id, { document, revision }, atMs) => {
    await manager.update(
      GroupEntity,
      { id },
      { name: document.name, document: JSON.stringify(document), revision, updatedAtMs: atMs },
    )
    return document
  },
}

/** The groups that can be read, by name, with the revision of each. */
export async function listedGroups(
  manager: EntityManager,
): Promise<{ groups: Group[]; revisions: Record<string, number> }> {
  const read = readableRecords(
    GROUP_RECORD,
    await manager.find(GroupEntity, { order: { name: 'ASC' } }),
  )
  return {
    groups: read.map(({ document }) => document),
    revisions: Object.fromEntries(read.map(({ row }) => [row.id, row.revision])),
  }
}

export const allGroups = async (manager: EntityManager): Promise<Group[]> =>
  (await listedGroups(manager)).groups

/** Adds a group; refuses an id that is taken. */
export async function addGroup(
  { database, nowMs }: Services,
  group: Group,
  once: Once | null = null,
): Promise<{ group: Group; revision: number }> {
  return database.write(async (manager) => {
    if (await manager.existsBy(GroupEntity, { id: group.id }))
      throw refusal('exists', 'group.id', { id: group.id }, 'group.id')
    await manager.insert(GroupEntity, {
      id: group.id,
      name: group.name,
      document: JSON.stringify(group),
      revision: 0,
      updatedAtMs: nowMs(),
    })
    return { group, revision: 0 }
  }, once)
}

export async function removeGroup(
  { database }: Services,
  id: string,
  once: Once | null = null,
): Promise<{ id: string }> {
  return database.write(async (manager) => {
    const { affected } = await manager.delete(GroupEntity, { id })
    if (!affected) throw refusal('not-found', 'group.none', {})
    return { id }
  }, once)
}
