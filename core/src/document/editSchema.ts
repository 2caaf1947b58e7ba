import { z } from 'zod'
import type { Edit } from './edit.ts'

const idOrRoot = z.string().max(64)
const after = z.string().max(64).nullable()
const address = z.strictObject({ owner: idOrRoot, list: z.string().max(40) })
const place = address.extend({ after })
const item = z.looseObject({ id: z.string().min(1).max(64) })

/**
 * Edits as they come over the wire. Fields are open here because the document's own schema decides:
 * a batch whose result is no valid document is refused whole.
 */
export const editSchema = z.discriminatedUnion('type', [
  z.strictObject({
    type: z.literal('set'),
    id: idOrRoot,
    field: z.string().max(40),
    from: z.unknown(),
    to: z.unknown(),
  }),
  z.strictObject({ type: z.literal('insert'), into: address, item, after }),
  z.strictObject({ type: z.literal('remove'), from: address, item, after }),
  z.strictObject({ type: z.literal('move'), id: z.string().max(64), from: place, to: place }),
]) as unknown as z.ZodType<Edit>
