import { findNode, ROOT_ID, sameValue, type Edit, type NewId } from '../document/index.ts'
import { AS_WRITTEN, type Variation } from '../figure/index.ts'
import {
  routineShape,
  type Change,
  type Pass,
  type Routine,
  type Slot,
  type SlotContent,
} from './routine.ts'
import type { DancedSlot } from './timeline.ts'

/**
 * What a cuer can do to a sheet, each as the edits that do it. A function that cannot do what is
 * asked here returns null, so the same function tells whether its button is enabled.
 */

export const figureContent = (
  figureId: string,
  variation: Variation = AS_WRITTEN,
): SlotContent => ({ type: 'figure', figureId, variation })
/**
 * A slot of plain words with a length.
 *
 * @param lengthTicks Ticks; 24 are a beat, 1 or more.
 */
export const wordsContent = (text: string, lengthTicks: number | null): SlotContent => ({
  type: 'words',
  text,
  lengthTicks,
})
/** A slot as it is first written: said as a cue, with nothing beside it. */
export const freshSlot = (id: string, content: SlotContent): Slot => ({
  id,
  content,
  wordings: null,
  say: 'cue',
  remark: '',
})

/** Whether an edit at a danced slot changes the part for every pass, or this pass alone. */
export type Scope = 'part' | 'pass'

/** Adds a slot to a part, behind `after` or at its head. */
export const addSlot = (partId: string, slot: Slot, after: string | null): Edit[] => [
  { type: 'insert', into: { owner: partId, list: 'slots' }, item: slot, after },
]

/** Takes a slot out of its part. */
export function removeSlot(routine: Routine, slotId: string): Edit[] | null {
  const found = findNode(routineShape, routine, slotId)
  return found && found.address.list !== 'passes'
    ? [{ type: 'remove', from: found.address, item: found.node, after: found.after }]
    : null
}

/** Moves a slot by `by` places within its part; null at the part's ends. */
export function moveSlotBy(routine: Routine, slotId: string, by: 1 | -1): Edit[] | null {
  const part = routine.parts.find((one) => one.slots.some((slot) => slot.id === slotId))
  if (!part) return null
  const from = part.slots.findIndex((slot) => slot.id === slotId)
  return part.slots[from + by] ? moveSlot(routine, slotId, part.id, from + by) : null
}

/**
 * Moves a slot so that it stands at `index` of a part, counted without itself.
 *
 * @param index Place in the part, from 0, counted without the slot itself.
 */
export function moveSlot(
  routine: Routine,
  slotId: string,
  partId: string,
  index: number,
): Edit[] | null {
  const found = findNode(routineShape, routine, slotId)
  const target = routine.parts.find((part) => part.id === partId)
  if (!found || !target || found.address.list !== 'slots') return null
  const others = target.slots.filter((slot) => slot.id !== slotId)
  const after = others[index - 1]?.id ?? null
  if (found.address.owner === partId && after === found.after) return null
  return [
    {
      type: 'move',
      id: slotId,
      from: { ...found.address, after: found.after },
      to: { owner: partId, list: 'slots', after },
    },
  ]
}

/** Sets one field of a slot or of a pass's change; null when it already has that value. */
export function setSlotField<Field extends Exclude<keyof Slot, 'id'>>(
  slot: Slot,
  field: Field,
  to: Slot[Field],
): Edit[] | null {
  return setField(slot, field, to)
}

/**
 * Sets one field of a node; undefined leaves out a field that may be left out. Null when it already
 * has that value.
 */
export function setField<Node extends { readonly id: string }, Field extends keyof Node & string>(
  node: Node,
  field: Field,
  to: Node[Field],
): Edit[] | null {
  return sameValue(node[field], to)
    ? null
    : [{ type: 'set', id: node.id, field, from: node[field] ?? null, to: to ?? null }]
}

/** Sets one field of the heading; undefined leaves out one that may be left out. */
export function setHeading<Field extends keyof Routine & string>(
  routine: Routine,
  field: Field,
  to: Routine[Field],
): Edit[] | null {
  return sameValue(routine[field], to)
    ? null
    : [{ type: 'set', id: ROOT_ID, field, from: routine[field] ?? null, to: to ?? null }]
}

/** Puts other content in the place of a danced slot, in its part or in this pass alone. */
export function replaceContent(
  danced: DancedSlot,
  content: SlotContent,
  scope: Scope,
  newId: NewId,
): Edit[] {
  if (scope === 'part' || danced.changed)
    return [
      { type: 'set', id: danced.slot.id, field: 'content', from: danced.slot.content, to: content },
    ]
  return changePass(danced, {
    ...danced.slot,
    id: newId(),
    content,
    wordings: null,
    type: 'replace',
    slotId: danced.slot.id,
  })
}

function changePass(danced: DancedSlot, change: Change): Edit[] {
  return [
    { type: 'insert', into: { owner: danced.passId, list: 'changes' }, item: change, after: null },
  ]
}

/**
 * Sets one field of a danced slot in its part, or in this pass alone; undefined leaves the field
 * out. Null when it already has that value.
 */
export function setFieldAt<Field extends Exclude<keyof Slot, 'id' | 'content'>>(
  danced: DancedSlot,
  field: Field,
  to: Slot[Field],
  scope: Scope,
  newId: NewId,
): Edit[] | null {
  if (scope === 'part' || danced.changed) return setSlotField(danced.slot, field, to)
  if (sameValue(danced.slot[field], to)) return null
  const { [field]: _, ...others } = danced.slot
  return changePass(danced, {
    ...others,
    ...(to === undefined ? {} : { [field]: to }),
    id: newId(),
    type: 'replace',
    slotId: danced.slot.id,
  } as Change)
}

/** Leaves a slot out of this pass alone. */
export const dropFromPass = (danced: DancedSlot, newId: NewId): Edit[] =>
  changePass(danced, { ...danced.slot, id: newId(), type: 'drop', slotId: danced.slot.id })

/** Puts a slot into this pass alone, behind a slot of its part. */
export const insertInPass = (after: DancedSlot, slot: Slot): Edit[] =>
  changePass(after, { ...slot, type: 'insert', slotId: after.slot.id })

/** The danced slot with another variation; null for plain words. */
export function varySlot(
  danced: DancedSlot,
  variation: Partial<Variation>,
  scope: Scope,
  newId: NewId,
): Edit[] | null {
  const { content } = danced.slot
  if (content.type !== 'figure') return null
  return replaceContent(
    danced,
    { ...content, variation: { ...content.variation, ...variation } },
    scope,
    newId,
  )
}

/** Sets one wording of a slot, or gives it back to the figure when the text is empty. */
export function setWording(
  slot: Slot,
  kind: 'full' | 'short' | 'keyWord',
  text: string,
): Edit[] | null {
  return setSlotField(slot, 'wordings', withWording(slot, kind, text))
}

/** A slot's own words with one of them as given; an empty one falls back to the figure's. */
export function withWording(
  slot: Slot,
  kind: 'full' | 'short' | 'keyWord',
  text: string,
): Slot['wordings'] {
  const now = slot.wordings ?? { full: null, short: null, keyWord: null }
  const next = { ...now, [kind]: text.trim() === '' ? null : text }
  return next.full === null && next.short === null && next.keyWord === null ? null : next
}

/** A pass over a part, once through, with nothing other than the part. */
export const freshPass = (id: string, partId: string, kind: Pass['kind'] = 'pass'): Pass => ({
  id,
  partId,
  kind,
  times: 1,
  stretch: null,
  reflected: false,
  changes: [],
  ...(kind === 'fill' ? { fill: { until: 'section', min: 0, max: 16 } } : {}),
})

/** Adds a pass over a part behind `after`. */
export function addPass(
  id: string,
  partId: string,
  after: string | null,
  kind: Pass['kind'] = 'pass',
): Edit[] {
  const pass = freshPass(id, partId, kind)
  return [{ type: 'insert', into: { owner: '', list: 'passes' }, item: pass, after }]
}

/** Takes a pass out of the order; null for an id that is no pass. */
export function removePass(routine: Routine, passId: string): Edit[] | null {
  const index = routine.passes.findIndex((pass) => pass.id === passId)
  return index < 0
    ? null
    : [
        {
          type: 'remove',
          from: { owner: '', list: 'passes' },
          item: routine.passes[index]!,
          after: routine.passes[index - 1]?.id ?? null,
        },
      ]
}

/**
 * Takes a part out, with every pass over it; what was told again from it then stands by itself.
 * Null for an id that is no part.
 */
export function removePart(routine: Routine, partId: string): Edit[] | null {
  const part = routine.parts.find(({ id }) => id === partId)
  if (!part) return null
  // Last first, so that what an edit says stands before it is still there.
  const passes = [...routine.passes]
    .reverse()
    .flatMap((pass) => (pass.partId === partId ? (removePass(routine, pass.id) ?? []) : []))
  const versions = routine.parts.flatMap((one) =>
    one.versionOf === partId ? (setField(one, 'versionOf', undefined) ?? []) : [],
  )
  return [
    ...passes,
    ...versions,
    {
      type: 'remove',
      from: { owner: ROOT_ID, list: 'parts' },
      item: part,
      after: routine.parts[routine.parts.indexOf(part) - 1]?.id ?? null,
    },
  ]
}

/** A finding that was overruled is one to mend again; null where it was not. */
export function takeUp(routine: Routine, code: string, subject: string): Edit[] | null {
  const i = routine.overrules.findIndex((one) => one.code === code && one.subject === subject)
  return i < 0
    ? null
    : [
        {
          type: 'remove',
          from: { owner: ROOT_ID, list: 'overrules' },
          item: routine.overrules[i]!,
          after: routine.overrules[i - 1]?.id ?? null,
        },
      ]
}

/** Overrules a finding, with the reason that is kept beside it. */
export const overrule = (
  routine: Routine,
  id: string,
  code: string,
  subject: string,
  reason: string,
): Edit[] => [
  {
    type: 'insert',
    into: { owner: '', list: 'overrules' },
    item: { id, code, subject, reason },
    after: routine.overrules.at(-1)?.id ?? null,
  },
]

/** Figures of a part the other way round, each as it is written; plain words stay. */
export const mirrorSlots = (slots: readonly Slot[]): Edit[] =>
  slots.flatMap(({ id, content }) =>
    content.type === 'figure'
      ? [
          {
            type: 'set' as const,
            id,
            field: 'content',
            from: content,
            to: {
              ...content,
              variation: { ...content.variation, reflected: !content.variation.reflected },
            },
          },
        ]
      : [],
  )
