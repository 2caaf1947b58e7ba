import { boxOf, roomFor, setsIn, type Hall } from '../floor/index.ts'
import { layoutOf } from '../move/index.ts'
import type { Routine } from '../routine/index.ts'

/** What a dance asks of a floor: how those who dance it stand, and a set's size, centimetres. */
export type DanceFloor =
  | { readonly kind: 'round' | 'circle' | 'ring' | 'lines' }
  | {
      readonly kind: 'set'
      readonly across: number
      readonly deep: number
      readonly dancers: number
    }

/** How a sheet takes a floor; null where it does not say, or each couple dances where it stands. */
export function danceFloor({ places, formation }: Routine): DanceFloor | null {
  if (!places) {
    if (formation === 'couples-round') return { kind: 'round' }
    if (formation === 'ring') return { kind: 'ring' }
    return formation === 'lines' || formation === 'solo' ? { kind: 'lines' } : null
  }
  switch (places.shape) {
    case 'round':
    case 'ring':
    case 'lines':
      return { kind: places.shape }
    case 'circle':
    case 'facing':
    case 'ring-couples':
    case 'trios':
      return { kind: 'circle' }
    default: {
      const [across, deep] = boxOf(places)
      return { kind: 'set', across, deep, dancers: layoutOf(places).places.length }
    }
  }
}

/**
 * How many dancers have room for a dance in a hall at once, with arms free and clear of the walls
 * and of what stands there. An estimate: the hall's own limits hold.
 */
export function dancersThatFit(hall: Hall, floor: DanceFloor): number {
  if (floor.kind === 'set')
    return floor.dancers * setsIn(hall, [floor.across, floor.deep]).sets.length
  const room = roomFor(hall)
  switch (floor.kind) {
    case 'round':
      return 2 * room.couples
    case 'circle':
      return 2 * room.circle
    case 'ring':
      return room.ring
    case 'lines':
      return room.columns * room.rows
  }
}
