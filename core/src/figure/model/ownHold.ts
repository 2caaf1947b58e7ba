/**
 * Holds that no book has, written out where they stand, so that they travel with every sheet and
 * figure: a name, then which hands are joined, the lead's first, and how the two stand, as in
 * `basket [left-right right-left beside]`.
 */

/** Pairs of hands that are joined, lead’s first. */
export type Hands = readonly (readonly ['left' | 'right', 'left' | 'right'])[]

const HANDS = ['left', 'right'] as const
const PAIRS = HANDS.flatMap((lead) => HANDS.map((follow) => [lead, follow] as const))
export const OWN_STANDINGS = ['facing', 'beside'] as const
export type OwnStanding = (typeof OWN_STANDINGS)[number]
const LONGEST_NAME = 24
const WRITTEN = new RegExp(
  `^((?:other |left |right )?[a-z][a-z’' -]{0,${LONGEST_NAME - 1}}) \\[((?:(?:left|right)-(?:left|right)|facing|beside| )*)\\]$`,
)

/** What an own hold is made of. */
export interface OwnHold {
  /** Lower case letters and spaces, 1 to 24 beside the side that it may begin with. */
  readonly name: string
  readonly hands: Hands
  /** Null where it is not fixed. */
  readonly standing: OwnStanding | null
}

/** An own hold as it is written: hands in one order, so that the same hold is the same text. */
export function ownHoldText({ name, hands, standing }: OwnHold): string {
  const pairs = PAIRS.filter((pair) => hands.some(([a, b]) => a === pair[0] && b === pair[1]))
  const inside = [...pairs.map((pair) => pair.join('-')), ...(standing ? [standing] : [])]
  return `${name.trim().toLowerCase().replace(/\s+/g, ' ')} [${inside.join(' ')}]`
}

/** Reads an own hold; null where the text is none: it has to be written as it is printed. */
export function readOwnHold(text: string): OwnHold | null {
  const [, name, inside] = WRITTEN.exec(text) ?? []
  if (name === undefined || inside === undefined) return null
  const words = inside.split(' ').filter(Boolean)
  const own: OwnHold = {
    name,
    hands: PAIRS.filter((pair) => words.includes(pair.join('-'))),
    standing: OWN_STANDINGS.find((one) => words.includes(one)) ?? null,
  }
  return ownHoldText(own) === text ? own : null
}

const swapped = (hand: 'left' | 'right'): 'left' | 'right' => (hand === 'left' ? 'right' : 'left')
const OTHER = 'other '

/** The text of its mirror; one whose hands are joined alike on both sides is its own. */
export function mirroredOwnHold(own: OwnHold): string {
  const text = ownHoldText(own)
  const hands = own.hands.map(([lead, follow]) => [swapped(lead), swapped(follow)] as const)
  if (ownHoldText({ ...own, hands }) === text) return text
  return ownHoldText({ ...own, hands, name: mirroredName(own.name) })
}
function mirroredName(name: string): string {
  const [, side, rest] = /^(left|right) (.+)$/.exec(name) ?? []
  if (side && rest) return `${swapped(side as 'left' | 'right')} ${rest}`
  return name.startsWith(OTHER) ? name.slice(OTHER.length) : `${OTHER}${name}`
}
