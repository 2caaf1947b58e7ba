import { usedFigures, type SheetFile } from '@dellop/core/file'
import { freshRoutine, type Routine } from '@dellop/core/routine'
import type { Tune } from '@dellop/core/tune'
import type { CallPack, ImportedSheet, NewSheet, SheetNeeds, SheetState } from '@dellop/wire'
import type { EntityManager } from 'typeorm'
import type { Once } from '../database/once.ts'
import { allGroups } from '../group/service.ts'
import { addFigures, allFigures } from '../figure/service.ts'
import { bringSchool, firstSchool, schoolById } from '../school/service.ts'
import type { Services } from '../services.ts'
import { readSettings } from '../settings/service.ts'
import { bringTune, findTune, tuneOrNull } from '../tune/service.ts'
import { marksOf } from './common.ts'
import { findSheet, routineOf } from './record.ts'
import { SheetEntity } from './sheetEntity.ts'

export async function readSheet({ database }: Services, id: string): Promise<SheetState> {
  const sheet = await findSheet(database.source.manager, id)
  return { routine: routineOf(sheet), revision: sheet.revision }
}

/** An empty sheet: one part, danced once, so that the page of phrases has a row to write in. */
export async function newSheet(
  services: Services,
  { tuneId, ...beginning }: NewSheet,
  once: Once | null,
): Promise<SheetState> {
  const tune = tuneId === null ? null : await findTune(services.database.source.manager, tuneId)
  const begun = freshRoutine(
    { ...beginning, ...(beginning.dance === undefined && tune ? { dance: tune.dance } : {}) },
    services.newId,
  )
  const music = tune
    ? {
        recordingId: tune.recordings[0]?.id ?? null,
        metre: tune.metre,
        bpm: tune.bpm,
      }
    : {}
  const routine: Routine = { ...begun, ...music, tuneId }
  return services.database.write(async (manager) => {
    await insertSheet(manager, routine, services.nowMs())
    return { routine, revision: 0 }
  }, once)
}

export async function insertSheet(
  manager: EntityManager,
  routine: Routine,
  atMs: number,
): Promise<void> {
  await manager.insert(SheetEntity, {
    id: routine.id,
    title: routine.title,
    document: JSON.stringify(routine),
    revision: 0,
    createdAtMs: atMs,
    updatedAtMs: atMs,
  })
}

/**
 * Brings in a sheet file, all or nothing. A figure the book holds already stays as the book has it.
 */
export async function importSheet(
  services: Services,
  file: SheetFile,
  once: Once | null = null,
): Promise<ImportedSheet> {
  return services.database.write(async (manager) => {
    const taken = await manager.existsBy(SheetEntity, { id: file.routine.id })
    const routine = taken
      ? {
          ...file.routine,
          id: services.newId(),
          title: `${file.routine.title} (copy)`.slice(0, 120),
        }
      : file.routine
    const needs = await bringIn(manager, file, services.nowMs())
    await insertSheet(manager, routine, services.nowMs())
    return { id: routine.id, title: routine.title, ...needs }
  }, once)
}

/** Brings in what a sheet file has beside its sheet: figures, style and tune that are not here. */
export const bringNeeds = (services: Services, file: SheetFile): Promise<SheetNeeds> =>
  services.database.write((manager) => bringIn(manager, file, services.nowMs()))

async function bringIn(
  manager: EntityManager,
  file: SheetFile,
  nowMs: number,
): Promise<SheetNeeds> {
  const { added, kept } = await addFigures(manager, file.figures, 'imported', nowMs)
  if (file.school) await bringSchool(manager, file.school, nowMs)
  const tune = file.tune && (await bringTune(manager, file.tune, nowMs))
  return { newFigures: added, keptFigures: kept, tune }
}

/**
 * All a call needs: the sheet with its figures and tune, and the school and the group that it is
 * called by and for.
 */
export async function callPack(services: Services, id: string): Promise<CallPack> {
  const { manager } = services.database.source
  const { routine, revision } = await readSheet(services, id)
  const { groupId, tonight } = (await readSettings(manager)).document
  const group =
    groupId === null ? null : ((await allGroups(manager)).find((one) => one.id === groupId) ?? null)
  const evening = tonight && services.nowMs() < tonight.untilMs ? tonight.schoolId : null
  const figures = usedFigures(routine, await allFigures(manager))
  return {
    format: 'dellop-call-pack',
    version: 2,
    routine,
    revision,
    figures,
    school: await firstSchool(manager, [evening, group?.schoolId, routine.schoolId]),
    tune: await tuneOrNull(manager, routine.tuneId),
    group,
  }
}

/** The sheet as a file that another Dellop can bring in. */
export async function exportSheet(services: Services, id: string): Promise<SheetFile> {
  const pack = await callPack(services, id)
  const tune: Tune | null = pack.tune
  return {
    format: 'dellop-sheet',
    version: 1,
    routine: pack.routine,
    figures: pack.figures,
    tune,
    school: await schoolById(services.database.source.manager, pack.routine.schoolId),
    history: await marksOf(services.database.source.manager, id),
  }
}
