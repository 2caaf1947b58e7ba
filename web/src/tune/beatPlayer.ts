import {
  secondsAt,
  tickAt,
  TICKS_PER_BEAT,
  type BeatMap,
  type Seconds,
  type Tick,
} from '@dellop/core/time'
import { onBeforeUnmount, ref, watch } from 'vue'
import { browserTimers } from '../app/timers.ts'
import { wakeAudio } from '../sound/audioContext.ts'
import { click } from '../sound/clicks.ts'
import { createPlayer, type Player } from '../sound/player.ts'

/** Sound and clicks are sent this far ahead, looked at this often. */
const AHEAD_SECONDS = 0.3
const LOOK_MS = 100
/** The player is asked this long before it is to sound. */
const START_SECONDS = 0.08
/** A loop is at least this long. */
const SHORTEST_LOOP = 0.3

/** A stretch of the recording, in its seconds. */
export interface Loop {
  readonly from: number
  readonly to: number
}
/** What sounds from a moment on: where in the recording, how fast, and which beat clicks next. */
interface Run {
  readonly when: number
  readonly from: number
  readonly rate: number
  nextBeat: number
}

/**
 * Plays a recording with a click on each beat and a brighter one on the first of each bar: at any
 * speed with its pitch kept, and a stretch of it round and round.
 */
export function useBeatPlayer(
  beatMap: () => BeatMap | null,
  beatsPerBar: () => number,
  clicks: () => boolean,
) {
  const playing = ref(false)
  const at = ref(0)
  const speed = ref(1)
  const loop = ref<Loop | null>(null)
  let context: AudioContext | null = null
  let player: { readonly of: AudioBuffer; readonly node: Player } | null = null
  let clicksOut: GainNode | null = null
  let runs: readonly Run[] = []
  let asked = 0
  let endLooks = (): void => undefined
  let frame = 0

  const runAt = (time: number): Run | null =>
    runs.findLast(({ when }) => when <= time) ?? runs[0] ?? null
  function now(): number {
    const time = context?.currentTime ?? 0
    const run = playing.value ? runAt(time) : null
    return run ? run.from + Math.max(0, time - run.when) * run.rate : at.value
  }
  const beatFrom = (seconds: number): number => {
    const map = beatMap()
    return map ? Math.ceil(tickAt(map, seconds as Seconds) / TICKS_PER_BEAT - 1e-6) : 0
  }

  async function play(buffer: AudioBuffer, seconds: number): Promise<void> {
    stop()
    const mine = ++asked
    context = await wakeAudio()
    if (player?.of !== buffer) {
      player?.node.close()
      player = { of: buffer, node: await createPlayer(context, buffer) }
    }
    // Another wish came, or the page was left, while the player was made.
    if (mine !== asked) return
    clicksOut = new GainNode(context, { gain: 1 })
    clicksOut.connect(context.destination)
    const last = Math.max(0, buffer.duration - 0.1)
    const inLoop = loop.value && (seconds < loop.value.from || seconds >= loop.value.to)
    const from = inLoop ? loop.value!.from : Math.max(0, Math.min(seconds, last))
    playing.value = true
    begin(context.currentTime + START_SECONDS, from)
    endLooks = browserTimers.every(LOOK_MS, schedule)
    schedule()
    follow()
  }

  function begin(when: number, from: number): void {
    const run = { when, from, rate: speed.value, nextBeat: beatFrom(from) }
    runs = [...runs.filter((one) => one.when < when).slice(-2), run]
    player!.node.play(from, when, run.rate)
  }

  function schedule(): void {
    if (!context || !player) return
    const until = context.currentTime + AHEAD_SECONDS
    for (let run = runs.at(-1)!; ; run = runs.at(-1)!) {
      const end = loop.value ? endOf(run, loop.value) : Infinity
      clickUntil(run, Math.min(until, end))
      if (end > until) break
      begin(end, loop.value!.from)
    }
    if (now() >= player.of.duration) stop()
  }

  /** When a run comes to the end of the loop; one that has gone past it goes on to the end. */
  const endOf = ({ when, from, rate }: Run, { to }: Loop): number =>
    from < to ? when + (to - from) / rate : Infinity

  function clickUntil(run: Run, until: number): void {
    const map = beatMap()
    if (!map || !context || !clicksOut) return
    for (;;) {
      const sounds = secondsAt(map, (run.nextBeat * TICKS_PER_BEAT) as Tick)
      const when = run.when + (sounds - run.from) / run.rate
      if (when >= until) return
      const inBar = ((run.nextBeat % beatsPerBar()) + beatsPerBar()) % beatsPerBar()
      if (clicks() && when > context.currentTime) click(context, when, inBar === 0, clicksOut)
      run.nextBeat++
    }
  }

  /** After a change of beats, clicks go on from where the music is. */
  function beatsChanged(): void {
    const run = runs.at(-1)
    if (playing.value && run) run.nextBeat = beatFrom(now() + 0.05)
  }

  /** Another speed or loop: it goes on at once from where the music is. */
  watch([speed, loop], () => {
    if (playing.value && player) void play(player.of, now())
  })

  function setLoop(next: Loop | null): void {
    loop.value = next && next.to - next.from >= SHORTEST_LOOP ? next : null
  }

  function follow(): void {
    at.value = Math.max(0, now())
    if (playing.value) frame = requestAnimationFrame(follow)
  }

  function stop(): void {
    asked++
    if (playing.value) at.value = now()
    playing.value = false
    endLooks()
    cancelAnimationFrame(frame)
    player?.node.stop()
    clicksOut?.disconnect()
    clicksOut = null
    runs = []
  }
  onBeforeUnmount(() => {
    stop()
    player?.node.close()
  })

  const seek = (seconds: number): void => void (at.value = Math.max(0, seconds))
  return { playing, at, speed, loop, setLoop, play, stop, seek, now, beatsChanged }
}
