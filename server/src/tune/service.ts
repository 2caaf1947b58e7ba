import { playScore, wavBytes, wavePeaks } from '@dellop/core/band'
import { readAbc, tuneOfScore } from '@dellop/core/file'
import type { Tune } from '@dellop/core/tune'
import type { EntityManager } from 'typeorm'
import { HttpProblem, orProblem } from '../http/problem.ts'
import { addMediaBytes, keepPeaks } from '../media/service.ts'
import type { Services } from '../services.ts'
import { TuneEntity } from './tuneEntity.ts'

/** Peaks kept for a whole recording: enough for the widest screen. */
const PEAKS = 1600

export async function listTunes({ database }: Services): Promise<Tune[]> {
  const rows = await database.source.manager.find(TuneEntity, { order: { title: 'ASC' } })
  return rows.map((row) => JSON.parse(row.document) as Tune)
}

export async function tuneOrNull(manager: EntityManager, id: string | null): Promise<Tune | null> {
  const row = id === null ? null : await manager.findOneBy(TuneEntity, { id })
  return row ? (JSON.parse(row.document) as Tune) : null
}

export async function findTune(manager: EntityManager, id: string): Promise<Tune> {
  const tune = await tuneOrNull(manager, id)
  if (!tune) throw new HttpProblem('not-found', 'There is no such tune here.')
  return tune
}

export async function saveTune(manager: EntityManager, tune: Tune, atMs: number): Promise<void> {
  await manager.insert(TuneEntity, { id: tune.id, title: tune.title, document: JSON.stringify(tune), updatedAtMs: atMs })
}

/** Brings in an ABC tune: the house band plays it, the sound is stored, the tune is saved. */
export async function importAbc(services: Services, abc: string): Promise<Tune> {
  const score = orProblem(readAbc(abc))
  const performance = playScore(score)
  const media = await addMediaBytes(services, wavBytes(performance.samples, performance.sampleRate))
  await keepPeaks(services, media.hash, wavePeaks(performance.samples, PEAKS))
  const { manager } = services.database.source
  const base = slug(score.title)
  const id = (await tuneOrNull(manager, base)) ? `${base}-${services.newId()}`.slice(0, 64) : base
  const tune = tuneOfScore(score, performance, media.hash, childIds(id))
  await services.database.write((writer) => saveTune(writer, tune, services.nowMs()))
  return tune
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
