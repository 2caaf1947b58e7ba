import type { DocumentChanged } from '@dellop/wire'
import type { Context } from 'koa'
import { streams } from './streams.ts'

export interface Broadcast {
  readonly send: (event: DocumentChanged) => void
  /** Answers a request with a stream of events that stays open. */
  readonly attach: (ctx: Context) => void
  readonly close: () => void
}

/** Server-sent events to every open page. */
export function broadcaster(): Broadcast {
  const pages = streams()
  return { send: pages.send, attach: (ctx) => pages.attach(ctx, 'page'), close: () => pages.end() }
}
