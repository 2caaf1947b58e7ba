import { succeed, type Result } from '../document/index.ts'
import { problem } from './problem.ts'
import {
  directionWords,
  HOLDS_EXPECTED,
  heldAs,
  isHold,
  holdOf,
  otherWeight,
  readDirection,
  type CoupleState,
  type RoleState,
} from '../figure/index.ts'
import { turned } from '../move/index.ts'
import { frameOf, type Formation, type SlotContent } from '../routine/index.ts'
import { standingAs, startJotted } from './startJotted.ts'
import { TICKS_PER_BEAT, type Metre } from '../time/index.ts'

/** Small pieces of the plain-text sheet, each written and read back the same. */

/** A text in quotation marks, on one line, whatever is in it. */
export const quoted = (text: string): string => JSON.stringify(text)
export function readQuoted(text: string): Result<string> {
  try {
    const value: unknown = JSON.parse(text)
    if (typeof value === 'string') return succeed(value)
  } catch {
    // Told below, in words.
  }
  return problem('sheet-text.quoted', { text })
}

const PLAIN = /^[\p{L}\p{N}][^"\n|]*$/u
/** A value after its key: bare where it can stand so, else in quotation marks. */
export const valueText = (text: string): string =>
  PLAIN.test(text) && text.trim() === text ? text : quoted(text)
export const readValue = (text: string): Result<string> =>
  text.startsWith('"') ? readQuoted(text) : succeed(text)

const ROLE_WEIGHT: Readonly<Record<RoleState['weight'], string>> = {
  right: 'left foot free',
  left: 'right foot free',
  both: 'weight on both feet',
  split: 'weight split',
}
const ROLES = ['lead', 'follow'] as const
/**
 * By the clock where the formation says its directions so; else in the hall's words, which have one
 * for every facing.
 */
const standsText = ({ facing, weight }: RoleState, formation?: Formation): string =>
  `${(frameOf({ formation }) === 'walls' && directionWords('walls', facing)) || directionWords('hall', facing)!}, ${ROLE_WEIGHT[weight]}`

/**
 * `butterfly; lead faces wall, left foot free; follow faces centre, right foot free`; `none; all
 * face 12 o'clock, right foot free` where both stand alike.
 */
export const startText = ({ hold, lead, follow }: CoupleState, formation?: Formation): string =>
  lead.facing === follow.facing && lead.weight === follow.weight
    ? `${hold}; all face ${standsText(lead, formation)}`
    : `${hold}; lead faces ${standsText(lead, formation)}; follow faces ${standsText(follow, formation)}`

/** Where nothing is said of the feet, either may begin. */
function readStands(text: string): RoleState | null {
  const [words, feet] = text.split(/,\s*(?=[^,]*$)/)
  const weight = (Object.keys(ROLE_WEIGHT) as RoleState['weight'][]).find(
    (one) => ROLE_WEIGHT[one] === feet,
  )
  if (!weight && feet !== undefined) return null
  const facing = START_FRAMES.map((frame) => readDirection(words!, frame)).find(({ ok }) => ok)
  return facing?.ok ? { facing: facing.value, weight: weight ?? 'both' } : null
}
const START_FRAMES = ['hall', 'walls', 'ring', 'set'] as const

/** The follow where only the lead is told: as the hold has it, the other foot free. */
function beside({ facing, weight }: RoleState, hold: string): RoleState {
  return { facing: turned(facing, holdOf(hold)?.relation ?? 4), weight: otherWeight(weight) }
}

/**
 * How a dance starts: as it is written out, or as it is jotted down. What is jotted down leaves open
 * what is usual.
 */
export function readStart(text: string, usual: CoupleState): Result<CoupleState> {
  const written = readWrittenStart(text)
  if (written.ok) return written
  const jotted = startJotted(text)
  return jotted ? succeed(standingAs(jotted, usual)) : written
}

/** Whether a start is written out, and so leaves nothing open. */
export const isWrittenStart = (text: string): boolean => readWrittenStart(text).ok

/** Where all stand alike the hold may be left out: then there is none. */
function readWrittenStart(text: string): Result<CoupleState> {
  const said = text
    .toLowerCase()
    .replaceAll('’', "'")
    .split(';')
    .map((one) => one.trim())
  const [called = '', ...pieces] = /^(?:all face|lead faces) /.test(said[0]!)
    ? ['none', ...said]
    : said
  const hold = heldAs(called)
  if (!isHold(hold)) return problem('sheet-text.start-hold', { hold, holdIds: HOLDS_EXPECTED })
  const alike = pieces.length === 1 && /^all face (.+)$/.exec(pieces[0]!)
  if (alike) {
    const all = readStands(alike[1]!)
    return all
      ? succeed({ hold, lead: all, follow: { ...all } } as CoupleState)
      : problem('sheet-text.start-all', { piece: pieces[0]! })
  }
  if (pieces.length > 2) return problem('sheet-text.start')
  const states: Partial<Record<'lead' | 'follow', RoleState>> = {}
  for (const [i, role] of ROLES.entries()) {
    const piece = pieces[i] ?? ''
    if (piece === '' && states.lead) {
      states[role] = beside(states.lead, hold)
      continue
    }
    const stands = piece.startsWith(`${role} faces `)
      ? readStands(piece.slice(`${role} faces `.length))
      : null
    if (!stands) return problem('sheet-text.start-role', { piece, role })
    states[role] = stands
  }
  return succeed({ hold, lead: states.lead!, follow: states.follow! } as CoupleState)
}

/** `3 beats of 1/4 in quarters`. */
export const metreText = ({ beatsPerBar, beatNote, division }: Metre): string =>
  `${beatsPerBar} beats of ${beatNote} in ${division === 3 ? 'thirds' : 'quarters'}`
export function readMetre(text: string): Result<Metre> {
  const found = /^(\d{1,2}) beats? of (1\/2|1\/4|3\/8|1\/8)(?: in (quarters|thirds))?$/.exec(text)
  const beatsPerBar = Number(found?.[1])
  if (!found || beatsPerBar < 2 || beatsPerBar > 12) return problem('sheet-text.bar', { text })
  return succeed({
    beatsPerBar,
    beatNote: found[2] as Metre['beatNote'],
    division: found[3] === 'thirds' ? 3 : 4,
  })
}

export const beatsText = (ticks: number): string =>
  ticks % TICKS_PER_BEAT === 0 ? String(ticks / TICKS_PER_BEAT) : `${ticks}t`
const readBeats = (text: string): number =>
  text.endsWith('t') ? Number(text.slice(0, -1)) : Math.round(Number(text) * TICKS_PER_BEAT)

type Words = Extract<SlotContent, { type: 'words' }>
/** How long words take: `6`, `4 or 8`, `to the phrase`, or `?`. */
export function lengthText({ lengthTicks, choices, until }: Words): string {
  if (lengthTicks !== null) return beatsText(lengthTicks)
  return choices ? choices.map(beatsText).join(' or ') : until ? `to the ${until}` : '?'
}
/** What was written of a length, already known to be one of these forms. */
export function readLength(text: string): Pick<Words, 'lengthTicks' | 'choices' | 'until'> {
  if (text === '?') return { lengthTicks: null }
  if (text.startsWith('to the '))
    return { lengthTicks: null, until: text.endsWith('section') ? 'section' : 'phrase' }
  const lengths = text.split(' or ').map(readBeats)
  return lengths.length > 1 ? { lengthTicks: null, choices: lengths } : { lengthTicks: lengths[0]! }
}
