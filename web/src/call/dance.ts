import {
  courseChange,
  endSoon,
  coupleAt,
  goOn,
  isMoving,
  isReleased,
  legAt,
  oneMore,
  othersAt,
  reentries,
  release,
  skipNext,
  startOver,
  type Course,
  type CourseChange,
  type CourseTurn,
  type OtherDanced,
  type PreparedCall,
  type Reentry,
  type Turn,
} from '@dellop/core/call'
import type { CoupleState } from '@dellop/core/figure'
import type { DancedSlot } from '@dellop/core/routine'
import {
  spanAt,
  TICKS_PER_BEAT,
  ticksPerBar,
  type Tick,
  type TickPosition,
} from '@dellop/core/time'
import { computed, shallowRef } from 'vue'
import type { LecternParts } from './parts.ts'

/**
 * What is asked of the cuer: which of these the floor danced, or how the dance is to go on after
 * its end.
 */
export type Asked =
  | {
      readonly what: 'other'
      readonly whose: 'floor' | 'cuer'
      readonly offers: readonly OtherDanced[]
    }
  | { readonly what: 'go-on'; readonly offers: ReturnType<typeof goOn> }

/**
 * What the last key did to the dance, for the line that says so: `none` where it could not be done.
 */
export interface Told extends CourseChange {
  readonly turn: Turn | 'none'
}

/** What a key did is said so long after it has come about. */
const TOLD_BEATS = 12

/**
 * The dance when it goes otherwise than it is written: who is lost comes in again, who waits goes
 * on, and one key takes back the last.
 */
export function useDance({
  sheet,
  clock,
  call,
  prepared,
  position,
  dispatch,
  giveFrom,
  draw,
}: LecternParts) {
  /**
   * The floor has lost its way: the music goes on, no cue is given, and these are the ways back in.
   * Null while all is well.
   */
  const lost = shallowRef<readonly Reentry[] | null>(null)
  /**
   * While all is well: the ways back in, should they lose it now. Worked out anew with every figure
   * and bar, between the frames.
   */
  const standby = shallowRef<readonly Reentry[]>([])
  let standbyFor: { readonly slot: DancedSlot | null; readonly bar: number } = {
    slot: null,
    bar: 0,
  }
  const asked = shallowRef<Asked | null>(null)
  const told = shallowRef<Told | null>(null)
  let toldUntil = 0
  /** The way back in that was taken last, while it is on its way. */
  const coming = shallowRef<{
    readonly slot: DancedSlot
    readonly at: Tick
    readonly link: Reentry['link']
  } | null>(null)
  const here = (): Tick => Math.max(0, Math.floor(position.value)) as Tick
  const canDance = (): boolean => isMoving(call.value) && call.value.state !== 'counting-in'

  const slotNow = (): DancedSlot | null =>
    spanAt(prepared.value.sheet.timeline.slots, position.value)
  /** They stand as they stood before the figure that went wrong. */
  const coupleNow = (): CoupleState =>
    slotNow()?.before ??
    coupleAt(prepared.value, position.value) ??
    prepared.value.sheet.routine.start

  function lose(): void {
    if (!canDance() || call.value.state === 'lost') return
    loseAs(coupleNow(), here(), here())
  }

  function prepareStandby(): void {
    const slot = call.value.state === 'running' || call.value.state === 'ending' ? slotNow() : null
    const bar = Math.floor(position.value / ticksPerBar(prepared.value.sheet.routine.metre))
    if (slot === standbyFor.slot && (slot === null || bar === standbyFor.bar)) return
    const wanted = (standbyFor = { slot, bar })
    if (!slot) {
      standby.value = []
      return
    }
    setTimeout(() => {
      if (standbyFor === wanted)
        standby.value = reentries(prepared.value, coupleNow(), position.value, { lostFrom: here() })
    })
  }

  function loseAs(couple: CoupleState, from: Tick, until: Tick, isNeutral = false): void {
    dispatch({ type: 'lose', at: clock.now(), from, couple, until })
    asked.value = told.value = coming.value = null
    offer(isNeutral)
  }

  /**
   * The ways back in for the floor as it stands. Who nobody knows the standing of comes in where
   * the dance itself begins.
   */
  function offer(isNeutral = false): void {
    if (call.value.state !== 'lost') return
    const { couple, from, until } = call.value
    const { passes } = prepared.value.written.timeline
    const isWanted = ({
      pass,
      slot,
    }: {
      readonly pass: number
      readonly slot: DancedSlot
    }): boolean => !isNeutral || slot === passes[pass]!.slots[0]
    lost.value = reentries(
      prepared.value,
      couple,
      Math.max(position.value, until) as TickPosition,
      {
        lostFrom: from,
        isWanted,
      },
    )
  }

  /** Asks what was danced in place of what is danced now. */
  function ask(whose: 'floor' | 'cuer'): void {
    if (canDance())
      asked.value = {
        what: 'other',
        whose,
        offers: othersAt(prepared.value, position.value, whose),
      }
  }

  /**
   * Takes what was asked by its number; past the last: nobody knows, hold until the next place
   * where all may come in.
   */
  function answer(index: number): void {
    const question = asked.value
    if (question?.what === 'other') {
      const other = question.offers[index]
      if (other) loseAs(other.couple, here(), other.until)
      else if (index === question.offers.length)
        loseAs(prepared.value.written.routine.start, here(), here(), true)
    } else if (question) {
      const turn = question.offers[index]
      if (turn) take('go-on', turn)
    }
  }

  /** As if nothing had been: the dance goes on where the music is. */
  function carryOn(): void {
    asked.value = null
    if (call.value.state !== 'lost' && call.value.state !== 'holding') return
    lost.value = null
    dispatch({ type: 'carry-on', at: clock.now() })
    giveFrom(null)
    draw()
  }

  /**
   * Takes a way back in; one of those that stand by, where nothing was said to be lost: with one
   * key.
   */
  function rejoin(index: number): void {
    const wanted = (lost.value ?? standby.value)[index]
    if (!wanted) return
    lose()
    // A line that has come too near since is waited for once more.
    const way =
      lost.value?.find(({ at, slot }) => at === wanted.at && slot === wanted.slot) ??
      lost.value?.find(({ slot }) => slot === wanted.slot)
    if (!way) return
    turnTo('rejoin', way.course, way.at)
    coming.value = { slot: way.slot, at: way.at, link: way.link }
  }

  function take(turn: Turn, to: CourseTurn | null): void {
    asked.value = null
    if (to) turnTo(turn, to.course, to.at)
    else {
      told.value = { turn: 'none', dropped: [], repeated: [] }
      toldUntil = here() + TOLD_BEATS * TICKS_PER_BEAT
    }
  }

  function turnTo(turn: Turn, course: Course, at: Tick): void {
    const before = prepared.value.course
    lost.value = null
    dispatch({ type: 'turn', at: clock.now(), turn, course })
    told.value = { turn, ...courseChange(sheet, before, course) }
    toldUntil = at + TOLD_BEATS * TICKS_PER_BEAT
    giveFrom(at)
    draw()
  }

  /** The last key was the wrong one: all is as before it. */
  function takeBack(): void {
    if (!call.value.before) return
    dispatch({ type: 'take-back', at: clock.now() })
    coming.value = told.value = null
    lost.value = null
    if (call.value.state === 'lost') offer()
    giveFrom(null)
    draw()
  }

  /** Cues wait, the music goes on; pressed again they go on with the next phrase. */
  function hold(): void {
    if (call.value.state === 'holding') return letGo()
    if (!canDance() || call.value.state === 'lost') return
    dispatch({ type: 'hold', at: clock.now(), from: here() })
    asked.value = told.value = null
  }

  /** What waits for a key goes on. */
  function letGo(): void {
    const held = call.value.state === 'holding' ? call.value.from : null
    const to = release(prepared.value, position.value, held)
    if (!to && held !== null) return carryOn()
    if (to && to.course === prepared.value.course) return carryOn()
    take('release', to)
  }

  /** The one key where the dance waits for one; false where it does not. */
  function takeFirst(): boolean {
    if (asked.value) {
      answer(0)
      return true
    }
    if (lost.value) {
      if (lost.value.length > 0) rejoin(0)
      else carryOn()
      return true
    }
    if (call.value.state !== 'holding' && call.value.state !== 'free-time') return false
    letGo()
    return true
  }

  /** Looks whether the dance has come to a place at which something changes by itself. */
  function look(at: TickPosition): void {
    if (coming.value && at >= coming.value.at) coming.value = null
    if (told.value && at >= toldUntil) told.value = null
    prepareStandby()
    if (!canDance()) return
    const { state } = call.value
    if (state === 'running' && waitsAt(prepared.value, at))
      dispatch({ type: 'free', at: clock.now(), from: here() })
    // As often as a fill may be danced: then it goes on by itself.
    if (call.value.state === 'free-time' && mustGoOn(prepared.value, at)) letGo()
    if (state === 'running' && isEnding(prepared.value, at))
      dispatch({ type: 'ending', at: clock.now() })
    // Nobody waits for a line that has passed: the ways back in are worked out again.
    if (lost.value?.[0] && at >= lost.value[0].at - TICKS_PER_BEAT) offer()
  }

  function forget(): void {
    lost.value = asked.value = coming.value = told.value = null
  }

  /** What waits for the key: the first that is danced after it. */
  const waiting = computed((): DancedSlot | null => {
    const { course, written } = prepared.value
    const [next] = course.waiting
    return next ? (written.timeline.passes[next.pass]!.slots[next.from] ?? null) : null
  })

  /** What is done is done where the music is now, not where it was drawn last. */
  const now =
    <Args extends readonly unknown[], Result>(act: (...args: Args) => Result) =>
    (...args: Args): Result => {
      draw()
      return act(...args)
    }
  const turn = (to: Turn, find: (call: PreparedCall, at: TickPosition) => CourseTurn | null) =>
    now(() => void (canDance() && take(to, find(prepared.value, position.value))))

  return {
    lost,
    standby,
    asked,
    told,
    coming,
    waiting,
    lose: now(lose),
    ask: now(ask),
    answer: now(answer),
    carryOn: now(carryOn),
    rejoin: now(rejoin),
    takeBack: now(takeBack),
    hold: now(hold),
    letGo: now(letGo),
    takeFirst: now(takeFirst),
    look,
    forget,
    oneMore: turn('again', oneMore),
    startOver: turn('restart', startOver),
    skipNext: turn('skip', skipNext),
    endSoon: turn('end-soon', endSoon),
    askGoOn: now(() => {
      if (canDance()) asked.value = { what: 'go-on', offers: goOn(prepared.value, position.value) }
    }),
  }
}

/**
 * Whether what is danced goes on until a key is pressed: a unit of a fill that is released by hand,
 * or open counts.
 */
function waitsAt({ course, written, sheet }: PreparedCall, at: TickPosition): boolean {
  if (course.waiting.length === 0) return false
  const leg = legAt({ course }, at)
  const isFill = leg !== null && at >= 0 && isReleased(written, leg.pass)
  return isFill || at >= sheet.timeline.lengthTicks
}

function mustGoOn({ course, written, sheet }: PreparedCall, at: TickPosition): boolean {
  const leg = course.legs.at(-1)
  return (
    leg !== undefined &&
    isReleased(written, leg.pass) &&
    at >= leg.at &&
    at < sheet.timeline.lengthTicks
  )
}

/** Whether the last time through has begun. */
const isEnding = ({ sheet: { timeline }, course }: PreparedCall, at: TickPosition): boolean =>
  course.waiting.length === 0 && timeline.passes.length > 1 && at >= timeline.passes.at(-1)!.start
