import { findNode, ROOT_ID, type Edit } from '../document/index.ts'
import { variationText, type FigureBook } from '../figure/index.ts'
import {
  routineShape,
  type Change,
  type Part,
  type Pass,
  type Routine,
  type Slot,
} from '../routine/index.ts'

/** Words for what edits change, in English: one sentence each, in the cuer's words. */

/**
 * What each edit of a batch did to the sheet as it was before the batch. Runs of the same are said
 * once, with how often.
 */
export function changeWords(before: Routine, edits: readonly Edit[], book: FigureBook): string[] {
  const said = edits.map((edit) => oneChange(before, edit, book, addedBy(edits)))
  return [...new Set(said)].map((text) => {
    const times = said.filter((one) => one === text).length
    return times > 1 ? `${text} (${times} times)` : text
  })
}

type Node = Slot | Change | Part | Pass
/** What the batch itself puts in, so that a later edit of it can be named. */
const addedBy = (edits: readonly Edit[]): ReadonlyMap<string, Node> =>
  new Map(
    edits.flatMap((edit) =>
      edit.type === 'insert' ? [[edit.item.id, edit.item as unknown as Node]] : [],
    ),
  )

const HEADING: Readonly<Record<string, string>> = {
  by: 'who made it',
  dance: 'dance',
  schoolId: 'calling style',
  tuneId: 'tune',
  recordingId: 'recording',
  metre: 'bar',
  bpm: 'tempo',
  language: 'language of cues',
  start: 'start',
  remark: 'remark',
  roleLabels: 'names of the roles',
  calling: 'way of calling',
  year: 'year',
  level: 'level',
  formation: 'formation',
  couples: 'couples',
  unit: 'what it is counted in',
  phraseBeats: 'counts of a phrase',
  source: 'where it was written down',
  tags: 'tags',
}
const FIELD: Readonly<Record<string, string>> = {
  wordings: 'words',
  say: 'silence',
  remark: 'remark',
  hard: 'hard spot',
  optional: 'optional',
  caution: 'caution',
  roleRemarks: 'remarks for one role',
  swap: 'change of roles',
  mode: 'when it is said',
  pin: 'pin of its cue',
  roleCues: 'cues for one role',
  announce: 'announcement',
  exitHold: 'hold at its end',
  tie: 'place in the music',
  fill: 'fill',
  finish: 'way to end',
  shift: 'moving on',
  rotate: 'facing',
  stretch: 'stretch',
}

function oneChange(
  before: Routine,
  edit: Edit,
  book: FigureBook,
  added: ReadonlyMap<string, Node>,
): string {
  const nodeOf = (id: string): Node | null =>
    (findNode(routineShape, before, id)?.node as unknown as Node | undefined) ??
    added.get(id) ??
    null
  const name = (node: unknown): string =>
    node && typeof node === 'object' ? nameOf(node as Node, before, book) : 'something'
  switch (edit.type) {
    case 'set': {
      if (edit.id === ROOT_ID) return headingChange(edit)
      const node = nodeOf(edit.id)
      if (edit.field === 'content')
        return `${placeOf(before, edit.id)}${contentName(edit.from as Slot['content'], book)} became ${contentName(edit.to as Slot['content'], book)}`
      if (edit.field === 'times')
        return `${name(node)} is danced ${String(edit.to)} times instead of ${String(edit.from)}`
      if (edit.field === 'label') return `Part ${String(edit.from)} is called ${String(edit.to)}`
      if (edit.field === 'reflected')
        return `${name(node)} is ${edit.to === true ? 'mirrored' : 'no longer mirrored'}`
      return `${placeOf(before, edit.id)}${name(node)}: ${FIELD[edit.field] ?? edit.field} ${edit.to === null ? 'taken away' : edit.from === null ? 'given' : 'changed'}`
    }
    case 'insert':
      return `${ownerName(before, edit.into, added)}${name(edit.item)} put in`
    case 'remove':
      return `${ownerName(before, edit.from, added)}${name(edit.item)} taken out`
    case 'move':
      return `${ownerName(before, edit.to, added)}${name(nodeOf(edit.id))} moved`
  }
}

function headingChange({ field, from, to }: Extract<Edit, { type: 'set' }>): string {
  if (field === 'title') return `Renamed from “${String(from)}” to “${String(to)}”`
  if (field === 'archived') return to === true ? 'Archived' : 'Restored from the archive'
  const short = (value: unknown): string | null =>
    typeof value === 'string' || typeof value === 'number' ? String(value) : null
  const label = HEADING[field] ?? field
  const name = label.charAt(0).toUpperCase() + label.slice(1)
  const [was, is] = [short(from), short(to)]
  return is === null || was === null || is.length > 40
    ? `${name}: changed`
    : `${name}: ${is || 'nothing'}${was ? ` instead of ${was}` : ''}`
}

function nameOf(node: Node, before: Routine, book: FigureBook): string {
  if ('content' in node) return contentName(node.content, book)
  if ('partId' in node)
    return `A pass of ${before.parts.find(({ id }) => id === node.partId)?.label ?? 'a part'}`
  if ('label' in node) return `Part ${node.label}`
  return 'A finding left so'
}

function contentName(content: Slot['content'], book: FigureBook): string {
  if (content.type === 'words') return content.text === '' ? 'open counts' : `“${content.text}”`
  const varied = variationText(content.variation)
  return `${book.get(content.figureId)?.name ?? content.figureId}${varied ? ` (${varied})` : ''}`
}

/**
 * “A: ” for a slot of a part, “only once in A: ” for a change of one pass; nothing for what belongs
 * to the whole sheet.
 */
function placeOf(before: Routine, id: string): string {
  const part = before.parts.find(({ slots }) => slots.some((slot) => slot.id === id))
  if (part) return `${part.label}: `
  const pass = before.passes.find(({ changes }) => changes.some((change) => change.id === id))
  return pass ? passPlace(before, pass) : ''
}
const passPlace = (before: Routine, pass: Pass): string =>
  `only in one ${before.parts.find(({ id }) => id === pass.partId)?.label ?? 'pass'}: `

function ownerName(
  before: Routine,
  { owner, list }: { readonly owner: string; readonly list: string },
  added: ReadonlyMap<string, Node>,
): string {
  if (list === 'slots')
    return `${before.parts.find(({ id }) => id === owner)?.label ?? (added.get(owner) as Part | undefined)?.label ?? 'a part'}: `
  const pass = before.passes.find(({ id }) => id === owner)
  return list === 'changes' && pass ? passPlace(before, pass) : ''
}
