import { directionTo, facingSeen, laneAt, rowAt, type Dancer, type Standing } from '../standing.ts'
import { pairOf } from './pairs.ts'
import { scopesOf } from './scopes.ts'
import type { Who, WhoPick, WhoTerm, WhoWord } from './who.ts'

/** Who is meant, for each minor set or other scope apart: dancers by index, and who with whom. */
export interface Answer {
  /** All of this scope. */
  readonly scope: readonly number[]
  readonly picked: readonly number[]
  /** Pairs of which one at least was picked, each told once; null where none were asked for. */
  readonly pairs: readonly (readonly [number, number])[] | null
}

/** Whom a line concerns as they stand now. A scope in which nobody is meant is left out. */
export function answerWho(standing: Standing, who: Who): Answer[] {
  return scopesOf(standing, who.scope, asksForOuts(who)).flatMap((scope): Answer[] => {
    const picked = who.pick ? picks(standing, scope, who.pick) : [...scope]
    if (picked.length === 0) return []
    if (!who.pairs) return [{ scope, picked, pairs: null }]
    const pairs: [number, number][] = []
    for (const one of picked) {
      const other = pairOf(standing, scope, one, who.pairs)
      if (other === null || pairs.some(([a, b]) => (a === other && b === one) || a === one))
        continue
      pairs.push([one, other])
    }
    return [{ scope, picked, pairs }]
  })
}

/** Whether those who are out of every minor set are asked for. */
const asksForOuts = ({ pick }: Who): boolean => JSON.stringify(pick ?? null).includes('"out"')

/** As one tells it: dancers in their order, pairs by the first, minor sets apart. */
export function answerText(standing: Standing, answers: readonly Answer[]): string {
  const id = (index: number): string => standing.dancers[index]!.id
  return answers
    .map(({ picked, pairs }) =>
      pairs ? pairs.map(([a, b]) => `${id(a)}-${id(b)}`).join(' ') : picked.map(id).join(' '),
    )
    .filter((text) => text !== '')
    .join(' / ')
}

function picks(standing: Standing, scope: readonly number[], pick: WhoPick): number[] {
  const terms = 'and' in pick ? pick.and : [pick]
  const but = 'and' in pick && pick.but ? term(standing, scope, pick.but) : new Set<number>()
  const all = new Set(terms.flatMap((one) => [...term(standing, scope, one)]))
  return scope.filter((index) => all.has(index) && !but.has(index))
}

function term(standing: Standing, scope: readonly number[], asked: WhoTerm): Set<number> {
  const words = 'of' in asked ? asked.of : [asked]
  const sets = words.map((one) => new Set(wordPicks(standing, scope, one)))
  return new Set(scope.filter((index) => sets.every((set) => set.has(index))))
}

const ROLE_LETTER = { leads: 'L', follows: 'F', seconds: 'S' } as const
const NUMBER = { ones: 1, twos: 2, threes: 3 } as const

function wordPicks(standing: Standing, scope: readonly number[], word: WhoWord): number[] {
  const where = (test: (dancer: Dancer) => boolean): number[] =>
    scope.filter((index) => test(standing.dancers[index]!))
  if ('role' in word) return where(({ role }) => role === ROLE_LETTER[word.role])
  if ('couples' in word) return where(({ number }) => word.couples.includes(number))
  if ('number' in word) return where(({ number }) => number === NUMBER[word.number])
  if ('facing' in word) return where((dancer) => looks(standing, dancer, word.facing))
  if ('every' in word) return scope.filter((_, i) => i % 2 === word.every - 1)
  const rows = rowsIn(standing, scope)
  const row = (index: number): number => rowAt(standing.layout, standing.dancers[index]!)
  if ('row' in word) return scope.filter((index) => row(index) === rows[word.row - 1])
  return stands(standing, scope, word.stand, rows, row)
}

const rowsIn = (standing: Standing, scope: readonly number[]): number[] =>
  [...new Set(scope.map((index) => rowAt(standing.layout, standing.dancers[index]!)))].sort(
    (a, b) => a - b,
  )

function stands(
  standing: Standing,
  scope: readonly number[],
  word: Extract<WhoWord, { stand: string }>['stand'],
  rows: readonly number[],
  row: (index: number) => number,
): number[] {
  const { layout, dancers, places } = standing
  const [first, last] = [rows[0]!, rows.at(-1)!]
  const lane = (index: number): number => laneAt(layout, dancers[index]!)
  const lanes = scope.map(lane)
  const isSquare = places.shape === 'square'
  const side = (index: number): number => row(index) % 2
  switch (word) {
    case 'all':
      return [...scope]
    case 'top':
    case 'front row':
      return scope.filter((index) => row(index) === first)
    case 'bottom':
    case 'back row':
      return scope.filter((index) => row(index) === (isSquare ? 2 : last))
    case 'ends':
      return scope.filter((index) => row(index) === first || row(index) === last)
    case 'middles':
      return scope.filter((index) => row(index) !== first && row(index) !== last)
    case 'left line':
      return scope.filter((index) => dancers[index]!.x < 0)
    case 'right line':
      return scope.filter((index) => dancers[index]!.x > 0)
    case 'heads':
      return scope.filter((index) => side(index) === 0)
    case 'sides':
      return scope.filter((index) => side(index) === 1)
    case 'inside':
      return scope.filter((index) => lane(index) === Math.min(...lanes))
    case 'outside':
      return scope.filter((index) => lane(index) === Math.max(...lanes))
    case 'out':
      return scope.filter((index) => dancers[index]!.group === null)
    case 'first corners':
    case 'second corners': {
      const isFirst = word === 'first corners'
      return scope.filter((index) => {
        const isLeft = dancers[index]!.x < 0
        const isUpper = row(index) === first
        const isLower = row(index) === last
        return (isUpper && isLeft === isFirst) || (isLower && isLeft !== isFirst)
      })
    }
  }
}

/** Which way somebody looks, by what is nearest: up, down, across the set, to the middle or away. */
function looks(standing: Standing, dancer: Dancer, facing: string): boolean {
  const { layout } = standing
  if (layout.isRound) {
    if (facing === 'in') return dancer.facing === 6
    if (facing === 'out') return dancer.facing === 2
    return facing === 'up' ? dancer.facing === 0 : facing === 'down' && dancer.facing === 4
  }
  if (facing === 'up') return dancer.facing === 0
  if (facing === 'down') return dancer.facing === 4
  const across = acrossFacing(dancer)
  if (facing === 'across') return dancer.facing === across
  const seen = facingSeen(layout, dancer, dancer.facing)
  const inward = standing.places.shape === 'square' ? directionTo(dancer, { x: 0, y: 0 }) : across
  const apart = Math.abs(((((seen - inward) % 8) + 12) % 8) - 4)
  return facing === 'in' ? apart < 1 : apart > 3
}

/** Across the set: to the other line. */
const acrossFacing = ({ x }: { x: number }): number => (x < 0 ? 2 : 6)
