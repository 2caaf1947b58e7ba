import { createReadStream } from 'node:fs'
import { stat } from 'node:fs/promises'
import type { Context } from 'koa'
import rangeParser from 'range-parser'

/**
 * The bytes asked for, both ends included; null for the whole file, `none` when the range lies
 * outside it. Several ranges in one question, which no player asks for, get the whole file.
 *
 * @param header As it was sent; empty where none was.
 * @param size Of the file, in bytes.
 */
export function wantedRange(
  header: string,
  size: number,
): { readonly start: number; readonly end: number } | null | 'none' {
  const ranges = header === '' ? -2 : rangeParser(size, header)
  if (ranges === -1) return 'none'
  if (ranges === -2 || ranges.type !== 'bytes' || ranges.length !== 1) return null
  return { start: ranges[0]!.start, end: ranges[0]!.end }
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
