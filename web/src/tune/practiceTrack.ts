import { beatMoments } from '@dellop/core/file'
import { countLabel, TICKS_PER_BEAT, tickPosition } from '@dellop/core/time'
import type { Recording, Tune } from '@dellop/core/tune'
import { USUAL_LEVELS, type Mix } from '../sound/mix.ts'
import { renderMix } from '../sound/renderMix.ts'
import { speak, type Said } from '../sound/speech.ts'
import { words } from '../words/index.ts'

/** What is wanted of a practice track. */
export interface TrackWish {
  readonly tune: Tune
  readonly recording: Recording
  /** The recording's sound, or null for clicks or counting alone. */
  readonly music: AudioBuffer | null
  readonly mark: 'clicks' | 'count'
  readonly language: 'en' | 'de'
  readonly ones: 'plain' | 'numbered'
  /** 0.5 to 1.5 of the recording. */
  readonly speed: number
}

/** Counts are said briskly, so that they fit their beat. */
const COUNT_WORDS_PER_MINUTE = 230

/**
 * Makes a click or counted track as WAV; `progress` says what is being done and the share of it.
 */
export async function practiceTrack(
  wish: TrackWish,
  progress: (text: string) => void,
  signal: AbortSignal,
): Promise<Uint8Array> {
  const { tune, recording } = wish
  const beats = beatMoments(recording, tune.metre).filter(
    ({ seconds }) => seconds >= 0 && seconds < recording.durationSeconds,
  )
  const style = {
    beatsPerGroup: tune.metre.beatsPerBar,
    ones: wish.ones,
    countFrom: 1,
    division: tune.metre.division,
  } as const
  const labels = beats.map(
    ({ beat }) => countLabel(style, tickPosition(beat * TICKS_PER_BEAT))!.text,
  )
  const said: ReadonlyMap<string, Said> =
    wish.mark === 'count'
      ? await speak(
          { texts: labels, language: wish.language, wordsPerMinute: COUNT_WORDS_PER_MINUTE },
          signal,
          (share) => progress(words.tunes.speaking(Math.round(share * 100))),
        )
      : new Map()
  const { speed } = wish
  const mix: Mix = {
    music: wish.music,
    speed,
    from: 0,
    to: recording.durationSeconds / speed,
    clicks:
      wish.mark === 'clicks'
        ? beats.map(({ seconds, beatInBar }) => ({ at: seconds / speed, strong: beatInBar === 1 }))
        : [],
    spoken:
      wish.mark === 'count'
        ? beats.map(({ seconds }, i) => ({ at: seconds / speed, said: said.get(labels[i]!)! }))
        : [],
    levels: USUAL_LEVELS,
    apart: false,
  }
  return renderMix(mix, (share) => progress(words.tunes.making(Math.round(share * 100))), signal)
}
