import { openDB, type IDBPDatabase } from 'idb'
import { speak, type Said } from './speech.ts'

/**
 * What the spoken stand-in has said before is kept in the browser: the same words at the same pace
 * are made once.
 */
let opening: Promise<IDBPDatabase> | null = null
const database = (): Promise<IDBPDatabase> =>
  (opening ??= openDB('dellop-stand-in', 1, { upgrade: (db) => void db.createObjectStore('said') }))

export interface StandInVoice {
  readonly language: 'en' | 'de'
  /** Words a minute, 60 to 350. */
  readonly wordsPerMinute: number
}
const prefixOf = ({ language, wordsPerMinute }: StandInVoice): string =>
  `${language}|${Math.round(wordsPerMinute)}|`

/** Seconds that a text takes as it was said. */
export const secondsOf = ({ samples, sampleRate }: Said): number => samples.length / sampleRate

/**
 * Says texts, or takes them from what was kept. Without a store they are said anew each time.
 * Stopped by `signal`.
 */
export async function prepareStandIn(
  voice: StandInVoice,
  texts: readonly string[],
  signal: AbortSignal,
  progress: (share: number) => void = () => undefined,
): Promise<ReadonlyMap<string, Said>> {
  const wanted = [...new Set(texts)]
  const known = await keptOf(voice, wanted)
  const missing = wanted.filter((text) => !known.has(text))
  if (missing.length === 0) return known
  const said = await speak({ texts: missing, ...voice }, signal, progress)
  await keep(voice, said)
  return new Map([...known, ...said])
}

async function keptOf(voice: StandInVoice, texts: readonly string[]): Promise<Map<string, Said>> {
  try {
    const store = (await database()).transaction('said').store
    const found = await Promise.all(
      texts.map((text) => store.get(prefixOf(voice) + text) as Promise<Said | undefined>),
    )
    return new Map(texts.flatMap((text, i) => (found[i] ? [[text, found[i]] as const] : [])))
  } catch {
    return new Map()
  }
}

async function keep(voice: StandInVoice, said: ReadonlyMap<string, Said>): Promise<void> {
  try {
    const transaction = (await database()).transaction('said', 'readwrite')
    for (const [text, { samples, sampleRate }] of said)
      void transaction.store.put({ samples, sampleRate }, prefixOf(voice) + text)
    await transaction.done
  } catch {
    // A browser without room, or in private mode: it is said again the next time.
  }
}

/** The lengths of all that is kept of a voice, by text, in seconds. */
export async function keptLengths(voice: StandInVoice): Promise<Record<string, number>> {
  try {
    const lengths: Record<string, number> = {}
    const prefix = prefixOf(voice)
    let cursor = await (
      await database()
    )
      .transaction('said')
      .store.openCursor(IDBKeyRange.bound(prefix, `${prefix}\uffff`))
    for (; cursor; cursor = await cursor.continue())
      lengths[String(cursor.key).slice(prefix.length)] = secondsOf(cursor.value as Said)
    return lengths
  } catch {
    return {}
  }
}
