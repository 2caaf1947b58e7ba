import { own, isLanguage, type Language } from '../document/index.ts'
import {
  directionWords,
  HALL_FACINGS_DE,
  HOLD_IDS,
  LEVEL_NAMES,
  LEVELS,
  levelsIn,
  nameOfHold,
  piecesOutsideQuotes,
} from '../figure/index.ts'
import type { Facing } from '../move/index.ts'
import type { Formation, Unit } from '../routine/index.ts'

/**
 * A sheet's text in German: the same lines at the same places, with German words where the text has
 * words of its own. Names of figures, labels and what stands in quotation marks stay as they are.
 * Both are read, also mixed.
 */

/** English and German of a piece; what stands in braces is carried over, or translated by its list. */
type Pair = readonly [english: string, german: string]

const UNITS: Readonly<Record<Unit, string>> = {
  bars: 'Takte',
  eights: 'Achter',
  sixteens: 'Sechzehner',
  beats: 'Schläge',
  'slow-quick': 'langsam-schnell',
  words: 'Worte',
}
const FORMATIONS: Readonly<Record<Formation, string>> = {
  'couples-round': 'Paare im Kreis',
  couple: 'ein Paar',
  lines: 'Reihen',
  ring: 'Kreis',
  set: 'Set',
  solo: 'einzeln',
}
const EIGHT = [0, 1, 2, 3, 4, 5, 6, 7] as readonly Facing[]

/** The lists that braces are translated by. */
const LISTS: Readonly<Record<string, readonly Pair[]>> = {
  side: [
    ['left', 'links'],
    ['right', 'rechts'],
  ],
  role: [
    ['lead', 'führend'],
    ['follow', 'folgend'],
  ],
  hold: HOLD_IDS.map((id): Pair => [id, nameOfHold('de', id)]),
  unit: Object.entries(UNITS),
  units: Object.entries(UNITS).map(([unit, told]): Pair => [unit, told.replace(/[er]$/, '$&n')]),
  feet: [
    ['left foot free', 'linker Fuß frei'],
    ['right foot free', 'rechter Fuß frei'],
    ['weight on both feet', 'Gewicht auf beiden Füßen'],
    ['weight split', 'Gewicht geteilt'],
  ],
  facing: [
    ...EIGHT.map((facing): Pair => [directionWords('hall', facing)!, HALL_FACINGS_DE[facing]!]),
    ['reverse', 'gegen Tanzrichtung'],
    ...EIGHT.map((facing): Pair => {
      const told = directionWords('walls', facing)!
      const hour = Number(/\d+/.exec(told)![0])
      return [told, told.startsWith('half') ? `auf halb ${(hour % 12) + 1}` : `auf ${hour} Uhr`]
    }),
  ],
  wording: [
    ['full', 'voll'],
    ['short', 'kurz'],
    ['key word', 'Stichwort'],
  ],
  place: [
    ['section', 'Abschnitt'],
    ['landmark', 'Merkstelle'],
  ],
}

const HEADING: readonly Pair[] = [
  ['title', 'Titel'],
  ['by', 'von'],
  ['dance', 'Tanz'],
  ['school', 'Stil'],
  ['tune', 'Musik'],
  ['recording', 'Aufnahme'],
  ['bar', 'Takt'],
  ['tempo', 'Tempo'],
  ['language', 'Sprache'],
  ['start', 'Beginn'],
  ['remark', 'Bemerkung'],
  ['year', 'Jahr'],
  ['source', 'Quelle'],
  ['other names', 'andere Namen'],
  ['related', 'verwandt'],
  ['formation', 'Aufstellung'],
  ['couples', 'Paare'],
  ['places', 'Plätze'],
  ['level', 'Stufe'],
  ['unit', 'Einheit'],
  ['phrase', 'Phrase'],
  ['count from', 'gezählt ab'],
  ['slow', 'langsam'],
  ['told', 'erzählt'],
  ['roles', 'Rollen'],
  ['calling', 'Ansage'],
  ['tags', 'Schlagworte'],
]
const MODES: readonly Pair[] = [
  ['ahead', 'vorher'],
  ['on the count', 'auf das Zählen'],
  ['with the step', 'mit dem Schritt'],
  ['step by step', 'Schritt für Schritt'],
]
/** Values of the heading that have words of their own; pieces of one stand between semicolons. */
const VALUES: Readonly<Record<string, readonly Pair[]>> = {
  bar: [
    ['{n} beats of {note} in quarters', '{n} Schläge zu {note} in Vierteln'],
    ['{n} beats of {note} in thirds', '{n} Schläge zu {note} in Dritteln'],
    ['{n} beats of {note}', '{n} Schläge zu {note}'],
  ],
  language: [
    ['en', 'Englisch'],
    ['de', 'Deutsch'],
  ],
  start: [
    ['all face {facing}, {feet}', 'alle Blick {facing}, {feet}'],
    ['{role} faces {facing}, {feet}', '{role} Blick {facing}, {feet}'],
    ['all face {facing}', 'alle Blick {facing}'],
    ['{role} faces {facing}', '{role} Blick {facing}'],
    ['{hold}', '{hold}'],
  ],
  related: [
    ['same dance as {q}', 'derselbe Tanz wie {q}'],
    ['version of {q}', 'Fassung von {q}'],
    ['for {role} of {q}', 'für {role} von {q}'],
    ['part {q} is part {q2} of {rest}', 'Teil {q} ist Teil {q2} aus {rest}'],
    ['is part {q} of {rest}', 'ist Teil {q} aus {rest}'],
  ],
  formation: Object.entries(FORMATIONS),
  level: LEVELS.map((level): Pair => [LEVEL_NAMES[level], levelsIn('de')[level]]),
  unit: [['{unit}', '{unit}']],
  phrase: [
    ['{n} bars', '{n} Takte'],
    ['{n} counts', '{n} Schläge'],
    // Read as well.
    ['{n} counts', '{n} Zählzeiten'],
    ['{n} eights', '{n} Achter'],
  ],
  slow: [
    ['{n} beats', '{n} Schläge'],
    ['{n} beat', '{n} Schlag'],
  ],
  calling: [
    ...MODES,
    ['words only', 'nur Worte'],
    ['counts only', 'nur Zählen'],
    ['words and counts', 'Worte und Zählen'],
    ['words first', 'Worte zuerst'],
    ['counts first', 'Zählen zuerst'],
    ['half beats too', 'auch halbe Schläge'],
    ['on whole beats', 'auf ganzen Schlägen'],
    ['as the school has it', 'wie der Stil'],
  ],
}
const VARIATIONS: readonly Pair[] = [
  ['half', 'halb'],
  ['first {n}', 'die ersten {n}'],
  ['after {n}', 'nach {n}'],
  ['mirrored', 'gespiegelt'],
  ['no pause', 'ohne Pause'],
  ['turning {n} {side}', 'Drehung {n} {side}'],
  ['rotated {n} {side}', 'gedreht {n} {side}'],
  ['pick up', 'Dame vor'],
  ['on count {n}', 'ab Schlag {n}'],
  ['ending = {rest}', 'Ende = {rest}'],
  ['with = {rest}', 'mit = {rest}'],
  ['to {hold}', 'zu {hold}'],
]
const SLOT_EXTRAS: readonly Pair[] = [
  ['say {q}', 'sagen {q}'],
  ['silent', 'still'],
  ['note {q}', 'Bemerkung {q}'],
  ['hard', 'schwierig'],
  ['optional', 'darf wegbleiben'],
  ['caution shown', 'Warnung zeigen'],
  ['caution hidden', 'Warnung verbergen'],
  ['for {role} {q}', 'für {role} {q}'],
  ['tell {role} {q}', 'zu {role} {q}'],
  ['{role} first', '{role} zuerst'],
  ['change roles', 'Rollen tauschen'],
  ['pinned {n} before', 'angeheftet {n} vorher'],
  ['pinned {wording}', 'angeheftet {wording}'],
  ['announce {q}', 'Durchsage {q}'],
  ['progress', 'weiterrücken'],
  ['moves {rest}', 'Wege {rest}'],
  ['net {rest}', 'führt {rest}'],
  ...MODES,
]
const PART_EXTRAS: readonly Pair[] = [
  ['in {units}', 'in {units}'],
  ['lesson {n}', 'Stunde {n}'],
  ['version of {rest}', 'Fassung von {rest}'],
  ['from {q}', 'aus {q}'],
]
const FINISH: readonly Pair[] = [
  ['extract and hold', 'erste Schritte und halten'],
  ['in a pose', 'in einer Pose'],
  ['walk off', 'hinausgehen'],
  ['until the music ends', 'bis die Musik endet'],
]
const UNTIL: readonly Pair[] = [
  ['until the section', 'bis zum Abschnitt'],
  ['until released', 'bis zur Taste'],
  ['until the music ends', 'bis die Musik endet'],
]
const PASS_EXTRAS: readonly Pair[] = [
  ['rotated {n} {side}', 'gedreht {n} {side}'],
  ['ends in {hold}', 'endet in {hold}'],
  ['at {place} {rest}', 'bei {place} {rest}'],
  ...UNTIL.flatMap(([english, german]): Pair[] => [
    [`fill ${english}, {n} to {n2}`, `füllen ${german}, {n} bis {n2}`],
    [`fill ${english}`, `füllen ${german}`],
  ]),
  ...FINISH.flatMap(([english, german]): Pair[] => [
    [`finish ${english}, spin who likes`, `Ende ${german}, Drehung wer mag`],
    [`finish ${english}`, `Ende ${german}`],
  ]),
  ['on by {n} / {n2}', 'weiter um {n} / {n2}'],
  ['progress', 'weiterrücken'],
]
const LENGTHS: readonly Pair[] = [
  ['to the phrase', 'bis zur Phrase'],
  ['to the section', 'bis zum Abschnitt'],
  ['{n} or {n2}', '{n} oder {n2}'],
]
const KINDS: readonly Pair[] = [
  ['entrance', 'Einleitung'],
  ['bridge', 'Brücke'],
  ['fill', 'Füllung'],
  ['ending', 'Schluss'],
  ['pass', 'Durchgang'],
]
const OPENINGS: readonly Pair[] = [
  ['part {rest}', 'Teil {rest}'],
  ['order', 'Ablauf'],
  // Read as well.
  ['order', 'Reihenfolge'],
  ['left so', 'so gelassen'],
]
const CHANGES: readonly Pair[] = [
  ['instead of {slot}', 'statt {slot}'],
  ['after {slot}', 'nach {slot}'],
  ['without {slot}', 'ohne {slot}'],
]

/** What braces stand for. */
const VALUE: Readonly<Record<string, string>> = {
  n: '[^\\s,]+',
  n2: '[^\\s,]+',
  note: '\\S+',
  q: '["#-].*',
  q2: '["#-].*',
}
type Template = { readonly pattern: RegExp; readonly names: readonly string[] }
const templates = new Map<string, Template>()
function templateOf(text: string): Template {
  const known = templates.get(text)
  if (known) return known
  const names: string[] = []
  const source = text
    .split(/(\{\w+\})/)
    .map((piece) => {
      const name = /^\{(\w+)\}$/.exec(piece)?.[1]
      if (!name) return escaped(piece)
      names.push(name)
      const list = LISTS[name]
      return `(${
        list
          ? list
              .flatMap((pair) => pair.map(escaped))
              .toSorted(longestFirst)
              .join('|')
          : (VALUE[name] ?? '.+')
      })`
    })
    .join('')
  const made = { pattern: new RegExp(`^${source}$`, 'isu'), names }
  templates.set(text, made)
  return made
}
const escaped = (text: string): string => text.replaceAll(/[\\^$.*+?()[\]{}|/]/g, '\\$&')
const longestFirst = (a: string, b: string): number => b.length - a.length

/** A word of a list in the other language; as it is, where the list does not have it. */
function ofList(list: readonly Pair[], word: string, to: 0 | 1): string {
  const found = list.find((pair) => pair[1 - to]!.toLowerCase() === word.toLowerCase())
  return found ? found[to] : word
}

/** A piece in the other language, by the first pair that it is written by; null where there is none. */
function piece(text: string, pairs: readonly Pair[], to: 0 | 1): string | null {
  for (const pair of pairs) {
    const { pattern, names } = templateOf(pair[1 - to]!)
    const found = pattern.exec(text)
    if (!found) continue
    const values = new Map(names.map((name, i) => [name, found[i + 1]!]))
    return pair[to].replaceAll(/\{(\w+)\}/g, (_, name: string) => {
      const value = values.get(name)!
      const list = LISTS[name]
      if (name === 'slot') return slotHead(value, to)
      return list ? ofList(list, value, to) : value
    })
  }
  return null
}
const translated = (text: string, pairs: readonly Pair[], to: 0 | 1): string =>
  piece(text, pairs, to) ?? text

/** What stands before the bars of a line, and behind each of them. */
function withExtras(
  text: string,
  head: (text: string) => string,
  extras: readonly Pair[],
  to: 0 | 1,
): string {
  const [first = '', ...rest] = piecesOutsideQuotes(text, '|').map((one) => one.text)
  return [head(first), ...rest.map((one) => translated(one, extras, to))].join(' | ')
}

/** A figure with its variation, or words with their length. */
function slotHead(text: string, to: 0 | 1): string {
  const [, before, length] = /^(.*?=\s*)([^="()]+)$/su.exec(text) ?? []
  if (before !== undefined && !text.includes('(')) return before + translated(length!, LENGTHS, to)
  if (/^end$|^Ende$/u.test(text)) return to === 0 ? 'end' : 'Ende'
  const [, name, varied] = /^([^"]*?\s*)\(([^()]*)\)$/su.exec(text) ?? []
  if (varied === undefined) return text
  const words = varied.split(',').map((word) => translated(word.trim(), VARIATIONS, to))
  return `${name}(${words.join(', ')})`
}

/** A time through: its kind, its part, how often, mirrored, from where to where. */
function passHead(text: string, to: 0 | 1): string {
  const [, kind = '', rest = text] =
    /^(\p{L}+) (?!x ?\d|half|halb|mirrored|gespiegelt|from |von )(.+)$/su.exec(text) ?? []
  const told = kind === '' ? null : piece(kind, KINDS, to)
  const [label, tail] = labelled(told === null ? text : rest)
  const turned =
    to === 0
      ? tail
          .replace(/ halb(?= |$)/u, ' half')
          .replace(/ gespiegelt(?= |$)/u, ' mirrored')
          .replace(/ von (\S.*) bis (\S.*)$/u, ' from $1 to $2')
      : tail
          .replace(/ mirrored(?= |$)/, ' gespiegelt')
          .replace(/ from (\S.*) to (\S.*)$/, ' von $1 bis $2')
  return `${told === null ? '' : `${told} `}${label}${turned}`
}
/** What a time through is, `ending` or `Schluss`, in English; null where a word says nothing of it. */
export const passKindOf = (word: string): string | null =>
  KINDS.find((pair) => pair.some((one) => one.toLowerCase() === word.toLowerCase()))?.[0] ?? null

/** The label of a part, which may be anything in quotation marks, and what stands behind it. */
function labelled(text: string): readonly [string, string] {
  const [, label = text, tail = ''] =
    /^("(?:[^"\\]|\\.)*"|.*?)((?: x ?\d{1,2})?(?: half| halb)?(?: mirrored| gespiegelt)?(?: (?:from|von) .+ (?:to|bis) .+)?)$/su.exec(
      text,
    ) ?? []
  return [label, tail]
}

/** A start as it is jotted down in German: word for word, as far as the words are known. */
function asSaid(text: string, key: string, to: 0 | 1): string {
  if (key !== 'start' || to !== 0) return text
  return [...LISTS['hold']!, ...LISTS['facing']!, ...LISTS['feet']!, ...JOTTED]
    .toSorted(([, a], [, b]) => b.length - a.length)
    .reduce(
      (said, [english, german]) =>
        said.replaceAll(
          new RegExp(`(?<!\\p{L})${escaped(german)}(?!\\p{L})`, 'giu'),
          () => english,
        ),
      text,
    )
}
const JOTTED: readonly Pair[] = [
  ['facing', 'Blick'],
  ['man', 'Herr'],
  ['lady', 'Dame'],
  ['closed', 'geschlossene Haltung'],
  ['', 'Haltung'],
]

function headingLine(text: string, to: 0 | 1): string {
  const [, key = '', value = ''] = /^([^:"]+?)\s*:\s*(.*)$/s.exec(text) ?? []
  const told = piece(key, HEADING, to)
  if (told === null && !HEADING.some((pair) => pair[to].toLowerCase() === key.toLowerCase()))
    return text
  const name = told ?? key
  const english = to === 0 ? name.toLowerCase() : key.toLowerCase()
  const pairs = own(VALUES, english)
  const said = pairs
    ? piecesOutsideQuotes(value, ';')
        .map(({ text: one }) => piece(one.trim(), pairs, to) ?? asSaid(one.trim(), english, to))
        .join('; ')
    : value
  return `${name}:${said === '' ? '' : ` ${said}`}`
}

/** Where a line of a text stands. */
export type Section = 'heading' | 'part' | 'order' | 'left'

/** The section that a line at the margin opens; null where it opens none. */
export function sectionOf(text: string): Section | null {
  if (/^(?:part|teil) ./i.test(text)) return 'part'
  if (/^(?:order|ablauf|reihenfolge)(?::.*|$)/i.test(text)) return 'order'
  return /^(?:left so|so gelassen):?$/i.test(text) ? 'left' : null
}

/** An order that stands on the line of its heading. */
const ORDER_IN_LINE = /^\p{L}+:\s*(\S.*)$/su
const inOrder = (text: string, to: 0 | 1): string =>
  [
    ['half', 'halb'],
    ['mirrored', 'gespiegelt'],
  ].reduce(
    (said, pair) =>
      said.replaceAll(new RegExp(` ${pair[1 - to]!}(?=[\\s,]|$)`, 'giu'), ` ${pair[to]!}`),
    text,
  )

/**
 * One line in the other language: what it says of its own in that language's words, all else as it
 * is.
 *
 * @param depth How far it is indented, 0 to 2.
 */
export function lineIn(language: Language, text: string, section: Section, depth: number): string {
  const to = language === 'de' ? 1 : 0
  const [, rest] = (depth === 0 && sectionOf(text) === 'order' && ORDER_IN_LINE.exec(text)) || []
  if (rest !== undefined) return `${to === 0 ? 'order' : 'Ablauf'}: ${inOrder(rest, to)}`
  if (depth === 0 && sectionOf(text) !== null)
    return withExtras(text, (head) => translated(head, OPENINGS, to), PART_EXTRAS, to)
  if (section === 'heading') return headingLine(text, to)
  if (section === 'part') return withExtras(text, (head) => slotHead(head, to), SLOT_EXTRAS, to)
  if (section === 'left') return text
  if (depth < 2) return withExtras(text, (head) => passHead(head, to), PASS_EXTRAS, to)
  const [, at = text, colon = '', slot = ''] =
    /^([^:"]*(?:"(?:[^"\\]|\\.)*"[^:"]*)?)(: )?(.*)$/su.exec(text) ?? []
  return `${translated(at, CHANGES, to)}${colon}${slot === '' ? '' : withExtras(slot, (head) => slotHead(head, to), SLOT_EXTRAS, to)}`
}

/** A whole text in a language, line by line. */
export function sheetTextIn(language: Language, text: string): string {
  if (!isLanguage(language)) return text
  let section: Section = 'heading'
  return text
    .split('\n')
    .map((line) => {
      const [, indent = '', rest = ''] = /^(\s*)(.*)$/s.exec(line) ?? []
      if (rest === '') return line
      const depth = indent.length === 0 ? 0 : indent.length < 4 ? 1 : 2
      if (depth === 0) section = sectionOf(rest) ?? section
      return indent + lineIn(language, rest, section, depth)
    })
    .join('\n')
}

/** What a beginning of a word may go on with, so that it can be looked up whole. */
const SAMPLES = ['1', 'A', 'closed'] as const
const ALL = [...VARIATIONS, ...SLOT_EXTRAS, ...PASS_EXTRAS, ...PART_EXTRAS]

/**
 * A word that may stand in a text, or the beginning of one, as a language writes it.
 *
 * @param word In English, such as `mirrored`, `note "` or `ends in `.
 */
export function sheetWordIn(language: Language, word: string): string {
  if (language === 'en') return word
  if (word.endsWith('"')) return piece(`${word}x"`, ALL, 1)?.slice(0, -'x"'.length) ?? word
  if (!word.endsWith(' ')) return piece(word, ALL, 1) ?? word
  for (const sample of SAMPLES) {
    const whole = piece(word + sample, ALL, 1)
    const end = ofList(LISTS['hold']!, sample, 1)
    if (whole?.endsWith(end)) return whole.slice(0, -end.length)
    if (whole?.endsWith(sample)) return whole.slice(0, -sample.length)
  }
  return word
}
