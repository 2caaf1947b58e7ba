import { z } from 'zod'

/** Copies of the database that Dellop makes by itself. */
export const backupListSchema = z.object({
  backups: z.array(z.object({ name: z.string(), bytes: z.int(), atMs: z.number() })),
})
/** A backup that was proved, and takes its place at the next start. */
export const restoredSchema = z.object({ files: z.int() })
