import type { z } from 'zod'
import type { Result } from '../../document/index.ts'
import type { Reader } from '../reader.ts'
import { facingNearest, facingSeen, type Standing } from '../standing.ts'
import type { Point, Way } from '../way.ts'
import type { Answer } from '../who/answer.ts'
import type { Who } from '../who/who.ts'

/** What a line asks of a verb: who stands where, and whom it concerns. */
export interface Asked {
  readonly standing: Standing
  readonly who: Who
  readonly answers: readonly Answer[]
}
export type Hand = 'left' | 'right' | 'both'

/** What one dancer does in a line. */
export interface Move {
  readonly index: number
  readonly x: number
  readonly y: number
  /** In the frame of the formation, eighths. */
  readonly facing: number
  readonly way: Way
  /** The hand that is given; null for none. */
  readonly hand: Hand | null
}
/** What comes of a line: who moves, and who with whom, so that they may come close. */
export interface Danced {
  readonly moves: readonly Move[]
  readonly together: readonly (readonly number[])[]
}
/** Why a line cannot be danced as they stand. */
export interface Refusal {
  readonly refused:
    'set.nobody' | 'set.number' | 'set.pairs' | 'set.amount' | 'set.facing' | 'set.no-place'
  readonly params: Readonly<Record<string, string | number>>
}
export const isRefusal = (outcome: Danced | Refusal): outcome is Refusal => 'refused' in outcome
export const refuse = (refused: Refusal['refused'], params: Refusal['params'] = {}): Refusal => ({
  refused,
  params,
})

/** One verb, whole: its schema, its text both ways, and what it does. */
export interface Kernel<Do extends { readonly verb: string }> {
  readonly schema: z.ZodType<Do>
  /** Reads it where its words stand; null where they do not. */
  readonly read: (reader: Reader) => Result<Do> | null
  readonly text: (what: Do) => string
  readonly dance: (asked: Asked, what: Do) => Danced | Refusal
  /** Left for right; the same where it has no side. */
  readonly mirrored?: (what: Do) => Do
  /** Half of it; null where it has no half. */
  readonly halved?: (what: Do) => Do | null
  /** Those it pairs have to look at each other. */
  readonly looksAt?: true
}
/** States a kernel with its own type of deed. */
export const kernel = <Do extends { readonly verb: string }>(one: Kernel<Do>): Kernel<Do> => one

/** A move of one dancer, from where they stand. */
export function moveOf(
  { standing }: Asked,
  index: number,
  end: Point & { readonly seen: number },
  way: (from: number, to: number) => Way,
  hand: Hand | null = null,
): Move {
  const dancer = standing.dancers[index]!
  const [x, y] = [Math.round(end.x) + 0, Math.round(end.y) + 0]
  const facing = facingNearest(standing.layout, { x, y }, end.seen)
  const from = facingSeen(standing.layout, dancer, dancer.facing)
  const to = facingSeen(standing.layout, { x, y }, facing)
  return { index, x, y, facing, way: way(from, to), hand }
}

/** The pairs of a scope: those asked for, or the two who were picked. */
export function pairsIn(answer: Answer): readonly (readonly [number, number])[] | Refusal {
  if (answer.pairs) return answer.pairs
  const [a, b, ...more] = answer.picked
  return a !== undefined && b !== undefined && more.length === 0
    ? [[a, b]]
    : refuse('set.pairs', { count: answer.picked.length })
}

/** All that each scope does, or the first refusal. */
export function eachScope(
  asked: Asked,
  dance: (answer: Answer) => Danced | Refusal,
): Danced | Refusal {
  const moves: Move[] = []
  const together: (readonly number[])[] = []
  for (const answer of asked.answers) {
    const danced = dance(answer)
    if (isRefusal(danced)) return danced
    moves.push(...danced.moves)
    together.push(...danced.together)
  }
  return { moves, together }
}

/** What each pair does, or why there is none. A pair of two scopes is danced once. */
export function eachPair(
  asked: Asked,
  dance: (pair: readonly [number, number]) => readonly Move[] | Refusal,
): Danced | Refusal {
  const done = new Set<number>()
  return eachScope(asked, (answer) => {
    const pairs = pairsIn(answer)
    if ('refused' in pairs) return pairs
    const moves: Move[] = []
    for (const pair of pairs) {
      if (pair.some((one) => done.has(one))) continue
      pair.forEach((one) => done.add(one))
      const danced = dance(pair)
      if ('refused' in danced) return danced
      moves.push(...danced)
    }
    return { moves, together: pairs }
  })
}
