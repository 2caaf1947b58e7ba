import { WINDOW_SECONDS, wordsHeard } from '../check/index.ts'
import { isAroundTheDance, utterancesOf, type Plan } from '../cue/index.ts'

/** How much is said around one moment of the dance. */
export interface Density {
  /** Heard seconds from the recording's start. */
  readonly seconds: number
  /** Words that begin in the stretch of `WINDOW_SECONDS` around it. */
  readonly words: number
}

const EVERY_SECONDS = 2

/**
 * Words in 20 seconds along the dance, from its first cue to its end, every two seconds. Empty
 * where nothing is said.
 *
 * @param endSeconds End of the dance in heard seconds.
 */
export function densityOf(plan: Plan, endSeconds: number): Density[] {
  const said = utterancesOf(plan)
    .filter(({ slot }) => !isAroundTheDance(slot))
    .map(({ said: one }) => ({ at: one.start, words: wordsHeard(one.wording.text) }))
  const [first] = said
  if (!first) return []
  const points: Density[] = []
  for (let at = first.at; at <= Math.max(endSeconds, first.at); at += EVERY_SECONDS) {
    const words = said.reduce(
      (sum, one) => sum + (Math.abs(one.at - at) <= WINDOW_SECONDS / 2 ? one.words : 0),
      0,
    )
    points.push({ seconds: at, words })
  }
  return points
}
