import { DRILL_WAYS, SPEAKERS } from '@dellop/core/rehearse'
import { z } from 'zod'
import { LAYERS, LEAD_INS } from './takeSound.ts'

const schema = z.strictObject({
  from: z.int().min(0),
  to: z.int().min(0),
  way: z.enum(DRILL_WAYS),
  speaker: z.enum([...SPEAKERS, 'nobody']),
  layer: z.enum(LAYERS),
  leadIn: z.enum(LEAD_INS),
  state: z.strictObject({
    stage: z.int().min(0),
    speed: z.number().min(0.4).max(1.6),
    good: z.int().min(0),
    bad: z.int().min(0),
    rounds: z.array(z.strictObject({ speed: z.number(), good: z.boolean() })).max(1000),
  }),
})
/** Where a drill was when it was closed. */
export type DrillKept = z.infer<typeof schema>

const nameOf = (sheetId: string): string => `dellop.drill.${sheetId}`

export function drillKept(sheetId: string): DrillKept | null {
  try {
    const read = schema.safeParse(JSON.parse(localStorage.getItem(nameOf(sheetId)) ?? 'null'))
    return read.success ? read.data : null
  } catch {
    return null
  }
}
type Given = Omit<DrillKept, 'state'> & {
  readonly state: Omit<DrillKept['state'], 'rounds'> & {
    readonly rounds: readonly DrillKept['state']['rounds'][number][]
  }
}
export function keepDrill(sheetId: string, kept: Given): void {
  try {
    localStorage.setItem(nameOf(sheetId), JSON.stringify(kept))
  } catch {
    // A browser that keeps nothing: it begins anew the next time.
  }
}
export const forgetDrill = (sheetId: string): void => localStorage.removeItem(nameOf(sheetId))
