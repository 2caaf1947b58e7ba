import { readdir, rm, stat } from 'node:fs/promises'
import { join } from 'node:path'
import type { Services } from '../services.ts'
import { MediaEntity } from './mediaEntity.ts'

/** A sound that came in but now may belong to a request that is still under way. */
const YOUNG_MS = 3600_000

/**
 * Sweeps what broken-off work has left: drafts in `tmp`, and sounds in `media` that no row knows.
 * What cannot be swept now is swept at another start.
 */
export async function sweepMedia({ dataFolder, database, nowMs }: Services): Promise<number> {
  let swept = 0
  const remove = async (path: string): Promise<void> => {
    await rm(path, { force: true, recursive: true }).then(
      () => swept++,
      () => undefined,
    )
  }
  for (const name of await namesIn(join(dataFolder, 'tmp')))
    await remove(join(dataFolder, 'tmp', name))
  const rows = await database.source.manager.find(MediaEntity, { select: { hash: true } })
  const known = new Set(rows.map(({ hash }) => hash))
  for (const part of await namesIn(join(dataFolder, 'media')))
    for (const name of await namesIn(join(dataFolder, 'media', part))) {
      const path = join(dataFolder, 'media', part, name)
      if (known.has(name.replace(/\..*$/, ''))) continue
      const made = await stat(path).then(
        ({ mtimeMs }) => mtimeMs,
        () => Infinity,
      )
      if (nowMs() - made > YOUNG_MS) await remove(path)
    }
  return swept
}

const namesIn = (folder: string): Promise<string[]> => readdir(folder).catch(() => [])
