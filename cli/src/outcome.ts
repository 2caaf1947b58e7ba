import type { Result } from '@dellop/core/result'
import { problemSentence } from '@dellop/core/words'
import { spokenLanguage } from './language.ts'

/** What a command prints and how it ends: 0 well, 1 findings that stop, 2 misuse. */
export type Outcome =
  | { readonly exit: 0 | 1; readonly json: unknown }
  | { readonly exit: 0; readonly text: string }
  | { readonly exit: 2; readonly sentence: string }

/** Turns an expected failure into a misuse sentence, and a value into what `use` makes of it. */
export function outcomeOf<Value>(result: Result<Value>, use: (value: Value) => Outcome): Outcome {
  return result.ok
    ? use(result.value)
    : { exit: 2, sentence: problemSentence(result.problem, spokenLanguage()) }
}
