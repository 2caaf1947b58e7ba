import {
  askedOf,
  callAt,
  comingAt,
  countInWordAt,
  isMoving,
  landmarkTick,
  landmarksOf,
  lecternAt,
  newSession,
  nextLandmark,
  positionAt,
  preparedFor,
  resumeSession,
  sessionStep,
  standbyAt,
  standbyPlace,
  startOfMusic,
  toldAt,
  waitingSlot,
  waysBackAt,
  type Call,
  type CallEvent,
  type CallLog,
  type LecternMoment,
  type Prepared,
  type Reentry,
  type Session,
  type SessionCommand,
  type TapUnit,
} from '@dellop/core/call'
import { sameInputs } from '@dellop/core/document'
import type { Sheet } from '@dellop/core/sheet'
import type { CountInWord, Tick, TickPosition } from '@dellop/core/time'
import { computed, shallowRef, type ShallowRef } from 'vue'
import { browserTimers, type Timers } from '../app/timers.ts'
import type { Clock } from '../sound/clock.ts'
import type { Player } from '../sound/player.ts'
import { callEffects } from './effects.ts'

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
  /** A call that was cut off: its log, and the call as it stands on this page's clock. */
  readonly resumed?: { readonly log: CallLog; readonly call: Call } | null
  readonly timers?: Timers
}

const SPEED_STEP = 0.05

/**
 * The call at the lectern: one clock and one session of the core. What is shown follows from the
 * session and the clock's time; here is only what its effects do to sound, the log and the clock,
 * which is asked to wake for each cue at its exact moment, so that none waits for a frame.
 */
export function useLectern(
  sheet: Sheet,
  clock: Clock,
  sound: LecternSound,
  delaySeconds: () => number,
  { onEvent = () => undefined, resumed = null, timers = browserTimers }: LecternOptions = {},
) {
  const isElsewhere = sound.from === 'elsewhere'
  const from = startOfMusic(sheet, isElsewhere ? 'elsewhere' : 'recording')
  const start = resumed
    ? resumeSession(resumed.log, resumed.call, sheet, delaySeconds(), clock.now())
    : began(sheet, newSession({ from, isElsewhere, delaySeconds: delaySeconds() }))
  const session = shallowRef(start.session)
  const prepared = shallowRef(start.prepared)
  const effects = callEffects({
    clock,
    player: sound.player,
    onEvent,
    due: (key, due) => obey({ do: 'due', key, due }),
    click: sound.click,
    say: sound.say,
  })

  const positionNow = (): TickPosition => positionAt(session.value, prepared.value, clock.now())
  const position = shallowRef(positionNow())
  const call = shallowRef<Call>(session.value.call)
  const moment = shallowRef<LecternMoment>(lecternAt(prepared.value, position.value))
  const counting = shallowRef<CountInWord | null>(null)
  const told = shallowRef(toldAt(session.value, position.value))
  const coming = shallowRef(comingAt(session.value, prepared.value, position.value))
  const lost = shallowRef<readonly Reentry[] | null>(null)
  const standby = useStandby(timers)

  function obey(command: SessionCommand): void {
    const now = clock.now()
    const step = sessionStep(session.value, prepared.value, command, now)
    session.value = step.session
    prepared.value = step.prepared
    step.effects.forEach(effects.run)
    show(now)
  }

  /** What is seen at a time; only what has changed is drawn again. */
  function show(now: number): void {
    const at = positionAt(session.value, prepared.value, now)
    const nowCall = callAt(session.value, now)
    position.value = at
    if (nowCall.state !== call.value.state || session.value.call !== lastCall) call.value = nowCall
    lastCall = session.value.call
    const next = lecternAt(prepared.value, at)
    if (!sameMoment(moment.value, next)) moment.value = next
    counting.value = countInWordAt({ ...session.value, call: nowCall }, prepared.value, at)
    told.value = toldAt(session.value, at)
    setIfOther(coming, comingAt(session.value, prepared.value, at))
    lost.value = waysBackAt(session.value, prepared.value, at)
    standby.look(standbyPlace(nowCall, prepared.value, at), prepared.value)
  }
  let lastCall = session.value.call

  function draw(): void {
    const seconds = delaySeconds()
    if (seconds !== session.value.setup.delaySeconds) obey({ do: 'delay', seconds })
    obey({ do: 'tick' })
  }

  obey({ do: 'tick' })

  const heard = (inSeconds: number): TickPosition => {
    const ahead = isMoving(session.value.call) ? inSeconds : 0
    return positionAt(session.value, prepared.value, clock.now() + ahead)
  }

  return {
    session,
    call,
    prepared,
    position,
    moment,
    counting,
    lost,
    told,
    coming,
    standby: standby.ways,
    asked: computed(() => askedOf(session.value, prepared.value)),
    waiting: computed(() => waitingSlot(prepared.value)),
    /** A cue that waits for the key. */
    waitingCue: computed(
      () => prepared.value.cues.find(({ key }) => key === session.value.waitingCue) ?? null,
    ),
    loop: computed(() => session.value.loop),
    tapUnit: computed({
      get: () => session.value.band.unit,
      set: (unit: TapUnit) => obey({ do: 'tap-unit', unit }),
    }),
    tapped: computed(() => session.value.band.tapped),
    landmarks: computed(() => landmarksOf(prepared.value)),
    nextLandmark: computed(() => nextLandmark(prepared.value, position.value)),
    isElsewhere,
    musicFrom: sound.from ?? (sound.player ? ('recording' as const) : ('silent' as const)),
    /** The tick that is heard so many seconds from now, as it goes. */
    heardTick: heard,
    /** Cues as they were shown, in their order. */
    shown: () => session.value.shown,
    draw,
    obey,
    key: () => obey({ do: 'key' }),
    pause: () => obey({ do: 'pause' }),
    seek: (to: Tick | null) => obey({ do: 'seek', to }),
    landmark: () =>
      obey({ do: 'landmark', tick: landmarkTick(prepared.value, call.value, position.value) }),
    setSpeed: (speed: number) => obey({ do: 'speed', speed }),
    faster: () => obey({ do: 'speed', speed: call.value.speed + SPEED_STEP }),
    slower: () => obey({ do: 'speed', speed: call.value.speed - SPEED_STEP }),
    close: () => {
      effects.sleep()
      sound.player?.stop()
    },
  }
}
export type Lectern = ReturnType<typeof useLectern>

/** Puts a value in place of another that says something else; one that says the same stays. */
function setIfOther<Value extends object>(to: ShallowRef<Value | null>, next: Value | null): void {
  const before = to.value
  if (before === next || (before && next && sameInputs(before, next))) return
  to.value = next
}
const began = (sheet: Sheet, session: Session): Prepared => ({
  session,
  prepared: preparedFor(sheet, session),
})

/** Ways back in that stand by: worked out anew with every figure and bar, between the frames. */
function useStandby(timers: Timers) {
  const ways = shallowRef<readonly Reentry[]>([])
  let wanted: TickPosition | null = null
  let cancel = (): void => undefined
  function look(place: TickPosition | null, prepared: Parameters<typeof standbyAt>[0]): void {
    if (place === wanted) return
    wanted = place
    cancel()
    if (place === null) ways.value = []
    else cancel = timers.after(0, () => void (ways.value = standbyAt(prepared, place)))
  }
  return { ways, look }
}

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
