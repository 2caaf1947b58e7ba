import type { Score } from '../band/index.ts'
import { succeed, type Result } from '../document/index.ts'
import { LEAST_BPM, MOST_BPM } from '../tune/index.ts'
import { problem } from './problem.ts'

/** Written music at a tempo that a tune can have; refused at any other. */
export const atATempo = (score: Score): Result<Score> =>
  score.bpm >= LEAST_BPM && score.bpm <= MOST_BPM
    ? succeed(score)
    : problem('file.tempo', { bpm: score.bpm, least: LEAST_BPM, most: MOST_BPM })
