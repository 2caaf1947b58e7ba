import { z } from 'zod'
import { idSchema, type DocumentShape } from '../document/index.ts'
import {
  beatMapSchema,
  layPhrases,
  metreSchema,
  ticksPerBar,
  type PhraseSpan,
  type Tick,
} from '../time/index.ts'

/** Of a tune, in beats a minute: slower or faster nobody dances. */
export const LEAST_BPM = 20
export const MOST_BPM = 400

const tickSchema = z.int().min(-10_000).max(10_000_000)

/**
 * Phrases are lengths in bars laid end to end from the first downbeat; sections group them, equal
 * music shares a label.
 */
const phraseSchema = z.strictObject({ id: idSchema, bars: z.int().min(1).max(64) }).readonly()
const sectionSchema = z
  .strictObject({
    id: idSchema,
    label: z.string().min(1).max(30),
    phrases: z.array(phraseSchema).max(200).readonly(),
  })
  .readonly()

/**
 * A landmark is a named moment: `start` (a start can be tied to it), `hit` (an accent), `character`
 * (softer, bouncier), `sung` (words that are sung from here).
 */
const landmarkSchema = z
  .strictObject({
    id: idSchema,
    kind: z.enum(['start', 'hit', 'character', 'sung']),
    at: tickSchema,
    text: z.string().min(1).max(120),
  })
  .readonly()

const layoutFields = {
  sections: z.array(sectionSchema).max(100).readonly(),
  /** Tick of the first danced step, after any introduction. */
  danceStart: tickSchema,
  landmarks: z.array(landmarkSchema).max(500).readonly(),
}
const layoutSchema = z.strictObject(layoutFields).readonly()

/** Other ways to hear a recording, kept so that the cuer can pick one of them. */
const heardSchema = z
  .strictObject({
    confidence: z.number().min(0).max(1),
    tempi: z
      .array(
        z
          .strictObject({ bpm: z.number().min(10).max(600), confidence: z.number().min(0).max(1) })
          .readonly(),
      )
      .max(12)
      .readonly(),
    /** Where bars may begin instead: `shift` is the beat that would become the first of its bar. */
    bars: z
      .array(
        z
          .strictObject({
            beatsPerBar: z.int().min(2).max(12),
            shift: z.int().min(0).max(11),
            confidence: z.number().min(0).max(1),
          })
          .readonly(),
      )
      .max(12)
      .readonly(),
    /** Where the sound begins, in seconds: beats may come later. */
    soundsFrom: z.number().min(0).max(1200).default(0),
    /** How surely the beats of each bar are right, by the moment of its first. */
    sure: z
      .array(z.tuple([z.number().min(0).max(1200), z.number().min(0).max(1)]).readonly())
      .max(6000)
      .readonly()
      .default([]),
  })
  .readonly()

/** A recording of the tune: its sound, by the hash of its bytes, and where its beats are. */
const recordingSchema = z
  .strictObject({
    id: idSchema,
    name: z.string().min(1).max(120),
    /** Name of the file it came from, so that another file of that name is noticed. */
    fileName: z.string().max(255).default(''),
    /** SHA-256 of the file, in hex; null where only the beats are known. */
    media: z
      .string()
      .regex(/^[0-9a-f]{64}$/, 'a SHA-256 hash in hex was expected')
      .nullable(),
    durationSeconds: z.number().min(0).max(1200),
    beatMap: beatMapSchema,
    heard: heardSchema.nullable().default(null),
    /** Where it differs from the recording it was aligned to, as it was found then. */
    differences: z
      .array(
        z
          .strictObject({
            bars: z.int().min(-2000).max(2000),
            after: z.string().max(30).nullable(),
            beforeBar: z.int().min(1).max(100_000),
          })
          .readonly(),
      )
      .max(200)
      .readonly()
      .default([]),
    /**
     * Its own phrases, start and landmarks where they differ from the tune's; null where they are
     * the tune's.
     */
    layout: layoutSchema.nullable().default(null),
  })
  .readonly()

export const tuneSchema = z
  .strictObject({
    format: z.literal('dellop-tune'),
    version: z.literal(1),
    id: idSchema,
    title: z.string().min(1).max(120),
    dance: z.string().max(40),
    metre: metreSchema,
    /** Tempo as written, in beats a minute; each recording has its own beat map. */
    bpm: z.number().min(LEAST_BPM).max(MOST_BPM),
    /** How the floor waits through the introduction: "wait two bars, then acknowledge". */
    waiting: z.string().max(200).default(''),
    ...layoutFields,
    recordings: z.array(recordingSchema).max(50).readonly(),
  })
  .readonly()

export type Tune = z.infer<typeof tuneSchema>
export type Recording = z.infer<typeof recordingSchema>
export type Section = z.infer<typeof sectionSchema>
export type Landmark = z.infer<typeof landmarkSchema>
/** How a recording is divided: its sections, where the dance starts, and its landmarks. */
export type Layout = z.infer<typeof layoutSchema>
export type HeardChoices = z.infer<typeof heardSchema>

export const tuneShape: DocumentShape = {
  lists: {
    sections: { lists: { phrases: { lists: {} } } },
    recordings: { lists: {} },
    landmarks: { lists: {} },
  },
}

/** A phrase of the tune where it lies, with the section it belongs to. */
export interface TunePhrase extends PhraseSpan {
  readonly label: string
  readonly sectionId: string
}

/** Lays the tune's phrases from its first downbeat. */
export function tunePhrases(tune: Tune): TunePhrase[] {
  const owners = tune.sections.flatMap((section) =>
    section.phrases.map((phrase) => ({ section, bars: phrase.bars })),
  )
  const spans = layPhrases(
    tune.metre,
    owners.map((owner) => owner.bars),
    0 as Tick,
  )
  return spans.map((span, i) => ({
    ...span,
    label: owners[i]!.section.label,
    sectionId: owners[i]!.section.id,
  }))
}

/** Where the counted music ends: the end of the last phrase, or null when no phrases are marked. */
export const tuneEnd = (tune: Tune): Tick | null => tunePhrases(tune).at(-1)?.end ?? null

/** Whole bars of the tune and of what is danced of it. */
export function tuneBars(tune: Tune): { readonly bars: number; readonly danced: number } {
  const bar = ticksPerBar(tune.metre)
  const end = tuneEnd(tune) ?? 0
  return { bars: end / bar, danced: (end - tune.danceStart) / bar }
}
