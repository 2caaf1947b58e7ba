import Router from '@koa/router'
import { bodyParser } from '@koa/bodyparser'
import { validate } from '@dellop/core/document'
import { hallCommandSchema, pairSchema, type HallCommand } from '@dellop/wire'
import Koa, { type Context, type Middleware } from 'koa'
import { requestBoundary } from '../http/errors.ts'
import { originGuard, securityHeaders } from '../http/guards.ts'
import { HttpProblem, orProblem } from '../http/problem.ts'
import { fileOf } from '../http/webApp.ts'
import type { Log } from '../http/log.ts'
import type { PairedScreen, Pairing } from './pairing.ts'
import type { Streams } from '../http/streams.ts'

export interface HallOptions {
  readonly webFolder: string | null
  readonly nowMs: () => number
  readonly log: Log
}

/** What the second listener needs of the hall. */
export interface HallInside extends HallOptions {
  readonly pairing: Pairing
  readonly screens: Streams
  /** What a screen is told when it comes: the last programme and place. */
  readonly latest: () => readonly unknown[]
  readonly press: (command: HallCommand) => void
}

/** The screens' page and the files it is made of; nothing else of the web app is served here. */
const FILES = /^\/(?:assets\/[\w.-]+|icon\.svg)$/
const LARGEST_BODY = '4kb'

/**
 * What second screens reach: their page, pairing, the stream of places, and what a remote may
 * press. No API, no media, no data.
 */
export function hallApp(hall: HallInside): Koa {
  const app = new Koa()
  app.silent = true
  app.use(requestBoundary(hall.log, hall.nowMs))
  app.use(securityHeaders)
  app.use(ownHostOnly)
  app.use(originGuard)
  if (hall.webFolder) app.use(pages(hall.webFolder))
  const router = new Router({ prefix: '/screen' })
  router.post('/pair', async (ctx) => {
    const { code } = await bodyOf(ctx, pairSchema)
    const redeemed = hall.pairing.redeem(code, ctx.req.socket.remoteAddress ?? '')
    if (!('refused' in redeemed)) {
      ctx.body = { token: redeemed.token, right: redeemed.screen.right }
      return
    }
    await new Promise((resolve) => setTimeout(resolve, redeemed.waitMs))
    throw new HttpProblem(
      'origin.refused',
      redeemed.refused === 'wrong'
        ? 'That code is not good, or no longer. Ask for a new one at the lectern.'
        : 'Too many codes were tried from here. Ask for a new one at the lectern.',
    )
  })
  // A stream is asked for by the browser itself, which sends no header of ours: its token is in the
  // address.
  router.get('/stream', (ctx) => {
    const screen = screenOf(hall, String(ctx.query['token'] ?? ''))
    hall.screens.attach(ctx, screen.id, hall.latest())
  })
  router.get('/time', (ctx) => {
    screenOf(hall, bearer(ctx))
    ctx.body = { nowMs: hall.nowMs() }
  })
  router.post('/press', async (ctx) => {
    const screen = screenOf(hall, bearer(ctx))
    if (screen.right !== 'control')
      throw new HttpProblem('origin.refused', 'This screen may only see.')
    hall.press((await bodyOf(ctx, hallCommandSchema)).command)
    ctx.body = { ok: true }
  })
  app.use(router.routes())
  app.use(router.allowedMethods())
  return app
}

/** Only the address that the cuer picked is answered to. */
const ownHostOnly: Middleware = async (ctx, next) => {
  if (ctx.get('Host') !== ctx['hallHost'])
    throw new HttpProblem(
      'origin.refused',
      'This is another address than the one that was switched on.',
    )
  await next()
}

function pages(folder: string): Middleware {
  return async (ctx, next) => {
    if (ctx.method !== 'GET') return next()
    const path =
      ctx.path === '/hall' || ctx.path === '/remote'
        ? '/hall.html'
        : FILES.test(ctx.path)
          ? ctx.path
          : null
    if (path === null || !(await fileOf(ctx, folder, path))) return next()
  }
}

const bearer = (ctx: Context): string => ctx.get('Authorization').replace(/^Bearer /, '')

function screenOf({ pairing }: HallInside, token: string): PairedScreen {
  const screen = pairing.screenOf(token)
  if (!screen) throw new HttpProblem('origin.refused', 'This screen is not paired, or no longer.')
  return screen
}

async function bodyOf<Body>(
  ctx: Context,
  schema: Parameters<typeof validate<Body>>[0],
): Promise<Body> {
  if (!ctx.is('application/json'))
    throw new HttpProblem('input.type', 'Changes are sent as application/json.')
  const parse = bodyParser({ enableTypes: ['json'], jsonLimit: LARGEST_BODY, encoding: 'utf8' })
  await parse(ctx as unknown as Parameters<typeof parse>[0], async () => undefined)
  return orProblem(
    validate(schema, (ctx.request as unknown as { body: unknown }).body, 'The request'),
  )
}
