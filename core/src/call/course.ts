import {
  AS_WRITTEN,
  applyVariation,
  type Figure,
  type CoupleState,
  type Variation,
} from '../figure/index.ts'
import {
  danceElsewhere,
  figureContent,
  freshSlot,
  type DancedPass,
  type DancedSlot,
  type Timeline,
} from '../routine/index.ts'
import { track } from '../floor/index.ts'
import { planAnew, type Sheet } from '../sheet/index.ts'
import type { Tick } from '../time/index.ts'

/**
 * A stretch of the dance as it is written: of one time through, the slots `from` to before `to`.
 * All are numbers in its timeline, from 0.
 */
export interface Stretch {
  readonly pass: number
  readonly from: number
  readonly to: number
}

/** A stretch with its place in the music. */
export interface Leg extends Stretch {
  /** Tick of its first slot. */
  readonly at: Tick
  /** A figure danced right before it, so that they stand as it begins. */
  readonly link?: string
  /** How that figure is danced, where it is not as it is written. */
  readonly linkAs?: Variation
  /** How the floor stands as they come in, where that does not follow from what was danced. */
  readonly entry?: CoupleState
  /** In a set: all have come home before it. */
  readonly home?: true
}

/**
 * The dance as it is called tonight: where each stretch lies in the music, and what waits for a key
 * until it has its place.
 */
export interface Course {
  readonly legs: readonly Leg[]
  readonly waiting: readonly Stretch[]
}

export const stretchTicks = (
  { timeline }: Pick<Sheet, 'timeline'>,
  { pass, from, to }: Stretch,
): number => {
  const { slots } = timeline.passes[pass]!
  return to > from ? slots[to - 1]!.end - slots[from]!.start : 0
}

/** The dance from one of its slots on, as it is written. */
export function restFrom(
  { timeline }: Pick<Sheet, 'timeline'>,
  pass: number,
  from: number,
): Stretch[] {
  return timeline.passes
    .slice(pass)
    .map(({ slots }, i) => ({ pass: pass + i, from: i === 0 ? from : 0, to: slots.length }))
}

/** The whole dance as it is written, each stretch where the sheet has it. */
export function wholeCourse(sheet: Pick<Sheet, 'timeline'>): Course {
  const laid = layStretches(sheet, restFrom(sheet, 0, 0), 0 as Tick)
  // Where a pass is tied to the music it begins at its tie, not where the one before it ends.
  const isOpen = laid.waiting.length > 0 || laid.legs.length !== sheet.timeline.passes.length
  return isOpen
    ? laid
    : {
        legs: laid.legs.map((leg) => ({
          ...leg,
          at: sheet.timeline.passes[leg.pass]!.slots[leg.from]?.start ?? leg.at,
        })),
        waiting: [],
      }
}

/**
 * Lays stretches one after the other from a tick on, until one whose end nobody knows: a fill that
 * is released by hand is laid as often as it may be danced, open counts as their least, and what
 * comes after waits.
 */
export function layStretches(
  sheet: Pick<Sheet, 'timeline'>,
  stretches: readonly Stretch[],
  from: Tick,
): Course {
  const legs: Leg[] = []
  let at = from
  for (const [i, stretch] of stretches.entries()) {
    const { pass, slots } = sheet.timeline.passes[stretch.pass]!
    if (isReleased(sheet, stretch.pass)) {
      const done = legs.filter((leg) => sheet.timeline.passes[leg.pass]!.pass === pass).length
      for (let n = done; n < pass.fill!.max; n++) {
        legs.push({ ...stretch, at })
        at = (at + stretchTicks(sheet, stretch)) as Tick
      }
      return {
        legs,
        waiting: stretches
          .slice(i + 1)
          .filter((one) => sheet.timeline.passes[one.pass]!.pass !== pass),
      }
    }
    const open = slots.findIndex((slot, n) => n >= stretch.from && n < stretch.to && slot.open)
    const laid = open < 0 ? stretch : { ...stretch, to: open + 1 }
    legs.push({ ...laid, at })
    at = (at + stretchTicks(sheet, laid)) as Tick
    if (open >= 0)
      return {
        legs,
        waiting: [
          ...(open + 1 < stretch.to ? [{ ...stretch, from: open + 1 }] : []),
          ...stretches.slice(i + 1),
        ],
      }
  }
  return { legs, waiting: [] }
}

/**
 * Whether a time through is a unit of a fill that goes on until a hand releases it.
 *
 * @param pass Number of the time through, from 0.
 */
export const isReleased = ({ timeline }: Pick<Sheet, 'timeline'>, pass: number): boolean =>
  timeline.passes[pass]!.pass.fill?.until === 'released'

/** Where a leg ends in the music. */
export const legEnd = (sheet: Pick<Sheet, 'timeline'>, leg: Leg): Tick =>
  (leg.at + stretchTicks(sheet, leg)) as Tick
/** Where all that has its place ends. */
export const courseEnd = (sheet: Pick<Sheet, 'timeline'>, { legs }: Course): Tick =>
  legs.length > 0 ? legEnd(sheet, legs.at(-1)!) : (0 as Tick)

/** What was danced before a tick, a slot that it falls into with it. */
export function courseBefore(
  { timeline }: Pick<Sheet, 'timeline'>,
  { legs }: Course,
  at: number,
): Leg[] {
  return legs.flatMap((leg): Leg[] => {
    const { slots } = timeline.passes[leg.pass]!
    const origin = slots[leg.from]?.start ?? (0 as Tick)
    const to =
      slots.slice(leg.from, leg.to).filter((slot) => leg.at + slot.start - origin < at).length +
      leg.from
    return leg.at < at && (to > leg.from || leg.link !== undefined) ? [{ ...leg, to }] : []
  })
}

/** The course with another rest from a tick on. */
export const courseThen = (
  sheet: Pick<Sheet, 'timeline'>,
  course: Course,
  at: number,
  rest: Course,
): Course => ({ legs: [...courseBefore(sheet, course, at), ...rest.legs], waiting: rest.waiting })

/**
 * The timeline of a course: every slot danced where it lies, from the state in which it finds the
 * floor.
 */
export function courseTimeline(
  sheet: Pick<Sheet, 'timeline' | 'routine' | 'book'>,
  { legs, waiting }: Course,
): Timeline {
  const seen = new Map<string, number>()
  const key = (own: string): string => {
    const times = (seen.get(own) ?? 0) + 1
    seen.set(own, times)
    return times === 1 ? own : `${own}~${times}`
  }
  const counts = new Map<string, number>()
  let state = sheet.timeline.slots[0]?.before ?? sheet.routine.start
  const passes = legs.map((leg): CoursePass => {
    const written = sheet.timeline.passes[leg.pass]!
    state = leg.entry ?? state
    const link = leg.link === undefined ? null : linkSlot(sheet, leg, state, key)
    state = link?.after ?? state
    let at = leg.at
    const slots = written.slots.slice(leg.from, leg.to).map((slot) => {
      const danced = danceElsewhere(slot, { key: key(slot.key), start: at, before: state })
      at = danced.end
      state = danced.after
      return danced
    })
    const all = link ? [link, ...slots] : slots
    const ordinal =
      (counts.get(written.part.id) ?? 0) +
      ((leg.from === 0 && leg.to > 0) || !counts.has(written.part.id) ? 1 : 0)
    counts.set(written.part.id, ordinal)
    return {
      ...written,
      key: key(written.key),
      ordinal,
      start: all[0]?.start ?? leg.at,
      end: at,
      slots: all,
      tiedAt: written.start === leg.at ? written.tiedAt : null,
      startIsOpen: false,
    }
  })
  cutOff(passes)
  const lengthTicks = passes.at(-1)?.end ?? (0 as Tick)
  return {
    passes: passes.map((pass) => ({ ...pass, ordinals: counts.get(pass.part.id)! })),
    slots: passes.flatMap(({ slots }) => slots),
    lengthTicks,
    openFrom: waiting.length > 0 ? lengthTicks : null,
  }
}

type CoursePass = Omit<DancedPass, 'ordinals' | 'slots' | 'end'> & {
  slots: readonly DancedSlot[]
  end: Tick
}

/** What was left in the middle lasted only until they came in again. */
function cutOff(passes: readonly CoursePass[]): void {
  passes.forEach((pass, i) => {
    const until = passes[i + 1]?.start ?? Infinity
    if (pass.end <= until) return
    pass.slots = pass.slots.map((slot) =>
      slot.end > until
        ? { ...slot, end: until as Tick, lengthTicks: (until - slot.start) as Tick }
        : slot,
    )
    pass.end = until as Tick
  })
}

/** A figure danced between what went wrong and what they come in with. */
export interface Link {
  readonly figure: Figure
  readonly variation: Variation
  readonly lengthTicks: number
}

/** The linking figure of a leg, ending as that begins. */
function linkSlot(
  { book }: Pick<Sheet, 'book'>,
  { link, linkAs = AS_WRITTEN, at }: Leg,
  before: CoupleState,
  key: (own: string) => string,
): DancedSlot | null {
  const figure = link === undefined ? undefined : book.get(link)
  return figure
    ? dancedLink({ figure, variation: linkAs }, { end: at, before, key: key('link') })
    : null
}

/**
 * A linking figure as it is danced, up to a tick and from a state; null where it cannot be danced
 * so.
 */
export function dancedLink(
  { figure, variation }: Pick<Link, 'figure' | 'variation'>,
  { end, before, key }: { readonly end: Tick; readonly before: CoupleState; readonly key: string },
): DancedSlot | null {
  const danced = applyVariation(figure, variation)
  if (!danced.ok) return null
  const { lengthTicks } = danced.value
  const content = figureContent(figure.id, variation)
  const plain = {
    key: '',
    passId: '',
    partId: '',
    slot: freshSlot('link', content),
    changed: true,
    mirrored: false,
    turnedBy: 0 as const,
    figure,
    danced: danced.value,
    problem: null,
    start: 0 as Tick,
    lengthTicks,
    end: lengthTicks,
    open: false,
    swapped: false,
    before,
    after: before,
    troubles: [],
  }
  return danceElsewhere(plain, { key, start: (end - lengthTicks) as Tick, before })
}

/**
 * The sheet as it is danced on a course, planned anew; the sheet itself where nothing is other than
 * it is written.
 */
export function sheetOnCourse(sheet: Sheet, course: Course): Sheet {
  const timeline = courseTimeline(sheet, course)
  const written = sheet.timeline
  const isSame =
    timeline.openFrom === null &&
    timeline.slots.length === written.slots.length &&
    timeline.slots.every((slot, i) => slot === written.slots[i])
  if (isSame) return sheet
  const { places } = sheet.routine
  const homeAt = new Set(course.legs.flatMap(({ home, at }) => (home ? [at] : [])))
  const moved = { ...sheet, timeline, track: places ? track(timeline, places, homeAt) : null }
  return { ...moved, plan: planAnew(moved) }
}
