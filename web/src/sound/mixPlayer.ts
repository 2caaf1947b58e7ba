import { ref } from 'vue'
import { browserTimers } from '../app/timers.ts'
import { layVoice, mixOutputs, type Mix, type MixLevels, type MixOutputs } from './mix.ts'
import { createPlayer, type Player } from './player.ts'

/** Sound is laid out this far ahead of the moment it begins. */
const AHEAD_SECONDS = 0.25

/** What sounds now, and how it is taken back. */
interface Sounding {
  readonly outputs: MixOutputs
  readonly player: Player | null
  takeBack: () => void
  frame: number
  callOff: () => void
}

/** What else is told of a mix that plays. */
export interface MixNews {
  /** A round begins: its first moment sounds when the context's clock says so. */
  readonly begun?: (outputs: MixOutputs, when: number) => void
  /** It has come to its end by itself. */
  readonly ended?: () => void
}

/**
 * Plays a mix on the one audio clock, once or again and again.
 *
 * @param look Told each frame how far the mix is, in heard seconds.
 */
export function mixPlayer(look: (mix: Mix, heard: number) => void, { begun, ended }: MixNews = {}) {
  const isPlaying = ref(false)
  let sounding: Sounding | null = null

  async function play(context: AudioContext, mix: Mix, loop: boolean): Promise<void> {
    stop()
    const outputs = mixOutputs(context, mix)
    const player = mix.music ? await createPlayer(context, mix.music, outputs.music) : null
    sounding = { outputs, player, takeBack: () => undefined, frame: 0, callOff: () => undefined }
    isPlaying.value = true
    round(context, sounding, mix, loop)
  }

  /** Lays one round of the mix out, and the next one when it is over where it goes on. */
  function round(context: AudioContext, now: Sounding, mix: Mix, loop: boolean): void {
    const when = context.currentTime + AHEAD_SECONDS
    const length = mix.to - mix.from
    begun?.(now.outputs, when)
    now.takeBack = layVoice(context, mix, now.outputs.voice, when)
    now.player?.play(Math.max(0, mix.from) * mix.speed, when + Math.max(0, -mix.from), mix.speed)
    const frame = (): void => {
      if (sounding !== now) return
      look(mix, mix.from + Math.max(0, context.currentTime - when))
      now.frame = requestAnimationFrame(frame)
    }
    cancelAnimationFrame(now.frame)
    frame()
    now.callOff = browserTimers.after((length + AHEAD_SECONDS) * 1000, () => {
      now.player?.stop()
      if (loop) round(context, now, mix, loop)
      else {
        stop()
        ended?.()
      }
    })
  }

  function setLevels(levels: MixLevels): void {
    if (!sounding) return
    sounding.outputs.voice.gain.value = levels.voice
    sounding.outputs.music.gain.value = levels.music
  }

  function stop(): void {
    if (!sounding) return
    cancelAnimationFrame(sounding.frame)
    sounding.callOff()
    sounding.takeBack()
    sounding.player?.stop()
    sounding.player?.close()
    sounding.outputs.close()
    sounding = null
    isPlaying.value = false
  }

  return { isPlaying, play, setLevels, stop }
}
