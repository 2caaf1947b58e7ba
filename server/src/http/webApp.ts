import { createReadStream, existsSync, statSync } from 'node:fs'
import { extname, join, normalize, sep } from 'node:path'
import type { Context, Middleware } from 'koa'

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
    if ((ctx.method !== 'GET' && ctx.method !== 'HEAD') || /^\/(api|media)(\/|$)/.test(ctx.path))
      return next()
    // An id may have a dot in it; only what ends like a file of the app is one.
    const isPage = !(extname(ctx.path) in TYPES)
    if (!fileOf(ctx, folder, decoded(ctx.path)) && !(isPage && fileOf(ctx, folder, '/index.html')))
      return next()
  }
}

/** Answers with a file of a folder; false where there is none of that name in it. */
export function fileOf(ctx: Context, folder: string, name: string): boolean {
  const path = normalize(join(folder, name))
  if (!path.startsWith(folder + sep) || !existsSync(path) || !statSync(path).isFile()) return false
  ctx.type = TYPES[extname(path)] ?? 'application/octet-stream'
  ctx.set(
    'Cache-Control',
    name.startsWith('/assets/') ? 'public, max-age=31536000, immutable' : 'no-cache',
  )
  const sent = squeezed(ctx, path)
  ctx.length = statSync(sent).size
  ctx.body = createReadStream(sent)
  return true
}

const SQUEEZED = { br: '.br', gzip: '.gz' } as const

/** The file as it is sent: squeezed, where the build has it so and whoever asks can read it. */
function squeezed(ctx: Context, path: string): string {
  if (!existsSync(`${path}.br`)) return path
  ctx.vary('Accept-Encoding')
  const encoding = ctx.acceptsEncodings('br', 'gzip', 'identity')
  if (encoding !== 'br' && encoding !== 'gzip') return path
  ctx.set('Content-Encoding', encoding)
  return path + SQUEEZED[encoding]
}

function decoded(path: string): string {
  try {
    return decodeURIComponent(path)
  } catch {
    return '/'
  }
}
