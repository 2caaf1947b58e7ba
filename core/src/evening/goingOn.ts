import type { Evening, EveningItem } from './programme.ts'

/**
 * The evening once an item has begun: what went on before is over.
 *
 * @param atMs Of the clock, in milliseconds since 1970.
 */
export const withBegun = (evening: Evening, itemId: string, atMs: number): Evening => ({
  ...evening,
  items: evening.items.map((one) =>
    one.id === itemId
      ? { ...one, beganMs: atMs }
      : one.beganMs !== undefined && one.endedMs === undefined
        ? { ...one, endedMs: atMs }
        : one,
  ),
})

/** What goes on, and what is to come next; null where nothing is. */
export function goingOn({ items }: Pick<Evening, 'items'>): {
  readonly now: EveningItem | null
  readonly next: EveningItem | null
} {
  const left = items.filter(({ dropped, endedMs }) => !dropped && endedMs === undefined)
  const now = left.find(({ beganMs }) => beganMs !== undefined) ?? null
  return { now, next: left.find((one) => one !== now) ?? null }
}

/** A sheet, and the recording that it is called to where that is not its own. */
export interface ToCall {
  readonly sheetId: string
  readonly recordingId: string | null
}

/** Tells one from another. */
export const toCallKey = ({ sheetId, recordingId }: ToCall): string =>
  `${sheetId} ${recordingId ?? ''}`

/** What is still to be called, each dance on each recording once, in the order of the programme. */
export function leftToCall({ items }: Pick<Evening, 'items'>): readonly ToCall[] {
  const found = new Map<string, ToCall>()
  for (const { sheetId, recordingId = null, dropped, endedMs } of items)
    if (sheetId !== undefined && !dropped && endedMs === undefined) {
      const one = { sheetId, recordingId }
      found.set(toCallKey(one), one)
    }
  return [...found.values()]
}
