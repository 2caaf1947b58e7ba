import { createReadStream } from 'node:fs'
import { stat } from 'node:fs/promises'
import type { Context } from 'koa'

/**
 * The bytes asked for, both ends included; null for the whole file, `none` when the range lies
 * outside it.
 */
export function wantedRange(
  header: string,
  size: number,
): { readonly start: number; readonly end: number } | null | 'none' {
  const match = /^bytes=(\d*)-(\d*)$/.exec(header)
  if (!match || (match[1] === '' && match[2] === '')) return null
  const start = match[1] === '' ? Math.max(0, size - Number(match[2])) : Number(match[1])
  const end = match[1] === '' || match[2] === '' ? size - 1 : Math.min(Number(match[2]), size - 1)
  return start > end ? 'none' : { start, end }
}

/** Sends a file with HTTP Range, without which a browser cannot seek in it. */
export async function sendWithRange(ctx: Context, path: string, type: string): Promise<void> {
  const { size } = await stat(path)
  ctx.type = type
  ctx.set('Accept-Ranges', 'bytes')
  const range = wantedRange(ctx.get('Range'), size)
  if (range === 'none') {
    ctx.status = 416
    ctx.set('Content-Range', `bytes */${size}`)
    ctx.body = ''
    return
  }
  if (range) {
    ctx.status = 206
    ctx.set('Content-Range', `bytes ${range.start}-${range.end}/${size}`)
  }
  ctx.length = range ? range.end - range.start + 1 : size
  ctx.body = createReadStream(path, range ?? {})
}
