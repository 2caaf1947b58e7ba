import type { Edit, NewId } from '../document/index.ts'
import { freshPass } from './edits.ts'
import type { Part, Routine } from './routine.ts'

/**
 * A part of another sheet, copied into this one and linked to where it came from, danced once at
 * the end.
 */
export function borrowPart(
  routine: Routine,
  from: Routine,
  partId: string,
  newId: NewId,
): Edit[] | null {
  const part = from.parts.find(({ id }) => id === partId)
  if (!part || from.id === routine.id) return null
  const { versionOf: _, ...rest } = part
  const copy: Part = {
    ...rest,
    id: newId(),
    label: freeLabel(routine, part.label),
    slots: part.slots.map((slot) => ({ ...slot, id: newId() })),
    origin: { routineId: from.id, partId, title: from.title },
  }
  return [
    {
      type: 'insert',
      into: { owner: '', list: 'parts' },
      item: copy,
      after: routine.parts.at(-1)?.id ?? null,
    },
    {
      type: 'insert',
      into: { owner: '', list: 'passes' },
      item: freshPass(newId(), copy.id),
      after: routine.passes.at(-1)?.id ?? null,
    },
  ]
}

/**
 * A part once more under another label, behind the first and danced once at the end: to be made
 * into something else.
 */
export function copyPart(routine: Routine, partId: string, newId: NewId): Edit[] | null {
  const part = routine.parts.find(({ id }) => id === partId)
  if (!part) return null
  const copy: Part = {
    ...part,
    id: newId(),
    label: freeLabel(routine, part.label),
    slots: part.slots.map((slot) => ({ ...slot, id: newId() })),
  }
  return [
    { type: 'insert', into: { owner: '', list: 'parts' }, item: copy, after: part.id },
    {
      type: 'insert',
      into: { owner: '', list: 'passes' },
      item: freshPass(newId(), copy.id),
      after: routine.passes.at(-1)?.id ?? null,
    },
  ]
}

/** The label, numbered until no part has it. */
export function freeLabel(routine: Routine, label: string): string {
  const taken = new Set(routine.parts.map((part) => part.label))
  if (!taken.has(label)) return label
  for (let n = 2; ; n++)
    if (!taken.has(`${label.slice(0, 26)} ${n}`)) return `${label.slice(0, 26)} ${n}`
}
