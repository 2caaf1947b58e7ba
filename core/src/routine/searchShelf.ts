/** What is known of a sheet on the shelf, as far as it can be searched and sorted. */
export interface ShelfEntry {
  readonly id: string
  readonly title: string
  readonly by: string
  readonly dance: string
  readonly level: string | null
  readonly tuneTitle: string | null
  readonly tags: readonly string[]
  /** Other names it goes by. */
  readonly otherNames: readonly string[]
  /** Names of the figures it uses. */
  readonly figures: readonly string[]
  readonly archived: boolean
  readonly updatedAtMs: number
}

export type ShelfOrder = 'title' | 'changed' | 'dance' | 'by'

export interface ShelfWish {
  /**
   * Words that must all be found, each anywhere: in the title and other names, the maker, dance, level, tune, tags
   * or figures.
   */
  readonly text: string
  readonly dance: string | null
  readonly level: string | null
  readonly tag: string | null
  readonly archived: boolean
  readonly order: ShelfOrder
}

/** A shelf made ready to be searched at every keystroke. */
export interface Shelf<Entry extends ShelfEntry> {
  search(wish: ShelfWish): readonly Entry[]
  readonly dances: readonly string[]
  readonly levels: readonly string[]
  readonly tags: readonly string[]
}

const folded = (text: string): string => text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase()
const COLLATOR = new Intl.Collator('en', { sensitivity: 'base', numeric: true })
const ORDERS: Readonly<Record<ShelfOrder, (a: ShelfEntry, b: ShelfEntry) => number>> = {
  title: (a, b) => COLLATOR.compare(a.title, b.title),
  changed: (a, b) => b.updatedAtMs - a.updatedAtMs,
  dance: (a, b) => COLLATOR.compare(a.dance, b.dance) || COLLATOR.compare(a.title, b.title),
  by: (a, b) => COLLATOR.compare(a.by, b.by) || COLLATOR.compare(a.title, b.title),
}

/** Makes a shelf ready. Sorting and folding are done once; a search then only compares text. */
export function shelfOf<Entry extends ShelfEntry>(entries: readonly Entry[]): Shelf<Entry> {
  const text = new Map(
    entries.map((entry) => [
      entry,
      folded(
        [
          entry.title,
          entry.by,
          entry.dance,
          entry.level,
          entry.tuneTitle,
          ...entry.tags,
          ...entry.otherNames,
          ...entry.figures,
        ]
          .filter(Boolean)
          .join('\n'),
      ),
    ]),
  )
  const sorted = new Map<ShelfOrder, readonly Entry[]>()
  const inOrder = (order: ShelfOrder): readonly Entry[] => {
    const known = sorted.get(order) ?? [...entries].sort(ORDERS[order])
    sorted.set(order, known)
    return known
  }
  const distinct = (values: readonly (string | null)[]): string[] =>
    [...new Set(values.filter((one): one is string => one !== null && one !== ''))].sort(
      COLLATOR.compare,
    )
  return {
    dances: distinct(entries.map(({ dance }) => dance)),
    levels: distinct(entries.map(({ level }) => level)),
    tags: distinct(entries.flatMap(({ tags }) => tags)),
    search: (wish) => {
      const words = folded(wish.text).split(/\s+/).filter(Boolean)
      return inOrder(wish.order).filter(
        (entry) =>
          entry.archived === wish.archived &&
          (wish.dance === null || entry.dance === wish.dance) &&
          (wish.level === null || entry.level === wish.level) &&
          (wish.tag === null || entry.tags.includes(wish.tag)) &&
          words.every((word) => text.get(entry)!.includes(word)),
      )
    },
  }
}
