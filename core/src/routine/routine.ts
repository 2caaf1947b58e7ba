import { z } from 'zod'
import { idSchema, type DocumentShape } from '../document/index.ts'
import { coupleStateSchema, holdIdSchema, LEVELS, variationSchema } from '../figure/index.ts'
import { linesSchema, placesSchema, statedNetSchema } from '../move/index.ts'
import { CUE_MODES } from '../school/index.ts'
import { metreSchema } from '../time/index.ts'
import { otherNamesSchema, relatedListSchema } from './related.ts'

const lengthTicks = z.int().min(0).max(100_000)

/**
 * What is danced in a slot: a figure with its variation, or plain words with a length (null while
 * it is open). An open length may be one of several, settled when it is danced, or last to the next
 * phrase or section of the music.
 */
const slotContentSchema = z.discriminatedUnion('type', [
  z
    .strictObject({
      type: z.literal('figure'),
      figureId: idSchema,
      variation: variationSchema,
      /** One of its other names, where it is called by that here. */
      called: z.string().min(1).max(60).optional(),
    })
    .readonly(),
  z
    .strictObject({
      type: z.literal('words'),
      text: z.string().max(200),
      lengthTicks: lengthTicks.nullable(),
      choices: z.array(lengthTicks).min(2).max(6).readonly().optional(),
      until: z.enum(['phrase', 'section']).optional(),
      /** Who moves where meanwhile. */
      moves: linesSchema.optional(),
      /** Where it leads, place by place, where that is all that is known of it. */
      net: statedNetSchema.optional(),
    })
    .readonly(),
])
export type SlotContent = z.infer<typeof slotContentSchema>

const slotFields = {
  content: slotContentSchema,
  /** Wordings used here instead of the figure's; null for the figure's own. */
  wordings: z
    .strictObject({
      full: z.string().max(120).nullable(),
      short: z.string().max(80).nullable(),
      keyWord: z.string().max(60).nullable(),
    })
    .readonly()
    .nullable(),
  /** `nothing` keeps this slot silent on purpose. */
  say: z.enum(['cue', 'nothing']),
  remark: z.string().max(500),
  /** What the teacher marks as hard here. */
  hard: z.literal(true).optional(),
  /** May be left out by who likes. It takes its time all the same. */
  optional: z.literal(true).optional(),
  /**
   * The figure's caution always or never beside it, on the page and in print; as the figure has it
   * where left out.
   */
  caution: z.enum(['shown', 'hidden']).optional(),
  /** Remarks for one role only. */
  roleRemarks: z
    .strictObject({ lead: z.string().max(300), follow: z.string().max(300) })
    .readonly()
    .optional(),
  /** At its end the two change roles, and stay so. */
  swap: z.literal(true).optional(),
  /** When its words are said; as the sheet has it where left out. */
  mode: z.enum(CUE_MODES).optional(),
  /**
   * What the cuer has settled of its cue: the start, in ticks from its step (negative: before it),
   * or which wording. The rest is planned around it.
   */
  pin: z
    .strictObject({
      startTicks: z.int().min(-3072).max(0).optional(),
      wording: z.enum(['full', 'short', 'keyWord']).optional(),
    })
    .readonly()
    .refine(
      (pin) => pin.startTicks !== undefined || pin.wording !== undefined,
      'a start or a wording was expected',
    )
    .optional(),
  /**
   * Said to one role only, beside what is said to both; where only one of the two can be said, it
   * is the first.
   */
  roleCues: z
    .strictObject({
      lead: z.string().max(80),
      follow: z.string().max(80),
      first: z.enum(['lead', 'follow']),
    })
    .readonly()
    .optional(),
  /** An announcement or a word of cheer, said while this is danced where there is a gap for it. */
  announce: z.string().min(1).max(120).optional(),
  /** At its end the set goes on: minor sets are formed anew, one place further. */
  progress: z.literal(true).optional(),
}
const SLOT_OPTIONAL = [
  'hard',
  'optional',
  'caution',
  'roleRemarks',
  'swap',
  'mode',
  'pin',
  'roleCues',
  'announce',
  'progress',
] as const
const slotSchema = z.strictObject({ id: idSchema, ...slotFields }).readonly()

/**
 * How one pass differs from its part. `slotId` names the slot it concerns; null appends at the
 * pass's end.
 */
const changeSchema = z
  .strictObject({
    id: idSchema,
    type: z.enum(['replace', 'drop', 'insert']),
    slotId: idSchema.nullable(),
    ...slotFields,
  })
  .readonly()

/** Ways in which a cuer counts: a view, never a change of what is danced. */
export const UNITS = ['bars', 'eights', 'sixteens', 'beats', 'slow-quick', 'words'] as const
const unitSchema = z.enum(UNITS)
export type Unit = (typeof UNITS)[number]

const partSchema = z
  .strictObject({
    id: idSchema,
    label: z.string().min(1).max(30),
    slots: z.array(slotSchema).max(2000).readonly(),
    /** Counted otherwise than the rest of the sheet; `words` is not counted at all. */
    unit: unitSchema.optional(),
    /** The lesson in which it is taught, from 1. */
    lesson: z.int().min(1).max(100).optional(),
    /** Another telling of that part, kept to compare; the definition is the other. */
    versionOf: idSchema.optional(),
    /** The sheet it was borrowed from. */
    origin: z
      .strictObject({ routineId: idSchema, partId: idSchema, title: z.string().max(120) })
      .readonly()
      .optional(),
  })
  .readonly()
const PART_OPTIONAL = ['unit', 'lesson', 'versionOf', 'origin'] as const

/**
 * A unit repeated until the next section, until it is released by hand at a unit's end, or until
 * the music ends.
 */
const fillSchema = z
  .strictObject({
    until: z.enum(['section', 'released', 'end']),
    min: z.int().min(0).max(64),
    max: z.int().min(1).max(64),
  })
  .readonly()
/**
 * How it ends: extracted and held, in a pose, walked off, or going on until the music ends; with a
 * spin for those who like.
 */
const finishSchema = z
  .strictObject({
    how: z.enum(['hold', 'pose', 'walk-off', 'music']),
    spin: z.literal(true).optional(),
  })
  .readonly()
/** Where it belongs in the music: the section or landmark of that name. */
const tieSchema = z
  .strictObject({ to: z.enum(['section', 'landmark']), label: z.string().min(1).max(120) })
  .readonly()

/**
 * One time through a part, or several; with its own stretch and changes. Bridges and endings are
 * parts used in one place.
 */
const passSchema = z
  .strictObject({
    id: idSchema,
    partId: idSchema,
    kind: z.enum(['pass', 'entrance', 'bridge', 'fill', 'ending']),
    times: z.int().min(1).max(64),
    /** Only from this slot to that one, both included. */
    stretch: z.strictObject({ from: idSchema, to: idSchema }).readonly().nullable(),
    reflected: z.boolean(),
    changes: z.array(changeSchema).max(200).readonly(),
    /**
     * Meant to face so many eighths further round, clockwise, than the part does elsewhere. Feet
     * and turns stay.
     */
    rotate: z.int().min(-7).max(7).optional(),
    /** Its last figure ends in this hold. */
    exitHold: holdIdSchema.optional(),
    tie: tieSchema.optional(),
    fill: fillSchema.optional(),
    finish: finishSchema.optional(),
    /** In a mixer: by how many places each role moves on in this pass, in the line of dance. */
    shift: z
      .strictObject({ lead: z.int().min(-32).max(32), follow: z.int().min(-32).max(32) })
      .readonly()
      .optional(),
    /** After each time through the set goes on by a place. */
    progress: z.literal(true).optional(),
  })
  .readonly()
const PASS_OPTIONAL = ['rotate', 'exitHold', 'tie', 'fill', 'finish', 'shift', 'progress'] as const

export const FORMATIONS = ['couples-round', 'couple', 'lines', 'ring', 'set', 'solo'] as const
export type Formation = (typeof FORMATIONS)[number]

/**
 * How a sheet is called: when words are said, what the mouth is for, and which gives way where
 * words and counts compete.
 */
const callingSchema = z
  .strictObject({
    mode: z.enum(CUE_MODES).optional(),
    mouth: z.enum(['words', 'counts', 'both']).optional(),
    first: z.enum(['words', 'counts']).optional(),
    /** Half beats are counted aloud too. */
    halves: z.literal(true).optional(),
    /** Cues begin on whole beats only. */
    wholeBeats: z.literal(true).optional(),
  })
  .readonly()
export type Calling = z.infer<typeof callingSchema>

const headingOptional = {
  year: z.int().min(1500).max(2200).optional(),
  /** Where it was learned: a book, a class, another cuer. */
  source: z.string().min(1).max(300).optional(),
  /** Other names the dance goes by. */
  otherNames: otherNamesSchema.optional(),
  /** How it stands to other dances. */
  related: relatedListSchema.optional(),
  formation: z.enum(FORMATIONS).optional(),
  /** Couples in a set, or dancers or couples in a ring. */
  couples: z.int().min(1).max(200).optional(),
  /** How they stand at first; the formation then follows from it. */
  places: placesSchema.optional(),
  level: z.enum(LEVELS).optional(),
  unit: unitSchema.optional(),
  /** Beats of a phrase that every part is held to: 16 bars of a sequence, 32 counts of a line dance. */
  phraseBeats: z.int().min(1).max(512).optional(),
  /**
   * The count of the bar on which its figures begin, where that is another than its school's: labels,
   * margins and spoken counts go by it.
   */
  countFrom: z.int().min(1).max(4).optional(),
  /** Beats that a slow lasts; a quick is half of it. As the dance usually has it where left out. */
  slowBeats: z.number().min(0.5).max(4).multipleOf(0.5).optional(),
  /** The order as somebody tells it, by the labels of parts; the order that is danced is the passes. */
  told: z.string().min(1).max(300).optional(),
  /** What this sheet calls the two roles, instead of the school's words. */
  roleLabels: z
    .strictObject({ lead: z.string().min(1).max(20), follow: z.string().min(1).max(20) })
    .readonly()
    .optional(),
  calling: callingSchema.optional(),
  tags: z.array(z.string().min(1).max(40)).min(1).max(20).readonly().optional(),
  /** Put away: kept, and not on the shelf. */
  archived: z.literal(true).optional(),
  /** The sheet this is a branch of, as it was at that revision. */
  origin: z
    .strictObject({ id: idSchema, title: z.string().max(120), revision: z.int().min(0) })
    .readonly()
    .optional(),
}

/** A finding the cuer has overruled, with the reason kept. */
const overruleSchema = z
  .strictObject({
    id: idSchema,
    code: z.string().max(60),
    subject: z.string().max(200),
    reason: z.string().max(300),
  })
  .readonly()

export const routineSchema = z
  .strictObject({
    format: z.literal('dellop-routine'),
    version: z.literal(2),
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
    start: coupleStateSchema,
    remark: z.string().max(2000),
    parts: z.array(partSchema).max(200).readonly(),
    passes: z.array(passSchema).max(500).readonly(),
    overrules: z.array(overruleSchema).max(500).readonly(),
    ...headingOptional,
  })
  .readonly()
  .superRefine((routine, context) => {
    const parts = new Set(routine.parts.map((part) => part.id))
    routine.passes.forEach((pass, i) => {
      if (!parts.has(pass.partId))
        context.addIssue({
          code: 'custom',
          path: ['passes', i, 'partId'],
          message: `the id of a part was expected; there is no part "${pass.partId}"`,
        })
      if (pass.fill && pass.fill.min > pass.fill.max)
        context.addIssue({
          code: 'custom',
          path: ['passes', i, 'fill', 'max'],
          message: `at least ${pass.fill.min}, as often as its least, was expected`,
        })
    })
    const seen = new Set<string>()
    for (const id of nodeIds(routine)) {
      if (seen.has(id))
        context.addIssue({
          code: 'custom',
          path: [],
          message: `every id may be used once; "${id}" is used twice`,
        })
      seen.add(id)
    }
  })

function* nodeIds(routine: {
  parts: readonly Part[]
  passes: readonly Pass[]
  overrules: readonly Overrule[]
}): Generator<string> {
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

const slotShape = { lists: {}, optional: SLOT_OPTIONAL }
export const routineShape: DocumentShape = {
  lists: {
    parts: { lists: { slots: slotShape }, optional: PART_OPTIONAL },
    passes: { lists: { changes: slotShape }, optional: PASS_OPTIONAL },
    overrules: { lists: {} },
  },
  optional: Object.keys(headingOptional),
}
