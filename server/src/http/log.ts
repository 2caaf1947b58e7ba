import { existsSync, mkdirSync, renameSync, rmSync, statSync } from 'node:fs'
import { join } from 'node:path'
import { destination, pino } from 'pino'

export interface Log {
  readonly write: (entry: LogEntry) => void
  /** Once everything written stands in the file. */
  readonly close: () => Promise<void>
}
export interface LogEntry extends Readonly<Record<string, unknown>> {
  readonly level: 'info' | 'error'
}

const MOST_BYTES = 5 * 1024 * 1024
const KEPT = 3

/**
 * A log of JSON lines under the data folder, written beside the work and not in it; when it grows
 * past 5 MB it is put aside, and three such are kept.
 */
export function fileLog(dataFolder: string, nowMs: () => number): Log {
  const folder = join(dataFolder, 'log')
  mkdirSync(folder, { recursive: true })
  const path = join(folder, 'dellop.jsonl')
  let bytes = existsSync(path) ? statSync(path).size : 0
  let isFailing = false
  const file = destination({ dest: path, sync: false, mode: 0o600 })
  file.on('write', (written: number) => {
    bytes += written
    isFailing = false
    if (bytes <= MOST_BYTES) return
    putAside(path)
    bytes = 0
    file.reopen()
  })
  // What cannot be logged, on a full disk say, must not fail what it tells of.
  file.on('error', (error: Error) => {
    if (!isFailing) console.error(`The log cannot be written: ${error.message}`)
    isFailing = true
  })
  const lines = pino(
    {
      base: null,
      timestamp: () => `,"at":"${new Date(nowMs()).toISOString()}"`,
      formatters: { level: (level) => ({ level }) },
    },
    file,
  )
  return {
    write: ({ level, ...entry }) => lines[level](entry),
    close: () =>
      new Promise((resolve) => {
        file.once('close', resolve)
        file.once('error', () => resolve())
        file.end()
      }),
  }
}

function putAside(path: string): void {
  rmSync(`${path}.${KEPT}`, { force: true })
  for (let n = KEPT - 1; n >= 1; n--)
    if (existsSync(`${path}.${n}`)) renameSync(`${path}.${n}`, `${path}.${n + 1}`)
  renameSync(path, `${path}.1`)
}
