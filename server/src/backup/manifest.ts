import { z } from 'zod'

export const MANIFEST = 'manifest.json'
export const DATABASE = 'dellop.sqlite'

/** What may stand in a backup: nothing else is unpacked. */
const PATH = /^(?:dellop\.sqlite|media\/[0-9a-f]{2}\/[0-9a-f]{64}\.[a-z0-9]{2,5})$/
export const isPacked = (path: string): boolean => PATH.test(path)

/** What a backup holds, each file by its size and hash. */
export const manifestSchema = z.strictObject({
  format: z.literal('dellop-backup'),
  version: z.literal(1),
  madeAtMs: z.number(),
  files: z
    .array(
      z.strictObject({
        path: z.string().regex(PATH),
        bytes: z.int().min(0),
        sha256: z.string().regex(/^[0-9a-f]{64}$/),
      }),
    )
    .max(1_000_000),
})
export type Manifest = z.infer<typeof manifestSchema>
