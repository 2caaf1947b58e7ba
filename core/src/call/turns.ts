import { LEVELS, type DancedFigure, type Figure, type CoupleState } from '../figure/index.ts'
import { stateAt } from '../sheet/index.ts'
import { TICKS_PER_BEAT, ticksPerBar, type Tick, type TickPosition } from '../time/index.ts'
import {
  courseEnd,
  courseThen,
  isReleased,
  layStretches,
  legEnd,
  restFrom,
  stretchTicks,
  type Course,
  type Leg,
} from './course.ts'
import { freeFigures, legalAfter } from './freeFigures.ts'
import type { PreparedCall } from './prepare.ts'
import { courseFrom, linesAfter } from './reentry.ts'
import { begins, restToEnd, type Rest } from './rest.ts'
import { standsAs } from './standing.ts'

/** Another course for the rest of the dance, from a tick on, with what it costs. */
export interface CourseTurn {
  readonly at: Tick
  readonly course: Course
  readonly rest: Rest
}

/** A cue for what comes is given at least so long before: nothing is turned to sooner. */
const NOTICE_BEATS = 4

/**
 * How the floor stands at a tick as the dance goes on until then; null before and after it.
 *
 * @param at Tick of the dance.
 */
export function coupleAt({ sheet }: PreparedCall, at: number): CoupleState | null {
  const place = stateAt(sheet.timeline, sheet.phrases, Math.max(0, Math.floor(at)) as Tick)
  return place?.state ?? null
}

/**
 * The leg that is danced at a position, or the last before it.
 *
 * @param at Tick of the dance.
 */
export const legAt = ({ course }: Pick<PreparedCall, 'course'>, at: number): Leg | null =>
  course.legs.findLast((leg) => leg.at <= Math.max(0, at)) ?? null

const noticeFrom = (at: number): number => at + NOTICE_BEATS * TICKS_PER_BEAT

/**
 * The time through that is being danced, once more behind itself; null where they would not stand
 * as it begins.
 */
export function oneMore(call: PreparedCall, at: TickPosition): CourseTurn | null {
  const leg = legAt(call, at)
  if (!leg) return null
  const end = passEnd(call, leg)
  const state = coupleAt(call, end - 1) && afterLeg(call, leg)
  return state && end >= noticeFrom(at) && begins(call.written, leg.pass, state)
    ? turnAt(call, leg.pass, 0, end, state)
    : null
}

/**
 * The next time through left out: behind this one comes the first after it that can be begun as
 * they then stand.
 */
export function skipNext(call: PreparedCall, at: TickPosition): CourseTurn | null {
  const leg = legAt(call, at)
  if (!leg) return null
  const end = passEnd(call, leg)
  const state = afterLeg(call, leg)
  const next = call.written.timeline.passes.findIndex(
    (_, pass) => pass > leg.pass + 1 && begins(call.written, pass, state),
  )
  return next < 0 || end < noticeFrom(at) ? null : turnAt(call, next, 0, end, state)
}

/**
 * This time through from its beginning, at the next phrase at which they stand as it begins; a
 * phrase start that is too near to be told is passed by.
 */
export function startOver(call: PreparedCall, at: TickPosition): CourseTurn | null {
  const leg = legAt(call, at)
  if (!leg) return null
  for (const line of linesAfter(call.written, noticeFrom(at))) {
    const state = coupleAt(call, line.start) ?? afterLeg(call, call.course.legs.at(-1)!)
    if (begins(call.written, leg.pass, state)) return turnAt(call, leg.pass, 0, line.start, state)
  }
  return null
}

/**
 * What still fits, then the ending: behind this time through, or the first after it at whose end
 * they stand as the ending begins.
 */
export function endSoon(call: PreparedCall, at: TickPosition): CourseTurn | null {
  const { written, course } = call
  const { passes } = written.timeline
  const ending = passes.at(-1)?.pass.kind === 'ending' ? passes.length - 1 : null
  const legs = course.legs.filter((leg) => legEnd(written, leg) >= noticeFrom(at))
  for (const leg of legs) {
    const end = passEnd(call, leg)
    if (ending === null)
      return {
        at: end,
        course: courseThen(written, course, end, { legs: [], waiting: [] }),
        rest: { stretches: [], dropped: droppedAfter(call, leg), repeated: [], overTicks: null },
      }
    if (leg.pass === ending) return null
    const state = afterLeg(call, leg)
    if (!begins(written, ending, state)) continue
    const stretches = restFrom(written, ending, 0)
    return {
      at: end,
      course: courseThen(written, course, end, layStretches(written, stretches, end)),
      rest: {
        stretches,
        dropped: droppedAfter(call, leg).filter((pass) => pass !== ending),
        repeated: [],
        overTicks: null,
      },
    }
  }
  return null
}

const droppedAfter = ({ course }: PreparedCall, leg: Leg): number[] =>
  course.legs.slice(course.legs.indexOf(leg) + 1).map(({ pass }) => pass)

/**
 * How a dance goes on after its end: from the top, the last time through, or an easy figure on and
 * on to cool down.
 */
export interface GoOn extends CourseTurn {
  readonly kind: 'whole' | 'last' | 'cool-down'
  readonly figure: Figure | null
}

/**
 * Ways to go on where the music does after the dance is over: the whole again, the last time
 * through again, an easy figure until it ends.
 */
export function goOn(call: PreparedCall, at: TickPosition): GoOn[] {
  const { written, course } = call
  const last = course.legs.at(-1)
  if (!last) return []
  const state = afterLeg(call, last)
  const end = courseEnd(written, course)
  const line = end >= noticeFrom(at) ? end : (linesAfter(written, noticeFrom(at))[0]?.start ?? null)
  if (line === null) return []
  const kinds = [['whole', 0] as const, ['last', last.pass] as const]
  const again = kinds.flatMap(([kind, pass]): GoOn[] =>
    begins(written, pass, state)
      ? [{ kind, figure: null, ...turnAt(call, pass, 0, line, state, kind === 'last') }]
      : [],
  )
  const easy = coolDown(call, line, state)
  return easy ? [...again, easy] : again
}

/** Bars of cooling down where the music's end is not known. */
const COOL_DOWN_BARS = 16

/**
 * The easiest figure of the dance that can be danced on and on from how they stand, until the music
 * ends.
 */
function coolDown(call: PreparedCall, from: Tick, state: CoupleState): GoOn | null {
  const { written, course } = call
  const { dance, metre } = written.routine
  const used = new Set(written.timeline.slots.flatMap(({ figure }) => (figure ? [figure.id] : [])))
  const easy = freeFigures(
    written.book.values(),
    dance,
    ({ cautions }) => cautions.length === 0,
  ).filter((danced) => {
    const after = legalAfter(state, danced)
    return after !== null && standsAs(written.routine, state, after)
  })
  const rank = ({ figure }: DancedFigure): number =>
    LEVELS.indexOf(figure.level) * 2 + (used.has(figure.id) ? 0 : 1)
  const pace = ({ steps, lengthTicks }: DancedFigure): number => steps.lead.length / lengthTicks
  const [best] = easy.sort(
    (a, b) =>
      rank(a) - rank(b) || pace(a) - pace(b) || a.figure.name.localeCompare(b.figure.name, 'en'),
  )
  if (!best) return null
  const until =
    written.musicEnd !== null && written.musicEnd > from
      ? written.musicEnd
      : from + COOL_DOWN_BARS * ticksPerBar(metre)
  const times = Math.floor((until - from) / best.lengthTicks)
  if (times < 1) return null
  const { pass } = course.legs.at(-1)!
  // A leg without slots of its own, behind a linking figure: that figure alone.
  const legs = Array.from({ length: times }, (_, n): Leg => ({
    pass,
    from: 0,
    to: 0,
    link: best.figure.id,
    at: (from + (n + 1) * best.lengthTicks) as Tick,
    ...(n === 0 ? { entry: state } : {}),
  }))
  return {
    kind: 'cool-down',
    figure: best.figure,
    at: from,
    rest: { stretches: [], dropped: [], repeated: [], overTicks: null },
    course: courseThen(written, course, from, { legs, waiting: [] }),
  }
}

/**
 * The key that lets the dance go on: behind the unit of a fill in which it is pressed (its least
 * number danced), at the next bar after open counts, and after a hold at the first phrase start
 * that leaves time to say it.
 */
export function release(
  call: PreparedCall,
  at: TickPosition,
  held: Tick | null,
): CourseTurn | null {
  return held === null ? releaseWaiting(call, at) : afterHold(call, at, held)
}

function releaseWaiting(call: PreparedCall, at: TickPosition): CourseTurn | null {
  const { written, course } = call
  const [next] = course.waiting
  const leg = legAt(call, at)
  if (!next || !leg) return null
  const bar = ticksPerBar(written.routine.metre)
  const end = isReleased(written, leg.pass)
    ? unitEnd(call, leg, at)
    : Math.max(courseEnd(written, course), Math.ceil(noticeFrom(at) / bar) * bar)
  const state = afterLeg(call, leg)
  return withRest(call, end as Tick, restToEnd(written, { ...next, at: end as Tick }), state)
}

/**
 * The end of the first unit that is over late enough to say what comes, the least number of units
 * danced.
 */
function unitEnd({ written, course }: PreparedCall, leg: Leg, at: number): number {
  const units = course.legs.filter(
    ({ pass }) => written.timeline.passes[pass]!.pass === written.timeline.passes[leg.pass]!.pass,
  )
  const least =
    units[Math.max(0, written.timeline.passes[leg.pass]!.pass.fill!.min - 1)] ?? units.at(-1)!
  const ends = units
    .map((unit) => legEnd(written, unit))
    .filter((end) => end >= legEnd(written, least))
  return ends.find((end) => end >= at + bestNotice(leg, written)) ?? ends.at(-1)!
}

/** Half a unit of a fill is notice enough where the unit is short. */
const bestNotice = (leg: Leg, written: PreparedCall['written']): number =>
  Math.min(NOTICE_BEATS * TICKS_PER_BEAT, stretchTicks(written, leg) / 2)

/**
 * What begins the first phrase after the hold, at the first phrase from now on of the same length.
 */
function afterHold(call: PreparedCall, at: TickPosition, held: Tick): CourseTurn | null {
  const { written, sheet } = call
  const slot = sheet.timeline.slots.find(
    ({ start }) => start >= held && sheet.phrases.some((phrase) => phrase.start === start),
  )
  if (!slot) return null
  if (slot.start >= noticeFrom(at))
    return {
      at: slot.start,
      course: call.course,
      rest: { stretches: [], dropped: [], repeated: [], overTicks: null },
    }
  const phrase = sheet.phrases.find(({ start }) => start === slot.start)!
  const line = linesAfter(written, noticeFrom(at)).find(
    ({ start, end }) => end - start === phrase.end - phrase.start,
  )
  const place = line && placeOf(call, slot.start)
  return place
    ? {
        at: line.start,
        ...courseFrom(call, {
          ...place,
          at: line.start,
          state: slot.before,
          link: null,
          leftAt: slot.start,
        }),
      }
    : null
}

/** Which written slot is danced from a tick on. */
function placeOf(
  { written, course }: PreparedCall,
  at: Tick,
): { readonly pass: number; readonly from: number } | null {
  for (const leg of course.legs) {
    const { slots } = written.timeline.passes[leg.pass]!
    const from = slots.findIndex(
      (slot, i) =>
        i >= leg.from && i < leg.to && leg.at + slot.start - slots[leg.from]!.start === at,
    )
    if (from >= 0) return { pass: leg.pass, from }
  }
  return null
}

/**
 * Where the time through that a leg belongs to is over: a leg that was cut off or split goes on in
 * the next.
 */
function passEnd({ written, course }: PreparedCall, leg: Leg): Tick {
  const own = course.legs.slice(course.legs.indexOf(leg))
  let last = leg
  for (const next of own.slice(1)) if (next.pass === last.pass && next.from === last.to) last = next
  return legEnd(written, last)
}

/** How the floor stands behind a leg, on the course as it is. */
function afterLeg({ sheet, course, written }: PreparedCall, leg: Leg): CoupleState {
  return (
    sheet.timeline.passes[course.legs.indexOf(leg)]?.slots.at(-1)?.after ?? written.routine.start
  )
}

function turnAt(
  call: PreparedCall,
  pass: number,
  from: number,
  at: Tick,
  state: CoupleState,
  isAsItIs = false,
): CourseTurn {
  if (!isAsItIs)
    return { at, ...courseFrom(call, { pass, from, at, state, link: null, leftAt: at }) }
  const stretches = restFrom(call.written, pass, from)
  return {
    at,
    rest: { stretches, dropped: [], repeated: [pass], overTicks: null },
    course: courseThen(call.written, call.course, at, layStretches(call.written, stretches, at)),
  }
}

function withRest(call: PreparedCall, at: Tick, rest: Rest, state: CoupleState): CourseTurn {
  const laid = layStretches(call.written, rest.stretches, at)
  const [first, ...more] = laid.legs
  const fits =
    first &&
    standsAs(
      call.written.routine,
      call.written.timeline.passes[first.pass]!.slots[first.from]?.before ?? state,
      state,
    )
  return {
    at,
    rest,
    course: courseThen(call.written, call.course, at, {
      ...laid,
      legs: first ? [fits ? { ...first, entry: state } : first, ...more] : [],
    }),
  }
}
