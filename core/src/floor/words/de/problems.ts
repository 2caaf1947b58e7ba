import type { PROBLEMS as ENGLISH } from '../en/problems.ts'

/** German sentences for what can be wrong with a hall. */
export const PROBLEMS: typeof ENGLISH = {
  'hall.size': ({ text }) =>
    `„${text}“ ist keine Größe eines Saals: Breite und Länge in Metern, etwa 9 x 14 m, wurden erwartet.`,
  'hall.thing': ({ text }) =>
    `„${text}“: Was dort steht, seine linke obere Ecke und seine Größe in Metern, etwa Bühne 0,0 9x2.5, wurde erwartet.`,
}
