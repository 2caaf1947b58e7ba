import type { Edit, NewId } from '../document/index.ts'
import { addSlot, removeSlot } from './edits.ts'
import type { Part, Pass, Routine, Slot } from './routine.ts'
import type { DancedSlot } from './timeline.ts'

/** What can be done with several slots at once, and with a pass's own changes, as edits. */

/**
 * Slots as they are kept for pasting: without ids, so that the same can be put in again and again,
 * in any sheet.
 */
export type Clip = readonly Omit<Slot, 'id'>[]

/** The slots of a range as they are danced, to be put in elsewhere. */
export const copySlots = (slots: readonly DancedSlot[]): Clip =>
  slots.map(({ slot: { id: _, ...slot } }) => slot)

/**
 * Puts what was copied behind a slot of a part, or at the part's head; null when nothing was
 * copied.
 */
export function pasteSlots(
  partId: string,
  clip: Clip,
  after: string | null,
  newId: NewId,
): Edit[] | null {
  let before = after
  const edits = clip.flatMap((slot) => {
    const id = newId()
    const edit = addSlot(partId, { ...slot, id }, before)
    before = id
    return edit
  })
  return edits.length === 0 ? null : edits
}

/**
 * Takes several slots out, each where it stands: of its part, or of the one pass that has it; null
 * when one of them is not there.
 */
export function removeSlots(routine: Routine, slotIds: readonly string[]): Edit[] | null {
  // Last first, so that what an edit says stands before it is still there.
  const edits = [...new Set(slotIds)].reverse().map((id) => removeSlot(routine, id))
  return edits.length === 0 || edits.includes(null) ? null : edits.flatMap((edit) => edit!)
}

/**
 * Danced slots from one to another, in the order danced, both included; empty when they belong to
 * two passes.
 */
export function slotsBetween(
  slots: readonly DancedSlot[],
  from: string,
  to: string,
): readonly DancedSlot[] {
  const [a, b] = [
    slots.findIndex(({ key }) => key === from),
    slots.findIndex(({ key }) => key === to),
  ]
  if (a < 0 || b < 0) return []
  const run = slots.slice(Math.min(a, b), Math.max(a, b) + 1)
  return run.every(({ partId, passId }) => partId === run[0]!.partId && passId === run[0]!.passId)
    ? run
    : []
}

/**
 * Makes what one pass changes the part itself, so that every pass dances it so; null when the pass
 * changes nothing. Other passes keep their own changes where the slots they change are still there.
 */
export function promoteChanges(routine: Routine, passId: string, newId: NewId): Edit[] | null {
  const pass = routine.passes.find(({ id }) => id === passId)
  const part = routine.parts.find(({ id }) => id === pass?.partId)
  if (!pass || !part || pass.changes.length === 0) return null
  const removed = [...pass.changes].reverse().map((change): Edit => {
    const at = pass.changes.indexOf(change)
    return {
      type: 'remove',
      from: { owner: passId, list: 'changes' },
      item: change,
      after: pass.changes[at - 1]?.id ?? null,
    }
  })
  return [...removed, ...promoted(part, pass, newId)]
}

/** The part's own slots turned into those the pass dances, from its head on. */
function promoted(part: Part, pass: Pass, newId: NewId): Edit[] {
  const edits: Edit[] = []
  let before: string | null = null
  const insert = ({ type: _, slotId: __, ...change }: Pass['changes'][number]): void => {
    // An id of its own: a change and a slot are nodes of two kinds.
    const slot = { ...change, id: newId() }
    edits.push(...addSlot(part.id, slot, before))
    before = slot.id
  }
  for (const slot of part.slots) {
    const own = pass.changes.filter(({ slotId }) => slotId === slot.id)
    const other = own.find(({ type }) => type === 'replace')
    const isGone = other !== undefined || own.some(({ type }) => type === 'drop')
    if (isGone)
      edits.push({
        type: 'remove',
        from: { owner: part.id, list: 'slots' },
        item: slot,
        after: before,
      })
    else before = slot.id
    if (other) insert(other)
    own.filter(({ type }) => type === 'insert').forEach(insert)
  }
  pass.changes.filter(({ type, slotId }) => type === 'insert' && slotId === null).forEach(insert)
  return edits
}

/** Takes back all in which a pass differs from its part; null when it differs in nothing. */
export function clearChanges(routine: Routine, passId: string): Edit[] | null {
  const pass = routine.passes.find(({ id }) => id === passId)
  if (!pass || pass.changes.length === 0) return null
  return [...pass.changes].reverse().map((change) => ({
    type: 'remove',
    from: { owner: passId, list: 'changes' },
    item: change,
    after: pass.changes[pass.changes.indexOf(change) - 1]?.id ?? null,
  }))
}
