import type { Candidate } from './candidate.ts'

/**
 * A cost that depends on the moment from which the mouth is free: `values[k]` holds up to and
 * including `upTo[k]`. Both rise; the last `upTo` is infinite.
 */
export interface StepFunction {
  readonly upTo: readonly number[]
  readonly values: readonly number[]
}

/** Nothing is left to say. */
export const END: StepFunction = { upTo: [Infinity], values: [0] }

export function valueAt({ upTo, values }: StepFunction, ready: number): number {
  let low = 0
  let high = upTo.length - 1
  while (low < high) {
    const middle = (low + high) >> 1
    if (ready <= upTo[middle]!) high = middle
    else low = middle + 1
  }
  return values[low]!
}

/**
 * For each slot, the latest moment at which the mouth can become free before it. Beyond that
 * nothing is ever asked.
 */
export function latestReady(
  candidates: readonly (readonly Candidate[])[],
  breath: number,
): number[] {
  const latest: number[] = []
  let end = -Infinity
  for (const ways of candidates) {
    latest.push(end + breath)
    for (const way of ways) end = Math.max(end, way.end)
  }
  return latest
}

/**
 * The cheapest rest from a slot on: the better of saying it in a way that starts late enough, and
 * of leaving it unsaid.
 */
export function cheaper(
  ways: readonly Candidate[],
  total: Float64Array,
  silence: number,
  rest: StepFunction,
  lastReady: number,
): StepFunction {
  const upTo: number[] = []
  const values: number[] = []
  const push = (to: number, value: number): void => {
    if (values.at(-1) === value) upTo[upTo.length - 1] = to
    else {
      upTo.push(to)
      values.push(value)
    }
  }
  const fromHere = new Float64Array(ways.length + 1).fill(Infinity)
  for (let k = ways.length - 1; k >= 0; k--) fromHere[k] = Math.min(total[k]!, fromHere[k + 1]!)
  let way = 0
  let piece = 0
  for (;;) {
    const wayEnd = ways[way]?.start ?? Infinity
    const pieceEnd = rest.upTo[piece]!
    const to = Math.min(wayEnd, pieceEnd)
    const value = Math.min(fromHere[way]!, silence + rest.values[piece]!)
    if (to >= lastReady) {
      push(Infinity, value)
      return { upTo, values }
    }
    push(to, value)
    if (wayEnd === to) while (way < ways.length && ways[way]!.start === to) way++
    if (pieceEnd === to) piece++
  }
}
