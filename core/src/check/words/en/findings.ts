import type { FindingCode, FindingParams, FindingWords } from '../../findings.ts'
import type { Sentence, Sentences } from '../../sentences.ts'
import { DANCE } from './dance.ts'
import { MISSING } from './missing.ts'
import { SAID } from './said.ts'
import { SUMS } from './sums.ts'
import { VOICE } from './voice.ts'

const SENTENCES: Sentences<FindingParams> = { ...SUMS, ...DANCE, ...SAID, ...VOICE, ...MISSING }

const sentenceOf = <Code extends FindingCode>(code: Code): Sentence<FindingParams[Code]> =>
  SENTENCES[code]

/** One sentence that says what is the matter. */
export const findingMessage = ({ code, params }: FindingWords): string =>
  sentenceOf(code).message(params as never)
/** The sum or chain behind it. */
export const findingSum = ({ code, params }: FindingWords): string =>
  sentenceOf(code).sum(params as never)
