/**
 * One window of this browser calls a dance: it holds the dance's lock for as long as it does. A
 * second lock is let go a moment later, once what it knew of the call is written: who takes the
 * call over waits for that.
 */
const lockOf = (sheetId: string | null): string => `dellop-call-${sheetId ?? 'free'}`
const writtenOf = (sheetId: string | null): string => `${lockOf(sheetId)}-written`

/** A window that does not answer has crashed: what it has written by then is all there is. */
const MOST_WAIT_MS = 3000

export interface HeldCall {
  /** Lets the call go; told when all is written. */
  readonly letGo: () => void
}

/** Whether some window of this browser has the call of a sheet. */
export const isHeld = async (sheetId: string | null): Promise<boolean> =>
  ((await navigator.locks.query()).held ?? []).some(({ name }) => name === lockOf(sheetId))

/**
 * Takes the call of a sheet; null where another window has it.
 *
 * @param take Whether it is taken from a window that has it.
 * @param lost Another window has taken it: the music stops here, and what is known is written.
 */
export async function holdCall(
  sheetId: string | null,
  take: boolean,
  lost: () => Promise<void>,
): Promise<HeldCall | null> {
  let written: (() => void) | null = null
  const held = await holdLock(
    lockOf(sheetId),
    take ? { steal: true } : { ifAvailable: true },
    // The lock of what is written goes last.
    () => void lost().finally(() => written?.()),
  )
  if (!held) return null
  written = await holdLock(writtenOf(sheetId), { signal: AbortSignal.timeout(MOST_WAIT_MS) })
  return {
    letGo: () => {
      held()
      written?.()
    },
  }
}

/**
 * Waits for a lock and holds it until the answer is called; null where it is not to be had.
 *
 * @param stolen Called once it has been taken away.
 */
export function holdLock(
  name: string,
  options: LockOptions,
  stolen: () => void = () => undefined,
): Promise<(() => void) | null> {
  return new Promise((resolve) => {
    let isHeldHere = false
    navigator.locks
      .request(name, options, (lock) => {
        if (!lock) return resolve(null)
        isHeldHere = true
        return new Promise<void>((letGo) => resolve(letGo))
      })
      .catch(() => (isHeldHere ? stolen() : resolve(null)))
  })
}
