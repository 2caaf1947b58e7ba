import type { Sheet } from '../sheet/index.ts'
import type { DancedPass, DancedSlot } from '../routine/index.ts'
import { spanAt, type Tick } from '../time/index.ts'
import { isMoving, newCall, stepCall, type Call, type CallEvent, type Turn } from './call.ts'
import type { Course } from './course.ts'
import type { CallLog } from './log.ts'
import { prepareCall, type Cue } from './prepare.ts'

/** A cue as it was planned, and what became of it. */
export interface ReportedCue {
  readonly key: string
  readonly text: string
  readonly slot: DancedSlot
  readonly stepTick: Tick
  /** How often it was given; where not at all, why. */
  readonly given: number
  readonly why: 'held' | 'left-out' | 'not-reached' | null
}

/** Something that happened besides. */
type Happened =
  | { readonly kind: 'paused' | 'held' | 'lost' | 'taken-back' | 'free' | 'marked' }
  | ({ readonly kind: 'turned'; readonly turn: Turn } & CourseChange)
  | { readonly kind: 'speed'; readonly bpm: number }
  | { readonly kind: 'tapped'; readonly taps: number; readonly worstBeats: number }
export type Happening = { readonly at: number; readonly slot: DancedSlot | null } & Happened

/** From where to where the dancers were left to themselves; without end until a cue is given. */
interface Held {
  readonly from: Tick
  to: Tick
}

export interface CallReport {
  readonly cues: readonly ReportedCue[]
  readonly happenings: readonly Happening[]
  /** Seconds from the start to the last event, pauses with it. */
  readonly seconds: number
  readonly lowBpm: number
  readonly highBpm: number
}

/**
 * Plan against what was called, from the log alone: every cue of the sheet as it is written, and
 * all that happened besides.
 */
export function callReport(log: CallLog, sheet: Sheet): CallReport {
  const events = log.events as readonly CallEvent[]
  const written = prepareCall(sheet, 1)
  const happenings: Happening[] = []
  const given = new Map<string, number>()
  const speeds = [log.speed]
  const held: Held[] = []
  let call = newCall(log.from, log.speed)
  let on = written
  let reached = -Infinity
  for (const event of events) {
    const before = call
    call = stepCall(call, event)
    const tick = tickOf(event)
    if (tick !== null) reached = Math.max(reached, tick)
    const slot = tick === null ? null : slotNear(on.sheet, tick)
    if (call.course !== before.course)
      on = prepareCall(sheet, 1, ...(call.course ? [call.course] : []))
    if (event.type === 'cue') {
      const key = writtenKey(event.key)
      given.set(key, (given.get(key) ?? 0) + 1)
      closeHold(held, event.tick)
    }
    if (event.type === 'hold' || event.type === 'lose')
      held.push({ from: event.from, to: Infinity as Tick })
    if (event.type === 'speed' || (event.type === 'heard' && isMoving(call)))
      speeds.push(call.speed)
    if (event.type === 'heard' && event.by === 'tap') addTap(happenings, event.at, event.error)
    const happened = happeningOf(event, { log, sheet, before, call, whole: written.course })
    if (happened) happenings.push({ at: event.at, slot, ...happened })
  }
  const danced = new Set(on.course.legs.map(({ pass }) => pass))
  const passOf = (slot: DancedSlot): number =>
    sheet.timeline.passes.findIndex(({ slots }) => slots.includes(slot))
  const cues = written.cues.map((cue): ReportedCue => {
    const { key, text, slot, stepTick } = cue
    const times = given.get(key) ?? 0
    const isDanced = danced.has(passOf(slot))
    const why = times > 0 ? null : whyUnsaid(cue, { isDanced, held, reached })
    return { key, text, slot, stepTick, given: times, why }
  })
  const bpms = speeds.map((speed) => Math.round(log.bpm * speed))
  return {
    cues,
    happenings,
    seconds: events.length > 0 ? events.at(-1)!.at - events[0]!.at : 0,
    lowBpm: Math.min(...bpms),
    highBpm: Math.max(...bpms),
  }
}

/** Why a cue was never given. */
function whyUnsaid(
  { stepTick, startTick }: Cue,
  call: { readonly isDanced: boolean; readonly held: readonly Held[]; readonly reached: number },
): ReportedCue['why'] {
  if (!call.isDanced) return 'left-out'
  const isHeld = call.held.some(({ from, to }) => stepTick >= from && stepTick <= to)
  return isHeld || startTick <= call.reached ? 'held' : 'not-reached'
}

/** What an event is told as, by itself; nothing where it only goes on. */
function happeningOf(
  event: CallEvent,
  at: {
    readonly log: CallLog
    readonly sheet: Sheet
    /** The call without the event, and with it. */
    readonly before: Call
    readonly call: Call
    /** The course of the dance as it is written. */
    readonly whole: Course
  },
): Happened | null {
  switch (event.type) {
    case 'pause':
      return { kind: 'paused' }
    case 'hold':
      return { kind: 'held' }
    case 'lose':
      return { kind: 'lost' }
    case 'free':
      return { kind: 'free' }
    case 'take-back':
      return { kind: 'taken-back' }
    case 'mark':
      return { kind: 'marked' }
    case 'speed':
      return at.call.speed === at.before.speed
        ? null
        : { kind: 'speed', bpm: Math.round(at.log.bpm * at.call.speed) }
    case 'turn':
      return {
        kind: 'turned',
        turn: event.turn,
        ...courseChange(at.sheet, at.before.course ?? at.whole, event.course),
      }
    default:
      return null
  }
}

/**
 * The key of a cue as the sheet has it: on a course, what comes once more has a number behind it.
 */
const writtenKey = (key: string): string => key.replace(/~\d+/g, '')
const tickOf = (event: CallEvent): Tick | null =>
  event.type !== 'turn' && 'tick' in event ? event.tick : 'from' in event ? event.from : null
const slotNear = ({ timeline }: Sheet, tick: Tick): DancedSlot | null =>
  spanAt(timeline.slots, tick) ??
  timeline.slots.findLast(({ start }) => start <= tick) ??
  timeline.slots[0] ??
  null

function closeHold(held: readonly Held[], tick: Tick): void {
  const last = held.at(-1)
  if (last && last.to === Infinity) last.to = tick
}

/** Taps in a row are told as one. */
function addTap(happenings: Happening[], at: number, error: number): void {
  const last = happenings.at(-1)
  if (last?.kind === 'tapped')
    happenings[happenings.length - 1] = {
      ...last,
      taps: last.taps + 1,
      worstBeats: Math.max(last.worstBeats, Math.abs(error)),
    }
  else happenings.push({ at, slot: null, kind: 'tapped', taps: 1, worstBeats: Math.abs(error) })
}

/**
 * What one course has that another has not: times through that were left out, and that were danced
 * once more, as they are written.
 */
export interface CourseChange {
  readonly dropped: readonly DancedPass[]
  readonly repeated: readonly DancedPass[]
}

/** Which times through a turn of the dance added, and which it left out. */
export function courseChange(sheet: Sheet, before: Course, after: Course): CourseChange {
  const count = ({ legs, waiting }: Course): Map<number, number> => {
    const counts = new Map<number, number>()
    // A time through that was cut off and taken up again is danced once.
    const seen = [...legs, ...waiting].filter(
      (leg, i, all) =>
        leg.to > leg.from && !(i > 0 && all[i - 1]!.pass === leg.pass && leg.from > 0),
    )
    for (const { pass } of seen) counts.set(pass, (counts.get(pass) ?? 0) + 1)
    return counts
  }
  const [old, now] = [count(before), count(after)]
  const more = (one: Map<number, number>, other: Map<number, number>): DancedPass[] =>
    [...one].flatMap(([pass, n]) =>
      Array<DancedPass>(Math.max(0, n - (other.get(pass) ?? 0))).fill(sheet.timeline.passes[pass]!),
    )
  return { dropped: more(old, now), repeated: more(now, old) }
}
