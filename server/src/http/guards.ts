import type { Context, Middleware } from 'koa'
import { refusal } from './problem.ts'

/**
 * Names by which this machine may be asked for. A page on another site cannot use them in an Origin
 * of its own.
 */
const LOCAL_NAMES = new Set(['127.0.0.1', 'localhost', '[::1]'])

const nameOf = (host: string): string => host.replace(/:\d+$/, '').toLowerCase()

/** Refuses any Host but this machine's own, so that a foreign name cannot be pointed here. */
export const hostGuard: Middleware = async (ctx, next) => {
  if (!LOCAL_NAMES.has(nameOf(ctx.get('Host')))) throw refusal('origin.refused', 'host.other', {})
  await next()
}

/**
 * Refuses requests that another site's page sends: a foreign Origin, or a cross-site fetch of the
 * API.
 */
export const originGuard: Middleware = async (ctx, next) => {
  const origin = ctx.get('Origin')
  const foreign = origin !== '' && origin !== `http://${ctx.get('Host')}`
  const crossSite = ctx.get('Sec-Fetch-Site') === 'cross-site' && !isNavigation(ctx)
  if (foreign || crossSite) throw refusal('origin.refused', 'origin.other', {})
  await next()
}

const isNavigation = (ctx: Context): boolean =>
  ctx.method === 'GET' && ctx.get('Sec-Fetch-Mode') === 'navigate' && !ctx.path.startsWith('/api')

export const CONTENT_SECURITY_POLICY =
  "default-src 'none'; script-src 'self' 'wasm-unsafe-eval'; style-src 'self' 'sha256-BCpnf71gZdCsSCHDzyB1RsBbZ0qQdqseK6v+yJsgg30='; img-src 'self' data: blob:; media-src 'self' blob:; font-src 'self'; connect-src 'self'; worker-src 'self'; manifest-src 'self'; base-uri 'none'; form-action 'none'; frame-ancestors 'none'"

/** Headers of every answer. */
export const securityHeaders: Middleware = async (ctx, next) => {
  ctx.set('Content-Security-Policy', CONTENT_SECURITY_POLICY)
  ctx.set('X-Content-Type-Options', 'nosniff')
  ctx.set('Cross-Origin-Resource-Policy', 'same-origin')
  ctx.set('Cross-Origin-Opener-Policy', 'same-origin')
  ctx.set('Referrer-Policy', 'no-referrer')
  await next()
}
