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
  let isFailing = false
  const append = (entry: Readonly<Record<string, unknown>>): void => {
    if (existsSync(path) && statSync(path).size > MOST_BYTES) rotate(path)
    appendFileSync(path, `${JSON.stringify({ at: new Date(nowMs()).toISOString(), ...entry })}\n`)
  }
  return {
    write: (entry) => {
      try {
        append(entry)
        isFailing = false
      } catch (error) {
        // What cannot be logged, on a full disk say, must not fail what it tells of.
        if (!isFailing) console.error(`The log cannot be written: ${(error as Error).message}`)
        isFailing = true
      }
    },
  }
}

function rotate(path: string): void {
  rmSync(`${path}.${KEPT}`, { force: true })
  for (let n = KEPT - 1; n >= 1; n--)
    if (existsSync(`${path}.${n}`)) renameSync(`${path}.${n}`, `${path}.${n + 1}`)
  renameSync(path, `${path}.1`)
}
