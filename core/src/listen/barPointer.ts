import type { Activations } from './beatNet.ts'
import { FRAMES_PER_SECOND } from './logSpectrum.ts'

const { log, max, min, round } = Math

/** Places a second that a beat may be at: two to a frame of the net. */
export const PLACES_PER_FRAME = 2
export const PLACES_PER_SECOND = FRAMES_PER_SECOND * PLACES_PER_FRAME
export const SLOWEST_BPM = 55
export const FASTEST_BPM = 215

/** How the parts of a score are weighed; found on pieces made for it, never on those judged by. */
export interface DecoderWeights {
  /** Cost of a change of beat length, for each e-fold. */
  readonly change: number
  /** What each beat earns: without it half the beats would be cheaper. */
  readonly beat: number
  /** What speaks against a beat between the beats. */
  readonly between: number
  readonly down: number
  /** A usual tempo, its width in octaves, and how much it counts for each beat. */
  readonly usualBpm: number
  readonly usualWidth: number
  readonly usual: number
  /** Cost of a place that sounds before the first and after the last beat. */
  readonly skipped: number
  /** How much a bar of three is believed, and what bars of 2, 3 and 4 earn as such. */
  readonly three: number
  readonly metres: Readonly<Record<number, number>>
  /** How much changes of harmony tell which beat is the first of its bar. */
  readonly harmony: number
  /** Least that is believed of the absence of a beat. */
  readonly floor: number
}

export const DECODER: DecoderWeights = {
  change: 50,
  beat: 0.3,
  between: 0.5,
  down: 1.1,
  usualBpm: 118,
  usualWidth: 0.75,
  usual: 0.15,
  skipped: 0.05,
  three: 6,
  metres: { 2: -10, 3: -2, 4: 0 },
  harmony: 0.4,
  floor: 0.02,
}

/** Beats as a chain: where each is, and its place in the bar from 0. */
export interface Chain {
  readonly beatsPerBar: number
  readonly score: number
  readonly places: readonly number[]
  readonly inBar: readonly number[]
}

const SHORTEST = round((60 / FASTEST_BPM) * PLACES_PER_SECOND)
const LONGEST = round((60 / SLOWEST_BPM) * PLACES_PER_SECOND)
const LENGTHS = LONGEST - SHORTEST + 1
/** Places on either side of a beat that count as the beat. */
const NEAR = round(0.03 * PLACES_PER_SECOND)
/** Frames with less than this are silence. */
const SOUNDING = 0.08
const NEVER = -1e30
const SURE = 0.98
/** The last beat lies in the second half: a chain that ends before leaves out too much. */
const MAY_END = 0.5

/** What chains of any bar are followed through, computed once for a recording. */
export interface Lattice {
  readonly places: number
  readonly activations: Activations
  readonly weights: DecoderWeights
  readonly beat: Float32Array
  readonly isDown: Float32Array
  readonly isNot: Float32Array
  /** Running sums: of what speaks against beats between beats, and of what is left out. */
  readonly between: Float64Array
  readonly skipped: Float64Array
}

export function latticeOf(activations: Activations, weights: DecoderWeights = DECODER): Lattice {
  const places = activations.frames * PLACES_PER_FRAME
  const [beat, isDown, isNot] = [0, 1, 2].map(() => new Float32Array(places)) as [
    Float32Array,
    Float32Array,
    Float32Array,
  ]
  const between = new Float64Array(places + 1)
  const skipped = new Float64Array(places + 1)
  for (let at = 0; at < places; at++) {
    const p = valueAt(activations.beat, at)
    const down = min(SURE, max(1 - SURE, valueAt(activations.down, at)))
    beat[at] = log(max(weights.floor, min(0.999, p))) + weights.beat
    isDown[at] = weights.down * log(down)
    isNot[at] = weights.down * log(1 - down)
    between[at + 1] = between[at]! + (log(1 - min(SURE, p)) * weights.between) / PLACES_PER_FRAME
    const sounds = activations.energy[at >> 1]! > SOUNDING
    skipped[at + 1] = skipped[at]! - (sounds ? weights.skipped : 0)
  }
  return { places, activations, weights, beat, isDown, isNot, between, skipped }
}

/** The value between two frames that a place has. */
function valueAt(frames: Float32Array, place: number): number {
  const frame = place >> 1
  const next = frame + 1 < frames.length ? frames[frame + 1]! : frames[frame]!
  return (place & 1) === 0 ? frames[frame]! : (frames[frame]! + next) / 2
}

/** What a beat of each length earns by its tempo alone, from the shortest on. */
export type TempoPrior = Float32Array

/**
 * What a beat earns by its tempo.
 *
 * @param outside Told how many octaves a tempo is away from where it is expected; 0 inside.
 */
export function tempoPrior(
  { usualBpm, usualWidth, usual }: DecoderWeights,
  outside: (bpm: number) => number = () => 0,
): TempoPrior {
  return Float32Array.from({ length: LENGTHS }, (_, i) => {
    const bpm = bpmOf(i)
    const away = Math.log2(bpm / usualBpm) / usualWidth
    return -usual * 0.5 * away * away - outside(bpm)
  })
}
const bpmOf = (length: number): number => (60 * PLACES_PER_SECOND) / (SHORTEST + length)

/** What is kept while the places are gone through. */
interface Workspace {
  readonly states: number
  /** Of the last places: the best score of a beat there, with the best change to each length. */
  readonly best: Float64Array
  /** For each place and state: the length before, should the next beat have this one. */
  readonly lengthBefore: Uint8Array
  /** For each place and state: 1 where a chain begins there. */
  readonly begins: Uint8Array
  readonly values: Float64Array
  readonly lengths: Uint8Array
}

/** Places of which the best score is kept: as many as the longest beat reaches back. */
const RING = LONGEST + 1

const workspaceOf = (places: number, states: number): Workspace => ({
  states,
  best: new Float64Array(RING * states).fill(NEVER),
  lengthBefore: new Uint8Array(places * states),
  begins: new Uint8Array(places * states),
  values: new Float64Array(LENGTHS),
  lengths: new Uint8Array(LENGTHS),
})

/**
 * The best chain of beats with so many to the bar: exact, by dynamic programming over place, place
 * in the bar and length of the beat, one step for each beat (a bar pointer, after Whiteley, Cemgil
 * and Godsill 2006, in semi-Markov form). The best length before any length is a distance transform,
 * so that each state costs the same small number of steps (Felzenszwalb and Huttenlocher 2012).
 *
 * @param beatsPerBar 1 to 6.
 */
export function followBars(lattice: Lattice, beatsPerBar: number, prior: TempoPrior): Chain | null {
  const { places } = lattice
  const work = workspaceOf(places, beatsPerBar * LENGTHS)
  const steps = changeSteps(lattice.weights.change)
  let end = { score: NEVER, place: -1, inBar: 0, length: 0 }
  for (let place = 0; place < places; place++) {
    const tail = place > places * MAY_END ? tailOf(lattice, place) : NEVER
    for (let inBar = 0; inBar < beatsPerBar; inBar++) {
      const length = arrive(lattice, prior, work, place, inBar, beatsPerBar)
      const score = work.values[length]! + tail
      if (score > end.score) end = { score, place, inBar, length }
      leave(work, steps, place, inBar)
    }
  }
  return end.place < 0 ? null : { ...traced(work, end, beatsPerBar), score: end.score, beatsPerBar }
}

/** The scores of a beat at a place, for each length it may have; gives the best length. */
function arrive(
  lattice: Lattice,
  prior: TempoPrior,
  { best, begins, values, states }: Workspace,
  place: number,
  inBar: number,
  beatsPerBar: number,
): number {
  const { between, skipped } = lattice
  const before = (inBar === 0 ? beatsPerBar - 1 : inBar - 1) * LENGTHS
  const at = place * states + inBar * LENGTHS
  const own = lattice.beat[place]! + (inBar === 0 ? lattice.isDown : lattice.isNot)[place]!
  const quiet = between[max(0, place - NEAR)]!
  const start = quiet - log(states) + skipped[max(0, place - LONGEST)]!
  let top = 0
  for (let i = 0; i < LENGTHS; i++) {
    const from = place - SHORTEST - i
    let score = start
    let begun = 1
    if (from >= 0) {
      const along = best[(from % RING) * states + before + i]! + quiet - between[from + NEAR + 1]!
      if (along > score) {
        score = along
        begun = 0
      }
    }
    values[i] = score + own + prior[i]!
    begins[at + i] = begun
    if (values[i]! > values[top]!) top = i
  }
  return top
}

/** What each length of the next beat starts from: the best of all before it, less the change. */
function leave(
  { best, lengthBefore, values, lengths, states }: Workspace,
  steps: Float64Array,
  place: number,
  inBar: number,
): void {
  const row = (place % RING) * states + inBar * LENGTHS
  let value = NEVER
  let from = 0
  for (let i = 0; i < LENGTHS; i++) {
    value -= steps[i]!
    if (values[i]! >= value) {
      value = values[i]!
      from = i
    }
    best[row + i] = value
    lengths[i] = from
  }
  value = NEVER
  for (let i = LENGTHS - 1; i >= 0; i--) {
    if (values[i]! >= value) {
      value = values[i]!
      from = i
    }
    if (value > best[row + i]!) {
      best[row + i] = value
      lengths[i] = from
    }
    value -= steps[i]!
  }
  lengthBefore.set(lengths, place * states + inBar * LENGTHS)
}

/** The cost from each length to the one before it in the list. */
const changeSteps = (cost: number): Float64Array =>
  Float64Array.from({ length: LENGTHS }, (_, i) =>
    i === 0 ? 0 : cost * log((SHORTEST + i) / (SHORTEST + i - 1)),
  )

/** What speaks against no beat after this place. */
function tailOf({ between, skipped, places }: Lattice, place: number): number {
  const quiet = between[places]! - between[min(places, place + NEAR + 1)]!
  return quiet + skipped[places]! - skipped[min(places, place + LONGEST)]!
}

function traced(
  { begins, lengthBefore, states }: Workspace,
  end: { readonly place: number; readonly inBar: number; readonly length: number },
  beatsPerBar: number,
): Pick<Chain, 'places' | 'inBar'> {
  const places: number[] = []
  const inBars: number[] = []
  let { place, inBar, length } = end
  for (;;) {
    places.push(place)
    inBars.push(inBar)
    const at = place * states + inBar * LENGTHS + length
    if (begins[at] === 1) break
    place -= SHORTEST + length
    inBar = inBar === 0 ? beatsPerBar - 1 : inBar - 1
    length = lengthBefore[place * states + inBar * LENGTHS + length]!
  }
  return { places: places.reverse(), inBar: inBars.reverse() }
}

/** Least activation whose shape tells where within frames a beat is. */
const CLEAR = 0.15

/** Seconds of a beat: the centre of what the net says around it. */
export function secondsOfPlace({ activations: { beat, frames } }: Lattice, place: number): number {
  const frame = place / PLACES_PER_FRAME
  let top = round(frame)
  for (let at = max(0, round(frame) - 1); at <= min(frames - 1, round(frame) + 1); at++)
    if (beat[at]! > (beat[top] ?? 0)) top = at
  if ((beat[top] ?? 0) < CLEAR) return frame / FRAMES_PER_SECOND
  let sum = 0
  let weight = 0
  for (let at = max(0, top - 2); at <= min(frames - 1, top + 2); at++) {
    const square = beat[at]! * beat[at]!
    sum += square * at
    weight += square
  }
  return sum / weight / FRAMES_PER_SECOND
}
