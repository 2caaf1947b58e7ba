import type { Spectrum } from './musicFit.ts'
import { BANDS, EDGES, FRAMES_PER_SECOND } from './speechFrames.ts'

const { max, log, round } = Math

/** A loudspeaker is heard within so long. */
const MOST_DELAY_SECONDS = 0.6
/** A delay that was measured is right to this much. */
const SLACK_SECONDS = 0.05

/**
 * Frames by which a microphone hears music later than it is played, by how their bands swell
 * together.
 *
 * @param frames Played and heard in the same time, one after the other.
 * @param measured Seconds, where the delay was measured before.
 */
export function musicLag(
  frames: readonly { readonly heard: Spectrum; readonly music: Spectrum }[],
  measured: number | null,
): number {
  const music = risesOf(frames.map((frame) => frame.music))
  const heard = risesOf(frames.map((frame) => frame.heard))
  const about = (seconds: number): number => round(seconds * FRAMES_PER_SECOND)
  const least = measured === null ? 0 : max(0, about(measured - SLACK_SECONDS))
  const most = about(measured === null ? MOST_DELAY_SECONDS : measured + SLACK_SECONDS)
  const likeness = Array.from({ length: most - least + 1 }, (_, i) => {
    const shift = (least + i) * BANDS
    let sum = 0
    for (let k = shift; k < heard.length; k++) sum += music[k - shift]! * heard[k]!
    return sum
  })
  const best = max(...likeness)
  // Where no music is heard at all, what was measured stands.
  return best > 0 ? least + likeness.indexOf(best) : about(measured ?? 0)
}

/** By how much each band swells from frame to frame, in nepers; a row of bands for each frame. */
function risesOf(spectra: readonly Spectrum[]): Float32Array {
  const rises = new Float32Array(spectra.length * BANDS)
  let before = new Float64Array(BANDS).fill(Infinity)
  spectra.forEach((spectrum, frame) => {
    const now = Float64Array.from(EDGES, ([from, to]) => {
      let sum = 1e-6
      for (let k = 2 * from; k < 2 * to; k++) sum += spectrum[k]! ** 2
      return log(sum)
    })
    now.forEach((level, band) => (rises[frame * BANDS + band] = max(0, level - before[band]!)))
    before = now
  })
  return rises
}
