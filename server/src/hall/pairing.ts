import { randomBytes, randomInt } from 'node:crypto'
import type { HallRight } from '@dellop/wire'

/** A screen that was let in. */
export interface PairedScreen {
  readonly id: string
  readonly token: string
  readonly right: HallRight
  readonly sinceMs: number
}

export interface Pairing {
  /** A code for one screen; an unused one of the same right is no longer good. */
  readonly newCode: (right: HallRight) => { readonly code: string; readonly expiresAtMs: number }
  /** The screen that a code lets in; null for a code that is wrong, used or too old. */
  readonly redeem: (code: string) => PairedScreen | null
  /** How long the next try has to wait: longer with every wrong one. */
  readonly waitMs: () => number
  readonly screenOf: (token: string) => PairedScreen | null
  readonly screens: () => readonly PairedScreen[]
  readonly remove: (id: string) => boolean
  readonly clear: () => void
}

const CODE_LASTS_MS = 5 * 60_000
const FIRST_WAIT_MS = 400
const LONGEST_WAIT_MS = 20_000
/** So many wrong tries, and all codes are void: somebody is guessing. */
const MOST_WRONG = 12

/**
 * Codes of six digits, each good once and for a few minutes; what they are exchanged for is long
 * and random.
 */
export function pairing(nowMs: () => number): Pairing {
  const codes = new Map<string, { readonly right: HallRight; readonly expiresAtMs: number }>()
  const screens = new Map<string, PairedScreen>()
  let wrong = 0
  return {
    newCode: (right) => {
      for (const [code, one] of codes) if (one.right === right) codes.delete(code)
      const code = String(randomInt(0, 1_000_000)).padStart(6, '0')
      const expiresAtMs = nowMs() + CODE_LASTS_MS
      codes.set(code, { right, expiresAtMs })
      wrong = 0
      return { code, expiresAtMs }
    },
    redeem: (code) => {
      const found = codes.get(code)
      codes.delete(code)
      if (!found || found.expiresAtMs < nowMs()) {
        wrong++
        if (wrong >= MOST_WRONG) codes.clear()
        return null
      }
      wrong = 0
      const screen: PairedScreen = {
        id: randomBytes(6).toString('hex'),
        token: randomBytes(24).toString('base64url'),
        right: found.right,
        sinceMs: nowMs(),
      }
      screens.set(screen.token, screen)
      return screen
    },
    waitMs: () => (wrong === 0 ? 0 : Math.min(LONGEST_WAIT_MS, FIRST_WAIT_MS * 2 ** (wrong - 1))),
    screenOf: (token) => screens.get(token) ?? null,
    screens: () => [...screens.values()],
    remove: (id) => {
      const found = [...screens.values()].find((screen) => screen.id === id)
      return found !== undefined && screens.delete(found.token)
    },
    clear: () => {
      codes.clear()
      screens.clear()
      wrong = 0
    },
  }
}
