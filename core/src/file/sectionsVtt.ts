import { secondsAt } from '../time/index.ts'
import { tunePhrases, type Recording, type Tune } from '../tune/index.ts'

/**
 * Seconds as WebVTT writes them: hours, minutes, seconds and milliseconds.
 *
 * @param seconds Seconds.
 */
export function vttTime(seconds: number): string {
  const ms = Math.max(0, Math.round(seconds * 1000))
  const part = (value: number, width: number): string => String(value).padStart(width, '0')
  return `${part(Math.floor(ms / 3_600_000), 2)}:${part(Math.floor(ms / 60_000) % 60, 2)}:${part(Math.floor(ms / 1000) % 60, 2)}.${part(ms % 1000, 3)}`
}

/**
 * The tune's phrases as WebVTT, one cue a phrase, so that any player can show where the music is.
 */
export function sectionsVtt(tune: Tune, recording: Recording): string {
  const cues = tunePhrases(tune).flatMap((phrase, i) => {
    const start = secondsAt(recording.beatMap, phrase.start)
    const end = Math.min(
      recording.durationSeconds,
      secondsAt(recording.beatMap, phrase.end, 'leaving'),
    )
    // A line that looks like an arrow, or an empty one, would end the cue.
    const label = phrase.label
      .replace(/-->/g, '→')
      .replace(/\s+/g, ' ')
      .replace(/&/g, '&amp;')
      .replace(/</g, '&lt;')
    return start < end
      ? [`${i + 1}\n${vttTime(start)} --> ${vttTime(end)}\n${label} (${phrase.bars} bars)`]
      : []
  })
  return `WEBVTT\n\n${cues.join('\n\n')}\n`
}
