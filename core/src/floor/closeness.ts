import { spotAt, type LinesDanced } from '../move/index.ts'
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
export function closeCalls(danced: LinesDanced): CloseCall[] {
  const { before: standing, lines, spans } = danced
  if (lines.some((line) => line.do.verb === 'arches')) return []
  const end = Math.max(0, ...spans.map(({ to }) => to))
  const moving = [...new Set(spans.map(({ dancer }) => dancer))]
  const ticks = Array.from({ length: Math.floor(end / QUARTER) + 1 }, (_, i) => i * QUARTER)
  const spots = standing.dancers.map((_, i) => ticks.map((tick) => spotAt(danced, i, tick)))
  const together = (a: number, b: number, tick: number): boolean =>
    spans.some(
      (span) => span.dancer === a && span.with.includes(b) && span.from <= tick && tick <= span.to,
    )
  const calls: CloseCall[] = []
  for (let a = 0; a < standing.dancers.length; a++)
    for (let b = a + 1; b < standing.dancers.length; b++) {
      if (!moving.includes(a) && !moving.includes(b)) continue
      let first: number | null = null
      let nearest = Infinity
      ticks.forEach((tick, i) => {
        const [p, q] = [spots[a]![i]!, spots[b]![i]!]
        if (Math.abs(p.x - q.x) >= NEAR || Math.abs(p.y - q.y) >= NEAR) return
        const far = Math.hypot(p.x - q.x, p.y - q.y)
        if (far >= NEAR || together(a, b, tick)) return
        first ??= tick / TICKS_PER_BEAT
        nearest = Math.min(nearest, far)
      })
      if (first !== null) calls.push({ dancers: [a, b], beat: first, nearest: Math.round(nearest) })
    }
  return calls
}

/** The longest way a count of what is danced, in centimetres, and whose it is. */
export interface Pace {
  readonly dancer: number
  readonly line: number
  readonly perBeat: number
  /** Counts that the way would take at 1.2 strides of 75 cm a count, rounded up. */
  readonly counts: number
}
const STRIDE = 75

/** Who has the longest way in the time of a line; null where nobody moves. */
export function paceOf({ spans }: Pick<LinesDanced, 'spans'>): Pace | null {
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
}
/** A pace in strides a count. */
export const stridesOf = ({ perBeat }: Pace): number => perBeat / STRIDE
