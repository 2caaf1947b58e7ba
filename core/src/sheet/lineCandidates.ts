import type { Finding, Repair } from '../check/index.ts'
import type { Edit } from '../document/index.ts'
import { deedText, mirroredLines, SCOPES, type Line } from '../move/index.ts'
import { setSlotField, type DancedSlot } from '../routine/index.ts'

/** Words that are easily written for each other when it is said who is meant. */
const TWINS: readonly (readonly [string, string])[] = [
  ['"ones"', '"twos"'],
  ['"ones"', '"threes"'],
  ['"twos"', '"threes"'],
  ['"leads"', '"follows"'],
  ['"heads"', '"sides"'],
  ['"top"', '"bottom"'],
  ['"ends"', '"middles"'],
  ['"first corners"', '"second corners"'],
]
const PAIRS = ['partners', 'neighbours', 'opposites', 'corners'] as const

/** Whether where all stand is the matter. */
export const isOfPlaces = ({ code }: Finding): boolean =>
  code.startsWith('set.') && code !== 'set.partner'

/**
 * Lines of words written otherwise: another amount, another side, somebody else, with somebody else,
 * or left out. Whether one helps is not known yet.
 */
export function lineCandidates({ slot, changed }: DancedSlot): Repair[] {
  const { content } = slot
  if (content.type !== 'words' || !content.moves || changed) return []
  const moves = content.moves
  return moves.flatMap((line, i): Repair[] => {
    const others = [...sides(line), ...amounts(line), ...deeds(line), ...people(line)]
    const put = (next: readonly Line[]): readonly Edit[] =>
      setSlotField(slot, 'content', { ...content, moves: [...next] }) ?? []
    return [
      ...others.map((other): Repair => ({
        code: 'change-line',
        params: { line: deedText(line), instead: deedText(other) },
        edits: put(moves.with(i, other)),
      })),
      ...(moves.length > 1
        ? [
            {
              code: 'drop-line' as const,
              params: { line: deedText(line) },
              edits: put(moves.toSpliced(i, 1)),
            },
          ]
        : []),
    ]
  })
}

/** Deeds whose amount is told in places as well as in parts of the way round. */
const COUNTS_PLACES: ReadonlySet<string> = new Set(['circle', 'star', 'promenade'])

/** As much more or less as is easily miswritten. */
function amounts(line: Line): Line[] {
  const what = line.do as Line['do'] & {
    readonly places?: number
    readonly part?: readonly [number, number]
    readonly rows?: number
    readonly changes?: number
    readonly alone?: true
  }
  const as = (change: object): Line => ({ ...line, do: { ...what, ...change } as Line['do'] })
  const near = (value: number | undefined, field: string): Line[] =>
    value === undefined
      ? []
      : [1, -1, 2, -2]
          .map((by) => value + by)
          .filter((next) => next > 0)
          .map((next) => as({ [field]: next }))
  const { part } = what
  const { alone: _, ...together } = what
  return [
    ...near(what.places, 'places'),
    ...near(what.rows, 'rows'),
    ...near(what.changes, 'changes'),
    ...(part
      ? [
          [2 * part[0], part[1]],
          [part[0], 2 * part[1]],
          [2 * part[0] + part[1], 2 * part[1]],
          [2 * part[0] - part[1], 2 * part[1]],
          [1, 1],
          [1, 2],
        ]
          .filter(([top]) => top! > 0)
          .map((next) => as({ part: lowest(next as [number, number]) }))
      : []),
    ...(part && COUNTS_PLACES.has(what.verb)
      ? [1, 2, 3, 4].map((places) => {
          const { part: _, ...rest } = what
          return { ...line, do: { ...rest, places } as Line['do'] }
        })
      : []),
    ...(what.alone ? [{ ...line, do: together as Line['do'] }] : []),
  ]
}
function lowest([top, bottom]: readonly [number, number]): readonly [number, number] {
  const divisor = (a: number, b: number): number => (b === 0 ? a : divisor(b, a % b))
  const by = divisor(top, bottom)
  return [top / by, bottom / by]
}

/** Deeds that are easily written for each other, with nothing more to say of either. */
const LIKE_DEEDS: readonly (readonly [object, object])[] = [
  [{ verb: 'cross' }, { verb: 'pass' }],
  [{ verb: 'cross' }, { verb: 'do-si-do', part: [1, 1] }],
  [{ verb: 'pass' }, { verb: 'do-si-do', part: [1, 1] }],
]

/** What is done written otherwise: a cast to an end or by rows, to pass or to go round. */
function deeds(line: Line): Line[] {
  const told = JSON.stringify(line.do)
  const like = LIKE_DEEDS.flatMap(([one, other]) =>
    told === JSON.stringify(one) ? [other] : told === JSON.stringify(other) ? [one] : [],
  )
  const casts =
    line.do.verb !== 'cast'
      ? []
      : line.do.to
        ? [{ verb: 'cast', rows: 1 }]
        : [{ verb: 'cast', to: 'bottom' }]
  return [...like, ...casts].map((deed) => ({ ...line, do: deed as Line['do'] }))
}

function sides(line: Line): Line[] {
  const [mirrored] = mirroredLines([line])
  return mirrored && deedText(mirrored) !== deedText(line) ? [mirrored] : []
}

function people(line: Line): Line[] {
  const text = JSON.stringify(line.who.pick)
  const picked = TWINS.flatMap(([one, other]) =>
    [
      [one, other],
      [other, one],
    ].flatMap(([from, to]) =>
      text.includes(from!)
        ? [{ ...line, who: { ...line.who, pick: JSON.parse(text.replace(from!, to!)) as never } }]
        : [],
    ),
  )
  const couples = /"couples":\[(\d+)\]/.exec(text)
  const numbered = couples
    ? [1, -1]
        .map((by) => Number(couples[1]) + by)
        .filter((n) => n > 0)
        .map((n) => ({
          ...line,
          who: {
            ...line.who,
            pick: JSON.parse(text.replace(couples[0], `"couples":[${n}]`)) as never,
          },
        }))
    : []
  const { scope } = line.who
  const scoped =
    scope === null
      ? []
      : SCOPES.filter((other) => other !== scope).map((other) => ({
          ...line,
          who: { ...line.who, scope: other },
        }))
  const paired = PAIRS.filter((word) => word !== line.who.pairs).map((pairs) => ({
    ...line,
    who: { ...line.who, pairs },
  }))
  return [...picked, ...numbered, ...scoped, ...paired]
}
