import { z } from 'zod'
import { idSchema } from '../document/index.ts'

/**
 * A school is a way of counting, naming and cueing, kept as data: nothing in the planner knows one by name.
 * Weights are whole-number costs; docs/planner.md gives the formulae they enter.
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
  })
  .readonly()

export const schoolSchema = z
  .strictObject({
    format: z.literal('dellop-school'),
    version: z.literal(1),
    id: idSchema,
    name: z.string().min(1).max(60),
    roleLabels: z.strictObject({ lead: z.string().min(1).max(20), follow: z.string().min(1).max(20) }).readonly(),
    /** How beats are counted aloud: in bars or eights, plain ones or the number of the bar in place of 1. */
    count: z.strictObject({ group: z.enum(['bars', 'eights']), ones: z.enum(['plain', 'numbered']), countFrom: z.int().min(1).max(4) }).readonly(),
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
  })
  .readonly()
export type School = z.infer<typeof schoolSchema>
export type Weights = z.infer<typeof weightsSchema>

/** Couples going round the hall: the name, how much of it and how it ends, ending one beat before the step. */
export const ROUND_SCHOOL: School = {
  format: 'dellop-school',
  version: 1,
  id: 'round',
  name: 'Round',
  roleLabels: { lead: 'lead', follow: 'follow' },
  count: { group: 'bars', ones: 'numbered', countFrom: 1 },
  countIn: '1 2 3 ready',
  lead: { targetBeats: 1, minSeconds: 0.4, maxBeats: 4 },
  breathSeconds: 0.15,
  weights: { leadPerBeat: 100, rushPerBeat: 150, earlyPerBeat: 300, lostWord: 180, offBeat: 40, silence: 2000 },
}

/** Schools that ship, by id. */
export const SHIPPED_SCHOOLS: readonly School[] = [ROUND_SCHOOL]
