import type { CoupleState } from '../figure/index.ts'
import type { Pass } from '../routine/index.ts'
import type { Sheet } from '../sheet/index.ts'
import type { Tick } from '../time/index.ts'
import { isReleased, restFrom, stretchTicks, type Stretch } from './course.ts'
import { standsAs } from './standing.ts'

/**
 * The rest of a dance from some place on, made to end with its music. Passes are numbers in the
 * written timeline.
 */
export interface Rest {
  readonly stretches: readonly Stretch[]
  /** Passes left out, and passes danced once more, in order. */
  readonly dropped: readonly number[]
  readonly repeated: readonly number[]
  /**
   * Ticks by which it would still end after its music (before it, where less than nothing); null
   * where the music's end is not known.
   */
  readonly overTicks: number | null
}

/** Where the rest begins: in the music, and in the dance. */
export interface RestStart extends Stretch {
  readonly at: Tick
}

/**
 * What leaving out a pass, or dancing it once more, costs by its kind: an ending is hardly ever
 * left out.
 */
const LEAVE_OUT: Readonly<Record<Pass['kind'], number>> = {
  pass: 10,
  fill: 2,
  bridge: 8,
  entrance: 20,
  ending: 60,
}
const AGAIN: Readonly<Record<Pass['kind'], number>> = {
  pass: 12,
  fill: 2,
  bridge: 60,
  entrance: 60,
  ending: 60,
}
const MOST_FILLS = 16

interface Found {
  readonly cost: number
  readonly passes: readonly number[]
}

/**
 * What to leave out of the rest of a dance, or to dance once more, so that it ends within a phrase
 * of its music: whole passes only, each begun as the one before it leaves the floor. Exact: of all
 * ways with the fewest changes, the one that comes nearest to the end; where none comes within a
 * phrase, the nearest. A rest of open length stays as it is.
 */
export function restToEnd(sheet: Sheet, start: RestStart): Rest {
  const written = restFrom(sheet, start.pass, start.from)
  const plain = written.reduce((sum, stretch) => sum + stretchTicks(sheet, stretch), 0)
  const isOpen = written.some(
    ({ pass }) =>
      isReleased(sheet, pass) || sheet.timeline.passes[pass]!.slots.some(({ open }) => open),
  )
  if (sheet.musicEnd === null || isOpen)
    return { stretches: written, dropped: [], repeated: [], overTicks: null }
  const room = sheet.musicEnd - start.at
  const near = phraseTicks(sheet)
  const asWritten: Rest = { stretches: written, dropped: [], repeated: [], overTicks: plain - room }
  if (Math.abs(plain - room) <= near) return asWritten
  const best = [...endings(sheet, start, room + near)].reduce<(Found & { over: number }) | null>(
    (before, [ticks, found]) => {
      const over = ticks - room
      const one = { ...found, over }
      return before === null || isBetter(one, before, near) ? one : before
    },
    null,
  )
  if (!best) return asWritten
  const times = (pass: number): number => best.passes.filter((one) => one === pass).length
  const all = written.map(({ pass }) => pass)
  return {
    stretches: best.passes.map((pass, i) => ({
      pass,
      from: i === 0 ? start.from : 0,
      to: sheet.timeline.passes[pass]!.slots.length,
    })),
    dropped: all.filter((pass) => times(pass) === 0),
    repeated: all.flatMap((pass) => Array<number>(Math.max(0, times(pass) - 1)).fill(pass)),
    overTicks: best.over,
  }
}

/** Within a phrase of the end before all; then the fewest changes; then the nearest. */
function isBetter(a: Found & { over: number }, b: Found & { over: number }, near: number): boolean {
  const [isNear, wasNear] = [Math.abs(a.over) <= near, Math.abs(b.over) <= near]
  if (isNear !== wasNear) return isNear
  if (!isNear && Math.abs(a.over) !== Math.abs(b.over)) return Math.abs(a.over) < Math.abs(b.over)
  return a.cost !== b.cost ? a.cost < b.cost : Math.abs(a.over) < Math.abs(b.over)
}

/** The longest phrase of the music: ending within it is ending with it. */
export const phraseTicks = ({ phrases }: Pick<Sheet, 'phrases'>): number =>
  Math.max(0, ...phrases.map(({ start, end }) => end - start))

/**
 * The cheapest way to each length up to a limit in which the rest can end, whatever comes after its
 * last pass left out.
 */
function endings(sheet: Sheet, start: RestStart, most: number): Map<number, Found> {
  const { passes } = sheet.timeline
  const lengths = passes.map(({ slots }, pass) =>
    stretchTicks(sheet, { pass, from: 0, to: slots.length }),
  )
  const leaveOut = (from: number, to: number): number =>
    passes.slice(from, to).reduce((sum, { pass }) => sum + LEAVE_OUT[pass.kind], 0)
  const ends = new Map<number, Found>()
  // By the pass danced last, the cheapest way to each length: passes only go on, so each is settled
  // when it is come to.
  const ways = passes.map(() => new Map<number, Found>())
  const enter = (pass: number, ticks: number, found: Found): void => {
    const { kind } = passes[pass]!.pass
    const isAgain = begins(sheet, pass, afterPass(sheet, pass)) && lengths[pass]! > 0
    const more = isAgain ? (kind === 'fill' ? MOST_FILLS : 1) : 0
    for (let n = 0; n <= more && ticks + n * lengths[pass]! <= most; n++)
      keep(ways[pass]!, ticks + n * lengths[pass]!, {
        cost: found.cost + n * AGAIN[kind],
        passes: [...found.passes, ...Array<number>(n).fill(pass)],
      })
  }
  enter(start.pass, stretchTicks(sheet, { ...start, to: passes[start.pass]!.slots.length }), {
    cost: 0,
    passes: [start.pass],
  })
  for (let pass = start.pass; pass < passes.length; pass++) {
    const follow = passes.flatMap((_, next) =>
      next > pass && begins(sheet, next, afterPass(sheet, pass)) ? [next] : [],
    )
    for (const [ticks, found] of ways[pass]!) {
      keep(ends, ticks, { ...found, cost: found.cost + leaveOut(pass + 1, passes.length) })
      for (const next of follow)
        if (ticks + lengths[next]! <= most)
          enter(next, ticks + lengths[next]!, {
            cost: found.cost + leaveOut(pass + 1, next),
            passes: [...found.passes, next],
          })
    }
  }
  return ends
}

function keep(ends: Map<number, Found>, ticks: number, found: Found): void {
  const before = ends.get(ticks)
  if (!before || before.cost > found.cost) ends.set(ticks, found)
}

/** How one time through leaves the floor. */
export const afterPass = (
  { timeline, routine }: Pick<Sheet, 'timeline' | 'routine'>,
  pass: number,
): CoupleState => timeline.passes[pass]!.slots.at(-1)?.after ?? routine.start
/** Whether one time through can be begun as the floor stands. */
export const begins = (
  { timeline, routine }: Pick<Sheet, 'timeline' | 'routine'>,
  pass: number,
  state: CoupleState,
): boolean => standsAs(routine, timeline.passes[pass]!.slots[0]?.before ?? state, state)
