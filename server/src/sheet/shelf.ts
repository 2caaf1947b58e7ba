import { figureIdsOf } from '@dellop/core/file'
import type { Routine } from '@dellop/core/routine'
import type { SheetSummary } from '@dellop/wire'
import { In } from 'typeorm'
import type { Database } from '../database/open.ts'
import { readRecord } from '../document/record.ts'
import { figureNames } from '../figure/service.ts'
import type { Services } from '../services.ts'
import { tuneTitles } from '../tune/service.ts'
import { SHEET_RECORD } from './record.ts'
import { SheetEntity } from './sheetEntity.ts'

/** What a row of the shelf takes from the sheet itself; null where the sheet cannot be read. */
interface Shelved {
  /** Of a sheet that was deleted and brought in again the revision is the same. */
  readonly state: string
  readonly facts: ReturnType<typeof factsOf> | null
}
const factsOf = (routine: Routine) => ({
  by: routine.by,
  dance: routine.dance,
  level: routine.level ?? null,
  tuneId: routine.tuneId,
  tags: [...(routine.tags ?? [])],
  otherNames: [...(routine.otherNames ?? [])],
  related: [...(routine.related ?? [])],
  figureIds: [...figureIdsOf(routine)],
  archived: routine.archived === true,
})

/** Worked out once for each revision: a shelf of years is not read anew with every look at it. */
const shelves = new WeakMap<Database, Map<string, Shelved>>()
const stateOf = ({ revision, updatedAtMs }: Row): string => `${revision} ${updatedAtMs}`
type Row = Pick<SheetEntity, 'id' | 'revision' | 'updatedAtMs'>
/** So many sheets are read at a stretch; others are answered in between. */
const AT_A_STRETCH = 40

/** Every sheet that can be read, as the shelf shows it, by title. */
export async function listSheets({ database }: Services): Promise<SheetSummary[]> {
  const { manager } = database.source
  const [rows, tunes, figures] = await Promise.all([
    manager.find(SheetEntity, {
      select: { id: true, title: true, revision: true, updatedAtMs: true },
      order: { title: 'ASC' },
    }),
    tuneTitles(manager),
    figureNames(manager),
  ])
  const shelf = await shelfOf(database, rows)
  return rows.flatMap(({ id, title, revision, updatedAtMs }) => {
    const facts = shelf.get(id)?.facts
    if (!facts) return []
    const { tuneId, figureIds, ...told } = facts
    return {
      id,
      title,
      ...told,
      tuneTitle: tuneId === null ? null : (tunes.get(tuneId) ?? null),
      figures: figureIds.flatMap((figureId) => figures.get(figureId) ?? []),
      revision,
      updatedAtMs,
    }
  })
}

/** The facts of these sheets; what has changed since is read, and what is gone is let go. */
async function shelfOf(
  database: Database,
  rows: readonly Row[],
): Promise<ReadonlyMap<string, Shelved>> {
  const before = shelves.get(database) ?? new Map<string, Shelved>()
  const now = new Map(
    rows.flatMap((row) => {
      const known = before.get(row.id)
      return known?.state === stateOf(row) ? [[row.id, known] as const] : []
    }),
  )
  const changed = rows.flatMap(({ id }) => (now.has(id) ? [] : [id]))
  for (let from = 0; from < changed.length; from += AT_A_STRETCH) {
    const some = changed.slice(from, from + AT_A_STRETCH)
    for (const row of await database.source.manager.findBy(SheetEntity, { id: In(some) })) {
      const read = readRecord(SHEET_RECORD, row)
      now.set(row.id, { state: stateOf(row), facts: read.ok ? factsOf(read.value) : null })
    }
    await new Promise((resolve) => setImmediate(resolve))
  }
  shelves.set(database, now)
  return now
}
