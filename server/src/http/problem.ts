import { PROBLEM_STATUS, type ProblemCode } from '@dellop/wire'
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
