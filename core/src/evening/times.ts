import { DAY_MINUTES, minutesOfClock } from '../time/index.ts'
import { musicFor, type DanceFacts } from './facts.ts'
import { USUAL_MINUTES, type Evening, type EveningItem } from './programme.ts'

/** An item with when it begins, in minutes after midnight of the evening's day. */
export interface TimedItem {
  readonly item: EveningItem
  readonly starts: number
  readonly ends: number
  /** What it takes, in minutes, and of what that is made up. */
  readonly minutes: number
  readonly made: {
    readonly walk: number
    readonly music: number
    readonly changeover: number
  }
}
export interface Times {
  readonly items: readonly TimedItem[]
  readonly starts: number
  readonly ends: number
  /** When it is to be over. */
  readonly until: number
  /** Minutes that are left over; below 0: too much. */
  readonly left: number
}

/** Of a recording that is played once more, and the breath before it. */
const BETWEEN_TIMES_MINUTES = 0.5

/** What an item takes, without the changeover before the next. */
export function itemMinutes(
  item: EveningItem,
  facts: ReadonlyMap<string, DanceFacts>,
): { readonly walk: number; readonly music: number } {
  if (item.kind !== 'dance') return { walk: 0, music: item.minutes ?? USUAL_MINUTES[item.kind] }
  const walk = item.walkMinutes ?? 0
  if (item.minutes !== undefined) return { walk, music: item.minutes }
  const one = item.sheetId === undefined ? undefined : facts.get(item.sheetId)
  const times = item.times ?? 1
  const once = one ? musicFor(one, item).seconds / 60 / (item.speed ?? 1) : USUAL_MINUTES.dance
  return { walk, music: times * once + (times - 1) * BETWEEN_TIMES_MINUTES }
}

/** When each item of an evening begins and ends; what is left out tonight takes no time. */
export function timesOf(evening: Evening, facts: ReadonlyMap<string, DanceFacts>): Times {
  const starts = minutesOfClock(evening.startsAt)
  const ending = minutesOfClock(evening.endsAt)
  const until = ending <= starts ? ending + DAY_MINUTES : ending
  let at = starts
  const items = evening.items.map((item, i): TimedItem => {
    if (item.dropped)
      return {
        item,
        starts: at,
        ends: at,
        minutes: 0,
        made: { walk: 0, music: 0, changeover: 0 },
      }
    const { walk, music } = itemMinutes(item, facts)
    const goesOn = evening.items.slice(i + 1).some(({ dropped }) => !dropped)
    const changeover = goesOn ? evening.changeoverSeconds / 60 : 0
    const timed = {
      item,
      starts: at,
      ends: at + walk + music,
      minutes: walk + music,
      made: { walk, music, changeover },
    }
    at += walk + music + changeover
    return timed
  })
  return { items, starts, ends: at, until, left: until - at }
}
