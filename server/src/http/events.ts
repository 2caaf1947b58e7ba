import { PassThrough } from 'node:stream'
import type { SheetChanged } from '@dellop/wire'
import type { Context } from 'koa'

export interface Broadcast {
  readonly send: (event: SheetChanged) => void
  /** Answers a request with a stream of events that stays open. */
  readonly attach: (ctx: Context) => void
  readonly close: () => void
}

/** Keeps proxies and sleeping tabs from closing a silent stream. */
const BEAT_MS = 25_000

/** Server-sent events to every open page. */
export function broadcaster(): Broadcast {
  const open = new Set<PassThrough>()
  const beat = setInterval(() => open.forEach((stream) => stream.write(': still here\n\n')), BEAT_MS)
  beat.unref()
  return {
    send: (event) => open.forEach((stream) => stream.write(`data: ${JSON.stringify(event)}\n\n`)),
    attach: (ctx) => {
      const stream = new PassThrough()
      ctx.type = 'text/event-stream'
      ctx.set('Cache-Control', 'no-store')
      ctx.status = 200
      ctx.body = stream
      stream.write(': hello\n\n')
      open.add(stream)
      ctx.req.on('close', () => {
        open.delete(stream)
        stream.end()
      })
    },
    close: () => {
      clearInterval(beat)
      open.forEach((stream) => stream.end())
      open.clear()
    },
  }
}
