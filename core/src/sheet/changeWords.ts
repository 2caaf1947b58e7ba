import { findNode, ROOT_ID, type Edit, type Language } from '../document/index.ts'
import type { FigureBook } from '../figure/index.ts'
import {
  routineShape,
  type Change,
  type Part,
  type Pass,
  type Routine,
  type Slot,
} from '../routine/index.ts'
import { CHANGES as GERMAN } from './words/de.ts'
import { CHANGES as ENGLISH, type ChangeSentences } from './words/en.ts'

/**
 * What each edit of a batch did to the sheet as it was before the batch. Runs of the same are said
 * once, with how often.
 */
export function changeWords(
  before: Routine,
  edits: readonly Edit[],
  book: FigureBook,
  language: Language = 'en',
): string[] {
  const say = CHANGES[language]
  const said = edits.map((edit) => oneChange(before, edit, book, addedBy(edits), say))
  return [...new Set(said)].map((text) => {
    const times = said.filter((one) => one === text).length
    return times > 1 ? say.often(text, times) : text
  })
}
const CHANGES: Readonly<Record<Language, ChangeSentences>> = { en: ENGLISH, de: GERMAN }

type Node = Slot | Change | Part | Pass
/** What the batch itself puts in, so that a later edit of it can be named. */
const addedBy = (edits: readonly Edit[]): ReadonlyMap<string, Node> =>
  new Map(
    edits.flatMap((edit) =>
      edit.type === 'insert' ? [[edit.item.id, edit.item as unknown as Node]] : [],
    ),
  )

function oneChange(
  before: Routine,
  edit: Edit,
  book: FigureBook,
  added: ReadonlyMap<string, Node>,
  say: ChangeSentences,
): string {
  const nodeOf = (id: string): Node | null =>
    (findNode(routineShape, before, id)?.node as unknown as Node | undefined) ??
    added.get(id) ??
    null
  const name = (node: unknown): string =>
    node && typeof node === 'object' ? nameOf(node as Node, before, book, say) : say.something
  switch (edit.type) {
    case 'set': {
      if (edit.id === ROOT_ID) return headingChange(edit, say)
      const node = nodeOf(edit.id)
      if (edit.field === 'content')
        return (
          placeOf(before, edit.id, say) +
          say.became(
            contentName(edit.from as Slot['content'], book, say),
            contentName(edit.to as Slot['content'], book, say),
          )
        )
      if (edit.field === 'times') return say.times(name(node), String(edit.to), String(edit.from))
      if (edit.field === 'label') return say.label(String(edit.from), String(edit.to))
      if (edit.field === 'reflected') return say.mirrored(name(node), edit.to === true)
      return `${placeOf(before, edit.id, say)}${name(node)}: ${say.field(edit.field, edit.to === null ? 'taken' : edit.from === null ? 'given' : 'changed')}`
    }
    case 'insert':
      return ownerName(before, edit.into, added, say) + say.putIn(name(edit.item))
    case 'remove':
      return ownerName(before, edit.from, added, say) + say.takenOut(name(edit.item))
    case 'move':
      return ownerName(before, edit.to, added, say) + say.moved(name(nodeOf(edit.id)))
  }
}

function headingChange(
  { field, from, to }: Extract<Edit, { type: 'set' }>,
  say: ChangeSentences,
): string {
  if (field === 'title') return say.renamed(String(from), String(to))
  if (field === 'archived') return say.archived(to === true)
  const short = (value: unknown): string | null =>
    typeof value === 'string' || typeof value === 'number' ? String(value) : null
  const label = say.heading[field] ?? field
  const name = label.charAt(0).toUpperCase() + label.slice(1)
  const [was, is] = [short(from), short(to)]
  return is === null || was === null || is.length > 40
    ? say.headingChanged(name)
    : say.headingSet(name, is, was)
}

function nameOf(node: Node, before: Routine, book: FigureBook, say: ChangeSentences): string {
  if ('content' in node) return contentName(node.content, book, say)
  if ('partId' in node)
    return say.passOf(before.parts.find(({ id }) => id === node.partId)?.label ?? null)
  if ('label' in node) return say.part(node.label)
  return say.overruled
}

function contentName(content: Slot['content'], book: FigureBook, say: ChangeSentences): string {
  if (content.type === 'words') return say.words(content.text)
  const varied = say.variation(content.variation)
  return `${book.get(content.figureId)?.name ?? content.figureId}${varied ? ` (${varied})` : ''}`
}

/**
 * “A: ” for a slot of a part, “only once in A: ” for a change of one pass; nothing for what belongs
 * to the whole sheet.
 */
function placeOf(before: Routine, id: string, say: ChangeSentences): string {
  const part = before.parts.find(({ slots }) => slots.some((slot) => slot.id === id))
  if (part) return `${part.label}: `
  const pass = before.passes.find(({ changes }) => changes.some((change) => change.id === id))
  return pass ? passPlace(before, pass, say) : ''
}
const passPlace = (before: Routine, pass: Pass, say: ChangeSentences): string =>
  `${say.onlyIn(before.parts.find(({ id }) => id === pass.partId)?.label ?? null)}: `

function ownerName(
  before: Routine,
  { owner, list }: { readonly owner: string; readonly list: string },
  added: ReadonlyMap<string, Node>,
  say: ChangeSentences,
): string {
  if (list === 'slots')
    return `${before.parts.find(({ id }) => id === owner)?.label ?? (added.get(owner) as Part | undefined)?.label ?? say.aPart}: `
  const pass = before.passes.find(({ id }) => id === owner)
  return list === 'changes' && pass ? passPlace(before, pass, say) : ''
}
