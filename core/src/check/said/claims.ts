import type { CueLanguageId } from '../../figure/index.ts'
import { CLAIM_WORDS, type ClaimWords } from './claimWords.ts'

export type Side = 'left' | 'right'

/**
 * What words claim of a figure, as far as it is told plainly: each null where the words do not say
 * it, or say it both ways.
 */
export interface Claims {
  /** The side to which somebody turns. */
  readonly turn: Side | null
  /** How much is turned, in eighths. */
  readonly eighths: number | null
  /** The side to which one travels. */
  readonly way: Side | null
  /** Travelling forward or back. */
  readonly along: 'forward' | 'back' | null
  /** The side to which a ring goes round: left is clockwise. */
  readonly round: Side | null
  /** The hand or the arm that is given, to go round it. */
  readonly hand: Side | null
  /** How often, where that is all that is said beside the figure's name. */
  readonly times: number | null
  /** The holds that it ends in one of, as the holds are named: the words may mean several. */
  readonly exit: readonly string[] | null
  /** The words for where one looks, and whether one is to end so. */
  readonly facing: { readonly towards: string; readonly atEnd: boolean } | null
  /** It is told to the follow, not to the lead. */
  readonly ofFollow: boolean
}

/** What words claim, in the language that they are spoken in. */
export function claimsOf(text: string, language: CueLanguageId): Claims {
  return read[language](text)
}

/** Whether a note may be about something else than what is danced here, or leaves it open. */
export const isHedged = (text: string, language: CueLanguageId): boolean =>
  CLAIM_WORDS[language].hedged.test(text.toLowerCase().replace(/[’]/g, "'"))

/** Whether words claim anything at all that can be held to what is danced. */
export const claimsAnything = ({ ofFollow: _, ...claims }: Claims): boolean =>
  Object.values(claims).some((claim) => claim !== null)

const readIn = (words: ClaimWords): ((text: string) => Claims) => {
  const memory = new Map<string, Claims>()
  return (text) => {
    let claims = memory.get(text)
    if (!claims) {
      // Sheets say a few hundred things; what is typed on the way is forgotten.
      if (memory.size > 5000) memory.clear()
      memory.set(text, (claims = claimsIn(text, words)))
    }
    return claims
  }
}
const read = { en: readIn(CLAIM_WORDS.en), de: readIn(CLAIM_WORDS.de) }

function claimsIn(text: string, words: ClaimWords): Claims {
  const plain = text.toLowerCase().replace(/[’]/g, "'")
  return {
    turn: sideIn(plain, words.turns, words),
    eighths: amountIn(plain, words),
    way: sideIn(plain, words.ways, words),
    along: alongIn(plain, words),
    round: sideIn(plain, words.rounds, words),
    hand: sideIn(plain, words.hands, words),
    times: timesIn(plain, words),
    exit: exitIn(plain, words),
    facing: facingIn(plain, words),
    ofFollow: words.follow.test(plain),
  }
}

/** The one side that patterns find in a text; null where they find none or both. */
function sideIn(text: string, patterns: readonly RegExp[], { left }: ClaimWords): Side | null {
  const found = new Set(
    patterns.flatMap((pattern) =>
      [...text.matchAll(pattern)].map(({ groups }): Side =>
        left.test(groups!.side!) ? 'left' : 'right',
      ),
    ),
  )
  return found.size === 1 ? [...found][0]! : null
}

function amountIn(text: string, { amounts }: ClaimWords): number | null {
  const found = [amounts.pattern, amounts.behind].flatMap((pattern) =>
    [...text.matchAll(pattern)].map(({ groups }) => amounts.eighths(groups!.amount!)),
  )
  return found.length === 1 ? found[0]! : null
}

function alongIn(text: string, { alongs, back }: ClaimWords): 'forward' | 'back' | null {
  const found = new Set([...text.matchAll(alongs)].map(({ groups }) => groups!.way!))
  return found.size === 1 ? (back.test([...found][0]!) ? 'back' : 'forward') : null
}

function timesIn(text: string, { times }: ClaimWords): number | null {
  const found = [...text.matchAll(times.pattern)]
  if (found.length !== 1) return null
  const before = text.slice(0, found[0]!.index)
  return times.notOf.test(before) ? null : times.number(found[0]!.groups!.times!)
}

function exitIn(text: string, { exits, holds }: ClaimWords): readonly string[] | null {
  const said = exits.exec(text)?.groups?.hold
  const found = said ? holds.find(([pattern]) => pattern.test(said)) : undefined
  return found ? found.slice(1).filter((one): one is string => typeof one === 'string') : null
}

function facingIn(text: string, { facings, places }: ClaimWords): Claims['facing'] {
  const found = facings.exec(text)
  const towards = found && places.find(([pattern]) => pattern.test(found.groups!.place!))?.[1]
  return towards
    ? { towards, atEnd: found.index + found[0].length === text.trimEnd().length }
    : null
}

type Reworded = 'amounts' | 'times' | 'exits' | 'facings'

/** The text with what it claims of one thing said otherwise; null where it does not say it. */
export function rewordedClaim(
  text: string,
  language: CueLanguageId,
  what: Reworded,
  to: string,
): string | null {
  const words = CLAIM_WORDS[language]
  const patterns = { ...words, amounts: words.amounts.pattern, times: words.times.pattern }
  const foundBy = (pattern: RegExp): RegExpExecArray | null =>
    new RegExp(pattern, `${pattern.flags.replace('g', '')}i`).exec(text.replace(/[’]/g, "'"))
  const found =
    foundBy(patterns[what]) ?? (what === 'amounts' ? foundBy(words.amounts.behind) : null)
  const claim = found && Object.values(found.groups!).find((group) => group !== undefined)
  if (!claim) return null
  const from = found.index + found[0].toLowerCase().indexOf(claim.toLowerCase())
  const said = text.slice(0, from) + to + text.slice(from + claim.length)
  return said
    .replace(/\s+([,.;]|$)/g, '$1')
    .replace(/,\s*$/, '')
    .trim()
}
