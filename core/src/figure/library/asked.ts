import { distance } from 'fastest-levenshtein'
import { DANCE_NAMES, figureFamily } from '../../tune/index.ts'
import { TICKS_PER_BEAT } from '../../time/index.ts'
import { sameValue } from '../../document/index.ts'
import { namesOf } from '../model/figureWords.ts'
import type { Figure } from '../model/figure.ts'
import { AS_WRITTEN, type Variation } from '../model/variation.ts'
import { neededFoot } from '../model/weight.ts'
import { mirroredWords } from '../model/mirroredWords.ts'
import { netTurn } from '../model/turnAmount.ts'
import { applyVariation } from '../model/vary.ts'
import { isOfDance } from './browse.ts'
import { findFigure } from '../notation/figureText.ts'
import { spelt } from '../notation/nameSpelling.ts'
import { readSpokenVariation } from './spokenVariation.ts'
import { searchFigures } from './search.ts'

/** A figure that answers what was typed, and how it is asked to be danced. */
export interface Asked {
  readonly figure: Figure
  readonly variation: Variation
  /** Nothing has that name: this one may be meant. */
  readonly isGuess: boolean
}

/** A figure, and how it is danced. */
type Varied = Pick<Asked, 'figure' | 'variation'>

const MOST_GUESSES = 4
/** Letters that may be wrong in a name, as a share of it. */
const MAY_BE_WRONG = 1 / 3

/**
 * Figures for what a cuer types: by name, alias or initials; with a dance before or behind
 * (`waltz box`); with an amount, a side or a hold behind (`jazz box 1/4 right`, `box half`, `vine
 * to butterfly`); and where nothing has that name, those whose names are spelt most like it
 * (Levenshtein 1966), of the dance first. Best first; all figures for an empty text.
 */
export function askFigures(figures: readonly Figure[], text: string, dance: string): Asked[] {
  const plain = named(figures, text).map((figure) => asWritten(figure))
  if (text.trim() === '') return plain
  const known = new Set(plain.map(({ figure }) => figure.id))
  const varied = withVariation(figures, text).filter(({ figure }) => !known.has(figure.id))
  const found = [...plain, ...varied]
  if (found.length > 0) return found
  const called = findFigure(text, figures, figureFamily(dance))
  if (called.ok) return [asWritten(called.value)]
  const side = findVaried(text, figures, figureFamily(dance))
  return side ? [{ ...side, isGuess: false }] : guesses(figures, text, dance)
}

const asWritten = (figure: Figure, isGuess = false): Asked => ({
  figure,
  variation: AS_WRITTEN,
  isGuess,
})

/** By name; else by what is left of the text without the name of a dance, among its figures. */
function named(figures: readonly Figure[], text: string): Figure[] {
  const found = searchFigures(figures, text)
  if (found.length > 0) return found
  const wanted = text.trim().toLowerCase()
  return DANCES.flatMap((name) => {
    const rest = wanted.startsWith(`${name} `)
      ? wanted.slice(name.length)
      : wanted.endsWith(` ${name}`)
        ? wanted.slice(0, -name.length)
        : null
    const own = rest === null ? [] : figures.filter(({ family }) => family === figureFamily(name))
    return rest === null ? [] : searchFigures(own, rest)
  })
}
/** Names of dances, the longest first: “slow waltz” before “waltz”. */
const DANCES = [...new Set(DANCE_NAMES.flatMap((name) => [name, figureFamily(name)]))]
  .map((name) => name.toLowerCase())
  .sort((a, b) => b.length - a.length)

/** A name with how it is to be danced behind it; the longest name that answers counts. */
function withVariation(figures: readonly Figure[], text: string): Asked[] {
  const words = text.trim().split(/[\s,]+/)
  for (let own = words.length - 1; own > 0; own--) {
    const variation = readSpokenVariation(words.slice(own).join(' '))
    if (!variation) continue
    const found = named(figures, words.slice(0, own).join(' ')).flatMap((figure): Asked[] =>
      applyVariation(figure, variation).ok
        ? [{ figure, variation: withoutOwn(figure, variation), isGuess: false }]
        : [],
    )
    // What is danced so by itself comes before what would have to be varied.
    const asIs = found.filter(({ variation: left }) => isPlain(left))
    if (found.length > 0) return [...asIs, ...found.filter((one) => !asIs.includes(one))]
  }
  return []
}

/**
 * A figure by its name with how it is danced behind it, as dancers say it (`hover to semi`, `jazz box
 * 1/4 right`, `step, pivot half left`), or by the name of its other side (`rolling vine left`): only
 * where a figure has that name, and can be danced so. Null where none has.
 */
export function findVaried(
  text: string,
  figures: readonly Figure[],
  family: string,
): Varied | null {
  if (text.length > MOST_LETTERS) return null
  const found = asTyped(text, figures, family)
  const plain = spelt(text)
  return found ?? (plain === text ? null : asTyped(plain, figures, family))
}

/** No figure has a longer name, whatever is said behind it. */
const MOST_LETTERS = 160

function asTyped(text: string, figures: readonly Figure[], family: string): Varied | null {
  const words = text.trim().split(/[\s,]+/)
  const ways: (() => Varied | null)[] = [
    () => repeated(text, figures, family),
    () => otherSide(text, figures, family),
    () => sideWithin(text, figures, family),
    ...words.slice(1).map((_, i) => {
      const behind = words.length - 1 - i
      const name = words.slice(0, behind).join(' ')
      const rest = words.slice(behind).join(' ').toLowerCase()
      return () => variedBy(name, rest, figures, family)
    }),
    () => eachSide(text, figures, family),
    () => amountWithin(text, figures, family),
  ]
  for (const way of ways) {
    const found = way()
    if (found && applyVariation(found.figure, found.variation).ok)
      return { ...found, variation: withoutOwn(found.figure, found.variation) }
  }
  return null
}

/** A figure of the dance that has the name; null where none has, or several have. */
function ofDance(name: string, figures: readonly Figure[], family: string): Figure | null {
  const found = findFigure(name, figures, family)
  return found.ok && found.value.family === family ? found.value : null
}

const MIRRORED: Variation = { ...AS_WRITTEN, reflected: true }

/** “Rolling vine left” is “rolling vine right” mirrored. */
function otherSide(text: string, figures: readonly Figure[], family: string): Varied | null {
  const other = mirroredWords(text, 'en')
  const figure = other === text ? null : ofDance(other, figures, family)
  return figure && { figure, variation: MIRRORED }
}

/** “Step pivot 1/4 left, twice”: what stands before how often it is danced. */
function repeated(text: string, figures: readonly Figure[], family: string): Varied | null {
  const [, name = '', by, of] = /^(.+?)[\s,]+(?:x ?(\d)|(\d) ?x|twice)$/i.exec(text.trim()) ?? []
  const figure = name === '' ? null : ofDance(name, figures, family)
  const once = figure
    ? { figure, variation: AS_WRITTEN }
    : name === ''
      ? null
      : findVaried(name, figures, family)
  const times = Number(by ?? of ?? 2)
  return once && once.variation.times === 1 && times > 0
    ? { ...once, variation: { ...once.variation, times } }
    : null
}

/**
 * “Side rock left, recover”, “left coaster step” and “step pivot 1/4 left”: begun on that foot, or
 * turning to that side, who dances alone.
 */
function sideWithin(text: string, figures: readonly Figure[], family: string): Varied | null {
  const side = /\b(left|right)\b/i.exec(text)?.[1]!.toLowerCase()
  const name = text.replace(/\s*\b(?:left|right)\b/i, '')
  const figure = side === undefined ? null : ofDance(name, figures, family)
  if (!figure || figure.dancers !== 'solo') return null
  const turn = netTurn(figure.lead)
  if (turn !== 0)
    return { figure, variation: turn > 0 === (side === 'right') ? AS_WRITTEN : MIRRORED }
  const foot = neededFoot(figure.lead)
  return foot && { figure, variation: foot === side ? AS_WRITTEN : MIRRORED }
}

/** “Sway r l r l”, “hip bumps RR LL”: a count for each side that is told. */
function eachSide(text: string, figures: readonly Figure[], family: string): Varied | null {
  const [, name = '', told = ''] =
    /^(.+?)((?:[\s,]+(?:r+|l+|right|left)){2,})$/i.exec(text.trim()) ?? []
  const figure = name === '' ? null : ofDance(name, figures, family)
  if (!figure || figure.dancers !== 'solo') return null
  const sides = told
    .toLowerCase()
    .split(/[\s,]+/)
    .flatMap((side) => (side === 'right' || side === 'left' ? [side[0]!] : [...side]))
  // “Right, right, left” is another thing than a side in turn.
  if (sides.some((side, i) => side === sides[i - 1])) return null
  const times = (sides.length * TICKS_PER_BEAT) / figure.lengthTicks
  if (!Number.isInteger(times)) return null
  const begins = figure.lead.find(({ foot }) => foot !== null)?.foot ?? 'right'
  return { figure, variation: { ...AS_WRITTEN, times, reflected: begins[0] !== sides[0] } }
}

/** “Vine left, quarter turn, scuff”: by how much it turns, to the side that its name says, inside. */
function amountWithin(text: string, figures: readonly Figure[], family: string): Varied | null {
  const [, before = '', amount = '', behind = ''] =
    /^(.+?\b(?:left|right)\b.*?)[\s,]+((?:a )?(?:\d\/\d|quarter|half))(?: turn)?(?:[\s,]+(.+))?$/i.exec(
      text.trim(),
    ) ?? []
  const name = `${before} ${behind}`.trim()
  const side = /\b(left|right)\b/i.exec(before)?.[1]
  const figure = side === undefined ? null : ofDance(name, figures, family)
  const variation = figure && readSpokenVariation(`${amount} ${side!.toLowerCase()}`)
  return figure && variation ? { figure, variation: toSideOf(figure, variation) } : null
}

function variedBy(
  name: string,
  rest: string,
  figures: readonly Figure[],
  family: string,
): Varied | null {
  const figure = ofDance(name, figures, family)
  if (!figure) return null
  // A number behind a name that has one is how many steps: “vine three” is no vine four, three times.
  const variation = /^\d$/.test(rest) && saysNumber(figure) ? null : readSpokenVariation(rest)
  if (variation) return { figure, variation: toSideOf(figure, variation) }
  // To which side it turns, where its name says none.
  const turn = netTurn(figure.lead)
  if (turn === 0 || !/^(?:to the )?(?:left|right)$/.test(rest)) return null
  return { figure, variation: turn > 0 === rest.endsWith('right') ? AS_WRITTEN : MIRRORED }
}

/** Who dances alone and turns to the other side than is written begins on the other foot. */
function toSideOf({ dancers, lead }: Figure, variation: Variation): Variation {
  const { turn, reflected } = variation
  return dancers === 'solo' && turn !== undefined && !reflected && turn * netTurn(lead) < 0
    ? { ...variation, turn: -turn, reflected: true }
    : variation
}

const NUMBER = /\b(?:two|three|four|six|eight)\b/
const saysNumber = (figure: Figure): boolean =>
  namesOf(figure).some((name) => NUMBER.test(spelt(name)))

/** How it is varied beyond what it is danced like anyway. */
const withoutOwn = (figure: Figure, { turn, ...rest }: Variation): Variation =>
  turn === undefined || netTurn(figure.lead) === turn ? rest : { ...rest, turn }
const isPlain = (variation: Variation): boolean => sameValue(variation, AS_WRITTEN)

function guesses(figures: readonly Figure[], text: string, dance: string): Asked[] {
  const wanted = text.trim().toLowerCase()
  const wrong = (figure: Figure): number =>
    Math.min(
      ...namesOf(figure).map(
        (name) => distance(name.toLowerCase(), wanted) / Math.max(1, name.length),
      ),
    )
  return figures
    .map((figure) => ({ figure, wrong: wrong(figure), other: isOfDance(figure, dance) ? 0 : 1 }))
    .filter((one) => one.wrong <= MAY_BE_WRONG)
    .sort((a, b) => a.other - b.other || a.wrong - b.wrong)
    .slice(0, MOST_GUESSES)
    .map(({ figure }) => asWritten(figure, true))
}
