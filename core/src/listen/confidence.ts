import type { Activations } from './beatNet.ts'
import type { Chain } from './barPointer.ts'

const { exp, log, max, min } = Math

/**
 * How surely a beat is right, as a logistic of two things: what the net says at the beats around it,
 * and by how much the chosen tempo leads over the next. Fitted on pieces made for it, and shown
 * against what was right in docs/listening.md.
 */
const OF_BEATS = { constant: 0.45, heard: 1.74, lead: 2.62 } as const
/** The same of downbeats, with the lead of the chosen bar over the next. */
const OF_BARS = { constant: 0.57, lead: 5.88 } as const
/** Beats on either side that speak for one. */
const AROUND = 8

const logistic = (x: number): number => 1 / (1 + exp(-x))

/** What the net says at the beats around each beat, as the mean of log odds. */
export function heardAround({ beat }: Activations, { places }: Pick<Chain, 'places'>): number[] {
  const heard = places.map((place) => {
    const frame = min(beat.length - 1, place >> 1)
    const p = max(0.02, min(0.98, max(beat[frame]!, beat[min(beat.length - 1, frame + 1)]!)))
    return log(p / (1 - p))
  })
  const sums = [0]
  for (const one of heard) sums.push(sums.at(-1)! + one)
  return heard.map((_, i) => {
    const [from, to] = [max(0, i - AROUND), min(heard.length, i + AROUND + 1)]
    return (sums[to]! - sums[from]!) / (to - from)
  })
}

/**
 * For each beat, 0..1: how surely there is one.
 *
 * @param lead By how much the tempo leads over the next, limited.
 */
export const beatConfidence = (said: Activations, chain: Chain, lead: number): number[] =>
  heardAround(said, chain).map((mean) =>
    logistic(OF_BEATS.constant + OF_BEATS.heard * mean + OF_BEATS.lead * lead),
  )

/** 0..1: how surely a way that leads by so much for each beat is the right one. */
export const barConfidence = (lead: number): number =>
  logistic(OF_BARS.constant + OF_BARS.lead * lead)

/** Leads that are greater say no more. */
const MOST_LEAD = 0.5
export const limitedLead = (lead: number): number => max(-MOST_LEAD, min(MOST_LEAD, lead))
