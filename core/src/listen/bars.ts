import type { Activations } from './beatNet.ts'
import {
  FASTEST_BPM,
  followBars,
  PLACES_PER_FRAME,
  PLACES_PER_SECOND,
  SLOWEST_BPM,
  tempoPrior,
  type Chain,
  type Lattice,
} from './barPointer.ts'

const { log, log2, max, min } = Math

/** Bars that dances have. Six are heard as two threes, unless they are asked for. */
const METRES = [2, 3, 4]
/** What an octave outside the tempo that is expected costs each beat. */
const OUTSIDE_COST = 12
/** A named range is meant roughly: so much more on either side is inside. */
const RANGE_SLACK = 1.06
/** Other beats for the same music: twice as fast, half, three for two and so on. */
const LEVELS = [2, 1 / 2, 3 / 2, 2 / 3, 3, 1 / 3]
/** A rival is looked for this near to its level, as a factor. */
const LEVEL_SLACK = 1.12
const SURE = 0.98

/** A tempo that the music may also be counted at. */
export interface Rival {
  readonly bpm: number
  /** How much better the chosen beat fits, for each beat of it; below 0 where it does not. */
  readonly lead: number
}

/** A grouping of the same beats. */
export interface Grouping {
  readonly beatsPerBar: number
  /** The first downbeat among the beats. */
  readonly first: number
  /** Mean score of a beat. */
  readonly score: number
}

export interface Range {
  /** Beats a minute that the dance is usually danced at. */
  readonly range: readonly [number, number] | null
  /** Beats of a bar, where they are known. */
  readonly beatsPerBar: number | null
}

/** The best way to count the music: its beats and bars; null where it has none. */
export function bestChain(lattice: Lattice, { range, beatsPerBar }: Range): Chain | null {
  const prior = tempoPrior(lattice.weights, range ? outsideOf(range, RANGE_SLACK) : undefined)
  const three = meanWhere(lattice.activations.three, lattice.activations.beat)
  const { weights } = lattice
  const chains = (beatsPerBar === null ? METRES : [beatsPerBar]).flatMap((metre) => {
    const chain = followBars(lattice, metre, prior)
    if (!chain) return []
    const isThree = log(max(1 - SURE, metre === 3 ? three : 1 - three))
    return [{ chain, score: chain.score + (weights.metres[metre] ?? 0) + weights.three * isThree }]
  })
  return chains.sort((a, b) => b.score - a.score)[0]?.chain ?? null
}

/** Octaves outside a range, times their cost. */
const outsideOf =
  ([low, high]: readonly [number, number], slack: number) =>
  (bpm: number): number =>
    OUTSIDE_COST * max(0, log2(low / slack / bpm), log2(bpm / (high * slack)))

/** Other tempi, each followed through the music, likelier first. */
export function rivalsOf(lattice: Lattice, bpm: number): Rival[] {
  const beats = withoutBars(lattice)
  const followed = (at: number): { bpm: number; score: number } | null => {
    const prior = tempoPrior(lattice.weights, outsideOf([at, at], LEVEL_SLACK))
    const chain = followBars(beats, 1, prior)
    return chain && chain.places.length > 1 ? { bpm: bpmOf(chain), score: chain.score } : null
  }
  const own = followed(bpm)
  if (!own) return []
  const count = (lattice.places / PLACES_PER_SECOND) * (bpm / 60)
  return LEVELS.map((factor) => bpm * factor)
    .filter((at) => at >= SLOWEST_BPM && at <= FASTEST_BPM)
    .flatMap((at) => {
      const found = followed(at)
      const isOther = found && max(found.bpm / bpm, bpm / found.bpm) > 1.2
      return isOther ? [{ bpm: found.bpm, lead: (own.score - found.score) / count }] : []
    })
    .sort((a, b) => a.lead - b.lead)
}

/** The same, where downbeats say nothing. */
function withoutBars(lattice: Lattice): Lattice {
  const nothing = new Float32Array(lattice.places)
  return { ...lattice, isDown: nothing, isNot: nothing }
}

/**
 * Every way to group the beats of a chain, best first: bars of each length from each first beat, by
 * what the net says of downbeats and by where the harmony changes.
 */
export function groupingsOf(
  { activations, weights, isDown, isNot }: Lattice,
  { places }: Chain,
  changes: Float64Array,
): Grouping[] {
  const begins = beginningAt(activations, places)
  const three = meanWhere(activations.three, activations.beat)
  return METRES.flatMap((beatsPerBar) => {
    const isThree = log(max(1 - SURE, beatsPerBar === 3 ? three : 1 - three))
    const own = (weights.metres[beatsPerBar] ?? 0) + weights.three * isThree
    return Array.from({ length: beatsPerBar }, (_, first) => {
      let [said, changed, downs] = [0, 0, 0]
      places.forEach((place, i) => {
        const down = (i - first) % beatsPerBar === 0
        said += down ? isDown[place]! : isNot[place]!
        if (down) {
          changed += changes[i]!
          downs++
        }
      })
      const contrast = (changed / max(1, downs)) * Math.sqrt((beatsPerBar - 1) / beatsPerBar)
      const opens = begins !== null && mod(begins - first, beatsPerBar) === 0 ? OPENS : 0
      const score = (own + said) / max(1, places.length) + weights.harmony * contrast + opens
      return { beatsPerBar, first, score }
    })
  }).sort((a, b) => b.score - a.score)
}

/** What it earns where the music begins, after a moment of silence, with the first of a bar. */
const OPENS = 0.25
const SILENT_FRAMES = 4
const BEGINS_AT = 0.15

/** The beat of a chain with which the music begins, below 0 before its first; null where it is cut. */
function beginningAt({ energy }: Activations, places: readonly number[]): number | null {
  const usual = energy.reduce((sum, one) => sum + one, 0) / max(1, energy.length)
  const first = energy.findIndex((one) => one > BEGINS_AT * usual)
  const [a, b] = places
  if (first < SILENT_FRAMES || a === undefined || b === undefined) return null
  const beats = (first * PLACES_PER_FRAME - a) / (b - a)
  // Far before the first beat there is no beat yet that it could be.
  return beats < -MOST_BEFORE ? null : Math.round(beats)
}
const MOST_BEFORE = 8

const mod = (value: number, by: number): number => ((value % by) + by) % by

/** The chain with its bars begun where the best of the ways says that has as many beats. */
export function withBestBars(chain: Chain, ways: readonly Grouping[]): Chain {
  const best = ways.find(({ beatsPerBar }) => beatsPerBar === chain.beatsPerBar)
  if (!best) return chain
  const { beatsPerBar } = chain
  const inBar = chain.places.map((_, i) => mod(i - best.first, beatsPerBar))
  return { ...chain, inBar }
}

/** Beats a minute of the middle four fifths: beginnings hesitate and ends slow down. */
export function bpmOf({ places }: Pick<Chain, 'places'>): number {
  const first = Math.floor(places.length * 0.1)
  const last = places.length - 1 - first
  return (60 * PLACES_PER_SECOND * (last - first)) / (places[last]! - places[first]!)
}

function meanWhere(values: Float32Array, weights: Float32Array): number {
  let sum = 0
  let weight = 1e-9
  for (let i = 0; i < values.length; i++) {
    sum += values[i]! * weights[i]!
    weight += weights[i]!
  }
  return sum / weight
}

/** What is played before there is a beat has beats that the net hardly hears. */
const LEAST_BEAT = 0.12
const STRETCH_BEATS = 8

/** The chain without beats at its ends that nothing speaks for: a held chord, applause. */
export function withoutEnds({ beat }: Activations, chain: Chain): Chain {
  const { places, inBar } = chain
  const heard = places.map((place) => {
    const frame = min(beat.length - 1, place >> 1)
    return max(beat[frame]!, beat[min(beat.length - 1, frame + 1)]!)
  })
  const mean = (from: number): number => {
    const stretch = heard.slice(max(0, from), from + STRETCH_BEATS)
    return stretch.reduce((sum, one) => sum + one, 0) / max(1, stretch.length)
  }
  let first = 0
  while (first < places.length && mean(first) < LEAST_BEAT) first++
  while (first > 0 && first < places.length && heard[first]! < LEAST_BEAT) first++
  let end = places.length
  while (end > first && mean(end - STRETCH_BEATS) < LEAST_BEAT) end--
  return { ...chain, places: places.slice(first, end), inBar: inBar.slice(first, end) }
}
