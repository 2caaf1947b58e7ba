import { laneAt, rowAt, type Standing } from '../standing.ts'
import type { Who } from './who.ts'

/**
 * The dancers of each scope by index: each minor set where nothing else is said, else each four,
 * six, line, row or trio, or all of them.
 */
export function scopesOf(
  standing: Standing,
  scope: Who['scope'],
  withOuts = false,
): readonly (readonly number[])[] {
  const { dancers, layout, places } = standing
  const all = dancers.map((_, i) => i)
  const row = (index: number): number => rowAt(layout, dancers[index]!)
  const dancing = all.filter((index) => dancers[index]!.group !== null)
  /** So many rows each, from the top of every minor set. */
  const inSets = (rows: number): number[][] =>
    grouped(dancing, (index) => dancers[index]!.group!).flatMap((group) => {
      const first = Math.min(...group.map(row))
      return grouped(group, (index) => Math.floor((row(index) - first) / rows))
    })
  switch (scope) {
    case 'whole set':
      return [all]
    case 'each line':
      return grouped(all, (index) =>
        places.shape === 'longways'
          ? dancers[index]!.x < 0
            ? 0
            : 1
          : laneAt(layout, dancers[index]!),
      )
    case 'each row':
    case 'each trio':
      return grouped(all, row)
    case 'in fours':
      return full(inSets(2), 4)
    case 'in sixes':
      return full(inSets(3), 6)
    case null: {
      if (withOuts) return [all]
      return grouped(dancing, (index) => dancers[index]!.group!)
    }
  }
}

function grouped(all: readonly number[], by: (index: number) => number): number[][] {
  const groups = new Map<number, number[]>()
  for (const index of all) {
    const key = by(index)
    const group = groups.get(key)
    if (group) group.push(index)
    else groups.set(key, [index])
  }
  return [...groups].sort(([a], [b]) => a - b).map(([, group]) => group)
}
/** Those of full size only: who is left over at the end is in none. */
const full = (groups: number[][], size: number): number[][] =>
  groups.filter((group) => group.length >= size)
