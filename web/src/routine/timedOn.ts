import type { Routine } from '@dellop/core/routine'
import { recordingOf, type Recording, type Tune } from '@dellop/core/tune'
import { differencesText } from '../words/differences.ts'
import { words } from '../words/index.ts'

/** A tune and, where it has several, the recording of it that a sheet can be timed on. */
export interface MusicChoice {
  readonly key: string
  readonly text: string
  readonly tune: Tune
  readonly recording: Recording | null
}

const keyOf = (tuneId: string, recordingId: string | null): string =>
  `${tuneId} ${recordingId ?? ''}`

/**
 * The music that has as many beats in a bar as the routine, every recording of it; and what the
 * routine has now, whatever it is.
 */
export function musicChoices(tunes: readonly Tune[], routine: Routine): MusicChoice[] {
  const fitting = tunes.filter(
    (tune) => tune.id === routine.tuneId || tune.metre.beatsPerBar === routine.metre.beatsPerBar,
  )
  return fitting.flatMap((tune) => {
    const recordings = tune.recordings.length > 0 ? tune.recordings : [null]
    return recordings.map((recording) => ({
      key: keyOf(tune.id, recording?.id ?? null),
      text:
        recordings.length > 1 && recording
          ? words.sheet.musicOf(tune.title, recording.name)
          : tune.title,
      tune,
      recording,
    }))
  })
}

/** The choice that the routine is timed on; empty where it has no tune, or one that is gone. */
export function musicKey(tunes: readonly Tune[], routine: Routine): string {
  const tune = tunes.find(({ id }) => id === routine.tuneId)
  return tune ? keyOf(tune.id, recordingOf(tune, routine.recordingId)?.id ?? null) : ''
}

/**
 * What has to be said of the music as it stands: the tune, or the recording that the cues were
 * timed on, is gone. Else empty.
 */
export function musicNote(tunes: readonly Tune[], { tuneId, recordingId }: Routine): string {
  if (tuneId === null) return ''
  const tune = tunes.find(({ id }) => id === tuneId)
  if (!tune) return words.sheet.tuneGone
  const there = recordingId === null || tune.recordings.some(({ id }) => id === recordingId)
  const stands = recordingOf(tune, recordingId)
  return there || !stands ? '' : words.sheet.recordingGone(stands.name)
}

/** What a change of music means for the sheet. */
export function musicTold(choice: MusicChoice | null): string {
  if (!choice) return words.sheet.musicNone
  const differences = choice.recording ? differencesText(choice.recording) : ''
  return differences === ''
    ? words.sheet.musicNow(choice.text)
    : words.sheet.musicDiffers(choice.text, differences)
}
