import type { LogEntry } from './entry.ts'

const WEEK_MS = 7 * 24 * 3600_000

/** A logbook made ready to be asked: sorted once, by dance and by figure. */
export interface Logbook {
  /** The newest first. */
  readonly entries: readonly LogEntry[]
  readonly ofSheet: (sheetId: string) => readonly LogEntry[]
  readonly ofGroup: (groupId: string) => readonly LogEntry[]
  /** When it was last danced, and by whom; null where never. */
  readonly last: (sheetId: string, groupId?: string | null) => LogEntry | null
  /**
   * On how many evenings a group has danced it, back to the last pause that is long enough to
   * forget it, six weeks where nothing else is said; whoever danced it, where no group is named.
   */
  readonly known: (sheetId: string, groupId: string | null, nowMs: number, weeks?: number) => number
  /** Places that went wrong, each with how often, of the last calls of a dance; the worst first. */
  readonly slipsOf: (sheetId: string, calls?: number) => readonly SlipPlace[]
  /** How often a fill went round on a music, last; null where nobody knows. */
  readonly fill: (sheetId: string, passId: string, recordingId: string | null) => number | null
  /** What a group has danced, with how often and since when; the surest first. */
  readonly danced: (groupId: string) => readonly DancedFigure[]
  /** How often each figure was called in a stretch of time, the most called first. */
  readonly figureTimes: (fromMs: number, toMs: number) => readonly { id: string; times: number }[]
}
export interface SlipPlace {
  readonly slotId: string | null
  readonly name: string
  readonly pass: string
  readonly times: number
  readonly lastMs: number
}
export interface DancedFigure {
  readonly id: string
  readonly times: number
  readonly firstMs: number
  readonly lastMs: number
  /** Evenings on which it was danced. */
  readonly days: number
}

const DAY_MS = 24 * 3600_000

/** Makes a logbook ready: every question is answered from what was sorted once. */
export function logbookOf(all: readonly LogEntry[]): Logbook {
  const entries = [...all].sort((a, b) => b.atMs - a.atMs || a.id.localeCompare(b.id))
  const bySheet = groupedBy(entries, ({ sheetId }) => sheetId)
  const byGroup = groupedBy(entries, ({ groupId }) => groupId)
  const danced = new Map<string, readonly DancedFigure[]>()
  const ofSheet = (id: string): readonly LogEntry[] => bySheet.get(id) ?? []
  const ofGroup = (id: string): readonly LogEntry[] => byGroup.get(id) ?? []
  return {
    entries,
    ofSheet,
    ofGroup,
    last: (sheetId, groupId) =>
      ofSheet(sheetId).find((one) => groupId == null || one.groupId === groupId) ?? null,
    known: (sheetId, groupId, nowMs, weeks = FORGOTTEN_WEEKS) =>
      eveningsKnown(
        ofSheet(sheetId).filter((one) => groupId === null || one.groupId === groupId),
        nowMs,
        weeks,
      ),
    slipsOf: (sheetId, calls = 5) => slipPlaces(ofSheet(sheetId).slice(0, calls)),
    fill: (sheetId, passId, recordingId) =>
      ofSheet(sheetId)
        .filter((one) => one.recordingId === recordingId && one.finished)
        .flatMap(({ fills }) => fills.filter((one) => one.passId === passId))[0]?.times ?? null,
    danced: (groupId) => {
      const known = danced.get(groupId) ?? dancedBy(ofGroup(groupId))
      danced.set(groupId, known)
      return known
    },
    figureTimes: (fromMs, toMs) => {
      const times = new Map<string, number>()
      for (const { atMs, figures } of entries)
        if (atMs >= fromMs && atMs <= toMs)
          for (const one of figures) times.set(one.id, (times.get(one.id) ?? 0) + one.times)
      return [...times]
        .map(([id, n]) => ({ id, times: n }))
        .sort((a, b) => b.times - a.times || a.id.localeCompare(b.id))
    },
  }
}

/** Weeks without a dance after which it is called as if it were new. */
const FORGOTTEN_WEEKS = 6

/** What lessons say of when a group has forgotten. */
interface Lessons {
  readonly groupId?: string | undefined
  readonly dueWeeks: number
  readonly lessons: readonly { readonly date: string }[]
}
/**
 * Weeks without a dance after which a group is told anew, as its lessons have it: those of the
 * series that goes on longest. Null where no series is for that group.
 */
export function weeksUntilDue(series: readonly Lessons[], groupId: string): number | null {
  const last = ({ lessons }: Lessons): string =>
    lessons
      .map(({ date }) => date)
      .sort()
      .at(-1) ?? ''
  const own = series.filter((one) => one.groupId === groupId)
  const [newest] = own.sort((a, b) => last(b).localeCompare(last(a)))
  return newest?.dueWeeks ?? null
}

function eveningsKnown(newestFirst: readonly LogEntry[], nowMs: number, weeks: number): number {
  const days = new Set<number>()
  let after = nowMs
  for (const { atMs } of newestFirst) {
    if (atMs > nowMs) continue
    if (after - atMs >= weeks * WEEK_MS) break
    days.add(Math.floor(atMs / DAY_MS))
    after = atMs
  }
  return days.size
}

function groupedBy(
  entries: readonly LogEntry[],
  of: (entry: LogEntry) => string | null,
): ReadonlyMap<string, readonly LogEntry[]> {
  const groups = new Map<string, LogEntry[]>()
  for (const entry of entries) {
    const key = of(entry)
    if (key === null) continue
    const own = groups.get(key)
    if (own) own.push(entry)
    else groups.set(key, [entry])
  }
  return groups
}

function slipPlaces(entries: readonly LogEntry[]): readonly SlipPlace[] {
  const places = new Map<string, SlipPlace>()
  for (const { slips, atMs } of entries)
    for (const { what, slotId, name, pass } of slips) {
      if (what === 'paused') continue
      const key = `${slotId} ${pass}`
      const before = places.get(key)
      places.set(key, {
        slotId,
        name,
        pass,
        times: (before?.times ?? 0) + 1,
        lastMs: Math.max(atMs, before?.lastMs ?? 0),
      })
    }
  return [...places.values()].sort((a, b) => b.times - a.times || b.lastMs - a.lastMs)
}

function dancedBy(entries: readonly LogEntry[]): readonly DancedFigure[] {
  const figures = new Map<
    string,
    { times: number; first: number; last: number; days: Set<number> }
  >()
  for (const { atMs, figures: own } of entries)
    for (const { id, times } of own) {
      const one = figures.get(id) ?? { times: 0, first: atMs, last: atMs, days: new Set() }
      one.times += times
      one.first = Math.min(one.first, atMs)
      one.last = Math.max(one.last, atMs)
      one.days.add(Math.floor(atMs / DAY_MS))
      figures.set(id, one)
    }
  return [...figures]
    .map(([id, { times, first, last, days }]) => ({
      id,
      times,
      firstMs: first,
      lastMs: last,
      days: days.size,
    }))
    .sort((a, b) => b.days - a.days || b.times - a.times || a.id.localeCompare(b.id))
}

/**
 * Dances of a shelf that lie idle: not danced for so many weeks from this sheet or another of the
 * same dance, the longest idle first; those never danced come last.
 *
 * @param nowMs Now, in milliseconds.
 * @param weeks Without having been danced.
 * @param sameAs Other sheets of a dance, by its sheet.
 */
export function idleDances<Dance extends { readonly id: string }>(
  { last }: Logbook,
  dances: readonly Dance[],
  nowMs: number,
  weeks: number,
  sameAs: ReadonlyMap<string, readonly string[]> = new Map(),
): readonly { readonly dance: Dance; readonly lastMs: number | null }[] {
  return dances
    .map((dance) => {
      const sheets = [dance.id, ...(sameAs.get(dance.id) ?? [])]
      const times = sheets.flatMap((id) => last(id)?.atMs ?? [])
      return { dance, lastMs: times.length > 0 ? Math.max(...times) : null }
    })
    .filter(({ lastMs }) => lastMs === null || nowMs - lastMs >= weeks * WEEK_MS)
    .sort((a, b) => (a.lastMs ?? Infinity) - (b.lastMs ?? Infinity))
}

/**
 * Whether a figure is due again for a group: danced before, but not for so many weeks.
 *
 * @param nowMs Now, in milliseconds.
 * @param weeks After which it is due.
 */
export const isDueAgain = ({ lastMs }: DancedFigure, nowMs: number, weeks: number): boolean =>
  nowMs - lastMs >= weeks * WEEK_MS
