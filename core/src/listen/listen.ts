import { succeed, type Result } from '../document/result.ts'
import {
  bestChain,
  bpmOf,
  groupingsOf,
  rivalsOf,
  withBestBars,
  withoutEnds,
  type Grouping,
} from './bars.ts'
import { latticeOf, secondsOfPlace, type Chain, type Lattice } from './barPointer.ts'
import { activations } from './beatNet.ts'
import { CHROMA_PER_SECOND, chromaOf } from './chroma.ts'
import { barConfidence, beatConfidence, limitedLead } from './confidence.ts'
import { harmonyChange } from './harmonyChange.ts'
import { FRAMES_PER_SECOND, logSpectrum, toListenRate } from './logSpectrum.ts'
import type { BeatNet } from './netWeights.ts'
import { problem } from './problem.ts'
import { LONGEST_SECONDS, type Sound } from './readWav.ts'
import { sectionsOf } from './sections.ts'

/** What was heard in a recording. Times in seconds of the recording. */
export interface Heard {
  readonly bpm: number
  readonly beatsPerBar: number
  readonly beats: readonly number[]
  readonly downbeats: readonly number[]
  /** Beats a minute of each bar, from its first beat on. */
  readonly tempoCurve: readonly { readonly seconds: number; readonly bpm: number }[]
  /**
   * `confidence` is how surely a section is the same music as others of its label or, where there
   * are none, other music than the rest.
   */
  readonly sections: readonly {
    readonly label: string
    readonly startSeconds: number
    readonly bars: number
    readonly confidence: number
  }[]
  /** Where the recording begins to sound, in seconds; beats may come later. */
  readonly soundsFrom: number
  /** 0..1: how surely the beats are right; and each of them on its own. */
  readonly confidence: number
  readonly beatConfidence: readonly number[]
  /** 0..1: how surely the bars are. */
  readonly barConfidence: number
  /** Other tempi that it may be counted at, likelier first: half, double, 3:2 and the like. */
  readonly otherTempi: readonly { readonly bpm: number; readonly confidence: number }[]
  /**
   * Other bars for the same beats, likelier first: `shift` is the beat, counted from the first
   * downbeat, that would be the first of its bar.
   */
  readonly otherBars: readonly {
    readonly beatsPerBar: number
    readonly shift: number
    readonly confidence: number
  }[]
}

export interface ListenOptions {
  /** Beats a minute that the named dance is usually danced at. */
  readonly range?: readonly [number, number] | null
  /** Beats of a bar, where the dance or the tune says so. */
  readonly beatsPerBar?: number | null
  /** Told the share done, 0..1; may throw to stop. */
  readonly progress?: (share: number) => void
}

const SHORTEST_SECONDS = 4
const FEWEST_BEATS = 4
/** A window this loud sounds: hiss and hum are softer. */
const SILENCE = 1e-4
/** Frames with less than this share of the usual loudness are not the beginning yet. */
const BEGINS_AT = 0.15

/**
 * Finds beats, bars and phrases. A small net says for every frame how surely there is a beat and a
 * downbeat; the best chain of beats in bars of two, three or four is followed through all of it;
 * phrases are told by which bars sound alike. Refuses sound that is too short or too long, and sound
 * in which nothing can be heard.
 */
export function listen(
  sound: Sound,
  net: BeatNet,
  { range = null, beatsPerBar = null, progress = () => undefined }: ListenOptions = {},
): Result<Heard> {
  const wrong = wrongLength(sound.samples.length / sound.sampleRate)
  if (wrong) return wrong
  const samples = toListenRate(sound.samples, sound.sampleRate)
  if (samples.every((sample) => Math.abs(sample) < SILENCE)) return problem('listen.silent')
  const spectrum = logSpectrum(samples, (share) => progress(share * 0.2))
  const lattice = latticeOf(activations(net, spectrum, (share) => progress(0.2 + share * 0.5)))
  const whole = bestChain(lattice, { range, beatsPerBar })
  const chain = whole && withoutEnds(lattice.activations, whole)
  if (!chain || chain.places.length < FEWEST_BEATS) return problem('listen.no-beat')
  progress(0.8)
  const chroma = chromaOf(samples, (share) => progress(0.8 + share * 0.15))
  const ways = groupingsOf(lattice, chain, harmonyChange(spectrum, chain.places))
  const heard = heardOf(lattice, withBestBars(chain, ways), ways, chroma)
  progress(1)
  return succeed(heard)
}

function wrongLength(seconds: number): Result<never> | null {
  if (seconds < SHORTEST_SECONDS)
    return problem('listen.short', {
      seconds: seconds.toFixed(1),
      shortestSeconds: SHORTEST_SECONDS,
    })
  if (seconds > LONGEST_SECONDS)
    return problem('sound.too-long', {
      minutes: Math.round(seconds / 60),
      most: LONGEST_SECONDS / 60,
    })
  return null
}

/** What was heard, with what else it may be. */
function heardOf(
  lattice: Lattice,
  chain: Chain,
  ways: readonly Grouping[],
  chroma: ReturnType<typeof chromaOf>,
): Heard {
  const beats = chain.places.map((place) => secondsOfPlace(lattice, place))
  const downbeats = beats.filter((_, i) => chain.inBar[i] === 0)
  const rivals = rivalsOf(lattice, bpmOf(chain))
  const lead = limitedLead(rivals[0]?.lead ?? Infinity)
  const sure = beatConfidence(lattice.activations, chain, lead)
  const { own, others } = groupings(ways, chain)
  return {
    bpm: bpmOf(chain),
    beatsPerBar: chain.beatsPerBar,
    beats,
    downbeats,
    tempoCurve: downbeats.slice(1).map((seconds, i) => ({
      seconds: downbeats[i]!,
      bpm: (60 * chain.beatsPerBar) / (seconds - downbeats[i]!),
    })),
    sections: sectionsOf(
      chroma,
      downbeats.map((seconds) => seconds * CHROMA_PER_SECOND),
    ).map(({ label, firstBar, bars, confidence }) => ({
      label,
      startSeconds: downbeats[firstBar]!,
      bars,
      confidence,
    })),
    soundsFrom: soundsFrom(lattice.activations.energy),
    confidence: sure.reduce((sum, one) => sum + one, 0) / sure.length,
    beatConfidence: sure,
    barConfidence: barConfidence(limitedLead(own - (others[0]?.score ?? -Infinity))),
    otherTempi: rivals.map((rival) => ({
      bpm: rival.bpm,
      confidence: 1 - barConfidence(limitedLead(rival.lead)),
    })),
    otherBars: others.map((other) => ({
      beatsPerBar: other.beatsPerBar,
      shift: other.shift,
      confidence: 1 - barConfidence(limitedLead(own - other.score)),
    })),
  }
}

/** The score of the chosen bars; the best of other lengths, and every other first beat of them. */
function groupings(
  ways: readonly Grouping[],
  chain: Chain,
): { own: number; others: (Grouping & { shift: number })[] } {
  const { beatsPerBar } = chain
  const first = chain.inBar.indexOf(0)
  const isOwn = (way: Grouping): boolean =>
    way.beatsPerBar === beatsPerBar && way.first === first % beatsPerBar
  const own = ways.find(isOwn) ?? ways[0]!
  const others = ways
    .filter(
      (way, i) =>
        way !== own &&
        (way.beatsPerBar === beatsPerBar ||
          ways.findIndex((other) => other.beatsPerBar === way.beatsPerBar) === i),
    )
    .map((way) => ({ ...way, shift: mod(way.first - first, way.beatsPerBar) }))
  return { own: own.score, others }
}
const mod = (value: number, by: number): number => ((value % by) + by) % by

/** Seconds until something sounds. */
function soundsFrom(energy: Float32Array): number {
  const usual = energy.reduce((sum, one) => sum + one, 0) / Math.max(1, energy.length)
  return (
    Math.max(
      0,
      energy.findIndex((one) => one > BEGINS_AT * usual),
    ) / FRAMES_PER_SECOND
  )
}
