import type { Hand } from '../move/index.ts'

/** Where one dancer is at a moment: centimetres, eighths seen from above, and the hand that is given. */
export interface DancerSpot {
  readonly x: number
  readonly y: number
  readonly seen: number
  readonly hand: Hand | null
}
