import { median, medianAbsoluteDeviation } from 'simple-statistics'
import { lengthKey } from '../cue/index.ts'
import type { TakeScore } from './score.ts'

/** How a cuer said what was planned: lengths to plan with, and those that were left out. */
export interface OwnLengths {
  /** Seconds by what is said, as a voice keeps them. */
  readonly lengths: Readonly<Record<string, number>>
  readonly leftOut: readonly { readonly text: string; readonly seconds: number }[]
}

/** So many robust deviations from how the others were said: something else was heard. */
const FAR_OFF = 3
/** Of a median of absolute deviations, for the normal distribution. */
const ROBUST = 1.4826
/** What a mouth varies by anyhow, as a natural logarithm: nothing within it is left out. */
const LEAST_SPREAD = 0.08

/**
 * The lengths in which cues were said, by their words. A cue said much longer or shorter than the
 * cuer's others, measured against the plan, is left out and named. Of several times the middle
 * counts.
 */
export function ownLengths({ cues }: TakeScore): OwnLengths {
  const said = cues.flatMap(({ utterance, said: span, lengthShare }) =>
    span && lengthShare !== null && lengthShare > 0
      ? [{ text: utterance.text, seconds: span.end - span.start, pace: Math.log(lengthShare) }]
      : [],
  )
  if (said.length === 0) return { lengths: {}, leftOut: [] }
  const paces = said.map(({ pace }) => pace)
  const middle = median(paces)
  const spread = Math.max(LEAST_SPREAD, ROBUST * medianAbsoluteDeviation(paces))
  const isFar = ({ pace }: { pace: number }): boolean => Math.abs(pace - middle) > FAR_OFF * spread
  const kept = new Map<string, number[]>()
  for (const one of said) {
    if (isFar(one)) continue
    const key = lengthKey(one.text)
    kept.set(key, [...(kept.get(key) ?? []), one.seconds])
  }
  return {
    lengths: Object.fromEntries(
      [...kept].map(([key, all]) => [key, Math.round(median(all) * 1000) / 1000]),
    ),
    leftOut: said.filter(isFar).map(({ text, seconds }) => ({ text, seconds })),
  }
}
