import { memoised } from '../document/index.ts'
import { deedText, spotAt, type Dancer, type LinesDanced } from '../move/index.ts'
import { TICKS_PER_BEAT } from '../time/index.ts'

/** Two who are no pair come nearer than this, in centimetres, where it is worth a word. */
const NEAR = 25
const QUARTER = TICKS_PER_BEAT / 4

/** Two dancers who come too near each other on their ways. */
export interface CloseCall {
  readonly dancers: readonly [number, number]
  /** Beats into what is danced at which they are first too near. */
  readonly beat: number
  /** Centimetres between them where they are nearest. */
  readonly nearest: number
}

/** Who comes too near whom, looked at on quarter beats; pairs and arches may. */
export function closeCalls(danced: LinesDanced): readonly CloseCall[] {
  const { as } = danced
  if (!as) return callsOf(danced)
  const here = new Map(as.dancerThere.map((there, index) => [there, index]))
  return closeCalls(as.danced).map((call) => {
    const [a, b] = call.dancers.map((index) => here.get(index)!) as [number, number]
    return { ...call, dancers: a < b ? [a, b] : [b, a] }
  })
}

/** What lines come to is looked at once, however often it is danced. */
const callsOf = memoised((danced: LinesDanced): readonly CloseCall[] => {
  const { before: standing, lines, spans } = danced
  if (spans.length === 0 || lines.some((line) => line.do.verb === 'arches')) return []
  const end = Math.max(...spans.map(({ to }) => to))
  const ticks = Math.floor(end / QUARTER) + 1
  const own = spansByDancer(danced)
  const paths = own.map((mine, i) => pathOf(standing.dancers[i]!, mine, ticks))
  const calls: CloseCall[] = []
  for (let a = 0; a < paths.length; a++)
    for (let b = a + 1; b < paths.length; b++) {
      const [one, other] = [paths[a]!, paths[b]!]
      if (own[a]!.length + own[b]!.length === 0 || areApart(one, other)) continue
      const call = callOf(one, other, (tick) =>
        own[a]!.some(
          (span) =>
            span.from <= tick &&
            tick <= span.to &&
            (span.with.includes(b) || makeRoom(lines[span.line]!, own[b]!, span, tick)),
        ),
      )
      if (call) calls.push({ dancers: [a, b], ...call })
    }
  return calls
})

/** The spans of each dancer, as they follow each other. */
function spansByDancer({ before, spans }: LinesDanced): readonly LinesDanced['spans'][number][][] {
  const own: LinesDanced['spans'][number][][] = before.dancers.map(() => [])
  for (const span of spans) own[span.dancer]!.push(span)
  return own
}

/** Pairs that go round each other side by side, by one line, draw in as the room asks. */
const GOES_ROUND: ReadonlySet<string> = new Set(['turn', 'do-si-do', 'swing'])
const makeRoom = (
  { do: { verb } }: LinesDanced['lines'][number],
  others: LinesDanced['spans'],
  { line }: LinesDanced['spans'][number],
  tick: number,
): boolean =>
  GOES_ROUND.has(verb) &&
  others.some((span) => span.line === line && span.from <= tick && tick <= span.to)

/** Where one is on every quarter beat, and the box round it. */
interface Path {
  readonly xs: readonly number[]
  readonly ys: readonly number[]
  readonly box: readonly [number, number, number, number]
}
/** Of one dancer, whose spans follow each other; `ticks` quarter beats from the beginning. */
function pathOf({ x, y }: Dancer, spans: LinesDanced['spans'], ticks: number): Path {
  if (spans.length === 0) return { xs: [x], ys: [y], box: [x, x, y, y] }
  const xs: number[] = []
  const ys: number[] = []
  let [left, right, low, high] = [Infinity, -Infinity, Infinity, -Infinity]
  let at = -1
  let spot = { x, y }
  for (let tick = 0; xs.length < ticks; tick += QUARTER) {
    // Who has come to the end of a way stays there until another one begins.
    const isThere = at < 0 || tick - QUARTER >= spans[at]!.to
    const before = at
    while (at + 1 < spans.length && spans[at + 1]!.from <= tick) at++
    if (at > before || !isThere) {
      const { way, from, to } = spans[at]!
      spot = way(Math.min(1, (tick - from) / (to - from)))
    }
    xs.push(spot.x)
    ys.push(spot.y)
    left = Math.min(left, spot.x)
    right = Math.max(right, spot.x)
    low = Math.min(low, spot.y)
    high = Math.max(high, spot.y)
  }
  return { xs, ys, box: [left, right, low, high] }
}
const areApart = ({ box: a }: Path, { box: b }: Path): boolean =>
  a[0] - b[1] >= NEAR || b[0] - a[1] >= NEAR || a[2] - b[3] >= NEAR || b[2] - a[3] >= NEAR

function callOf(
  one: Path,
  other: Path,
  isTogether: (tick: number) => boolean,
): Pick<CloseCall, 'beat' | 'nearest'> | null {
  let beat: number | null = null
  let nearest = Infinity
  const ticks = Math.max(one.xs.length, other.xs.length)
  for (let i = 0; i < ticks; i++) {
    const [j, k] = [Math.min(i, one.xs.length - 1), Math.min(i, other.xs.length - 1)]
    const [dx, dy] = [one.xs[j]! - other.xs[k]!, one.ys[j]! - other.ys[k]!]
    const far = dx * dx + dy * dy
    if (far >= NEAR * NEAR || isTogether(i * QUARTER)) continue
    beat ??= (i * QUARTER) / TICKS_PER_BEAT
    nearest = Math.min(nearest, Math.sqrt(far))
  }
  return beat === null ? null : { beat, nearest: Math.round(nearest) }
}

/** Two of different lines who pass each other by the left without a word about it. */
export interface LeftPassing {
  readonly dancers: readonly [number, number]
  /** Centimetres between them as they pass. */
  readonly nearest: number
}
/** Within this one passes somebody, in centimetres. */
const PASSING = 80
/** Slower than this on a quarter beat one stands: there is nothing to pass by. */
const MOVING = 3
const SAYS_SIDE = /left|right/

/**
 * Who of one line passes somebody of another by the left shoulder, coming towards each other, where
 * neither line says so: by custom dancers pass by the right.
 */
export function leftPassings(danced: LinesDanced): readonly LeftPassing[] {
  const { as } = danced
  if (!as) return passingsOf(danced)
  return leftPassings(as.danced).map(({ dancers, nearest }) => {
    const [a, b] = dancers.map((index) => as.dancerThere.indexOf(index)) as [number, number]
    return { dancers: a < b ? [a, b] : [b, a], nearest }
  })
}

const passingsOf = memoised((danced: LinesDanced): readonly LeftPassing[] => {
  const { before, lines } = danced
  if (lines.length < 2) return []
  const silent = lines.map((line) => !SAYS_SIDE.test(deedText(line)))
  const found: LeftPassing[] = []
  const own = spansByDancer(danced)
  for (let a = 0; a < own.length; a++)
    for (let b = a + 1; b < own.length; b++) {
      // Partners know how they pass each other.
      if (before.dancers[a]!.partner === b) continue
      for (const one of own[a]!)
        for (const other of own[b]!) {
          const [from, to] = [Math.max(one.from, other.from), Math.min(one.to, other.to)]
          const isApart =
            one.line !== other.line && !one.with.includes(b) && !other.with.includes(a)
          if (!isApart || from >= to || !silent[one.line] || !silent[other.line]) continue
          const nearest = passedByLeft(danced, a, b, from, to)
          if (nearest !== null && !found.some(({ dancers: [x, y] }) => x === a && y === b))
            found.push({ dancers: [a, b], nearest })
        }
    }
  return found
})

/** How near two come who pass each other by the left between two ticks; null where they do not. */
function passedByLeft(
  danced: LinesDanced,
  a: number,
  b: number,
  from: number,
  to: number,
): number | null {
  let nearest = Infinity
  let isLeft = false
  for (let tick = from + QUARTER; tick <= to - QUARTER; tick += QUARTER) {
    const [p, q] = [spotAt(danced, a, tick), spotAt(danced, b, tick)]
    const far = Math.hypot(p.x - q.x, p.y - q.y)
    if (far >= nearest || far >= PASSING) continue
    nearest = far
    const [p0, q0] = [spotAt(danced, a, tick - QUARTER), spotAt(danced, b, tick - QUARTER)]
    const own = { x: p.x - p0.x, y: p.y - p0.y }
    const theirs = { x: q.x - q0.x, y: q.y - q0.y }
    const fast = Math.hypot(own.x, own.y)
    const fastToo = Math.hypot(theirs.x, theirs.y)
    const isTowards = own.x * theirs.x + own.y * theirs.y < -0.5 * fast * fastToo
    // The other is on the left where a quarter turn to the left looks at them.
    const across = (-own.y * (q.x - p.x) + own.x * (q.y - p.y)) / Math.max(1, fast)
    isLeft = isTowards && fast > MOVING && fastToo > MOVING && across > NEAR / 2
  }
  return isLeft ? Math.round(nearest) : null
}

/** The longest way a count of what is danced, in centimetres, and whose it is. */
export interface Pace {
  readonly dancer: number
  readonly line: number
  readonly perBeat: number
  /** Counts that the way would take at 1.2 strides of 75 cm a count, rounded up. */
  readonly counts: number
}
/** A walking stride, centimetres. */
export const STRIDE = 75

/** Who has the longest way in the time of a line; null where nobody moves. */
export function paceOf(danced: LinesDanced): Pace | null {
  if (!danced.as) return fastestOf(danced)
  const { danced: there, dancerThere } = danced.as
  const pace = paceOf(there)
  return pace && { ...pace, dancer: dancerThere.indexOf(pace.dancer) }
}
const fastestOf = memoised(({ spans }: LinesDanced): Pace | null => {
  let most: Pace | null = null
  for (const { way, from, to, dancer, line } of spans) {
    const steps = Math.max(1, Math.round((to - from) / QUARTER))
    let length = 0
    let before = way(0)
    for (let i = 1; i <= steps; i++) {
      const now = way(i / steps)
      length += Math.hypot(now.x - before.x, now.y - before.y)
      before = now
    }
    const perBeat = length / ((to - from) / TICKS_PER_BEAT)
    if (most && perBeat <= most.perBeat + 0.5) continue
    most = {
      dancer,
      line,
      perBeat: Math.round(perBeat),
      counts: Math.ceil(length / (1.2 * STRIDE)),
    }
  }
  return most
})
/** A pace in strides a count. */
export const stridesOf = ({ perBeat }: Pace): number => perBeat / STRIDE
