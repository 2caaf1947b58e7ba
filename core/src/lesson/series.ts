import { z } from 'zod'
import { idSchema, upgrader, type DocumentShape } from '../document/index.ts'

export const TOPIC_KINDS = ['figure', 'part', 'dance', 'remark', 'homework'] as const
export type TopicKind = (typeof TOPIC_KINDS)[number]

const topicSchema = z
  .strictObject({
    id: idSchema,
    kind: z.enum(TOPIC_KINDS),
    /** Of a figure. */
    figureId: idSchema.optional(),
    /** Of a dance, or of a part of it: those that are marked for a lesson. */
    sheetId: idSchema.optional(),
    lesson: z.int().min(1).max(99).optional(),
    text: z.string().max(1000),
    minutes: z.number().min(0).max(300).optional(),
    /** What became of it: taught, or not reached. */
    became: z.enum(['taught', 'not-reached']).optional(),
    hard: z.literal(true).optional(),
  })
  .readonly()
export type Topic = z.infer<typeof topicSchema>

const lessonSchema = z
  .strictObject({
    id: idSchema,
    date: z.string().regex(/^\d{4}-\d{2}-\d{2}$/, 'a date such as 2026-12-01 was expected'),
    minutes: z.int().min(1).max(600),
    topics: z.array(topicSchema).max(100).readonly(),
  })
  .readonly()
export type SeriesLesson = z.infer<typeof lessonSchema>

const requestSchema = z
  .strictObject({
    id: idSchema,
    date: z.string().max(10),
    /** What it is about. */
    sheetId: idSchema.optional(),
    /** A part of that sheet, as it is called there. */
    part: z.string().max(80).optional(),
    figureId: idSchema.optional(),
    kind: z.enum(['again', 'hard', 'video', 'other']),
    who: z.string().max(120),
    text: z.string().max(1000),
    /** Where a video or a file is. */
    link: z.string().max(500).optional(),
    done: z.literal(true).optional(),
  })
  .readonly()
export type DancerRequest = z.infer<typeof requestSchema>

/** Lessons one after the other, for a group. */
export const seriesSchema = z
  .strictObject({
    format: z.literal('dellop-series'),
    version: z.literal(1),
    id: idSchema,
    title: z.string().min(1, 'a title was expected').max(120),
    groupId: idSchema.optional(),
    /** Weeks after which a figure that was taught is due again. */
    dueWeeks: z.int().min(1).max(52),
    lessons: z.array(lessonSchema).max(200).readonly(),
    requests: z.array(requestSchema).max(2000).readonly(),
  })
  .readonly()
export type Series = z.infer<typeof seriesSchema>

export const seriesShape: DocumentShape = {
  optional: ['groupId'],
  lists: {
    lessons: {
      lists: {
        topics: {
          lists: {},
          optional: ['figureId', 'sheetId', 'lesson', 'minutes', 'became', 'hard'],
        },
      },
    },
    requests: { lists: {}, optional: ['sheetId', 'part', 'figureId', 'link', 'done'] },
  },
}
export const upgradeSeries = upgrader('dellop-series', [])

/** A series without a lesson yet. */
export const emptySeries = (id: string, title: string): Series => ({
  format: 'dellop-series',
  version: 1,
  id,
  title,
  dueWeeks: 6,
  lessons: [],
  requests: [],
})
