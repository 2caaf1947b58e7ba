import { callLogSchema } from '@dellop/core/call'
import { z } from 'zod'

/** A call as it stands in a list. */
export const callSummarySchema = z.object({
  id: z.string(),
  sheetId: z.string().nullable(),
  title: z.string(),
  startedAtMs: z.number(),
  endedAtMs: z.number().nullable(),
})
export type CallSummary = z.infer<typeof callSummarySchema>

export const callListSchema = z.object({ calls: z.array(callSummarySchema) })
export const callAnswerSchema = z.object({ call: callLogSchema })
export const putCallSchema = z.strictObject({ call: callLogSchema })
export const callIdSchema = z.object({ id: z.string() })
