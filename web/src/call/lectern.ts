import {
  isMoving,
  lecternAt,
  LEAST_SPEED,
  MOST_SPEED,
  musicAt,
  musicOfTick,
  newCall,
  prepareCall,
  settle,
  stepCall,
  stopAfter,
  stopBefore,
  stopsOf,
  tickOfMusic,
  type Call,
  type CallEvent,
  type LecternMoment,
  type PreparedCall,
} from '@dellop/core/call'
import type { Sheet } from '@dellop/core/sheet'
import {
  secondsAt,
  TICKS_PER_BEAT,
  type CountInWord,
  type Seconds,
  type Tick,
  type TickPosition,
} from '@dellop/core/time'
import { shallowRef } from 'vue'
import { SCHEDULE_AHEAD_SECONDS, type Clock } from '../sound/clock.ts'
import type { Player } from '../sound/player.ts'
import { useBand } from './band.ts'
import { useCountIn } from './countIn.ts'
import { useCueGiver } from './cueGiver.ts'
import { useDance } from './dance.ts'

/**
 * Where the music comes from: this machine, a band or another machine that is followed by ear, or
 * nowhere.
 */
export type MusicFrom = 'recording' | 'elsewhere' | 'silent'

export interface LecternSound {
  readonly player: Player | null
  readonly click: (at: number, strong: boolean) => void
  readonly from?: MusicFrom
  /** Says a cue at a moment, where a stand-in is to. */
  readonly say?: (text: string, at: number) => void
}

export interface LecternOptions {
  /** Told of everything that happens, for the log. */
  readonly onEvent?: (event: CallEvent) => void
  /** The call as it was when it was cut off. */
  readonly resumed?: Call | null
}

const SPEED_STEP = 0.05
/** A stop passed less than this ago is gone back over. */
const GRACE_BEATS = 2
/** A band's tempo has to be so much other before the cues are planned anew. */
const REPLAN_SPEED = 0.03
/** Music from elsewhere may go on so long after the dance. */
const AFTER_BEATS = 64

/**
 * The call at the lectern: one clock, one call value, and what follows from both. `draw` asks for
 * the state at the clock's time; cues are also woken for at their exact moment, so that none waits
 * for a frame.
 */
export function useLectern(
  sheet: Sheet,
  clock: Clock,
  sound: LecternSound,
  delaySeconds: () => number,
  { onEvent = () => undefined, resumed = null }: LecternOptions = {},
) {
  const isElsewhere = sound.from === 'elsewhere'
  const recording = isElsewhere ? null : sheet.recording
  const prepared = shallowRef<PreparedCall>(
    prepareCall(sheet, resumed?.speed ?? 1, ...(resumed?.course ? [resumed.course] : [])),
  )
  const from = startOfMusic(sheet, isElsewhere ? 'elsewhere' : 'recording')
  const call = shallowRef<Call>(resumed ?? newCall(from))
  const position = shallowRef<TickPosition>(
    tickOfMusic(prepared.value, resumed ? musicAt(resumed, clock.now()) : from),
  )
  const moment = shallowRef<LecternMoment>(lecternAt(prepared.value, position.value))
  const counting = shallowRef<CountInWord | null>(null)
  /** The stretch that is danced again and again, for walking through. */
  const loop = shallowRef<{ readonly start: Tick; readonly end: Tick } | null>(null)
  /**
   * The moment that is being heard now: what is sent now is heard a delay later. A band is heard as
   * it plays.
   */
  const delay = (): number => (isElsewhere ? 0 : delaySeconds())
  const heardAt = (now: number): TickPosition =>
    tickOfMusic(prepared.value, musicAt(call.value, isMoving(call.value) ? now - delay() : now))

  const cues = useCueGiver({
    clock,
    call,
    prepared,
    isElsewhere,
    delay,
    heardAt,
    draw,
    dispatch,
    onEvent,
    say: sound.say,
  })
  const countIn = useCountIn({
    call,
    prepared,
    loop,
    beginsAtOnce: sheet.firstStep === 0,
    click: sound.click,
  })

  function draw(): void {
    const now = clock.now()
    call.value = settle(call.value, now)
    const at = heardAt(now)
    position.value = at
    const next = lecternAt(prepared.value, at)
    if (!sameMoment(moment.value, next)) moment.value = next
    counting.value = countIn.wordAt(at)
    dance.look(at)
    cues.letWaitingGo(at)
    if (!isMoving(call.value)) return
    if (loop.value && at >= loop.value.end) return again(loop.value.start)
    if (at >= endTick()) finish(now)
  }

  function endTick(): number {
    if (recording) return tickOfMusic(prepared.value, recording.durationSeconds as Seconds)
    // Who is lost, held or waiting is not done, however long it takes.
    if (
      call.value.state === 'lost' ||
      call.value.state === 'holding' ||
      prepared.value.course.waiting.length > 0
    )
      return Infinity
    return (
      prepared.value.sheet.timeline.lengthTicks + (isElsewhere ? AFTER_BEATS : 1) * TICKS_PER_BEAT
    )
  }

  function finish(now: number): void {
    dispatch({ type: 'end', at: now })
    sound.player?.stop()
  }

  /** One event later: told to the log, and planned anew where the dance takes another course. */
  function dispatch(event: CallEvent): void {
    const before = call.value
    call.value = stepCall(before, event)
    if (call.value.course !== before.course) replan(call.value.speed)
    onEvent(event)
    cues.schedule()
  }

  function replan(speed: number): void {
    const within = Math.min(MOST_SPEED, Math.max(LEAST_SPEED, speed))
    prepared.value = prepareCall(sheet, within, ...(call.value.course ? [call.value.course] : []))
  }

  function start(): void {
    const now = clock.now() + SCHEDULE_AHEAD_SECONDS
    const at = tickOfMusic(prepared.value, call.value.music)
    const lead = isElsewhere ? 0 : countIn.secondsBefore(at)
    // Under a count-in the cues before its place are given too; going on after a pause, those given
    // stay given.
    if (lead > 0) cues.settleAt((at - countIn.ticks()) as TickPosition)
    countIn.begin(at, now, lead)
    dispatch({ type: 'start', at: now, countInSeconds: lead })
    sound.player?.play(call.value.music, now + lead, call.value.speed)
  }

  function pause(): void {
    dispatch({ type: 'pause', at: clock.now() })
    sound.player?.stop()
    draw()
  }

  /**
   * The one key: starts, pauses, goes on; takes the first way back in, lets go what waits; after
   * the end, begins again.
   */
  function key(): void {
    if (dance.takeFirst() || cues.giveWaiting()) return
    if (isMoving(call.value)) return pause()
    if (call.value.state === 'ended') seek(null)
    start()
    draw()
  }

  /**
   * Goes to a tick (null = the very beginning, the dance as it is written) and keeps running if it
   * ran.
   */
  function seek(to: Tick | null): void {
    dance.forget()
    cues.waitingCue.value = null
    const music = to === null ? from : musicOfTick(prepared.value, to)
    const moving = isMoving(call.value)
    const now = clock.now() + (moving ? SCHEDULE_AHEAD_SECONDS : 0)
    countIn.goneTo(moving ? null : to)
    if (call.value.state === 'ended')
      call.value = { ...newCall(music, call.value.speed), course: call.value.course }
    dispatch({ type: 'seek', at: now, music, ...(to === null ? { fromTop: true } : {}) })
    cues.settleAt(tickOfMusic(prepared.value, music))
    if (moving) sound.player?.play(music, now, call.value.speed)
    cues.schedule()
    draw()
  }

  /** The loop once more, with a count-in at its own tempo. */
  function again(to: Tick): void {
    dispatch({ type: 'pause', at: clock.now() })
    sound.player?.stop()
    seek(to)
    start()
  }

  /** Walks through the part that is danced now, again and again, or no longer. */
  function toggleLoop(): void {
    const pass = moment.value.pass ?? prepared.value.sheet.timeline.passes[0]
    loop.value = loop.value || !pass || isElsewhere ? null : { start: pass.start, end: pass.end }
  }

  function setSpeed(speed: number): void {
    const next = Math.round(Math.min(MOST_SPEED, Math.max(LEAST_SPEED, speed)) * 100) / 100
    if (next === call.value.speed) return
    const now = clock.now() + SCHEDULE_AHEAD_SECONDS
    dispatch({ type: 'speed', at: now, speed: next })
    replan(next)
    cues.schedule()
    if (isMoving(call.value) && call.value.state !== 'counting-in')
      sound.player?.play(musicAt(call.value, now), now, next)
    draw()
  }

  const back = (kind: 'phrases' | 'passes'): void =>
    seek(stopBefore(stopsOf(prepared.value)[kind], position.value, GRACE_BEATS * TICKS_PER_BEAT))
  function forth(): void {
    const stop = stopAfter(stopsOf(prepared.value).phrases, position.value)
    if (stop !== null) seek(stop)
  }

  /** The band was heard at a place: what follows lies by it. */
  function hear(event: Extract<CallEvent, { type: 'heard' }>): void {
    const wasMoving = isMoving(call.value)
    dispatch(event)
    if (Math.abs(call.value.speed - prepared.value.speed) > REPLAN_SPEED) replan(call.value.speed)
    if (!wasMoving || event.by === 'landmark') cues.settleAt(heardAt(event.at))
    cues.schedule()
    draw()
  }

  function mark(): void {
    dispatch({ type: 'mark', at: clock.now(), tick: Math.round(position.value) as Tick })
  }

  function close(): void {
    cues.cancel()
    sound.player?.stop()
  }

  const { giveFrom, schedule } = cues
  const parts = {
    sheet,
    clock,
    call,
    prepared,
    position,
    heardAt,
    dispatch,
    giveFrom,
    schedule,
    draw,
  }
  const dance = useDance(parts)
  const band = useBand({ ...parts, hear })
  if (resumed) cues.settleAt(position.value)
  cues.schedule()

  return {
    call,
    prepared,
    position,
    moment,
    counting,
    waitingCue: cues.waitingCue,
    loop,
    isElsewhere,
    musicFrom: sound.from ?? (sound.player ? 'recording' : 'silent'),
    /** The tick that is heard so many seconds from now, as it goes. */
    heardTick: (inSeconds: number) => heardAt(clock.now() + (isMoving(call.value) ? inSeconds : 0)),
    ...dance,
    ...band,
    shown: cues.shown,
    draw,
    key,
    pause,
    seek,
    close,
    back,
    forth,
    mark,
    toggleLoop,
    faster: () => setSpeed(call.value.speed + SPEED_STEP),
    slower: () => setSpeed(call.value.speed - SPEED_STEP),
    setSpeed,
  }
}
export type Lectern = ReturnType<typeof useLectern>

/** Where the music stands before it begins, in seconds of the recording. */
export const startOfMusic = (sheet: Sheet, from: MusicFrom): Seconds =>
  sheet.recording && from !== 'elsewhere'
    ? (0 as Seconds)
    : secondsAt(sheet.beatMap, (sheet.firstStep - introductionTicks(sheet)) as TickPosition)

/**
 * Without a recording the clock starts two bars before the first step, so that the first cue has
 * its moment.
 */
const introductionTicks = (sheet: Sheet): number =>
  Math.max(sheet.firstStep, 2 * sheet.routine.metre.beatsPerBar * TICKS_PER_BEAT)

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
