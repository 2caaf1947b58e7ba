import { TICKS_PER_BEAT } from '@dellop/core/time'
import { onBeforeUnmount, ref, type Ref } from 'vue'
import { wakeAudio } from '../sound/audioContext.ts'
import { click } from '../sound/clicks.ts'

/** Clicks are given to the sound this far ahead. */
const AHEAD_SECONDS = 0.15

/** Plays a dance on the floor by the audio clock, to a click, from any tick. */
export interface FloorPlayer {
  readonly isPlaying: Ref<boolean>
  readonly failure: Ref<boolean>
  readonly toggle: () => Promise<void>
  readonly stop: () => void
}

/**
 * @param tick Where it is; moved as it plays, and played on from wherever it is put meanwhile.
 */
export function useFloorPlayer(
  options: Readonly<{
    tick: Ref<number>
    lengthTicks: Ref<number>
    bpm: Ref<number>
    beatsPerBar: Ref<number>
    clicks: Ref<boolean>
  }>,
): FloorPlayer {
  const isPlaying = ref(false)
  const failure = ref(false)
  let context: AudioContext | null = null
  let frame = 0
  let [zero, from, clicked] = [0, 0, 0]
  /** As it was last set from here: anything else is where somebody has put it. */
  let own = 0

  function begin(now: number): void {
    from = options.tick.value
    own = from
    zero = now + 0.05
    clicked = Math.ceil(from / TICKS_PER_BEAT)
  }
  function run(): void {
    if (!context || !isPlaying.value) return
    const now = context.currentTime
    if (options.tick.value !== own) begin(now)
    const perBeat = 60 / options.bpm.value
    const beatAt = (moment: number): number =>
      from / TICKS_PER_BEAT + Math.max(0, moment - zero) / perBeat
    for (; clicked <= beatAt(now + AHEAD_SECONDS); clicked++)
      if (options.clicks.value)
        click(
          context,
          Math.max(now, zero + (clicked - from / TICKS_PER_BEAT) * perBeat),
          clicked % options.beatsPerBar.value === 0,
        )
    const tick = Math.min(options.lengthTicks.value, beatAt(now) * TICKS_PER_BEAT)
    own = tick
    options.tick.value = tick
    if (tick >= options.lengthTicks.value) stop()
    else frame = requestAnimationFrame(run)
  }
  async function toggle(): Promise<void> {
    if (isPlaying.value) {
      stop()
      return
    }
    failure.value = false
    try {
      context = await wakeAudio()
    } catch {
      failure.value = true
      return
    }
    if (options.tick.value >= options.lengthTicks.value) options.tick.value = 0
    begin(context.currentTime)
    isPlaying.value = true
    run()
  }
  function stop(): void {
    isPlaying.value = false
    cancelAnimationFrame(frame)
  }
  onBeforeUnmount(stop)
  return { isPlaying, failure, toggle, stop }
}
