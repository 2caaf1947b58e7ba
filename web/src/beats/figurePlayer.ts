import { TICKS_PER_BEAT } from '@dellop/core/time'
import { onBeforeUnmount, ref, watch, type Ref } from 'vue'
import { wakeAudio } from '../sound/audioContext.ts'
import { click } from '../sound/clicks.ts'

export interface FigurePlayer {
  /** Where it is, in ticks of the figure; null while it is silent. */
  readonly tick: Ref<number | null>
  readonly isPlaying: Ref<boolean>
  readonly failure: Ref<boolean>
  readonly start: () => Promise<void>
  readonly stop: () => void
}

/** Clicks are given to the sound this far ahead. */
const AHEAD_SECONDS = 0.15
const GAP_SECONDS = 0.1

/**
 * Plays a figure over and over to a click, at any tempo, by the audio context's clock; a bar of
 * clicks comes before it.
 */
export function useFigurePlayer(
  options: Readonly<{ lengthTicks: Ref<number>; bpm: Ref<number>; beatsPerBar: Ref<number> }>,
): FigurePlayer {
  const tick = ref<number | null>(null)
  const isPlaying = ref(false)
  const failure = ref(false)
  let frame = 0
  let context: AudioContext | null = null
  /** Beat 0 is the figure's first; time runs from there at the tempo it was begun with. */
  let zero = 0
  let secondsPerBeat = 0.5
  let clicked = 0

  const beatAt = (now: number): number => (now - zero) / secondsPerBeat
  function run(): void {
    if (!context || !isPlaying.value) return
    const now = context.currentTime
    for (; clicked <= beatAt(now + AHEAD_SECONDS); clicked++)
      click(context, zero + clicked * secondsPerBeat, clicked % options.beatsPerBar.value === 0)
    const at = beatAt(now) * TICKS_PER_BEAT
    // Before the first beat the count-in's last beat shows a pick-up; then it goes round and round.
    tick.value = at < 0 ? at : at % options.lengthTicks.value
    frame = requestAnimationFrame(run)
  }
  async function start(): Promise<void> {
    failure.value = false
    try {
      context = await wakeAudio()
    } catch {
      failure.value = true
      return
    }
    secondsPerBeat = 60 / options.bpm.value
    zero = context.currentTime + GAP_SECONDS + options.beatsPerBar.value * secondsPerBeat
    clicked = -options.beatsPerBar.value
    isPlaying.value = true
    run()
  }
  function stop(): void {
    isPlaying.value = false
    tick.value = null
    cancelAnimationFrame(frame)
  }
  // Another tempo goes on from the beat it is heard at; another figure begins anew.
  watch(options.bpm, (bpm) => {
    if (!context || !isPlaying.value) return
    const beat = beatAt(context.currentTime)
    secondsPerBeat = 60 / bpm
    zero = context.currentTime - beat * secondsPerBeat
    clicked = Math.max(clicked, Math.ceil(beat))
  })
  watch(options.lengthTicks, stop)
  onBeforeUnmount(stop)
  return { tick, isPlaying, failure, start, stop }
}
