import { createHash, type Hash } from 'node:crypto'
import {
  closeSync,
  createReadStream,
  mkdirSync,
  openSync,
  readFileSync,
  rmSync,
  writeSync,
} from 'node:fs'
import { dirname, join } from 'node:path'
import { Unzip, UnzipInflate, type UnzipFile } from 'fflate'
import { readJson, validate } from '@dellop/core/document'
import { HttpProblem, orProblem } from '../http/problem.ts'
import { isPacked, MANIFEST, manifestSchema, type Manifest } from './manifest.ts'

const refusal = (sentence: string): HttpProblem => new HttpProblem('input.invalid', sentence)
/** No library is larger; a file that claims to be is a trap. */
const MOST_BYTES = 64 * 1024 ** 3
const MOST_MANIFEST_BYTES = 64 * 1024 * 1024

interface Written {
  readonly bytes: number
  readonly sha256: string
}

/**
 * Unpacks a backup into a folder beside, and proves it: every file that its list names is there, of
 * its size and hash, and nothing else is. Refused whole, leaving nothing, where that is not so.
 */
export async function unpack(zip: string, folder: string): Promise<Manifest> {
  mkdirSync(folder, { recursive: true, mode: 0o700 })
  try {
    const written = await extract(zip, folder)
    const manifest = manifestIn(folder)
    for (const { path, bytes, sha256 } of manifest.files) {
      const one = written.get(path)
      if (!one || one.bytes !== bytes || one.sha256 !== sha256)
        throw refusal(`This backup is damaged: ${path} is not as it was packed.`)
    }
    if (written.size !== manifest.files.length + 1)
      throw refusal('This backup holds files that its list does not name.')
    return manifest
  } catch (error) {
    rmSync(folder, { recursive: true, force: true })
    if (error instanceof HttpProblem) throw error
    throw refusal('This is no backup of Dellop, or it is damaged.')
  }
}

function manifestIn(folder: string): Manifest {
  const text = readFileSync(join(folder, MANIFEST), 'utf8')
  const json = orProblem(readJson(text, 'The list of the backup'))
  return orProblem(validate(manifestSchema, json, 'The list of the backup'))
}

async function extract(zip: string, folder: string): Promise<Map<string, Written>> {
  const written = new Map<string, Written>()
  let total = 0
  let failure: Error | null = null
  const take = (file: UnzipFile): void => {
    if (file.name !== MANIFEST && !isPacked(file.name)) {
      failure ??= refusal(`This backup holds “${file.name.slice(0, 80)}”, which belongs in none.`)
      return
    }
    if (written.has(file.name)) {
      failure ??= refusal(`This backup holds ${file.name} twice.`)
      return
    }
    written.set(file.name, { bytes: 0, sha256: '' })
    const path = join(folder, file.name)
    mkdirSync(dirname(path), { recursive: true, mode: 0o700 })
    const out = openSync(path, 'wx', 0o600)
    const hash: Hash = createHash('sha256')
    let bytes = 0
    file.ondata = (error, chunk, isLast) => {
      failure ??= error
      bytes += chunk.length
      total += chunk.length
      const most = file.name === MANIFEST ? MOST_MANIFEST_BYTES : MOST_BYTES
      if (bytes > most || total > MOST_BYTES)
        failure ??= refusal('This backup is larger than a library can be.')
      if (!failure) {
        hash.update(chunk)
        writeSync(out, chunk)
      }
      if (isLast || failure) closeOnce()
      if (isLast) written.set(file.name, { bytes, sha256: hash.digest('hex') })
    }
    let isClosed = false
    const closeOnce = (): void => {
      if (!isClosed) closeSync(out)
      isClosed = true
    }
    file.start()
  }
  const unzip = new Unzip(take)
  unzip.register(UnzipInflate)
  for await (const chunk of createReadStream(zip)) {
    unzip.push(new Uint8Array(chunk as Buffer))
    if (failure) throw failure as Error
  }
  unzip.push(new Uint8Array(0), true)
  if (failure) throw failure as Error
  return written
}
