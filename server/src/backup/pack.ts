import { createHash } from 'node:crypto'
import { createReadStream, createWriteStream, existsSync, lstatSync, mkdirSync } from 'node:fs'
import { rm } from 'node:fs/promises'
import { once } from 'node:events'
import { join } from 'node:path'
import { Zip, ZipDeflate, ZipPassThrough } from 'fflate'
import { MediaEntity } from '../media/mediaEntity.ts'
import { mediaPath } from '../media/store.ts'
import type { Services } from '../services.ts'
import { DATABASE, MANIFEST, type Manifest } from './manifest.ts'
import { unpack } from './unpack.ts'

/**
 * Packs everything but caches into one file, while Dellop runs: a copy of the database as it is at
 * one moment, and every sound it names. It is read back and checked before it counts; the caller
 * takes it away.
 */
export async function packBackup(services: Services): Promise<string> {
  const { dataFolder, database, newId, nowMs } = services
  const folder = join(dataFolder, 'tmp')
  mkdirSync(folder, { recursive: true })
  const copy = join(folder, `${newId()}.sqlite`)
  const zip = join(folder, `${newId()}.zip`)
  const proof = join(folder, `${newId()}-proof`)
  try {
    await database.source.query('VACUUM INTO ?', [copy])
    const media = await database.source.manager.find(MediaEntity)
    const sounds = media.flatMap(({ hash, extension }) => {
      const path = mediaPath(dataFolder, { hash, extension })
      // A link in the folder of sounds may lead anywhere: it is not followed.
      const isFile = existsSync(path) && lstatSync(path).isFile()
      return isFile ? [{ path: `media/${hash.slice(0, 2)}/${hash}.${extension}`, from: path }] : []
    })
    await write(zip, [{ path: DATABASE, from: copy }, ...sounds], nowMs())
    await unpack(zip, proof)
    return zip
  } catch (error) {
    await rm(zip, { force: true })
    throw error
  } finally {
    await rm(copy, { force: true })
    await rm(proof, { force: true, recursive: true })
  }
}

async function write(
  target: string,
  files: readonly { readonly path: string; readonly from: string }[],
  madeAtMs: number,
): Promise<void> {
  const out = createWriteStream(target)
  const failed = new Promise<never>((_, reject) => out.on('error', reject))
  // Said by whoever waits; else it is nobody's.
  failed.catch(() => undefined)
  let full = false
  const zip = new Zip((error, chunk, isLast) => {
    if (error) return void out.destroy(error)
    full = !out.write(chunk)
    if (isLast) out.end()
  })
  const manifest: Manifest = { format: 'dellop-backup', version: 1, madeAtMs, files: [] }
  for (const { path, from } of files) {
    // Sounds are squeezed already.
    const entry = path === DATABASE ? new ZipDeflate(path, { level: 6 }) : new ZipPassThrough(path)
    zip.add(entry)
    const hash = createHash('sha256')
    let bytes = 0
    for await (const chunk of createReadStream(from)) {
      const piece = chunk as Buffer
      hash.update(piece)
      bytes += piece.length
      entry.push(new Uint8Array(piece))
      if (full) await Promise.race([once(out, 'drain'), failed])
    }
    entry.push(new Uint8Array(0), true)
    manifest.files.push({ path, bytes, sha256: hash.digest('hex') })
  }
  const last = new ZipDeflate(MANIFEST, { level: 6 })
  zip.add(last)
  last.push(new TextEncoder().encode(JSON.stringify(manifest)), true)
  zip.end()
  await Promise.race([once(out, 'finish'), failed])
}
