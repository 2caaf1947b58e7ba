import { houseWaltz } from '../testing/sheets.ts'
import { steadyBeatMap, type BeatMap } from '../time/index.ts'
import { danceName } from './danceNames.ts'
import { DANCE_NAMES, danceTempo, figureFamily, usualTempo } from './dances.ts'
import { meanBpm, sectionFacts, toldBpm, usualBpm } from './tempo.ts'

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

describe('the tempo that is told', () => {
  const played = (bpmOf: (beat: number) => number): BeatMap => {
    let seconds = 0
    const anchors = Array.from({ length: 201 }, (_, beat) => {
      const anchor = { beat, seconds }
      seconds += 60 / bpmOf(beat)
      return anchor
    })
    return { segments: [{ anchors }] }
  }
  const toldOf = (map: BeatMap): number[] => {
    const beats = Array.from({ length: 40 }, (_, i) => i * 5)
    return [...new Set(beats.map((beat) => Math.round(toldBpm(map, beat * 24))))]
  }
  it('does not wander where the music is steady, however uneven its beats were found', () => {
    expect(toldOf(played((beat) => 96 * (1 + 0.06 * Math.sin(beat * 1.7))))).toEqual([96])
    expect(toldOf(steadyBeatMap(112))).toEqual([112])
  })
  it('goes with music that becomes quicker', () => {
    const map = played((beat) => (beat < 100 ? 90 : 120))
    expect(Math.round(toldBpm(map, 50 * 24))).toBe(90)
    expect(Math.round(toldBpm(map, 150 * 24))).toBe(120)
  })
  it('is told before the first beat and after the last as well', () => {
    const map = played(() => 90)
    for (const beat of [-40, 0, 200, 400]) expect(toldBpm(map, beat * 24)).toBeCloseTo(90, 6)
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

describe('dances in German', () => {
  it.each([...DANCE_NAMES, 'viennese waltz', 'openings and endings'])(
    '%s has a name there, which is understood for it',
    (name) => {
      const german = danceName(name, 'de')
      expect(german).toMatch(/^\p{Lu}/u)
      expect(figureFamily(german)).toBe(figureFamily(name))
    },
  )
  it('are what was written where the words are a cuer’s own, and in English always', () => {
    expect(danceName('our slow one', 'de')).toBe('our slow one')
    expect(danceName('waltz', 'en')).toBe('waltz')
  })
})
