import type { Line } from './line/line.ts'
import { directionTo, facingSeen, type Standing } from './standing.ts'
import { isRefusal, type Danced, type Hand, type Refusal } from './verb/kernel.ts'
import { kernelOf } from './verb/verbs.ts'
import { stay, type Way } from './way.ts'
import { answerWho } from './who/answer.ts'

/** What one dancer does in one line, as it came out. */
export interface Span {
  /** The line, by its place among the lines. */
  readonly line: number
  readonly dancer: number
  readonly from: number
  readonly to: number
  readonly way: Way
  readonly hand: Hand | null
  /** Others of the same line with whom it is danced, so that they may come close. */
  readonly with: readonly number[]
}
/** A line that cannot be danced as they stand, or that asks one dancer for two things at once. */
export interface LineTrouble {
  readonly code: Refusal['refused'] | 'set.told-twice' | 'set.hand-taken' | 'set.facing-away'
  readonly line: number
  /** The other line, where two of them contradict. */
  readonly other: number | null
  readonly dancer: number | null
  readonly params: Refusal['params']
}
export interface LinesDanced {
  /** Where it is the same as others danced elsewhere: that, and whose place each of these takes. */
  readonly as?: { readonly danced: LinesDanced; readonly dancerThere: readonly number[] }
  readonly before: Standing
  readonly lines: readonly Line[]
  readonly after: Standing
  readonly spans: readonly Span[]
  readonly troubles: readonly LineTrouble[]
}

/** Nothing danced: all stand where they stood, or after it where that is said. */
export const notDanced = (before: Standing, after = before): LinesDanced => ({
  before,
  lines: [],
  after,
  spans: [],
  troubles: [],
})

/** Lines danced from where everybody stands: where they stand then, and how they come there. */
export function danceLines(standing: Standing, lines: readonly Line[]): LinesDanced {
  const order = lines.map((_, i) => i).sort((a, b) => lines[a]!.from - lines[b]!.from || a - b)
  const spans: Span[] = []
  const troubles: LineTrouble[] = []
  /** Moves that have begun and not yet ended. */
  let going: { index: number; line: number; to: number; end: Danced['moves'][number] }[] = []
  let now = standing
  const settle = (until: number): void => {
    const ended = going.filter(({ to }) => to <= until)
    going = going.filter(({ to }) => to > until)
    if (ended.length === 0) return
    const at = new Map(ended.map(({ index, end }) => [index, end]))
    now = {
      ...now,
      dancers: now.dancers.map((dancer, i) => {
        const end = at.get(i)
        return end ? { ...dancer, x: end.x, y: end.y, facing: end.facing } : dancer
      }),
    }
  }
  for (const i of order) {
    const line = lines[i]!
    settle(line.from)
    const kernel = kernelOf(line.do)
    const { who } = line
    const answers = answerWho(now, who)
    const trouble = (code: LineTrouble['code'], more: Partial<LineTrouble> = {}): void =>
      void troubles.push({ code, line: i, other: null, dancer: null, params: {}, ...more })
    if (answers.length === 0) {
      trouble('set.nobody')
      continue
    }
    const danced = kernel.dance({ standing: now, who, answers }, line.do)
    if (isRefusal(danced)) {
      trouble(danced.refused, { params: danced.params })
      continue
    }
    if (kernel.looksAt)
      for (const dancer of facingAway(now, danced)) trouble('set.facing-away', { dancer })
    const holds = line.do.verb === 'hold'
    const others = companions(danced)
    for (const move of danced.moves) {
      const busy = going.find(({ index, line: other }) => index === move.index && other !== i)
      if (busy && (holds || lines[busy.line]!.do.verb === 'hold')) {
        if (move.hand && clash(busy.end.hand, move.hand))
          trouble('set.hand-taken', { other: busy.line, dancer: move.index })
        if (holds) continue
      } else if (busy) {
        trouble('set.told-twice', { other: busy.line, dancer: move.index })
        continue
      }
      going.push({ index: move.index, line: i, to: line.to, end: move })
      spans.push({
        line: i,
        dancer: move.index,
        from: line.from,
        to: line.to,
        way: move.way,
        hand: move.hand,
        with: others.get(move.index) ?? NOBODY,
      })
    }
  }
  settle(Infinity)
  return { before: standing, lines, after: now, spans, troubles }
}

const NOBODY: readonly number[] = []
/** With whom each dances a line. */
function companions({ together }: Danced): ReadonlyMap<number, readonly number[]> {
  const all = new Map<number, number[]>()
  for (const group of together)
    for (const one of group) {
      const own = all.get(one) ?? []
      for (const other of group) if (other !== one) own.push(other)
      all.set(one, own)
    }
  return all
}

const clash = (one: Hand | null, other: Hand): boolean =>
  one !== null && (one === other || one === 'both' || other === 'both')

/** Who of the pairs looks more than two eighths away from the other as they begin. */
function facingAway({ dancers, layout }: Standing, { together }: Danced): number[] {
  const away: number[] = []
  for (const [a, b, ...more] of together) {
    if (a === undefined || b === undefined || more.length > 0) continue
    for (const [one, other] of [
      [a, b],
      [b, a],
    ] as const) {
      const [own, their] = [dancers[one]!, dancers[other]!]
      const seen = facingSeen(layout, own, own.facing)
      const toward = directionTo(own, their)
      const apart = Math.abs(((((toward - seen) % 8) + 12) % 8) - 4)
      if (apart > 2.3) away.push(one)
    }
  }
  return away
}

/**
 * Where a dancer is at a tick of what is danced: on the way of the line they are in, or where they
 * stood or came to stand.
 *
 * @param dancer Index among the dancers.
 * @param tick From the beginning of what is danced.
 */
export function spotAt(
  { before: standing, spans }: Pick<LinesDanced, 'before' | 'spans'>,
  dancer: number,
  tick: number,
): { x: number; y: number; seen: number; hand: Hand | null } {
  let last: Span | null = null
  for (const span of spans) {
    if (span.dancer !== dancer || span.from > tick) continue
    if (!last || span.from >= last.from) last = span
  }
  if (last) {
    const share = Math.min(1, (tick - last.from) / (last.to - last.from))
    return { ...last.way(share), hand: tick < last.to ? last.hand : null }
  }
  const one = standing.dancers[dancer]!
  const seen = facingSeen(standing.layout, one, one.facing)
  return { ...stay(one, seen, seen)(0), hand: null }
}
