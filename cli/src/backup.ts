import { createHash } from 'node:crypto'
import { existsSync, mkdirSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { unzipSync } from 'fflate'
import { succeed, type Result } from '@dellop/core/result'
import { z } from 'zod'
import { readArguments } from './arguments.ts'
import { callersPath } from './files.ts'
import { outcomeOf, type Outcome } from './outcome.ts'
import { problem } from './problem.ts'

const USUAL_ADDRESS = 'http://127.0.0.1:4477'
const MANIFEST = 'manifest.json'
const PATH = /^(?:dellop\.sqlite|media\/[0-9a-f]{2}\/[0-9a-f]{64}\.[a-z0-9]{2,5})$/
const manifestSchema = z.looseObject({
  format: z.literal('dellop-backup'),
  files: z.array(z.object({ path: z.string().regex(PATH), sha256: z.string() })),
})
const misuse = (result: Result<never>): Outcome => outcomeOf(result, () => ({ exit: 0, text: '' }))

/** `dellop backup FILE.zip [--from ADDRESS]`: everything but caches, of a Dellop that runs, in one file. */
export async function backup(line: readonly string[]): Promise<Outcome> {
  const read = readArguments(line, ['from'])
  if (!read.ok) return misuse(read)
  const [path] = read.value.words
  if (path === undefined || read.value.words.length !== 1) return misuse(problem('backup.file'))
  const address = read.value.options.get('from') ?? USUAL_ADDRESS
  const answer = await fetch(new URL('/api/backup', address)).catch(() => null)
  if (!answer?.ok) return misuse(problem('log.none', { address }))
  const bytes = new Uint8Array(await answer.arrayBuffer())
  const files = filesIn(bytes, path)
  if (!files.ok) return misuse(files)
  writeFileSync(callersPath(path), bytes, { mode: 0o600 })
  return { exit: 0, json: { file: path, bytes: bytes.length, files: files.value.size } }
}

/**
 * `dellop restore FILE.zip --into FOLDER`: a backup that is proved, unpacked as the data of a Dellop
 * that does not run. The folder is to be empty or not there.
 */
export function restore(line: readonly string[]): Outcome {
  return outcomeOf(readArguments(line, ['into']), ({ words, options }) => {
    const [path] = words
    const into = options.get('into')
    if (path === undefined || words.length !== 1 || into === undefined)
      return misuse(problem('restore.what'))
    const folder = callersPath(into)
    if (existsSync(folder) && readdirSync(folder).length > 0)
      return misuse(problem('restore.full', { folder: into }))
    return outcomeOf(bytesOf(path), (bytes) =>
      outcomeOf(filesIn(bytes, path), (files) => {
        try {
          for (const [name, content] of files) {
            const target = join(folder, name)
            mkdirSync(dirname(target), { recursive: true, mode: 0o700 })
            writeFileSync(target, content, { mode: 0o600 })
          }
        } catch {
          rmSync(folder, { recursive: true, force: true })
          return misuse(problem('restore.write', { folder: into }))
        }
        return { exit: 0, json: { folder: into, files: files.size } }
      }),
    )
  })
}

function bytesOf(path: string): Result<Uint8Array> {
  try {
    return succeed(new Uint8Array(readFileSync(callersPath(path))))
  } catch {
    return problem('file.missing', { path })
  }
}

/** The files of a backup, each as its list says; refused whole where one is not. */
function filesIn(bytes: Uint8Array, path: string): Result<ReadonlyMap<string, Uint8Array>> {
  let packed: Record<string, Uint8Array>
  try {
    packed = unzipSync(bytes)
  } catch {
    return problem('backup.none', { path })
  }
  const list = packed[MANIFEST]
  const json = list ? parsed(new TextDecoder().decode(list)) : null
  const manifest = manifestSchema.safeParse(json)
  if (!manifest.success) return problem('backup.none', { path })
  const files = new Map<string, Uint8Array>()
  for (const one of manifest.data.files) {
    const content = Object.hasOwn(packed, one.path) ? packed[one.path] : undefined
    const hash = content && createHash('sha256').update(content).digest('hex')
    if (!content || hash !== one.sha256) return problem('backup.damaged', { path, file: one.path })
    files.set(one.path, content)
  }
  return succeed(files)
}
function parsed(text: string): unknown {
  try {
    return JSON.parse(text) as unknown
  } catch {
    return null
  }
}
