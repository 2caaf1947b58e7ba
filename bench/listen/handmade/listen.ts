import { succeed, type Result } from '../../../core/src/document/result.ts'
import { problem } from '../../../core/src/listen/problem.ts'
import { groupings, type Grouping } from './bars.ts'
import { hypotheses, periodicityOf, type Hypothesis } from './hypotheses.ts'
import { onsetsOf } from './onset.ts'
import { LONGEST_SECONDS, type Sound } from '../../../core/src/listen/readWav.ts'
const sectionsOf = (
  ..._: unknown[]
): { label: string; firstBar: number; bars: number; confidence: number }[] => []
import { toListenRate } from '../../../core/src/listen/logSpectrum.ts'
import { spectrogram } from './spectrum.ts'
import { bpmOfFrames } from './tempo.ts'
import { beatStrength, followBeats, refinedFrame, secondsOfFrame, trimmed } from './track.ts'

/** What was heard in a recording. Times in seconds of the recording. */
export interface Heard {
  readonly bpm: number
  readonly beatsPerBar: 2 | 3 | 4
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
  /** 0..1: how far the chosen beat stands out from the next best. */
  readonly confidence: number
  /** 0..1: the same of the chosen bar. */
  readonly barConfidence: number
  /** Other ways to hear the beat, likelier first: half, double, 3:2 and the like. */
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
  readonly range?: readonly [number, number]
  /** Beats of a bar, where the dance or the tune says so. */
  readonly beatsPerBar?: number
  /** Told the share done, 0..1; may throw to stop. */
  readonly progress?: (share: number) => void
}

const SHORTEST_SECONDS = 4
/** Hypotheses that are followed through the whole recording before one is chosen. */
const FOLLOWED = 3
/**
 * How much the bars that go with a beat speak for it, and how much speaks against beats on which
 * less sounds than between them.
 */
const BARS_SHARE = 0.15
const PHASE_SHARE = 0.9

interface Candidate {
  readonly hypothesis: Hypothesis
  readonly frames: readonly number[]
  readonly grouping: Grouping
  readonly ways: readonly Grouping[]
  readonly score: number
}

/**
 * Finds beats, bars and phrases. The beat is chosen among the strongest periodicities of what
 * begins in the sound, each followed through the recording by dynamic programming; the bar by
 * harmony, bass and accents on its first beat. Refuses sound that is too short or too long, and
 * sound in which nothing can be heard.
 */
export function listen(
  sound: Sound,
  { range, beatsPerBar, progress = () => undefined }: ListenOptions = {},
): Result<Heard> {
  const wrong = wrongLength(sound.samples.length / sound.sampleRate)
  if (wrong) return wrong
  const spectrum = spectrogram(toListenRate(sound.samples, sound.sampleRate), (share) =>
    progress(share * 0.6),
  )
  const onsets = onsetsOf(spectrum)
  if (!onsets.sounding.some((one) => one === 1)) return problem('listen.silent')
  const strength = beatStrength(onsets)
  const found = distinct(hypotheses(periodicityOf(onsets), range ?? null)).slice(0, FOLLOWED)
  const candidates = found
    .flatMap((hypothesis, i) => {
      progress(0.65 + (0.3 * i) / FOLLOWED)
      return followed({ spectrum, onsets, strength, beatsPerBar }, hypothesis)
    })
    .filter(({ frames }) => frames.length >= 4)
    .sort((a, b) => b.score - a.score)
  const [best, ...rest] = candidates
  if (!best) return problem('listen.no-beat')
  const others = rest
    .filter((one) => one.hypothesis !== best.hypothesis)
    .filter((one, i, all) => all.findIndex((other) => other.hypothesis === one.hypothesis) === i)
  progress(1)
  return succeed(heardOf({ spectrum, strength }, best, others))
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

/** What is known of the sound before its beats are. */
interface Sounding {
  readonly spectrum: ReturnType<typeof spectrogram>
  readonly onsets: ReturnType<typeof onsetsOf>
  readonly strength: Float32Array
}

/** The recording followed at one tempo, in each of its phases, with the bars that go best with it. */
function followed(
  { spectrum, onsets, strength, beatsPerBar }: Sounding & Pick<ListenOptions, 'beatsPerBar'>,
  hypothesis: Hypothesis,
): Candidate[] {
  const { frames: all } = followBeats(strength, hypothesis.periodFrames)
  return phases(strength, trimmed(strength, all)).map(({ frames, against }) => {
    const ways = groupings(spectrum, onsets, frames)
    const grouping = ways.find((one) => one.beatsPerBar === beatsPerBar) ?? ways[0]!
    return {
      hypothesis,
      frames,
      grouping,
      ways,
      score: hypothesis.score + BARS_SHARE * grouping.score - PHASE_SHARE * against,
    }
  })
}

/** What was heard, from the best way to follow it, with what else it may be. */
function heardOf(
  { spectrum, strength }: Omit<Sounding, 'onsets'>,
  best: Candidate,
  others: readonly Candidate[],
): Heard {
  const beats = best.frames.map((frame) => secondsOfFrame(refinedFrame(strength, frame)))
  const first = best.grouping.firstDownbeat
  const isDownbeat = (i: number): boolean =>
    i >= first && (i - first) % best.grouping.beatsPerBar === 0
  const downbeats = beats.filter((_, i) => isDownbeat(i))
  const sections = sectionsOf(
    spectrum,
    best.frames.filter((_, i) => isDownbeat(i)),
  ).map(({ label, firstBar, bars, confidence }) => ({
    label,
    startSeconds: downbeats[firstBar]!,
    bars,
    confidence,
  }))
  return {
    bpm: usualBpm(beats),
    beatsPerBar: best.grouping.beatsPerBar,
    beats,
    downbeats,
    tempoCurve: downbeats.slice(1).map((seconds, i) => ({
      seconds: downbeats[i]!,
      bpm: (60 * best.grouping.beatsPerBar) / (seconds - downbeats[i]!),
    })),
    sections,
    barConfidence: confidenceOf(
      best.grouping.score -
        Math.max(...best.ways.filter((one) => one !== best.grouping).map(({ score }) => score)),
    ),
    confidence: confidenceOf(best.score - (others[0]?.score ?? best.score - 2)),
    otherTempi: others.map((other) => ({
      bpm: bpmOfFrames(other.hypothesis.periodFrames),
      confidence: 1 - confidenceOf(best.score - other.score),
    })),
    otherBars: otherBars(best),
  }
}

/**
 * The beats as followed, and the beats half way between them: what is loudest is not always the
 * beat, and the bars tell which it is. `against` is how much less sounds on these than on the
 * louder of the two, as a share.
 */
function phases(
  strength: Float32Array,
  followed: readonly number[],
): { frames: readonly number[]; against: number }[] {
  const between = followed.slice(1).map((frame, i) => Math.round((frame + followed[i]!) / 2))
  const sounds = [followed, between].map(
    (frames) =>
      frames.reduce(
        (sum, frame) =>
          sum + Math.max(strength[frame - 1] ?? 0, strength[frame]!, strength[frame + 1] ?? 0),
        0,
      ) / Math.max(1, frames.length),
  )
  const most = Math.max(...sounds, 1e-9)
  return [followed, between].map((frames, i) => ({ frames, against: 1 - sounds[i]! / most }))
}

/** The best bar of every length, and every other first beat of the chosen length. */
function otherBars({ grouping, ways }: Candidate): Heard['otherBars'] {
  const others = ways.filter(
    (one, i) =>
      one !== grouping &&
      (one.beatsPerBar === grouping.beatsPerBar ||
        ways.findIndex((other) => other.beatsPerBar === one.beatsPerBar) === i),
  )
  return others.map(({ beatsPerBar, firstDownbeat, score }) => ({
    beatsPerBar,
    shift: (((firstDownbeat - grouping.firstDownbeat) % beatsPerBar) + beatsPerBar) % beatsPerBar,
    confidence: 1 - confidenceOf(grouping.score - score),
  }))
}

/** One hypothesis for each tempo: the best of its bar lengths. */
function distinct(list: readonly Hypothesis[]): Hypothesis[] {
  return list.filter(
    (one, i) =>
      list.findIndex((other) => Math.abs(other.periodFrames / one.periodFrames - 1) < 0.03) === i,
  )
}

/** A lead of 0 is a half, of 1 about nine in ten. */
const confidenceOf = (lead: number): number => 1 / (1 + Math.exp(-2.2 * lead))

/** Mean tempo of the middle four fifths: beginnings hesitate and ends slow down. */
function usualBpm(beats: readonly number[]): number {
  const first = Math.floor(beats.length * 0.1)
  const last = beats.length - 1 - first
  return (60 * (last - first)) / (beats[last]! - beats[first]!)
}
