import { applyVariation, type DancedFigure } from '../model/vary.ts'
import type { Facing } from '../../move/index.ts'
import type { Figure } from '../model/figure.ts'
import { danceFrom, missingFoot } from '../model/danceFrom.ts'
import { holdFits } from '../model/beginning.ts'
import { relationFits, startingState, type CoupleState } from '../model/coupleState.ts'
import { handChange, type Hold } from '../model/hold.ts'
import { startingWeight } from '../model/weight.ts'

/**
 * What keeps a figure from following: a foot that is not free, hands that are to change, or how the
 * two stand.
 */
export type Hindrance =
  | { readonly why: 'foot'; readonly role: 'lead' | 'follow'; readonly foot: 'left' | 'right' }
  | {
      readonly why: 'hold'
      readonly hold: string
      readonly wanted: string
      readonly released: Hold['hands']
      readonly joined: Hold['hands']
    }
  | { readonly why: 'standing'; readonly hold: string; readonly wanted: string }

/**
 * A figure that would follow, what keeps it from it (nothing, one change, or more), and how often
 * this cuer lets it follow.
 */
export interface FollowOn {
  readonly figure: Figure
  readonly hindrances: readonly Hindrance[]
  /**
   * The shortest figure of the list that, danced between the two, lets it follow; null where it
   * needs none or there is none.
   */
  readonly link: Figure | null
  readonly usual: number
}

/**
 * How a couple stands after a figure, begun in a hold (its first where none is said), with the feet
 * it needs. Null when it cannot be danced.
 */
export function stateAfter(
  figure: Figure,
  hold = figure.entry.holds[0] ?? 'closed',
): CoupleState | null {
  const danced = applyVariation(figure)
  if (!danced.ok) return null
  const { lead, follow } = danced.value.steps
  const start = startingState(hold, (figure.entry.facings[0] ?? 2) as Facing)
  return danceFrom(
    {
      ...start,
      lead: { ...start.lead, weight: startingWeight(lead) },
      follow: { ...start.follow, weight: startingWeight(follow) },
    },
    danced.value,
  ).after
}

/**
 * What keeps a figure from being begun. A soft entry is a matter of comfort: it keeps nothing from
 * following.
 */
function hindrancesOf(state: CoupleState, danced: DancedFigure): Hindrance[] {
  const { strictness } = danced.figure.entry
  const foot = strictness.feet === 'hard' ? missingFoot(state, danced) : null
  const found: Hindrance[] = foot ? [{ why: 'foot', ...foot }] : []
  if (strictness.holds === 'soft' || holdFits(state, danced)) return found
  const { holds } = danced.figure.entry
  const standing = holds.find((hold) => relationFits({ ...state, hold }))
  const wanted = standing ?? holds[0]!
  return [
    ...found,
    standing === undefined
      ? { why: 'standing', hold: state.hold, wanted }
      : { why: 'hold', hold: state.hold, wanted, ...handChange(state.hold, wanted) },
  ]
}

/** Longest list of shortest figures that are tried as a link. */
const MOST_LINKS = 40

export interface FollowOnOptions {
  /** The hold the figure is begun in. */
  readonly hold?: string | undefined
  /** How often the cuer lets a figure follow this one, by its id. */
  readonly usual?: ReadonlyMap<string, number> | undefined
}

/**
 * What figures of a list may come next: those that go first, in the cuer's own usual order; then
 * those that one change would let in, a foot before a hold before a turn; then those that need
 * more.
 */
export function followOns(
  figure: Figure,
  figures: readonly Figure[],
  { hold, usual = new Map() }: FollowOnOptions = {},
): FollowOn[] {
  const state = stateAfter(figure, hold)
  if (!state) return []
  const all = figures.flatMap((one) => {
    const danced = applyVariation(one)
    return danced.ok
      ? [{ danced: danced.value, hindrances: hindrancesOf(state, danced.value) }]
      : []
  })
  const links = all
    .filter(({ hindrances }) => hindrances.length === 0)
    .sort(
      (a, b) =>
        a.danced.lengthTicks - b.danced.lengthTicks || byName(a.danced.figure, b.danced.figure),
    )
    .slice(0, MOST_LINKS)
    .map(({ danced }) => ({ figure: danced.figure, after: danceFrom(state, danced).after }))
  const linkTo = (next: DancedFigure): Figure | null =>
    links.find(({ after }) => hindrancesOf(after, next).length === 0)?.figure ?? null
  const order = ({ hindrances: [first, second] }: FollowOn): number =>
    first === undefined
      ? 0
      : second !== undefined
        ? 4
        : ['foot', 'hold', 'standing'].indexOf(first.why) + 1
  return all
    .map(({ danced, hindrances }): FollowOn => ({
      figure: danced.figure,
      hindrances,
      link: hindrances.length === 0 ? null : linkTo(danced),
      usual: usual.get(danced.figure.id) ?? 0,
    }))
    .sort((a, b) => order(a) - order(b) || b.usual - a.usual || byName(a.figure, b.figure))
}

const byName = (a: Figure, b: Figure): number => a.name.localeCompare(b.name, 'en')

/** Those of a list that may come next just as they are, in the list's order. */
export function mayFollow(figure: Figure, figures: readonly Figure[], hold?: string): Figure[] {
  const state = stateAfter(figure, hold)
  if (!state) return []
  return figures.filter((one) => {
    const danced = applyVariation(one)
    return danced.ok && hindrancesOf(state, danced.value).length === 0
  })
}
