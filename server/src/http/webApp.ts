import { createReadStream, existsSync, statSync } from 'node:fs'
import { extname, join, normalize, sep } from 'node:path'
import type { Middleware } from 'koa'

const TYPES: Record<string, string> = {
  '.html': 'text/html',
  '.js': 'text/javascript',
  '.mjs': 'text/javascript',
  '.css': 'text/css',
  '.json': 'application/json',
  '.svg': 'image/svg+xml',
  '.png': 'image/png',
  '.woff2': 'font/woff2',
  '.wasm': 'application/wasm',
  '.data': 'application/octet-stream',
  '.webmanifest': 'application/manifest+json',
  '.txt': 'text/plain',
}

/** Serves the built web app; any other path that asks for a page gets the app's one page. */
export function webApp(folder: string): Middleware {
  return async (ctx, next) => {
    if ((ctx.method !== 'GET' && ctx.method !== 'HEAD') || /^\/(api|media)(\/|$)/.test(ctx.path)) return next()
    const path = normalize(join(folder, decoded(ctx.path)))
    const inside = path.startsWith(folder + sep)
    const file = inside && existsSync(path) && statSync(path).isFile() ? path : null
    // An id may have a dot in it; only what ends like a file of the app is one.
    const page = extname(ctx.path) in TYPES ? null : join(folder, 'index.html')
    const found = file ?? page
    if (!found || !existsSync(found)) return next()
    ctx.type = TYPES[extname(found)] ?? 'application/octet-stream'
    ctx.set('Cache-Control', ctx.path.startsWith('/assets/') ? 'public, max-age=31536000, immutable' : 'no-cache')
    ctx.length = statSync(found).size
    ctx.body = createReadStream(found)
  }
}

function decoded(path: string): string {
  try {
    return decodeURIComponent(path)
  } catch {
    return '/'
  }
}
