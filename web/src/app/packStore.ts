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
import { onceSent } from '../document/underWay.ts'
import { api, ApiProblem } from './api.ts'
import { browserTimers } from './timers.ts'

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
  /** Whether what should be heard is there. */
  readonly isWhole: boolean
}

type Stored = Omit<KeptPack, 'kept' | 'isWhole'>

let opening: Promise<IDBPDatabase> | null = null
const database = (): Promise<IDBPDatabase> =>
  (opening ??= openDB('dellop-packs', 1, { upgrade: (db) => void db.createObjectStore('pack') }))

/**
 * Fetches the pack and keeps it; where the server cannot give it, takes the one that was kept.
 *
 * @param id of the sheet
 * @param recordingId a recording of its tune that it is called to instead of its own; one that is
 *   gone is passed over
 */
export async function loadPack(id: string, recordingId: string | null = null): Promise<KeptPack> {
  const key = recordingId === null ? id : `${id} ${recordingId}`
  try {
    await onceSent(browserTimers)
    const [fetched, { settings }] = await Promise.all([
      api('callPack', { params: { id } }),
      api('getSettings'),
    ])
    const pack = calledTo(fetched, recordingId)
    const before = await stored(key)
    const hash = soundHash(pack)
    const sound =
      hash === null
        ? null
        : before && soundHash(before.pack) === hash && before.sound
          ? before.sound
          : await fetchSound(hash)
    const kept = await keep(key, { pack, settings, sound })
    return { pack, settings, sound, kept, isWhole: hash === null || sound !== null }
  } catch (error) {
    // Whatever the server's trouble is: a dance that is kept here can be called.
    if (error instanceof ApiProblem && error.code === 'not-found') throw error
    const known = (await stored(key)) ?? (await stored(id))
    if (!known) throw error
    const isWhole = soundHash(known.pack) === null || known.sound !== null
    return { ...known, kept: true, isWhole }
  }
}

const calledTo = (pack: CallPack, recordingId: string | null): CallPack =>
  pack.tune?.recordings.some((one) => one.id === recordingId)
    ? { ...pack, routine: { ...pack.routine, recordingId } }
    : pack

const soundHash = ({ tune, routine }: CallPack): string | null =>
  (tune?.recordings.find((one) => one.id === routine.recordingId) ?? tune?.recordings[0])?.media ??
  null

/** The sound, or null when it is not to be had: the call then runs in silence. */
async function fetchSound(hash: string): Promise<Blob | null> {
  const response = await fetch(`/media/${hash}`).catch(() => null)
  return response?.ok ? response.blob() : null
}

async function keep(key: string, record: Stored): Promise<boolean> {
  try {
    await (await database()).put('pack', record, key)
    return (await stored(key)) !== null
  } catch {
    return false
  }
}

async function stored(key: string): Promise<Stored | null> {
  try {
    const record = (await (await database()).get('pack', key)) as
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
    const keys = await (await database()).getAllKeys('pack')
    const all = await Promise.all(keys.map((key) => stored(String(key))))
    // To another recording than its own the same sheet is kept once more.
    const routines = all.flatMap((record) => (record ? [record.pack.routine] : []))
    return [
      ...new Map(routines.map(({ id, title, dance }) => [id, { id, title, dance }])).values(),
    ].sort((a, b) => a.title.localeCompare(b.title))
  } catch {
    return []
  }
}
