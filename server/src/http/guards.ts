import type { Context, Middleware } from 'koa'
import helmet from 'koa-helmet'
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

const NONE = ["'none'"]
const OWN = ["'self'"]

/**
 * Headers of every answer: what a page may load and from where, word for word, and nothing that a
 * machine on its own cannot hold to: it is asked by http, on the second listener too.
 */
export const securityHeaders: Middleware = helmet({
  contentSecurityPolicy: {
    useDefaults: false,
    directives: {
      'default-src': NONE,
      'script-src': ["'self'", "'wasm-unsafe-eval'"],
      'style-src': ["'self'", "'sha256-BCpnf71gZdCsSCHDzyB1RsBbZ0qQdqseK6v+yJsgg30='"],
      'img-src': ["'self'", 'data:', 'blob:'],
      'media-src': ["'self'", 'blob:'],
      'font-src': OWN,
      'connect-src': OWN,
      'worker-src': OWN,
      'manifest-src': OWN,
      'base-uri': NONE,
      'form-action': NONE,
      'frame-ancestors': NONE,
    },
  },
  crossOriginResourcePolicy: { policy: 'same-origin' },
  crossOriginOpenerPolicy: { policy: 'same-origin' },
  referrerPolicy: { policy: 'no-referrer' },
  strictTransportSecurity: false,
  originAgentCluster: false,
  xDnsPrefetchControl: false,
  xDownloadOptions: false,
  xPermittedCrossDomainPolicies: false,
})
