import { z } from 'zod'
import { linesSchema, statedNetSchema } from '../../move/index.ts'
import { idSchema, type DocumentShape } from '../../document/index.ts'
import { holdIdSchema } from './hold.ts'
import { stepSchema } from './step.ts'
import { variationSchema } from './variation.ts'

/**
 * What it is called (`name`), what is said (`wordings`) and what is done (`steps`) are three
 * things. Length out, feet, facing and turn are computed from the steps and never stored.
 */
const wordingSchema = z
  .strictObject({
    full: z.string().min(1).max(120),
    short: z.string().min(1).max(80),
    keyWord: z.string().min(1).max(60),
  })
  .readonly()
export type Wordings = z.infer<typeof wordingSchema>
export const WORDING_KINDS = ['full', 'short', 'keyWord'] as const
export type WordingKind = (typeof WORDING_KINDS)[number]

/** Languages in which Dellop speaks. */
export const CUE_LANGUAGES = ['en', 'de'] as const
export type CueLanguageId = (typeof CUE_LANGUAGES)[number]
const wordingsSchema = z
  .strictObject({ en: wordingSchema.optional(), de: wordingSchema.optional() })
  .refine(
    ({ en, de }) => en !== undefined || de !== undefined,
    'words in English or German were expected',
  )
  .readonly()

/**
 * Another name, and whose it is: of a school, a region, a language; plain where it is everybody's.
 */
const aliasSchema = z
  .strictObject({
    name: z
      .string()
      .min(1)
      .max(60)
      .regex(/^[^;[\]|]+$/, 'a name without ; | [ or ] was expected'),
    school: z
      .string()
      .regex(/^[^,;[\]|]{1,40}$/, 'a school without , ; | [ or ] was expected')
      .optional(),
    region: z
      .string()
      .regex(/^[^,;[\]|]{1,40}$/, 'a region without , ; | [ or ] was expected')
      .optional(),
    language: z
      .string()
      .regex(/^[a-z]{2,3}$/, 'a language such as en or de was expected')
      .optional(),
  })
  .readonly()
export type Alias = z.infer<typeof aliasSchema>

const stepsSchema = z.array(stepSchema).max(400).readonly()
/**
 * The follow's steps: written out; `opposite`, the lead's with the other feet in the same direction
 * of the hall (the lead forward, the follow back); `alike`, each as the other sees it in a mirror
 * (both rock back); or `same`, the lead's own.
 */
export const FOLLOW_KINDS = ['opposite', 'alike', 'same'] as const
export type FollowKind = (typeof FOLLOW_KINDS)[number]
const followSchema = z.union([z.enum(FOLLOW_KINDS), stepsSchema])

/**
 * Another way to end, or something that may be added; not danced and not counted unless it is
 * chosen, by its name.
 */
const namedSchema = z
  .string()
  .min(1)
  .max(60)
  .regex(/^[^|"\n:=,()]+$/, 'a name without | " : = , or parentheses was expected')
const endingSchema = z
  .strictObject({
    name: namedSchema,
    /** Steps from this tick on are replaced. */
    from: z.int().min(0).max(100_000),
    /** The hold it then ends in; null for the figure's own. */
    hold: holdIdSchema.nullable(),
    lead: stepsSchema,
    follow: followSchema,
  })
  .readonly()
const optionSchema = z
  .strictObject({ name: namedSchema, lead: stepsSchema, follow: followSchema })
  .readonly()
export type Ending = z.infer<typeof endingSchema>
export type FigureOption = z.infer<typeof optionSchema>

/**
 * Dancers of a set who do something else than the figure's lead and follow: these couples, one role
 * of them or both. No steps: they stand.
 */
const othersSchema = z
  .strictObject({
    couples: z.array(z.int().min(1).max(8)).min(1).max(8).readonly(),
    role: z.enum(['lead', 'follow', 'both']),
    steps: stepsSchema,
  })
  .readonly()
export type SetOthers = z.infer<typeof othersSchema>

const strictnessSchema = z.enum(['hard', 'soft'])
export const CAUTION_KINDS = [
  'arms',
  'neck',
  'spin',
  'dip',
  'knees',
  'floor',
  'crowding',
  'heat',
  'tempo',
] as const
export const LEVELS = ['first', 'easy', 'improver', 'steady', 'advanced'] as const
export type Level = (typeof LEVELS)[number]

/** What a level is called among dancers. */
export const LEVEL_NAMES: Readonly<Record<Level, string>> = {
  first: 'absolute beginner',
  easy: 'beginner',
  improver: 'improver',
  steady: 'intermediate',
  advanced: 'advanced',
}

/** What a level of that id is called; the id itself where no level has it. */
export const levelName = (id: string): string => LEVEL_NAMES[id as Level] ?? id

/** The level of a name, or of the word that it was called by before; null for none. */
export function levelNamed(text: string): Level | null {
  const plain = text.trim().toLowerCase()
  return LEVELS.find((level) => level === plain || LEVEL_NAMES[level] === plain) ?? null
}
export const FRAMES = ['hall', 'walls', 'ring', 'set'] as const

export const figureSchema = z
  .strictObject({
    format: z.literal('dellop-figure'),
    version: z.literal(3),
    id: idSchema,
    name: z.string().min(1).max(60),
    aliases: z.array(aliasSchema).max(20).readonly(),
    family: z.string().min(1).max(40),
    level: z.enum(LEVELS),
    /** Who dances it: a lead with a follow, everybody alone, or the couples of a set. */
    dancers: z.enum(['couple', 'solo', 'set']),
    /** Length of the figure; its pick-up is not part of it. */
    lengthTicks: z
      .int()
      .min(1, 'a length of at least 1 tick (24 ticks are a beat) was expected')
      .max(100_000),
    /** Count of the bar on which its first beat falls; 1 where left out. */
    countFrom: z.int().min(1).max(12).optional(),
    lead: stepsSchema,
    follow: followSchema,
    /** In a set: how many couples it is for, and those who do something else. */
    set: z
      .strictObject({
        couples: z.tuple([z.int().min(1).max(8), z.int().min(1).max(8)]).readonly(),
        others: z.array(othersSchema).max(16).readonly(),
      })
      .readonly()
      .optional(),
    /** In a set: who moves where, from the formation it is danced in. */
    moves: linesSchema.optional(),
    /** In a set: where it leads, where nobody says by which ways. */
    net: statedNetSchema.optional(),
    /** Hands changed on the way; the last hold is `exitHold`. */
    holdChanges: z
      .array(z.strictObject({ at: z.int().min(0).max(100_000), hold: holdIdSchema }).readonly())
      .max(40)
      .readonly()
      .optional(),
    entry: z
      .strictObject({
        /** Holds it may begin in; empty for any. */
        holds: z.array(holdIdSchema).max(20).readonly(),
        /** Facings of the lead it is meant to begin in, eighths; empty for any. */
        facings: z.array(z.int().min(0).max(7)).max(8).readonly(),
        /** The frame whose words the facings are said in; the hall where left out. */
        frame: z.enum(FRAMES).optional(),
        /** `hard`: it cannot begin otherwise; `soft`: it is only less comfortable. */
        strictness: z
          .strictObject({
            feet: strictnessSchema,
            holds: strictnessSchema,
            facings: strictnessSchema,
          })
          .readonly(),
      })
      .readonly(),
    /** The hold it ends in; null where it keeps the one it began in. */
    exitHold: holdIdSchema.nullable(),
    endings: z.array(endingSchema).max(10).readonly().optional(),
    options: z.array(optionSchema).max(10).readonly().optional(),
    /** Its own half, where that is not half its ticks. */
    halfTicks: z.int().min(1).max(100_000).optional(),
    /** Figures it is made of, one after the other; its length and steps follow theirs. */
    parts: z
      .array(z.strictObject({ figureId: idSchema, variation: variationSchema }).readonly())
      .min(1)
      .max(40)
      .readonly()
      .optional(),
    wordings: wordingsSchema,
    cautions: z
      .array(
        z
          .strictObject({ kind: z.enum(CAUTION_KINDS), text: z.string().min(1).max(200) })
          .readonly(),
      )
      .max(10)
      .readonly(),
    remarks: z.string().max(500),
  })
  .readonly()
export type Figure = z.infer<typeof figureSchema>

/** How a figure is edited: field by field, each whole. */
export const figureShape: DocumentShape = {
  lists: {},
  optional: [
    'countFrom',
    'set',
    'moves',
    'net',
    'holdChanges',
    'endings',
    'options',
    'halfTicks',
    'parts',
  ],
}
export type FigurePart = NonNullable<Figure['parts']>[number]

/** What is said of a figure in a language, or in the other one where it has none in this. */
export function wordingsIn({ wordings }: Figure, language: CueLanguageId): Wordings {
  return wordings[language] ?? wordings.en ?? wordings.de!
}

/** Whether all who dance it do the same, so that one line tells it. */
export const isDancedAlike = ({ dancers, follow, set }: Figure): boolean =>
  dancers !== 'couple' && follow === 'same' && (set?.others.length ?? 0) === 0

/** Figures by id. */
export type FigureBook = ReadonlyMap<string, Figure>
