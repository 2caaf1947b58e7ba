import { toCardinal as german } from 'n2words/de-DE'
import { toCardinal as inEnglish } from 'n2words/en-GB'
import { HALL_FACINGS_DE, holdName, PICK_UP } from '../figure/index.ts'
import { wallClock, type Facing } from '../move/index.ts'
import type { PromptKind } from '../school/index.ts'

/**
 * What Dellop knows of a language in which cues are spoken: data, so that another can be added
 * beside it.
 */
export interface CueLanguage {
  readonly id: 'en' | 'de'
  readonly functionWords: ReadonlySet<string>
  /** Words that say how much of a figure, or how it ends; they belong to the cue. */
  readonly half: string
  /** A half of something that goes round or home, as it is called; null where `half` follows it. */
  readonly halfOf: (name: string) => string | null
  /** The sides, as they stand behind a figure’s name. */
  readonly left: string
  readonly right: string
  readonly times: (n: number) => string
  readonly toHold: (hold: string) => string
  /** The follow comes in front of the lead. */
  readonly pickUp: string
  /** How much is turned in all, in eighths of a turn; its side goes without saying. */
  readonly turn: (eighths: number) => string
  /** How much is turned, and to which side. */
  readonly turnTo: (eighths: number) => string
  readonly number: (n: number) => string
  readonly fraction: (top: number, bottom: number) => string
  readonly signs: Readonly<Record<string, string>>
  /** Several names in one breath. */
  readonly join: (names: readonly string[]) => string
  /** What is said that follows from the structure of a routine. */
  readonly prompts: Readonly<
    Record<
      Exclude<
        PromptKind,
        | 'part-name'
        | 'part-number'
        | 'facing'
        | 'wall'
        | 'partner-change'
        | 'position'
        | 'wait'
        | 'listen'
        | 'ready'
        | 'count-in'
        | 'finish'
        | 'thanks'
      >,
      string
    >
  >
  readonly partNumber: (n: number) => string
  /**
   * To face a direction of the hall, from line of dance clockwise in eighths, or an hour of a line
   * dance.
   */
  readonly toFace: (facing: Facing, frame: 'hall' | 'clock') => string
  readonly wait: (bars: number) => string
  readonly listen: (landmark: string) => string
}

/** As it is said before beats and bars: "twenty one". */
const english = (n: number): string => inEnglish(n).replaceAll('-', ' ')

const plural = (n: number, one: string): string => (n === 1 ? one : `${one}s`)

const listed = (names: readonly string[], and: string): string =>
  names.length < 2 ? names.join('') : `${names.slice(0, -1).join(', ')} ${and} ${names.at(-1)}`
/** An hour of the clock face, or the half hour after it, as it is said: 1.5 is half past one. */
const enHour = (hour: number): string =>
  Number.isInteger(hour) ? `${english(hour)} o’clock` : `half past ${english(Math.floor(hour))}`
const deHour = (hour: number): string =>
  Number.isInteger(hour) ? `${german(hour)} Uhr` : `halb ${german(Math.ceil(hour))}`
const EN_HALL = [
  'line of dance',
  'diagonal wall',
  'the wall',
  'diagonal reverse and wall',
  'reverse',
  'diagonal reverse and centre',
  'centre',
  'diagonal centre',
]
/** What dancers halve by its name: one thing, with no number or list before it. */
const HALVED =
  /^(?!half\b|two\b|three\b|four\b)[^,\d]*\b(?:box|circle|chain|vine|diamond|square|basic|hey|star)$/i

/** How an ending hold is called where it is not by its name. */
const EN_TO_HOLDS: Readonly<Record<string, string>> = {
  none: 'let go',
  'semi-closed': 'to semi',
  'reverse semi-closed': 'to reverse semi',
  'open facing': 'to face',
}

/** How an ending hold is called in German; what dancers call by its English name keeps it. */
const DE_TO_HOLDS: Readonly<Record<string, string>> = {
  none: 'loslassen',
  closed: 'in geschlossene Haltung',
  'semi-closed': 'in Promenade',
  'reverse semi-closed': 'in Gegenpromenade',
  butterfly: 'in Butterfly',
  'two hands': 'beide Hände',
  'open facing': 'in offene Gegenüberstellung',
  open: 'in offene Haltung',
  'left open': 'in offene Haltung links',
  'half open': 'in halboffene Haltung',
  'left half open': 'in halboffene Haltung links',
  fan: 'in Fächer',
  'left fan': 'in Fächer links',
  banjo: 'in Banjo',
  sidecar: 'in Sidecar',
  shadow: 'in Schattenposition',
  'left shadow': 'in Schattenposition links',
  tandem: 'hintereinander',
  wrap: 'einwickeln',
  'left wrap': 'einwickeln links',
  hammerlock: 'in Hammerlock',
  'left hammerlock': 'in Hammerlock links',
  skaters: 'in Skaters',
  'left skaters': 'in Skaters links',
  varsouvienne: 'in Varsovienne',
  'left varsouvienne': 'in Varsovienne links',
  cuddle: 'in Kuschelhaltung',
  'left cuddle': 'in Kuschelhaltung links',
  handshake: 'rechte Hände',
  'left hands': 'linke Hände',
  'crossed hands': 'Kreuzhandfassung',
  'crossed promenade': 'Kreuzhandfassung nebeneinander',
  'right arms': 'rechte Arme',
  'left arms': 'linke Arme',
  'right elbows': 'rechts einhaken',
  'left elbows': 'links einhaken',
  'knee hold': 'Kniefassung',
  'left knee hold': 'Kniefassung links',
  'waist hold': 'Hüftfassung',
  'back to back': 'Rücken an Rücken',
  ring: 'zum Kreis',
  star: 'zur Mühle',
  'left-hand star': 'zur Mühle links',
}

/** Eighths in their simplest words: none, once, twice, or a fraction. */
function turnWords(
  eighths: number,
  none: string,
  once: string,
  twice: string,
  fraction: (top: number, bottom: number) => string,
): string {
  const n = Math.abs(eighths)
  if (n === 0) return none
  if (n === 8) return once
  if (n === 16) return twice
  const bottom = n % 4 === 0 ? 2 : n % 2 === 0 ? 4 : 8
  return fraction((n * bottom) / 8, bottom)
}

/** An amount of turn with its side; no turn has none. */
const sided = ({ turn, left, right }: CueLanguage, eighths: number): string =>
  eighths === 0 ? turn(0) : `${turn(eighths)} ${eighths < 0 ? left : right}`

export const LANGUAGES: Readonly<Record<'en' | 'de', CueLanguage>> = {
  en: {
    id: 'en',
    functionWords: new Set(
      'a an and as at by for from in into it its no not of off on or out so the then this to up with you your'.split(
        ' ',
      ),
    ),
    half: 'halfway',
    halfOf: (name) =>
      HALVED.test(name) ? `half ${/^[aeio]/i.test(name) ? 'an' : 'a'} ${name}` : null,
    left: 'left',
    right: 'right',
    times: (n) => (n === 2 ? 'twice' : `${english(n)} times`),
    toHold: (hold) => EN_TO_HOLDS[hold] ?? `to ${holdName(hold)}`,
    pickUp: PICK_UP,
    turn: (n) =>
      turnWords(n, 'no turn', 'once round', 'twice round', (top, bottom) =>
        LANGUAGES.en.fraction(top, bottom),
      ),
    turnTo: (n) => sided(LANGUAGES.en, n),
    number: english,
    fraction: (top, bottom) =>
      ({
        2: `${english(top)} ${top === 1 ? 'half' : 'halves'}`,
        4: `${english(top)} ${plural(top, 'quarter')}`,
        8: `${english(top)} ${plural(top, 'eighth')}`,
        3: `${english(top)} ${plural(top, 'third')}`,
      })[bottom] ?? `${english(top)} over ${english(bottom)}`,
    join: (names) => listed(names, 'and'),
    prompts: {
      again: 'again',
      'one-more': 'one more time',
      'last-time': 'last time',
      'only-once': 'only once',
      'begin-again': 'from the top',
      restart: 'restart',
      tag: 'tag',
      ending: 'ending',
      'new-ending': 'new ending',
      'this-time': 'this time',
      'figure-again': 'again',
      'other-way': 'other way',
      'all-the-way': 'all the way',
      'other-foot': 'other foot',
      'same-other-side': 'same to the other side',
      guard: 'don’t turn it',
    },
    partNumber: (n) => `part ${english(n)}`,
    toFace: (facing, frame) =>
      frame === 'clock' ? `to face ${enHour(wallClock(facing))}` : `to face ${EN_HALL[facing]}`,
    wait: (bars) => `wait ${english(bars)} ${plural(bars, 'bar')}`,
    listen: (landmark) =>
      `listen for ${/^(?:the|a|an)\s/i.test(landmark) ? '' : 'the '}${landmark.replace(/\s+(?:enter|come in|begin|start)s?$/i, '')}`,
    signs: { '&': 'and', '+': 'and', '%': 'percent', '°': 'degrees' },
  },
  de: {
    id: 'de',
    functionWords: new Set(
      'am an auf aus das dem den der die du durch ein eine einen es für im in ins ist mit nach nicht noch und um vom von vor zu zum zur'.split(
        ' ',
      ),
    ),
    half: 'halb',
    halfOf: () => null,
    left: 'links',
    right: 'rechts',
    times: (n) => `${n === 1 ? 'ein' : german(n)}mal`,
    pickUp: 'Dame vor',
    toHold: (hold) => DE_TO_HOLDS[hold] ?? `in ${holdName(hold)}`,
    turn: (n) =>
      turnWords(n, 'ohne Drehung', 'ganz herum', 'zweimal herum', (top, bottom) =>
        bottom === 2 ? 'halb herum' : LANGUAGES.de.fraction(top, bottom),
      ),
    turnTo: (n) => sided(LANGUAGES.de, n).replace(/herum (links|rechts)$/, '$1 herum'),
    number: german,
    fraction: (top, bottom) =>
      `${top === 1 ? 'ein' : german(top)} ${{ 2: 'halb', 3: 'Drittel', 4: 'Viertel', 8: 'Achtel' }[bottom] ?? `${german(bottom)}tel`}`,
    join: (names) => listed(names, 'und'),
    prompts: {
      again: 'noch einmal',
      'one-more': 'noch ein letztes Mal',
      'last-time': 'letztes Mal',
      'only-once': 'nur einmal',
      'begin-again': 'von vorn',
      restart: 'Neustart',
      tag: 'Brücke',
      ending: 'Schluss',
      'new-ending': 'anderer Schluss',
      'this-time': 'diesmal',
      'figure-again': 'noch einmal',
      'other-way': 'andersherum',
      'all-the-way': 'ganz',
      'other-foot': 'anderer Fuß',
      'same-other-side': 'dasselbe zur anderen Seite',
      guard: 'ohne Drehung',
    },
    partNumber: (n) => `Teil ${german(n)}`,
    toFace: (facing, frame) =>
      frame === 'clock' ? `auf ${deHour(wallClock(facing))}` : HALL_FACINGS_DE[facing]!,
    wait: (bars) => `${bars === 1 ? 'einen Takt' : `${german(bars)} Takte`} warten`,
    listen: (landmark) => `auf „${landmark}“ hören`,
    signs: { '&': 'und', '+': 'und', '%': 'Prozent', '°': 'Grad' },
  },
}

/** The text as it is said: fractions, numbers up to 999 and signs written out as words. */
export function spokenText(text: string, language: keyof typeof LANGUAGES): string {
  const data = LANGUAGES[language]
  return text
    .replace(
      /(\d{1,2})\s*\/\s*(\d{1,2})/g,
      (_, top: string, bottom: string) => ` ${data.fraction(Number(top), Number(bottom))} `,
    )
    .replace(/\d{1,3}/g, (digits) => ` ${data.number(Number(digits))} `)
    .replace(/[&+%°]/g, (sign) => ` ${data.signs[sign]} `)
    .replace(/\s+/g, ' ')
    .trim()
}

/** The words of a text, in lower case, without punctuation. */
export const wordsOf = (text: string): string[] =>
  text.toLowerCase().match(/[\p{L}\p{M}'’]+/gu) ?? []
