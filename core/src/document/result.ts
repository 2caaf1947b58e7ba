/**
 * Expected failure is a value; misuse throws. A problem says in one sentence what was expected and
 * where.
 */
export interface Problem {
  /** Stable, dotted, never shown. */
  readonly code: string
  /** One sentence for a person: what was found, where, what was expected. */
  readonly message: string
  /** Path into the input, such as `parts.0.label`, where there is one. */
  readonly field?: string
  /** Zero-based character offset into a typed text, where there is one. */
  readonly offset?: number
}

export type Result<Value> =
  { readonly ok: true; readonly value: Value } | { readonly ok: false; readonly problem: Problem }

export const succeed = <Value>(value: Value): Result<Value> => ({ ok: true, value })

export function problem(
  code: string,
  message: string,
  where: { field?: string; offset?: number } = {},
): { readonly ok: false; readonly problem: Problem } {
  return { ok: false, problem: { code, message, ...where } }
}

/** Unwraps a result that the caller knows to be good. Throws the problem's sentence otherwise. */
export function expectOk<Value>(result: Result<Value>): Value {
  if (!result.ok) throw new Error(result.problem.message)
  return result.value
}
