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
