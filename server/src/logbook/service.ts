import type { CallLog } from '@dellop/core/call'
import { DEFAULT_VOICES } from '@dellop/core/cue'
import { diff } from '@dellop/core/document'
import type { Evening } from '@dellop/core/evening'
import { bookOf } from '@dellop/core/figure'
import { groupShape, type Group } from '@dellop/core/group'
import {
  entryOfCall,
  entrySchema,
  entryShape,
  upgradeEntry,
  type LogEntry,
} from '@dellop/core/logbook'
import { callChoices, deriveSheet, type Sheet } from '@dellop/core/sheet'
import type { EntityManager } from 'typeorm'
import { acceptBatch, announce } from '../document/accept.ts'
import { keptKind, listKept } from '../document/kept.ts'
import { EVENINGS } from '../evening/service.ts'
import { allFigures } from '../figure/service.ts'
import { GROUPS } from '../group/service.ts'
import { firstSchool } from '../school/service.ts'
import type { Services } from '../services.ts'
import { sheetAt } from '../sheet/history.ts'
import { readSheet } from '../sheet/service.ts'
import { tuneOrNull } from '../tune/service.ts'
import { EntryEntity } from './entryEntity.ts'

export const ENTRIES = keptKind(
  EntryEntity,
  { kind: 'entry', name: 'The entry', schema: entrySchema, upgrade: upgradeEntry },
  entryShape,
  ({ title }) => title,
)

/**
 * Writes a call that has ended into the logbook: once, however often it is sent. What was corrected
 * there by hand stays; what the group danced is counted for it once.
 */
export async function logCall(services: Services, log: CallLog): Promise<void> {
  if (log.endedAtMs === null) return
  const { manager } = services.database.source
  const sheet = await sheetOf(services, log)
  const group = log.groupId === null ? null : await groupOrNull(manager, log.groupId)
  const place = placeIn(await eveningOf(manager, log), log)
  const fresh = entryOfCall(log, sheet, {
    groupName: group?.document.name ?? '',
    present: place.present,
  })
  const isNew = await keepEntry(services, { ...fresh, walkMinutes: place.walkMinutes }, place)
  if (isNew && group) await countFor(services, group, fresh)
}

async function keepEntry(services: Services, entry: LogEntry, { hall }: Place): Promise<boolean> {
  return services.database.write(async (manager) => {
    const before = await manager.findOneBy(EntryEntity, { id: entry.id })
    const kept = before ? ENTRIES.record.schema.safeParse(JSON.parse(before.document)) : null
    const document = kept?.success
      ? withCorrections(entry, kept.data)
      : { ...entry, hall: entry.hall || hall }
    await manager.upsert(
      EntryEntity,
      {
        id: entry.id,
        name: document.title,
        document: JSON.stringify(document),
        revision: before ? before.revision + 1 : 0,
        updatedAtMs: services.nowMs(),
      },
      ['id'],
    )
    return before === null
  })
}

/** What the call says anew, with all that was put right by hand. */
function withCorrections(fresh: LogEntry, kept: LogEntry): LogEntry {
  const byHand = new Set(kept.corrected.map(({ field }) => field))
  const own = Object.fromEntries(
    Object.entries(kept).filter(([field]) => byHand.has(field) || field === 'remarks'),
  )
  return {
    ...fresh,
    hall: fresh.hall || kept.hall,
    present: fresh.present ?? kept.present,
    walkMinutes: fresh.walkMinutes ?? kept.walkMinutes,
    ...own,
    corrected: kept.corrected,
  }
}

/** The sheet as it was called; null where there was none, or it is gone. */
async function sheetOf(services: Services, log: CallLog): Promise<Sheet | null> {
  if (log.sheetId === null) return null
  const { manager } = services.database.source
  const at = await sheetAt(services, log.sheetId, String(log.revision ?? 0)).catch(() =>
    readSheet(services, log.sheetId!).catch(() => null),
  )
  if (!at) return null
  const { routine } = at
  return deriveSheet({
    routine,
    book: bookOf(await allFigures(manager)),
    school: await firstSchool(manager, [routine.schoolId]),
    voice: DEFAULT_VOICES[routine.language],
    tune: await tuneOrNull(manager, routine.tuneId),
    choices: callChoices(routine),
  })
}

const groupOrNull = (manager: EntityManager, id: string) =>
  GROUPS.read(manager, id).catch(() => null)

/** What the programme of the evening says of a call. */
interface Place {
  readonly hall: string
  readonly present: number | null
  readonly walkMinutes: number | null
}
const HALF_DAY_MS = 12 * 3600_000

/** The evening on whose day a dance was called and that has it in its programme. */
async function eveningOf(manager: EntityManager, log: CallLog): Promise<Evening | null> {
  const { documents } = await listKept(manager, EVENINGS)
  const near = documents.filter(({ date, items }) => {
    const noon = Date.parse(`${date}T18:00:00Z`)
    const isNear = Math.abs(noon - log.startedAtMs) < HALF_DAY_MS
    return isNear && (log.sheetId === null || items.some(({ sheetId }) => sheetId === log.sheetId))
  })
  return near[0] ?? null
}
function placeIn(evening: Evening | null, { sheetId }: CallLog): Place {
  const item = evening?.items.find((one) => sheetId !== null && one.sheetId === sheetId)
  return {
    hall: evening?.hall ?? '',
    present: evening?.present ?? null,
    walkMinutes: item?.walkMinutes ?? null,
  }
}

/** Counts for a group what it has danced; the same call is counted once. */
async function countFor(
  services: Services,
  { document, revision }: { readonly document: Group; readonly revision: number },
  { id, figures }: LogEntry,
): Promise<void> {
  const times = new Map(document.taught.map((one) => [one.id, one.times]))
  for (const one of figures) times.set(one.id, (times.get(one.id) ?? 0) + one.times)
  const taught = [...times].map(([figureId, n]) => ({ id: figureId, times: n }))
  const edits = diff(groupShape, document, { ...document, taught })
  if (edits.length === 0) return
  const batch = {
    clientId: 'logbook-0',
    batchId: id.slice(0, 64),
    base: revision,
    edits: [...edits],
  }
  const { answer, fresh } = await services.database.write((manager) =>
    acceptBatch(services, manager, GROUPS, document.id, batch),
  )
  if (fresh) announce(services, GROUPS, document.id, answer.revision, batch.clientId)
}
