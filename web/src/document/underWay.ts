import type { Timers } from '../app/timers.ts'

/** Nobody waits longer for a server that does not answer. */
const PATIENCE_MS = 3000

/** Changes that this page has sent and has no answer to yet, by the document they are of. */
const sending = new Map<Promise<unknown>, string>()

/** Lets who reads next wait for this. */
export function underWay<Answer>(document: string, sent: Promise<Answer>): Promise<Answer> {
  sending.set(sent, document)
  const settle = (): void => void sending.delete(sent)
  sent.then(settle, settle)
  return sent
}

/**
 * Once what this page has sent is at the server: who reads before that is given what was there
 * before, and is not told when its own change arrives.
 *
 * @param document of which alone; any where none is given
 */
export async function onceSent(timers: Timers, document?: string): Promise<void> {
  const waited = [...sending].flatMap(([sent, of]) =>
    document === undefined || of === document ? [sent] : [],
  )
  if (waited.length === 0) return
  await new Promise<void>((resolve) => {
    const cancel = timers.after(PATIENCE_MS, resolve)
    void Promise.allSettled(waited).then(() => {
      cancel()
      resolve()
    })
  })
}
