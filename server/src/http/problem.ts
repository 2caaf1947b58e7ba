import { PROBLEM_STATUS, REFUSALS, type ProblemCode, type Refusals } from '@dellop/wire'
import type { Problem, Result } from '@dellop/core/document'

/** The server's one error: a code from the closed list, a sentence, and the field it concerns. */
export class HttpProblem extends Error {
  constructor(
    readonly code: ProblemCode,
    message: string,
    readonly field?: string,
    /** The problem of the core behind it. */
    readonly said?: Pick<Problem, 'code' | 'params'>,
  ) {
    super(message)
    this.name = 'HttpProblem'
  }

  get status(): number {
    return PROBLEM_STATUS[this.code]
  }
}

/** The values of a refusal's sentence: none where it has none. */
type ValuesOf<Name extends keyof Refusals> = Refusals[Name] extends (values: infer Values) => string
  ? unknown extends Values
    ? Readonly<Record<string, never>>
    : Values & Readonly<Record<string, unknown>>
  : never

/**
 * A refusal of the server's own, by its name and the values of its sentence: told in English here, and
 * by name to who reads another language.
 */
export function refusal<Name extends keyof Refusals>(
  code: ProblemCode,
  name: Name,
  params: ValuesOf<Name>,
  field?: string,
): HttpProblem {
  const sentence = REFUSALS[name] as (values: unknown) => string
  return new HttpProblem(code, sentence(params), field, { code: `server.${name}`, params })
}

/** The one way from an expected failure of the core to an answer of the server. */
export function orProblem<Value>(
  result: Result<Value>,
  code: ProblemCode = 'input.invalid',
): Value {
  if (result.ok) return result.value
  throw fromCore(result.problem, code)
}

export const fromCore = (problem: Problem, code: ProblemCode): HttpProblem =>
  new HttpProblem(
    problem.code === 'input.not-json' ? 'input.not-json' : code,
    problem.message,
    problem.field,
    { code: problem.code, params: problem.params },
  )
