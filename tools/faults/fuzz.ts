import { fork } from 'node:child_process'
import { fileURLToPath } from 'node:url'
import { chanceOf, mutated } from './mutate.ts'
import type { Importer } from './importers.ts'

/** No file takes longer to be read or refused, and none more memory. */
export const LONGEST_MS = 5000
const MOST_MB = 1024
const TOO_LONG = `it took longer than ${LONGEST_MS / 1000} s`

export interface Broken {
  readonly kind: string
  readonly seed: number
  readonly what: string
}
export interface FuzzRun {
  readonly kind: string
  readonly files: number
  readonly letIn: number
  readonly slowestMs: number
  readonly broken: readonly Broken[]
}

const TRYING = fileURLToPath(new URL('./trying.ts', import.meta.url))
export const DEMO = fileURLToPath(new URL('../../demo', import.meta.url))

/** The file of a seed: always the same. */
export function fileOf({ samples }: Importer, seed: number): Uint8Array {
  const chance = chanceOf(seed)
  const one = (): Uint8Array => samples[Math.floor(chance() * samples.length)]!
  return mutated(one(), one(), chance)
}

/** What is the matter with the file of a seed; null where it was let in whole, or refused. */
export async function tryFile(
  importer: Importer,
  seed: number,
): Promise<{ letIn: boolean; what: string | null }> {
  try {
    return { letIn: await importer.bring(fileOf(importer, seed)), what: null }
  } catch (error) {
    return { letIn: false, what: error instanceof Error ? error.message : String(error) }
  }
}

export interface Told {
  readonly seed: number
  readonly letIn: boolean
  readonly what: string | null
}

/** Tries files of one kind, from one seed on, in a process that is stopped when one takes too long. */
export async function fuzz(kind: string, from: number, files: number): Promise<FuzzRun> {
  const broken: Broken[] = []
  let [letIn, slowestMs, seed] = [0, 0, from]
  while (seed < from + files) {
    const each = (told: Told, ms: number): void => {
      if (told.letIn) letIn++
      if (told.what !== null) broken.push({ kind, seed: told.seed, what: told.what })
      slowestMs = Math.max(slowestMs, ms)
    }
    let reached = await tryFrom(kind, seed, from + files, each)
    // Others may have had the machine: what took too long is tried once more, by itself.
    if (reached.what === TOO_LONG)
      reached = await tryFrom(kind, reached.seed, reached.seed + 1, each)
    if (reached.what !== null) broken.push({ kind, seed: reached.seed, what: reached.what })
    seed = reached.seed + 1
  }
  return { kind, files, letIn, slowestMs, broken }
}

/** One process, until it is done or one file is the end of it. */
function tryFrom(
  kind: string,
  from: number,
  until: number,
  each: (told: Told, ms: number) => void,
): Promise<{ seed: number; what: string | null }> {
  return new Promise((resolve) => {
    let at = from
    let sinceMs = performance.now()
    const trying = fork(TRYING, [kind, String(from), String(until)], {
      execArgv: [...process.execArgv, `--max-old-space-size=${MOST_MB}`],
    })
    const done = (what: string | null): void => {
      clearInterval(watch)
      trying.removeAllListeners()
      trying.kill('SIGKILL')
      resolve({ seed: at, what })
    }
    let isReady = false
    const watch = setInterval(() => {
      if (isReady && performance.now() - sinceMs > LONGEST_MS) done(TOO_LONG)
    }, 200)
    trying.on('message', (told: Told | 'ready') => {
      const now = performance.now()
      if (told !== 'ready') each(told, now - sinceMs)
      isReady = true
      sinceMs = now
      if (told === 'ready') return
      at = told.seed + 1
      if (at < until) return
      at = until - 1
      done(null)
    })
    trying.on('exit', (code, signal) => done(`its process ended: ${signal ?? code}`))
  })
}
