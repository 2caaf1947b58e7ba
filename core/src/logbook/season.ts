import { median } from 'simple-statistics'
import type { LogEntry } from './entry.ts'

const HOUR_MS = 3600_000
const WEEK_MS = 7 * 24 * HOUR_MS
/** After so long without a dance it is another evening, whatever the clock says of midnight. */
const EVENING_GAP_MS = 6 * HOUR_MS

/** What was danced on one evening, in its order. */
export type DancedEvening = readonly LogEntry[]

/**
 * The evenings of a logbook, the oldest first: entries that follow each other within six hours.
 *
 * @param fromMs Earlier ones are left out, in milliseconds.
 */
export function dancedEvenings(entries: readonly LogEntry[], fromMs = 0): readonly DancedEvening[] {
  const evenings: LogEntry[][] = []
  for (const entry of [...entries].sort((a, b) => a.atMs - b.atMs)) {
    if (entry.atMs < fromMs) continue
    const last = evenings.at(-1)
    if (last && entry.atMs - last.at(-1)!.atMs <= EVENING_GAP_MS) last.push(entry)
    else evenings.push([entry])
  }
  return evenings
}

/** How many dances of one kind each evening had. */
export interface KindOfEvenings {
  readonly kind: string
  readonly times: readonly number[]
}

/**
 * How many dances of each kind the evenings had, the most danced first; a dance whose kind nobody
 * knows counts as none.
 *
 * @param kindOf The kind of an entry's dance, such as waltz; null where it is not known.
 */
export function kindsByEvening(
  evenings: readonly DancedEvening[],
  kindOf: (entry: LogEntry) => string | null,
): readonly KindOfEvenings[] {
  const kinds = new Map<string, number[]>()
  evenings.forEach((list, i) => {
    for (const entry of list) {
      const kind = kindOf(entry)
      if (kind === null) continue
      const times = kinds.get(kind) ?? evenings.map(() => 0)
      times[i]!++
      kinds.set(kind, times)
    }
  })
  const sum = ({ times }: KindOfEvenings): number => times.reduce((a, b) => a + b, 0)
  return [...kinds]
    .map(([kind, times]) => ({ kind, times }))
    .sort((a, b) => sum(b) - sum(a) || a.kind.localeCompare(b.kind))
}

/** Figures of a group in one week of its season. */
export interface WeekOfFigures {
  /** Weeks since the first one; those without a dance are there too. */
  readonly week: number
  /** Different figures danced in it. */
  readonly danced: number
  /** Those danced by its end at least once. */
  readonly known: number
}

/**
 * A group's figures by week: how many it danced, and how many it had danced by then.
 *
 * @param entries Of one group, in any order.
 */
export function figuresByWeek(entries: readonly LogEntry[]): readonly WeekOfFigures[] {
  if (entries.length === 0) return []
  const first = Math.min(...entries.map(({ atMs }) => atMs))
  const inWeek = new Map<number, Set<string>>()
  for (const { atMs, figures } of entries) {
    const week = Math.floor((atMs - first) / WEEK_MS)
    const seen = inWeek.get(week) ?? new Set()
    for (const { id } of figures) seen.add(id)
    inWeek.set(week, seen)
  }
  const known = new Set<string>()
  return Array.from({ length: Math.max(...inWeek.keys()) + 1 }, (_, week) => {
    const danced = inWeek.get(week) ?? new Set<string>()
    for (const id of danced) known.add(id)
    return { week, danced: danced.size, known: known.size }
  })
}

/** Longer is a break, or a walk-through nobody noted; so many are enough to learn from. */
const MOST_CHANGEOVER_SECONDS = 300
const LEAST_CHANGEOVERS = 5
const NEWEST_EVENINGS = 12

/**
 * Seconds from the end of a dance to the beginning of the next one's walk-through or call, as it
 * usually is: the median of the last evenings; null where too few are known. Rounded to five.
 */
export function usualChangeover(entries: readonly LogEntry[]): number | null {
  const seconds = dancedEvenings(entries)
    .slice(-NEWEST_EVENINGS)
    .flatMap((list) =>
      list.slice(1).map((next, i) => {
        const end = list[i]!.atMs + list[i]!.minutes * 60_000
        return (next.atMs - (next.walkMinutes ?? 0) * 60_000 - end) / 1000
      }),
    )
    .filter((gap) => gap >= 0 && gap <= MOST_CHANGEOVER_SECONDS)
  return seconds.length < LEAST_CHANGEOVERS ? null : Math.round(median(seconds) / 5) * 5
}
