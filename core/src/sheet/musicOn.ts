import type { MusicLayout, MusicSection } from '../routine/index.ts'
import type { Tick } from '../time/index.ts'
import { tuneEnd, tuneOn, tunePhrases, type Tune, type TunePhrase } from '../tune/index.ts'

interface OnRecording {
  /** The tune as it is on that recording. */
  readonly tune: Tune
  readonly music: MusicLayout
}
const laid = new WeakMap<Tune, Map<string | null, OnRecording>>()

/**
 * A tune on one of its recordings, as a routine is laid on it: its phrases, sections and landmarks
 * from the first danced step on. The same tune and recording give the same value, so that what was
 * unfolded on it is known again.
 */
export function musicOn(tune: Tune, recordingId: string | null): OnRecording {
  const known = laid.get(tune) ?? new Map<string | null, OnRecording>()
  laid.set(tune, known)
  const before = known.get(recordingId)
  if (before) return before
  const on = tuneOn(tune, recordingId)
  const found = { tune: on, music: layMusic(on) }
  known.set(recordingId, found)
  return found
}

function layMusic(tune: Tune): MusicLayout {
  const from = (tick: number): Tick => (tick - tune.danceStart) as Tick
  const phrases = tunePhrases(tune)
    .filter(({ end }) => end > tune.danceStart)
    .map((phrase, index) => ({
      ...phrase,
      index,
      start: from(phrase.start),
      end: from(phrase.end),
    }))
  const end = tuneEnd(tune)
  return {
    phrases,
    sections: sectionsOf(phrases),
    landmarks: tune.landmarks.map(({ text, at }) => ({ text, at: from(at) })),
    end: end === null ? null : from(end),
  }
}

/** Runs of phrases of one section. */
function sectionsOf(phrases: readonly TunePhrase[]): MusicSection[] {
  const sections: (MusicSection & { readonly id: string })[] = []
  for (const { sectionId, label, start, end } of phrases) {
    const last = sections.at(-1)
    if (last?.id === sectionId) sections[sections.length - 1] = { ...last, end }
    else sections.push({ id: sectionId, label, start, end })
  }
  return sections.map(({ label, start, end }) => ({ label, start, end }))
}
