import fc from 'fast-check'
import { houseWaltz } from '../testing/sheets.ts'
import { tuneBars, tuneEnd, tunePhrases, tuneSchema, type Tune } from './tune.ts'

const waltz = houseWaltz()
const lengths = fc.array(fc.integer({ min: 1, max: 12 }), { minLength: 1, maxLength: 20 })
const tuneOf = (bars: readonly number[]): Tune => ({
  ...waltz,
  danceStart: 0 as Tune['danceStart'],
  sections: bars.map((n, i) => ({ id: `s${i}`, label: 'A', phrases: [{ id: `p${i}`, bars: n }] })),
})

describe('the phrases of a tune', () => {
  it('lie end to end from the first downbeat, as long as they say', () => {
    fc.assert(
      fc.property(lengths, (bars) => {
        const tune = tuneOf(bars)
        const phrases = tunePhrases(tune)
        phrases.forEach((phrase, i) => {
          expect(phrase.start).toBe(phrases[i - 1]?.end ?? 0)
          expect(phrase.end - phrase.start).toBe(bars[i]! * 72)
        })
        expect(tuneBars(tune).bars).toBe(bars.reduce((sum, n) => sum + n, 0))
      }),
    )
  })

  it('of a tune without any have no end', () => {
    expect([tuneEnd(tuneOf([])), tuneBars(tuneOf([])).bars]).toEqual([null, 0])
  })

  it('carry the label of their section; equal music shares it', () => {
    expect(
      tunePhrases(waltz)
        .map((phrase) => phrase.label)
        .join(' '),
    ).toBe('intro A A B A link A A B A tag')
    expect(tuneBars(waltz)).toEqual({ bars: 72, danced: 68 })
  })
})

it.each([
  ['a metre of one beat', { metre: { ...waltz.metre, beatsPerBar: 1 } }],
  ['a phrase of no bars', { sections: [{ id: 's', label: 'A', phrases: [{ id: 'p', bars: 0 }] }] }],
  ['a tempo of 5', { bpm: 5 }],
  ['a hash that is none', { recordings: [{ ...waltz.recordings[0], media: 'here' }] }],
  ['an unknown field', { colour: 'blue' }],
])('%s is no tune', (_name, over) =>
  expect(tuneSchema.safeParse({ ...waltz, ...over }).success).toBe(false),
)
