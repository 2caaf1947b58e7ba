import type { FreeMark, ScoreLandmark, ScoreSection, TempoMark } from '../band/index.ts'
import { succeed, type Result } from '../document/index.ts'
import { problem } from './problem.ts'
import { ticksPerBar, type Metre, type Tick } from '../time/index.ts'

/** What Dellop's own lines in an ABC tune say, apart from the notes. */
export interface AbcMarks {
  readonly tempo: readonly TempoMark[]
  readonly free: readonly FreeMark[]
  readonly landmarks: readonly ScoreLandmark[]
}

const PLACE = String.raw`(\d+)\.(\d+)`
const KINDS = /^(start|hit|character|sung)$/

/**
 * Reads the lines that say how a tune is played. A place is `SECTION.BAR`, both counted from 1 in
 * the order that is played:
 *
 *     %%dellop-tempo 2.1=104 3.5=99      a tempo reached there; in between it moves evenly
 *     %%dellop-free 7.4=3.5              3.5 seconds without beats after that bar
 *     %%dellop-landmark 4.1 start pipes enter
 */
export function readAbcMarks(
  text: string,
  sections: readonly ScoreSection[],
  metre: Metre,
): Result<AbcMarks> {
  const bar = ticksPerBar(metre)
  const place = (section: string, number: string): Tick | null => {
    const own = sections[Number(section) - 1]
    return own && Number(number) >= 1 && Number(number) <= own.bars
      ? ((own.at + (Number(number) - 1) * bar) as Tick)
      : null
  }
  const tempo: TempoMark[] = []
  const free: FreeMark[] = []
  const landmarks: ScoreLandmark[] = []
  for (const [line, name, rest] of text.matchAll(
    /^%%dellop-(tempo|free|landmark) +(.*?) *$/gm,
  ) as Iterable<[string, string, string]>) {
    if (name === 'landmark') {
      const found = new RegExp(`^${PLACE} (\\w+) (.+)$`).exec(rest)
      const at = found && place(found[1]!, found[2]!)
      if (!found || at === null || !KINDS.test(found[3]!))
        return problem('abc.mark', { line, expected: 'landmark' })
      landmarks.push({
        at: at!,
        kind: found[3] as ScoreLandmark['kind'],
        text: found[4]!.slice(0, 120),
      })
      continue
    }
    for (const item of rest.split(/ +/)) {
      const found = new RegExp(`^${PLACE}=(\\d+(?:\\.\\d+)?)$`).exec(item)
      const at = found && place(found[1]!, found[2]!)
      const value = Number(found?.[3])
      const fits = name === 'tempo' ? value >= 20 && value <= 400 : value > 0 && value <= 60
      if (!found || at === null || !fits)
        return problem('abc.mark', { line, expected: name === 'tempo' ? 'tempo' : 'free' })
      if (name === 'tempo') tempo.push({ at: at!, bpm: value })
      else free.push({ at: (at! + bar) as Tick, seconds: value })
    }
  }
  const inOrder = <Mark extends { readonly at: Tick }>(marks: Mark[]): Mark[] =>
    marks.sort((a, b) => a.at - b.at).filter((mark, i, all) => all[i + 1]?.at !== mark.at)
  return succeed({
    tempo: inOrder(tempo),
    free: inOrder(free),
    landmarks: landmarks.sort((a, b) => a.at - b.at),
  })
}
