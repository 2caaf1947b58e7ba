import { z } from 'zod'

/**
 * Holds: which hands are joined and how the two stand to each other. Data that can be added to;
 * `relation` is the follow's facing less the lead's in eighths (4 = face to face, 0 = side by
 * side), null where it is not fixed.
 */
export interface Hold {
  readonly id: string
  readonly relation: 4 | 0 | null
  /** Pairs of hands, lead's first. */
  readonly hands: readonly (readonly ['left' | 'right', 'left' | 'right'])[]
  /** The hold that reflection makes of this one; null where it has no mirror. */
  readonly mirror: string | null
}

const HOLD_LIST: readonly Hold[] = [
  { id: 'closed', relation: 4, hands: [['left', 'right']], mirror: null },
  { id: 'semi-closed', relation: 0, hands: [['left', 'right']], mirror: 'reverse semi-closed' },
  { id: 'reverse semi-closed', relation: 0, hands: [['left', 'right']], mirror: 'semi-closed' },
  {
    id: 'butterfly',
    relation: 4,
    hands: [
      ['left', 'right'],
      ['right', 'left'],
    ],
    mirror: 'butterfly',
  },
  {
    id: 'two hands',
    relation: 4,
    hands: [
      ['left', 'right'],
      ['right', 'left'],
    ],
    mirror: 'two hands',
  },
  { id: 'open facing', relation: 4, hands: [['left', 'right']], mirror: 'open facing' },
  { id: 'open', relation: 0, hands: [['right', 'left']], mirror: 'left open' },
  { id: 'left open', relation: 0, hands: [['left', 'right']], mirror: 'open' },
  { id: 'half open', relation: 0, hands: [], mirror: null },
  { id: 'fan', relation: null, hands: [['left', 'right']], mirror: null },
  { id: 'banjo', relation: 4, hands: [['left', 'right']], mirror: 'sidecar' },
  { id: 'sidecar', relation: 4, hands: [['left', 'right']], mirror: 'banjo' },
  { id: 'shadow', relation: 0, hands: [['left', 'left']], mirror: null },
  { id: 'tandem', relation: 0, hands: [], mirror: 'tandem' },
  {
    id: 'wrap',
    relation: 0,
    hands: [
      ['left', 'right'],
      ['right', 'left'],
    ],
    mirror: null,
  },
  {
    id: 'hammerlock',
    relation: null,
    hands: [
      ['left', 'right'],
      ['right', 'left'],
    ],
    mirror: null,
  },
  { id: 'skaters', relation: 0, hands: [['left', 'left']], mirror: null },
  {
    id: 'ring',
    relation: null,
    hands: [
      ['left', 'right'],
      ['right', 'left'],
    ],
    mirror: 'ring',
  },
  { id: 'star', relation: null, hands: [['right', 'right']], mirror: null },
  { id: 'none', relation: null, hands: [], mirror: 'none' },
]

const HOLDS: ReadonlyMap<string, Hold> = new Map(HOLD_LIST.map((hold) => [hold.id, hold]))
export const HOLD_IDS: readonly string[] = HOLD_LIST.map((hold) => hold.id)

/** The hold of this id, or null when the vocabulary has none. */
export const holdOf = (id: string): Hold | null => HOLDS.get(id) ?? null
export const holdIdSchema = z
  .string()
  .refine((id) => HOLD_IDS.includes(id), `one of the holds was expected: ${HOLD_IDS.join(', ')}`)

type HandPair = Hold['hands'][number]
const has = (hands: Hold['hands'], [lead, follow]: HandPair): boolean =>
  hands.some((pair) => pair[0] === lead && pair[1] === follow)

/**
 * The change of hands that leads from one hold into another: pairs let go and pairs joined, lead's
 * hand first.
 */
export function handChange(
  from: string,
  to: string,
): { readonly released: Hold['hands']; readonly joined: Hold['hands'] } {
  const before = holdOf(from)?.hands ?? []
  const after = holdOf(to)?.hands ?? []
  return {
    released: before.filter((pair) => !has(after, pair)),
    joined: after.filter((pair) => !has(before, pair)),
  }
}
