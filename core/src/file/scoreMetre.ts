import type { TempoMark } from '../band/index.ts'
import type { Metre, Tick } from '../time/index.ts'

/**
 * The metre of a written signature. Eighths in threes (6/8, 9/8, 12/8) are counted in dotted
 * crotchets; 3/8 in eighths. Null for what dancers do not count.
 */
export function metreOfSignature(beats: number, note: number): Metre | null {
  if (note === 8 && beats % 3 === 0 && beats > 3)
    return { beatsPerBar: beats / 3, beatNote: '3/8', division: 3 }
  const beatNote = ({ 2: '1/2', 4: '1/4', 8: '1/8' } as const)[note]
  return beatNote && beats >= 2 && beats <= 12
    ? { beatsPerBar: beats, beatNote, division: 4 }
    : null
}

/** Crotchets in one beat: files write tempo and lengths by the crotchet. */
export const CROTCHETS: Readonly<Record<Metre['beatNote'], number>> = {
  '1/2': 2,
  '1/4': 1,
  '1/8': 0.5,
  '3/8': 1.5,
}

/**
 * Tempo marks that each hold until the next, as files mean them, for a score whose tempo moves
 * evenly between its marks.
 */
export function inSteps(marks: readonly TempoMark[]): TempoMark[] {
  if (marks.length < 2) return []
  return marks
    .flatMap((mark, i) =>
      i === 0 ? [mark] : [{ at: (mark.at - 1) as Tick, bpm: marks[i - 1]!.bpm }, mark],
    )
    .filter((mark, i, all) => i === 0 || mark.at > all[i - 1]!.at)
}
