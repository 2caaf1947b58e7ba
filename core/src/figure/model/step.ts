import { z } from 'zod'
import type { Facing } from '../../move/index.ts'

export const ROLES = ['lead', 'follow'] as const
export const roleSchema = z.enum(ROLES)
export type Role = z.infer<typeof roleSchema>

export const STEP_KINDS = [
  'step',
  'leap',
  'touch',
  'tap',
  'point',
  'brush',
  'kick',
  'lift',
  'swing',
  'draw',
  'swivel',
  'twist',
  'pivot',
  'spin',
  'hop',
  'jump',
  'stamp',
  'stomp',
  'clap',
  'hold',
  'pose',
  'arch',
  'join',
  'release',
] as const

const direction = z.int().min(0).max(7) as unknown as z.ZodType<Facing>

/** One thing one role does on one tick of the figure, in one layer. */
export const stepSchema = z
  .strictObject({
    /** Tick from the figure's first beat; negative in a pick-up. */
    at: z.int().min(-96).max(100_000),
    layer: z.enum(['feet', 'arms', 'head']),
    foot: z.enum(['left', 'right', 'both']).nullable(),
    kind: z.enum(STEP_KINDS),
    weight: z.enum(['full', 'part', 'split', 'none']),
    /**
     * Direction in the body's own frame as the step begins, in eighths clockwise from forward, and
     * size in strides.
     */
    travel: z
      .strictObject({ direction, strides: z.number().min(0).max(4) })
      .readonly()
      .nullable(),
    /** Turn made with the step, in eighths, clockwise positive. */
    turn: z.int().min(-24).max(24),
    /** Set where the turn is only nearly so much. */
    about: z.literal(true).optional(),
    /**
     * The way in the hall that the turn goes through: its side follows from where the dancer faces
     * when it comes. `turn` is then above 0.
     */
    through: direction.optional(),
    text: z.string().max(60),
  })
  .readonly()
export type Step = z.infer<typeof stepSchema>
export type Foot = 'left' | 'right'

/** Left for right and right for left. */
export const otherFoot = (foot: Foot): Foot => (foot === 'left' ? 'right' : 'left')
