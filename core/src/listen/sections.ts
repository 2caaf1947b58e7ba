import type { Spectrogram } from './spectrum.ts'

/** A phrase as it was heard: where it begins among the bars, how many it has, and a letter that equal music shares. */
export interface HeardSection {
  readonly label: string
  readonly firstBar: number
  readonly bars: number
}

/** Bars of a usual phrase; dance music is built of these. */
const PHRASE_BARS = 8
/** How alike two phrases must be, bar by bar, to share a letter: a share of how alike they are at best. */
const SAME = 0.93

/**
 * Phrases of eight bars from the first bar on, the last one as long as what is left. Phrases with the same harmony, bar
 * by bar, get the same letter. `downbeats` in frames.
 */
export function sectionsOf(spectrogram: Spectrogram, downbeats: readonly number[]): HeardSection[] {
  const bars = downbeats.map((_, i) => harmonyOf(spectrogram, downbeats[i]!, downbeats[i + 1] ?? Math.min(spectrogram.frames, 2 * downbeats[i]! - (downbeats[i - 1] ?? 0))))
  const firsts = Array.from({ length: Math.ceil(bars.length / PHRASE_BARS) }, (_, i) => i * PHRASE_BARS)
  const kinds: number[] = []
  return firsts.map((firstBar) => {
    const length = Math.min(PHRASE_BARS, bars.length - firstBar)
    const known = kinds.findIndex((other) => likeness(bars, other, firstBar, length) > SAME)
    if (known < 0) kinds.push(firstBar)
    return { label: letter(known < 0 ? kinds.length - 1 : known), firstBar, bars: length }
  })
}

const letter = (n: number): string => (n < 26 ? String.fromCharCode(65 + n) : `${letter(Math.floor(n / 26) - 1)}${letter(n % 26)}`)

function harmonyOf({ chroma, frames }: Spectrogram, from: number, to: number): Float64Array {
  const sum = new Float64Array(12)
  for (let frame = Math.max(0, Math.round(from)); frame < Math.min(frames, Math.round(to)); frame++) for (let k = 0; k < 12; k++) sum[k]! += chroma[frame * 12 + k]!
  const size = Math.hypot(...sum) || 1
  return sum.map((value) => value / size)
}

/** Mean cosine of corresponding bars of two phrases. */
function likeness(bars: readonly Float64Array[], a: number, b: number, length: number): number {
  let sum = 0
  for (let i = 0; i < length; i++) for (let k = 0; k < 12; k++) sum += (bars[a + i]?.[k] ?? 0) * bars[b + i]![k]!
  return sum / length
}
