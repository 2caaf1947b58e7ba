import type { NewId } from '../document/index.ts'
import { TICKS_PER_BEAT, type Metre } from '../time/index.ts'
import type { Alignment } from './align.ts'
import type { Layout } from './tune.ts'

/** Bars that one recording has and the other has not. */
export interface RecordingDifference {
  /** Negative: the new recording is that much shorter here; positive: longer. */
  readonly bars: number
  /**
   * The section of the known recording after whose beginning it comes, or null at the very start.
   */
  readonly after: string | null
  /** Bar of the known recording, counted from 1, where it is. */
  readonly beforeBar: number
}

export interface Carried {
  readonly layout: Layout
  /** Index, among the new recording's beats, of its first downbeat. */
  readonly firstDownbeat: number
  readonly differences: readonly RecordingDifference[]
}

/** Bars that are new and at least so many are a section of their own. */
const OWN_SECTION_BARS = 4

/**
 * Carries phrases, start and landmarks over to another recording. `aFirst` is the number of the
 * known recording's first beat (negative with a pick-up), `bBeats` how many beats the new one has.
 * Bars that are like no other but lie between the same neighbours are taken to be the same bars.
 * Null when fewer than a bar's beats were found to be the same music.
 *
 * @param aFirst Number of the known recording’s first beat; below 0 with a pick-up.
 * @param aBeats How many beats the known recording has.
 * @param bBeats How many the other has.
 */
export function carryLayout(
  layout: Layout,
  metre: Metre,
  alignment: Alignment,
  aFirst: number,
  aBeats: number,
  bBeats: number,
  newId: NewId,
): Carried | null {
  const bar = metre.beatsPerBar
  if (alignment.pairs.length < bar) return null
  const firstDownbeat = mostCommon(alignment.pairs.map(({ a, b }) => modulo(b - a - aFirst, bar)))
  const aBars = Math.ceil((aBeats + aFirst) / bar)
  const bBars = Math.ceil((bBeats - firstDownbeat) / bar)
  const blocks = blocksOf(sameBars(alignment, aFirst, firstDownbeat, bar), aBars, bBars)
  return { firstDownbeat, ...laid(layout, bar, blocks, newId) }
}

const modulo = (n: number, by: number): number => ((n % by) + by) % by

function mostCommon(values: readonly number[]): number {
  const counts = new Map<number, number>()
  for (const value of values) counts.set(value, (counts.get(value) ?? 0) + 1)
  return [...counts].sort((x, y) => y[1] - x[1])[0]![0]
}

/** Bars whose beats lie, most of them, in one and the same bar of the other; rising in both. */
function sameBars(
  { pairs }: Alignment,
  aFirst: number,
  firstDownbeat: number,
  bar: number,
): { a: number; b: number }[] {
  const votes = new Map<number, number[]>()
  for (const { a, b } of pairs) {
    const own = Math.floor((a + aFirst) / bar)
    if (own < 0 || b < firstDownbeat) continue
    votes.set(own, [...(votes.get(own) ?? []), Math.floor((b - firstDownbeat) / bar)])
  }
  const same: { a: number; b: number }[] = []
  for (const [a, list] of [...votes].sort((x, y) => x[0] - y[0])) {
    const b = mostCommon(list)
    if (
      list.filter((one) => one === b).length * 2 > bar &&
      (same.length === 0 || b > same.at(-1)!.b)
    )
      same.push({ a, b })
  }
  return same
}

/**
 * Each bar of the known recording as it is in the new one (null where it is left out), and bars
 * that only the new one has before it.
 */
interface Blocks {
  readonly bars: readonly (number | null)[]
  readonly extra: ReadonlyMap<number, number>
}

function blocksOf(same: readonly { a: number; b: number }[], aBars: number, bBars: number): Blocks {
  const bars: (number | null)[] = Array<number | null>(aBars).fill(null)
  const extra = new Map<number, number>()
  const ends = [{ a: -1, b: -1 }, ...same, { a: aBars, b: bBars }]
  ends.slice(1).forEach((next, i) => {
    const last = ends[i]!
    const [ofA, ofB] = [next.a - last.a - 1, next.b - last.b - 1]
    const common = Math.min(ofA, ofB)
    // Before the first bar that is the same, the bars next to it belong together; elsewhere those
    // that follow the last one.
    const skipA = i === 0 ? ofA - common : 0
    const skipB = i === 0 ? ofB - common : 0
    for (let k = 0; k < common; k++) bars[last.a + 1 + skipA + k] = last.b + 1 + skipB + k
    if (ofB > common) extra.set(last.a + 1 + (i === 0 ? 0 : common), ofB - common)
    if (next.a < aBars) bars[next.a] = next.b
  })
  return { bars, extra }
}

/** Whose bar it is: bars of one phrase share its key, phrases of one section its number. */
interface Owner {
  readonly label: string
  readonly section: string
  readonly phrase: string
}

function laid(
  layout: Layout,
  bar: number,
  blocks: Blocks,
  newId: NewId,
): Pick<Carried, 'layout' | 'differences'> {
  const owners = layout.sections.flatMap(({ id, label, phrases }) =>
    phrases.flatMap((phrase) =>
      Array<Owner>(phrase.bars).fill({ label, section: id, phrase: phrase.id }),
    ),
  )
  const { placed, differences } = placeBars(owners, blocks)
  const moved = (tick: number): number => movedTick(tick, bar, blocks.bars)
  const landmarks = layout.landmarks.map((landmark) => ({
    ...landmark,
    id: newId(),
    at: moved(landmark.at),
  }))
  return {
    differences,
    layout: { sections: grouped(placed, newId), danceStart: moved(layout.danceStart), landmarks },
  }
}

/**
 * The new recording's bars in order, each with the phrase it belongs to, and where the two differ.
 */
function placeBars(
  owners: readonly Owner[],
  { bars, extra }: Blocks,
): { placed: Owner[]; differences: RecordingDifference[] } {
  const placed: Owner[] = []
  const differences: RecordingDifference[] = []
  let missing = 0
  for (let at = 0; at <= owners.length; at++) {
    const own = owners[at]
    const gone = own !== undefined && bars[at] === null
    if (gone) missing++
    else if (missing > 0) {
      differences.push({
        bars: -missing,
        after: owners[at - missing - 1]?.label ?? null,
        beforeBar: at - missing + 1,
      })
      missing = 0
    }
    // What comes after the last phrase is all the end.
    const more = own
      ? (extra.get(at) ?? 0)
      : [...extra].reduce((sum, [place, count]) => (place >= at ? sum + count : sum), 0)
    const before = owners[at - 1]
    if (more > 0) {
      const fresh: Owner = {
        label: at === 0 ? 'intro' : own ? 'new' : 'tag',
        section: `new ${at}`,
        phrase: `new ${at}`,
      }
      placed.push(...Array<Owner>(more).fill(before && more < OWN_SECTION_BARS ? before : fresh))
      differences.push({ bars: more, after: before?.label ?? null, beforeBar: at + 1 })
    }
    if (own && !gone) placed.push(own)
  }
  return { placed, differences }
}

/**
 * Bars that follow each other in one phrase are that phrase; phrases of one section that follow
 * each other, that section.
 */
function grouped(placed: readonly Owner[], newId: NewId): Layout['sections'] {
  const sections: { id: string; label: string; phrases: { id: string; bars: number }[] }[] = []
  placed.forEach((owner, i) => {
    const before = placed[i - 1]
    if (before?.section !== owner.section)
      sections.push({ id: newId(), label: owner.label, phrases: [] })
    const { phrases } = sections.at(-1)!
    if (before?.phrase === owner.phrase)
      phrases[phrases.length - 1] = { ...phrases.at(-1)!, bars: phrases.at(-1)!.bars + 1 }
    else phrases.push({ id: newId(), bars: 1 })
  })
  return sections
}

/** A tick in the bar that it lies in, or at the start of the next bar that is there. */
function movedTick(tick: number, bar: number, bars: readonly (number | null)[]): number {
  const ticks = bar * TICKS_PER_BEAT
  const own = Math.floor(tick / ticks)
  if (own < 0) return tick
  for (let k = own; k < bars.length; k++) {
    const there = bars[k]
    if (there !== null && there !== undefined)
      return there * ticks + (k === own ? tick - own * ticks : 0)
  }
  const last = bars.filter((one) => one !== null).at(-1)
  return ((last ?? -1) + 1) * ticks
}
