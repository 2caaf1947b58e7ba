import type { Language } from '../../document/index.ts'
import { directionWords, type DirectionFrame, type Standing } from '../../figure/index.ts'
import type { Facing } from '../../move/index.ts'
import type { RepairWords } from '../finding.ts'
import type { FindingCode, FindingParams, FindingWords } from '../findings.ts'
import type { Sentence, Sentences } from '../sentences.ts'
import { DANCE as DE_DANCE } from './de/dance.ts'
import { FLOOR as DE_FLOOR } from './de/floor.ts'
import { MISSING as DE_MISSING } from './de/missing.ts'
import { REPAIRS as DE_REPAIRS } from './de/repairs.ts'
import { SAID as DE_SAID } from './de/said.ts'
import { SUMS as DE_SUMS } from './de/sums.ts'
import { VOICE as DE_VOICE } from './de/voice.ts'
import { facingTold as germanFacing } from './de/facing.ts'
import { DANCE } from './en/dance.ts'
import { facingTold as englishFacing } from './en/facing.ts'
import { FLOOR } from './en/floor.ts'
import { MISSING } from './en/missing.ts'
import { REPAIRS, type RepairCatalogue } from './en/repairs.ts'
import { SAID } from './en/said.ts'
import { SUMS } from './en/sums.ts'
import { VOICE } from './en/voice.ts'

const SENTENCES: Readonly<Record<Language, Sentences<FindingParams>>> = {
  en: { ...SUMS, ...DANCE, ...SAID, ...VOICE, ...MISSING, ...FLOOR },
  de: { ...DE_SUMS, ...DE_DANCE, ...DE_SAID, ...DE_VOICE, ...DE_MISSING, ...DE_FLOOR },
}
const LABELS: Readonly<Record<Language, RepairCatalogue>> = { en: REPAIRS, de: DE_REPAIRS }

const sentenceOf = <Code extends FindingCode>(
  code: Code,
  language: Language,
): Sentence<FindingParams[Code]> => SENTENCES[language][code]

/** One sentence that says what is the matter, in a language. */
export const findingMessage = ({ code, params }: FindingWords, language: Language = 'en'): string =>
  sentenceOf(code, language).message(params as never)
/** The sum or chain behind it, in a language. */
export const findingSum = ({ code, params }: FindingWords, language: Language = 'en'): string =>
  sentenceOf(code, language).sum(params as never)

/** What a repair's button says, in a language. */
export const repairLabel = ({ code, params }: RepairWords, language: Language = 'en'): string =>
  LABELS[language][code](params as never)

/**
 * A facing as a formation says it in a sentence: by the clock, in a ring or a set where that has a
 * word for it, else in the hall's words. German has its preposition with it.
 */
export const facingTold = (
  facing: Facing,
  frame: DirectionFrame,
  language: Language = 'en',
): string => (language === 'de' ? germanFacing : englishFacing)(facing, frame)

/** The same as a figure says it by itself, without an article in English. */
export const directionTold = (
  facing: Facing,
  frame: DirectionFrame,
  standing: Standing,
  language: Language = 'en',
): string =>
  language === 'de'
    ? germanFacing(facing, frame, standing)
    : ((frame === 'hall' ? null : directionWords(frame, facing, standing)) ??
      englishFacing(facing, 'hall'))
