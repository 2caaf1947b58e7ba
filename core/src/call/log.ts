import { z } from 'zod'
import { idSchema } from '../document/index.ts'
import { coupleStateSchema, variationSchema } from '../figure/index.ts'
import type { Seconds, Tick } from '../time/index.ts'
import { newCall, stepCall, type Call, type CallEvent } from './call.ts'

const tickSchema = z.int().min(-1_000_000).max(100_000_000) as unknown as z.ZodType<Tick>
const musicSchema = z.number().min(-100_000).max(100_000) as unknown as z.ZodType<Seconds>
const at = z.number().min(-1_000_000).max(1_000_000_000)
const index = z.int().min(0).max(100_000)

const legSchema = z
  .strictObject({
    pass: index,
    from: index,
    to: index,
    at: tickSchema,
    link: idSchema.optional(),
    linkAs: variationSchema.optional(),
    home: z.literal(true).optional(),
    entry: coupleStateSchema.optional(),
  })
  .readonly()
const courseSchema = z.strictObject({
  legs: z.array(legSchema).max(5000).readonly(),
  waiting: z
    .array(z.strictObject({ pass: index, from: index, to: index }))
    .max(5000)
    .readonly(),
})

const keySchema = z.string().min(1).max(300)
const turnSchema = z.enum(['rejoin', 'release', 'again', 'restart', 'skip', 'end-soon', 'go-on'])

/** What happened in a call, one by one, in the form in which it is kept. */
export const callEventSchema = z.discriminatedUnion('type', [
  z.strictObject({ type: z.literal('start'), at, countInSeconds: z.number().min(0).max(120) }),
  z.strictObject({ type: z.literal('pause'), at }),
  z.strictObject({
    type: z.literal('seek'),
    at,
    music: musicSchema,
    fromTop: z.literal(true).optional(),
  }),
  z.strictObject({ type: z.literal('speed'), at, speed: z.number().min(0.1).max(4) }),
  z.strictObject({
    type: z.literal('heard'),
    at,
    by: z.enum(['tap', 'landmark', 'nudge']),
    music: musicSchema,
    speed: z.number().min(0.1).max(4),
    error: z.number().min(-1000).max(1000),
  }),
  z.strictObject({ type: z.literal('hold'), at, from: tickSchema }),
  z.strictObject({ type: z.literal('free'), at, from: tickSchema }),
  z.strictObject({
    type: z.literal('lose'),
    at,
    from: tickSchema,
    couple: coupleStateSchema,
    until: tickSchema,
    neutral: z.literal(true).optional(),
  }),
  z.strictObject({ type: z.literal('carry-on'), at }),
  z.strictObject({
    type: z.literal('turn'),
    at,
    turn: turnSchema,
    course: courseSchema,
    tick: tickSchema.optional(),
  }),
  z.strictObject({ type: z.literal('take-back'), at }),
  z.strictObject({ type: z.literal('ending'), at }),
  z.strictObject({ type: z.literal('end'), at }),
  z.strictObject({
    type: z.literal('cue'),
    at,
    key: keySchema,
    text: z.string().max(400),
    tick: tickSchema,
    due: at.optional(),
  }),
  z.strictObject({ type: z.literal('mark'), at, tick: tickSchema }),
  z.strictObject({ type: z.literal('by-hand'), at, key: keySchema }),
  z.strictObject({ type: z.literal('unsaid'), at, key: keySchema }),
  z.strictObject({ type: z.literal('asked'), at, what: z.enum(['floor', 'cuer', 'go-on']) }),
  z.strictObject({ type: z.literal('unasked'), at }),
  z.strictObject({ type: z.literal('not-possible'), at, turn: turnSchema }),
  z.strictObject({
    type: z.literal('loop'),
    at,
    span: z.strictObject({ start: tickSchema, end: tickSchema }).nullable(),
  }),
  z.strictObject({
    type: z.literal('tap'),
    at,
    error: z.number().min(-1000).max(1000),
    taken: z.enum(['double', 'stray']),
  }),
  z.strictObject({ type: z.literal('tap-unit'), at, unit: z.enum(['beat', 'bar', 'phrase']) }),
  z.strictObject({ type: z.literal('delay'), at, seconds: z.number().min(-0.5).max(1.5) }),
])

/** Most that may happen in one call: three hours of cues are under 5,000. */
const MOST_EVENTS = 50_000

/**
 * One call of a dance, from its start to its end, as it is kept: what, when, where, for whom, and
 * all that happened.
 */
export const callLogSchema = z.strictObject({
  format: z.literal('dellop-call'),
  version: z.literal(2),
  id: idSchema,
  /**
   * The sheet that was called, as it was at that revision; null where it was called without one.
   */
  sheetId: idSchema.nullable(),
  revision: z.int().min(0).nullable(),
  title: z.string().min(1).max(200),
  /** Wall time at which it began, and at clock second 0 of its events. */
  startedAtMs: z.number().min(0),
  clockZeroMs: z.number(),
  endedAtMs: z.number().min(0).nullable(),
  groupId: idSchema.nullable(),
  where: z.string().max(120),
  caller: z.string().max(120),
  music: z.enum(['recording', 'elsewhere', 'silent']),
  /** Place of the music at which it waited before it began, and its speed. */
  from: musicSchema,
  speed: z.number().min(0.1).max(4),
  /** Beats a minute at the first step at speed 1. */
  bpm: z.number().min(1).max(1000),
  events: z.array(callEventSchema).max(MOST_EVENTS),
})
export type CallLog = z.infer<typeof callLogSchema>

/** The call that a log tells of, as it is after its last event. */
export const replay = (log: Pick<CallLog, 'from' | 'speed' | 'events'>): Call =>
  (log.events as readonly CallEvent[]).reduce(stepCall, newCall(log.from, log.speed))
