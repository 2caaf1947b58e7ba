import { callReport, replay, type CallLog, type Happening } from '../call/index.ts'
import type { DancedPass, DancedSlot } from '../routine/index.ts'
import type { Sheet } from '../sheet/index.ts'
import { emptyEntry, type LogEntry } from './entry.ts'
import { passName } from './slipMarks.ts'

const SLIPS = { lost: 1, held: 1, paused: 1, marked: 1, turned: 1, free: 1 } as const
type SlipKind = keyof typeof SLIPS

/** Beside what the log says: whom it was for, and who was there. */
export interface CallFacts {
  readonly groupName: string
  readonly present: number | null
}

/**
 * The entry of a call, from its log and the sheet as it was called; of a call without a sheet, what
 * its log alone says. The same call gives the same entry.
 */
export function entryOfCall(
  log: CallLog,
  sheet: Sheet | null,
  { groupName, present }: CallFacts,
): LogEntry {
  const base: LogEntry = {
    ...emptyEntry(`call-${log.id}`.slice(0, 64), log.title, log.startedAtMs),
    callId: log.id,
    sheetId: log.sheetId,
    revision: log.revision,
    hall: log.where,
    caller: log.caller,
    groupId: log.groupId,
    groupName,
    present,
    bpm: log.bpm,
    speed: log.speed,
    minutes: minutesOf(log),
    finished: log.events.some(({ type }) => type === 'end'),
  }
  if (!sheet) return base
  const report = callReport(log, sheet)
  const { passes } = sheet.timeline
  const reached = furthest(log)
  const danced = passes.filter(({ start }) => start < reached)
  return {
    ...base,
    recordingId: sheet.recording?.id ?? null,
    passesDanced: danced.length,
    passesWritten: passes.length,
    slips: report.happenings.flatMap((one) => slipOf(one, passes)),
    figures: figuresOf(danced.flatMap(({ slots }) => slots.filter(({ start }) => start < reached))),
    fills: fillsOf(log, sheet, passes),
  }
}

const minutesOf = ({ events }: CallLog): number => {
  const ats = events.map(({ at }) => at)
  const seconds = ats.length < 2 ? 0 : ats.at(-1)! - ats[0]!
  return Math.min(600, Math.round((Math.max(0, seconds) / 60) * 10) / 10)
}

/** The last tick that anything was said or done of; all of it where it came to its end. */
function furthest({ events }: CallLog): number {
  if (events.some(({ type }) => type === 'end' || type === 'ending')) return Infinity
  let tick = -Infinity
  for (const event of events)
    if ('tick' in event && typeof event.tick === 'number') tick = Math.max(tick, event.tick)
  return tick
}

function slipOf(
  { kind, slot }: Happening,
  passes: readonly DancedPass[],
): readonly LogEntry['slips'][number][] {
  if (!(kind in SLIPS)) return []
  const pass = passes.find(({ slots }) => slot !== null && slots.includes(slot))
  return [
    {
      what: kind as SlipKind,
      slotId: slot?.slot.id ?? null,
      name: slot?.figure?.name ?? '',
      pass: pass ? passName(pass) : '',
    },
  ]
}

function figuresOf(slots: readonly DancedSlot[]): LogEntry['figures'] {
  const times = new Map<string, number>()
  for (const { figure } of slots) if (figure) times.set(figure.id, (times.get(figure.id) ?? 0) + 1)
  return [...times].map(([id, n]) => ({ id, times: n }))
}

/** How often each fill went round: as often as its pass stands on the course the dance took. */
function fillsOf(
  log: CallLog,
  { timeline }: Sheet,
  passes: readonly DancedPass[],
): LogEntry['fills'] {
  const course = replay(log).course
  const fills = new Set(passes.filter(({ filled }) => filled).map(({ pass }) => pass.id))
  return [...fills].map((passId) => {
    const legs = course?.legs ?? timeline.passes.map((_, pass) => ({ pass }))
    return { passId, times: legs.filter(({ pass }) => passes[pass]?.pass.id === passId).length }
  })
}
