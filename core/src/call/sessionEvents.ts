import {
  secondsAt,
  TICKS_PER_BEAT,
  ticksPerBar,
  type Tick,
  type TickPosition,
} from '../time/index.ts'
import { evenGrid, hearTap, lineGrid, NEW_EAR, type BandEar, type TapGrid } from './band.ts'
import { isMoving, LEAST_SPEED, MOST_SPEED, musicAt, stepCall, type CallEvent } from './call.ts'
import { prepareCall, tickOfMusic, type PreparedCall } from './prepare.ts'
import { courseChange } from './report.ts'
import {
  countInTicks,
  newSession,
  positionAt,
  preparedFor,
  type LastCue,
  type Session,
} from './session.ts'
import type { CallLog } from './log.ts'
import type { Sheet } from '../sheet/index.ts'

/** A session with the sheet as it is prepared for it; the two always go together. */
export interface Prepared {
  readonly session: Session
  readonly prepared: PreparedCall
}

/** What the last key did is said so long after it has come about. */
const TOLD_BEATS = 12
/** A band's tempo has to be so much other before the cues are planned anew. */
const REPLAN_SPEED = 0.03

/** One event later: the only way in which a session changes. */
export function evolve({ session, prepared }: Prepared, event: CallEvent): Prepared {
  const call = stepCall(session.call, event)
  const before = { session, prepared }
  const now = { session: { ...session, call }, prepared: preparedAfter(before, event, call) }
  const changed = changeOf(before, now, event)
  return changed ? { ...now, session: { ...now.session, ...changed } } : now
}

/**
 * The session that a log tells of, as it is after its last event: all that was shown is in it.
 *
 * @param delaySeconds By which sound comes late, in seconds; 0 or more.
 */
export function replaySession(
  log: Pick<CallLog, 'from' | 'speed' | 'music' | 'events'>,
  sheet: Sheet,
  delaySeconds = 0,
): Prepared {
  const setup = { from: log.from, isElsewhere: log.music === 'elsewhere', delaySeconds }
  const session = newSession(setup, log.speed)
  const start: Prepared = { session, prepared: prepareCall(sheet, log.speed) }
  return (log.events as readonly CallEvent[]).reduce(evolve, start)
}

/**
 * The session of a call that was cut off, as it goes on: all that its log tells of, with the call
 * moved to the present clock. What was due meanwhile is not said again.
 *
 * @param call The call of the log at the moment at which it is known to have stood, or gone on.
 * @param at Now, on the clock on which it goes on, in seconds.
 * @param delaySeconds By which sound comes late, in seconds; 0 or more.
 */
export function resumeSession(
  log: Parameters<typeof replaySession>[0],
  call: Session['call'],
  sheet: Sheet,
  delaySeconds: number,
  at: number,
): Prepared {
  const { session } = replaySession(log, sheet, delaySeconds)
  const going = {
    ...session,
    call,
    waitingCue: null,
    band: { ...session.band, ear: NEW_EAR },
    setup: { ...session.setup, delaySeconds },
  }
  const prepared = preparedFor(sheet, going)
  const last = lastBefore(prepared, positionAt(going, prepared, at))
  return { session: { ...going, last }, prepared }
}

/** Planned anew where the dance takes another course, or goes at another speed. */
function preparedAfter(
  { session, prepared }: Prepared,
  event: CallEvent,
  call: Session['call'],
): PreparedCall {
  const isOther =
    call.course !== session.call.course ||
    (event.type === 'speed' && call.speed !== prepared.speed) ||
    (event.type === 'heard' && Math.abs(call.speed - prepared.speed) > REPLAN_SPEED)
  if (!isOther) return prepared
  const speed = Math.min(MOST_SPEED, Math.max(LEAST_SPEED, call.speed))
  return prepareCall(prepared.written, speed, ...(call.course ? [call.course] : []))
}

/** What an event changes beside the call itself. */
function changeOf(before: Prepared, now: Prepared, event: CallEvent): Partial<Session> | null {
  const { session } = now
  switch (event.type) {
    case 'start':
      return begun(now, event.countInSeconds)
    case 'seek':
      return goneTo(before, now, event)
    case 'heard':
      return heard(before, now, event)
    case 'hold':
      return { asked: null, told: null }
    case 'lose':
      return { asked: null, told: null, coming: null, neutral: event.neutral ?? false }
    case 'carry-on':
      return { asked: null, last: lastFrom(now, event.at, null) }
    case 'turn':
      return turned(before, now, event)
    case 'take-back':
      return { coming: null, told: null, neutral: false, last: lastFrom(now, event.at, null) }
    case 'cue':
      return given(now, event)
    case 'by-hand':
      return { waitingCue: event.key }
    case 'unsaid':
      return { waitingCue: null, last: cueOf(now.prepared, event.key) ?? session.last }
    case 'asked':
      return { asked: { what: event.what, at: positionAt(session, now.prepared, event.at) } }
    case 'unasked':
      return { asked: null }
    case 'not-possible':
      return { asked: null, told: notPossible(now, event.at) }
    case 'loop':
      return { loop: event.span }
    case 'tap':
      return tapped(before, event)
    case 'tap-unit':
      return { band: { ...session.band, unit: event.unit } }
    case 'delay':
      return { setup: { ...session.setup, delaySeconds: event.seconds } }
    default:
      return null
  }
}

type Of<Type extends CallEvent['type']> = Extract<CallEvent, { type: Type }>

/** Under a count-in the cues before its place are given too; going on after a pause, those given stay given. */
function begun({ session, prepared }: Prepared, countInSeconds: number): Partial<Session> {
  const startedAt = tickOfMusic(prepared, session.call.music)
  const countIn = { ...session.countIn, startedAt }
  if (countInSeconds <= 0) return { countIn }
  const from = startedAt - countInTicks(prepared)
  return { countIn, last: lastBefore(prepared, from) }
}

function goneTo(before: Prepared, { session, prepared }: Prepared, event: Of<'seek'>) {
  const to = tickOfMusic(prepared, event.music)
  const wentTo = isMoving(before.session.call) || event.fromTop ? null : to
  return {
    asked: null,
    told: null,
    coming: null,
    waitingCue: null,
    countIn: { ...session.countIn, wentTo },
    last: lastBefore(prepared, to),
  }
}

function turned(before: Prepared, now: Prepared, event: Of<'turn'>): Partial<Session> {
  const { written, course } = before.prepared
  const tick = event.tick ?? null
  const told = {
    turn: event.turn,
    ...courseChange(written, course, event.course),
    until: (tick ?? hereAt(now, event.at)) + TOLD_BEATS * TICKS_PER_BEAT,
  }
  const coming = event.turn === 'rejoin' ? tick : now.session.coming
  return { asked: null, told, coming, last: lastFrom(now, event.at, tick) }
}

const notPossible = (now: Prepared, at: number): Session['told'] => ({
  turn: 'none',
  dropped: [],
  repeated: [],
  until: hereAt(now, at) + TOLD_BEATS * TICKS_PER_BEAT,
})

function given({ session, prepared }: Prepared, event: Of<'cue'>): Partial<Session> {
  const { key, text, at, due = at } = event
  const known = cueOf(prepared, key) ?? cueGone(key, event.tick)
  return {
    last: known,
    waitingCue: session.waitingCue === key ? null : session.waitingCue,
    shown: [...session.shown, { key, text, plannedAt: due, shownAt: at }],
  }
}

// ---- The band ----------------------------------------------------------------------------------

/** Lines that are tapped on, in ticks of the tune. */
export function tapGrid({ session, prepared: { sheet } }: Prepared): TapGrid {
  const phrases = sheet.phrases.map(({ start }) => start + sheet.firstStep)
  const { unit } = session.band
  if (unit === 'phrase' && phrases.length > 1) return lineGrid(phrases)
  const step = unit === 'beat' ? TICKS_PER_BEAT : ticksPerBar(sheet.routine.metre)
  return evenGrid(step, sheet.firstStep)
}

/** What a tap says, while the music goes on. */
export function hearTapAt(now: Prepared, at: number): ReturnType<typeof hearTap> {
  const { call, band } = now.session
  const thought = { music: musicAt(call, at), speed: call.speed }
  return hearTap(band.ear, at, thought, tapGrid(now), now.prepared.sheet.beatMap)
}

function heard(before: Prepared, now: Prepared, event: Of<'heard'>): Partial<Session> {
  const { session, prepared } = now
  const wasMoving = isMoving(before.session.call)
  const isPlace = !wasMoving || event.by === 'landmark'
  const last = isPlace
    ? lastBefore(prepared, positionAt(session, prepared, event.at))
    : session.last
  return { last, band: { ...session.band, ...earAfter(before, now, event) } }
}

function earAfter(
  before: Prepared,
  { prepared }: Prepared,
  event: Of<'heard'>,
): { readonly ear: BandEar; readonly tapped: Session['band']['tapped'] } {
  if (event.by === 'nudge') return { ear: NEW_EAR, tapped: before.session.band.tapped }
  const { state } = before.session.call
  if (event.by === 'landmark' || state === 'waiting' || state === 'ended') {
    const tick = Math.round(tickOfMusic(prepared, event.music)) + prepared.sheet.firstStep
    return { ear: { taps: [{ at: event.at, tick }], stray: null }, tapped: null }
  }
  const { ear, errorBeats, taken } = hearTapAt(before, event.at)
  return { ear, tapped: { errorBeats, taken } }
}

function tapped(before: Prepared, event: Of<'tap'>): Partial<Session> {
  const { ear } = hearTapAt(before, event.at)
  const { band } = before.session
  return { band: { ...band, ear, tapped: { errorBeats: event.error, taken: event.taken } } }
}

// ---- Which cue comes next ----------------------------------------------------------------------

const cueOf = ({ cues }: PreparedCall, wanted: string): LastCue | null => {
  const cue = cues.find(({ key }) => key === wanted)
  return cue ? lastCue(cue) : null
}
const lastCue = ({ key, startTick, stepTick, isAround }: LastCue): LastCue => ({
  key,
  startTick,
  stepTick,
  isAround,
})
/** What was given by a plan that is another now. */
const cueGone = (key: string, tick: Tick): LastCue => ({
  key,
  startTick: tick,
  stepTick: tick,
  isAround: false,
})

/** Cues whose moment is past at a place are not due again. */
function lastBefore({ cues }: PreparedCall, at: number): LastCue | null {
  const past = cues.filter((cue) => cue.startTick < at - 1e-6).at(-1)
  return past ? lastCue(past) : null
}

/** After a turn of the dance: what comes at it is given, however late it is by now. */
function lastFrom({ session, prepared }: Prepared, at: number, turnAt: Tick | null) {
  const last = lastBefore(prepared, positionAt(session, prepared, at))
  if (turnAt === null) return last
  const { cues } = prepared
  const index = cues.findIndex(
    ({ slot, purpose }) => slot.end > turnAt && purpose === 'cue' && slot.start >= turnAt,
  )
  const cue = cues[index]
  if (!cue || !last || cue.startTick > last.startTick) return last
  const before = cues[index - 1]
  return before ? lastCue(before) : null
}

/** The whole tick that is heard at a time, never before the first step. */
export const hereAt = ({ session, prepared }: Prepared, at: number): Tick =>
  Math.max(0, Math.floor(positionAt(session, prepared, at))) as Tick

/** Seconds of the recording at a tick of the tune. */
export const musicOfTuneTick = ({ prepared }: Prepared, tick: number) =>
  secondsAt(prepared.sheet.beatMap, tick as TickPosition)
