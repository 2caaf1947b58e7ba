import type { SetAside } from '@dellop/wire'
import type { EntityManager, EntityTarget, ObjectLiteral } from 'typeorm'
import { CALL_RECORD } from '../call/service.ts'
import { CallEntity } from '../call/callEntity.ts'
import { EveningEntity } from '../evening/eveningEntity.ts'
import { EVENINGS } from '../evening/service.ts'
import { FigureEntity } from '../figure/figureEntity.ts'
import { FIGURE_RECORD } from '../figure/service.ts'
import { GroupEntity } from '../group/groupEntity.ts'
import { GROUP_RECORD } from '../group/service.ts'
import { refusal } from '../http/problem.ts'
import { SeriesEntity } from '../lesson/seriesEntity.ts'
import { SERIES } from '../lesson/service.ts'
import { EntryEntity } from '../logbook/entryEntity.ts'
import { ENTRIES } from '../logbook/service.ts'
import { PracticeEntity } from '../practice/practiceEntity.ts'
import { PRACTICE_RECORD } from '../practice/service.ts'
import { SchoolEntity } from '../school/schoolEntity.ts'
import { SCHOOL_RECORD } from '../school/service.ts'
import { SettingEntity } from '../settings/settingEntity.ts'
import { SETTINGS_RECORD } from '../settings/service.ts'
import { SHEET_RECORD } from '../sheet/record.ts'
import { SheetEntity } from '../sheet/sheetEntity.ts'
import { TuneEntity } from '../tune/tuneEntity.ts'
import { TUNE_RECORD } from '../tune/service.ts'
import { readRecord, type RecordKind } from './record.ts'

/** Where the records of each kind are kept: their table, and the columns of a record in it. */
interface Kept {
  readonly record: RecordKind<unknown>
  readonly table: EntityTarget<ObjectLiteral>
  readonly name: string
  readonly document: string
}

const kept = (
  record: RecordKind<unknown>,
  table: EntityTarget<ObjectLiteral>,
  name: string,
  document = 'document',
): Kept => ({ record, table, name, document })

const KINDS: readonly Kept[] = [
  kept(SHEET_RECORD, SheetEntity, 'title'),
  kept(TUNE_RECORD, TuneEntity, 'title'),
  kept(FIGURE_RECORD, FigureEntity, 'name'),
  kept(SCHOOL_RECORD, SchoolEntity, 'name'),
  kept(GROUP_RECORD, GroupEntity, 'name'),
  kept(CALL_RECORD, CallEntity, 'title'),
  kept(PRACTICE_RECORD, PracticeEntity, 'id'),
  kept(EVENINGS.record, EveningEntity, 'name'),
  kept(SERIES.record, SeriesEntity, 'name'),
  kept(ENTRIES.record, EntryEntity, 'name'),
  kept(SETTINGS_RECORD, SettingEntity, 'id', 'value'),
]

/**
 * Every record that cannot be read, with what is the matter. All others work as if it were not
 * there.
 */
export async function listSetAside(manager: EntityManager): Promise<SetAside[]> {
  const found: SetAside[] = []
  for (const { record, table, name, document } of KINDS)
    for (const row of await manager.find(table)) {
      const read = readRecord(record, { id: String(row['id']), document: String(row[document]) })
      if (!read.ok)
        found.push({
          kind: record.kind,
          id: String(row['id']),
          name: String(row[name]),
          problem: read.problem.message,
        })
    }
  return found
}

/** The text of a record as it is kept, whatever it is. */
export async function textOfRecord(
  manager: EntityManager,
  kind: string,
  id: string,
): Promise<string> {
  const where = KINDS.find(({ record }) => record.kind === kind)
  const row = where && (await manager.findOneBy(where.table, { id }))
  if (!row) throw refusal('not-found', 'record.none', {})
  return String(row[where!.document])
}
