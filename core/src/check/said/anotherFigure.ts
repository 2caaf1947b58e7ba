import { memoised } from '../../document/index.ts'
import { isOfDance, type CueLanguageId, type Figure, type FigureBook } from '../../figure/index.ts'
import {
  figureContent,
  replaceContent,
  setSlotField,
  type DancedSlot,
} from '../../routine/index.ts'
import { aboutSlot } from '../aboutSlot.ts'
import type { Derived } from '../derived.ts'
import type { FindingOf } from '../finding.ts'
import { freshId } from '../freshId.ts'
import { namesOf } from './names.ts'
import { setWordsOf } from './setWords.ts'

/** What it finds, with the values of their sentences. */
export interface AnotherFigureFindings {
  readonly 'said.other-figure': {
    readonly figure: string
    readonly text: string
    readonly other: string
  }
}
type Found = FindingOf<AnotherFigureFindings>

/** Own words that are the name of another figure of the dance: “two right turns” for left ones. */
export function saidOfAnother(derived: Derived, slot: DancedSlot): readonly Found[] {
  const { routine, book } = derived
  const { figure, danced } = slot
  const { wordings } = slot.slot
  if (!figure || !danced || !wordings || setWordsOf(derived, slot)) return []
  const { language } = routine
  const known = namesOfDance(book)(routine.dance, language)
  const own = [false, true].flatMap((isMirrored) => namesOf(figure, language, isMirrored))
  const ownKeys = new Set(own.map(keyOf))
  const ownWords = new Set([...ownKeys].flatMap((key) => key.split(' ')))
  for (const text of [wordings.full, wordings.short]) {
    const key = text ? keyOf(text) : ''
    const others = known.get(key) ?? []
    // What is left of its own name is a shorter name.
    const isShorter = key.split(' ').every((word) => ownWords.has(word))
    if (ownKeys.has(key) || isShorter || others.length === 0 || others.includes(figure)) continue
    const other = others[0]!
    const edits = setSlotField(slot.slot, 'wordings', null)
    return [
      {
        ...aboutSlot(slot),
        code: 'said.other-figure',
        severity: 'mend',
        params: { figure: figure.name, text: text!, other: other.name },
        repairs: [
          ...(edits ? [{ code: 'book-words' as const, params: {}, edits }] : []),
          {
            code: 'replace' as const,
            params: { old: figure.name, figure: other.name },
            edits: replaceContent(
              slot,
              figureContent(other.id),
              slot.changed ? 'pass' : 'part',
              () => freshId(routine, slot.slot.id),
            ),
          },
        ],
      },
    ]
  }
  return []
}

const SMALL_WORDS = /^(?:and|then|the|a|to|your|und|dann|der|die|das|zu|zum|zur)$/
/** A name as it is heard: without stops and small words. */
const keyOf = (text: string): string =>
  (text.toLowerCase().match(/[\p{L}\d]+/gu) ?? [])
    .filter((word) => !SMALL_WORDS.test(word))
    .join(' ')

/** The figures of a dance by what they are called in a language: a book does not change. */
const namesOfDance = memoised((book: FigureBook) => {
  const known = new Map<string, ReadonlyMap<string, readonly Figure[]>>()
  return (dance: string, language: CueLanguageId): ReadonlyMap<string, readonly Figure[]> => {
    const key = `${language} ${dance}`
    const names = known.get(key) ?? namesIn(book, dance, language)
    known.set(key, names)
    return names
  }
})

function namesIn(
  book: FigureBook,
  dance: string,
  language: CueLanguageId,
): ReadonlyMap<string, readonly Figure[]> {
  const names = new Map<string, Figure[]>()
  for (const figure of book.values()) {
    if (!isOfDance(figure, dance)) continue
    const { full, short } = figure.wordings[language] ?? {}
    for (const name of [figure.name, ...figure.aliases.map((one) => one.name), full, short]) {
      const key = name ? keyOf(name) : ''
      if (key !== '') names.set(key, [...(names.get(key) ?? []), figure])
    }
  }
  return names
}
