import fc from 'fast-check'
import { trimmedSpeech } from './trim.ts'

describe('trimming speech', () => {
  it('takes silence and faint noise from both ends and leaves what lies between, pauses too', () => {
    const spoken = [0.5, -0.2, 0, 0, 0.01, 0.3]
    expect(
      [...trimmedSpeech(Float32Array.from([0, 0.004, -0.003, ...spoken, 0.002, 0]))].map(
        (sample) => Math.round(sample * 100) / 100,
      ),
    ).toEqual(spoken)
  })
  it('of silence is nothing', () => expect(trimmedSpeech(new Float32Array(20))).toHaveLength(0))
  it('is loud at both ends, is part of what it was, and trimmed again is the same', () => {
    fc.assert(
      fc.property(
        fc.array(fc.float({ min: -1, max: 1, noNaN: true }), { maxLength: 60 }),
        (list) => {
          const samples = Float32Array.from(list)
          const trimmed = trimmedSpeech(samples)
          const loudest = Math.max(0, ...samples.map(Math.abs))
          for (const end of [trimmed[0], trimmed.at(-1)])
            if (end !== undefined) expect(Math.abs(end)).toBeGreaterThan(loudest / 100)
          expect([...samples].join(' ')).toContain([...trimmed].join(' '))
          expect([...trimmedSpeech(trimmed)]).toEqual([...trimmed])
        },
      ),
    )
  })
})
