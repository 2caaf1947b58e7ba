import {
  isMoving,
  lecternAt,
  LEAST_SPEED,
  MOST_SPEED,
  musicAt,
  musicOfTick,
  newCall,
  prepareCall,
  reentries,
  shifted,
  settle,
  stepCall,
  stopAfter,
  stopBefore,
  stopsOf,
  tickOfMusic,
  type Call,
  type CallEvent,
  type Cue,
  type LecternMoment,
  type PreparedCall,
  type Reentry,
} from '@dellop/core/call'
import { stateAt, type Sheet } from '@dellop/core/sheet'
import { TICKS_PER_BEAT, type CountInWord, type Seconds, type Tick, type TickPosition } from '@dellop/core/time'
import { shallowRef } from 'vue'
import { SCHEDULE_AHEAD_SECONDS, type Clock } from '../sound/clock.ts'
import type { Player } from '../sound/player.ts'

/** A cue as it was shown: when its moment came on the clock, and when it was planned to. */
export interface ShownCue {
  readonly key: string
  readonly text: string
  readonly plannedAt: number
  readonly shownAt: number
}

export interface LecternSound {
  readonly player: Player | null
  readonly click: (at: number, strong: boolean) => void
}

const SPEED_STEP = 0.05
/** A stop passed less than this ago is gone back over. */
const GRACE_BEATS = 2

/**
 * The call at the lectern: one clock, one call value, and what follows from both. `draw` asks for the state at the
 * clock's time; cues are also woken for at their exact moment, so that none waits for a frame.
 */
export function useLectern(sheet: Sheet, clock: Clock, sound: LecternSound, delaySeconds: () => number) {
  const prepared = shallowRef<PreparedCall>(prepareCall(sheet, 1))
  const from = sheet.recording ? (0 as Seconds) : musicOfTick(prepared.value, -introductionTicks(sheet) as TickPosition)
  const call = shallowRef<Call>(newCall(from))
  const position = shallowRef<TickPosition>(tickOfMusic(prepared.value, from))
  const moment = shallowRef<LecternMoment>(lecternAt(prepared.value, position.value))
  const counting = shallowRef<CountInWord | null>(null)
  const shown: ShownCue[] = []
  let cancelWake: (() => void) | null = null
  /** The last cue that was given, or passed by: the next one is the one after it, whatever the speed. */
  let last: Cue | null = null

  /** The moment that is being heard now: what is sent now is heard a delay later. */
  const heardAt = (now: number): TickPosition => tickOfMusic(prepared.value, musicAt(call.value, isMoving(call.value) ? now - delaySeconds() : now))

  function draw(): void {
    const now = clock.now()
    call.value = settle(call.value, now)
    const at = heardAt(now)
    position.value = at
    const next = lecternAt(prepared.value, at)
    if (!sameMoment(moment.value, next)) moment.value = next
    counting.value = countInWord(at)
    if (coming.value && at >= coming.value.slot.start) coming.value = null
    if (at >= endTick() && isMoving(call.value)) finish(now)
  }

  const endTick = (): number => (sheet.recording ? tickOfMusic(prepared.value, sheet.recording.durationSeconds as Seconds) : prepared.value.sheet.timeline.lengthTicks + TICKS_PER_BEAT)

  function finish(now: number): void {
    apply({ type: 'end', at: now })
    sound.player?.stop()
  }

  function apply(event: CallEvent): void {
    call.value = stepCall(call.value, event)
    schedule()
  }

  /** The floor has lost its way: the music goes on, no cue is given, and these are the ways back in. Null while all is well. */
  const lost = shallowRef<readonly Reentry[] | null>(null)
  /** What the call was before the last way back in, for a key that was wrong. */
  const before = shallowRef<PreparedCall | null>(null)
  /** The way back in that was taken last, while it is on its way. */
  const coming = shallowRef<Reentry | null>(null)

  /** They stand as they stood before the figure that went wrong. */
  function lose(): void {
    if (!isMoving(call.value) || lost.value) return
    const { sheet: now } = prepared.value
    const at = Math.max(0, Math.floor(position.value)) as Tick
    const state = stateAt(now.timeline, now.phrases, at)?.slot.before ?? now.routine.start
    lost.value = reentries(prepared.value, state, position.value)
    cancelWake?.()
    cancelWake = null
  }

  /** As if nothing had been: the dance goes on where the music is. */
  function carryOn(): void {
    if (!lost.value) return
    lost.value = null
    settleAt(position.value)
    schedule()
    draw()
  }

  /** Takes a way back in: all that follows is planned anew from there. */
  function rejoin(index: number): void {
    const offer = lost.value?.[index]
    if (!offer) return
    before.value = prepared.value
    lost.value = null
    coming.value = offer
    moveTo(offer.shiftTicks === 0 ? prepared.value : prepareCall(shifted(prepared.value, offer.shiftTicks), call.value.speed))
    // Its own cue is given, however late it is by now.
    const cue = prepared.value.cues.findIndex(({ slot, purpose }) => slot.key === offer.slot.key && purpose === 'cue')
    if (cue >= 0) last = prepared.value.cues[cue - 1] ?? null
    schedule()
    draw()
  }

  /** The way back in was the wrong one: all is as before it, and lost again. */
  function takeBack(): void {
    if (!before.value) return
    moveTo(before.value)
    before.value = null
    coming.value = null
    draw()
    lose()
  }

  function moveTo(next: PreparedCall): void {
    prepared.value = next
    settleAt(heardAt(clock.now()))
  }

  /** Wakes at the next cue's moment. Each cue is woken for once as the music runs on. */
  function schedule(): void {
    cancelWake?.()
    cancelWake = null
    const now = call.value
    if (!isMoving(now) || lost.value) return
    const cue = nextCue()
    if (!cue) return
    const at = now.since + (musicOfTick(prepared.value, cue.startTick) - now.music) / now.speed + delaySeconds()
    cancelWake = clock.wakeAt(at, () => {
      last = cue
      draw()
      shown.push({ key: cue.key, text: cue.text, plannedAt: at, shownAt: clock.now() })
      schedule()
    })
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

  function start(): void {
    const now = clock.now() + SCHEDULE_AHEAD_SECONDS
    const at = tickOfMusic(prepared.value, call.value.music)
    const lead = countInSeconds(at)
    // Under a count-in the cues before its place are given too; going on after a pause, those given stay given.
    if (lead > 0) settleAt((at - countInTicks()) as TickPosition)
    startedAt = at
    apply({ type: 'start', at: now, countInSeconds: lead })
    if (lead > 0) clickCountIn(now, lead)
    sound.player?.play(call.value.music, now + lead, call.value.speed)
  }

  let startedAt: TickPosition = position.value
  const countInTicks = (): number => -(prepared.value.countIn[0]?.at ?? 0)

  /** A count-in sounds before the music where there is no introduction: at the start of a phrase, never in the middle. */
  function countInSeconds(at: TickPosition): number {
    const onStop = stopsOf(prepared.value).phrases.some((stop) => Math.abs(stop - at) < 0.5) || (at <= 0 && sheet.firstStep === 0)
    if (!onStop || call.value.state === 'running') return 0
    const beat = musicOfTick(prepared.value, (at + TICKS_PER_BEAT) as TickPosition) - musicOfTick(prepared.value, at)
    return ((countInTicks() / TICKS_PER_BEAT) * beat) / call.value.speed
  }

  function clickCountIn(now: number, lead: number): void {
    const total = countInTicks()
    for (const word of prepared.value.countIn) for (let t = 0; t < word.lengthTicks; t += TICKS_PER_BEAT) sound.click(now + lead * (1 + (word.at + t) / total), word.at === -total)
  }

  /** The word of the count-in: before the first step, or before the place this call was started at. */
  function countInWord(at: TickPosition): CountInWord | null {
    const origin = call.value.state === 'counting-in' ? startedAt : 0
    return prepared.value.countIn.find((word) => at - origin >= word.at && at - origin < word.at + word.lengthTicks) ?? null
  }

  function pause(): void {
    apply({ type: 'pause', at: clock.now() })
    sound.player?.stop()
    draw()
  }

  /** The one key: starts, pauses, goes on; after the end, begins again. */
  function key(): void {
    if (isMoving(call.value)) return pause()
    if (call.value.state === 'ended') seek(null)
    start()
    draw()
  }

  /** Goes to a tick (null = the very beginning) and keeps running if it ran. */
  function seek(to: Tick | null): void {
    lost.value = before.value = coming.value = null
    // From the top, the dance lies on the music as it is written.
    if (to === null) prepared.value = prepareCall(sheet, call.value.speed)
    const music = to === null ? from : musicOfTick(prepared.value, to)
    const moving = isMoving(call.value)
    const now = clock.now() + (moving ? SCHEDULE_AHEAD_SECONDS : 0)
    if (call.value.state === 'ended') call.value = newCall(music, call.value.speed)
    else call.value = stepCall(call.value, { type: 'seek', at: now, music })
    settleAt(tickOfMusic(prepared.value, music))
    if (moving) sound.player?.play(music, now, call.value.speed)
    schedule()
    draw()
  }

  function setSpeed(speed: number): void {
    const next = Math.round(Math.min(MOST_SPEED, Math.max(LEAST_SPEED, speed)) * 100) / 100
    if (next === call.value.speed) return
    const now = clock.now() + SCHEDULE_AHEAD_SECONDS
    call.value = stepCall(call.value, { type: 'speed', at: now, speed: next })
    prepared.value = prepareCall(prepared.value.sheet, next)
    if (call.value.state === 'running') sound.player?.play(musicAt(call.value, now), now, next)
    schedule()
    draw()
  }

  const back = (kind: 'phrases' | 'passes'): void => seek(stopBefore(stopsOf(prepared.value)[kind], position.value, GRACE_BEATS * TICKS_PER_BEAT))
  function forth(): void {
    const stop = stopAfter(stopsOf(prepared.value).phrases, position.value)
    if (stop !== null) seek(stop)
  }

  function close(): void {
    cancelWake?.()
    sound.player?.stop()
  }

  return {
    call,
    prepared,
    position,
    moment,
    counting,
    lost,
    coming,
    shown,
    draw,
    lose,
    carryOn,
    rejoin,
    takeBack,
    key,
    seek,
    close,
    back,
    forth,
    faster: () => setSpeed(call.value.speed + SPEED_STEP),
    slower: () => setSpeed(call.value.speed - SPEED_STEP),
    setSpeed,
  }
}
export type Lectern = ReturnType<typeof useLectern>

/** Without a recording the clock starts two bars before the first step, so that the first cue has its moment. */
const introductionTicks = (sheet: Sheet): number => Math.max(sheet.firstStep, 2 * sheet.routine.metre.beatsPerBar * TICKS_PER_BEAT)

/** Whether nothing a person reads has changed. */
function sameMoment(a: LecternMoment, b: LecternMoment): boolean {
  return (
    a.cue === b.cue &&
    a.speak === b.speak &&
    a.late === b.late &&
    a.count === b.count &&
    a.bar === b.bar &&
    a.dancing === b.dancing &&
    a.pass === b.pass &&
    Math.ceil(a.beatsToGo) === Math.ceil(b.beatsToGo) &&
    Math.ceil(a.beatsLeft) === Math.ceil(b.beatsLeft) &&
    a.upcoming[0] === b.upcoming[0]
  )
}
