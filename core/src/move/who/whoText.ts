import { succeed, type Result } from '../../document/index.ts'
import type { Reader } from '../reader.ts'
import {
  LOOKING,
  NUMBERS,
  PAIRS,
  ROLES,
  SCOPES,
  STANDING,
  type Who,
  type WhoPick,
  type WhoTerm,
  type WhoWord,
} from './who.ts'

/** Reads whom a line concerns, as far as its words go. */
export function readWho(reader: Reader): Result<Who> {
  const scope = reader.word(SCOPES)
  // The comma behind it may be left out.
  if (scope) reader.sign(',')
  // `each line: ...` is everybody of each.
  if (scope && (reader.isAtEnd || isColonHere(reader)))
    return succeed({ scope, pick: null, pairs: null })
  const alone = readPairs(reader)
  if (alone) return succeed({ scope, pick: null, pairs: alone })
  const pick = isWithHere(reader) ? succeed(null) : readPick(reader)
  if (!pick.ok) return pick
  if (!reader.take(/with/)) return succeed({ scope, pick: pick.value, pairs: null })
  const pairs = readPairs(reader)
  return pairs ? succeed({ scope, pick: pick.value, pairs }) : reader.expected('move.who')
}

/** `with partners: grand chain 4`: everybody, and with whom it begins. */
function isWithHere(reader: Reader): boolean {
  const { place } = reader
  const isWith = reader.take(/with/) !== null
  reader.place = place
  return isWith
}

function isColonHere(reader: Reader): boolean {
  const { place } = reader
  const isColon = reader.sign(':')
  reader.place = place
  return isColon
}

/** Each of the pairs may be said of one: `partner`, `corner`. */
function readPairs(reader: Reader): (typeof PAIRS)[number] | null {
  const plural = reader.word(PAIRS)
  if (plural) return plural
  const one = reader.word(
    PAIRS.filter((word) => word.endsWith('s')).map((word) => word.slice(0, -1)),
  )
  return one ? (`${one}s` as (typeof PAIRS)[number]) : null
}

function readPick(reader: Reader): Result<WhoPick> {
  const first = readTerm(reader)
  if (!first.ok) return first
  const and = [first.value]
  while (reader.take(/and/)) {
    const next = readTerm(reader)
    if (!next.ok) return next
    and.push(next.value)
  }
  if (!reader.take(/but/)) return succeed(and.length === 1 ? and[0]! : { and })
  const but = readTerm(reader)
  return but.ok ? succeed({ and, but: but.value }) : but
}

function readTerm(reader: Reader): Result<WhoTerm> {
  const of: WhoWord[] = []
  do {
    reader.take(/the|those/)
    const word = readWord(reader)
    if (!word) return reader.expected('move.who')
    of.push(word)
  } while (reader.take(/of/))
  return succeed(of.length === 1 ? of[0]! : { of })
}

/** What roles are called besides; printed they have one name. */
const ROLE_NAMES: readonly (readonly [RegExp, (typeof ROLES)[number]])[] = [
  [/men|gents|gentlemen|herren/, 'leads'],
  [/women|ladies|damen/, 'follows'],
]

function readRole(reader: Reader): (typeof ROLES)[number] | null {
  const known = reader.word(ROLES)
  return known ?? ROLE_NAMES.find(([names]) => reader.take(names))?.[1] ?? null
}

function readWord(reader: Reader): WhoWord | null {
  const role = readRole(reader)
  if (role) return { role }
  const couples = reader.take(/couples? (\d{1,2}(?: \d{1,2})*)/)
  if (couples) return { couples: couples[1]!.split(' ').map(Number) }
  const number = reader.word(NUMBERS)
  if (number) return { number }
  const row = reader.take(/row (\d{1,2})/)
  if (row) return { row: Number(row[1]) }
  const every = reader.take(/every other(?: from (1|2))?/)
  if (every) return { every: Number(every[1] ?? 1) }
  if (reader.take(/facing/)) {
    const facing = reader.word(LOOKING)
    return facing ? { facing } : null
  }
  const stand = reader.word(STANDING)
  return stand ? { stand } : null
}

/** As it is written: what is read back from it is the same. Empty for everybody. */
export function whoText({ scope, pick, pairs }: Who): string {
  const picked = pick ? pickText(pick) : ''
  const told = pairs && picked ? `${picked} with ${pairs}` : (pairs ?? picked)
  return [scope, told].filter(Boolean).join(' ')
}

function pickText(pick: WhoPick): string {
  if (!('and' in pick)) return termText(pick)
  const all = pick.and.map(termText).join(' and ')
  return pick.but ? `${all} but ${termText(pick.but)}` : all
}
const termText = (term: WhoTerm): string =>
  'of' in term ? term.of.map(wordText).join(' of ') : wordText(term)

function wordText(word: WhoWord): string {
  if ('role' in word) return word.role
  if ('couples' in word)
    return `${word.couples.length === 1 ? 'couple' : 'couples'} ${word.couples.join(' ')}`
  if ('number' in word) return word.number
  if ('row' in word) return `row ${word.row}`
  if ('facing' in word) return `facing ${word.facing}`
  if ('every' in word) return word.every === 1 ? 'every other' : 'every other from 2'
  return word.stand
}
