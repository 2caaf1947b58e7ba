import { problemsOf } from '@dellop/core/result'
import { PROBLEMS } from './words/en/problems.ts'

/** A problem of the command, by its code and the values of its sentence. */
export const problem = problemsOf(PROBLEMS)
