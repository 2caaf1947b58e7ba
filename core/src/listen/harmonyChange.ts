import { BAND_COUNT, type LogSpectrum } from './logSpectrum.ts'
import { PLACES_PER_FRAME } from './barPointer.ts'

const { max, min, round, sqrt } = Math

/**
 * How much what sounds changes at each beat against the beat before, evened to a mean of 0 and a
 * spread of 1: chords and bass change on the first of a bar more than elsewhere (after Klapuri,
 * Eronen and Astola 2006).
 *
 * @param places Beats of a chain.
 */
export function harmonyChange(
  { bands, frames }: LogSpectrum,
  places: readonly number[],
): Float64Array {
  const vectors = places.map((place, i) => {
    const next = places[i + 1] ?? 2 * place - (places[i - 1] ?? place - 50)
    return soundBetween(bands, frames, place / PLACES_PER_FRAME, next / PLACES_PER_FRAME)
  })
  return standard(
    Float64Array.from(vectors, (vector, i) => (i === 0 ? 0 : 1 - alike(vector, vectors[i - 1]!))),
  )
}

/** The mean of the bands between two frames, less its own mean over a few bands on either side. */
function soundBetween(bands: Float32Array, frames: number, from: number, to: number): Float64Array {
  const first = max(0, round(from))
  const last = min(frames, max(first + 1, round(to)))
  const sum = new Float64Array(BAND_COUNT)
  for (let frame = first; frame < last; frame++)
    for (let b = 0; b < BAND_COUNT; b++) sum[b]! += bands[frame * BAND_COUNT + b]!
  const out = new Float64Array(BAND_COUNT)
  for (let b = 0; b < BAND_COUNT; b++) {
    let around = 0
    let count = 0
    for (let k = max(0, b - REACH); k <= min(BAND_COUNT - 1, b + REACH); k++) {
      around += sum[k]!
      count++
    }
    out[b] = max(0, sum[b]! - around / count)
  }
  return out
}
/** What stands out among so many bands on either side is a note. */
const REACH = 5

function alike(a: Float64Array, b: Float64Array): number {
  let [dot, aa, bb] = [0, 0, 0]
  for (let k = 0; k < a.length; k++) {
    dot += a[k]! * b[k]!
    aa += a[k]! * a[k]!
    bb += b[k]! * b[k]!
  }
  return aa === 0 || bb === 0 ? 1 : dot / sqrt(aa * bb)
}

function standard(values: Float64Array): Float64Array {
  const mean = values.reduce((sum, one) => sum + one, 0) / max(1, values.length)
  const spread = sqrt(
    values.reduce((sum, one) => sum + (one - mean) ** 2, 0) / max(1, values.length),
  )
  return values.map((one) => (spread < 1e-9 ? 0 : (one - mean) / spread))
}
