import {
  secondsAt,
  tickAt,
  TICKS_PER_BEAT,
  type BeatMap,
  type Seconds,
  type Tick,
} from '@dellop/core/time'
import { onBeforeUnmount, ref } from 'vue'
import { browserTimers } from '../app/timers.ts'
import { wakeAudio } from '../sound/audioContext.ts'
import { click } from '../sound/clicks.ts'

/** Clicks are sent this far ahead, looked at this often. */
const AHEAD_SECONDS = 0.3
const LOOK_MS = 100

/** Plays a recording with a click on each beat and a brighter one on the first of each bar. */
export function useBeatPlayer(
  beatMap: () => BeatMap | null,
  beatsPerBar: () => number,
  clicks: () => boolean,
) {
  const playing = ref(false)
  const at = ref(0)
  let context: AudioContext | null = null
  let source: AudioBufferSourceNode | null = null
  let out: GainNode | null = null
  let startedAt = 0
  let from = 0
  let nextBeat = 0
  let endLooks = (): void => undefined
  let frame = 0

  const now = (): number =>
    playing.value && context ? from + (context.currentTime - startedAt) : at.value

  async function play(buffer: AudioBuffer, seconds: number): Promise<void> {
    stop()
    context = await wakeAudio()
    out = new GainNode(context, { gain: 1 })
    out.connect(context.destination)
    source = new AudioBufferSourceNode(context, { buffer })
    source.connect(new GainNode(context, { gain: 0.8 })).connect(out)
    startedAt = context.currentTime + 0.05
    from = Math.max(0, Math.min(seconds, buffer.duration - 0.1))
    source.start(startedAt, from)
    source.onended = () => playing.value && stop()
    playing.value = true
    const map = beatMap()
    nextBeat = map ? Math.ceil(tickAt(map, from as Seconds) / TICKS_PER_BEAT - 1e-6) : 0
    endLooks = browserTimers.every(LOOK_MS, schedule)
    schedule()
    follow()
  }

  function schedule(): void {
    const map = beatMap()
    if (!context || !map || !out) return
    const until = now() + AHEAD_SECONDS
    for (;;) {
      const sounds = secondsAt(map, (nextBeat * TICKS_PER_BEAT) as Tick)
      if (sounds > until) return
      const when = startedAt + (sounds - from)
      if (clicks() && when > context.currentTime)
        click(
          context,
          when,
          ((nextBeat % beatsPerBar()) + beatsPerBar()) % beatsPerBar() === 0,
          out,
        )
      nextBeat++
    }
  }

  /** After a change of beats, clicks go on from where the music is. */
  function beatsChanged(): void {
    const map = beatMap()
    if (playing.value && map)
      nextBeat = Math.ceil(tickAt(map, (now() + 0.05) as Seconds) / TICKS_PER_BEAT)
  }

  function follow(): void {
    at.value = Math.max(0, now())
    if (playing.value) frame = requestAnimationFrame(follow)
  }

  function stop(): void {
    if (playing.value) at.value = now()
    playing.value = false
    endLooks()
    cancelAnimationFrame(frame)
    source?.stop()
    source?.disconnect()
    out?.disconnect()
    source = out = null
  }
  onBeforeUnmount(stop)

  const seek = (seconds: number): void => void (at.value = Math.max(0, seconds))
  return { playing, at, play, stop, seek, now, beatsChanged }
}
