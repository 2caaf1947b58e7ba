import { tapDelay } from './tapDelay.ts'

const RATE = 22_050
const beats = Array.from({ length: 12 }, (_, i) => 1 + i * 0.6)
/** Struck tones on the beats. */
const music = Float32Array.from({ length: RATE * 10 }, (_, i) => {
  const since = beats.findLast((beat) => beat <= i / RATE)
  return since === undefined
    ? 0
    : 0.6 * Math.sin((2 * Math.PI * 300 * i) / RATE) * Math.exp(-6 * (i / RATE - since))
})
const wobble = [4, -7, 2, 9, -3, 0, 6, -8, 1, -4, 7, -2].map((ms) => ms / 1000)
const taps = (delay: number) => beats.map((beat, i) => beat + delay + wobble[i]!)

describe('how late a person taps', () => {
  it.each([-0.09, -0.03, 0, 0.05, 0.1])('is found from the sound: %s s', (delay) =>
    expect(Math.abs(tapDelay(music, RATE, taps(delay))! - delay)).toBeLessThan(0.012),
  )
  it('is unknown in silence, in a held tone, and from three taps', () => {
    expect(tapDelay(new Float32Array(RATE * 10), RATE, taps(0))).toBeNull()
    expect(
      tapDelay(
        Float32Array.from({ length: RATE * 10 }, (_, i) =>
          Math.sin((2 * Math.PI * 400 * i) / RATE),
        ),
        RATE,
        taps(0),
      ),
    ).toBeNull()
    expect(tapDelay(music, RATE, taps(0).slice(0, 3))).toBeNull()
  })
})
