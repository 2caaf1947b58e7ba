import { validate } from '@dellop/core/document'
import { tuneOfScore } from '@dellop/core/file'
import { tuneSchema, tuneShape, upgradeTune, type Tune } from '@dellop/core/tune'
import type { ImportedSheet } from '@dellop/wire'
import type { EntityManager } from 'typeorm'
import type { Once } from '../database/once.ts'
import type { DocumentStore } from '../document/accept.ts'
import { readableRecords, recordOrProblem, type RecordKind } from '../document/record.ts'
import { orProblem, refusal } from '../http/problem.ts'
import { MediaEntity } from '../media/mediaEntity.ts'
import { addMediaBytes, findMedia, keepPeaks } from '../media/service.ts'
import type { Services } from '../services.ts'
import type { WrittenMusic } from './playedScore.ts'
import { TuneEntity } from './tuneEntity.ts'

export const TUNE_RECORD: RecordKind<Tune> = {
  kind: 'tune',
  name: 'The tune',
  schema: tuneSchema,
  upgrade: upgradeTune,
}
/** A stored tune; one that an older Dellop wrote gets what it lacks. */
const tuneOf = (row: TuneEntity): Tune => recordOrProblem(TUNE_RECORD, row)

/** How tunes are kept while they are edited. */
export const TUNES: DocumentStore<Tune> = {
  kind: 'tune',
  name: 'The tune',
  shape: tuneShape,
  schema: tuneSchema,
  read: async (manager, id) => {
    const { tune, revision } = await tuneAnswer(manager, id)
    return { document: tune, revision }
  },
  write: async (manager, id, { document, revision }, atMs) => {
    await manager.update(
      TuneEntity,
      { id },
      { title: document.title, document: JSON.stringify(document), revision, updatedAtMs: atMs },
    )
    return document
  },
}

export async function listTunes({ database }: Services): Promise<Tune[]> {
  const rows = await database.source.manager.find(TuneEntity, { order: { title: 'ASC' } })
  return readableRecords(TUNE_RECORD, rows).map(({ document }) => document)
}

/** Titles of the tunes by id, without reading the tunes. */
export async function tuneTitles(manager: EntityManager): Promise<Map<string, string>> {
  const rows = await manager.find(TuneEntity, { select: { id: true, title: true } })
  return new Map(rows.map(({ id, title }) => [id, title]))
}

export async function tuneOrNull(manager: EntityManager, id: string | null): Promise<Tune | null> {
  const row = id === null ? null : await manager.findOneBy(TuneEntity, { id })
  return row ? tuneOf(row) : null
}

export async function findTune(manager: EntityManager, id: string): Promise<Tune> {
  const tune = await tuneOrNull(manager, id)
  if (!tune) throw refusal('not-found', 'tune.none', {})
  return tune
}

export async function saveTune(manager: EntityManager, tune: Tune, atMs: number): Promise<void> {
  await manager.insert(TuneEntity, {
    id: tune.id,
    title: tune.title,
    document: JSON.stringify(tune),
    revision: 0,
    updatedAtMs: atMs,
  })
}

/**
 * The tune of a sheet that is brought in, with its beats and phrases; one that is here stays as it
 * is. Sound does not travel in the file: a recording whose sound is not here goes without until it
 * is brought in.
 */
export async function bringTune(
  manager: EntityManager,
  tune: Tune,
  atMs: number,
): Promise<NonNullable<ImportedSheet['tune']>> {
  const { title } = tune
  if (await tuneOrNull(manager, tune.id)) return { title, isNew: false, isSilent: false }
  const recordings = await Promise.all(
    tune.recordings.map(async (one) =>
      one.media !== null && !(await manager.existsBy(MediaEntity, { hash: one.media }))
        ? { ...one, media: null }
        : one,
    ),
  )
  await saveTune(manager, { ...tune, recordings }, atMs)
  return { title, isNew: true, isSilent: recordings.every(({ media }) => media === null) }
}

/** A tune as the API gives it, with its revision. */
export async function tuneAnswer(
  manager: EntityManager,
  id: string,
): Promise<{ tune: Tune; revision: number }> {
  const row = await manager.findOneBy(TuneEntity, { id })
  if (!row) throw refusal('not-found', 'tune.none', {})
  return { tune: tuneOf(row), revision: row.revision }
}

/** Adds a tune; its recordings' sounds must be stored already. */
export async function newTune(
  services: Services,
  tune: Tune,
  once: Once | null = null,
): Promise<{ tune: Tune; revision: number }> {
  for (const recording of tune.recordings)
    if (recording.media !== null) await findMedia(services, recording.media)
  return services.database.write(async (manager) => {
    if (await tuneOrNull(manager, tune.id))
      throw refusal('exists', 'tune.id', { id: tune.id }, 'tune.id')
    await saveTune(manager, tune, services.nowMs())
    return tuneAnswer(manager, tune.id)
  }, once)
}

/** Brings in written music: the house band plays it, the sound is stored, the tune is saved. */
export async function importScore(
  services: Services,
  music: WrittenMusic,
  once: Once | null = null,
): Promise<{ tune: Tune; revision: number }> {
  const { score, performance, wav, peaks } = await services.readMusic(music)
  const { manager } = services.database.source
  const base = slug(score.title)
  const id = (await tuneOrNull(manager, base)) ? `${base}-${services.newId()}`.slice(0, 64) : base
  const made = (media: string | null): Tune =>
    orProblem(
      validate(tuneSchema, tuneOfScore(score, performance, media, childIds(id)), 'The tune'),
      'input.invalid',
    )
  // What is no tune leaves nothing behind.
  made(null)
  const media = await addMediaBytes(services, wav)
  await keepPeaks(services, media.hash, peaks)
  const tune = made(media.hash)
  return newTune(services, tune, once)
}

/** A readable id from a title. */
const slug = (title: string): string =>
  title
    .toLowerCase()
    .normalize('NFKD')
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '')
    .slice(0, 40) || 'tune'

/** The tune's own id first, then numbered ones for what it holds. */
function childIds(id: string): () => string {
  let n = -1
  return () => (++n === 0 ? id : `${id}-${n}`.slice(-64))
}

export async function removeTune(
  { database }: Services,
  id: string,
  once: Once | null = null,
): Promise<{ id: string }> {
  return database.write(async (manager) => {
    const { affected } = await manager.delete(TuneEntity, { id })
    if (!affected) throw refusal('not-found', 'tune.none', {})
    return { id }
  }, once)
}
