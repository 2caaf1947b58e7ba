import { houseWaltz } from '../testing/sheets.ts'
import { steadyBeatMap, type BeatMap } from '../time/index.ts'
import { danceTempo, figureFamily, usualTempo } from './dances.ts'
import { meanBpm, sectionFacts, usualBpm } from './tempo.ts'

describe('how fast a tune is', () => {
  it('is told for every section with its sums', () => {
    const facts = sectionFacts(houseWaltz())
    expect(facts.map(({ label, bars }) => `${label} ${bars}`).join(', ')).toBe(
      'intro 4, A 8, A 8, B 8, A 8, link 2, A 8, A 8, B 8, A 8, tag 2',
    )
    const a = facts[1]!
    expect(
      [a.beats, a.seconds, a.bpm, a.barsPerMinute].map((value) => Math.round(value * 1e6) / 1e6),
    ).toEqual([24, 15, 96, 32])
    expect(facts.reduce((sum, one) => sum + one.bars, 0)).toBe(72)
  })
  it('leaves free time out', () => {
    const map: BeatMap = {
      segments: [
        {
          anchors: [
            { beat: 0, seconds: 0 },
            { beat: 10, seconds: 5 },
          ],
        },
        {
          anchors: [
            { beat: 10, seconds: 25 },
            { beat: 20, seconds: 30 },
          ],
        },
      ],
    }
    expect(meanBpm(map, 0, 20 * 24)).toBeCloseTo(120, 9)
    expect(usualBpm(map)).toBeCloseTo(120, 9)
    expect(meanBpm(steadyBeatMap(84), 48, 48)).toBeCloseTo(84, 9)
  })
})

it.each([
  ['Slow Foxtrot', 'slow foxtrot'],
  ['Viennese waltz', 'quick waltz'],
  ['foxtrot', 'slow foxtrot'],
  ['two step', 'two-step'],
  ['Cha Cha', 'cha-cha'],
  ['clogging', undefined],
  ['the march of the two-step', undefined],
  ['waltz', 'waltz'],
  ['shanty', undefined],
  ['', undefined],
])('the dance "%s" is danced like a %s', (name, expected) =>
  expect(danceTempo(name)?.dance).toBe(expected),
)

it.each([
  ['foxtrot', 'slow foxtrot'],
  ['Two Step', 'two-step'],
  ['cha cha', 'cha-cha'],
  ['clogging', 'clog'],
  ['square', 'square dance'],
  ['Viennese waltz', 'viennese waltz'],
  ['jig for sets', 'set dance'],
  ['Kreistanz', 'ring dance'],
  ['something of our own', 'something of our own'],
  // A word that happens to be in a name says nothing.
  ['waltz of the two-step', 'waltz of the two-step'],
])('the dance "%s" is danced with figures of the family %s', (name, family) =>
  expect(figureFamily(name)).toBe(family),
)

it('a dance to any music has a usual tempo, but no music that an ear could listen for', () => {
  expect(usualTempo('square dance')?.range).toEqual([108, 128])
  expect(danceTempo('square dance')).toBeNull()
})
