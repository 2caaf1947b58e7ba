import { createHash, randomUUID } from 'node:crypto'
import { createWriteStream } from 'node:fs'
import { mkdir, open, rename, rm } from 'node:fs/promises'
import { join } from 'node:path'
import { Transform } from 'node:stream'
import { pipeline } from 'node:stream/promises'
import type { Readable } from 'node:stream'
import { refusal } from '../http/problem.ts'
import { sizeText } from '../http/route.ts'
import { soundType } from './soundType.ts'

export interface StoredMedia {
  readonly hash: string
  readonly extension: string
  readonly type: string
  readonly bytes: number
}

const pathOf = (dataFolder: string, hash: string, extension: string): string =>
  join(dataFolder, 'media', hash.slice(0, 2), `${hash}.${extension}`)
export const mediaPath = (
  dataFolder: string,
  media: Pick<StoredMedia, 'hash' | 'extension'>,
): string => pathOf(dataFolder, media.hash, media.extension)

/**
 * Streams a sound to disk under the hash of its bytes: written in `tmp/`, synced, then renamed, so
 * that a file in `media/` is always whole. Refuses what is too large, empty, or no sound that
 * Dellop knows; nothing is left behind.
 */
export async function storeMedia(
  dataFolder: string,
  source: Readable,
  limitBytes: number,
): Promise<StoredMedia> {
  const tmp = join(dataFolder, 'tmp')
  await mkdir(tmp, { recursive: true })
  const draft = join(tmp, randomUUID())
  try {
    const written = await writeDraft(source, draft, limitBytes)
    const known = soundType(written.head)
    if (written.bytes === 0) throw refusal('input.invalid', 'sound.empty', {})
    if (!known) throw refusal('input.invalid', 'sound.kind', {})
    const target = pathOf(dataFolder, written.hash, known.extension)
    await mkdir(join(target, '..'), { recursive: true })
    await rename(draft, target)
    return { hash: written.hash, ...known, bytes: written.bytes }
  } finally {
    await rm(draft, { force: true })
  }
}

async function writeDraft(
  source: Readable,
  draft: string,
  limitBytes: number,
): Promise<{ hash: string; bytes: number; head: Buffer }> {
  const hash = createHash('sha256')
  let bytes = 0
  let head = Buffer.alloc(0)
  const measure = new Transform({
    transform(chunk: Buffer, _encoding, done) {
      bytes += chunk.length
      if (bytes > limitBytes)
        return done(refusal('input.too-large', 'sound.large', { most: sizeText(limitBytes) }))
      if (head.length < 64) head = Buffer.concat([head, chunk.subarray(0, 64 - head.length)])
      hash.update(chunk)
      done(null, chunk)
    },
  })
  await pipeline(source, measure, createWriteStream(draft))
  const file = await open(draft, 'r+')
  await file.sync()
  await file.close()
  return { hash: hash.digest('hex'), bytes, head }
}
