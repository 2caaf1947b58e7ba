import { mkdir, readFile, writeFile } from 'node:fs/promises'
import { join } from 'node:path'
import { Readable } from 'node:stream'
import { MEDIA_LIMIT_BYTES } from '@dellop/wire'
import type { Services } from '../services.ts'
import { refusal } from '../http/problem.ts'
import { MediaEntity } from './mediaEntity.ts'
import { storeMedia, type StoredMedia } from './store.ts'

/** Stores a sound and its row. The same bytes twice are one file and one row. */
export async function addMedia(
  { dataFolder, database, nowMs }: Services,
  source: Readable,
): Promise<StoredMedia> {
  const stored = await storeMedia(dataFolder, source, MEDIA_LIMIT_BYTES)
  await database.write(async (manager) => {
    await manager.upsert(MediaEntity, { ...stored, createdAtMs: nowMs() }, ['hash'])
  })
  return stored
}

export const addMediaBytes = (services: Services, bytes: Uint8Array): Promise<StoredMedia> =>
  addMedia(services, Readable.from([Buffer.from(bytes)]))

export async function findMedia({ database }: Services, hash: string): Promise<MediaEntity> {
  const media = await database.source.manager.findOneBy(MediaEntity, { hash })
  if (!media) throw refusal('not-found', 'sound.none', {})
  return media
}

const cachePath = (dataFolder: string, hash: string): string =>
  join(dataFolder, 'cache', 'peaks', `${hash}.json`)

/**
 * Keeps peaks for drawing. The cache can be emptied: peaks are then simply not drawn until they are
 * made again.
 */
export async function keepPeaks(
  { dataFolder }: Services,
  hash: string,
  peaks: readonly number[],
): Promise<void> {
  const path = cachePath(dataFolder, hash)
  await mkdir(join(path, '..'), { recursive: true })
  await writeFile(path, JSON.stringify(peaks))
}

export async function readPeaks(services: Services, hash: string): Promise<number[]> {
  await findMedia(services, hash)
  try {
    return JSON.parse(await readFile(cachePath(services.dataFolder, hash), 'utf8')) as number[]
  } catch {
    return []
  }
}
