import { appendFileSync, existsSync, mkdirSync, renameSync, rmSync, statSync } from 'node:fs'
import { join } from 'node:path'

export interface Log {
  readonly write: (entry: Readonly<Record<string, unknown>>) => void
}

const MOST_BYTES = 5 * 1024 * 1024
const KEPT = 3

/**
 * A log of JSON lines under the data folder; when it grows past 5 MB it is put aside, and three
 * such are kept.
 */
export function fileLog(dataFolder: string, nowMs: () => number): Log {
  const folder = join(dataFolder, 'log')
  mkdirSync(folder, { recursive: true })
  const path = join(folder, 'dellop.jsonl')
  return {
    write: (entry) => {
      if (existsSync(path) && statSync(path).size > MOST_BYTES) rotate(path)
      appendFileSync(path, `${JSON.stringify({ at: new Date(nowMs()).toISOString(), ...entry })}\n`)
    },
  }
}

function rotate(path: string): void {
  rmSync(`${path}.${KEPT}`, { force: true })
  for (let n = KEPT - 1; n >= 1; n--)
    if (existsSync(`${path}.${n}`)) renameSync(`${path}.${n}`, `${path}.${n + 1}`)
  renameSync(path, `${path}.1`)
}

/** Keeps nothing; for tests. */
export const silentLog: Log = { write: () => undefined }
