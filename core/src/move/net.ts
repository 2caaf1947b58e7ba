import { inPlaces, placeAt, progressed, type Standing } from './standing.ts'

/**
 * Which place leads to which: for each place, by index, where who stood there stands now. Null where
 * somebody is in none, or two are in one.
 */
export function netOf(before: Standing, after: Standing): readonly number[] | null {
  if (before.isOpen || after.isOpen || !inPlaces(after)) return null
  const net = before.layout.places.map((_, i) => i)
  for (const [i, dancer] of before.dancers.entries()) {
    const from = placeAt(before.layout, dancer)
    const to = placeAt(after.layout, after.dancers[i]!)
    if (from === null || to === null) return null
    net[from] = to
  }
  return net
}

/**
 * In cycles, beginning with who is told first: `(l1 l3 l2)(r1 r3 r2)`; `home` where all stay.
 *
 * @param net For each place, by index, the place that it leads to.
 */
export function netText(before: Standing, net: readonly number[]): string {
  const { places } = before.layout
  const seen = new Set<number>()
  const cycles: string[] = []
  for (const dancer of before.dancers) {
    const first = placeAt(before.layout, dancer)
    if (first === null || seen.has(first) || net[first] === first) continue
    const cycle: string[] = []
    for (let at = first; !seen.has(at); at = net[at]!) {
      seen.add(at)
      cycle.push(places[at]!.id)
    }
    cycles.push(`(${cycle.join(' ')})`)
  }
  return cycles.join('') || 'home'
}

/** Where everybody stands and how they are grouped, however often they have progressed. */
export const groupedKey = ({ dancers }: Standing): string =>
  dancers.map(({ x, y, group }) => `${x},${y},${group ?? '-'}`).join(' ')

/** Who stands at which point, whatever else is so. */
export const placesKey = ({ dancers }: Standing): string =>
  dancers.map(({ x, y }) => `${x},${y}`).join(' ')

/** The same for standings in which any line is danced alike, by the same dancers. */
export const standingAlike = ({ places, phase, dancers }: Standing): string =>
  `${JSON.stringify(places)} ${phase} ${dancers
    .map((one) => `${one.x},${one.y},${one.facing},${one.number},${one.group},${one.partner}`)
    .join(' ')}`

/** Passes are tried so often before it is said that nobody comes home. */
const MOST_PASSES = 400

/**
 * After how many passes all stand, grouped, as at first; null where they do not within 400.
 *
 * @param pass One time through, without the progression at its end.
 */
export function homeAfter(first: Standing, pass: (standing: Standing) => Standing): number | null {
  const home = groupedKey(first)
  let now = first
  for (let passes = 1; passes <= MOST_PASSES; passes++) {
    const danced = pass(now)
    if (!inPlaces(danced)) return null
    now = progressed(danced)
    if (groupedKey(now) === home) return passes
  }
  return null
}

/**
 * By how many rows the ones moved down in a pass, or by how many places or stations each; each
 * amount once, in order.
 */
export function progressionOf(before: Standing, after: Standing): readonly number[] {
  const { places, layout } = before
  const row = (standing: Standing, i: number): number | null => {
    const place = placeAt(layout, standing.dancers[i]!)
    return place === null ? null : layout.places[place]!.row
  }
  const amounts = before.dancers.flatMap((dancer, i) => {
    const [from, to] = [row(before, i), row(after, i)]
    if (from === null || to === null || dancer.group === null) return []
    if (places.shape === 'longways') {
      if (places.stand === 'becket') {
        const oval = (standing: Standing): number => {
          const { x, y } = standing.dancers[i]!
          const at = layout.places.findIndex((place) => place.x === x && place.y === y)
          const n = layout.rows
          const place = layout.places[at]
          return place ? (place.lane === 0 ? n - 1 - place.row : n + place.row) : NaN
        }
        const all = 2 * layout.rows
        const on = (((oval(after) - oval(before)) % all) + all) % all
        return Number.isNaN(on) ? [] : [on > all / 2 ? on - all : on]
      }
      return dancer.number === 1 ? [to - from] : []
    }
    if (!layout.isRound) return []
    const on = (((to - from) % layout.rows) + layout.rows) % layout.rows
    const isBack = dancer.couple % 2 === 0 && places.shape !== 'circle'
    return [isBack ? (layout.rows - on) % layout.rows : on]
  })
  return [...new Set(amounts)].sort((a, b) => a - b)
}
