import { LANGUAGES, leastLeadSeconds, plannedSeconds, wordingsOf } from '../cue/index.ts'
import { memoised, sameValue } from '../document/index.ts'
import {
  AS_WRITTEN,
  danceFrom,
  isOfDance,
  holdFits,
  missingFoot,
  type DancedFigure,
  type FigureBook,
  type CoupleState,
  type Variation,
} from '../figure/index.ts'
import { placesKey, type Standing } from '../move/index.ts'
import type { DancedPass, DancedSlot } from '../routine/index.ts'
import type { Sheet } from '../sheet/index.ts'
import { ticksPerBar, type PhraseSpan, type Tick, type TickPosition } from '../time/index.ts'
import { layStretches, courseThen, dancedLink, type Course, type Link } from './course.ts'
import { homeWays, standingOf, standingWhere, standLike, type HomeWay } from './floorWays.ts'
import { dancedAs } from './freeFigures.ts'
import type { PreparedCall } from './prepare.ts'
import { restToEnd, type Rest } from './rest.ts'
import { standsAs } from './standing.ts'

/**
 * A place at which a floor that has lost its way gets back into its dance. Ticks count from the
 * first step, in the music.
 */
export interface Reentry {
  /** The line of the music at which they begin: the start of a phrase. */
  readonly at: Tick
  readonly pass: DancedPass
  /** What they begin with there. */
  readonly slot: DancedSlot
  /**
   * A figure danced right before the line, so that they stand as that begins; null where they stand
   * so already.
   */
  readonly link: Link | null
  /** How all come home before it, in a set that has lost its places; null where they need not. */
  readonly home: HomeWay | null
  /** The price: counts from now until they dance again. */
  readonly waitTicks: number
  /**
   * By how much the dance moves on (back, where it is less than nothing); 0 where it goes on as if
   * nothing had been.
   */
  readonly shiftTicks: number
  /** What is danced from there on, so that it ends with the music. */
  readonly rest: Rest
  /** The dance with it. */
  readonly course: Course
}

export interface ReentryWish {
  /** Tick at which the dance was left; now, where left out. */
  readonly lostFrom?: number
  /** Narrows what may be come in with. */
  readonly isWanted?: (target: { readonly pass: number; readonly slot: DancedSlot }) => boolean
}

/** Phrase starts that are looked at: further on nobody waits. */
const MOST_LINES = 6
export const BEST_REENTRIES = 3
/** Music without a known end goes on in its last phrases. */
const PHRASES_MORE = 64

/**
 * Where a floor in some state can come back in, from a position on: at the nearest phrase starts,
 * everything of the dance that begins on a phrase start of the same length with the feet, the hold
 * and the facing that they have, or that a figure of the dance danced right before gives them: as
 * it is written, or mirrored or ended in the hold that is wanted. There must be time to say it.
 * Nearest first; at the same line what needs no link first, then what moves the dance the least.
 * The best three, each beginning with something else; where there are fewer, the same at a later
 * line too.
 */
export function reentries(
  call: PreparedCall,
  state: CoupleState,
  at: TickPosition,
  { lostFrom = at, isWanted = () => true }: ReentryWish = {},
): Reentry[] {
  const floor = standingWhere(call, Math.min(lostFrom, at) as TickPosition)
  return waysBack(call, state, at, isWanted, floor).map(
    ({ target: { written, slot, pass, from }, line, link, home, shiftTicks }): Reentry => {
      const { rest, course } = courseFrom(call, {
        pass,
        from,
        at: line.start,
        state,
        link,
        isHome: home !== null,
        leftAt: Math.min(lostFrom, line.start),
      })
      return {
        at: line.start,
        pass: written,
        slot,
        link,
        home,
        waitTicks: line.start - at,
        shiftTicks,
        rest,
        course,
      }
    },
  )
}

/** A line of the music on which something of the dance can be begun, with what leads to it. */
interface WayBack {
  readonly target: Target
  readonly line: PhraseSpan
  readonly link: Link | null
  readonly home: HomeWay | null
  readonly shiftTicks: number
}

/** The best ways back, the nearest line first; in a set all may walk home, which comes last. */
function waysBack(
  call: PreparedCall,
  state: CoupleState,
  at: TickPosition,
  isWanted: NonNullable<ReentryWish['isWanted']>,
  floor: Standing | null,
): WayBack[] {
  const targets = entriesOf(call).filter(isWanted)
  const links = linksFrom(call.written, state)
  const found: WayBack[] = []
  const later: WayBack[] = []
  for (const line of linesAfter(call.written, at).slice(0, MOST_LINES)) {
    for (const one of waysOnLine({ call, state, at, targets, links, floor }, line)) {
      const alike = [...found, ...later].filter(
        ({ target }) =>
          target.slot.slot.id === one.target.slot.slot.id &&
          target.written.part === one.target.written.part,
      )
      if (alike.length === 0) found.push(one)
      else if (alike.every((other) => other.line !== line)) later.push(one)
    }
    if (found.length >= BEST_REENTRIES) break
  }
  const sorted = (ways: readonly WayBack[]): WayBack[] =>
    [...ways].sort((a, b) => a.line.start - b.line.start)
  const homeward = floor ? waysFromHome({ call, at, targets, floor }) : []
  const best = [...found, ...later].slice(0, BEST_REENTRIES - Math.min(1, homeward.length))
  return [...sorted(best), ...homeward.slice(0, BEST_REENTRIES - best.length)]
}

/**
 * What begins with all at home, once they have come there: by what can be called, and by walking,
 * which always can be.
 */
function waysFromHome({
  call,
  at,
  targets,
  floor,
}: {
  readonly call: PreparedCall
  readonly at: TickPosition
  readonly targets: readonly Target[]
  readonly floor: Standing
}): WayBack[] {
  const { track } = call.written
  const first = targets.find(({ slot }) => {
    const wanted = standingOf(track, slot.key)
    return wanted !== null && track !== null && placesKey(wanted) === placesKey(track.first)
  })
  if (!first) return []
  const lines = linesAfter(call.written, at)
  return homeWays(floor)
    .flatMap((home): WayBack[] => {
      const line = lines.find(
        ({ start, end }) =>
          start - at >= home.ticks &&
          end - start === first.phraseTicks &&
          secondsBetween(call, at, start) >= first.cueSeconds + HOME_SECONDS,
      )
      return line
        ? [{ target: first, line, link: null, home, shiftTicks: first.nowAt - line.start }]
        : []
    })
    .slice(-2)
}
/** Seconds that it takes to say how they come home. */
const HOME_SECONDS = 2

/** What can be begun on one line in time: what needs no link first, then what moves the least. */
function waysOnLine(
  {
    call,
    state,
    at,
    targets,
    links,
    floor,
  }: {
    readonly floor: Standing | null
    readonly call: PreparedCall
    readonly state: CoupleState
    readonly at: TickPosition
    readonly targets: readonly Target[]
    readonly links: ReturnType<typeof linksFrom>
  },
  line: PhraseSpan,
): WayBack[] {
  const room = secondsBetween(call, at, line.start)
  return targets
    .flatMap((target): WayBack[] => {
      if (target.phraseTicks !== line.end - line.start || target.cueSeconds > room) return []
      const wanted = standingOf(call.written.track, target.slot.key)
      if (floor && wanted)
        return standLike(wanted, floor)
          ? [{ target, line, link: null, home: null, shiftTicks: target.nowAt - line.start }]
          : []
      const link = linkTo(call.written, target, state, links, {
        ticks: line.start - at,
        seconds: room - target.cueSeconds,
      })
      return link === undefined
        ? []
        : [{ target, line, link, home: null, shiftTicks: target.nowAt - line.start }]
    })
    .sort(
      (a, b) =>
        Number(a.link !== null) - Number(b.link !== null) ||
        Math.abs(a.shiftTicks) - Math.abs(b.shiftTicks),
    )
}

/**
 * Where a dance is taken up: with which of its slots, at which tick, as the floor stands then;
 * `leftAt`: the tick at which it was left.
 */
export interface TakenUp {
  readonly pass: number
  readonly from: number
  readonly at: Tick
  readonly state: CoupleState
  readonly link: Link | null
  /** In a set: all have come home before it. */
  readonly isHome?: boolean
  readonly leftAt: number
}

/** The dance taken up at a tick with one of its slots, its rest made to end with the music. */
export function courseFrom(
  call: PreparedCall,
  { pass, from, at, state, link, isHome, leftAt }: TakenUp,
): { readonly rest: Rest; readonly course: Course } {
  const { written } = call
  const to = written.timeline.passes[pass]!.slots.length
  const rest = restToEnd(written, { pass, from, to, at })
  const laid = layStretches(written, rest.stretches, at)
  const first = laid.legs[0] && {
    ...laid.legs[0],
    entry: state,
    ...(isHome ? { home: true as const } : {}),
    ...(link
      ? {
          link: link.figure.id,
          ...(link.variation === AS_WRITTEN ? {} : { linkAs: link.variation }),
        }
      : {}),
  }
  return {
    rest,
    course: courseThen(written, call.course, Math.min(at - (link?.lengthTicks ?? 0), leftAt), {
      ...laid,
      legs: first ? [first, ...laid.legs.slice(1)] : [],
    }),
  }
}

/**
 * Starts of phrases after a position; where the music's end is not known, it goes on in phrases
 * like its last.
 *
 * @param at Tick of the dance.
 */
export function linesAfter(
  { phrases, musicEnd, routine }: Pick<Sheet, 'phrases' | 'musicEnd' | 'routine'>,
  at: number,
): PhraseSpan[] {
  const known = phrases.filter(({ start }) => start > at)
  const last = phrases.at(-1)
  if (musicEnd !== null || known.length >= MOST_LINES || !last) return known
  const usual = 8 * ticksPerBar(routine.metre)
  const from = Math.max(
    last.end,
    last.end + Math.floor((at - last.end) / usual + 1) * usual,
  ) as Tick
  const more = Array.from({ length: MOST_LINES }, (_, i): PhraseSpan => ({
    ...last,
    index: last.index + 1 + i,
    start: (from + i * usual) as Tick,
    end: (from + (i + 1) * usual) as Tick,
    bars: 8,
  }))
  return [...known, ...more].slice(0, PHRASES_MORE)
}

interface Target {
  /** Numbers in the written timeline. */
  readonly pass: number
  readonly from: number
  readonly written: DancedPass
  readonly slot: DancedSlot
  readonly phraseTicks: number
  /** Where the dance has it now; as it is written, where it has left it out. */
  readonly nowAt: number
  /** Seconds that its shortest words and the least lead take. */
  readonly cueSeconds: number
}

/** Everything of the dance that begins on the start of a phrase, as it is written. */
function entriesOf({ written, course }: PreparedCall): Target[] {
  const phrases = new Map(
    written.phrases.map((phrase) => [phrase.start, phrase.end - phrase.start]),
  )
  return written.timeline.passes.flatMap((one, pass) =>
    one.slots.flatMap((slot, from): Target[] => {
      const phraseTicks = phrases.get(slot.start)
      if (phraseTicks === undefined || slot.end === slot.start) return []
      const leg = course.legs.find((leg) => leg.pass === pass && leg.from <= from && from < leg.to)
      const nowAt = leg ? leg.at + slot.start - one.slots[leg.from]!.start : slot.start
      return [
        {
          pass,
          from,
          written: one,
          slot,
          phraseTicks,
          nowAt,
          cueSeconds: shortestSeconds(written, slot) + leastLeadSeconds(written),
        },
      ]
    }),
  )
}

interface LinkFrom extends Link {
  readonly after: CoupleState
}

const MIRRORED: Variation = { ...AS_WRITTEN, reflected: true }

/**
 * The figures of a dance that may link, the shortest first, as they are written before mirrored. A
 * book does not change, so it is gone through once.
 */
const linkFigures = memoised((book: FigureBook) => {
  const byDance = new Map<string, readonly DancedFigure[]>()
  return (dance: string): readonly DancedFigure[] => {
    const known =
      byDance.get(dance) ??
      [AS_WRITTEN, MIRRORED].flatMap((variation) => inVariation(book, dance, variation))
    byDance.set(dance, known)
    return known
  }
})

const inVariation = (book: FigureBook, dance: string, variation: Variation): DancedFigure[] =>
  [...book.values()]
    .flatMap((figure) => (isOfDance(figure, dance) ? dancedAs(figure, variation) : []))
    .sort(
      (a, b) => a.lengthTicks - b.lengthTicks || a.figure.name.localeCompare(b.figure.name, 'en'),
    )

/** Every figure of the dance that can be begun from a state, with how it leaves the floor. */
const linksFrom = ({ book, routine }: Sheet, state: CoupleState): LinkFrom[] =>
  linkFigures(book)(routine.dance).flatMap((danced): LinkFrom[] =>
    missingFoot(state, danced) || !holdFits(state, danced)
      ? []
      : [
          {
            figure: danced.figure,
            variation: danced.variation,
            lengthTicks: danced.lengthTicks,
            after: danceFrom(state, danced).after,
          },
        ],
  )

/**
 * Null where a state is as wanted; the first link that makes it so in the time there is, ended in
 * its own hold before in the one that is wanted; undefined where there is none.
 */
function linkTo(
  sheet: Sheet,
  target: Target,
  state: CoupleState,
  links: readonly LinkFrom[],
  room: { readonly ticks: number; readonly seconds: number },
): Link | null | undefined {
  const wanted = target.slot.before
  if (standsAs(sheet.routine, wanted, state) && feetGoOn(target, state)) return null
  const fits = ({ figure, variation, lengthTicks }: Link): boolean => {
    const slot = dancedLink(
      { figure, variation },
      { end: lengthTicks as Tick, before: state, key: 'link' },
    )
    return (
      slot !== null &&
      standsAs(sheet.routine, wanted, slot.after) &&
      feetGoOn(target, slot.after) &&
      shortestSeconds(sheet, slot) + leastLeadSeconds(sheet) <= room.seconds
    )
  }
  const inTime = links.filter(({ lengthTicks }) => lengthTicks <= room.ticks)
  const own = inTime.find((link) => standsAs(sheet.routine, wanted, link.after) && fits(link))
  if (own) return own
  for (const link of inTime) {
    if (
      link.after.hold === wanted.hold ||
      !standsAs(sheet.routine, wanted, { ...link.after, hold: wanted.hold })
    )
      continue
    const ended = { ...link, variation: { ...link.variation, exitHold: wanted.hold } }
    if (fits(ended)) return ended
  }
  return undefined
}

/**
 * Whether what follows in its time through can be danced from a state as it is written: where either
 * foot may begin, a later figure may still want one of them.
 */
function feetGoOn({ written, from }: Target, state: CoupleState): boolean {
  let now = state
  for (const { danced, troubles, after } of written.slots.slice(from)) {
    if (!danced) return true
    const gone = danceFrom(now, danced)
    if (gone.troubles.length > troubles.length) return false
    if (sameValue(gone.after, after)) return true
    now = gone.after
  }
  return true
}

/** How long the shortest of a slot's words take. */
function shortestSeconds(
  { voice, school }: Pick<Sheet, 'voice' | 'school'>,
  slot: DancedSlot,
): number {
  const seconds = wordingsOf(slot, LANGUAGES[voice.language], { amounts: school.amounts }).map(
    ({ text }) => plannedSeconds(voice, text),
  )
  return seconds.length === 0 ? 0 : Math.min(...seconds)
}

/** Heard seconds between two positions of the dance at the call's speed. */
function secondsBetween({ written, speed }: PreparedCall, from: TickPosition, to: Tick): number {
  return (written.clock.heardAt(to) - written.clock.heardAt(from)) / speed
}
