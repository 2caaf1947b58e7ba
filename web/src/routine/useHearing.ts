import type { Sheet } from '@dellop/core/sheet'
import { onBeforeUnmount, ref, shallowRef } from 'vue'
import { sentenceOf } from '../app/api.ts'
import { useLibrary } from '../app/library.ts'
import { browserTimers } from '../app/timers.ts'
import { useStandIn } from '../app/voices.ts'
import { wakeAudio } from '../sound/audioContext.ts'
import { layVoice, mixOutputs, type Mix, type MixOutputs } from '../sound/mix.ts'
import { createPlayer, type Player } from '../sound/player.ts'
import { decodeRecording } from '../sound/recording.ts'
import { renderMix } from '../sound/renderMix.ts'
import type { Said } from '../sound/speech.ts'
import { words } from '../words/index.ts'
import { hearingMix, saidAt, textsOf, weighedTexts, type HearingWish } from './hearing.ts'

/** Sound is laid out this far ahead of the moment it begins. */
const AHEAD_SECONDS = 0.25

/**
 * Hearing a sheet before it is said: the stand-in's voice over the music on the one audio clock;
 * and making a practice recording of it.
 */
export function useHearing(sheet: () => Sheet) {
  const library = useLibrary()
  const standIn = useStandIn()
  const working = ref('')
  const failure = ref('')
  const told = ref('')
  const isPlaying = ref(false)
  const now = ref<{ readonly heard: number; readonly text: string | null }>({
    heard: 0,
    text: null,
  })
  const stopping = shallowRef<AbortController | null>(null)
  let music: { readonly media: string; readonly buffer: AudioBuffer } | null = null
  let playing: {
    readonly outputs: MixOutputs
    readonly player: Player | null
    takeBack: () => void
    frame: number
    callOff: () => void
  } | null = null

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

  /** Does long work that can be stopped, and says what came of it. */
  async function doing(work: (signal: AbortSignal) => Promise<void>): Promise<void> {
    stopping.value?.abort()
    const stop = new AbortController()
    stopping.value = stop
    failure.value = told.value = ''
    working.value = words.cues.hear.preparing(0)
    try {
      await work(stop.signal)
    } catch (error) {
      if (stop.signal.aborted) told.value = words.cues.hear.stopped
      else failure.value = words.cues.hear.failed(sentenceOf(error))
    } finally {
      if (stopping.value === stop) {
        stopping.value = null
        working.value = ''
      }
    }
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
      stop()
      const context = await wakeAudio()
      const mix = await mixOf(wish, true, signal)
      signal.throwIfAborted()
      const outputs = mixOutputs(context, mix)
      const player = mix.music ? await createPlayer(context, mix.music, outputs.music) : null
      playing = { outputs, player, takeBack: () => undefined, frame: 0, callOff: () => undefined }
      isPlaying.value = true
      round(context, mix, loop)
    })

  /**
   * Lays one round of the mix out, and the next one when it is over where it is heard again and
   * again.
   */
  function round(context: AudioContext, mix: Mix, loop: boolean): void {
    if (!playing) return
    const when = context.currentTime + AHEAD_SECONDS
    const length = mix.to - mix.from
    playing.takeBack = layVoice(context, mix, playing.outputs.voice, when)
    playing.player?.play(
      Math.max(0, mix.from) * mix.speed,
      when + Math.max(0, -mix.from),
      mix.speed,
    )
    const look = (): void => {
      if (!playing) return
      const heard = mix.from + Math.max(0, context.currentTime - when)
      now.value = { heard, text: saidAt(sheet(), mix.speed, heard) }
      playing.frame = requestAnimationFrame(look)
    }
    cancelAnimationFrame(playing.frame)
    look()
    playing.callOff = browserTimers.after((length + AHEAD_SECONDS) * 1000, () => {
      playing?.player?.stop()
      if (loop) round(context, mix, loop)
      else stop()
    })
  }

  function setLevels(levels: HearingWish['levels']): void {
    if (!playing) return
    playing.outputs.voice.gain.value = levels.voice
    playing.outputs.music.gain.value = levels.music
  }

  function stop(): void {
    if (!playing) return
    cancelAnimationFrame(playing.frame)
    playing.callOff()
    playing.takeBack()
    playing.player?.stop()
    playing.player?.close()
    playing.outputs.close()
    playing = null
    isPlaying.value = false
  }

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
    stopping.value?.abort()
    stop()
  })
  return {
    working,
    failure,
    told,
    isPlaying,
    now,
    isBusy: () => stopping.value !== null,
    cancel: () => stopping.value?.abort(),
    play,
    stop,
    setLevels,
    record,
    measureAll,
  }
}
