import { z } from 'zod'
import { mirroredOwnHold, readOwnHold, type Hands } from './ownHold.ts'

/**
 * Holds: which hands are joined and how the two stand to each other. Data that can be added to;
 * `relation` is the follow's facing less the lead's in eighths (4 = face to face, 0 = side by
 * side, 2 and 6 = at a right angle), null where it is not fixed.
 */
export interface Hold {
  readonly id: string
  readonly relation: 4 | 0 | 2 | 6 | null
  /** Pairs of hands, lead's first. */
  readonly hands: Hands
  /** The hold that reflection makes of this one; its own id where it is its own mirror. */
  readonly mirror: string
}

const BOTH_HANDS = [
  ['left', 'right'],
  ['right', 'left'],
] as const
const CROSSED_HANDS = [
  ['left', 'left'],
  ['right', 'right'],
] as const

/** A hold that is its own mirror, or one with the hold that its mirror is. */
const hold = (id: string, relation: Hold['relation'], hands: Hold['hands'], mirror = id): Hold => ({
  id,
  relation,
  hands,
  mirror,
})
/** Two holds that are the mirror of each other. */
const pair = (
  id: string,
  other: string,
  relation: Hold['relation'],
  hands: Hold['hands'],
  otherHands = hands.map(([lead, follow]) => [swapped(lead), swapped(follow)] as const),
): Hold[] => [
  hold(id, relation, hands, other),
  hold(other, relation === 2 ? 6 : relation, otherHands, id),
]
const swapped = (hand: 'left' | 'right'): 'left' | 'right' => (hand === 'left' ? 'right' : 'left')

const HOLD_LIST: readonly Hold[] = [
  // Bodies keep to their sides in it, whichever way a figure is danced.
  hold('closed', 4, [['left', 'right']]),
  ...pair('semi-closed', 'reverse semi-closed', 0, [['left', 'right']], [['left', 'right']]),
  hold('butterfly', 4, BOTH_HANDS),
  hold('two hands', 4, BOTH_HANDS),
  hold('open facing', 4, [['left', 'right']]),
  ...pair('open', 'left open', 0, [['right', 'left']]),
  ...pair('half open', 'left half open', 0, []),
  ...pair('fan', 'left fan', 2, [['left', 'right']]),
  ...pair('banjo', 'sidecar', 4, [['left', 'right']], [['left', 'right']]),
  ...pair('shadow', 'left shadow', 0, [['left', 'left']]),
  hold('tandem', 0, []),
  ...pair('wrap', 'left wrap', 0, BOTH_HANDS),
  ...pair('hammerlock', 'left hammerlock', null, BOTH_HANDS),
  ...pair('skaters', 'left skaters', 0, [['left', 'left']]),
  ...pair('varsouvienne', 'left varsouvienne', 0, CROSSED_HANDS),
  ...pair('cuddle', 'left cuddle', 0, BOTH_HANDS),
  ...pair('handshake', 'left hands', 4, [['right', 'right']]),
  hold('crossed hands', 4, CROSSED_HANDS),
  hold('crossed promenade', 0, CROSSED_HANDS),
  ...pair('right arms', 'left arms', null, [['right', 'right']]),
  ...pair('right elbows', 'left elbows', null, []),
  ...pair('knee hold', 'left knee hold', 4, []),
  hold('waist hold', null, []),
  hold('back to back', null, []),
  hold('ring', null, BOTH_HANDS),
  ...pair('star', 'left-hand star', null, [['right', 'right']]),
  hold('none', null, []),
]

/**
 * Holds that pass into one another on the way, as the two move, where they stand as the next one
 * asks: nothing has to be said or prepared for it. All others are asked for beforehand.
 */
const FLOWING: ReadonlySet<string> = new Set([
  'closed',
  // A feather ends outside the partner, and a three step begins in line: the bodies see to it.
  'banjo',
  'sidecar',
  'semi-closed',
  'reverse semi-closed',
  'butterfly',
  'two hands',
  'open facing',
  'open',
  'left open',
  'half open',
  'left half open',
])
/** Holds by the hands alone: they are let go, and taken, in no time. */
const BY_HANDS: ReadonlySet<string> = new Set([
  ...['ring', 'star', 'left-hand star', 'handshake', 'left hands', 'crossed hands'],
  ...['right arms', 'left arms', 'right elbows', 'left elbows', 'fan', 'left fan'],
])
/** Whether two holds pass into one another by themselves; hands are let go wherever they are free. */
export const holdsFlow = (from: string, to: string): boolean =>
  to === 'none'
    ? FLOWING.has(from) || BY_HANDS.has(from)
    : (FLOWING.has(from) && FLOWING.has(to)) || isFan(from, to)
/** Whether a hold can be taken by who has no hands given, where they stand as it asks. */
export const isTaken = (hold: string): boolean => FLOWING.has(hold) || BY_HANDS.has(hold)

/** A fan closes into facing each other by the one hand that is given. */
const isFan = (from: string, to: string): boolean =>
  (from === 'fan' || from === 'left fan') && FLOWING.has(to)
/** Holds side by side in which a couple that only walks may walk as in any other. */
const WALKED_IN: ReadonlySet<string> = new Set([
  ...['open', 'half open', 'semi-closed', 'wrap', 'left wrap', 'skaters', 'left skaters'],
  ...['varsouvienne', 'left varsouvienne', 'crossed promenade'],
])
/** Whether who walks side by side in one of some holds may do so in another. */
export const isWalkedIn = (hold: string, holds: readonly string[]): boolean =>
  WALKED_IN.has(hold) && holds.includes('open')

/** Which way the lead turns from facing the partner into a hold side by side, in eighths. */
const OPENS: ReadonlyMap<string, number> = new Map([
  ['semi-closed', -2],
  ['open', -2],
  ['half open', -2],
  ['reverse semi-closed', 2],
  ['left open', 2],
  ['left half open', 2],
])
/**
 * How the lead turns from facing the partner into a hold side by side, in eighths, clockwise above
 * 0; the follow turns as much the other way. 0 where it is no such hold.
 */
export const opensToward = (hold: string): number => OPENS.get(hold) ?? 0

const HOLDS: ReadonlyMap<string, Hold> = new Map(HOLD_LIST.map((hold) => [hold.id, hold]))
export const HOLD_IDS: readonly string[] = HOLD_LIST.map((hold) => hold.id)

/** The hold that is written out in a text; null where it is none. */
function ownHold(id: string): Hold | null {
  const own = readOwnHold(id)
  if (!own) return null
  const relation = own.standing === 'facing' ? 4 : own.standing === 'beside' ? 0 : null
  return { id, relation, hands: own.hands, mirror: mirroredOwnHold(own) }
}

/** The hold of this id, one of the vocabulary or an own one; null where it is neither. */
export const holdOf = (id: string): Hold | null => HOLDS.get(id) ?? ownHold(id)
/** Whether a text names a hold, one of the vocabulary or an own one. */
/** Holds as dancers say them, where they are called otherwise. */
const SAID_HOLDS: Readonly<Record<string, string>> = {
  face: 'open facing',
  facing: 'open facing',
  'open fcg': 'open facing',
  'op fcg': 'open facing',
  'lead hands joined': 'open facing',
  'inside hands joined': 'open',
  'double hand hold': 'two hands',
  'both hands': 'two hands',
  semi: 'semi-closed',
  'semi closed': 'semi-closed',
  'reverse semi': 'reverse semi-closed',
  wrapped: 'wrap',
  cp: 'closed',
  bfly: 'butterfly',
  scp: 'semi-closed',
  rscp: 'reverse semi-closed',
  op: 'open',
  lop: 'left open',
  bjo: 'banjo',
  scar: 'sidecar',
}

/** All that a hold may be called, the longest first. */
export const HOLD_WORDS: readonly string[] = [...HOLD_IDS, ...Object.keys(SAID_HOLDS)].sort(
  (a, b) => b.length - a.length,
)

/** A hold by what it is called, or by what dancers say for it. */
export const heldAs = (said: string): string => SAID_HOLDS[said] ?? said

/** Whether a text is a hold: one of the list, or one of somebody's own, written out. */
export const isHold = (id: string): boolean => holdOf(id) !== null
/** What a hold is called: an own one by its name, without what is written out behind it. */
export const holdName = (id: string): string => readOwnHold(id)?.name ?? id
/** What may stand where a hold is expected. */
export const HOLDS_EXPECTED = `${HOLD_IDS.join(', ')}; or one of your own, such as basket [left-right right-left beside]`
/** The hold that reflection makes of one. */
export const mirrorOf = (id: string): string => holdOf(id)?.mirror ?? id
export const holdIdSchema = z
  .string()
  .refine(isHold, `one of the holds was expected: ${HOLDS_EXPECTED}`)

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
