import {
  bodyTurn,
  CROSSED,
  mirrorOf,
  mirroredWords,
  namesSide,
  netTurn,
  PICK_UP,
  turnedWords,
  wordingsIn,
  type DancedFigure,
  type Figure,
  type Step,
  type WordingKind,
} from '../figure/index.ts'
import { figureContent, freshSlot, type DancedSlot, type Slot } from '../routine/index.ts'
import { AMOUNT_KINDS, type AmountKind } from '../school/index.ts'
import { TICKS_PER_BEAT, type Tick } from '../time/index.ts'
import type { Wording } from './cueSlot.ts'
import { wordsOf, type CueLanguage } from './language.ts'

/** A slot as far as its words go. */
type Worded = Pick<DancedSlot, 'slot' | 'figure' | 'danced' | 'mirrored' | 'turnedBy'>

/** What a school and the rest of the sheet ask of wordings. */
export interface WordingWish {
  readonly amounts?: readonly AmountKind[]
  /** The sheet has the figure's mirror too: words that name no side are given one. */
  readonly hasMirror?: boolean
}

/** What may be said of a slot, longest first, each with the words for how much and to where. */
export function wordingsOf(
  worded: Worded,
  language: CueLanguage,
  { amounts = AMOUNT_KINDS, hasMirror = false }: WordingWish = {},
): Wording[] {
  const { slot, danced } = worded
  if (slot.say === 'nothing') return []
  const own = ownWordings(worded, language)
  const book = bookWordings(worded, language, hasMirror)
  if (slot.content.type === 'words') {
    const text = own?.full ?? asStanding(worded, slot.content.text, language)
    return wordsOf(text).length === 0 ? [] : [wording('full', text)]
  }
  const amount = danced ? amountText(danced, language, amounts) : ''
  const said = (text: string | null | undefined): string | undefined =>
    danced && amount !== '' ? withAmount(text, amount, danced, language) : (text ?? undefined)
  const texts: Record<WordingKind, string | undefined> = {
    full: own?.full ?? said(book?.full),
    short: own?.short ?? said(book?.short),
    keyWord: own?.keyWord ?? said(book?.keyWord),
  }
  return unlike(
    KINDS.flatMap((kind) =>
      texts[kind]
        ? [
            {
              ...wording(kind, texts[kind]),
              ...(amount !== '' && own?.[kind] == null ? { hasAmount: true as const } : {}),
            },
          ]
        : [],
    ),
  )
}

/** What may be said of a figure that stands in no sheet, longest first. */
export const wordingsOfFigure = (danced: DancedFigure, language: CueLanguage): Wording[] =>
  wordingsOf(
    {
      slot: freshSlot('', figureContent(danced.figure.id, danced.variation)),
      figure: danced.figure,
      danced,
      mirrored: false,
      turnedBy: 0,
    },
    language,
  )

/**
 * The names of a slot without its amount, which then follows as a second cue: only where the book's
 * words are used.
 */
export function namesAlone(
  worded: Worded,
  language: CueLanguage,
  { amounts = AMOUNT_KINDS, hasMirror = false }: WordingWish,
): Wording[] {
  const { slot, figure, danced } = worded
  const amount = danced ? amountText(danced, language, amounts) : ''
  if (!figure || slot.say === 'nothing' || amount === '') return []
  const book = bookWordings(worded, language, hasMirror)
  const owes = wordsOf(amount).length
  return unlike(
    KINDS.flatMap((kind) =>
      slot.wordings?.[kind] || !book?.[kind] ? [] : [{ ...wording(kind, book[kind]), owes }],
    ),
  )
}

const mirroredIf = (isMirrored: boolean, text: string, { id }: CueLanguage): string =>
  isMirrored ? mirroredWords(text, id) : text
type Texts = Readonly<Partial<Record<WordingKind, string | null>>>
const mapTexts = (texts: Texts, change: (text: string) => string): Texts => ({
  full: texts.full && change(texts.full),
  short: texts.short && change(texts.short),
  keyWord: texts.keyWord && change(texts.keyWord),
})

/** Words of its own belong to a slot as it is written: for the other side where it is mirrored. */
const ownWordings = (worded: Worded, language: CueLanguage): Texts | null =>
  worded.slot.wordings &&
  mapTexts(worded.slot.wordings, (text) => asStanding(worded, text, language))

/** Words written of a slot, for the side and the facing in which it is danced this time. */
const asStanding = ({ mirrored, turnedBy }: Worded, text: string, language: CueLanguage): string =>
  turnedWords(mirroredIf(mirrored, text, language), turnedBy, language.id)

/** The book's words belong to the figure as written; its mirror is said, or given a side. */
function bookWordings(
  { slot, figure, danced }: Worded,
  language: CueLanguage,
  hasMirror: boolean,
): Texts | undefined {
  const book = figure
    ? (calledIn(slot, figure, language) ?? wordingsIn(figure, language.id))
    : undefined
  if (!book || !danced) return book
  const { reflected } = danced.variation
  const side = hasMirror ? sideWord(danced, language) : ''
  if (!reflected && side === '') return book
  return mapTexts(book, (text) => {
    const said = mirroredIf(reflected, text, language)
    return side === '' || namesSide(said, language.id) ? said : `${said}${side}`
  })
}

/**
 * The other name by which the sheet calls a figure, where that says more than a part of the book's
 * own words, and is of the language that is spoken. It is shortened as the book shortens the
 * figure, where that says nothing else.
 */
function calledIn({ content }: Slot, figure: Figure, language: CueLanguage): Texts | null {
  const called = content.type === 'figure' ? content.called : undefined
  const alias = figure.aliases.find(({ name }) => name === called)
  if (!alias || (alias.language ?? 'en') !== language.id) return null
  // German nouns keep their capitals.
  const text = language.id === 'en' ? alias.name.toLowerCase() : alias.name
  const { full, short, keyWord } = wordingsIn(figure, language.id)
  const isPartOf = (part: string, whole: string): boolean => {
    const known = new Set(wordsOf(whole.toLowerCase()))
    return wordsOf(part.toLowerCase()).every((word) => known.has(word))
  }
  if (isPartOf(text, full)) return null
  const shorter = (words: string | null | undefined, otherwise: string): string =>
    words && isPartOf(words, text) ? words : otherwise
  const shortened = shorter(short, text)
  return { full: text, short: shortened, keyWord: shorter(keyWord, shortened) }
}

/**
 * “ left”, by the way the lead turns in all, or at first, or by the first step that the lead takes
 * to a side without crossing. What goes straight has no side: it is only begun on the other foot,
 * which the feet know.
 */
function sideWord({ steps }: DancedFigure, language: CueLanguage): string {
  const turn = netTurn(steps.lead) || (steps.lead.find((step) => bodyTurn(step) !== 0)?.turn ?? 0)
  if (turn !== 0) return ` ${turn < 0 ? language.left : language.right}`
  const first = steps.lead.find(
    ({ layer, travel, text }) =>
      layer === 'feet' && travel !== null && travel.direction % 4 === 2 && !CROSSED.test(text),
  )
  return first ? ` ${first.travel!.direction === 6 ? language.left : language.right}` : ''
}

const KINDS = ['full', 'short', 'keyWord'] as const
const unlike = (written: readonly Wording[]): Wording[] =>
  written.filter((one, i) => written.findIndex((other) => other.text === one.text) === i)
/** A wording of a kind from its text. */
export const wording = (kind: WordingKind, text: string): Wording => ({
  kind,
  text,
  words: wordsOf(text).length,
})
/** A figure's words with its amounts; a side that they name already is not said again. */
function withAmount(
  text: string | null | undefined,
  amount: string,
  danced: DancedFigure,
  language: CueLanguage,
): string | undefined {
  if (text == null) return undefined
  const { turn, exitHold } = danced.variation
  const told = exitHold ? language.toHold(exitHold) : null
  if (told !== null && amount.includes(`, ${told}`) && text.includes(told))
    return withAmount(text, amount.replace(`, ${told}`, ''), danced, language)
  const ended = withExit(text, amount, danced, language)
  if (ended !== null) return ended
  const halfway = `, ${language.half}`
  const half = amount.startsWith(halfway) ? language.halfOf(text) : null
  if (half !== null) return half + amount.slice(halfway.length)
  if (turn === undefined || turn === 0) return text + amount
  const side = turn < 0 ? language.left : language.right
  return wordsOf(text).includes(side)
    ? text + amount.replace(language.turnTo(turn), language.turn(turn))
    : text + amount
}
/** Another end in place of the figure’s own, where its words say that; null where they do not. */
function withExit(
  text: string,
  amount: string,
  { figure, variation: { exitHold, reflected } }: DancedFigure,
  language: CueLanguage,
): string | null {
  if (!exitHold || !figure.exitHold) return null
  const own = language.toHold(reflected ? mirrorOf(figure.exitHold) : figure.exitHold)
  const told = language.toHold(exitHold)
  if (!amount.includes(`, ${told}`) || !text.endsWith(` ${own}`)) return null
  return text.slice(0, -own.length) + told + amount.replace(`, ${told}`, '')
}
const amountText = (
  danced: DancedFigure,
  language: CueLanguage,
  amounts: readonly AmountKind[],
): string =>
  amountWords(danced, language, amounts)
    .map((word) => `, ${word}`)
    .join('')

/**
 * "halfway", "twice", "a quarter", "to butterfly" or another ending by its name: amounts and exits
 * are part of the cue, and left out of it only where a school says no amounts of a kind.
 */
export function amountWords(
  { variation }: DancedFigure,
  language: CueLanguage,
  amounts: readonly AmountKind[],
): string[] {
  const { cut, turn, times, ending, exitHold, options = [], reflected } = variation
  const asDanced = (name: string): string => mirroredIf(reflected, name, language)
  const said: Readonly<Record<AmountKind, readonly (string | null)[]>> = {
    half: [cut?.type === 'half' ? language.half : null],
    turn: [turn === undefined ? null : language.turnTo(turn)],
    times: [times > 1 ? language.times(times) : null],
    exit: [
      ...options.map(asDanced),
      ending === undefined ? null : ending === PICK_UP ? language.pickUp : asDanced(ending),
      exitHold && ending === undefined ? language.toHold(exitHold) : null,
    ],
  }
  return AMOUNT_KINDS.filter((kind) => amounts.includes(kind)).flatMap((kind) =>
    said[kind].filter((word) => word !== null),
  )
}

/**
 * Where the figure as it is danced and the one that would be danced without its amount part, in
 * ticks from the slot's start: after the first time of several, at the first turning step, at a
 * half's end, at the last step before an exit.
 */
export function partingTick({ variation, lengthTicks, steps }: DancedFigure): number {
  const all = [...steps.lead, ...steps.follow]
  const places = [
    variation.cut?.type === 'half' ? lengthTicks : null,
    variation.times > 1 ? lengthTicks / variation.times : null,
    variation.turn === undefined
      ? null
      : Math.min(
          ...all.filter((step) => step.layer === 'feet' && step.turn !== 0).map(({ at }) => at),
        ),
    variation.ending !== undefined || variation.exitHold || (variation.options ?? []).length > 0
      ? Math.max(...all.map(({ at }) => at))
      : null,
  ]
  const known = places.filter((place): place is number => place !== null && Number.isFinite(place))
  return known.length > 0 ? Math.min(...known) : 0
}

/** The words of one step as they are called: its own without the foot, which the feet know. */
export const stepWords = (step: Step): string =>
  step.text.replace(/^(?:left|right|both|link[se]?|rechts?)\s+(?=\p{L})/iu, '')

/**
 * The first tick on which somebody of these steps, pick-up included, does something, from the
 * slot's start; 0 where nobody does.
 */
export function firstStep(steps: readonly Step[]): number {
  const first = Math.min(...steps.map(({ at }) => at))
  return Number.isFinite(first) ? first : 0
}

/** The tick of a slot's earliest step, of both roles or of one, pick-up included. */
export function stepTickOf(
  { start, danced }: DancedSlot,
  role: 'lead' | 'follow' | 'both' = 'both',
): Tick {
  if (!danced) return start
  const steps = role === 'both' ? Object.values(danced.steps).flat() : danced.steps[role]
  return (start + firstStep(steps)) as Tick
}

/** A second cue is worth its while from so much on after the figure has begun. */
export const LEAST_PARTING_TICKS = TICKS_PER_BEAT
