import { existsSync, openSync, closeSync, fsyncSync, rmSync, writeSync, statSync } from 'node:fs'
import { join } from 'node:path'

/** Room for some hundreds of edits: they are a few hundred bytes each, and a page of the log. */
const RESERVE_BYTES = 4 * 1024 * 1024
const CHUNK = Buffer.alloc(256 * 1024, 0x5a)
/** On a disk that stays full it is not tried with every change. */
const AGAIN_MS = 20_000

/** A file that keeps room on the disk: spent, the changes under way still find theirs. */
export interface Reserve {
  /** Whether there was one to spend. */
  readonly spend: () => boolean
  readonly isSpent: () => boolean
  /** Puts it back where there is room for it again. */
  readonly refill: (nowMs: number) => void
}

export function reserveIn(dataFolder: string, bytes = RESERVE_BYTES): Reserve {
  const path = join(dataFolder, 'reserve')
  let triedMs = -Infinity
  const isThere = (): boolean => existsSync(path) && statSync(path).size >= bytes
  return {
    spend: () => {
      const had = existsSync(path)
      rmSync(path, { force: true })
      return had
    },
    isSpent: () => !isThere(),
    refill: (nowMs) => {
      if (isThere() || Math.abs(nowMs - triedMs) < AGAIN_MS) return
      triedMs = nowMs
      try {
        fill(path, bytes)
      } catch {
        rmSync(path, { force: true })
      }
    },
  }
}

function fill(path: string, bytes: number): void {
  const file = openSync(path, 'w', 0o600)
  try {
    for (let written = 0; written < bytes;)
      written += writeSync(file, CHUNK, 0, Math.min(CHUNK.length, bytes - written))
    fsyncSync(file)
  } finally {
    closeSync(file)
  }
}
