import { validate } from '@dellop/core/document'
import { problemSchema, routePath, ROUTES, type Route, type RouteName } from '@dellop/wire'
import type { z } from 'zod'
import { language, words } from '../words/index.ts'
import { randomId } from './randomId.ts'
import { browserTimers } from './timers.ts'

type AnswerOf<Name extends RouteName> =
  (typeof ROUTES)[Name]['answer'] extends z.ZodType<infer Body> ? Body : undefined
type RequestOf<Name extends RouteName> =
  (typeof ROUTES)[Name]['request'] extends z.ZodType<unknown, infer Body> ? Body : undefined

const UNHEARD: ReadonlySet<string> = new Set([
  'offline',
  'server.failed',
  'server.stopping',
  'storage.full',
  'storage.busy',
])

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

  /** Whether nobody knows what became of the request: sent again under its name, it is done once. */
  get isUnheard(): boolean {
    return UNHEARD.has(this.code)
  }
}

export interface CallOptions<Name extends RouteName> {
  readonly params?: Readonly<Record<string, string>>
  /** What is asked for behind the question mark. */
  readonly query?: Readonly<Record<string, string>>
  readonly body?: RequestOf<Name>
}

/**
 * Long lists of documents, each of which the server has validated as it read it. Where it came out
 * of the same build as this page, they are not gone through a second time: that would be a sixth of
 * the time to a sheet.
 */
const VALIDATED_THERE: ReadonlySet<RouteName> = new Set(['listFigures', 'listTunes'])

/** Calls a route of the API. What comes back is checked against the wire before anyone uses it. */
export async function api<Name extends RouteName>(
  name: Name,
  { params, query, body }: CallOptions<Name> = {},
): Promise<AnswerOf<Name>> {
  const route: Route = ROUTES[name]
  const asked = query ? `?${new URLSearchParams(query).toString()}` : ''
  const path = routePath(route, params) + asked
  const text = body === undefined ? undefined : JSON.stringify(body)
  const { json, isSameBuild } = await answered(path, route, text)
  if (!route.answer) return undefined as AnswerOf<Name>
  if (isSameBuild && VALIDATED_THERE.has(name)) return json as AnswerOf<Name>
  const valid = validate(route.answer, json, 'The server’s answer')
  if (!valid.ok) throw new ApiProblem('answer.invalid', words.problem(valid.problem))
  return valid.value as AnswerOf<Name>
}

/**
 * Names of requests whose answer was not heard, by what they ask: sent again, by the same button or
 * by itself, such a request is known for the same and done once.
 */
const unheard = new Map<string, string>()
/** A lost answer is asked for once more by itself, after so many milliseconds. */
const AGAIN_MS = 400
/** Browsers let 64 KB go out after a page is gone, for all such requests together. */
const KEEPALIVE_CHARACTERS = 12_000

async function answered(path: string, route: Route, body: string | undefined): Promise<Heard> {
  const type: Record<string, string> =
    body === undefined ? {} : { 'Content-Type': 'application/json' }
  // What is sent as the page is left still goes out, where a browser allows so much.
  const keepalive = body !== undefined && body.length < KEEPALIVE_CHARACTERS
  const init = { method: route.method, keepalive, ...(body === undefined ? {} : { body }) }
  if (!isNamed(path, route)) return heard(path, { ...init, headers: type })
  const asked = `${route.method} ${path} ${body ?? ''}`
  const name = unheard.get(asked) ?? randomId()
  const send = (): Promise<Heard> => heard(path, { ...init, headers: { ...type, 'X-Once': name } })
  try {
    const answer = await send().catch(async (error: unknown) => {
      if (!isUnheard(error)) throw error
      await new Promise((resolve) => browserTimers.after(AGAIN_MS, () => resolve(null)))
      return send()
    })
    unheard.delete(asked)
    return answer
  } catch (error) {
    if (isUnheard(error)) unheard.set(asked, name)
    else unheard.delete(asked)
    throw error
  }
}

/** Questions need no name; batches of edits have one of their own; news of the hall are news once. */
const isNamed = (path: string, { method }: Route): boolean =>
  method !== 'GET' && !path.endsWith('/edits') && !path.startsWith('/api/hall')
const isUnheard = (error: unknown): boolean => error instanceof ApiProblem && error.isUnheard

interface Heard {
  readonly json: unknown
  readonly isSameBuild: boolean
}

/** The script this page began with: its name tells one build from another. */
const pageScript = (): string =>
  globalThis.document?.querySelector<HTMLScriptElement>('script[type=module][src]')?.src ?? ''

async function heard(path: string, init: RequestInit): Promise<Heard> {
  const headers = { ...init.headers, 'Accept-Language': language }
  const response = await fetch(path, { ...init, headers }).catch(() => {
    throw new ApiProblem('offline', words.trouble.offline)
  })
  noteRoom(response)
  const json: unknown = await response.json().catch(() => null)
  if (!response.ok) throw problemOf(json)
  const page = response.headers.get('Dellop-Page')
  return { json, isSameBuild: page !== null && pageScript().endsWith(`/${page}`) }
}

let isLowOnRoom = false
let lowOnRoom: () => void = () => undefined
/** Hears once each time the disk of the server has become all but full. */
export const onLowRoom = (listen: () => void): void => void (lowOnRoom = listen)
function noteRoom({ headers }: Response): void {
  const isLow = headers.get('Dellop-Storage') === 'low'
  if (isLow && !isLowOnRoom) lowOnRoom()
  isLowOnRoom = isLow
}

function problemOf(json: unknown): ApiProblem {
  const problem = problemSchema.safeParse(json)
  return problem.success
    ? new ApiProblem(problem.data.code, words.trouble.answer(problem.data), problem.data.field)
    : new ApiProblem('server.failed', words.trouble.server)
}

/** What to tell a person about anything that was thrown. */
export const sentenceOf = (thrown: unknown): string =>
  thrown instanceof Error ? thrown.message : words.trouble.server
