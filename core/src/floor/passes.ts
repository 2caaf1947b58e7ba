import {
  groupedKey,
  homeAfter,
  inPlaces,
  netOf,
  netText,
  pairOf,
  progressionOf,
  type PairsWord,
  type Places,
  type Standing,
} from '../move/index.ts'
import type { Timeline } from '../routine/index.ts'
import { dancedThrough } from './track.ts'
import type { Track } from './tracked.ts'

/** Who stands where as a time through begins. */
export interface PassRow {
  /** Left and right line from the top, or by place; null where somebody is in no place. */
  readonly stand: string | null
  /** Couples from the top of a longways set; empty elsewhere. */
  readonly order: string
  /** Who is out, and who has nobody to dance with. */
  readonly out: readonly string[]
  readonly idle: readonly string[]
}
/** What becomes of a set over its times through. */
export interface Passes {
  readonly rows: readonly PassRow[]
  /** Where one time through leads, in cycles; null where somebody stands in no place. */
  readonly net: string | null
  readonly isHome: boolean
  /** Times through until all stand, grouped, as at first; null where that never is. */
  readonly homeAfter: number | null
  /** Rows that ones move down, places round a becket oval, or stations. */
  readonly progression: readonly number[]
}

/** The passes of a dance, with what one time through does to the set. */
export function passesOf(track: Track, timeline: Timeline): Passes {
  const { first, passes, last } = track
  const standings = [...passes.map(({ before }) => before), last]
  const goesOn = passes.some(({ danced, after }) => danced !== after)
  const one = passes[0]
  const end = one ? (goesOn ? one.danced : last) : first
  const net = netOf(first, end)
  return {
    rows: standings.map(passRow),
    net: net && netText(first, net),
    isHome: net !== null && net.every((to, from) => to === from),
    homeAfter: goesOn ? onwardHome(track, timeline) : null,
    progression: one ? progressionOf(first, one.danced) : [],
  }
}

/** After how many times through all are home, the first danced again and again where need be. */
function onwardHome({ first, passes }: Track, timeline: Timeline): number | null {
  const home = groupedKey(first)
  const at = passes.findIndex(({ after }) => groupedKey(after) === home)
  if (at >= 0) return at + 1
  const [one] = timeline.passes
  return one ? homeAfter(first, (standing) => dancedThrough(standing, one)) : null
}

function passRow(standing: Standing): PassRow {
  const { dancers, layout, places } = standing
  const there = standing.isOpen ? null : inPlaces(standing)
  const idAt = (place: number): string => {
    const index = there![place]
    return index === null || index === undefined ? '-' : dancers[index]!.id
  }
  const line = (lane: number): string =>
    layout.places.flatMap((place, i) => (place.lane === lane ? [idAt(i)] : [])).join(' ')
  const stand = there
    ? places.shape === 'longways'
      ? `${line(0)} | ${line(1)}`
      : layout.places.map((_, i) => idAt(i)).join(' ')
    : null
  const order =
    there && places.shape === 'longways' && places.stand !== 'becket'
      ? layout.places
          .flatMap((place, i) => {
            const index = place.lane === 0 ? there[i] : null
            return index === null || index === undefined ? [] : [dancers[index]!.couple]
          })
          .join(' ')
      : ''
  return {
    stand,
    order,
    out: dancers.filter(({ group }) => group === null).map(({ id }) => id),
    idle: hasPartners(standing)
      ? dancers.filter(({ partner, role }) => partner === null && role !== 'S').map(({ id }) => id)
      : [],
  }
}
const hasPartners = ({ dancers }: Standing): boolean =>
  dancers.some(({ partner }) => partner !== null)

/** By what word one asks whom somebody meets: neighbours where minor sets or couples go on. */
export const meetsBy = (places: Places): PairsWord =>
  places.shape === 'facing' || (places.shape === 'longways' && places.minor !== 'whole')
    ? 'neighbours'
    : 'partners'

/**
 * Whom somebody meets in each time through, and as it ends: an id, or null for nobody.
 *
 * @param word How they are asked for: `neighbours`, `partners`.
 */
export function meetsOf(track: Track, dancerId: string, word: PairsWord): (string | null)[] {
  const standings = [...track.passes.map(({ before }) => before), track.last]
  return standings.map((standing) => {
    const one = standing.dancers.findIndex(({ id }) => id === dancerId)
    const dancer = standing.dancers[one]
    if (!dancer || dancer.group === null || standing.isOpen) return null
    const scope = standing.dancers.flatMap(({ group }, i) => (group === dancer.group ? [i] : []))
    const other = pairOf(standing, scope, one, word)
    return other === null ? null : standing.dancers[other]!.id
  })
}
