import { existsSync, readFileSync, renameSync, rmSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { z } from 'zod'
import { pairedScreenSchema } from './pairing.ts'

/** Second screens that were on when the server stopped: where, and who was let in. */
const keptHallSchema = z.strictObject({
  address: z.string(),
  port: z.int().min(1).max(65_535),
  switchedOnMs: z.number(),
  screens: z.array(pairedScreenSchema).max(1000),
})
export type KeptHall = z.infer<typeof keptHallSchema>

/** Longer than any evening: after it nobody waits for the screens any more. */
const EVENING_MS = 12 * 3600_000

export interface HallFile {
  /** What was on less than an evening ago; null where nothing was, or it cannot be read. */
  readonly read: (nowMs: number) => KeptHall | null
  readonly write: (hall: KeptHall | null) => void
}

/** Where it is kept which screens are on, so that a server that was killed finds them again. */
export function hallFile(dataFolder: string): HallFile {
  const path = join(dataFolder, 'hall.json')
  return {
    read: (nowMs) => {
      if (!existsSync(path)) return null
      try {
        const kept = keptHallSchema.parse(JSON.parse(readFileSync(path, 'utf8')))
        return Math.abs(nowMs - kept.switchedOnMs) < EVENING_MS ? kept : null
      } catch {
        return null
      }
    },
    write: (hall) => {
      if (hall === null) return rmSync(path, { force: true })
      writeFileSync(`${path}.new`, JSON.stringify(hall), { mode: 0o600 })
      renameSync(`${path}.new`, path)
    },
  }
}
