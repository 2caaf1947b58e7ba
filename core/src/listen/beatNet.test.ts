import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { shippedNet } from '../testing/beatNet.ts'
import { activations } from './beatNet.ts'
import { BAND_COUNT, LISTEN_RATE, logSpectrum } from './logSpectrum.ts'
import { readBeatNet } from './netWeights.ts'

/** Features and outputs for a formula, as the training side computed them. */
interface Vector {
  readonly frames: number
  readonly at: readonly number[]
  readonly bands: readonly (readonly number[])[]
  readonly said: readonly (readonly number[])[]
}
const vector = JSON.parse(
  readFileSync(join(__dirname, '../testing/beatVector.json'), 'utf8'),
) as Vector
const SECONDS = 12

/** Plucks every half second, each third one lower: the formula of `train/vector.py`. */
function plucked(): Float32Array {
  return Float32Array.from({ length: SECONDS * LISTEN_RATE }, (_, i) => {
    const at = i / LISTEN_RATE
    let sum = 0
    for (let beat = 0; beat < SECONDS * 2 && beat / 2 <= at; beat++) {
      const since = at - beat / 2
      const hertz = [110, 330, 440][beat % 3]!
      sum += 0.3 * Math.exp(-8 * since) * Math.sin(2 * Math.PI * hertz * since)
    }
    return sum
  })
}

describe('the net, as it was trained', () => {
  const spectrum = logSpectrum(plucked())
  const said = activations(shippedNet(), spectrum)

  it('reads the bands that it was trained on, within 1e-4', () => {
    expect(spectrum.frames).toBe(vector.frames)
    vector.at.forEach((frame, i) =>
      vector.bands[i]!.forEach((value, b) =>
        expect(Math.abs(spectrum.bands[frame * BAND_COUNT + b]! - value)).toBeLessThan(1e-4),
      ),
    )
  })

  it('says what it said there, within 1e-4', () => {
    const rows = [said.beat, said.down, said.three]
    vector.at.forEach((frame, i) =>
      vector.said[i]!.forEach((value, k) =>
        expect(Math.abs(rows[k]![frame]! - value)).toBeLessThan(1e-4),
      ),
    )
  })

  it('hears the plucks as beats', () => {
    for (let beat = 4; beat < 2 * SECONDS - 4; beat++) {
      const near = said.beat.subarray(beat * 25 - 2, beat * 25 + 3)
      expect(Math.max(...near)).toBeGreaterThan(0.5)
    }
  })

  it.each([0, 7, 100])('is refused where its file is %i bytes long', (length) => {
    const read = readBeatNet(new Uint8Array(length))
    expect(!read.ok && read.problem.code).toBe('listen.weights')
  })
})
