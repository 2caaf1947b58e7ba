/**
 * Where times through parts do not come out with what they must fill, each at its cause: the
 * smallest change of lengths after which every line is met, found exactly.
 */

/** A time through a part, as far as sums go. Ticks. */
export interface SummedPass {
  readonly partId: string
  readonly lengthTicks: number
  /** Its length is not settled, or it lasts as long as there is room: it takes what is left. */
  readonly isFlexible: boolean
  /** Where it belongs, where it is tied to a place of the music. */
  readonly tiedAt: number | null
}

interface Span {
  readonly start: number
  readonly end: number
}

/** How a pass lies, once every line is met. */
export interface PassSum {
  /** Ticks too many (above 0) or too few (below 0); 0 where it is as long as it must be. */
  readonly deviation: number
  /** Ticks that it must fill. */
  readonly wantedTicks: number
  /** The line on which it begins once all before it are as long as they must be. */
  readonly from: number
}

/**
 * The nearest whole number of units to a length, one at least; half way is told as too short.
 *
 * @param lengthTicks Ticks, above 0.
 * @param unitTicks Ticks, above 0.
 */
export const nearestWhole = (lengthTicks: number, unitTicks: number): number =>
  Math.max(1, Math.floor(lengthTicks / unitTicks + 0.5)) * unitTicks

/**
 * Passes held to whole units of a length. Several in a row that are together just one unit long
 * share it.
 *
 * @param unitOf Ticks of the unit that a pass is held to; null where it is held to nothing.
 */
export function unitSums(
  passes: readonly SummedPass[],
  unitOf: (pass: SummedPass, index: number) => number | null,
): PassSum[] {
  const shared = sharing(passes, unitOf)
  let from = 0
  return passes.map((pass, i) => {
    const unit = unitOf(pass, i)
    const wantedTicks =
      unit === null || pass.isFlexible || pass.lengthTicks === 0 || shared.has(i)
        ? pass.lengthTicks
        : nearestWhole(pass.lengthTicks, unit)
    const sum = { deviation: pass.lengthTicks - wantedTicks, wantedTicks, from }
    from += wantedTicks
    return sum
  })
}

/** Passes that share one unit with those beside them. */
function sharing(
  passes: readonly SummedPass[],
  unitOf: (pass: SummedPass, index: number) => number | null,
): ReadonlySet<number> {
  const found = new Set<number>()
  for (let i = 0; i < passes.length; i++) {
    const unit = unitOf(passes[i]!, i)
    let sum = 0
    for (let k = i; unit !== null && k < passes.length && sum < unit; k++) {
      const pass = passes[k]!
      if (pass.isFlexible || unitOf(pass, k) !== unit) break
      sum += pass.lengthTicks
      if (sum === unit && k > i) {
        for (let n = i; n <= k; n++) found.add(n)
        i = k
      }
    }
  }
  return found
}

/** What a deviation costs beside its size: that there is one, and that it is like its others. */
const COST_OF_ONE = 1 / 64
const COST_OF_LIKE_ITS_OTHERS = 1 / 128
const COST_OF_LONG = 1 / 4096

interface Way {
  readonly cost: number
  /** The pass at which this step begins, the line it begins on, the one it ends on, what was before. */
  readonly pass: number
  readonly line: number
  readonly to: number
  readonly before: Way | null
}

/**
 * Passes held to lines of the music: one after the other from line to line, each as long as there
 * is between two; several in a row may share a phrase or a section where they fill it exactly. Of all ways the one that changes least: fewest ticks, then fewest passes, then those
 * that differ from the other times through their part. Behind the last line nothing is held to
 * anything.
 *
 * @param lines Ticks at which something begins or ends, rising, the first where the dance begins.
 * @param spans What may be shared: phrases and sections, from tick to tick.
 */
export function lineSums(
  passes: readonly SummedPass[],
  lines: readonly number[],
  spans: readonly Span[],
): PassSum[] {
  const shared = new Set(spans.map(({ start, end }) => `${start} ${end}`))
  const usual = usualLengths(passes)
  let ways = new Map<number, Way>([[0, { cost: 0, pass: 0, line: 0, to: 0, before: null }]])
  const reached: Map<number, Way>[] = [ways]
  for (let i = 0; i < passes.length; i++) reached.push(new Map())
  for (let i = 0; i < passes.length; i++) {
    ways = reached[i]!
    for (const [line, way] of ways) {
      const pass = passes[i]!
      const astray = pass.tiedAt === null || pass.tiedAt === lines[line]! ? 0 : COST_OF_ONE
      for (const to of near(lines, line, pass)) {
        const off = pass.isFlexible ? 0 : pass.lengthTicks - (lines[to]! - lines[line]!)
        take(reached[i + 1]!, to, way, i, line, astray + costOf(off, pass, usual))
      }
      for (const [count, to] of shares(passes, i, lines, line, shared))
        take(reached[i + count]!, to, way, i, line, astray)
    }
    // Behind the last line nothing is held to anything.
    if (reached[i + 1]!.size === 0)
      for (const [line, way] of ways) take(reached[i + 1]!, line, way, i, line, 0)
  }
  const [best] = [...reached.at(-1)!.values()].sort((a, b) => a.cost - b.cost)
  return best ? sumsOf(passes, lines, best) : []
}

function take(
  into: Map<number, Way>,
  to: number,
  before: Way,
  pass: number,
  line: number,
  cost: number,
): void {
  const whole = before.cost + cost
  const known = into.get(to)
  if (!known || whole < known.cost) into.set(to, { cost: whole, pass, line, to, before })
}

/** A pass is this many lines shorter or longer than it is, at most. */
const FAR = 6

/** Lines at which a pass could end: those around its end, and every later one where it is open. */
function near(lines: readonly number[], start: number, pass: SummedPass): number[] {
  if (pass.isFlexible) {
    const later = lines.flatMap((_, i) => (i >= start ? [i] : []))
    return later
  }
  const end = lines[start]! + pass.lengthTicks
  const after = lines.findIndex((line, i) => i > start && line >= end)
  const last = after < 0 ? lines.length - 1 : after
  return Array.from({ length: 2 * FAR + 1 }, (_, i) => last - FAR + i).filter(
    (i) => i > start && i < lines.length,
  )
}

const MOST_SHARING = 8
/** Passes in a row that fill just one phrase or section: how many, and to which line. */
function shares(
  passes: readonly SummedPass[],
  from: number,
  lines: readonly number[],
  start: number,
  shared: ReadonlySet<string>,
): (readonly [count: number, to: number])[] {
  const found: [number, number][] = []
  let sum = 0
  for (let count = 1; count <= MOST_SHARING && from + count <= passes.length; count++) {
    const pass = passes[from + count - 1]!
    if (pass.isFlexible || (count > 1 && pass.tiedAt !== null)) break
    sum += pass.lengthTicks
    const to = lines.indexOf(lines[start]! + sum)
    const isOne = shared.has(`${lines[start]} ${lines[start]! + sum}`)
    if (count > 1 && to >= 0 && isOne) found.push([count, to])
  }
  return found
}

function costOf(off: number, pass: SummedPass, usual: ReadonlyMap<string, number>): number {
  if (off === 0) return 0
  const isLike = usual.get(pass.partId) === pass.lengthTicks
  return (
    Math.abs(off) +
    COST_OF_ONE +
    (isLike ? COST_OF_LIKE_ITS_OTHERS : 0) +
    (off > 0 ? COST_OF_LONG : 0)
  )
}

/** The length that most times through a part have. */
function usualLengths(passes: readonly SummedPass[]): ReadonlyMap<string, number> {
  const counts = new Map<string, Map<number, number>>()
  for (const { partId, lengthTicks } of passes) {
    const own = counts.get(partId) ?? new Map<number, number>()
    own.set(lengthTicks, (own.get(lengthTicks) ?? 0) + 1)
    counts.set(partId, own)
  }
  return new Map(
    [...counts].map(([partId, own]) => [partId, [...own].sort((a, b) => b[1] - a[1])[0]![0]]),
  )
}

function sumsOf(passes: readonly SummedPass[], lines: readonly number[], last: Way): PassSum[] {
  const sums: PassSum[] = Array.from({ length: passes.length })
  let until = passes.length
  for (let way = last; way.before; way = way.before) {
    const isAlone = until - way.pass === 1 && way.to > way.line
    let from = lines[way.line]!
    for (let i = way.pass; i < until; i++) {
      const { lengthTicks, isFlexible } = passes[i]!
      const wantedTicks = isAlone && !isFlexible ? lines[way.to]! - lines[way.line]! : lengthTicks
      sums[i] = { deviation: lengthTicks - wantedTicks, wantedTicks, from }
      from += wantedTicks
    }
    until = way.pass
  }
  return sums
}
