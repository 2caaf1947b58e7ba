import { z } from 'zod'

/** Ids are short, made outside and passed in: the core has no randomness of its own. */
export const idSchema = z
  .string()
  .regex(
    /^[A-Za-z0-9][A-Za-z0-9._-]{0,63}$/,
    'an id of letters, digits, dots and dashes was expected',
  )
export type Id = string
/** Makes a fresh id that no document holds yet. */
export type NewId = () => Id

/**
 * A source of ids that counts up; for tests, imports and anything that must come out the same
 * twice.
 */
export function countingIds(prefix: string): NewId {
  let last = 0
  return () => `${prefix}${++last}`
}
