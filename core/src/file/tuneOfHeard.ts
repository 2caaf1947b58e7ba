import type { NewId } from '../document/index.ts'
import type { Heard } from '../listen/index.ts'
import type { BeatMap, Metre, Tick } from '../time/index.ts'
import { danceTempo, type HeardChoices, type Recording, type Tune } from '../tune/index.ts'

/** What is known of a recording apart from what was heard in it. */
export interface RecordingFacts {
  readonly title: string
  readonly fileName: string
  /** The kind of dance, as far as the cuer has named it. */
  readonly dance: string
  /** SHA-256 of the file, in hex. */
  readonly media: string
  readonly durationSeconds: number
}

/**
 * A tune document for a recording that was listened to: its beats as anchors, beat 0 the first
 * downbeat.
 */
export function tuneOfHeard(heard: Heard, facts: RecordingFacts, newId: NewId): Tune {
  const usual = danceTempo(facts.dance)?.metre
  const plain: Metre = { beatsPerBar: heard.beatsPerBar, beatNote: '1/4', division: 4 }
  return {
    format: 'dellop-tune',
    version: 1,
    id: newId(),
    title: facts.title,
    dance: facts.dance,
    metre: usual?.beatsPerBar === heard.beatsPerBar ? usual : plain,
    bpm: Math.round(Math.min(400, Math.max(20, heard.bpm)) * 10) / 10,
    waiting: '',
    danceStart: 0 as Tick,
    sections: heard.sections
      .filter((section) => section.bars > 0)
      .map(({ label, bars }) => ({ id: newId(), label, phrases: [{ id: newId(), bars }] })),
    recordings: [recordingOfHeard(heard, facts, newId)],
    landmarks: [],
  }
}

/** A recording with the beats that were heard in it, and the other ways to hear it. */
export function recordingOfHeard(
  heard: Heard,
  { title, fileName, media, durationSeconds }: RecordingFacts,
  newId: NewId,
): Recording {
  return {
    id: newId(),
    name: title,
    fileName,
    media,
    durationSeconds,
    beatMap: beatMapOfHeard(heard),
    heard: choicesOf(heard),
    differences: [],
    layout: null,
  }
}

/** What the cuer may pick instead, with how likely each is. */
export const choicesOf = (heard: Heard): HeardChoices => ({
  confidence: heard.confidence,
  tempi: heard.otherTempi
    .map(({ bpm, confidence }) => ({ bpm: Math.round(bpm * 10) / 10, confidence }))
    .slice(0, 12),
  bars: heard.otherBars.slice(0, 12),
  soundsFrom: round(heard.soundsFrom, 10),
  sure: surenessOfBars(heard),
})

const round = (value: number, parts: number): number => Math.round(value * parts) / parts

/** The mean of each bar's beats; those before the first downbeat are a bar of their own. */
function surenessOfBars({ beats, downbeats, beatConfidence }: Heard): HeardChoices['sure'] {
  const starts = new Set(downbeats)
  const bars: { at: number; sure: number[] }[] = []
  beats.forEach((beat, i) => {
    if (bars.length === 0 || starts.has(beat)) bars.push({ at: beat, sure: [] })
    bars.at(-1)!.sure.push(beatConfidence[i]!)
  })
  return bars.map(({ at, sure }) => [
    round(at, 100),
    round(sure.reduce((sum, one) => sum + one, 0) / sure.length, 100),
  ])
}

/** The beats heard as a beat map: one anchor a beat, beat 0 the first downbeat. */
export function beatMapOfHeard({ beats, downbeats }: Heard): BeatMap {
  const first = Math.max(
    0,
    beats.findIndex((beat) => beat === downbeats[0]),
  )
  return { segments: [{ anchors: beats.map((seconds, i) => ({ beat: i - first, seconds })) }] }
}
