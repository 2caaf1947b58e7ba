import type { Language } from '../document/index.ts'
import type { LeftOut, Unmet } from './fill.ts'
import type { Warning } from './warnings.ts'
import * as GERMAN from './words/de/warnings.ts'
import * as ENGLISH from './words/en/warnings.ts'

const WORDS = { en: ENGLISH, de: GERMAN }

/** A warning as a sentence, with its sum. */
export const warningTold = (warning: Warning, language: Language): string =>
  (WORDS[language].WARNINGS[warning.code] as (one: Warning) => string)(warning)
/** A wish that could not be met, as a sentence. */
export const unmetTold = (unmet: Unmet, language: Language): string =>
  WORDS[language].unmetTold(unmet)
/** Why a dance was left out, as the end of a sentence. */
export const leftOutTold = (why: LeftOut, language: Language): string =>
  WORDS[language].leftOutWhy(why)
