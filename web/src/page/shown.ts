/**
 * Which lanes of the page are shown: a cuer may want to read only what is said, or only what is
 * danced.
 */
export interface Shown {
  readonly said: boolean
  readonly danced: boolean
}
export const ALL_SHOWN: Shown = { said: true, danced: true }
