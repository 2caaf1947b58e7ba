import { memoised } from '../../document/index.ts'
import {
  countingOf,
  isRestart,
  lineSums,
  unitSums,
  type DancedPass,
  type PassSum,
  type SummedPass,
} from '../../routine/index.ts'
import { TICKS_PER_BEAT, ticksPerBar } from '../../time/index.ts'
import type { Derived } from '../derived.ts'

/** What a part is held to: the music or a phrase that the sheet states, or what it is counted in. */
export type HeldTo = 'phrase' | 'bar' | 'eight' | 'sixteen' | 'count'

export interface PassHeld extends PassSum {
  readonly to: HeldTo
}
interface Unit {
  readonly ticks: number
  readonly to: HeldTo
}

/**
 * How every time through a part lies on what it must fill: the lines of the music; else the phrase
 * that the sheet states; else whole units of what it is counted in. A part in words is held to
 * nothing.
 */
export const passSums = memoised((derived: Derived): readonly PassHeld[] => {
  const { timeline, music, musicEnd } = derived
  const passes = timeline.passes.map(summed)
  if (musicEnd !== null && music.phrases.length > 0)
    return lineSums(passes, linesOf(derived), [...music.phrases, ...music.sections]).map((sum) => ({
      ...sum,
      to: 'phrase',
    }))
  const units = timeline.passes.map((_, i) => unitOf(derived, i))
  return unitSums(passes, (_, i) => units[i]?.ticks ?? null).map((sum, i) => ({
    ...sum,
    to: units[i]?.to ?? 'count',
  }))
})

const summed = (pass: DancedPass): SummedPass => ({
  partId: pass.part.id,
  lengthTicks: pass.end - pass.start,
  isFlexible: pass.pass.kind === 'fill' || pass.slots.some((slot) => slot.open),
  tiedAt: pass.pass.tie && pass.repetition === 0 ? pass.tiedAt : null,
})

/** Ticks at which a phrase, a section or the music begins or ends, from the first step on. */
function linesOf(derived: Derived): number[] {
  const { music, musicEnd } = derived
  const all = [...music.phrases, ...music.sections].flatMap(({ start, end }) => [start, end])
  const within = [0, ...all, ...music.landmarks.map(({ at }) => at)].filter(
    (at) => at >= 0 && at <= musicEnd!,
  )
  return [...new Set([...within, musicEnd!, ...behind(derived)])].sort((a, b) => a - b)
}

/** Behind the music's end phrases like its last go on, as far as the dance does. */
function behind({ music, musicEnd, timeline }: Derived): number[] {
  const last = music.phrases.at(-1)!
  const length = last.end - last.start
  const count = Math.max(0, Math.ceil((timeline.lengthTicks - musicEnd!) / length) + 1)
  return Array.from({ length: count }, (_, i) => musicEnd! + (i + 1) * length)
}

/** What a time through is held to without music; null for nothing. */
function unitOf({ routine, school, timeline }: Derived, i: number): Unit | null {
  const { part, pass, start, end } = timeline.passes[i]!
  const { metre, phraseBeats } = routine
  const bar: Unit = { ticks: ticksPerBar(metre), to: 'bar' }
  const unit = part.unit ?? routine.unit
  if (unit === 'words') return null
  // What is danced once between, before or behind need be no phrase.
  if (pass.kind !== 'pass') return bar
  // What is broken off and begun anew is meant to be less than the phrase.
  const next = timeline.passes[i + 1]
  const isBrokenOff = next !== undefined && isRestart(next, timeline.passes[i]!)
  if (phraseBeats !== undefined && !isBrokenOff)
    return { ticks: phraseBeats * TICKS_PER_BEAT, to: 'phrase' }
  if (unit === 'beats') return { ticks: TICKS_PER_BEAT, to: 'count' }
  const counting = countingOf(unit, routine, school)
  const group = counting.by === 'numbers' ? counting.style.beatsPerGroup * TICKS_PER_BEAT : 0
  // A tag may be less than one.
  if (group <= bar.ticks || end - start < group) return bar
  return { ticks: group, to: group === 16 * TICKS_PER_BEAT ? 'sixteen' : 'eight' }
}
