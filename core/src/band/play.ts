import {
  secondsAt,
  TICKS_PER_BEAT,
  ticksPerBar,
  tickPosition,
  type BeatMap,
  type Seconds,
  type Tick,
} from '../time/index.ts'
import { beatMapOfScore } from './beats.ts'
import type { Score, ScoreChord } from './score.ts'
import { addHall, addNote, BASS, CHORDS, LEAD, normalise, SECOND } from './synth.ts'

/** What the band made: mono samples in -1..1 and where every beat truly is. */
export interface Performance {
  readonly samples: Float32Array
  readonly sampleRate: number
  readonly durationSeconds: Seconds
  readonly beatMap: BeatMap
}

export const BAND_SAMPLE_RATE = 44_100
/** Silence before the first note, so that nothing is clipped by a player starting up. */
const LEAD_IN_SECONDS = 0.25
/** Time for the last note to fade. */
const TAIL_SECONDS = 1.5
/** -1.9 dBFS. */
const PEAK = 0.8
/** Part of its written length that a note is held. */
const HELD = 0.92

/**
 * Plays a score: the tune, a bass on the first beat of each bar and chords on the others. From a
 * landmark of kind `start` on a second pipe joins, an octave above. The beat map is exact: beat n
 * sounds at the sample nearest to `secondsAt(beatMap, n beats)`; a note that ends where the count
 * stops is held through the free time.
 *
 * @param sampleRate Samples a second, above 0.
 */
export function playScore(score: Score, sampleRate = BAND_SAMPLE_RATE): Performance {
  const beatMap = beatMapOfScore(score, LEAD_IN_SECONDS)
  const seconds = (at: number): number => secondsAt(beatMap, tickPosition(at))
  const durationSeconds = (seconds(score.end) + TAIL_SECONDS) as Seconds
  const mix = new Float32Array(Math.ceil(durationSeconds * sampleRate))
  const joins = score.landmarks.find(({ kind }) => kind === 'start')?.at ?? Infinity
  for (const note of score.notes) {
    const [from, until] = [seconds(note.at), seconds(note.at + note.lengthTicks)]
    addNote(mix, sampleRate, LEAD, note.midi + 12, from, HELD * (until - from))
    if (note.at >= joins)
      addNote(mix, sampleRate, SECOND, note.midi + 24, from, HELD * (until - from))
  }
  accompany(score, (instrument, midi, at, ticks) =>
    addNote(mix, sampleRate, instrument, midi, seconds(at), seconds(at + ticks) - seconds(at)),
  )
  addHall(mix, sampleRate, 0.22)
  normalise(mix, PEAK)
  return { samples: mix, sampleRate, durationSeconds, beatMap }
}

type Add = (instrument: typeof BASS, midi: number, at: number, lengthTicks: number) => void

/**
 * Bass on one (and on three of four), chords on the other beats: the plainest accompaniment that
 * tells the bar.
 */
function accompany(score: Score, add: Add): void {
  const bar = ticksPerBar(score.metre)
  let chord: ScoreChord | null = null
  let next = 0
  for (let at = 0; at < score.end; at += TICKS_PER_BEAT) {
    while (next < score.chords.length && score.chords[next]!.at <= at) chord = score.chords[next++]!
    if (!chord) continue
    const onBass =
      at % bar === 0 || (score.metre.beatsPerBar === 4 && at % bar === 2 * TICKS_PER_BEAT)
    if (onBass) add(BASS, inRange(chord.root, 40), at, TICKS_PER_BEAT * 0.95)
    else for (const tone of chord.tones) add(CHORDS, inRange(tone, 55), at, TICKS_PER_BEAT * 0.6)
  }
}

/** The pitch class in the octave that begins at `low`. */
const inRange = (pitchClass: number, low: number): number =>
  low + ((((pitchClass - low) % 12) + 12) % 12)

/** Seconds of every beat from the first downbeat on, and of every bar. */
export function trueBeats(
  score: Score,
  { beatMap }: Performance,
): { readonly beats: number[]; readonly downbeats: number[] } {
  const bar = ticksPerBar(score.metre)
  const at = (step: number): number[] =>
    Array.from({ length: Math.ceil(score.end / step) }, (_, i) =>
      secondsAt(beatMap, (i * step) as Tick),
    )
  return { beats: at(TICKS_PER_BEAT), downbeats: at(bar) }
}
