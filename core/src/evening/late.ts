import type { DanceFacts } from './facts.ts'
import { goingOn } from './goingOn.ts'
import type { Evening, EveningItem } from './programme.ts'
import { timesOf } from './times.ts'

/** Where the evening is. Minutes are after midnight of its day. */
export interface Tonight {
  /** What goes on now; null before the first thing and between two. */
  readonly now: EveningItem | null
  readonly next: EveningItem | null
  /** How much later than planned it will be over; below 0: earlier. */
  readonly lateMinutes: number
  /** When it will be over, gone on with as planned. */
  readonly endsAt: number
}

/**
 * Where the evening is, from what has begun and ended.
 *
 * @param nowMinutes After midnight of its day.
 * @param minutesOf Minutes after midnight of a moment in milliseconds.
 */
export function tonightAt(
  evening: Evening,
  facts: ReadonlyMap<string, DanceFacts>,
  nowMinutes: number,
  minutesOf: (ms: number) => number,
): Tonight {
  const { items, ends } = timesOf(evening, facts)
  const left = items.filter(({ item }) => !item.dropped && item.endedMs === undefined)
  const { now, next } = goingOn(evening)
  const running = left.find(({ item }) => item === now) ?? null
  const toCome = left.filter((one) => one !== running)
  const endsNow = running
    ? Math.max(nowMinutes, minutesOf(running.item.beganMs!) + running.minutes)
    : nowMinutes
  const [first] = toCome
  // Nothing begins before its time on the programme has come, as long as nothing has begun at all.
  const begun = items.some(({ item }) => item.beganMs !== undefined)
  const from = begun || !first ? endsNow : Math.max(endsNow, first.starts)
  const rest = toCome.reduce((sum, { minutes, made }) => sum + minutes + made.changeover, 0)
  const before = running && toCome.length > 0 ? running.made.changeover : 0
  const endsAt = from + before + rest
  return {
    now,
    next,
    lateMinutes: Math.round((endsAt - ends) * 10) / 10,
    endsAt,
  }
}

export type Shortening = 'drop' | 'walk' | 'times' | 'shorter'
/** One thing that can be done about being late, and how many minutes it wins. */
export interface LateOffer {
  readonly how: Shortening
  readonly item: EveningItem
  readonly wins: number
  /** The item as it then is. */
  readonly becomes: EveningItem
}

/** A break is no shorter than this, a lesson no less than two thirds of itself. */
const SHORTEST_BREAK = 5
const LEAST_OF_LESSON = 2 / 3
/** Less than this is not worth a word, in minutes. */
const LEAST_WON = 0.5

/**
 * What may be shortened or left out of what is still to come, the least harm first: walk-throughs,
 * one time through less, breaks, open floor, then whole dances from the end. What must stay is not
 * offered; nor is a break, which bodies need, left out.
 */
export function lateOffers(
  evening: Evening,
  facts: ReadonlyMap<string, DanceFacts>,
): readonly LateOffer[] {
  const left = timesOf(evening, facts).items.filter(
    ({ item }) => !item.dropped && item.beganMs === undefined && item.endedMs === undefined,
  )
  const offers: LateOffer[] = []
  const { ends } = timesOf(evening, facts)
  const offer = (how: Shortening, item: EveningItem, change: Partial<EveningItem>): void => {
    const becomes = { ...item, ...change }
    const items = evening.items.map((one) => (one.id === item.id ? becomes : one))
    const wins = ends - timesOf({ ...evening, items }, facts).ends
    if (wins >= LEAST_WON) offers.push({ how, item, wins: Math.round(wins * 10) / 10, becomes })
  }
  for (const { item, made } of left) {
    if (made.walk > 0) offer('walk', item, { walkMinutes: made.walk / 2 })
    if (item.kind === 'dance' && (item.times ?? 1) > 1)
      offer('times', item, { times: item.times! - 1 })
    if (item.kind === 'break')
      offer('shorter', item, { minutes: Math.max(SHORTEST_BREAK, made.music / 2) })
    if (item.kind === 'lesson')
      offer('shorter', item, { minutes: Math.round(made.music * LEAST_OF_LESSON) })
    if (item.kind === 'open-floor') offer('shorter', item, { minutes: made.music / 2 })
  }
  for (const { item } of [...left].reverse())
    if (item.kind !== 'break' && !item.must) offer('drop', item, { dropped: true })
  const order: Shortening[] = ['walk', 'times', 'shorter', 'drop']
  return offers.sort((a, b) => order.indexOf(a.how) - order.indexOf(b.how))
}

/**
 * How many sets or couples a dance makes of who is there, and who is left over.
 *
 * @param present Dancers that are there.
 */
export function setsFor(
  { dancers }: Pick<DanceFacts, 'dancers'>,
  present: number,
): { readonly sets: number; readonly left: number } {
  return { sets: Math.floor(present / dancers), left: present % dancers }
}
