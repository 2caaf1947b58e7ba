import { z } from 'zod'
import { problem, succeed, type Result } from '../document/index.ts'
import { beatsOfTicks, type Tick } from '../time/index.ts'
import { holdIdSchema, type Figure } from './figure.ts'
import { holdOf } from './hold.ts'
import { reflectSteps } from './reflect.ts'
import { oppositeSteps } from './opposite.ts'
import type { Role, Step } from './step.ts'

/** What part of a figure is danced. */
export const cutSchema = z.discriminatedUnion('type', [
  z.strictObject({ type: z.literal('half') }).readonly(),
  z.strictObject({ type: z.literal('first'), ticks: z.int().min(1) }).readonly(),
  z.strictObject({ type: z.literal('from'), ticks: z.int().min(1) }).readonly(),
])
export type Cut = z.infer<typeof cutSchema>

/** How a figure differs where it is used. Never a copy: the figure stays the one in the book. */
export const variationSchema = z
  .strictObject({
    cut: cutSchema.nullable(),
    times: z.int().min(1).max(64),
    reflected: z.boolean(),
    /** Ends in this hold instead of its own. */
    exitHold: holdIdSchema.nullable(),
  })
  .readonly()
export type Variation = z.infer<typeof variationSchema>

export const AS_WRITTEN: Variation = { cut: null, times: 1, reflected: false, exitHold: null }

/** A figure as it is danced in one place: all variations applied, both roles written out. */
export interface DancedFigure {
  readonly figure: Figure
  readonly variation: Variation
  readonly lengthTicks: Tick
  readonly steps: Readonly<Record<Role, readonly Step[]>>
  readonly exitHold: string | null
}

/** The steps of both roles as written, `opposite` and `same` spelled out. */
export function stepsOf(figure: Figure): Record<Role, readonly Step[]> {
  const { lead, follow } = figure
  if (follow === 'same') return { lead, follow: lead }
  if (follow !== 'opposite') return { lead, follow }
  const hold = figure.entry.holds.map(holdOf).find((one) => one?.relation !== null)
  return { lead, follow: oppositeSteps(lead, hold?.relation ?? 4) }
}

type Stretch = { readonly lengthTicks: number; readonly steps: Record<Role, readonly Step[]> }

/**
 * Applies a variation: first the cut, then the repeats, then the mirror. A cut must fall on a step boundary of every role
 * that moves; the problem says where it falls instead.
 */
export function applyVariation(figure: Figure, variation: Variation = AS_WRITTEN): Result<DancedFigure> {
  const whole: Stretch = { lengthTicks: figure.lengthTicks, steps: stepsOf(figure) }
  const cut = cutStretch(whole, variation.cut, figure.name)
  if (!cut.ok) return cut
  const repeated = repeat(cut.value, variation.times)
  const steps = variation.reflected ? { lead: reflectSteps(repeated.steps.lead), follow: reflectSteps(repeated.steps.follow) } : repeated.steps
  const ownExit = variation.cut === null || variation.cut.type === 'from' ? figure.exitHold : null
  const exit = variation.exitHold ?? (variation.reflected && ownExit ? (holdOf(ownExit)?.mirror ?? null) : ownExit)
  if (variation.reflected && ownExit && !variation.exitHold && exit === null) {
    return problem('figure.no-mirror', `"${figure.name}" cannot be mirrored: the hold ${ownExit} has no mirror.`)
  }
  return succeed({ figure, variation, lengthTicks: repeated.lengthTicks as Tick, steps, exitHold: exit })
}

function cutStretch(whole: Stretch, cut: Cut | null, name: string): Result<Stretch> {
  if (!cut) return succeed(whole)
  const at = cut.type === 'half' ? whole.lengthTicks / 2 : cut.ticks
  if (at >= whole.lengthTicks) return problem('figure.cut-outside', `"${name}" is ${beatsOfTicks(whole.lengthTicks as Tick)} counts long; a cut at ${beatsOfTicks(at as Tick)} leaves nothing to cut.`)
  if (!Object.values(whole.steps).every((steps) => onBoundary(steps, at))) {
    return problem('figure.cut-in-step', `"${name}" has no step on count ${beatsOfTicks(at as Tick) + 1}, so it cannot be cut there.`)
  }
  const pickup = pickupTicks(whole.steps)
  const keepLate = cut.type === 'from'
  const part = (steps: readonly Step[]): readonly Step[] => (keepLate ? steps.filter((step) => step.at >= at - pickup).map((step) => ({ ...step, at: step.at - at })) : steps.filter((step) => step.at < at - pickup))
  return succeed({ lengthTicks: keepLate ? whole.lengthTicks - at : at, steps: { lead: part(whole.steps.lead), follow: part(whole.steps.follow) } })
}

/** A role that never moves can be cut anywhere; one that moves needs a step on the cut. */
const onBoundary = (steps: readonly Step[], at: number): boolean => Number.isInteger(at) && (steps.length === 0 || steps.some((step) => step.at === at))

/** How far before the first beat the figure sounds. Every cut takes as much before its own first beat. */
export const pickupTicks = (steps: Readonly<Record<Role, readonly Step[]>>): number =>
  Math.max(
    0,
    ...Object.values(steps)
      .flat()
      .map((step) => -step.at),
  )

function repeat(stretch: Stretch, times: number): Stretch {
  if (times === 1) return stretch
  const copies = (steps: readonly Step[]): Step[] => Array.from({ length: times }, (_, i) => steps.map((step) => ({ ...step, at: step.at + i * stretch.lengthTicks }))).flat()
  return { lengthTicks: stretch.lengthTicks * times, steps: { lead: copies(stretch.steps.lead), follow: copies(stretch.steps.follow) } }
}
