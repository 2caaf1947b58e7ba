import { problemsOf } from '../document/index.ts'
import { PROBLEMS } from './words/en/problems.ts'

/** A problem of this room, by its code and the values of its sentence. */
export const problem = problemsOf(PROBLEMS)
