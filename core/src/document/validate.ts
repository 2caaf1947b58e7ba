import type { z } from 'zod'
import { succeed, type Refused, type Result } from './result.ts'
import { problem } from './problem.ts'

/** Writes a Zod path the way a person would point: `parts[2].slots[0].figureId`. */
export function pathText(path: readonly PropertyKey[]): string {
  return path
    .map((key, i) => (typeof key === 'number' ? `[${key}]` : `${i === 0 ? '' : '.'}${String(key)}`))
    .join('')
}

/**
 * Checks unknown input against a schema. The problem names the first field that does not hold and
 * what was expected there.
 */
export function validate<Value>(
  schema: z.ZodType<Value>,
  input: unknown,
  what: string,
): Result<Value> {
  const parsed = schema.safeParse(input)
  if (parsed.success) return succeed(parsed.data)
  const issue = deepest(parsed.error.issues[0]!)
  const field = pathText(issue.path)
  const at = field === '' ? what : `${what}, at ${field}`
  return problem('input.invalid', { at, why: issue.message }, field === '' ? {} : { field })
}

type Issue = z.core.$ZodIssue

/** A union's own message ("Invalid input") says nothing; the branch that got furthest does. */
function deepest(issue: Issue): Issue {
  if (issue.code !== 'invalid_union' || issue.errors.length === 0) return issue
  const branches = issue.errors
    .filter((errors) => errors.length > 0)
    .map((errors) => deepest(errors[0]!))
  const best = branches.sort((a, b) => b.path.length - a.path.length)[0]
  return best ? { ...best, path: [...issue.path, ...best.path] } : issue
}

/** What is kept in the database and is no JSON any more. */
export const unreadable = (): Refused => problem('input.no-json')

/** Reads JSON text. The problem says at which line it stops making sense. */
export function readJson(text: string, what: string): Result<unknown> {
  try {
    return succeed(JSON.parse(text))
  } catch (error) {
    const position = /position (\d+)/.exec(String(error))?.[1]
    const offset = position === undefined ? text.length : Number(position)
    const line = text.slice(0, offset).split('\n').length
    return problem('input.not-json', { what, line }, { offset })
  }
}
