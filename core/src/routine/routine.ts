import { z } from 'zod'
import { idSchema, type DocumentShape } from '../document/index.ts'
import { floorStateSchema, variationSchema } from '../figure/index.ts'
import { metreSchema } from '../time/index.ts'

/** What is danced in a slot: a figure with its variation, or plain words with a length (null while it is open). */
const slotContentSchema = z.discriminatedUnion('type', [
  z.strictObject({ type: z.literal('figure'), figureId: idSchema, variation: variationSchema }).readonly(),
  z.strictObject({ type: z.literal('words'), text: z.string().max(200), lengthTicks: z.int().min(0).max(100_000).nullable() }).readonly(),
])
export type SlotContent = z.infer<typeof slotContentSchema>

const slotFields = {
  content: slotContentSchema,
  /** Wordings used here instead of the figure's; null for the figure's own. */
  wordings: z
    .strictObject({ full: z.string().max(120).nullable(), short: z.string().max(80).nullable(), prompt: z.string().max(60).nullable() })
    .readonly()
    .nullable(),
  /** `nothing` keeps this slot silent on purpose. */
  say: z.enum(['cue', 'nothing']),
  remark: z.string().max(500),
}
const slotSchema = z.strictObject({ id: idSchema, ...slotFields }).readonly()

/** How one pass differs from its part. `slotId` names the slot it concerns; null appends at the pass's end. */
const changeSchema = z.strictObject({ id: idSchema, type: z.enum(['replace', 'drop', 'insert']), slotId: idSchema.nullable(), ...slotFields }).readonly()

const partSchema = z.strictObject({ id: idSchema, label: z.string().min(1).max(30), slots: z.array(slotSchema).max(2000).readonly() }).readonly()

/** One time through a part, or several; with its own stretch and changes. Bridges and endings are parts used in one place. */
const passSchema = z
  .strictObject({
    id: idSchema,
    partId: idSchema,
    kind: z.enum(['pass', 'entrance', 'bridge', 'ending']),
    times: z.int().min(1).max(64),
    /** Only from this slot to that one, both included. */
    stretch: z.strictObject({ from: idSchema, to: idSchema }).readonly().nullable(),
    reflected: z.boolean(),
    changes: z.array(changeSchema).max(200).readonly(),
  })
  .readonly()

/** A finding the cuer has overruled, with the reason kept. */
const overruleSchema = z.strictObject({ id: idSchema, code: z.string().max(60), subject: z.string().max(200), reason: z.string().max(300) }).readonly()

export const routineSchema = z
  .strictObject({
    format: z.literal('dellop-routine'),
    version: z.literal(1),
    id: idSchema,
    title: z.string().min(1).max(120),
    by: z.string().max(120),
    dance: z.string().max(40),
    schoolId: idSchema,
    tuneId: idSchema.nullable(),
    recordingId: idSchema.nullable(),
    metre: metreSchema,
    /** Tempo where there is no recording, in beats a minute. */
    bpm: z.number().min(20).max(400),
    language: z.enum(['en', 'de']),
    start: floorStateSchema,
    remark: z.string().max(2000),
    parts: z.array(partSchema).max(200).readonly(),
    passes: z.array(passSchema).max(500).readonly(),
    overrules: z.array(overruleSchema).max(500).readonly(),
  })
  .readonly()
  .superRefine((routine, context) => {
    const parts = new Set(routine.parts.map((part) => part.id))
    routine.passes.forEach((pass, i) => {
      if (!parts.has(pass.partId)) context.addIssue({ code: 'custom', path: ['passes', i, 'partId'], message: `the id of a part was expected; there is no part "${pass.partId}"` })
    })
    const seen = new Set<string>()
    for (const id of nodeIds(routine)) {
      if (seen.has(id)) context.addIssue({ code: 'custom', path: [], message: `every id may be used once; "${id}" is used twice` })
      seen.add(id)
    }
  })

function* nodeIds(routine: { parts: readonly Part[]; passes: readonly Pass[]; overrules: readonly Overrule[] }): Generator<string> {
  for (const part of routine.parts) {
    yield part.id
    for (const slot of part.slots) yield slot.id
  }
  for (const pass of routine.passes) {
    yield pass.id
    for (const change of pass.changes) yield change.id
  }
  for (const overrule of routine.overrules) yield overrule.id
}

export type Routine = z.infer<typeof routineSchema>
export type Part = z.infer<typeof partSchema>
export type Slot = z.infer<typeof slotSchema>
export type Pass = z.infer<typeof passSchema>
export type Change = z.infer<typeof changeSchema>
export type Overrule = z.infer<typeof overruleSchema>

const leaf = { lists: {} }
export const routineShape: DocumentShape = {
  lists: { parts: { lists: { slots: leaf } }, passes: { lists: { changes: leaf } }, overrules: leaf },
}
