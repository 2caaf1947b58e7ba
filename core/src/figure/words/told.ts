import { own, type Language } from '../../document/index.ts'
import { LEVEL_NAMES, type Level } from '../model/figure.ts'
import { holdName } from '../model/hold.ts'
import type { Variation } from '../model/variation.ts'
import { variationText } from '../notation/variationText.ts'
import { FINDINGS as DE_FINDINGS } from './de/findings.ts'
import { HOLD_NAMES, LEVEL_NAMES_DE, ROLE_NAMES } from './de/names.ts'
import { REMARKS } from './de/remarks.ts'
import { stepText as germanStep } from './de/steps.ts'
import { variationText as germanVariation } from './de/variation.ts'
import { FINDINGS } from './en/findings.ts'

/** What a role is called in a language: of usual ones the usual name, others as they are. */
export const nameOfRole = (language: Language, label: string): string =>
  (language === 'de' ? own(ROLE_NAMES, label) : undefined) ?? label

/** What a hold is called in a language: an own one by its name. */
export const nameOfHold = (language: Language, id: string): string =>
  (language === 'de' ? HOLD_NAMES[id] : undefined) ?? holdName(id)

/** What levels are called in a language. */
export const levelsIn = (language: Language): Readonly<Record<Level, string>> =>
  language === 'de' ? LEVEL_NAMES_DE : LEVEL_NAMES

const SENTENCES = { en: FINDINGS, de: DE_FINDINGS }

/**
 * What is wrong with a figure by itself, in a language.
 *
 * @param params The values that go with the code.
 */
export const figureSentence = (
  language: Language,
  code: keyof typeof FINDINGS,
  params: unknown,
): string => (SENTENCES[language][code] as (params: unknown) => string)(params)

/** A caution or a remark of a figure, in a language; as it was written, where it is a cuer's own. */
export const remarkIn = (language: Language, text: string): string =>
  (language === 'de' ? REMARKS[text] : undefined) ?? text

/** How a figure is varied, in a language, for reading; English as it is typed. */
export const variationIn = (language: Language, variation: Variation): string =>
  (language === 'de' ? germanVariation : variationText)(variation)

/** What a step is told with, in a language; as it was written, where a language has no word. */
export const stepIn = (language: Language, text: string): string =>
  language === 'de' ? germanStep(text) : text
