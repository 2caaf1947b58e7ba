import { PassThrough } from 'node:stream'
import type { Context } from 'koa'

/** Open streams of server-sent events, each under an id. */
export interface Streams {
  readonly attach: (ctx: Context, id: string, first?: readonly unknown[]) => void
  readonly send: (event: unknown) => void
  readonly has: (id: string) => boolean
  readonly end: (id?: string) => void
}

/** Keeps proxies and sleeping pages from closing a silent stream. */
const BEAT_MS = 15_000

/** @param mostOfOne So many of one id stay open at once, the newest. */
export function streams(mostOfOne = Infinity): Streams {
  const open = new Map<PassThrough, string>()
  const beat = setInterval(
    () => open.forEach((_, stream) => stream.write(': still here\n\n')),
    BEAT_MS,
  )
  beat.unref()
  const lineOf = (event: unknown): string => `data: ${JSON.stringify(event)}\n\n`
  return {
    attach: (ctx, id, first = []) => {
      const stream = new PassThrough()
      ctx.type = 'text/event-stream'
      ctx.set('Cache-Control', 'no-store')
      ctx.status = 200
      ctx.body = stream
      stream.write(': hello\n\n')
      for (const event of first) stream.write(lineOf(event))
      // The oldest goes: it is the likeliest to have nobody at its other end.
      const ofIt = [...open].filter(([, one]) => one === id).map(([one]) => one)
      for (const oldest of ofIt.slice(0, Math.max(0, ofIt.length + 1 - mostOfOne))) {
        open.delete(oldest)
        oldest.end()
      }
      open.set(stream, id)
      ctx.req.on('close', () => {
        open.delete(stream)
        stream.end()
      })
    },
    send: (event) => open.forEach((_, stream) => stream.write(lineOf(event))),
    has: (id) => [...open.values()].includes(id),
    end: (id) => {
      for (const [stream, one] of open) {
        if (id !== undefined && one !== id) continue
        open.delete(stream)
        stream.end()
      }
      if (id === undefined) clearInterval(beat)
    },
  }
}
