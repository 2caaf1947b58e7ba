import { validate } from '@dellop/core/document'
import { problemSchema, routePath, ROUTES, type Route, type RouteName } from '@dellop/wire'
import type { z } from 'zod'
import { words } from '../words/index.ts'

type AnswerOf<Name extends RouteName> =
  (typeof ROUTES)[Name]['answer'] extends z.ZodType<infer Body> ? Body : undefined
type RequestOf<Name extends RouteName> =
  (typeof ROUTES)[Name]['request'] extends z.ZodType<unknown, infer Body> ? Body : undefined

/**
 * A request that did not succeed: `offline` when the server was not reached, else its problem's
 * code.
 */
export class ApiProblem extends Error {
  constructor(
    readonly code: string,
    message: string,
    readonly field?: string,
  ) {
    super(message)
    this.name = 'ApiProblem'
  }

  get offline(): boolean {
    return this.code === 'offline'
  }
}

export interface CallOptions<Name extends RouteName> {
  readonly params?: Readonly<Record<string, string>>
  readonly body?: RequestOf<Name>
}

/** Calls a route of the API. What comes back is checked against the wire before anyone uses it. */
export async function api<Name extends RouteName>(
  name: Name,
  { params, body }: CallOptions<Name> = {},
): Promise<AnswerOf<Name>> {
  const route: Route = ROUTES[name]
  const response = await reach(routePath(route, params), {
    method: route.method,
    ...(body === undefined
      ? {}
      : { headers: { 'Content-Type': 'application/json' }, body: JSON.stringify(body) }),
  })
  const json: unknown = await response.json().catch(() => null)
  if (!response.ok) throw problemOf(json)
  if (!route.answer) return undefined as AnswerOf<Name>
  const valid = validate(route.answer, json, 'The server’s answer')
  if (!valid.ok) throw new ApiProblem('answer.invalid', valid.problem.message)
  return valid.value as AnswerOf<Name>
}

async function reach(path: string, init: RequestInit): Promise<Response> {
  try {
    return await fetch(path, init)
  } catch {
    throw new ApiProblem('offline', words.trouble.offline)
  }
}

function problemOf(json: unknown): ApiProblem {
  const problem = problemSchema.safeParse(json)
  return problem.success
    ? new ApiProblem(problem.data.code, problem.data.detail, problem.data.field)
    : new ApiProblem('server.failed', words.trouble.server)
}

/** What to tell a person about anything that was thrown. */
export const sentenceOf = (thrown: unknown): string =>
  thrown instanceof Error ? thrown.message : words.trouble.server
