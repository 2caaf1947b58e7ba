import { memoised } from '../document/index.ts'
import type { DancedSlot } from '../routine/index.ts'
import type { Sheet } from '../sheet/index.ts'
import {
  secondsAt,
  spanAt,
  TICKS_PER_BEAT,
  ticksPerBar,
  type CountInWord,
  type Seconds,
  type Tick,
  type TickPosition,
} from '../time/index.ts'
import { NEW_EAR, type BandEar } from './band.ts'
import { isMoving, musicAt, newCall, settle, type Call, type TapUnit, type Turn } from './call.ts'
import type { Link } from './course.ts'
import { othersAt, type OtherDanced } from './others.ts'
import { prepareCall, tickOfMusic, type PreparedCall } from './prepare.ts'
import { reentries, type Reentry } from './reentry.ts'
import type { CourseChange } from './report.ts'
import { coupleAt, goOn } from './turns.ts'

/**
 * A call with all that the lectern keeps beside it, as a value. `sessionStep(session, prepared,
 * command)` (in sessionStep.ts) gives the next one; every change of it is one of the events that are
 * logged, so that `evolve` over a log gives back the whole session, what was shown included. What
 * only follows from it and a time is asked for with functions, and kept nowhere.
 */
export interface Session {
  readonly setup: SessionSetup
  readonly call: Call
  /** The last cue that was given, or passed by: the next one is the one after it. */
  readonly last: LastCue | null
  /** Key of a cue whose moment nobody knows beforehand: it waits for the key. */
  readonly waitingCue: string | null
  readonly asked: { readonly what: 'floor' | 'cuer' | 'go-on'; readonly at: TickPosition } | null
  readonly told: ToldTurn | null
  /** The way back in that was taken last: where it begins. */
  readonly coming: Tick | null
  /** Nobody knows how the dancers stand: they come in where the dance itself begins. */
  readonly neutral: boolean
  /** The stretch that is danced again and again, for walking through. */
  readonly loop: { readonly start: Tick; readonly end: Tick } | null
  readonly countIn: CountInPlace
  readonly band: BandState
  readonly shown: readonly ShownCue[]
}

/** What does not change while a call goes on, but for the delay. */
export interface SessionSetup {
  /** Where the music stands before it begins, in seconds of the recording. */
  readonly from: Seconds
  /** A band, or another machine, that is followed by ear. */
  readonly isElsewhere: boolean
  /** Seconds from sending a sound to hearing it. A band is heard as it plays. */
  readonly delaySeconds: number
}

export interface LastCue {
  readonly key: string
  readonly startTick: Tick
  readonly stepTick: Tick
  readonly isAround: boolean
}

/** What the last key did to the dance, for the line that says so: `none` where it was not possible. */
export interface ToldTurn extends CourseChange {
  readonly turn: Turn | 'none'
  /** Said until this tick. */
  readonly until: number
}

interface CountInPlace {
  /** The place it was begun at. */
  readonly startedAt: TickPosition | null
  /** A place that was gone to while nothing sounded: it is counted in wherever it is. */
  readonly wentTo: TickPosition | null
}

interface BandState {
  readonly unit: TapUnit
  /** The last tap: by how many beats it was off, and whether it was believed. */
  readonly tapped: {
    readonly errorBeats: number
    readonly taken: 'yes' | 'double' | 'stray'
  } | null
  readonly ear: BandEar
}

/** A cue as it was shown: when its moment came on the clock, and when it was planned to. */
export interface ShownCue {
  readonly key: string
  readonly text: string
  readonly plannedAt: number
  readonly shownAt: number
}

/**
 * A session before its first event.
 *
 * @param speed 0.5 to 1.5 of the recording.
 * @param call The call as it was when it was cut off, where it goes on.
 */
export const newSession = (setup: SessionSetup, speed = 1, call: Call | null = null): Session => ({
  setup,
  call: call ?? newCall(setup.from, speed),
  last: null,
  waitingCue: null,
  asked: null,
  told: null,
  coming: null,
  neutral: false,
  loop: null,
  countIn: { startedAt: null, wentTo: null },
  band: { unit: 'bar', tapped: null, ear: NEW_EAR },
  shown: [],
})

/** The sheet as a session needs it prepared: for its speed and on its course. */
export const preparedFor = (sheet: Sheet, { call }: Session): PreparedCall =>
  prepareCall(sheet, call.speed, ...(call.course ? [call.course] : []))

/**
 * Where the music stands before it begins, in seconds of the recording. Without one it starts two
 * bars before the first step, so that the first cue has its moment.
 */
export function startOfMusic(sheet: Sheet, from: 'recording' | 'elsewhere' | 'silent'): Seconds {
  if (sheet.recording && from !== 'elsewhere') return 0 as Seconds
  const bars = 2 * ticksPerBar(sheet.routine.metre)
  const before = Math.max(sheet.firstStep, bars)
  return secondsAt(sheet.beatMap, (sheet.firstStep - before) as TickPosition)
}

// ---- What follows from a session and a time ----------------------------------------------------

/**
 * The call as it is at a time of the clock: counting in becomes running by itself.
 *
 * @param at Moment of the clock, in seconds.
 */
export const callAt = ({ call }: Pick<Session, 'call'>, at: number): Call => settle(call, at)

/**
 * The tick that is heard at a time of the clock.
 *
 * @param at Moment of the clock, in seconds.
 */
export function positionAt(session: Session, prepared: PreparedCall, at: number): TickPosition {
  const { call, setup } = session
  const delay = setup.isElsewhere || !isMoving(call) ? 0 : setup.delaySeconds
  return tickOfMusic(prepared, musicAt(settle(call, at), at - delay))
}

/** What is asked of the cuer, with the answers there are. */
export type Asked =
  | {
      readonly what: 'other'
      readonly whose: 'floor' | 'cuer'
      readonly offers: readonly OtherDanced[]
    }
  | { readonly what: 'go-on'; readonly offers: ReturnType<typeof goOn> }

/** What is asked now and the answers that are offered; null where nothing is. */
export function askedOf({ asked }: Session, prepared: PreparedCall): Asked | null {
  if (!asked) return null
  const { what, at } = asked
  return what === 'go-on'
    ? { what, offers: goOn(prepared, at) }
    : { what: 'other', whose: what, offers: othersAt(prepared, at, what) }
}

/** A way back in is waited for until so long before its line. */
const TOO_NEAR_TICKS = TICKS_PER_BEAT

/**
 * While the dancers are lost: the ways back in, as they stand at a position; null while all is
 * well. A line that has come too near is waited for no longer: then they are worked out again.
 */
export function waysBackAt(
  session: Session,
  prepared: PreparedCall,
  position: TickPosition,
): readonly Reentry[] | null {
  const { call, neutral } = session
  if (call.state !== 'lost') return null
  let anchor = Math.max(call.from, call.until) as TickPosition
  for (;;) {
    const ways = waysFrom(call, prepared, anchor, neutral)
    const [first] = ways
    if (!first || position < first.at - TOO_NEAR_TICKS) return ways
    anchor = Math.max(first.at - TOO_NEAR_TICKS, anchor + 1) as TickPosition
  }
}

/** Ways back in are searched: those of one moment once. */
const searched = memoised((_: Call) => new Map<string, readonly Reentry[]>())

function waysFrom(
  call: Extract<Call, { state: 'lost' }>,
  prepared: PreparedCall,
  anchor: TickPosition,
  neutral: boolean,
): readonly Reentry[] {
  const known = searched(call)
  const key = `${anchor} ${prepared.speed} ${neutral}`
  const before = known.get(key)
  if (before) return before
  const { passes } = prepared.written.timeline
  const ways = reentries(prepared, call.couple, anchor, {
    lostFrom: call.from,
    isWanted: ({ pass, slot }) => !neutral || slot === passes[pass]!.slots[0],
  })
  known.set(key, ways)
  return ways
}

/** The figure that is danced at a position. */
export const slotAt = (prepared: PreparedCall, position: TickPosition): DancedSlot | null =>
  spanAt(prepared.sheet.timeline.slots, position)

/**
 * Where the ways back in that stand by are worked out anew: the figure and the bar.
 *
 * @param call The call as it is at the moment of `position`.
 */
export function standbyPlace(
  { state }: Call,
  prepared: PreparedCall,
  position: TickPosition,
): TickPosition | null {
  const slot = state === 'running' || state === 'ending' ? slotAt(prepared, position) : null
  if (!slot) return null
  const bar = ticksPerBar(prepared.sheet.routine.metre)
  return Math.max(slot.start, Math.floor(position / bar) * bar) as TickPosition
}

/**
 * While all is well: the ways back in, should they be lost at a place that `standbyPlace` gave.
 * None of them moves within a bar.
 */
export const standbyAt = (prepared: PreparedCall, place: TickPosition): readonly Reentry[] =>
  reentries(prepared, coupleBefore(prepared, place), place, { lostFrom: Math.floor(place) })

/** They stand as they stood before the figure that went wrong. */
export const coupleBefore = (prepared: PreparedCall, position: TickPosition) =>
  slotAt(prepared, position)?.before ?? coupleAt(prepared, position) ?? prepared.sheet.routine.start

/** What comes with the way back in that was taken last, until it is there. */
export interface Coming {
  readonly slot: DancedSlot
  readonly at: Tick
  readonly link: Link | null
}
/** The figure that the dance goes on with after a turn, until it begins; null where none is. */
export function comingAt(
  { coming }: Session,
  { sheet, course }: PreparedCall,
  position: TickPosition,
): Coming | null {
  if (coming === null || position >= coming) return null
  const slot = sheet.timeline.slots.find(({ start }) => start === coming)
  const leg = course.legs.find(({ at }) => at === coming)
  const link = leg?.link === undefined ? null : linkBefore(sheet, coming)
  return slot ? { slot, at: coming, link } : null
}

function linkBefore(sheet: Sheet, at: Tick): Link | null {
  const slot = sheet.timeline.slots.find(({ end }) => end === at)
  return slot?.figure && slot.danced
    ? { figure: slot.figure, variation: slot.danced.variation, lengthTicks: slot.lengthTicks }
    : null
}

/** What the last key did, as long as it is said. */
export const toldAt = ({ told }: Session, position: TickPosition): ToldTurn | null =>
  told && position < told.until ? told : null

/** What waits for the key: the first that is danced after it. */
export function waitingSlot({ course, written }: PreparedCall): DancedSlot | null {
  const [next] = course.waiting
  return next ? (written.timeline.passes[next.pass]!.slots[next.from] ?? null) : null
}

/** Ticks of the whole count-in. */
export const countInTicks = ({ countIn }: PreparedCall): number => -(countIn[0]?.at ?? 0)

/** The word that is counted: before the first step, or before the place this was begun at. */
export function countInWordAt(
  session: Session,
  { countIn }: PreparedCall,
  position: TickPosition,
): CountInWord | null {
  const isCounting = session.call.state === 'counting-in'
  const origin = isCounting ? (session.countIn.startedAt ?? 0) : 0
  const at = position - origin
  return countIn.find((word) => at >= word.at && at < word.at + word.lengthTicks) ?? null
}
