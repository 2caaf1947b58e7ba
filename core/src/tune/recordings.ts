import type { BeatMap } from '../time/index.ts'
import type { Layout, Recording, Tune } from './tune.ts'

/**
 * The recording with this id, or the tune's first where there is none; null for a tune without
 * recordings.
 */
export const recordingOf = (tune: Tune, recordingId: string | null): Recording | null =>
  tune.recordings.find((one) => one.id === recordingId) ?? tune.recordings[0] ?? null

/** How the recording is divided: by its own layout, or as the tune is. */
export function layoutOf(tune: Tune, recordingId: string | null): Layout {
  const { sections, danceStart, landmarks } = recordingOf(tune, recordingId)?.layout ?? tune
  return { sections, danceStart, landmarks }
}

/**
 * The tune as it is on one of its recordings: that recording alone, and its phrases, start and
 * landmarks as the tune's. All that works on a tune then works on this recording.
 */
export function tuneOn(tune: Tune, recordingId: string | null): Tune {
  const recording = recordingOf(tune, recordingId)
  return recording
    ? {
        ...tune,
        ...layoutOf(tune, recording.id),
        recordings: [recording.layout === null ? recording : { ...recording, layout: null }],
      }
    : tune
}

/**
 * Puts back what was changed on one recording: the inverse of `tuneOn`. A recording with a layout
 * of its own keeps it.
 */
export function putOn(tune: Tune, recordingId: string | null, changed: Tune): Tune {
  const recording = recordingOf(tune, recordingId)
  const next = changed.recordings[0]
  if (!recording || !next) return { ...changed, recordings: tune.recordings }
  const { sections, danceStart, landmarks } = changed
  const own = recording.layout !== null
  const kept = own
    ? { sections: tune.sections, danceStart: tune.danceStart, landmarks: tune.landmarks }
    : { sections, danceStart, landmarks }
  const recordings = tune.recordings.map((one) =>
    one.id === recording.id
      ? { ...next, layout: own ? { sections, danceStart, landmarks } : null }
      : one,
  )
  return { ...changed, ...kept, recordings }
}

/** Whether two layouts have the same phrases, start and landmarks, ids apart. */
export function sameLayout(a: Layout, b: Layout): boolean {
  const bare = ({ sections, danceStart, landmarks }: Layout): string =>
    JSON.stringify([
      sections.map(({ label, phrases }) => [label, phrases.map(({ bars }) => bars)]),
      danceStart,
      landmarks.map(({ kind, at, text }) => [kind, at, text]),
    ])
  return bare(a) === bare(b)
}

/**
 * A tune as it is shown with other beats, and what else of it goes with them.
 *
 * @param shown With the recording that is looked at in front.
 * @param make The new beats, or null where there are none; then nothing changes.
 * @param heard What the listening left open; as it was where it is left out.
 */
export function withBeatMap(
  shown: Tune,
  make: (map: BeatMap) => BeatMap | null,
  more: (shown: Tune) => Partial<Tune> = () => ({}),
  heard?: Recording['heard'],
): Tune | null {
  const [recording] = shown.recordings
  const beatMap = recording ? make(recording.beatMap) : null
  return recording && beatMap
    ? {
        ...shown,
        ...more(shown),
        recordings: [
          { ...recording, beatMap, heard: heard === undefined ? recording.heard : heard },
        ],
      }
    : null
}
