import { en } from './en.ts'

/** The words of the screen. Another language is another catalogue of the same shape. */
export type Catalogue = typeof en
export const words: Catalogue = en
