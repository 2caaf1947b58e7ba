import type { Sheet } from '@dellop/core/sheet'
import { onBeforeUnmount, ref } from 'vue'
import { useLibrary } from '../app/library.ts'
import { useLongWork } from '../app/longWork.ts'
import { useStandIn } from '../app/voices.ts'
import { wakeAudio } from '../sound/audioContext.ts'
import type { Mix } from '../sound/mix.ts'
import { mixPlayer } from '../sound/mixPlayer.ts'
import { decodeRecording } from '../sound/recording.ts'
import { renderMix } from '../sound/renderMix.ts'
import type { Said } from '../sound/speech.ts'
import { words } from '../words/index.ts'
import { hearingMix, saidAt, textsOf, weighedTexts, type HearingWish } from '../sound/sheetMix.ts'

/**
 * Hearing a sheet before it is said: the stand-in's voice over the music on the one audio clock;
 * and making a practice recording of it.
 */
export function useHearing(sheet: () => Sheet) {
  const library = useLibrary()
  const standIn = useStandIn()
  const { working, failure, told, doing, isBusy, cancel } = useLongWork({
    begun: words.cues.hear.preparing(0),
    stopped: words.cues.hear.stopped,
    failed: words.cues.hear.failed,
  })
  const now = ref<{ readonly heard: number; readonly text: string | null }>({
    heard: 0,
    text: null,
  })
  let music: { readonly media: string; readonly buffer: AudioBuffer } | null = null
  const player = mixPlayer((mix, heard) => {
    now.value = { heard, text: saidAt(sheet(), mix.speed, heard) }
  })

  async function soundOf(now_: Sheet): Promise<AudioBuffer | null> {
    const media = now_.recording?.media ?? null
    if (media === null) return null
    if (music?.media !== media) music = { media, buffer: await decodeRecording(media) }
    return music.buffer
  }

  async function said(
    now_: Sheet,
    texts: readonly string[],
    signal: AbortSignal,
  ): Promise<ReadonlyMap<string, Said>> {
    return standIn.prepare(
      now_.routine.language,
      library.settings.wordsPerMinute,
      texts,
      signal,
      (share) => (working.value = words.cues.hear.preparing(Math.round(share * 100))),
    )
  }

  async function mixOf(wish: HearingWish, withMusic: boolean, signal: AbortSignal): Promise<Mix> {
    const now_ = sheet()
    const [buffer, voices] = await Promise.all([
      withMusic ? soundOf(now_) : null,
      said(now_, textsOf(now_, wish), signal),
    ])
    return hearingMix(now_, wish, buffer, voices)
  }

  const play = (wish: HearingWish, loop: boolean): Promise<void> =>
    doing(async (signal) => {
      player.stop()
      const context = await wakeAudio()
      const mix = await mixOf(wish, true, signal)
      signal.throwIfAborted()
      await player.play(context, mix, loop)
    })

  /** A practice recording as WAV bytes, and where in it the music begins. */
  const record = (
    wish: HearingWish,
    withMusic: boolean,
    take: (bytes: Uint8Array, musicAt: number) => void,
  ): Promise<void> =>
    doing(async (signal) => {
      const mix = await mixOf(wish, withMusic, signal)
      const bytes = await renderMix(
        mix,
        (share) => (working.value = words.cues.hear.making(Math.round(share * 100))),
        signal,
      )
      take(bytes, -mix.from)
      told.value = words.cues.hear.made(Math.max(0, -mix.from))
    })

  /**
   * Has the stand-in say every wording that the plan weighs, so that its own lengths can be planned
   * with.
   */
  const measureAll = (): Promise<void> =>
    doing(async (signal) => {
      await said(sheet(), weighedTexts(sheet()), signal)
      told.value = words.cues.hear.measured
    })

  onBeforeUnmount(() => {
    cancel()
    player.stop()
  })
  return {
    working,
    failure,
    told,
    isPlaying: player.isPlaying,
    now,
    isBusy,
    cancel,
    play,
    stop: player.stop,
    setLevels: player.setLevels,
    record,
    measureAll,
  }
}
