import { utterancesOf, type Plan } from '../cue/index.ts'
import type { Routine, Timeline } from '../routine/index.ts'
import type { School } from '../school/index.ts'
import {
  countLabel,
  readCountIn,
  TICKS_PER_BEAT,
  type CountStyle,
  type Tick,
} from '../time/index.ts'

/** A count that is spoken. */
export interface SpokenCount {
  readonly at: Tick
  readonly text: string
}

/** What the counts of a sheet depend on. */
export interface CountedSheet {
  readonly routine: Routine
  readonly timeline: Timeline
  readonly school: School
  readonly plan: Plan
}

/**
 * The counts that are spoken beside the words: the count-in where the school speaks it, and every
 * beat of the dance that no words cover where the sheet is called in words and counts, or in counts
 * only. Half beats stay out of the mouth unless the sheet wants them. Each pass is counted from its
 * own beginning.
 */
export function spokenCounts({ routine, timeline, school, plan }: CountedSheet): SpokenCount[] {
  const { mouth = 'words', halves } = routine.calling ?? {}
  const countIn =
    school.prompts.includes('count-in') || mouth !== 'words'
      ? countInWords(school, timeline, routine)
      : []
  if (mouth === 'words') return apart(countIn, plan)
  const { metre } = routine
  const style: CountStyle = {
    beatsPerGroup:
      school.count.group === 'eights' && metre.beatsPerBar % 2 === 0 ? 8 : metre.beatsPerBar,
    ones: school.count.ones,
    countFrom: school.count.countFrom,
    division: metre.division,
  }
  const step = halves
    ? metre.division === 3
      ? TICKS_PER_BEAT / 3
      : TICKS_PER_BEAT / 2
    : TICKS_PER_BEAT
  const danced = timeline.passes.flatMap((pass) => {
    const found: SpokenCount[] = []
    for (let at: number = pass.start; at < pass.end; at += step) {
      const label = countLabel(style, (at - pass.start) as Tick)
      if (label) found.push({ at: at as Tick, text: label.text })
    }
    return found
  })
  return apart([...countIn, ...danced], plan)
}

function countInWords(
  { countIn }: School,
  { passes }: Timeline,
  { metre }: Routine,
): SpokenCount[] {
  const read = readCountIn(countIn, metre.beatsPerBar)
  const first = passes[0]?.start ?? 0
  return read.ok
    ? read.value
        .filter(({ kind }) => kind !== 'cue')
        .map(({ text, at }) => ({ at: (first + at) as Tick, text }))
    : []
}

/** Only the counts that sound while no words do. */
function apart(counts: readonly SpokenCount[], plan: Plan): SpokenCount[] {
  const said = utterancesOf(plan).map(({ said: one }) => one)
  let next = 0
  return counts.filter(({ at }) => {
    while (next < said.length && said[next]!.endTick <= at) next++
    const one = said[next]
    return !one || one.startTick > at
  })
}
