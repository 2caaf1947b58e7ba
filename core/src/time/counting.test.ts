import { expectOk } from '../document/index.ts'
import { readCountIn } from './countIn.ts'
import { countLabel, type CountStyle } from './countLabel.ts'
import { layPhrases, phraseAt, stepsPerSecond, timesToLineUp } from './phrase.ts'
import { tick, tickPosition, ticksOfBeats, type Tick } from './units.ts'

const labels = (style: CountStyle, beats: readonly number[]) =>
  beats.map((beat) => countLabel(style, tickPosition(beat * 24))?.text ?? null)
const style: CountStyle = { beatsPerGroup: 3, ones: 'numbered', countFrom: 1, division: 4 }

describe('count labels', () => {
  it('puts the number of the bar in place of 1', () => {
    expect(labels(style, [0, 1, 2, 3, 4, 5, 6, 7, 8])).toEqual([
      '1',
      '2',
      '3',
      '2',
      '2',
      '3',
      '3',
      '2',
      '3',
    ])
    expect(labels({ ...style, ones: 'plain' }, [0, 1, 2, 3])).toEqual(['1', '2', '3', '1'])
    expect(labels({ ...style, beatsPerGroup: 8 }, [7, 8, 9])).toEqual(['8', '2', '2'])
  })

  it('counts from two, closing on one', () => {
    expect(
      labels({ ...style, beatsPerGroup: 4, ones: 'plain', countFrom: 2 }, [0, 1, 2, 3]),
    ).toEqual(['2', '3', '4', '1'])
  })

  it('names the parts of a beat, by four or by three, and nothing between', () => {
    expect(labels(style, [0.25, 0.5, 0.75, 1 / 3])).toEqual(['e', '&', 'a', null])
    expect(labels({ ...style, division: 3 }, [1 / 3, 2 / 3, 0.5])).toEqual(['&', 'a', null])
  })

  it('counts the pick-up as the end of the bar before', () => {
    expect(labels(style, [-1, -2])).toEqual(['3', '2'])
  })
})

describe('a count-in', () => {
  const read = (pattern: string) =>
    expectOk(readCountIn(pattern)).map((word) => [word.text, word.at / 24])
  it('ends on the first step', () => {
    expect(read('5 6 7 8')).toEqual([
      ['5', -4],
      ['6', -3],
      ['7', -2],
      ['8', -1],
    ])
    expect(read('5 6 ready go')).toEqual([
      ['5', -4],
      ['6', -3],
      ['ready', -2],
      ['go', -1],
    ])
    expect(read('1 2 3 ready')).toEqual([
      ['1', -4],
      ['2', -3],
      ['3', -2],
      ['ready', -1],
    ])
    expect(read('')).toEqual([])
  })
  it.each([
    ['1 2 3 ready', [-9, -6, -3, -1]],
    ['1 2', [-6, -3]],
    ['5 6 7 8', [-12, -9, -6, -3]],
    ['5 6 ready go', [-6, -3, -2, -1]],
    ['5 6 + cue', [-6, -3, -2]],
    ['1 wait and ready go', [-6, -4, -3, -2, -1]],
    ['ready', [-1]],
  ])('in three-time numbers count bars: %s', (pattern, beats) => {
    const read = expectOk(readCountIn(pattern, 3))
    expect(read.map(({ at }) => at / 24)).toEqual(beats)
    // Each lasts until the next, the last until the first step.
    expect(read.map(({ at, lengthTicks }) => (at + lengthTicks) / 24)).toEqual([
      ...beats.slice(1),
      0,
    ])
  })
  it('leaves the cue 7 and 8', () => {
    const words = expectOk(readCountIn('5 6 + cue'))
    expect(words.at(-1)).toEqual({ text: 'cue', at: -48, lengthTicks: 48, kind: 'cue' })
    expect(words[0]!.at).toBe(-96)
  })
  it('refuses what is neither number nor word', () => {
    expect(readCountIn('5 6 7;').ok).toBe(false)
  })
})

describe('phrases', () => {
  const waltz = { beatsPerBar: 3, beatNote: '1/4', division: 4 } as const
  it('lie end to end and may be irregular', () => {
    const phrases = layPhrases(waltz, [4, 8, 9, 8], tick(0))
    expect(phrases.map((phrase) => [phrase.start / 72, phrase.end / 72])).toEqual([
      [0, 4],
      [4, 12],
      [12, 21],
      [21, 29],
    ])
    expect(phraseAt(phrases, tickPosition(12 * 72 - 0.5))?.index).toBe(1)
    expect(phraseAt(phrases, tickPosition(12 * 72))?.index).toBe(2)
    expect([phraseAt(phrases, tickPosition(-1)), phraseAt(phrases, tickPosition(29 * 72))]).toEqual(
      [null, null],
    )
  })
  it('meet a figure of six in phrases of eight again after four times, three eights', () => {
    const times = timesToLineUp(ticksOfBeats(6), ticksOfBeats(8))
    expect([times, (times * 6) / 8]).toEqual([4, 3])
  })
  it('turn eight quick steps in four beats at 108 into 3.6 a second', () => {
    expect(stepsPerSecond(8, (4 * 24) as Tick, 108)).toBeCloseTo(3.6, 9)
  })
})

it('refuses half ticks', () => {
  expect(() => tick(0.5)).toThrow(/whole number/)
  expect(() => ticksOfBeats(0.2)).toThrow(/do not fall/)
})
