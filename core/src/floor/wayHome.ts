import {
  danceLines,
  firstStanding,
  inPlaces,
  placesKey,
  readLines,
  type Line,
  type Standing,
} from '../move/index.ts'
import { STRIDE } from './closeness.ts'
import { TICKS_PER_BEAT } from '../time/index.ts'

/** One thing to call on the way home, as it is typed, and how many counts it takes. */
export interface HomeLink {
  readonly text: string
  readonly counts: number
}
export interface WayHome {
  /** The cheapest links that bring all home; null where three do not. */
  readonly links: readonly HomeLink[] | null
  readonly counts: number
  /** All walk home: the farthest way, and counts for it at a stride a count. */
  readonly walk: { readonly metres: number; readonly counts: number }
}

const MOST_LINKS = 3

function linksFor(standing: Standing): readonly HomeLink[] {
  const { places, layout } = standing
  const circles = (of: number, who: string): HomeLink[] =>
    ['left', 'right'].flatMap((side) =>
      Array.from({ length: of / 2 }, (_, i) => ({
        text: `${who}: circle ${side} ${i + 1 === of / 2 ? '1/2' : i + 1}`,
        counts: 2 * (i + 1),
      })),
    )
  if (places.shape === 'longways')
    return [
      { text: 'opposites: cross', counts: 4 },
      { text: 'in fours beside: cross', counts: 4 },
      ...circles(4, 'in fours'),
      { text: 'whole set: circle left 1/2', counts: 8 },
      { text: 'left line: cast in file', counts: 8 },
      { text: 'right line: cast in file', counts: 8 },
      { text: 'top: cast to the bottom', counts: 8 },
      { text: 'bottom: cast to the top', counts: 8 },
    ]
  if (places.shape === 'square')
    return [
      ...circles(8, 'all'),
      ...['heads with opposites', 'sides with opposites', 'partners', 'corners'].map((who) => ({
        text: `${who}: cross`,
        counts: 4,
      })),
      { text: 'heads: right and left through', counts: 8 },
      { text: 'sides: right and left through', counts: 8 },
    ]
  if (layout.isRound)
    return [-2, -1, 1, 2].flatMap((on) =>
      ['leads', 'follows'].map((who) => ({ text: `${who}: on ${on}`, counts: 4 })),
    )
  return []
}

/**
 * How everybody comes home from where they stand: the cheapest of up to three things that can be
 * called, and walking there.
 */
export function wayHome(standing: Standing): WayHome {
  const home = firstStanding(standing.places)
  const goal = placesKey(home)
  const far = standing.dancers.map(({ x, y }, i) =>
    Math.hypot(home.dancers[i]!.x - x, home.dancers[i]!.y - y),
  )
  const farthest = Math.max(0, ...far)
  const walk = {
    metres: Math.round(farthest) / 100,
    counts: Math.ceil(farthest / STRIDE),
  }
  const found = cheapest(standing, goal)
  return {
    links: found,
    counts: (found ?? []).reduce((sum, { counts }) => sum + counts, 0),
    walk,
  }
}

interface Reached {
  readonly standing: Standing
  readonly links: readonly HomeLink[]
  readonly counts: number
}
/** Cheapest first, and of two as cheap the one with fewer links. */
function cheapest(standing: Standing, goal: string): readonly HomeLink[] | null {
  const links = linksFor(standing).flatMap((link) => {
    const lines = readLines(link.text, link.counts * TICKS_PER_BEAT)
    return lines.ok ? [{ link, lines: lines.value }] : []
  })
  const open: Reached[] = [{ standing, links: [], counts: 0 }]
  const seen = new Map<string, number>()
  while (open.length > 0) {
    open.sort((a, b) => a.counts - b.counts || a.links.length - b.links.length)
    const now = open.shift()!
    const key = placesKey(now.standing)
    if (key === goal) return now.links
    const known = seen.get(key)
    if (known !== undefined && known <= now.links.length) continue
    seen.set(key, now.links.length)
    if (now.links.length === MOST_LINKS) continue
    for (const { link, lines } of links) {
      const after = dancedCleanly(now.standing, lines)
      if (!after) continue
      open.push({
        standing: after,
        links: [...now.links, link],
        counts: now.counts + link.counts,
      })
    }
  }
  return null
}
function dancedCleanly(standing: Standing, lines: readonly Line[]): Standing | null {
  const { after, troubles } = danceLines(standing, lines)
  const isWrong = troubles.some(({ code }) => code !== 'set.facing-away')
  return isWrong || !inPlaces(after) ? null : after
}
