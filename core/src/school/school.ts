import { z } from 'zod'
import { idSchema, type DocumentShape } from '../document/index.ts'

/**
 * A school is a way of counting, naming and cueing, kept as data: nothing in the planner knows one
 * by name. Weights are whole-number costs; docs/planner.md gives the formulae they enter.
 */
const cost = z.int().min(0).max(1_000_000)

export const weightsSchema = z
  .strictObject({
    /** For each beat between a cue's lead and the target lead. */
    leadPerBeat: cost,
    /** For each beat that a lead is shorter than the target, on top. */
    rushPerBeat: cost,
    /** For each beat that a lead is longer than the longest lead, on top. */
    earlyPerBeat: cost,
    /** For each word of the full wording that is not said. */
    lostWord: cost,
    /** For a cue that does not start on a beat. */
    offBeat: cost,
    /** For a slot that is not cued at all, on top of its lost words. */
    silence: cost,
    /** For each word that is said beyond the wording wanted this time through. */
    overWord: cost.default(0),
    /** For each further thing that one utterance asks the floor to keep in mind. */
    joinedThing: cost.default(500),
    /**
     * For each beat that a later name of a joined utterance has to be remembered until its step.
     */
    rememberPerBeat: cost.default(60),
    /** For an amount that comes as a second cue after its name. */
    secondCue: cost.default(500),
    /** For each count that words cover, on a sheet where the counts come first. */
    coveredCount: cost.default(150),
  })
  .readonly()

/**
 * When words are said: ahead of their step, in the place of its last counts, with it, or step by
 * step for who learns it.
 */
export const CUE_MODES = ['ahead', 'on-count', 'with-step', 'steps'] as const
export type CueMode = (typeof CUE_MODES)[number]

/** What may be said that follows from the structure of a routine. */
export const PROMPT_KINDS = [
  'again',
  'one-more',
  'last-time',
  'only-once',
  'begin-again',
  'restart',
  'tag',
  'ending',
  'new-ending',
  'this-time',
  'other-way',
  'wall',
  'partner-change',
  'part-name',
  'part-number',
  'figure-again',
  'all-the-way',
  'other-foot',
  'same-other-side',
  'guard',
  'facing',
  'position',
  'wait',
  'listen',
  'ready',
  'count-in',
  'finish',
  'thanks',
] as const
export type PromptKind = (typeof PROMPT_KINDS)[number]

/**
 * What belongs to a cue beside the name: how much of it ("halfway"), how far round, how often
 * ("twice"), how it ends ("to open").
 */
export const AMOUNT_KINDS = ['half', 'turn', 'times', 'exit'] as const
export type AmountKind = (typeof AMOUNT_KINDS)[number]

export const schoolSchema = z
  .strictObject({
    format: z.literal('dellop-school'),
    version: z.literal(1),
    id: idSchema,
    name: z.string().min(1).max(60),
    roleLabels: z
      .strictObject({ lead: z.string().min(1).max(20), follow: z.string().min(1).max(20) })
      .readonly(),
    /**
     * How beats are counted aloud: in bars or eights, plain ones or the number of the bar in place
     * of 1.
     */
    count: z
      .strictObject({
        group: z.enum(['bars', 'eights']),
        ones: z.enum(['plain', 'numbered']),
        countFrom: z.int().min(1).max(4),
      })
      .readonly(),
    /** A count-in pattern as docs/formats/count-notation.md describes it. */
    countIn: z.string().max(60),
    lead: z
      .strictObject({
        /** Beats from the end of a cue to its step that this school aims at. */
        targetBeats: z.number().min(0).max(16),
        /** Heard seconds that must be left between the end of a cue and its step. */
        minSeconds: z.number().min(0).max(5),
        /** Beats from which a cue comes so early that the floor goes at once. Soft. */
        maxBeats: z.number().min(0).max(32),
      })
      .readonly(),
    /** Heard seconds of silence between two utterances. */
    breathSeconds: z.number().min(0).max(5),
    weights: weightsSchema,
    /** Why cuers do it so, for whoever chooses between schools. */
    about: z.string().max(1000).default(''),
    /** Words get fewer as a part comes again; null where they never do. */
    fading: z
      .strictObject({
        /** Times through a part that are called in full, then short; from then on only prompted. */
        fullTimes: z.int().min(0).max(64),
        shortTimes: z.int().min(0).max(64),
        /** After so many phrases without the part it is called as if it were new. */
        newAfterPhrases: z.int().min(1).max(64),
      })
      .readonly()
      .nullable()
      .default(null),
    /** Prompts that follow from the structure of the routine and are said in this school. */
    prompts: z.array(z.enum(PROMPT_KINDS)).max(PROMPT_KINDS.length).readonly().default([]),
    /**
     * Amounts that are said with a name. One left out is never told, which is for floors that know
     * the dance by heart.
     */
    amounts: z
      .array(z.enum(AMOUNT_KINDS))
      .max(AMOUNT_KINDS.length)
      .readonly()
      .default([...AMOUNT_KINDS]),
    /** The most words in 20 seconds that a floor takes in. */
    mostWordsIn20Seconds: z.int().min(5).max(120).default(45),
    /**
     * When words are said unless a sheet or a figure says otherwise; the first of a part is always
     * said ahead.
     */
    mode: z.enum(CUE_MODES).default('ahead'),
    /** The last counts before a step whose place words on the count may take. */
    onCountBeats: z.int().min(1).max(8).default(4),
    /**
     * How many names one utterance may join, 1 for never, and for how many beats the last of them
     * may have to be remembered.
     */
    join: z
      .strictObject({ most: z.int().min(1).max(4), mostBeats: z.int().min(1).max(32) })
      .readonly()
      .default({ most: 1, mostBeats: 8 }),
    /**
     * Phrases after which a cuer needs a breath: so many in a row without a pause of a second are
     * pointed out.
     */
    breathPhrases: z.int().min(1).max(64).default(4),
  })
  .readonly()
export type School = z.infer<typeof schoolSchema>

/** How a school is edited: field by field, each whole. */
export const schoolShape: DocumentShape = { lists: {} }
export type Weights = z.infer<typeof weightsSchema>
