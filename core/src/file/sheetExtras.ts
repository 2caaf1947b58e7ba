import { succeed, type Result } from '../document/index.ts'
import { problem } from './problem.ts'
import { heldAs, HOLDS_EXPECTED, isHold } from '../figure/index.ts'
import type { CueMode } from '../school/index.ts'
import { TICKS_PER_BEAT } from '../time/index.ts'
import { linesText, readLines, readStatedNet, statedNetText } from '../move/index.ts'
import { UNITS, type Part, type Pass, type Slot, type Unit } from '../routine/index.ts'
import { quoted, readQuoted } from './sheetTextWords.ts'

/**
 * What may stand behind `|` after a slot, a part or a pass, each written and read back the same.
 */

const SAID = ['full', 'short', 'keyWord'] as const
const PINNED_AS = { full: 'full', short: 'short', keyWord: 'key word' } as const
type Wordings = NonNullable<Slot['wordings']>
const QUOTED = /^"(?:[^"\\]|\\.)*"$/s

export function slotExtras({
  wordings,
  say,
  remark,
  hard,
  optional,
  caution,
  roleRemarks,
  swap,
  mode,
  pin,
  roleCues,
  announce,
  progress,
  content,
}: Omit<Slot, 'id'>): string[] {
  const own =
    wordings &&
    SAID.map((kind) => (wordings[kind] === null ? '-' : quoted(wordings[kind]))).join(' / ')
  return [
    own ? `say ${own}` : '',
    say === 'nothing' ? 'silent' : '',
    remark === '' ? '' : `note ${quoted(remark)}`,
    hard ? 'hard' : '',
    optional ? 'optional' : '',
    caution ? `caution ${caution}` : '',
    roleRemarks?.lead ? `for lead ${quoted(roleRemarks.lead)}` : '',
    roleRemarks?.follow ? `for follow ${quoted(roleRemarks.follow)}` : '',
    swap ? 'change roles' : '',
    mode ? MODE_WORDS[mode] : '',
    pin?.startTicks === undefined ? '' : `pinned ${beatsText(-pin.startTicks)} before`,
    pin?.wording ? `pinned ${PINNED_AS[pin.wording]}` : '',
    ...(roleCues
      ? [
          roleCues.lead === '' ? '' : `tell lead ${quoted(roleCues.lead)}`,
          roleCues.follow === '' ? '' : `tell follow ${quoted(roleCues.follow)}`,
          `${roleCues.first} first`,
        ]
      : []),
    announce === undefined ? '' : `announce ${quoted(announce)}`,
    progress ? 'progress' : '',
    content.type === 'words' && content.moves ? `moves ${linesText(content.moves)}` : '',
    content.type === 'words' && content.net ? `net ${statedNetText(content.net)}` : '',
  ].filter((one) => one !== '')
}

/** When words are said, as it is written. */
export const MODE_WORDS: Readonly<Record<CueMode, string>> = {
  ahead: 'ahead',
  'on-count': 'on the count',
  'with-step': 'with the step',
  steps: 'step by step',
}

/** Quarters of a beat as a decimal, anything finer as a fraction of its ticks. */
const beatsText = (ticks: number): string =>
  ticks % (TICKS_PER_BEAT / 4) === 0 ? String(ticks / TICKS_PER_BEAT) : `${ticks}/${TICKS_PER_BEAT}`
function ticksOfBeats(text: string): number | null {
  const [, top, bottom] = /^(\d+(?:\.\d+)?)(?:\/(\d+))?$/.exec(text) ?? []
  const ticks =
    top === undefined ? NaN : Math.round((Number(top) / Number(bottom ?? 1)) * TICKS_PER_BEAT)
  return Number.isFinite(ticks) && ticks <= MOST_PIN_TICKS ? ticks : null
}
const MOST_PIN_TICKS = 3072

export function readSlotExtra(extra: string): Result<(slot: Omit<Slot, 'id'>) => Omit<Slot, 'id'>> {
  const set = (change: Partial<Slot>): Result<(slot: Omit<Slot, 'id'>) => Omit<Slot, 'id'>> =>
    succeed((slot) => ({ ...slot, ...change }))
  if (extra === 'progress') return set({ progress: true })
  const [, floor, lines = ''] = /^(moves|net) (.*)$/s.exec(extra) ?? []
  if (floor !== undefined) return floor === 'net' ? readNet(lines) : readMoves(lines)
  if (extra === 'silent') return set({ say: 'nothing' })
  if (extra === 'hard') return set({ hard: true })
  if (extra === 'optional') return set({ optional: true })
  if (extra === 'change roles') return set({ swap: true })
  if (extra === 'caution shown' || extra === 'caution hidden')
    return set({ caution: extra === 'caution shown' ? 'shown' : 'hidden' })
  const mode = (Object.keys(MODE_WORDS) as CueMode[]).find((one) => MODE_WORDS[one] === extra)
  if (mode) return set({ mode })
  if (extra === 'lead first' || extra === 'follow first')
    return succeed((slot) => ({
      ...slot,
      roleCues: {
        lead: '',
        follow: '',
        ...slot.roleCues,
        first: extra === 'lead first' ? 'lead' : 'follow',
      },
    }))
  const [, pinned] = /^pinned (key word|\S+)(?: before)?$/.exec(extra) ?? []
  if (pinned !== undefined) return readPin(pinned)
  const [, told, cue = ''] = /^tell (lead|follow) (.*)$/s.exec(extra) ?? []
  if (told !== undefined)
    return mapped(readQuoted(cue), (text) => (slot) => ({
      ...slot,
      roleCues: { lead: '', follow: '', first: 'lead' as const, ...slot.roleCues, [told]: text },
    }))
  const [, announced] = /^announce (.*)$/s.exec(extra) ?? []
  if (announced !== undefined)
    return mapped(readQuoted(announced), (announce) => (slot) => ({ ...slot, announce }))
  const [, word = '', rest = ''] = /^(note|say|for lead|for follow) (.*)$/s.exec(extra) ?? []
  if (word === 'note') return mapped(readQuoted(rest), (remark) => (slot) => ({ ...slot, remark }))
  if (word === 'say')
    return mapped(readWordings(rest), (wordings) => (slot) => ({ ...slot, wordings }))
  if (word !== '')
    return mapped(readQuoted(rest), (text) => (slot) => ({
      ...slot,
      roleRemarks: { lead: '', follow: '', ...slot.roleRemarks, [word.slice('for '.length)]: text },
    }))
  return problem('sheet-text.slot-extra', { extra })
}

/** Lines are read when it is known how long the words last. */
function readMoves(text: string): Result<(slot: Omit<Slot, 'id'>) => Omit<Slot, 'id'>> {
  const plain = readLines(text, 0)
  if (!plain.ok) return plain
  return succeed((slot) => {
    if (slot.content.type !== 'words') return slot
    const lines = readLines(text, slot.content.lengthTicks ?? 0)
    return { ...slot, content: { ...slot.content, moves: lines.ok ? lines.value : plain.value } }
  })
}

const readNet = (text: string): Result<(slot: Omit<Slot, 'id'>) => Omit<Slot, 'id'>> =>
  mapped(
    readStatedNet(text),
    (net) => (slot) =>
      slot.content.type === 'words' ? { ...slot, content: { ...slot.content, net } } : slot,
  )

function readPin(text: string): Result<(slot: Omit<Slot, 'id'>) => Omit<Slot, 'id'>> {
  // Sheets of older times say “prompt”.
  const wording = SAID.find(
    (kind) => PINNED_AS[kind] === text || (kind === 'keyWord' && text === 'prompt'),
  )
  if (wording) return succeed((slot) => ({ ...slot, pin: { ...slot.pin, wording } }))
  const ticks = ticksOfBeats(text)
  return ticks === null
    ? problem('sheet-text.pin', { text })
    : succeed((slot) => ({ ...slot, pin: { ...slot.pin, startTicks: ticks === 0 ? 0 : -ticks } }))
}

const mapped = <From, To>(result: Result<From>, change: (value: From) => To): Result<To> =>
  result.ok ? succeed(change(result.value)) : result

function readWordings(text: string): Result<Wordings> {
  const pieces = text.match(/"(?:[^"\\]|\\.)*"|-/g) ?? []
  if (pieces.length === 0 || pieces.length > SAID.length) return problem('sheet-text.wordings')
  const wordings: Record<(typeof SAID)[number], string | null> = {
    full: null,
    short: null,
    keyWord: null,
  }
  for (const [i, piece] of pieces.entries()) {
    const read = piece === '-' ? succeed(null) : readQuoted(piece)
    if (!read.ok) return read
    wordings[SAID[i]!] = read.value
  }
  return succeed(wordings)
}

/** `referenceOf` names another part, as the order does. */
export function partExtras(
  { unit, lesson, versionOf, origin }: Omit<Part, 'id' | 'slots'>,
  referenceOf: (partId: string) => string,
): string[] {
  return [
    unit ? `in ${unit}` : '',
    lesson === undefined ? '' : `lesson ${lesson}`,
    versionOf === undefined ? '' : `version of ${referenceOf(versionOf)}`,
    origin ? `from ${quoted(origin.title)} ${origin.routineId} ${origin.partId}` : '',
  ].filter((one) => one !== '')
}

/**
 * One extra of a part; the part it is a version of comes as it is named, to be looked up when all
 * parts are read.
 */
export function readPartExtra(
  extra: string,
): Result<{ readonly change: Partial<Part> } | { readonly versionOf: string }> {
  const [, unit] = /^in (\S+)$/.exec(extra) ?? []
  if ((UNITS as readonly string[]).includes(unit ?? ''))
    return succeed({ change: { unit: unit as Unit } })
  const [, lesson] = /^lesson (\d{1,3})$/.exec(extra) ?? []
  if (lesson !== undefined) return succeed({ change: { lesson: Number(lesson) } })
  const [, version] = /^version of (.+)$/s.exec(extra) ?? []
  if (version !== undefined) return succeed({ versionOf: version })
  const [, title, routineId, partId] = /^from ("(?:[^"\\]|\\.)*") (\S+) (\S+)$/s.exec(extra) ?? []
  if (title !== undefined)
    return mapped(readQuoted(title), (read) => ({
      change: { origin: { title: read, routineId: routineId!, partId: partId! } },
    }))
  return problem('sheet-text.part-extra', { extra, units: UNITS.join(', in ') })
}

const HOW = {
  hold: 'extract and hold',
  pose: 'in a pose',
  'walk-off': 'walk off',
  music: 'until the music ends',
} as const
const side = (eighths: number): string => `${Math.abs(eighths)}/8 ${eighths < 0 ? 'left' : 'right'}`
const UNTIL = {
  section: 'until the section',
  released: 'until released',
  end: 'until the music ends',
} as const

export function passExtras({
  rotate,
  exitHold,
  tie,
  fill,
  finish,
  shift,
  progress,
}: Pass): string[] {
  return [
    rotate === undefined ? '' : `rotated ${side(rotate)}`,
    exitHold === undefined ? '' : `ends in ${exitHold}`,
    tie ? `at ${tie.to} ${quoted(tie.label)}` : '',
    fill ? `fill ${UNTIL[fill.until]}, ${fill.min} to ${fill.max}` : '',
    finish ? `finish ${HOW[finish.how]}${finish.spin ? ', spin who likes' : ''}` : '',
    shift ? `on by ${shift.lead} / ${shift.follow}` : '',
    progress ? 'progress' : '',
  ].filter((one) => one !== '')
}

export function readPassExtra(extra: string): Result<Partial<Pass>> {
  if (extra === 'progress') return succeed({ progress: true })
  const [, amount, way] = /^rotated (\d)\/8 (left|right)$/.exec(extra) ?? []
  if (amount !== undefined) return succeed({ rotate: Number(amount) * (way === 'left' ? -1 : 1) })
  const [, ends] = /^ends in (.+)$/.exec(extra) ?? []
  const hold = ends === undefined ? undefined : heldAs(ends)
  if (hold !== undefined)
    return isHold(hold)
      ? succeed({ exitHold: hold })
      : problem('sheet-text.hold', { hold, holdIds: HOLDS_EXPECTED })
  const [, to, label] = /^at (section|landmark) (.+)$/s.exec(extra) ?? []
  if (label !== undefined)
    return mapped(QUOTED.test(label) ? readQuoted(label) : succeed(label), (read) => ({
      tie: { to: to as 'section' | 'landmark', label: read },
    }))
  const [, until, min, max] =
    /^fill (until the section|until released|until the music ends)(?:, (\d{1,2}) to (\d{1,2}))?$/.exec(
      extra,
    ) ?? []
  if (until !== undefined)
    return succeed({
      fill: { until: keyOf(UNTIL, until), min: Number(min ?? 0), max: Number(max ?? 64) },
    })
  const [, how, spin] =
    /^finish (extract and hold|in a pose|walk off|until the music ends)(, spin who likes)?$/.exec(
      extra,
    ) ?? []
  if (how !== undefined)
    return succeed({ finish: { how: keyOf(HOW, how), ...(spin ? { spin: true } : {}) } })
  const [, lead, follow] = /^on by (-?\d{1,2}) \/ (-?\d{1,2})$/.exec(extra) ?? []
  if (lead !== undefined) return succeed({ shift: { lead: Number(lead), follow: Number(follow) } })
  return problem('sheet-text.pass-extra', { extra })
}

const keyOf = <Key extends string>(words: Readonly<Record<Key, string>>, word: string): Key =>
  (Object.keys(words) as Key[]).find((key) => words[key] === word)!
