import { LANGUAGES, wordingsOfFigure } from '../cue/index.ts'
import { memoised, sameValue } from '../document/index.ts'
import {
  applyVariation,
  AS_WRITTEN,
  danceFrom,
  LEVELS,
  holdFits,
  holdOf,
  startingState,
  keptByState,
  stateKey,
  isOfDance,
  missingFoot,
  relationFits,
  type DancedFigure,
  type Figure,
  type CoupleState,
  variationText,
  type Variation,
} from '../figure/index.ts'
import { WALL } from '../move/index.ts'
import type { Routine } from '../routine/index.ts'
import { TICKS_PER_BEAT } from '../time/index.ts'
import { standsAs } from './standing.ts'

/**
 * What is called from without a sheet: the figures a floor has, and how it stands at the start,
 * which is where a phrase is to close.
 */
export interface FreeDance {
  readonly figures: readonly DancedFigure[]
  readonly start: CoupleState
  readonly formation: Routine['formation']
  /** The figures that are legal in a state, and how each leaves the floor; kept once worked out. */
  readonly legal: (state: CoupleState) => readonly FreeOffer[]
  /**
   * Whether what is left of a phrase can be danced out from a state so that it closes. Ticks; kept
   * once worked out.
   */
  readonly closes: (state: CoupleState, leftTicks: number) => boolean
}

/**
 * The figures of a dance that may be called freely: those this floor has covered, where it is known
 * what they are; as they are written, then a half of what dancers halve, twice what is short, and
 * each with its other endings.
 */
export const freeFigures = (
  book: Iterable<Figure>,
  dance: string,
  isCovered: (figure: Figure) => boolean,
): DancedFigure[] => {
  const ways = [...book].flatMap((figure) =>
    isOfDance(figure, dance) && isCovered(figure) ? waysOfFigure(figure) : [],
  )
  return [...ways.filter(isWhole), ...ways.filter((danced) => !isWhole(danced))]
}

/** Twice is said of what takes no longer than so many beats. */
const TWICE_BEATS = 4

function waysOfFigure(figure: Figure): DancedFigure[] {
  const isHalved = figure.halfTicks !== undefined || LANGUAGES.en.halfOf(figure.name) !== null
  const isShort = figure.lengthTicks <= TWICE_BEATS * TICKS_PER_BEAT
  const ways: readonly Variation[] = [
    AS_WRITTEN,
    ...(isHalved ? [{ ...AS_WRITTEN, cut: { type: 'half' as const } }] : []),
    ...(isShort ? [{ ...AS_WRITTEN, times: 2 }] : []),
    ...(figure.endings ?? []).map(({ name }) => ({ ...AS_WRITTEN, ending: name })),
  ]
  return ways.flatMap((way) => dancedAs(figure, way))
}

/** A figure varied, where it can be danced so and takes time. */
export function dancedAs(figure: Figure, variation: Variation): DancedFigure[] {
  const danced = applyVariation(figure, variation)
  return danced.ok && danced.value.lengthTicks > 0 ? [danced.value] : []
}

const isWhole = ({ variation }: DancedFigure): boolean => sameValue(variation, AS_WRITTEN)

/** By what a figure that may be called is known: the figure, and the way it is danced. */
export const calledId = (danced: DancedFigure): string =>
  isWhole(danced) ? danced.figure.id : `${danced.figure.id} ${variationText(danced.variation)}`

/** What a figure that may be called is called: the book’s words, with how much and to where. */
export const calledAs = memoised((danced: DancedFigure): string => {
  const [longest] = wordingsOfFigure(danced, LANGUAGES.en)
  return longest?.text ?? danced.figure.name
})

/**
 * What free calling needs of a dance: its figures, how it starts, what can still close a phrase.
 */
export function freeDance(
  figures: readonly DancedFigure[],
  start: CoupleState,
  formation: Routine['formation'],
): FreeDance {
  const legal = keptByState((state) =>
    figures.flatMap((danced): FreeOffer[] => {
      const after = legalAfter(state, danced)
      return after ? [{ danced, after }] : []
    }),
  )
  const known = new Map<string, boolean>()
  const closes = (state: CoupleState, leftTicks: number): boolean => {
    if (leftTicks === 0) return standsAs({ formation }, start, state)
    const key = `${leftTicks} ${stateKey(state)}`
    const before = known.get(key)
    if (before !== undefined) return before
    known.set(key, false)
    const can = legal(state).some(
      ({ danced, after }) =>
        danced.lengthTicks <= leftTicks && closes(after, leftTicks - danced.lengthTicks),
    )
    known.set(key, can)
    return can
  }
  return { figures, start, formation, legal, closes }
}

/**
 * How a figure leaves the floor; null where it cannot be begun as it stands: a foot that is not
 * free, another hold, or not standing as the hold asks.
 */
export function legalAfter(state: CoupleState, danced: DancedFigure): CoupleState | null {
  if (missingFoot(state, danced) || !holdFits(state, danced) || !relationFits(state)) return null
  const { after, troubles } = danceFrom(state, danced)
  return troubles.length > 0 ? null : after
}

/** A figure that may be called next. */
export interface FreeOffer {
  readonly danced: DancedFigure
  readonly after: CoupleState
}

/**
 * The figures that may come next: legal as the floor stands, not longer than what is left of the
 * phrase, and such that the phrase can still close. What was called last comes only where nothing
 * else does. Whole figures come first; then what was called longest ago, and of those what moves
 * otherwise than the last.
 *
 * @param leftTicks Ticks left of the phrase, 0 or more.
 */
export function nextFigures(
  dance: FreeDance,
  state: CoupleState,
  leftTicks: number,
  called: readonly Figure[],
): FreeOffer[] {
  const offers = dance
    .legal(state)
    .filter(
      ({ danced, after }) =>
        danced.lengthTicks <= leftTicks && dance.closes(after, leftTicks - danced.lengthTicks),
    )
  const last = called.at(-1)
  const others = offers.filter(({ danced }) => danced.figure.id !== last?.id)
  const lastPace = dance.figures.find(({ figure }) => figure.id === last?.id)
  const rank = ({ danced }: FreeOffer): number =>
    called.findLastIndex(({ id }) => id === danced.figure.id)
  const sameness = ({ danced }: FreeOffer): number =>
    lastPace && paceOf(danced) === paceOf(lastPace) ? 1 : 0
  return (others.length > 0 ? others : offers).sort(
    (a, b) =>
      Number(!isWhole(a.danced)) - Number(!isWhole(b.danced)) ||
      rank(a) - rank(b) ||
      sameness(a) - sameness(b) ||
      b.danced.lengthTicks - a.danced.lengthTicks ||
      LEVELS.indexOf(a.danced.figure.level) - LEVELS.indexOf(b.danced.figure.level) ||
      a.danced.figure.name.localeCompare(b.danced.figure.name, 'en'),
  )
}

/** Steps in a beat, by halves: what makes the rhythm of a figure. */
const paceOf = ({ steps, lengthTicks }: DancedFigure): number =>
  Math.round(
    (2 * TICKS_PER_BEAT * steps.lead.filter(({ layer }) => layer === 'feet').length) / lengthTicks,
  )

/** A whole phrase to call. */
export interface FreePhrase {
  readonly figures: readonly DancedFigure[]
  readonly after: CoupleState
  readonly cost: number
}

export interface FreePhrases {
  readonly phrases: readonly FreePhrase[]
  /** The search was given up: there may be better ones. */
  readonly isCut: boolean
}

const BEST_PHRASES = 3
const MOST_LOOKED_AT = 12_000
/**
 * What a phrase costs: a figure that it has already; one of the phrase before; two neighbours that
 * move alike; each hard figure.
 */
const COST = { again: 6, before: 2, alike: 1, hard: 3 }
const HARD: ReadonlySet<Figure['level']> = new Set(['advanced'])

/**
 * Whole phrases from a state: every sequence of figures that fills it exactly, is legal and closes,
 * is weighed by how much it repeats, how alike its neighbours move and how hard it is; the best
 * few, each begun with something else. Nothing comes twice running where any phrase can do without.
 * Exact (branch and bound) until very many have been looked at, which is said.
 *
 * @param phraseTicks Length of a phrase in ticks, above 0.
 */
export function freePhrases(
  dance: FreeDance,
  state: CoupleState,
  phraseTicks: number,
  called: readonly Figure[],
): FreePhrases {
  const without = phrasesFrom(dance, state, phraseTicks, called, false)
  return without.phrases.length > 0 || without.isCut
    ? without
    : phrasesFrom(dance, state, phraseTicks, called, true)
}

function phrasesFrom(
  dance: FreeDance,
  state: CoupleState,
  phraseTicks: number,
  called: readonly Figure[],
  mayRepeat: boolean,
): FreePhrases {
  const recent = new Set(called.slice(-12).map(({ id }) => id))
  const paces = new Map(dance.figures.map((danced) => [danced, paceOf(danced)]))
  const best = new Map<string, FreePhrase>()
  let looked = 0
  const walk = (
    now: CoupleState,
    left: number,
    way: readonly DancedFigure[],
    cost: number,
  ): void => {
    if (looked > MOST_LOOKED_AT) return
    if (left === 0) {
      const key = way[0]!.figure.id
      const before = best.get(key)
      if (!before || before.cost > cost) best.set(key, { figures: way, after: now, cost })
      return
    }
    looked++
    const last = way.at(-1)
    const lastId = last?.figure.id ?? called.at(-1)?.id
    for (const { danced, after } of dance.legal(now)) {
      if (!isWhole(danced)) continue
      if (danced.lengthTicks > left || (!mayRepeat && danced.figure.id === lastId)) continue
      const next =
        cost +
        (way.some(({ figure }) => figure.id === danced.figure.id) ? COST.again : 0) +
        (recent.has(danced.figure.id) ? COST.before : 0) +
        (last && paces.get(last) === paces.get(danced) ? COST.alike : 0) +
        (HARD.has(danced.figure.level) ? COST.hard : 0)
      // A way that is dearer than the best one that begins alike cannot become better: costs only
      // grow.
      if (next >= (best.get((way[0] ?? danced).figure.id)?.cost ?? Infinity)) continue
      if (dance.closes(after, left - danced.lengthTicks))
        walk(after, left - danced.lengthTicks, [...way, danced], next)
    }
  }
  walk(state, phraseTicks, [], 0)
  return {
    phrases: [...best.values()]
      .sort((a, b) => a.cost - b.cost || b.figures.length - a.figures.length)
      .slice(0, BEST_PHRASES),
    isCut: looked > MOST_LOOKED_AT,
  }
}

/**
 * How a floor had best stand to be called freely: of every hold that figures may begin in, on
 * opposite feet or on the same one, the way in which most of them may come first in a phrase that
 * closes. Null where no phrase of these figures closes.
 *
 * @param phraseTicks Length of a phrase in ticks, above 0.
 */
export function bestStart(
  figures: readonly DancedFigure[],
  formation: Routine['formation'],
  phraseTicks: number,
): CoupleState | null {
  const holds = [...new Set(figures.flatMap(({ figure }) => figure.entry.holds))]
  const ways = holds.flatMap((hold): CoupleState[] => {
    const opposite = startingState(hold, WALL)
    const same = (weight: 'left' | 'right'): CoupleState => {
      const beside =
        holdOf(hold)?.relation == null
          ? { ...opposite, follow: { ...opposite.follow, facing: opposite.lead.facing } }
          : opposite
      return { ...beside, lead: { ...beside.lead, weight }, follow: { ...beside.follow, weight } }
    }
    return [opposite, same('right'), same('left')]
  })
  let best: { readonly start: CoupleState; readonly count: number } | null = null
  for (const start of ways) {
    const count = nextFigures(freeDance(figures, start, formation), start, phraseTicks, []).length
    if (count > (best?.count ?? 0)) best = { start, count }
  }
  return best?.start ?? null
}
