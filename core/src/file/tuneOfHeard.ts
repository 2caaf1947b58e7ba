import type { NewId } from '../document/index.ts'
import type { Heard } from '../listen/index.ts'
import type { BeatMap, Metre, Tick } from '../time/index.ts'
import type { Tune } from '../tune/index.ts'

/** What is known of a recording apart from what was heard in it. */
export interface RecordingFacts {
  readonly title: string
  /** SHA-256 of the file, in hex. */
  readonly media: string
  readonly durationSeconds: number
}

/** A tune document for a recording that was listened to: its beats as anchors, beat 0 the first downbeat. */
export function tuneOfHeard(heard: Heard, { title, media, durationSeconds }: RecordingFacts, newId: NewId): Tune {
  const metre: Metre = { beatsPerBar: heard.beatsPerBar, beatNote: '1/4', division: 4 }
  const id = newId()
  return {
    format: 'dellop-tune',
    version: 1,
    id,
    title,
    dance: '',
    metre,
    bpm: Math.round(Math.min(400, Math.max(20, heard.bpm)) * 10) / 10,
    danceStart: 0 as Tick,
    sections: heard.sections.filter((section) => section.bars > 0).map(({ label, bars }) => ({ id: newId(), label, phrases: [{ id: newId(), bars }] })),
    recordings: [{ id: newId(), name: title, media, durationSeconds, beatMap: beatMapOf(heard) }],
    landmarks: [],
  }
}

function beatMapOf({ beats, downbeats }: Heard): BeatMap {
  const first = Math.max(
    0,
    beats.findIndex((beat) => beat === downbeats[0]),
  )
  return { segments: [{ anchors: beats.map((seconds, i) => ({ beat: i - first, seconds })) }] }
}
