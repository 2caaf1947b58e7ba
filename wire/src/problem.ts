import { z } from 'zod'

/**
 * Every way a request can fail that a person can do something about, with the status it is sent as.
 */
export const PROBLEM_STATUS = {
  'input.invalid': 400,
  'input.not-json': 400,
  'input.type': 415,
  'input.too-large': 413,
  'origin.refused': 403,
  'not-found': 404,
  'method.refused': 405,
  'edit.refused': 409,
  exists: 409,
  'server.stopping': 503,
  'storage.full': 507,
  'storage.busy': 503,
  'server.failed': 500,
} as const
export type ProblemCode = keyof typeof PROBLEM_STATUS
export const PROBLEM_CODES = Object.keys(PROBLEM_STATUS) as [ProblemCode, ...ProblemCode[]]

/** `application/problem+json`: one sentence a person can act on, and the field it concerns. */
export const problemSchema = z.object({
  type: z.string(),
  title: z.string(),
  status: z.int(),
  code: z.enum(PROBLEM_CODES),
  detail: z.string(),
  /** The problem of the core behind it, from which any language words it. */
  said: z.object({ code: z.string(), params: z.record(z.string(), z.unknown()) }).optional(),
  field: z.string().optional(),
  requestId: z.string(),
})
export type ProblemBody = z.infer<typeof problemSchema>
