import {
  evenGrid,
  hearTap,
  lineGrid,
  musicAt,
  musicOfTick,
  NEW_EAR,
  tickOfMusic,
  type BandEar,
  type CallEvent,
} from '@dellop/core/call'
import {
  secondsAt,
  TICKS_PER_BEAT,
  ticksPerBar,
  type Seconds,
  type Tick,
  type TickPosition,
} from '@dellop/core/time'
import type { Landmark } from '@dellop/core/tune'
import { computed, ref, shallowRef } from 'vue'
import type { LecternParts } from './parts.ts'

/** What is tapped. */
export type TapUnit = 'beat' | 'bar' | 'phrase'

/**
 * Follows music that this machine does not play: by taps, by a landmark that was heard, by a nudge.
 */
export function useBand({
  sheet,
  clock,
  call,
  prepared,
  position,
  hear,
}: LecternParts & { readonly hear: (event: Extract<CallEvent, { type: 'heard' }>) => void }) {
  const tapUnit = ref<TapUnit>('bar')
  /** The last tap: by how many beats it was off, and whether it was believed. */
  const tapped = shallowRef<{
    readonly errorBeats: number
    readonly taken: 'yes' | 'double' | 'stray'
  } | null>(null)
  let ear: BandEar = NEW_EAR

  /** Lines that are tapped on, in ticks of the tune. */
  const grid = computed(() => {
    const bar = ticksPerBar(sheet.routine.metre)
    const phrases = sheet.phrases.map(({ start }) => start + sheet.firstStep)
    if (tapUnit.value === 'phrase' && phrases.length > 1) return lineGrid(phrases)
    return evenGrid(tapUnit.value === 'beat' ? TICKS_PER_BEAT : bar, sheet.firstStep)
  })

  function tap(): void {
    const at = clock.now()
    if (call.value.state === 'waiting' || call.value.state === 'ended')
      return startAt(0 as Tick, at, 'tap')
    const thought = { music: musicAt(call.value, at), speed: call.value.speed }
    const heard = hearTap(ear, at, thought, grid.value, sheet.beatMap)
    ear = heard.ear
    tapped.value = { errorBeats: heard.errorBeats, taken: heard.taken }
    if (heard.taken === 'yes')
      hear({
        type: 'heard',
        at,
        by: 'tap',
        music: heard.music,
        speed: heard.speed,
        error: heard.errorBeats,
      })
  }

  /** Landmarks of the tune that can be heard, by their place in the dance. */
  const landmarks = computed((): readonly (Landmark & { readonly tick: Tick })[] =>
    (sheet.tune?.landmarks ?? []).map((one) => ({
      ...one,
      tick: (one.at - sheet.firstStep) as Tick,
    })),
  )
  /** The landmark that is expected next, from two bars back on. */
  const nextLandmark = computed(
    () =>
      landmarks.value.find(
        ({ tick }) => tick >= position.value - 2 * ticksPerBar(sheet.routine.metre),
      ) ?? null,
  )

  /** The landmark was heard now: the music is exactly there. Without one, the first step is. */
  function landmark(): void {
    const at = clock.now()
    startAt(
      call.value.state === 'waiting'
        ? (landmarks.value.find(({ kind }) => kind === 'start')?.tick ?? (0 as Tick))
        : (nextLandmark.value?.tick ?? (0 as Tick)),
      at,
      'landmark',
    )
  }

  function startAt(tick: Tick, at: number, by: 'tap' | 'landmark'): void {
    const off = (position.value - tick) / TICKS_PER_BEAT
    ear = { taps: [{ at, tick: tick + sheet.firstStep }], stray: null }
    tapped.value = null
    hear({
      type: 'heard',
      at,
      by,
      music: musicOfTick(prepared.value, tick),
      speed: call.value.speed,
      error: call.value.state === 'running' ? off : 0,
    })
  }

  /** All that follows comes so much later (earlier, where less than nothing). */
  function nudge(beats: number): void {
    const at = clock.now()
    const now = tickOfMusic(prepared.value, musicAt(call.value, at)) + sheet.firstStep
    ear = NEW_EAR
    hear({
      type: 'heard',
      at,
      by: 'nudge',
      music: secondsAt(sheet.beatMap, (now - beats * TICKS_PER_BEAT) as TickPosition),
      speed: call.value.speed,
      error: -beats,
    })
  }

  /** The machine slept so many seconds while the band played on. */
  function sleptFor(seconds: number): void {
    const before = position.value
    const at = clock.now()
    const music = (musicAt(call.value, at) + seconds * call.value.speed) as Seconds
    ear = NEW_EAR
    hear({
      type: 'heard',
      at,
      by: 'nudge',
      music,
      speed: call.value.speed,
      error: (tickOfMusic(prepared.value, music) - before) / TICKS_PER_BEAT,
    })
  }

  return { tapUnit, tapped, tap, landmarks, nextLandmark, landmark, nudge, sleptFor }
}
