import { laneAt, placeAt, rowAt, type Dancer, type Standing } from '../standing.ts'
import type { PairsWord } from './who.ts'

/**
 * Who belongs to a dancer, by index, as they stand now; null where that is nobody.
 *
 * @param one Index of the dancer.
 * @param scope The dancers among whom neighbours, diagonals and those beside are asked.
 */
export function pairOf(
  standing: Standing,
  scope: readonly number[],
  one: number,
  word: PairsWord,
): number | null {
  const { dancers, places } = standing
  const dancer = dancers[one]!
  const found = (test: (other: Dancer, index: number) => boolean, among = scope): number | null => {
    const those = among.filter((index) => index !== one && test(dancers[index]!, index))
    return those.length === 1 ? those[0]! : null
  }
  const all = dancers.map((_, i) => i)
  // Where both lines are of one role each, a neighbour is of the own role.
  const likes = (other: Dancer): boolean => (other.role === dancer.role) === isProper(standing)
  switch (word) {
    case 'partners':
      return dancer.partner
    case 'neighbours':
      return found((other, index) => index !== dancer.partner && likes(other))
    case 'next neighbours':
      return beyond(standing, one, likes, 1)
    case 'previous neighbours':
      return beyond(standing, one, likes, -1)
    case 'opposites':
      return opposite(standing, one)
    case 'corners':
      return places.shape === 'longways'
        ? found(
            (other) => other.x * dancer.x < 0 && rowOf(standing, other) !== rowOf(standing, dancer),
          )
        : cornerOf(standing, one)
    case 'right-hand':
      return rightHand(standing, one)
    case 'diagonals':
      return found(
        (other) =>
          laneAt(standing.layout, other) !== laneAt(standing.layout, dancer) &&
          rowOf(standing, other) !== rowOf(standing, dancer),
      )
    case 'shadows':
      return shadow(standing, one, all)
    case 'beside':
      return found(
        (other) =>
          laneAt(standing.layout, other) === laneAt(standing.layout, dancer) &&
          rowOf(standing, other) !== rowOf(standing, dancer),
      )
  }
}

const rowOf = ({ layout }: Standing, dancer: Dancer): number => rowAt(layout, dancer)
const isProper = ({ places }: Standing): boolean =>
  places.shape === 'longways' && places.stand === 'proper'

/** Ones with the twos of the set further down or up; twos with its ones. */
function beyond(
  standing: Standing,
  one: number,
  likes: (other: Dancer) => boolean,
  way: 1 | -1,
): number | null {
  const { dancers, layout, places } = standing
  const dancer = dancers[one]!
  if (dancer.group === null) return null
  const isFirst = places.shape === 'longways' ? dancer.number === 1 : goesOn(dancer)
  const isLast =
    places.shape === 'longways' ? dancer.number === lastNumber(standing, dancer) : !goesOn(dancer)
  if (!isFirst && !isLast) return null
  const step = isFirst ? way : -way
  const groups = layout.rows / 2
  const wanted = layout.isRound ? (dancer.group + step + groups) % groups : dancer.group + step
  const those = dancers.flatMap((other, index) => {
    if (index === one || other.group !== wanted || !likes(other)) return []
    const isOther =
      places.shape === 'longways'
        ? other.number === (isFirst ? lastNumber(standing, other) : 1)
        : goesOn(other) !== isFirst
    return isOther ? [index] : []
  })
  return those.length === 1 ? those[0]! : null
}
/** Couples that go with the line of dance began at odd stations. */
const goesOn = ({ couple }: Dancer): boolean => couple % 2 === 1
const lastNumber = ({ dancers }: Standing, { group }: Dancer): number =>
  Math.max(...dancers.filter((other) => other.group === group).map(({ number }) => number))

/** Across: the same row, or the same lane of the couple that is met, or half round. */
function opposite(standing: Standing, one: number): number | null {
  const { dancers, layout, places } = standing
  const dancer = dancers[one]!
  const nearestTo = (x: number, y: number, among: (other: Dancer) => boolean): number | null => {
    let best: number | null = null
    let least = 60
    dancers.forEach((other, index) => {
      const far = Math.hypot(other.x - x, other.y - y)
      if (index !== one && far < least && among(other)) [best, least] = [index, far]
    })
    return best
  }
  if (places.shape === 'longways' || places.shape === 'lines')
    return nearestTo(-dancer.x, dancer.y, () => true)
  if (places.shape === 'facing' || places.shape === 'trios') {
    const lane = laneAt(layout, dancer)
    const those = dancers.flatMap((other, index) =>
      index !== one && other.group === dancer.group && laneAt(layout, other) === lane
        ? [index]
        : [],
    )
    return those.length === 1 ? those[0]! : null
  }
  if (places.shape === 'square') {
    const isHead = rowAt(layout, dancer) % 2 === 0
    return isHead
      ? nearestTo(dancer.x, -dancer.y, () => true)
      : nearestTo(-dancer.x, dancer.y, () => true)
  }
  return nearestTo(-dancer.x, -dancer.y, () => true)
}

/** Round the corner: who stands next in the ring and not in the same couple's place. */
function cornerOf(standing: Standing, one: number): number | null {
  const { dancers, layout } = standing
  const couple = (index: number): number | null => {
    const place = placeAt(layout, dancers[index]!)
    return place === null ? null : layout.places[place]!.couple
  }
  const ways = dancers[one]!.role === 'L' ? ([1, -1] as const) : ([-1, 1] as const)
  const beside = ways.map((way) => nextInRing(standing, one, way))
  const own = couple(one)
  return own === null
    ? beside[0]!
    : (beside.find((other) => other !== null && couple(other) !== own) ?? null)
}

/** The next dancer round the middle: 1 clockwise, which is to the left of who faces in. */
function nextInRing({ dancers }: Standing, one: number, way: 1 | -1): number | null {
  const angle = ({ x, y }: Dancer): number => Math.atan2(x, y)
  const own = angle(dancers[one]!)
  let best: number | null = null
  let least = Infinity
  dancers.forEach((other, index) => {
    if (index === one) return
    const full = 2 * Math.PI
    const apart = (((way * (angle(other) - own)) % full) + full) % full
    if (apart > 1e-6 && apart < least) [best, least] = [index, apart]
  })
  return best
}

/** The follow of the couple on the lead's right, and for a follow the lead whose that is. */
function rightHand(standing: Standing, one: number): number | null {
  const { dancers, layout } = standing
  const dancer = dancers[one]!
  const of = layout.rows
  const row = (rowAt(layout, dancer) + (dancer.role === 'L' ? 1 : of - 1)) % of
  const those = dancers.flatMap((other, index) =>
    other.role !== dancer.role && rowAt(layout, other) === row ? [index] : [],
  )
  return those.length === 1 ? those[0]! : null
}

/** Who stands beside one in the line, away from the partner who is beside one too. */
function shadow(standing: Standing, one: number, all: readonly number[]): number | null {
  const { dancers, layout } = standing
  const dancer = dancers[one]!
  const partner = dancer.partner === null ? null : dancers[dancer.partner]!
  if (!partner || laneAt(layout, partner) !== laneAt(layout, dancer)) return null
  const way = Math.sign(rowAt(layout, dancer) - rowAt(layout, partner))
  if (Math.abs(rowAt(layout, dancer) - rowAt(layout, partner)) !== 1) return null
  return (
    all.find(
      (index) =>
        laneAt(layout, dancers[index]!) === laneAt(layout, dancer) &&
        rowAt(layout, dancers[index]!) === rowAt(layout, dancer) + way,
    ) ?? null
  )
}
