import { LANGUAGES, wordingsOf } from '../../cue/index.ts'
import { mirroredWords, WORDING_KINDS } from '../../figure/index.ts'
import { setSlotField, type Slot } from '../../routine/index.ts'
import type { Repair } from '../finding.ts'
import type { Danced } from './comparisons.ts'
import { wordsIn } from './names.ts'

type Context = Pick<Danced, 'slot' | 'language'>

/**
 * The words said as it is danced, wherever they stand; or the figure’s own words again, or no note.
 *
 * @param reworded The text as it would be right; null where that is not known.
 * @param isWrong Whether a text, as it is said on the side danced, says it wrongly.
 */
export function saidInstead(
  context: Context,
  text: string,
  reworded: (text: string) => string | null,
  isWrong: (text: string) => boolean,
): Repair[] {
  const { slot, figure, mirrored } = context.slot
  const to = reworded(text)
  const asDanced = (one: string): string => (mirrored ? mirroredWords(one, context.language) : one)
  const isOfBook = to !== null && bookTexts(context).some((one) => words(one) === words(to))
  const edits =
    to === null || isOfBook ? [] : rewordedIn(context, reworded, (one) => isWrong(asDanced(one)))
  const ofBook = slot.wordings && figure && setSlotField(slot, 'wordings', null)
  const isOfWords = Object.values(slot.wordings ?? {}).some((one) => one && isWrong(asDanced(one)))
  const remark =
    slot.remark !== '' && isWrong(asDanced(slot.remark)) ? setSlotField(slot, 'remark', '') : null
  return [
    ...(edits.length > 0
      ? [{ code: 'say-instead' as const, params: { text: to! }, edits: edits }]
      : []),
    ...(ofBook && isOfWords && !remark
      ? [{ code: 'book-words' as const, params: {}, edits: ofBook }]
      : []),
    ...(remark && !isOfWords ? [{ code: 'no-remark' as const, params: {}, edits: remark }] : []),
  ]
}

/** What the figure is called, on the side on which it is danced, whatever is said in its place. */
function bookTexts({ slot: { slot, figure, danced }, language }: Context): string[] {
  if (!slot.wordings || !figure) return []
  const own = [figure.name, ...Object.values(figure.wordings[language] ?? {})]
  return danced?.variation.reflected ? own.map((one) => mirroredWords(one, language)) : own
}
const words = (text: string): string => wordsIn(text).join(' ')

function rewordedIn(
  { slot: danced, language }: Context,
  reworded: (text: string) => string | null,
  isWrong: (text: string) => boolean,
): Repair['edits'] {
  const { slot } = danced
  const change = (text: string): string => (isWrong(text) ? (reworded(text) ?? text) : text)
  const roleRemarks =
    slot.roleRemarks &&
    (Object.fromEntries(
      Object.entries(slot.roleRemarks).map(([role, one]) => [role, one && change(one)]),
    ) as Slot['roleRemarks'])
  const own = slot.wordings ?? { full: null, short: null, keyWord: null }
  // What the book says wrongly is said otherwise here only.
  const book = wordingsOf(danced, LANGUAGES[language])
  const said = Object.fromEntries(
    WORDING_KINDS.flatMap((kind) => {
      const text = book.find((one) => one.kind === kind)?.text
      const asWritten = text && (danced.mirrored ? mirroredWords(text, language) : text)
      const written = own[kind] ?? asWritten
      return written && isWrong(written) ? [[kind, change(written)] as const] : []
    }),
  )
  return [
    ...(setSlotField(slot, 'remark', change(slot.remark)) ?? []),
    ...(roleRemarks ? (setSlotField(slot, 'roleRemarks', roleRemarks) ?? []) : []),
    ...(Object.keys(said).length > 0
      ? (setSlotField(slot, 'wordings', { ...own, ...said }) ?? [])
      : []),
  ]
}
