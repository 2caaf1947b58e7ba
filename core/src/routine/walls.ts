import type { Facing } from '../move/index.ts'
import type { DancedPass, Timeline } from './timeline.ts'

/** Which way one pass begins and ends, for who dances in lines or alone. */
export interface WallOfPass {
  readonly pass: DancedPass
  readonly from: Facing
  readonly to: Facing
}

/** The wall of every pass: of the lead, or of all where they dance alike. */
export const wallsOf = (timeline: Timeline): WallOfPass[] =>
  timeline.passes.flatMap((pass) =>
    pass.slots.length === 0
      ? []
      : [
          {
            pass,
            from: pass.slots[0]!.before.lead.facing,
            to: pass.slots.at(-1)!.after.lead.facing,
          },
        ],
  )

/**
 * How often a pass that turns by so many eighths is danced until the first wall comes again: 3/4
 * after four, a half after two.
 *
 * @param eighths Eighths of a turn, clockwise above 0.
 */
export function passesUntilHome(eighths: number): number {
  let turned = 0
  for (let n = 1; ; n++) {
    turned = (((turned + eighths) % 8) + 8) % 8
    if (turned === 0) return n
  }
}
