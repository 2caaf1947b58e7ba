import type { Utterance } from './expected.ts'

/** A stretch in which something was said, in heard seconds from the first step. */
export interface SpokenSpan {
  readonly start: number
  readonly end: number
}

/** Which spans an utterance was said in; a span that says two is in both. */
export interface Match {
  /** By utterance: numbers of its spans, in order; empty where it was missed. */
  readonly said: readonly (readonly number[])[]
  /** Numbers of spans that belong to nothing of the plan. */
  readonly extra: readonly number[]
  readonly cost: number
}

/** What a missed utterance costs, and a span that belongs to none; in beats of distance. */
const MISSED = 4
const EXTRA = 2.5
/** Beside the distance: two breaths for one, and one breath for two. */
const TWO_BREATHS = 0.6
const ONE_BREATH = 0.8
/** What an e-fold of an unlikely length costs. */
const LENGTH = 0.7

const lengthOf = ({ start, end }: SpokenSpan): number => Math.max(0.05, end - start)

/** The price of having said something in a stretch: how far off it ended, and how long it took. */
function price(
  said: SpokenSpan,
  { start, end, beatSeconds }: Pick<Utterance, 'start' | 'end' | 'beatSeconds'>,
): number {
  const beats = Math.abs(said.end - end) / beatSeconds
  return beats + LENGTH * Math.abs(Math.log(lengthOf(said) / lengthOf({ start, end })))
}
/** Breaths of one cue, and two cues in one breath, lie close together: beats between them. */
const between = (a: SpokenSpan, b: SpokenSpan, beatSeconds: number): number =>
  Math.max(0, b.start - a.end) / beatSeconds
const joined = (a: SpokenSpan, b: SpokenSpan): SpokenSpan => ({ start: a.start, end: b.end })

/** The ways in which the last utterances and spans may belong together, with their prices. */
export const STEPS: readonly {
  readonly utterances: 0 | 1 | 2
  readonly spans: 0 | 1 | 2
  readonly price: (utterances: readonly Utterance[], spans: readonly SpokenSpan[]) => number
}[] = [
  { utterances: 1, spans: 0, price: () => MISSED },
  { utterances: 0, spans: 1, price: () => EXTRA },
  { utterances: 1, spans: 1, price: ([one], [span]) => price(span!, one!) },
  {
    utterances: 1,
    spans: 2,
    price: ([one], [a, b]) =>
      TWO_BREATHS + between(a!, b!, one!.beatSeconds) + price(joined(a!, b!), one!),
  },
  {
    utterances: 2,
    spans: 1,
    price: ([one, other], [span]) =>
      ONE_BREATH +
      between(one!, other!, one!.beatSeconds) +
      price(span!, { ...other!, start: one!.start, end: other!.end }),
  },
]

/**
 * Puts what was said beside what the plan wants said, in order, at the least price: exact, by dynamic
 * programming over utterances and spans. One may be said in two breaths, two in one.
 */
export function matchSpans(utterances: readonly Utterance[], spans: readonly SpokenSpan[]): Match {
  const width = spans.length + 1
  const best = new Float64Array((utterances.length + 1) * width).fill(Infinity)
  const came = new Int8Array(best.length).fill(-1)
  best[0] = 0
  for (let i = 0; i <= utterances.length; i++)
    for (let j = 0; j <= spans.length; j++)
      STEPS.forEach((step, way) => {
        if (step.utterances > i || step.spans > j) return
        const before = best[(i - step.utterances) * width + j - step.spans]!
        const cost =
          before +
          step.price(utterances.slice(i - step.utterances, i), spans.slice(j - step.spans, j))
        if (cost >= best[i * width + j]!) return
        best[i * width + j] = cost
        came[i * width + j] = way
      })
  return { ...traced(utterances.length, spans.length, came), cost: best.at(-1)! }
}

function traced(count: number, spans: number, came: Int8Array): Omit<Match, 'cost'> {
  const said: (readonly number[])[] = Array.from({ length: count }, () => [])
  const extra: number[] = []
  for (let i = count, j = spans; i > 0 || j > 0;) {
    const step = STEPS[came[i * (spans + 1) + j]!]!
    const own = Array.from({ length: step.spans }, (_, k) => j - step.spans + k)
    if (step.utterances === 0) extra.push(...own)
    for (let k = i - step.utterances; k < i; k++) said[k] = own
    i -= step.utterances
    j -= step.spans
  }
  return { said, extra: extra.reverse() }
}
