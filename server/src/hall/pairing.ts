import { createHash, randomBytes, randomInt } from 'node:crypto'
import type { HallRight } from '@dellop/wire'
import { z } from 'zod'

/** A screen that was let in. Of its token only the hash is known here. */
export const pairedScreenSchema = z.strictObject({
  id: z.string(),
  tokenHash: z.string(),
  right: z.enum(['see', 'control']),
  sinceMs: z.number(),
})
export type PairedScreen = Readonly<z.infer<typeof pairedScreenSchema>>

/** What became of a code: a screen and its token, or a refusal and how long that is kept back. */
export type Redeemed =
  | { readonly screen: PairedScreen; readonly token: string }
  | { readonly refused: 'wrong' | 'guessing'; readonly waitMs: number }

export interface NewCode {
  /** Six digits, to be typed. */
  readonly code: string
  /** The same for a camera: too long to be guessed. */
  readonly secret: string
  readonly expiresAtMs: number
}

export interface Pairing {
  /** A code for one screen; an unused one of the same right is no longer good. */
  readonly newCode: (right: HallRight) => NewCode
  /** Whom a code lets in. `from` is where it was tried: who guesses locks out nobody else. */
  readonly redeem: (code: string, from: string) => Redeemed
  readonly screenOf: (token: string) => PairedScreen | null
  readonly screens: () => readonly PairedScreen[]
  readonly remove: (id: string) => boolean
  readonly clear: () => void
}

interface Code {
  readonly right: HallRight
  readonly expiresAtMs: number
  readonly names: readonly string[]
}

const CODE_LASTS_MS = 5 * 60_000
const FIRST_WAIT_MS = 400
const LONGEST_WAIT_MS = 5_000
/** So many wrong tries from one place, and it is heard no more while that code stands. */
const MOST_FROM_ONE = 200
/** So many in all, and six digits are no longer good: one in a thousand could be guessed. */
const MOST_WRONG = 1000

const hashOf = (token: string): string => createHash('sha256').update(token).digest('base64url')

/**
 * Codes of six digits, each good once and for a few minutes; what they are exchanged for is long
 * and random. A right code is answered at once whatever others try; a wrong one later with each.
 *
 * @param kept Screens that were let in before the server was started anew.
 * @param changed Told of the screens whenever there are others.
 */
export function pairing(
  nowMs: () => number,
  kept: readonly PairedScreen[] = [],
  changed: (screens: readonly PairedScreen[]) => void = () => undefined,
): Pairing {
  const codes = new Map<string, Code>()
  const screens = new Map(kept.map((screen) => [screen.tokenHash, screen]))
  let wrong = new Map<string, number>()

  const drop = ({ names }: Code): void => names.forEach((name) => codes.delete(name))
  const tell = (): void => changed([...screens.values()])

  function refuse(from: string): Redeemed {
    const tries = (wrong.get(from) ?? 0) + 1
    wrong.set(from, tries)
    const all = [...wrong.values()].reduce((sum, n) => sum + n, 0)
    if (all >= MOST_WRONG) for (const code of codes.keys()) if (/^\d/.test(code)) codes.delete(code)
    const waitMs = tries === 1 ? 0 : Math.min(LONGEST_WAIT_MS, FIRST_WAIT_MS * 2 ** (tries - 2))
    return { refused: 'wrong', waitMs }
  }

  return {
    newCode: (right) => {
      for (const one of codes.values()) if (one.right === right) drop(one)
      const code = String(randomInt(0, 1_000_000)).padStart(6, '0')
      const secret = `s${randomBytes(12).toString('base64url')}`
      const expiresAtMs = nowMs() + CODE_LASTS_MS
      const made = { right, expiresAtMs, names: [code, secret] }
      made.names.forEach((name) => codes.set(name, made))
      wrong = new Map()
      return { code, secret, expiresAtMs }
    },
    redeem: (code, from) => {
      if ((wrong.get(from) ?? 0) >= MOST_FROM_ONE)
        return { refused: 'guessing', waitMs: LONGEST_WAIT_MS }
      const found = codes.get(code)
      if (!found || found.expiresAtMs < nowMs()) return refuse(from)
      drop(found)
      const token = randomBytes(24).toString('base64url')
      const screen: PairedScreen = {
        id: randomBytes(6).toString('hex'),
        tokenHash: hashOf(token),
        right: found.right,
        sinceMs: nowMs(),
      }
      screens.set(screen.tokenHash, screen)
      tell()
      return { screen, token }
    },
    screenOf: (token) => screens.get(hashOf(token)) ?? null,
    screens: () => [...screens.values()],
    remove: (id) => {
      const found = [...screens.values()].find((screen) => screen.id === id)
      if (!found) return false
      screens.delete(found.tokenHash)
      tell()
      return true
    },
    clear: () => {
      codes.clear()
      screens.clear()
      wrong = new Map()
      tell()
    },
  }
}
