// What is wrong, in the language of whoever reads it: the sentences of every room, joined.
import { PROBLEMS as CUE } from '../cue/words/de/problems.ts'
import type { Language, Problem } from '../document/index.ts'
import { PROBLEMS as DOCUMENT } from '../document/words/de/problems.ts'
import { FINDINGS } from '../figure/words/de/findings.ts'
import { PROBLEMS as FIGURE } from '../figure/words/de/problems.ts'
import { PROBLEMS as FILE } from '../file/words/de/problems.ts'
import { PROBLEMS as FLOOR } from '../floor/words/de/problems.ts'
import { PROBLEMS as EVENING } from '../evening/words/de/problems.ts'
import { PROBLEMS as LISTEN } from '../listen/words/de/problems.ts'
import { PROBLEMS as LOGBOOK } from '../logbook/words/de/problems.ts'
import { PROBLEMS as MOVE } from '../move/words/de/problems.ts'
import { PROBLEMS as TIME } from '../time/words/de/problems.ts'

/** German of every problem and of every finding of a figure, by its code. */
export const GERMAN = {
  ...CUE,
  ...DOCUMENT,
  ...EVENING,
  ...FIGURE,
  ...FLOOR,
  ...FILE,
  ...LISTEN,
  ...LOGBOOK,
  ...MOVE,
  ...TIME,
  ...FINDINGS,
}

/** What is told of something wrong: a problem, or a finding of a figure by itself. */
export type Told = Pick<Problem, 'code' | 'params' | 'message'>

/**
 * One sentence for a person, in a language: what was found, where, and what was expected. A problem
 * within it is worded in the same language; the English sentence, where a language has none.
 */
export function problemSentence(told: Told, language: Language): string {
  const sentence: unknown = language === 'de' ? GERMAN[told.code as keyof typeof GERMAN] : undefined
  if (typeof sentence !== 'function') return told.message
  return String(sentence(inLanguage(told.params, language)))
}

const inLanguage = (params: Told['params'], language: Language): Told['params'] =>
  Object.fromEntries(
    Object.entries(params).map(([name, value]) => [
      name,
      isTold(value) ? { ...value, message: problemSentence(value, language) } : value,
    ]),
  )
const isTold = (value: unknown): value is Told =>
  typeof value === 'object' && value !== null && 'code' in value && 'message' in value
