import { musicOfTick, stopsOf, type Call, type PreparedCall } from '@dellop/core/call'
import { TICKS_PER_BEAT, type CountInWord, type Tick, type TickPosition } from '@dellop/core/time'
import type { Ref } from 'vue'

export interface CountInParts {
  readonly call: Readonly<Ref<Call>>
  readonly prepared: Readonly<Ref<PreparedCall>>
  readonly loop: Readonly<Ref<{ readonly start: Tick } | null>>
  /** Whether the music begins with the first step, without an introduction. */
  readonly beginsAtOnce: boolean
  readonly click: (at: number, strong: boolean) => void
}

/**
 * The count-in before the place where a call begins or goes on: how long it is, its clicks, and the
 * word that is counted now.
 */
export function useCountIn({ call, prepared, loop, beginsAtOnce, click }: CountInParts) {
  let startedAt: TickPosition | null = null
  /** A place that was gone to while nothing sounded: it is counted in wherever it is. */
  let wentTo: Tick | null = null
  const ticks = (): number => -(prepared.value.countIn[0]?.at ?? 0)

  /**
   * Heard seconds of count-in before a place: at the start of a phrase or of the loop, or where one
   * has gone to; never in the middle of the music.
   */
  function secondsBefore(at: TickPosition): number {
    const stops = [
      ...stopsOf(prepared.value).phrases,
      ...(loop.value ? [loop.value.start] : []),
      ...(wentTo === null ? [] : [wentTo]),
    ]
    const onStop = stops.some((stop) => Math.abs(stop - at) < 0.5) || (at <= 0 && beginsAtOnce)
    if (!onStop || call.value.state === 'running') return 0
    const beat =
      musicOfTick(prepared.value, (at + TICKS_PER_BEAT) as TickPosition) -
      musicOfTick(prepared.value, at)
    return ((ticks() / TICKS_PER_BEAT) * beat) / call.value.speed
  }

  /** Begun at a place, with so many seconds of count-in from a moment of the clock on. */
  function begin(at: TickPosition, now: number, seconds: number): void {
    startedAt = at
    if (seconds <= 0) return
    for (const word of prepared.value.countIn)
      for (let t = 0; t < word.lengthTicks; t += TICKS_PER_BEAT)
        click(now + seconds * (1 + (word.at + t) / ticks()), word.at === -ticks())
  }

  /**
   * The word of the count-in: before the first step, or before the place this call was started at.
   */
  function wordAt(at: TickPosition): CountInWord | null {
    const origin = call.value.state === 'counting-in' ? (startedAt ?? 0) : 0
    return (
      prepared.value.countIn.find(
        (word) => at - origin >= word.at && at - origin < word.at + word.lengthTicks,
      ) ?? null
    )
  }

  return { ticks, secondsBefore, begin, wordAt, goneTo: (to: Tick | null) => void (wentTo = to) }
}
