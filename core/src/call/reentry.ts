import { heardClock, LANGUAGES, leastLeadSeconds, plannedSeconds, wordingsOf } from '../cue/index.ts'
import { applyVariation, danceFrom, holdFits, isOfDance, missingFoot, type Figure, type FloorState } from '../figure/index.ts'
import { comesRoundTo, type DancedPass, type DancedSlot } from '../routine/index.ts'
import type { Tick, TickPosition } from '../time/index.ts'
import { planAnew } from '../sheet/index.ts'
import type { PreparedCall } from './prepare.ts'

/** A place at which a floor that has lost its way gets back into its dance. Ticks are those of the dance as it is being called. */
export interface Reentry {
  /** The line of the music at which they begin: the start of a phrase. */
  readonly at: Tick
  readonly pass: DancedPass
  /** What they begin with there. */
  readonly slot: DancedSlot
  /** A figure danced right before the line, so that they stand as that begins; null where they stand so already. */
  readonly link: Figure | null
  /** The price: counts from now until they dance again. */
  readonly waitTicks: number
  /** By how much the dance moves on (back, where it is less than nothing); 0 where it goes on as if nothing had been. */
  readonly shiftTicks: number
  /** By how much the dance would end after its music, or before it; null where the music's end is not known. */
  readonly overTicks: number | null
}

/** Phrase starts that are looked at: further on nobody waits. */
const MOST_LINES = 6
export const BEST_REENTRIES = 3

/**
 * Where a floor in some state can come back in, from a position on: at the nearest phrase starts, everything of the dance
 * that begins on a phrase start of the same length with the feet, the hold and the facing that they have, or that a
 * figure of the dance danced right before gives them. There must be time to say it. Nearest first; at the same line what
 * needs no link first, then what moves the dance the least. The best three, each beginning with something else.
 */
export function reentries(call: PreparedCall, state: FloorState, at: TickPosition): Reentry[] {
  const { sheet } = call
  const lines = sheet.phrases.filter(({ start }) => start > at).slice(0, MOST_LINES)
  const targets = entriesOf(call)
  const links = linksFrom(call, state)
  const found: Reentry[] = []
  for (const line of lines) {
    const room = secondsBetween(call, at, line.start)
    const here = targets.flatMap((target): Reentry[] => {
      if (target.phraseTicks !== line.end - line.start || target.cueSeconds > room) return []
      const link = linkTo(target.slot.before, state, links, { ticks: line.start - at, seconds: room - target.cueSeconds })
      if (link === undefined) return []
      const shiftTicks = target.slot.start - line.start
      return [{ at: line.start, pass: target.pass, slot: target.slot, link, waitTicks: line.start - at, shiftTicks, overTicks: overTicks(call, shiftTicks) }]
    })
    here.sort((a, b) => Number(a.link !== null) - Number(b.link !== null) || Math.abs(a.shiftTicks) - Math.abs(b.shiftTicks))
    for (const one of here) {
      if (found.length === BEST_REENTRIES) return found
      if (!found.some((other) => other.slot.slot.id === one.slot.slot.id && other.pass.part === one.pass.part)) found.push(one)
    }
  }
  return found
}

interface Target {
  readonly pass: DancedPass
  readonly slot: DancedSlot
  readonly phraseTicks: number
  /** Seconds that its shortest words and the least lead take. */
  readonly cueSeconds: number
}

/** Everything of the dance that begins on the start of a phrase. */
function entriesOf({ sheet }: PreparedCall): Target[] {
  const phrases = new Map(sheet.phrases.map((phrase) => [phrase.start, phrase.end - phrase.start]))
  return sheet.timeline.passes.flatMap((pass) =>
    pass.slots.flatMap((slot): Target[] => {
      const phraseTicks = phrases.get(slot.start)
      if (phraseTicks === undefined || slot.end === slot.start) return []
      const texts = wordingsOf(slot, LANGUAGES[sheet.voice.language]).map(({ text }) => plannedSeconds(sheet.voice, text))
      return [{ pass, slot, phraseTicks, cueSeconds: Math.min(...texts, texts.length === 0 ? 0 : Infinity) + leastLeadSeconds(sheet) }]
    }),
  )
}

interface Link {
  readonly figure: Figure
  readonly lengthTicks: number
  readonly after: FloorState
  readonly cueSeconds: number
}

/** Every figure of the dance that can be begun from a state, with how it leaves the floor; the shortest first. */
function linksFrom({ sheet }: PreparedCall, state: FloorState): Link[] {
  return [...sheet.book.values()]
    .flatMap((figure): Link[] => {
      const danced = isOfDance(figure, sheet.routine.dance) ? applyVariation(figure) : null
      if (!danced?.ok || missingFoot(state, danced.value) || !holdFits(state, danced.value)) return []
      return [{ figure, lengthTicks: danced.value.lengthTicks, after: danceFrom(state, danced.value).after, cueSeconds: plannedSeconds(sheet.voice, figure.name) + leastLeadSeconds(sheet) }]
    })
    .sort((a, b) => a.lengthTicks - b.lengthTicks || a.figure.name.localeCompare(b.figure.name, 'en'))
}

const isAs = (wanted: FloorState, state: FloorState): boolean => comesRoundTo(wanted, state).length === 0

/** Null where a state is as wanted; the shortest link that makes it so in the time there is; undefined where there is none. */
function linkTo(wanted: FloorState, state: FloorState, links: readonly Link[], room: { readonly ticks: number; readonly seconds: number }): Figure | null | undefined {
  if (isAs(wanted, state)) return null
  return links.find(({ lengthTicks, after, cueSeconds }) => lengthTicks <= room.ticks && cueSeconds <= room.seconds && isAs(wanted, after))?.figure
}

/** Heard seconds between two positions of the dance at the call's speed. */
function secondsBetween({ sheet, speed }: PreparedCall, from: TickPosition, to: Tick): number {
  return (sheet.clock.heardAt(to) - sheet.clock.heardAt(from)) / speed
}

const overTicks = ({ sheet }: PreparedCall, shiftTicks: number): number | null => (sheet.musicEnd === null ? null : sheet.timeline.lengthTicks - shiftTicks - sheet.musicEnd)

/** The sheet as it is danced after a re-entry: its first step lies elsewhere in the music, and all that follows with it. */
export function shifted(call: PreparedCall, shiftTicks: number): PreparedCall['sheet'] {
  const { sheet } = call
  const by = (tick: Tick): Tick => (tick + shiftTicks) as Tick
  const firstStep = (sheet.firstStep - shiftTicks) as Tick
  const move = <Span extends { readonly start: Tick; readonly end: Tick }>(span: Span): Span => ({ ...span, start: by(span.start), end: by(span.end) })
  const moved = { ...sheet, firstStep, clock: heardClock(sheet.beatMap, firstStep, 1), phrases: sheet.phrases.map(move), musicEnd: sheet.musicEnd === null ? null : by(sheet.musicEnd) }
  return { ...moved, plan: planAnew(moved) }
}
