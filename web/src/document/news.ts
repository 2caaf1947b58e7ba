import { documentChangedSchema, type DocumentChanged, type DocumentKind } from '@dellop/wire'

/** What the server tells of documents that others change. */
export interface News {
  /** Hears of changes of one document, and when the server can be heard again. The answer ends it. */
  readonly listen: (
    kind: DocumentKind,
    id: string,
    hear: { readonly changed: (event: DocumentChanged) => void; readonly online: () => void },
  ) => () => void
}

type Listener = Parameters<News['listen']>

const listeners = new Set<Listener>()
let stream: EventSource | null = null

/** One stream for all that is open on this page. */
function listen(...listener: Listener): () => void {
  listeners.add(listener)
  stream ??= open()
  return () => {
    listeners.delete(listener)
    if (listeners.size > 0) return
    stream?.close()
    stream = null
  }
}

function open(): EventSource {
  const events = new EventSource('/api/events')
  events.onmessage = ({ data }: MessageEvent<string>) => {
    const event = documentChangedSchema.safeParse(JSON.parse(data))
    if (!event.success) return
    for (const [kind, id, { changed }] of [...listeners])
      if (event.data.type === kind && event.data.id === id) changed(event.data)
  }
  let wasOpen = false
  events.onopen = () => {
    // Whoever has just opened a document has read it just now.
    if (wasOpen) for (const [, , { online }] of [...listeners]) online()
    wasOpen = true
  }
  return events
}

export const serverNews: News = { listen }
