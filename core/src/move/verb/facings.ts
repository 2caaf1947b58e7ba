import { directionTo, facingSeen, rowAt, type Standing } from '../standing.ts'
import type { Point } from '../way.ts'

export const TOWARD = ['up', 'down', 'across', 'in', 'out'] as const
export type Toward = (typeof TOWARD)[number]

/**
 * To the middle, as seen from above in eighths: across a longways set, square to one's side of a
 * square, to the centre of a ring.
 */
export function inwardAt({ places, layout }: Standing, at: Point): number {
  if (layout.isRound) return facingSeen(layout, at, 6)
  if (places.shape === 'square')
    return layout.places.find(({ row }) => row === rowAt(layout, at))!.facing
  if (places.shape === 'lines') return directionTo(at, { x: 0, y: 0 })
  return at.x < 0 ? 2 : 6
}

/** A direction said by a word, at a point, as seen from above in eighths. */
export function towardAt(standing: Standing, at: Point, word: Toward): number {
  const { layout } = standing
  switch (word) {
    case 'up':
      return layout.isRound ? facingSeen(layout, at, 0) : 0
    case 'down':
      return layout.isRound ? facingSeen(layout, at, 4) : 4
    case 'across':
    case 'in':
      return inwardAt(standing, at)
    case 'out':
      return inwardAt(standing, at) + 4
  }
}
