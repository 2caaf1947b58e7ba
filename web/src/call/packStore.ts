import {
  callPackSchema,
  upgradeCallPack,
  upgradeSettings,
  DEFAULT_SETTINGS,
  settingsSchema,
  type CallPack,
  type Settings,
} from '@dellop/wire'
import { openDB, type IDBPDatabase } from 'idb'
import { api, ApiProblem } from '../app/api.ts'

/**
 * Everything a call needs, in this browser: the sheet with its figures, the settings, and the
 * sound.
 */
export interface KeptPack {
  readonly pack: CallPack
  readonly settings: Settings
  readonly sound: Blob | null
  /** Whether the browser has really kept it, so that the server may be stopped. */
  readonly kept: boolean
}

let opening: Promise<IDBPDatabase> | null = null
const database = (): Promise<IDBPDatabase> =>
  (opening ??= openDB('dellop-packs', 1, { upgrade: (db) => void db.createObjectStore('pack') }))

/** Fetches the pack and keeps it; where the server cannot give it, takes the one that was kept. */
export async function loadPack(id: string): Promise<KeptPack> {
  try {
    const [pack, { settings }] = await Promise.all([
      api('callPack', { params: { id } }),
      api('getSettings'),
    ])
    const before = await stored(id)
    const hash = soundHash(pack)
    const sound =
      hash === null
        ? null
        : before && soundHash(before.pack) === hash && before.sound
          ? before.sound
          : await fetchSound(hash)
    return { pack, settings, sound, kept: await keep(id, { pack, settings, sound }) }
  } catch (error) {
    // Whatever the server's trouble is: a dance that is kept here can be called.
    if (error instanceof ApiProblem && error.code === 'not-found') throw error
    const known = await stored(id)
    if (!known) throw error
    return { ...known, kept: true }
  }
}

const soundHash = ({ tune, routine }: CallPack): string | null =>
  (tune?.recordings.find((one) => one.id === routine.recordingId) ?? tune?.recordings[0])?.media ??
  null

/** The sound, or null when it is not to be had: the call then runs in silence. */
async function fetchSound(hash: string): Promise<Blob | null> {
  const response = await fetch(`/media/${hash}`).catch(() => null)
  return response?.ok ? response.blob() : null
}

async function keep(id: string, record: Omit<KeptPack, 'kept'>): Promise<boolean> {
  try {
    await (await database()).put('pack', record, id)
    return (await stored(id)) !== null
  } catch {
    return false
  }
}

async function stored(id: string): Promise<Omit<KeptPack, 'kept'> | null> {
  try {
    const record = (await (await database()).get('pack', id)) as
      { pack: unknown; settings: unknown; sound: Blob | null } | undefined
    const pack = callPackSchema.safeParse(upgradeCallPack(record?.pack))
    if (!record || !pack.success) return null
    const settings = settingsSchema.safeParse(upgradeSettings(record.settings))
    return {
      pack: pack.data,
      settings: settings.success ? settings.data : DEFAULT_SETTINGS,
      sound: record.sound,
    }
  } catch {
    return null
  }
}

/** A sheet that can be called from here without the server. */
export interface KeptSheet {
  readonly id: string
  readonly title: string
  readonly dance: string
}

/** The sheets that are kept here ready to be called, by title; none where the browser keeps nothing. */
export async function keptSheets(): Promise<KeptSheet[]> {
  try {
    const ids = await (await database()).getAllKeys('pack')
    const all = await Promise.all(
      ids.map(async (id) => [String(id), await stored(String(id))] as const),
    )
    return all
      .flatMap(([id, record]) =>
        record ? [{ id, title: record.pack.routine.title, dance: record.pack.routine.dance }] : [],
      )
      .sort((a, b) => a.title.localeCompare(b.title))
  } catch {
    return []
  }
}
