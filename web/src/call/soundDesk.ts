import { browserTimers, type Timers } from '../app/timers.ts'
import { isMoving } from '@dellop/core/call'
import { storeToRefs } from 'pinia'
import { onBeforeUnmount, onMounted, watch } from 'vue'
import { audioContext, wakeAudio } from '../sound/audioContext.ts'
import { audioClock } from '../sound/clock.ts'
import type { Player } from '../sound/player.ts'
import { useDevices } from './devices.ts'
import type { Lectern } from './lectern.ts'
import { watchSleep, type Woken } from './sleep.ts'

const FADE_SECONDS = 8

/**
 * How the music of a call sounds, and what becomes of the call where the system takes the sound
 * away.
 *
 * @param told Hears of sleep while a band played on: so many seconds, one at least.
 */
export function useSoundDesk(
  lectern: Lectern,
  player: () => Player | null,
  manual: boolean,
  told: Required<Woken>,
  timers: Timers = browserTimers,
) {
  const devices = useDevices()
  const { volume, balance, soundStands: asleep } = storeToRefs(devices)
  let stopFading = (): void => undefined
  watch(volume, (to) => player()?.setVolume(to / 100))
  watch(balance, (to) => player()?.setBalance(to / 100))

  const moves = (): boolean => isMoving(lectern.call.value)
  const stands = (): boolean => !manual && moves() && audioContext().state !== 'running'

  /**
   * Fades out, then stops, unless it was stopped before; loud again when it goes on. Sound on a busy
   * machine runs late: it is waited for, so that nothing is cut off.
   */
  function fade(): void {
    player()?.fadeOut(FADE_SECONDS)
    stopFading()
    const context = manual ? null : audioContext()
    const end = (context?.currentTime ?? 0) + FADE_SECONDS
    const wait = (seconds: number): void => {
      stopFading = timers.after(seconds * 1000, () => {
        const left = context?.state === 'running' ? end - context.currentTime : 0
        if (left > 0 && moves()) wait(left)
        else if (moves()) lectern.pause()
      })
    }
    wait(FADE_SECONDS)
  }

  /**
   * The one key. Sound that the system took away it gives back, and the music goes on where it
   * stopped.
   */
  async function press(): Promise<void> {
    const stood = stands()
    if (!manual) await wakeAudio()
    if (stood) return
    stopFading()
    lectern.key()
  }

  const look = (): void => void (asleep.value = stands())
  let unwatch: (() => void) | null = null
  onMounted(() => {
    if (manual) return
    const context = audioContext()
    context.addEventListener('statechange', look)
    if (!lectern.isElsewhere) return
    unwatch = watchSleep(
      audioClock(context),
      moves,
      {
        slept: (seconds) => {
          lectern.obey({ do: 'slept', seconds })
          if (seconds >= 1) told.slept(seconds)
        },
        unsure: told.unsure,
      },
      timers,
    )
  })
  onBeforeUnmount(() => {
    stopFading()
    unwatch?.()
    if (!manual) audioContext().removeEventListener('statechange', look)
  })
  return { volume, balance, asleep, fade, press }
}
