import { z } from 'zod'
import { idSchema, upgrader } from '../document/index.ts'
import type { FloorSettings } from './simulatedFloor.ts'
import type { TakeScore, Verdict } from './score.ts'

export const SPEAKERS = ['microphone', 'key', 'stand-in'] as const
/** Who speaks in a take: the cuer, a key held as long, or the stand-in while the cuer listens. */
export type Speaker = (typeof SPEAKERS)[number]

const VERDICTS = [
  'in-time',
  'tight',
  'late',
  'early',
  'missed',
  'over-another',
] as const satisfies readonly Verdict[]

const seconds = z.number().min(-100_000).max(100_000)
const base = {
  format: z.literal('dellop-practice'),
  version: z.literal(1),
  id: idSchema,
  sheetId: idSchema,
  title: z.string().max(200),
  atMs: z.number().min(0).max(1e14),
}
const floorSchema = z
  .strictObject({
    dancers: z.int().min(1).max(200),
    hearing: z.number().min(0).max(1),
    reactionSeconds: z.number().min(0).max(10),
    reactionSpread: z.number().min(0).max(5),
    forgetting: z.number().min(0).max(1),
    before: z.number().min(0).max(100_000),
  })
  .readonly() satisfies z.ZodType<FloorSettings>

const takeSchema = z
  .strictObject({
    ...base,
    kind: z.literal('take'),
    revision: z.int().min(0),
    recordingId: z.string().max(100).nullable(),
    groupId: idSchema.nullable(),
    speaker: z.enum(SPEAKERS),
    speed: z.number().min(0.4).max(1.6),
    seed: z.int(),
    floor: floorSchema,
    /** What was danced of it, in ticks; null for the whole. */
    stretch: z.strictObject({ start: z.int(), end: z.int() }).readonly().nullable(),
    /** Heard seconds from the first step, as far as it went. */
    until: seconds,
    spans: z
      .array(z.strictObject({ start: seconds, end: seconds }).readonly())
      .max(20_000)
      .readonly(),
    /** How late the microphone heard the music; null where none was used. */
    delaySeconds: z.number().min(0).max(5).nullable(),
    cues: z
      .array(
        z
          .strictObject({
            slotId: z.string().max(120),
            text: z.string().max(400),
            step: seconds,
            verdict: z.enum(VERDICTS),
            leadBeats: z.number().nullable(),
          })
          .readonly(),
      )
      .max(20_000)
      .readonly(),
    inTime: z.number().min(0).max(1),
    /** Share of the floor that danced rightly with it, and had it been called as planned. */
    right: z.number().min(0).max(1),
    rightAsPlanned: z.number().min(0).max(1),
    /** The sound of it in the store, where the cuer kept it. */
    media: z.string().max(128).nullable(),
  })
  .readonly()
/** One take of a dance, as it is kept. */
export type Take = z.infer<typeof takeSchema>

const roundsSchema = z
  .strictObject({
    ...base,
    kind: z.literal('drill'),
    /** Key of the passage that was drilled. */
    passage: z.string().max(300),
    rounds: z
      .array(z.strictObject({ speed: z.number().min(0.4).max(1.6), good: z.boolean() }).readonly())
      .max(1000)
      .readonly(),
  })
  .readonly()
/** Rounds of one passage, one after the other. */
export type DrillRecord = z.infer<typeof roundsSchema>

const answersSchema = z
  .strictObject({
    ...base,
    kind: z.literal('quiz'),
    answers: z
      .array(z.strictObject({ question: z.string().max(300), right: z.boolean() }).readonly())
      .max(1000)
      .readonly(),
  })
  .readonly()
/** Questions that were answered, one after the other. */
export type QuizRecord = z.infer<typeof answersSchema>

/** Anything that was practised, as it is kept. */
export type Practice = Take | DrillRecord | QuizRecord
export const practiceSchema: z.ZodType<Practice> = z.discriminatedUnion('kind', [
  takeSchema,
  roundsSchema,
  answersSchema,
])

export const upgradePractice = upgrader('dellop-practice', [])

/** The cues of a take as they are kept with it, so that it can be read when the sheet has changed. */
export const keptCues = ({ cues }: TakeScore): Take['cues'] =>
  cues.map(({ utterance: { slotId, text, step }, verdict, leadBeats }) => ({
    slotId,
    text,
    step,
    verdict,
    leadBeats,
  }))
