import {
  emptyEvening,
  eveningSchema,
  type DanceFacts,
  type Evening,
  type EveningItem,
} from '../evening/index.ts'
import { emptyEntry, type LogEntry } from '../logbook/index.ts'

/** What an evening goes by of a dance: an easy waltz of three minutes. */
export const facts = (sheetId: string, over: Partial<DanceFacts> = {}): DanceFacts => ({
  sheetId,
  title: sheetId.toUpperCase(),
  by: '',
  dance: 'waltz',
  formation: 'couple',
  level: 'easy',
  tuneId: null,
  hasSound: true,
  recordings: [],
  archived: false,
  bpm: 90,
  seconds: 180,
  stepsASecond: 1,
  turnsAMinute: 2,
  dancers: 2,
  floor: null,
  sameAs: [],
  figures: [],
  ...over,
})
/** Dances by their sheets. */
export const of = (...all: DanceFacts[]): ReadonlyMap<string, DanceFacts> =>
  new Map(all.map((one) => [one.sheetId, one]))
/** An item that is a dance. */
export const dance = (id: string, over: Partial<EveningItem> = {}): EveningItem => ({
  id: `i-${id}`,
  kind: 'dance',
  title: '',
  sheetId: id,
  ...over,
})
/** An evening of items. */
export const evening = (items: EveningItem[], over: Partial<Evening> = {}): Evening =>
  eveningSchema.parse({
    ...emptyEvening('e1', 'Saltmarsh Social', '2026-12-02', 'Europe/Berlin'),
    items,
    ...over,
  })
/** An entry of the logbook, at seven in the evening. */
export const entry = (sheetId: string, date: string, over: Partial<LogEntry> = {}): LogEntry => ({
  ...emptyEntry(`${sheetId}-${date}`, sheetId, Date.parse(`${date}T19:00:00Z`)),
  sheetId,
  ...over,
})
