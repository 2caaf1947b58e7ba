import { z } from 'zod'
import { idSchema, upgrader, type DocumentShape } from '../document/index.ts'

const text = (most: number) => z.string().max(most)
const atMs = z.number().min(0).max(1e14)

/**
 * What was danced once: by itself after a call, or by hand for what was called without Dellop. What
 * a correction changes is kept beside it.
 */
export const entrySchema = z
  .strictObject({
    format: z.literal('dellop-entry'),
    version: z.literal(1),
    id: idSchema,
    /** The call it tells of; null where it was written by hand. */
    callId: idSchema.nullable(),
    sheetId: idSchema.nullable(),
    revision: z.int().min(0).nullable(),
    title: z.string().min(1).max(200),
    atMs,
    minutes: z.number().min(0).max(600),
    hall: text(120),
    groupId: idSchema.nullable(),
    groupName: text(60),
    caller: text(120),
    /** Dancers that were there; null where nobody counted. */
    present: z.int().min(0).max(2000).nullable(),
    recordingId: text(100).nullable(),
    bpm: z.number().min(1).max(1000).nullable(),
    speed: z.number().min(0.1).max(4).nullable(),
    passesDanced: z.int().min(0).max(5000),
    passesWritten: z.int().min(0).max(5000),
    /** Whether it came to its end. */
    finished: z.boolean(),
    /** What went wrong, in the order of the dance. */
    slips: z
      .array(
        z
          .strictObject({
            what: z.enum(['lost', 'held', 'paused', 'marked', 'turned', 'free']),
            /** The slot near which it was, as it is written; null where nobody knows. */
            slotId: text(120).nullable(),
            name: text(200),
            pass: text(60),
          })
          .readonly(),
      )
      .max(500)
      .readonly(),
    /** Figures that were danced, and how often each. */
    figures: z
      .array(z.strictObject({ id: idSchema, times: z.int().min(1).max(100_000) }).readonly())
      .max(2000)
      .readonly(),
    /** How often what fills a gap went round on this music. */
    fills: z
      .array(z.strictObject({ passId: text(120), times: z.int().min(0).max(1000) }).readonly())
      .max(200)
      .readonly(),
    remarks: text(4000),
    /** Minutes that the walk-through took; null where there was none. */
    walkMinutes: z.number().min(0).max(600).nullable(),
    /** What it said before it was corrected, and when. */
    corrected: z
      .array(
        z.strictObject({ atMs, field: text(40), before: text(4000), after: text(4000) }).readonly(),
      )
      .max(200)
      .readonly(),
  })
  .readonly()
export type LogEntry = z.infer<typeof entrySchema>

export const entryShape: DocumentShape = { lists: { figures: { lists: {} } } }
export const upgradeEntry = upgrader('dellop-entry', [])

/** Fields that may be corrected, as they are read. */
export const CORRECTABLE = [
  'title',
  'hall',
  'caller',
  'present',
  'remarks',
  'minutes',
  'walkMinutes',
] as const
export type Correctable = (typeof CORRECTABLE)[number]

/**
 * The entry with a field corrected; what it said before is kept. The same where nothing changes.
 *
 * @param nowMs Now, in milliseconds.
 */
export function correct<Field extends Correctable>(
  entry: LogEntry,
  field: Field,
  to: LogEntry[Field],
  nowMs: number,
): LogEntry {
  if (entry[field] === to) return entry
  const said = (value: unknown): string => (value === null ? '' : String(value))
  const change = { atMs: nowMs, field, before: said(entry[field]), after: said(to) }
  return { ...entry, [field]: to, corrected: [...entry.corrected, change] }
}

/**
 * An entry by hand, of which nothing but name and day is known yet.
 *
 * @param at When it was danced, in milliseconds.
 */
export const emptyEntry = (id: string, title: string, at: number): LogEntry => ({
  format: 'dellop-entry',
  version: 1,
  id,
  callId: null,
  sheetId: null,
  revision: null,
  title,
  atMs: at,
  minutes: 0,
  hall: '',
  groupId: null,
  groupName: '',
  caller: '',
  present: null,
  recordingId: null,
  bpm: null,
  speed: null,
  passesDanced: 0,
  passesWritten: 0,
  finished: true,
  slips: [],
  figures: [],
  fills: [],
  remarks: '',
  walkMinutes: null,
  corrected: [],
})
