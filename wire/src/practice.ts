import { practiceSchema } from '@dellop/core/rehearse'
import { z } from 'zod'

/** What was practised, the newest first. */
export const practiceListSchema = z.object({ practice: z.array(practiceSchema) })
export const putPracticeSchema = z.strictObject({ practice: practiceSchema })
export const practiceIdSchema = z.object({ id: z.string() })
