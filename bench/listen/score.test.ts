import { fMeasure, scoreBeats } from './score.ts'

const truth = Array.from({ length: 121 }, (_, i) => i * 0.5)

describe('the scorer of beats', () => {
  it('gives everything to the truth', () =>
    expect(scoreBeats(truth, truth)).toEqual({ f: 1, cmlt: 1, amlt: 1 }))
  it('forgives 60 ms and not 80', () => {
    expect(
      fMeasure(
        truth,
        truth.map((beat) => beat + 0.06),
      ),
    ).toBeGreaterThan(0.99)
    expect(
      fMeasure(
        truth,
        truth.map((beat) => beat + 0.08),
      ),
    ).toBeLessThan(0.02)
  })
  it('takes half tempo for another level', () => {
    const half = scoreBeats(
      truth,
      truth.filter((_, i) => i % 2 === 0),
    )
    expect(half.f).toBeCloseTo(2 / 3, 1)
    expect(half.cmlt).toBeLessThan(0.02)
    expect(half.amlt).toBeGreaterThan(0.98)
  })
  it('takes the off-beat for another level too', () => {
    const off = scoreBeats(
      truth,
      truth.map((beat) => beat + 0.25),
    )
    expect([off.f, off.cmlt]).toEqual([0, 0])
    expect(off.amlt).toBeGreaterThan(0.97)
  })
  it('gives nothing to nothing', () =>
    expect(scoreBeats(truth, [])).toEqual({ f: 0, cmlt: 0, amlt: 0 }))
})
