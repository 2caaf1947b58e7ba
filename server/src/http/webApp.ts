import { extname } from 'node:path'
import type { Context, Middleware } from 'koa'
import conditional from 'koa-conditional-get'
import etag from '@koa/etag'
import { send } from '@koa/send'

/** What files of the app end with. */
const FILES = new Set(
  '.html .js .mjs .css .json .svg .png .woff2 .wasm .data .net .webmanifest .txt .md'.split(' '),
)
const FOR_EVER = 'public, max-age=31536000, immutable'

/** Serves the built web app; any other path that asks for a page gets the app's one page. */
export function webApp(folder: string): Middleware {
  return async (ctx, next) => {
    if ((ctx.method !== 'GET' && ctx.method !== 'HEAD') || /^\/(api|media)(\/|$)/.test(ctx.path))
      return next()
    // An id may have a dot in it; only what ends like a file of the app is one.
    const isPage = !FILES.has(extname(ctx.path))
    if (!(await fileOf(ctx, folder, isPage ? '/index.html' : ctx.path))) return next()
  }
}

/** The name of the script that a built page begins with; null where it has none. */
export const scriptOf = (html: string): string | null =>
  /<script type="module"[^>]* src="[^"]*\/([\w-]+\.js)"/.exec(html)?.[1] ?? null

const asked = conditional()
const tagged = etag()

/**
 * Answers with a file of a folder, squeezed where the build has it so and whoever asks can read it,
 * and with no more than a word where they have it already; false where there is none of that name
 * in the folder.
 */
export async function fileOf(ctx: Context, folder: string, name: string): Promise<boolean> {
  let isThere = false
  await asked(ctx, () =>
    tagged(ctx, async () => {
      isThere = await sent(ctx, folder, name)
    }),
  )
  return isThere
}

async function sent(ctx: Context, folder: string, name: string): Promise<boolean> {
  ctx.vary('Accept-Encoding')
  try {
    const path = await send(ctx, name, {
      root: folder,
      setHeaders: (answer) =>
        answer.setHeader('Cache-Control', name.startsWith('/assets/') ? FOR_EVER : 'no-cache'),
    })
    return path !== undefined
  } catch (error) {
    // No file of that name, or a name that leads out of the folder.
    if (((error as { status?: number }).status ?? 500) < 500) return false
    throw error
  }
}
