import fc from 'fast-check'
import { divided } from './sections.ts'

/**
 * A tune told by its parts, such as I4 A8 A8 B8: any two bars are alike when they are the same bar
 * of the same part.
 */
function tune(form: string): {
  alike: (a: number, b: number) => number
  count: number
  parts: { label: string; bars: number }[]
} {
  const parts = form.split(' ').map((part) => ({ label: part[0]!, bars: Number(part.slice(1)) }))
  const bars = parts.flatMap(({ label, bars: length }) =>
    Array.from({ length }, (_, i) => `${label}${i}`),
  )
  return { alike: (a, b) => (bars[a] === bars[b] ? 1 : 0), count: bars.length, parts }
}
const heard = (form: string): string => {
  const { alike, count } = tune(form)
  return divided(alike, count)
    .map(({ label, bars }) => label + String(bars))
    .join(' ')
}

describe('dividing a tune into phrases', () => {
  it.each([
    [
      'a short introduction moves every phrase',
      'I4 A8 A8 B8 B8 A8 A8 B8 B8',
      'A4 B8 B8 C8 C8 B8 B8 C8 C8',
    ],
    [
      'a link stands between the rounds',
      'I4 A8 A8 B8 A8 L2 A8 A8 B8 A8 T2',
      'A4 B8 B8 C8 B8 D2 B8 B8 C8 B8 E2',
    ],
    ['no introduction, all in eights', 'A8 B8 A8 B8', 'A8 B8 A8 B8'],
    ['the last time breaks off', 'A8 A8 B8 B8 A8 A8 B8 B3', 'A8 A8 B8 B8 A8 A8 B8 B3'],
    ['nothing comes again', 'A8 B8 C8 D5', 'A8 B8 C8 D5'],
    ['less than a phrase', 'A5', 'A5'],
    ['nothing', '', ''],
  ])('%s', (_, form, expected) => {
    expect(form === '' ? divided(() => 1, 0) : heard(form)).toEqual(form === '' ? [] : expected)
  })

  it('hears bars that are only nearly alike, as a band plays them the second time, as the same phrase', () => {
    const { alike, count } = tune('I4 A8 B8 A8 B8')
    const nearly = (a: number, b: number): number =>
      a === b ? 1 : alike(a, b) * 0.85 + 0.1 * Math.sin(a * 7 + b * 3)
    expect(divided(nearly, count).map(({ label, bars }) => label + String(bars))).toEqual([
      'A4',
      'B8',
      'C8',
      'B8',
      'C8',
    ])
  })

  it('is surer the more alike what comes again is, and the less alike what does not', () => {
    const { alike, count } = tune('A8 B8 A8')
    const nearly = (same: number, other: number) =>
      divided((a, b) => (alike(a, b) === 1 ? same : other), count).map(
        ({ confidence }) => confidence,
      )
    expect(nearly(1, 0)).toEqual([1, 1, 1])
    const [a, b, again] = nearly(0.9, 0.3)
    expect([a, again]).toEqual([again, expect.closeTo(0.9, 6)])
    expect(b).toBeCloseTo(0.7, 6)
  })

  it('leaves no bar out and counts none twice, whatever is alike', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 0, max: 5 }), { maxLength: 70 }), (bars) => {
        const sections = divided((a, b) => (bars[a] === bars[b] ? 1 : 0), bars.length)
        expect(sections.map(({ firstBar }) => firstBar)).toEqual(
          sections.map((_, i) => sections.slice(0, i).reduce((sum, one) => sum + one.bars, 0)),
        )
        expect(sections.reduce((sum, one) => sum + one.bars, 0)).toBe(bars.length)
      }),
      { numRuns: 60 },
    )
  })

  it('gives the letters in the order in which they are first heard', () => {
    fc.assert(
      fc.property(
        fc.array(fc.constantFrom('A8', 'B8', 'C8'), { minLength: 1, maxLength: 9 }),
        (parts) => {
          const { alike, count } = tune(parts.join(' '))
          const labels = divided(alike, count).map(({ label }) => label)
          const firsts = [...new Set(labels)]
          expect(firsts).toEqual([...firsts].sort())
        },
      ),
      { numRuns: 60 },
    )
  })
})
