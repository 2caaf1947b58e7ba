import type { CoupleState } from '../figure/index.ts'
import type { Seconds, Tick } from '../time/index.ts'
import type { Course } from './course.ts'

/** Where the music is: standing at a place, or sounding since a moment of the caller's clock. */
interface Still {
  /** Seconds of the recording. */
  readonly music: Seconds
  readonly speed: number
}
interface Sounding extends Still {
  readonly since: number
}

/** What is danced tonight, and what was before the last change of it, for a key that was wrong. */
interface Danced {
  /** Null: as it is written. */
  readonly course: Course | null
  readonly before: Before | null
}
interface Before extends Danced {
  readonly how: How
}

/** How the dance is going while the music sounds. */
type How =
  | { readonly state: 'running' }
  /** The music goes on and no cue is given; the tick from which it is so. */
  | { readonly state: 'holding'; readonly from: Tick }
  /** What is danced goes on until a key is pressed. */
  | { readonly state: 'free-time'; readonly from: Tick }
  /**
   * The floor stands in a way that the dance does not have it in. `until`: the tick at which what
   * it dances now is over.
   */
  | {
      readonly state: 'lost'
      readonly from: Tick
      readonly couple: CoupleState
      readonly until: Tick
    }
  | { readonly state: 'ending' }

/**
 * A call as a value: `stepCall(call, event) -> call`, each event with its own time on the caller's
 * clock in seconds. There is no clock inside: where the music is follows from the call and a time,
 * and the same events give the same call.
 */
export type Call =
  | (Danced & Still & { readonly state: 'waiting' | 'paused' | 'ended' })
  | (Danced & Sounding & { readonly state: 'counting-in' })
  | (Danced & Sounding & How)

/** Why the dance takes another course. */
export type Turn = 'rejoin' | 'release' | 'again' | 'restart' | 'skip' | 'end-soon' | 'go-on'

export type CallEvent =
  /** Begins at the call's place. The music sounds `countInSeconds` later. */
  | { readonly type: 'start'; readonly at: number; readonly countInSeconds: number }
  | { readonly type: 'pause'; readonly at: number }
  /**
   * Goes to another place in the music, running on if it was running; from the top, the dance is
   * again as it is written.
   */
  | { readonly type: 'seek'; readonly at: number; readonly music: Seconds; readonly fromTop?: true }
  | { readonly type: 'speed'; readonly at: number; readonly speed: number }
  /**
   * The band is heard at a place of the music, at a speed: by a tap, a landmark or a nudge.
   * `error`: beats it was off by.
   */
  | {
      readonly type: 'heard'
      readonly at: number
      readonly by: 'tap' | 'landmark' | 'nudge'
      readonly music: Seconds
      readonly speed: number
      readonly error: number
    }
  | { readonly type: 'hold'; readonly at: number; readonly from: Tick }
  | { readonly type: 'free'; readonly at: number; readonly from: Tick }
  | {
      readonly type: 'lose'
      readonly at: number
      readonly from: Tick
      readonly couple: CoupleState
      readonly until: Tick
      /** Nobody knows how they stand: they come in where the dance itself begins. */
      readonly neutral?: true | undefined
    }
  /** As if nothing had been: the dance goes on where the music is. */
  | { readonly type: 'carry-on'; readonly at: number }
  /** The dance takes another course. */
  | {
      readonly type: 'turn'
      readonly at: number
      readonly turn: Turn
      readonly course: Course
      /** Where the other course begins. */
      readonly tick?: Tick | undefined
    }
  /** The last turn was the wrong key. */
  | { readonly type: 'take-back'; readonly at: number }
  /** The last part has begun. */
  | { readonly type: 'ending'; readonly at: number }
  | { readonly type: 'end'; readonly at: number }
  | Told

/**
 * What changes nothing about the music or the dance, and is told for the log and for what the
 * lectern shows.
 */
type Told =
  /** A cue whose moment came. `due`: the moment on the clock that it was planned for. */
  | {
      readonly type: 'cue'
      readonly at: number
      readonly key: string
      readonly text: string
      readonly tick: Tick
      readonly due?: number | undefined
    }
  /** The cuer marked the place, to look at it afterwards. */
  | { readonly type: 'mark'; readonly at: number; readonly tick: Tick }
  /** A cue waits for the key: nobody knows its moment beforehand. */
  | { readonly type: 'by-hand'; readonly at: number; readonly key: string }
  /** Such a cue was let go: its step has passed. */
  | { readonly type: 'unsaid'; readonly at: number; readonly key: string }
  /** It is asked what the dancers danced, what the cuer called, or how the dance goes on. */
  | { readonly type: 'asked'; readonly at: number; readonly what: 'floor' | 'cuer' | 'go-on' }
  | { readonly type: 'unasked'; readonly at: number }
  /** A turn was wanted and is not possible here. */
  | { readonly type: 'not-possible'; readonly at: number; readonly turn: Turn }
  /** A stretch is danced again and again from now on, or no longer. */
  | {
      readonly type: 'loop'
      readonly at: number
      readonly span: { readonly start: Tick; readonly end: Tick } | null
    }
  /** A tap that was not believed. `error`: beats it was off by. */
  | {
      readonly type: 'tap'
      readonly at: number
      readonly error: number
      readonly taken: 'double' | 'stray'
    }
  | { readonly type: 'tap-unit'; readonly at: number; readonly unit: TapUnit }
  /** What is sent is heard so many seconds later, from now on. */
  | { readonly type: 'delay'; readonly at: number; readonly seconds: number }

/** What is tapped. */
export type TapUnit = 'beat' | 'bar' | 'phrase'

export const LEAST_SPEED = 0.5
export const MOST_SPEED = 1.5
/** A band may be followed a little further than music is played. */
const BAND_SPEEDS = [0.4, 2] as const

/**
 * A call that has not begun: the music waits at its place.
 *
 * @param speed Of the recording, 0.5 to 1.5.
 */
export const newCall = (music: Seconds, speed = 1): Call => ({
  state: 'waiting',
  music,
  speed,
  course: null,
  before: null,
})

/**
 * Where the music is at a time, in seconds of the recording. While counting in it is before the
 * place it will start at.
 *
 * @param at Moment of the clock, in seconds.
 */
export const musicAt = (call: Call, at: number): Seconds =>
  isMoving(call) ? ((call.music + (at - call.since) * call.speed) as Seconds) : call.music

/** Whether sound is, or is about to be, coming. */
export const isMoving = (call: Call): call is Extract<Call, Sounding> => 'since' in call

/** Whether cues are given: not while the dance waits for a key. */
export const isCueing = (call: Call): boolean =>
  call.state === 'running' ||
  call.state === 'counting-in' ||
  call.state === 'ending' ||
  call.state === 'free-time'

/**
 * The call as it is at a time: counting in becomes running by itself.
 *
 * @param at Moment of the clock, in seconds.
 */
export function settle(call: Call, at: number): Call {
  return call.state === 'counting-in' && at >= call.since ? { ...call, state: 'running' } : call
}

/** One event later. Events that mean nothing in a state leave the call as it is. */
export function stepCall(earlier: Call, event: CallEvent): Call {
  const call = settle(earlier, event.at)
  switch (event.type) {
    case 'start':
    case 'pause':
    case 'seek':
    case 'speed':
    case 'heard':
    case 'end':
      return stepMusic(call, event)
    case 'hold':
    case 'free':
    case 'lose':
    case 'carry-on':
    case 'turn':
    case 'take-back':
    case 'ending':
      return isMoving(call) && call.state !== 'counting-in' ? stepDance(call, event) : call
    default:
      return call
  }
}

type MusicEvent = Extract<
  CallEvent,
  { type: 'start' | 'pause' | 'seek' | 'speed' | 'heard' | 'end' }
>

function stepMusic(call: Call, event: MusicEvent): Call {
  const { course, before, speed } = call
  const still = (state: 'waiting' | 'paused' | 'ended', music: Seconds): Call => ({
    state,
    music,
    speed,
    course,
    before,
  })
  switch (event.type) {
    case 'start':
      if (isMoving(call)) return call
      return {
        state: event.countInSeconds > 0 ? 'counting-in' : 'running',
        music: call.music,
        since: event.at + event.countInSeconds,
        speed,
        course,
        before,
      }
    case 'pause':
      if (!isMoving(call)) return call
      // Stopped while counting in: nothing has sounded yet, so the place is still the place.
      return still('paused', call.state === 'counting-in' ? call.music : musicAt(call, event.at))
    case 'seek': {
      const danced = event.fromTop ? { course: null, before: null } : { course, before }
      if (isMoving(call))
        return { state: 'running', music: event.music, since: event.at, speed, ...danced }
      // After the end it waits to begin anew, on the course that it took.
      if (call.state === 'ended')
        return { ...still('waiting', event.music), ...danced, before: null }
      return { ...still(call.state === 'waiting' ? 'waiting' : 'paused', event.music), ...danced }
    }
    case 'speed': {
      const next = Math.min(MOST_SPEED, Math.max(LEAST_SPEED, event.speed))
      return isMoving(call) && call.state !== 'counting-in'
        ? { ...call, music: musicAt(call, event.at), since: event.at, speed: next }
        : { ...call, speed: next }
    }
    case 'heard': {
      const next = Math.min(BAND_SPEEDS[1], Math.max(BAND_SPEEDS[0], event.speed))
      if (isMoving(call) && call.state !== 'counting-in')
        return { ...call, music: event.music, since: event.at, speed: next }
      return { state: 'running', music: event.music, since: event.at, speed: next, course, before }
    }
    case 'end':
      return still('ended', musicAt(call, event.at))
  }
}

type Dancing = Extract<Call, Sounding & How>
type DanceEvent = Exclude<CallEvent, MusicEvent | Told>

function stepDance(call: Dancing, event: DanceEvent): Call {
  const sounding = { music: call.music, since: call.since, speed: call.speed }
  const danced = { course: call.course, before: call.before }
  switch (event.type) {
    case 'hold':
      return call.state === 'lost' || call.state === 'holding'
        ? call
        : { ...sounding, ...danced, state: 'holding', from: event.from }
    case 'free':
      return call.state === 'running'
        ? { ...sounding, ...danced, state: 'free-time', from: event.from }
        : call
    case 'lose':
      return {
        ...sounding,
        ...danced,
        state: 'lost',
        from: event.from,
        couple: event.couple,
        until: event.until,
      }
    case 'carry-on':
      return call.state === 'lost' || call.state === 'holding'
        ? { ...sounding, ...danced, state: 'running' }
        : call
    case 'turn':
      return {
        ...sounding,
        course: event.course,
        before: { ...danced, how: howOf(call) },
        state: event.turn === 'end-soon' ? 'ending' : 'running',
      }
    case 'take-back':
      return call.before
        ? {
            ...sounding,
            ...call.before.how,
            course: call.before.course,
            before: call.before.before,
          }
        : call
    case 'ending':
      return call.state === 'running' ? { ...sounding, ...danced, state: 'ending' } : call
  }
}

function howOf(call: Dancing): How {
  switch (call.state) {
    case 'lost':
      return { state: 'lost', from: call.from, couple: call.couple, until: call.until }
    case 'holding':
    case 'free-time':
      return { state: call.state, from: call.from }
    default:
      return { state: call.state }
  }
}
