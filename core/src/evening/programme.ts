import { z } from 'zod'
import { idSchema, upgrader, type DocumentShape } from '../document/index.ts'

export const ITEM_KINDS = [
  'dance',
  'lesson',
  'break',
  'announcement',
  'open-floor',
  'live-band',
] as const
export type ItemKind = (typeof ITEM_KINDS)[number]

const minutes = z.number().min(0).max(600)
const clock = z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/, 'a time such as 19:30 was expected')

const itemSchema = z
  .strictObject({
    id: idSchema,
    kind: z.enum(ITEM_KINDS),
    title: z.string().max(200),
    /** Of a dance: its sheet, how fast, how often through, who calls. */
    sheetId: idSchema.optional(),
    recordingId: z.string().max(100).optional(),
    speed: z.number().min(0.5).max(1.5).optional(),
    times: z.int().min(1).max(20).optional(),
    walkMinutes: minutes.optional(),
    caller: z.string().max(120).optional(),
    /** Of a lesson: which of a series. */
    seriesId: idSchema.optional(),
    lessonId: idSchema.optional(),
    /** How long all else takes; of a dance, where it is not computed. */
    minutes: minutes.optional(),
    note: z.string().max(1000).optional(),
    /** It must stay where something is filled or shortened. */
    must: z.literal(true).optional(),
    /** Left out tonight. */
    dropped: z.literal(true).optional(),
    beganMs: z.number().min(0).max(1e14).optional(),
    endedMs: z.number().min(0).max(1e14).optional(),
  })
  .readonly()
export type EveningItem = z.infer<typeof itemSchema>

/** A programme: what is danced on an evening, in its order. */
export const eveningSchema = z
  .strictObject({
    format: z.literal('dellop-evening'),
    version: z.literal(1),
    id: idSchema,
    title: z.string().min(1, 'a title was expected').max(120),
    date: z.string().regex(/^\d{4}-\d{2}-\d{2}$/, 'a date such as 2026-12-01 was expected'),
    startsAt: clock,
    /** Before it starts: past midnight. */
    endsAt: clock,
    /** Where the clock stands, such as Europe/Berlin. */
    zone: z.string().min(1).max(60),
    hall: z.string().max(120),
    groupId: idSchema.optional(),
    /** Seconds from the end of one thing to the beginning of the next. */
    changeoverSeconds: z.int().min(0).max(1800),
    /** Dancers that are there, or expected. */
    present: z.int().min(0).max(2000).optional(),
    note: z.string().max(2000).optional(),
    items: z.array(itemSchema).max(200).readonly(),
  })
  .readonly()
export type Evening = z.infer<typeof eveningSchema>

export const eveningShape: DocumentShape = {
  optional: ['groupId', 'present', 'note'],
  lists: {
    items: {
      lists: {},
      optional: [
        'sheetId',
        'recordingId',
        'speed',
        'times',
        'walkMinutes',
        'caller',
        'seriesId',
        'lessonId',
        'minutes',
        'note',
        'must',
        'dropped',
        'beganMs',
        'endedMs',
      ],
    },
  },
}
export const upgradeEvening = upgrader('dellop-evening', [])

/** An evening without anything in it yet. */
export const emptyEvening = (id: string, title: string, date: string, zone: string): Evening => ({
  format: 'dellop-evening',
  version: 1,
  id,
  title,
  date,
  startsAt: '19:30',
  endsAt: '22:00',
  zone,
  hall: '',
  changeoverSeconds: 60,
  items: [],
})

/** What an item of each kind usually takes, in minutes, where nothing else is said. */
export const USUAL_MINUTES: Readonly<Record<ItemKind, number>> = {
  dance: 4,
  lesson: 30,
  break: 15,
  announcement: 3,
  'open-floor': 15,
  'live-band': 30,
}
