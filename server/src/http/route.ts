import type Router from '@koa/router'
import { bodyParser } from '@koa/bodyparser'
import { isLanguage, LANGUAGES, validate, type Language } from '@dellop/core/document'
import { ROUTES, type Route, type RouteName } from '@dellop/wire'
import type { Context } from 'koa'
import { createHash } from 'node:crypto'
import type { z } from 'zod'
import type { Once } from '../database/once.ts'
import { HttpProblem, orProblem, refusal } from './problem.ts'

type RequestOf<Name extends RouteName> =
  (typeof ROUTES)[Name]['request'] extends z.ZodType<infer Body> ? Body : undefined
type AnswerOf<Name extends RouteName> =
  (typeof ROUTES)[Name]['answer'] extends z.ZodType<infer Body> ? Body : void

/** The language that whoever asks would read, of those that there are sentences in. */
export const languageOf = (ctx: Context): Language => {
  const wanted = ctx.acceptsLanguages(...LANGUAGES)
  return isLanguage(wanted) ? wanted : 'en'
}

export interface Call<Name extends RouteName> {
  readonly params: Readonly<Record<string, string>>
  readonly body: RequestOf<Name>
  readonly ctx: Context
  /** The name its page gave the request, so that it is done once however often it is sent. */
  readonly once: Once | null
}

/**
 * Registers a route of the wire: its body is checked before the handler sees it, its answer is sent
 * as JSON.
 */
export function serve<Name extends RouteName>(
  router: Router,
  name: Name,
  handle: (call: Call<Name>) => Promise<AnswerOf<Name>> | AnswerOf<Name>,
): void {
  const route: Route = ROUTES[name]
  router.register(route.path, [route.method], async (ctx: Context) => {
    const params = (ctx as unknown as { params: Record<string, string> }).params
    const body = route.request ? await readBody(ctx, route) : undefined
    const once = onceOf(ctx, route, body)
    const answer = await handle({ params, body: body as RequestOf<Name>, ctx, once })
    if (answer !== undefined) ctx.body = answer
  })
}

async function readBody(ctx: Context, route: Route): Promise<unknown> {
  if (!ctx.is('application/json'))
    throw new HttpProblem('input.type', 'Changes are sent as application/json.')
  const length = Number(ctx.get('Content-Length') || 0)
  if (length > route.limitBytes)
    throw refusal('input.too-large', 'body.larger', {
      most: sizeText(route.limitBytes),
      sent: sizeText(length),
    })
  const parse = bodyParser({ enableTypes: ['json'], jsonLimit: route.limitBytes, encoding: 'utf8' })
  await parse(ctx as Parameters<typeof parse>[0], async () => undefined)
  return orProblem(
    validate(route.request!, (ctx.request as unknown as { body: unknown }).body, 'The request'),
  )
}

const ONCE_HEADER = 'X-Once'
const ONCE = /^[A-Za-z0-9-]{8,80}$/

/** The name of a request, with what it asks for; null for one without a name, and for questions. */
function onceOf(ctx: Context, { method }: Route, body: unknown): Once | null {
  const key = ctx.get(ONCE_HEADER)
  if (method === 'GET' || key === '') return null
  if (!ONCE.test(key))
    throw new HttpProblem(
      'input.invalid',
      `${ONCE_HEADER} was expected to be 8 to 80 letters, digits and dashes.`,
    )
  const asked = JSON.stringify([method, ctx.path, body ?? null])
  return { key, digest: createHash('sha256').update(asked).digest('hex') }
}

/** A size as a person says it. */
export function sizeText(bytes: number): string {
  return bytes >= 1024 * 1024
    ? `${Math.round(bytes / 1024 / 1024)} MB`
    : `${Math.max(1, Math.round(bytes / 1024))} KB`
}
