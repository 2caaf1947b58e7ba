import { randomId } from '../app/randomId.ts'

const KEY = 'dellop-tab'
export const tabLock = (id: string): string => `dellop-tab-${id}`

let mine: Promise<string> | null = null

/**
 * The name of this tab: unique among those that are open, and kept over a reload, so that what it
 * sent or left is known for its own. A tab that was opened from another, or duplicated, starts with
 * a copy of the other's storage: whether a name is taken is seen by its lock, which lasts as long
 * as its page.
 */
export function tabId(): Promise<string> {
  mine ??= claim()
  return mine
}

async function claim(): Promise<string> {
  const known = sessionStorage.getItem(KEY)
  if (known && (await isMine(known))) return known
  const made = randomId()
  sessionStorage.setItem(KEY, made)
  await isMine(made)
  return made
}

/** Takes the lock of a name for as long as this page is there; false where another page has it. */
function isMine(id: string): Promise<boolean> {
  return new Promise((answer) => {
    void navigator.locks
      .request(tabLock(id), { ifAvailable: true }, (lock) => {
        answer(lock !== null)
        return lock ? new Promise<void>(() => undefined) : undefined
      })
      .catch(() => answer(true))
  })
}

/** Names of the tabs that are open in this browser. */
export async function openTabs(): Promise<ReadonlySet<string>> {
  const { held } = await navigator.locks.query()
  return new Set((held ?? []).flatMap(({ name }) => name ?? []))
}
