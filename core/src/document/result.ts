/**
 * Expected failure is a value; misuse throws. A problem says in one sentence what was expected and
 * where.
 */
export interface Problem {
  /** Stable, dotted, never shown. */
  readonly code: string
  /** The values of its sentence: plain JSON, so that any language can word it. */
  readonly params: Readonly<Record<string, unknown>>
  /** One English sentence for a person: what was found, where, what was expected. */
  readonly message: string
  /** Path into the input, such as `parts.0.label`, where there is one. */
  readonly field?: string
  /** Zero-based character offset into a typed text, where there is one. */
  readonly offset?: number
}

export type Result<Value> =
  { readonly ok: true; readonly value: Value } | { readonly ok: false; readonly problem: Problem }

/** A result that is a value. */
export const succeed = <Value>(value: Value): Result<Value> => ({ ok: true, value })

/** A result that is no value but a problem. */
export interface Refused {
  readonly ok: false
  readonly problem: Problem
}
/** Where in the input it is, where that is known. */
export interface Where {
  readonly field?: string
  readonly offset?: number
}
/** What a language says of each problem of a room. */
type ProblemSentences = Readonly<Record<string, (params: never) => string>>
/** The values of a sentence, and where it is; a sentence without values may be said alone. */
type Told<Sentence> = Sentence extends () => string
  ? [params?: Readonly<Record<string, never>>, where?: Where]
  : Sentence extends (params: infer Params) => string
    ? [params: Params, where?: Where]
    : never

/**
 * The way a room says what is wrong: by a code of its catalogue and the values of the sentence. A
 * value that is renamed in one of the two no longer compiles.
 */
export const problemsOf =
  <Catalogue extends ProblemSentences>(catalogue: Catalogue) =>
  <Code extends keyof Catalogue & string>(
    code: Code,
    ...[params, where]: Told<Catalogue[Code]>
  ): Refused => ({
    ok: false,
    problem: {
      code,
      params: params ?? {},
      message: (catalogue[code] as (params: unknown) => string)(params ?? {}),
      ...where,
    },
  })

/** Unwraps a result that the caller knows to be good. Throws the problem's sentence otherwise. */
export function expectOk<Value>(result: Result<Value>): Value {
  if (!result.ok) throw new Error(result.problem.message)
  return result.value
}
