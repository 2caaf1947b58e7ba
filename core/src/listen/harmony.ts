import { CHROMA_PER_SECOND, chromaOf, CLASSES } from './chroma.ts'
import { toListenRate } from './logSpectrum.ts'
import type { Sound } from './readWav.ts'

/**
 * What sounds from each beat to the next, by pitch class; beats in seconds, rising. For telling
 * which beats of two recordings are the same music.
 *
 * @param beats Moments of the beats, in seconds, rising.
 */
export function beatHarmony(
  sound: Sound,
  beats: readonly number[],
  progress: (share: number) => void = () => undefined,
): Float64Array[] {
  const { classes, frames } = chromaOf(toListenRate(sound.samples, sound.sampleRate), progress)
  return beats.map((seconds, i) => {
    const next = beats[i + 1] ?? 2 * seconds - (beats[i - 1] ?? seconds - 0.5)
    const sum = new Float64Array(CLASSES)
    for (
      let frame = Math.max(0, Math.round(seconds * CHROMA_PER_SECOND));
      frame < Math.min(frames, Math.round(next * CHROMA_PER_SECOND));
      frame++
    ) {
      for (let k = 0; k < CLASSES; k++) sum[k]! += classes[frame * CLASSES + k]!
    }
    return sum
  })
}
