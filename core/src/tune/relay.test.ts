import fc from 'fast-check'
import { countingIds } from '../document/index.ts'
import { WALTZ_METRE } from '../time/index.ts'
import { relaid, withBeats } from './relay.ts'
import type { Layout } from './tune.ts'

const layout = (...bars: number[]): Layout => ({
  sections: bars.map((n, i) => ({
    id: `s${i}`,
    label: String(i),
    phrases: [{ id: `p${i}`, bars: n }],
  })),
  danceStart: 72,
  landmarks: [{ id: 'l', kind: 'start', at: 720, text: 'flute' }],
})
const bars = ({ sections }: Layout) =>
  sections.map(({ phrases }) => phrases.map((phrase) => phrase.bars).join('+')).join(' ')

describe('music counted otherwise', () => {
  it('twice as fast has twice the bars, in phrases of eight, and what is marked stays where it sounds', () => {
    const twice = relaid(layout(4, 8, 8), 2, 2, countingIds('n'))
    expect(bars(twice)).toBe('8 8+8 8+8')
    expect([twice.danceStart, twice.landmarks[0]!.at]).toEqual([144, 1440])
    expect(bars(relaid(twice, 0.5, 0.5, countingIds('n')))).toBe('4 8 8')
  })
  it('in another metre keeps its sections where they are, to the nearest bar', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 1, max: 30 }), { minLength: 1, maxLength: 12 }),
        fc.constantFrom(4 / 3, 3 / 4, 2, 0.5),
        (lengths, factor) => {
          const next = relaid(layout(...lengths), factor, 1, countingIds('n'))
          const total = next.sections
            .flatMap(({ phrases }) => phrases)
            .reduce((sum, phrase) => sum + phrase.bars, 0)
          expect(total).toBe(Math.round(lengths.reduce((sum, n) => sum + n, 0) * factor))
        },
      ),
    )
  })
})

describe('bars taken out of the count', () => {
  it('shorten the phrases they lie in, and move what comes later', () => {
    const free = withBeats(layout(4, 8, 8), WALTZ_METRE, 10 * 3, -6 * 3)!
    expect(bars(free)).toBe('4 6 4')
    expect([free.danceStart, free.landmarks[0]!.at]).toEqual([72, 10 * 72])
    expect(bars(withBeats(free, WALTZ_METRE, 9 * 3, 6 * 3)!)).toBe('4 12 4')
  })
  it('may take a whole section away, and are refused when they are no whole bars', () => {
    expect(bars(withBeats(layout(4, 8, 8), WALTZ_METRE, 4 * 3, -8 * 3)!)).toBe('4 8')
    expect(withBeats(layout(4), WALTZ_METRE, 3, -2)).toBeNull()
  })
})
