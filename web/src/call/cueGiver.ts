import {
  isCueing,
  isMoving,
  musicOfTick,
  type Call,
  type CallEvent,
  type Cue,
  type PreparedCall,
} from '@dellop/core/call'
import { TICKS_PER_BEAT, type Tick, type TickPosition } from '@dellop/core/time'
import { shallowRef, type Ref } from 'vue'
import type { Clock } from '../sound/clock.ts'

/** A cue as it was shown: when its moment came on the clock, and when it was planned to. */
export interface ShownCue {
  readonly key: string
  readonly text: string
  readonly plannedAt: number
  readonly shownAt: number
}

export interface CueGiverParts {
  readonly clock: Clock
  readonly call: Readonly<Ref<Call>>
  readonly prepared: Readonly<Ref<PreparedCall>>
  readonly isElsewhere: boolean
  /** Seconds from sending a sound to hearing it. */
  readonly delay: () => number
  readonly heardAt: (now: number) => TickPosition
  readonly draw: () => void
  readonly dispatch: (event: CallEvent) => void
  readonly onEvent: (event: CallEvent) => void
  /** Says a cue at a moment, where a stand-in is to. */
  readonly say?: ((text: string, at: number) => void) | undefined
}

/**
 * Gives each cue once, at its exact moment: the clock is asked to wake for it, so that none waits
 * for a frame.
 */
export function useCueGiver({
  clock,
  call,
  prepared,
  isElsewhere,
  delay,
  heardAt,
  draw,
  dispatch,
  onEvent,
  say,
}: CueGiverParts) {
  /** A cue whose moment nobody knows beforehand: it is given by the key. */
  const waitingCue = shallowRef<Cue | null>(null)
  const shown: ShownCue[] = []
  let cancelWake: (() => void) | null = null
  /**
   * The last cue that was given, or passed by: the next one is the one after it, whatever the
   * speed.
   */
  let last: Cue | null = null

  /** Wakes at the next cue's moment. Each cue is woken for once as the music runs on. */
  function schedule(): void {
    cancel()
    const now = call.value
    if (!isMoving(now) || !isCueing(now)) return
    const cue = nextCue()
    if (!cue) return
    const at =
      now.since + (musicOfTick(prepared.value, cue.startTick) - now.music) / now.speed + delay()
    cancelWake = clock.wakeAt(at, () => {
      if (cue.byHand) waitingCue.value = cue
      else give(cue, at)
    })
  }
  function cancel(): void {
    cancelWake?.()
    cancelWake = null
  }

  function give(cue: Cue, at: number): void {
    last = cue
    draw()
    shown.push({ key: cue.key, text: cue.text, plannedAt: at, shownAt: clock.now() })
    onEvent({ type: 'cue', at: clock.now(), key: cue.key, text: cue.text, tick: cue.startTick })
    say?.(cue.text, at)
    schedule()
  }

  /**
   * The beats come back: what waited for the hand is said now. Music from elsewhere then is where
   * that cue lies.
   */
  function giveWaiting(): boolean {
    const cue = waitingCue.value
    if (!cue) return false
    waitingCue.value = null
    const at = clock.now()
    if (isElsewhere)
      dispatch({
        type: 'heard',
        at,
        by: 'landmark',
        music: musicOfTick(prepared.value, cue.startTick),
        speed: call.value.speed,
        error: 0,
      })
    give(cue, at)
    return true
  }

  /**
   * The step of what waited has gone by without it, with the music that is played here: it is let
   * go.
   */
  function letWaitingGo(at: TickPosition): void {
    const cue = waitingCue.value
    if (!cue || isElsewhere || at < cue.stepTick + TICKS_PER_BEAT) return
    waitingCue.value = null
    last = cue
    schedule()
  }

  /** At another speed a cue may be gone: then the first with a later step comes next. */
  function nextCue(): Cue | undefined {
    const { cues } = prepared.value
    if (!last) return cues[0]
    const before = last
    const at = cues.findIndex(({ key }) => key === before.key)
    return at >= 0 ? cues[at + 1] : cues.find(({ stepTick }) => stepTick > before.stepTick)
  }

  /** Cues whose moment is past at a place are not due again. */
  function settleAt(at: TickPosition): void {
    last = prepared.value.cues.filter((cue) => cue.startTick < at - 1e-6).at(-1) ?? null
  }

  /** After a turn of the dance: what comes at it is given, however late it is by now. */
  function giveFrom(turnAt: Tick | null): void {
    settleAt(heardAt(clock.now()))
    const index =
      turnAt === null
        ? -1
        : prepared.value.cues.findIndex(
            ({ slot, purpose }) => slot.end > turnAt && purpose === 'cue' && slot.start >= turnAt,
          )
    const cue = prepared.value.cues[index]
    if (cue && last && cue.startTick <= last.startTick)
      last = prepared.value.cues[index - 1] ?? null
    schedule()
  }

  return { waitingCue, shown, schedule, cancel, giveWaiting, letWaitingGo, settleAt, giveFrom }
}
