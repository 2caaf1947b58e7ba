import { LEVELS } from '../figure/index.ts'
import type { Hall } from '../floor/index.ts'
import type { LogEntry } from '../logbook/index.ts'
import { dancersThatFit } from './crowding.ts'
import { isHardWork, musicFor, type DanceFacts } from './facts.ts'
import type { Evening, EveningItem } from './programme.ts'
import { timesOf } from './times.ts'

/** What is worth a look in a programme, with its sum; worded elsewhere. */
export type Warning = { readonly itemIds: readonly string[] } & (
  | { readonly code: 'overrun' | 'gap'; readonly minutes: number; readonly until: number }
  | { readonly code: 'no-sheet' | 'no-sound' | 'twice'; readonly title: string }
  | {
      readonly code: 'dancers'
      readonly title: string
      readonly asks: number
      readonly came: number
    }
  | {
      readonly code: 'crowded'
      readonly title: string
      readonly fits: number
      readonly came: number
    }
  | { readonly code: 'odd'; readonly title: string; readonly left: number }
  | { readonly code: 'lately'; readonly title: string; readonly evenings: number }
  | { readonly code: 'tune-twice'; readonly titles: readonly string[] }
  /** Another dance to the same tune was danced lately. */
  | {
      readonly code: 'tune-lately'
      readonly title: string
      readonly other: string
      readonly evenings: number
    }
  | { readonly code: 'figure-often'; readonly name: string; readonly dances: number }
  | { readonly code: 'to-teach'; readonly title: string; readonly names: readonly string[] }
  | { readonly code: 'level'; readonly title: string; readonly level: string }
  | { readonly code: 'no-rest'; readonly dances: number; readonly minutes: number }
  | { readonly code: 'no-break'; readonly minutes: number }
)
export type WarningCode = Warning['code']
export const WARNING_CODES = [
  'overrun',
  'gap',
  'no-sheet',
  'no-sound',
  'twice',
  'dancers',
  'odd',
  'crowded',
  'lately',
  'tune-twice',
  'tune-lately',
  'figure-often',
  'to-teach',
  'level',
  'no-rest',
  'no-break',
] as const satisfies readonly WarningCode[]

/** What a programme is looked at with. */
export interface WarningContext {
  readonly facts: ReadonlyMap<string, DanceFacts>
  /** Whether the group knows a figure; null where nobody in particular dances. */
  readonly knows: ((figureId: string) => boolean) | null
  /** How far the group is; null where nobody in particular dances. */
  readonly level: string | null
  /** What was danced before, the newest first, of this group. */
  readonly before: readonly LogEntry[]
  /** Where it is danced; null where that hall has not been drawn. */
  readonly hall?: Hall | null
}

/** More than this left over is a gap. */
const GAP_MINUTES = 10
/** Evenings before this one that are looked at. */
const EVENINGS_BACK = 3
/** A figure in more dances than this share, and this many, comes too often. */
const OFTEN_SHARE = 0.6
const OFTEN_LEAST = 4
/** So many dances that are hard work one after the other, or so long without a break. */
const ROW_WITHOUT_REST = 3
const MINUTES_WITHOUT_BREAK = 75
const DAY_MS = 24 * 3600_000

/** All that is worth a look in a programme. Nothing is refused. */
export function warningsOf(evening: Evening, context: WarningContext): readonly Warning[] {
  const { facts } = context
  const items = evening.items.filter(({ dropped }) => !dropped)
  const dances = items.flatMap((item) => {
    const one = item.sheetId === undefined ? undefined : facts.get(item.sheetId)
    return item.kind === 'dance' && one ? [{ item, facts: one }] : []
  })
  return [
    ...ofTime(evening, facts),
    ...items.flatMap((item) => ofItem(item, evening, context)),
    ...ofRepeats(dances),
    ...ofFigures(dances),
    ...ofBodies(items, evening, facts),
  ]
}
interface Danced {
  readonly item: EveningItem
  readonly facts: DanceFacts
}

function ofTime(evening: Evening, facts: WarningContext['facts']): Warning[] {
  const { left, until, items } = timesOf(evening, facts)
  if (items.length === 0) return []
  if (left < -0.5) {
    const over = items.filter(({ ends, minutes }) => minutes > 0 && ends > until)
    return [
      {
        code: 'overrun',
        minutes: Math.round(-left),
        until,
        itemIds: over.map(({ item }) => item.id),
      },
    ]
  }
  return left > GAP_MINUTES ? [{ code: 'gap', minutes: Math.round(left), until, itemIds: [] }] : []
}

function ofItem(item: EveningItem, evening: Evening, context: WarningContext): Warning[] {
  if (item.kind !== 'dance') return []
  const itemIds = [item.id]
  const one = item.sheetId === undefined ? undefined : context.facts.get(item.sheetId)
  if (!one) return [{ code: 'no-sheet', title: item.title, itemIds }]
  const { title } = one
  const found: Warning[] = []
  if (!musicFor(one, item).hasSound) found.push({ code: 'no-sound', title, itemIds })
  const { present } = evening
  if (present !== undefined && present < one.dancers)
    found.push({ code: 'dancers', title, asks: one.dancers, came: present, itemIds })
  else if (present !== undefined && present % one.dancers !== 0 && one.dancers > 1)
    found.push({ code: 'odd', title, left: present % one.dancers, itemIds })
  const fits = context.hall && one.floor ? dancersThatFit(context.hall, one.floor) : null
  if (fits !== null && present !== undefined && asked(present, one) > fits)
    found.push({ code: 'crowded', title, fits, came: present, itemIds })
  const ago = eveningsSince(one, context.before, evening.date)
  if (ago !== null && ago <= EVENINGS_BACK)
    found.push({ code: 'lately', title, evenings: ago, itemIds })
  else found.push(...ofTuneLately(item, one, evening, context))
  const { knows, level } = context
  if (knows && item.walkMinutes === undefined) {
    const names = one.figures.filter(({ id }) => !knows(id)).map(({ name }) => name)
    if (names.length > 0) found.push({ code: 'to-teach', title, names, itemIds })
  }
  if (level !== null && one.level !== null && levelRank(one.level) > levelRank(level))
    found.push({ code: 'level', title, level: one.level, itemIds })
  return found
}

/** Its tune with another dance, at one of the last evenings: ears notice that too. */
function ofTuneLately(
  { id }: EveningItem,
  { title, tuneId }: DanceFacts,
  { date }: Evening,
  { before, facts }: WarningContext,
): Warning[] {
  if (tuneId === null) return []
  const found = lastEvening(
    before,
    date,
    ({ sheetId }) => sheetId !== null && facts.get(sheetId)?.tuneId === tuneId,
  )
  return found === null || found.evenings > EVENINGS_BACK
    ? []
    : [
        {
          code: 'tune-lately',
          title,
          other: found.entry.title,
          evenings: found.evenings,
          itemIds: [id],
        },
      ]
}

/** How many of those who are there would dance it: of sets, whole ones. */
const asked = (present: number, { floor }: DanceFacts): number =>
  floor?.kind === 'set' ? present - (present % floor.dancers) : present

/**
 * How many evenings ago a dance was last danced, from whichever of its sheets: 1 for the last; null
 * where not among those kept.
 */
export function eveningsSince(
  { sheetId, sameAs }: Pick<DanceFacts, 'sheetId' | 'sameAs'>,
  before: readonly LogEntry[],
  date: string,
): number | null {
  const found = lastEvening(
    before,
    date,
    (entry) =>
      entry.sheetId === sheetId || (entry.sheetId !== null && sameAs.includes(entry.sheetId)),
  )
  return found?.evenings ?? null
}

/** The newest entry of an evening before that day that is meant, and how many evenings ago. */
function lastEvening(
  before: readonly LogEntry[],
  date: string,
  isMeant: (entry: LogEntry) => boolean,
): { readonly entry: LogEntry; readonly evenings: number } | null {
  const today = Math.floor(Date.parse(`${date}T00:00:00Z`) / DAY_MS)
  const days: number[] = []
  for (const entry of before) {
    const day = Math.floor(entry.atMs / DAY_MS)
    if (day >= today) continue
    if (days.at(-1) !== day) days.push(day)
    if (isMeant(entry)) return { entry, evenings: days.length }
  }
  return null
}

function ofRepeats(dances: readonly Danced[]): Warning[] {
  const found: Warning[] = []
  const bySheet = new Map<string, Danced[]>()
  const byTune = new Map<string, Danced[]>()
  for (const one of dances) {
    const { sheetId, sameAs } = one.facts
    const dance = [sheetId, ...sameAs].sort()[0]!
    bySheet.set(dance, [...(bySheet.get(dance) ?? []), one])
    const tune = one.facts.tuneId
    if (tune) byTune.set(tune, [...(byTune.get(tune) ?? []), one])
  }
  for (const same of bySheet.values())
    if (same.length > 1)
      found.push({
        code: 'twice',
        title: same[0]!.facts.title,
        itemIds: same.map(({ item }) => item.id),
      })
  for (const same of byTune.values()) {
    const titles = [...new Set(same.map(({ facts }) => facts.title))]
    if (titles.length > 1)
      found.push({ code: 'tune-twice', titles, itemIds: same.map(({ item }) => item.id) })
  }
  return found
}

function ofFigures(dances: readonly Danced[]): Warning[] {
  const figures = new Map<string, { name: string; itemIds: string[] }>()
  for (const { item, facts } of dances)
    for (const { id, name } of facts.figures) {
      const one = figures.get(id) ?? { name, itemIds: [] }
      one.itemIds.push(item.id)
      figures.set(id, one)
    }
  return [...figures.values()]
    .filter(
      ({ itemIds }) =>
        itemIds.length >= OFTEN_LEAST && itemIds.length > OFTEN_SHARE * dances.length,
    )
    .map(({ name, itemIds }) => ({
      code: 'figure-often',
      name,
      dances: itemIds.length,
      itemIds,
    }))
}

/** Rows of hard work without rest, and long stretches without a break: care for bodies. */
function ofBodies(
  items: readonly EveningItem[],
  evening: Evening,
  facts: WarningContext['facts'],
): Warning[] {
  const found: Warning[] = []
  const timed = new Map(timesOf(evening, facts).items.map((one) => [one.item.id, one]))
  let row: EveningItem[] = []
  const endRow = (): void => {
    if (row.length >= ROW_WITHOUT_REST) {
      const minutes = row.reduce((sum, { id }) => sum + timed.get(id)!.made.music, 0)
      found.push({
        code: 'no-rest',
        dances: row.length,
        minutes: Math.round(minutes),
        itemIds: row.map(({ id }) => id),
      })
    }
    row = []
  }
  let since = timed.get(items[0]?.id ?? '')?.starts ?? 0
  for (const item of items) {
    const one = item.sheetId === undefined ? undefined : facts.get(item.sheetId)
    if (item.kind === 'dance' && one && isHardWork(one) && !item.walkMinutes) row.push(item)
    else endRow()
    const { ends, starts } = timed.get(item.id)!
    if (item.kind === 'break') since = ends
    else if (ends - since > MINUTES_WITHOUT_BREAK && starts - since <= MINUTES_WITHOUT_BREAK)
      found.push({ code: 'no-break', minutes: Math.round(ends - since), itemIds: [item.id] })
  }
  endRow()
  return found
}

/** Levels in their order, for charts. */
export const levelRank = (level: string | null): number =>
  level === null ? -1 : (LEVELS as readonly string[]).indexOf(level)
