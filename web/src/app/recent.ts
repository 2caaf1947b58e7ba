/** What was opened last, newest first, as addresses of this application with their names. */
export interface Recent {
  readonly path: string
  readonly name: string
}
const KEY = 'dellop-recent'
const MOST = 8

export function recents(storage: Pick<Storage, 'getItem'> = localStorage): readonly Recent[] {
  try {
    const kept: unknown = JSON.parse(storage.getItem(KEY) ?? '[]')
    return Array.isArray(kept) ? kept.filter(isRecent).slice(0, MOST) : []
  } catch {
    return []
  }
}

/** Puts what is opened before all others; once only. */
export function keepRecent(
  opened: Recent,
  storage: Pick<Storage, 'getItem' | 'setItem'> = localStorage,
): void {
  const others = recents(storage).filter(({ path }) => path !== opened.path)
  storage.setItem(KEY, JSON.stringify([opened, ...others].slice(0, MOST)))
}

/** What is not there any more is not offered. */
export function forgetRecent(
  gone: string,
  storage: Pick<Storage, 'getItem' | 'setItem'> = localStorage,
): void {
  const left = recents(storage).filter(({ path }) => path !== gone && !path.startsWith(`${gone}/`))
  storage.setItem(KEY, JSON.stringify(left))
}

const isRecent = (value: unknown): value is Recent =>
  typeof value === 'object' &&
  value !== null &&
  typeof (value as Recent).path === 'string' &&
  (value as Recent).path.startsWith('/') &&
  typeof (value as Recent).name === 'string'
