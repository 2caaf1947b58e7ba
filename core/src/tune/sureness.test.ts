import type { HeardChoices, Recording } from './tune.ts'
import { beatBeginsAt, surenessBetween } from './sureness.ts'

const heard = (soundsFrom: number): HeardChoices => ({
  confidence: 0.8,
  tempi: [],
  bars: [],
  soundsFrom,
  sure: [
    [10, 0.9],
    [12, 0.7],
    [14, 0.2],
  ],
})

describe('how surely a stretch was heard', () => {
  it.each([
    ['two bars', 10, 14, 0.8],
    ['the one that begins there', 14, 20, 0.2],
    ['one that begins a little early', 9.97, 12, 0.9],
  ])('%s', (_, from, to, sure) => expect(surenessBetween(heard(0), from, to)).toBeCloseTo(sure, 6))

  it('is not known where nothing was heard, nor where the beats are a band’s', () => {
    expect(surenessBetween(heard(0), 20, 30)).toBeNull()
    expect(surenessBetween(null, 0, 30)).toBeNull()
  })
})

describe('where the beat begins', () => {
  const recording = (soundsFrom: number | null): Recording =>
    ({
      beatMap: { segments: [{ anchors: [{ beat: -2, seconds: 10 }] }] },
      heard: soundsFrom === null ? null : heard(soundsFrom),
    }) as unknown as Recording
  it.each([
    [0.4, 10],
    [7, 10],
    [7.1, null],
    [9.9, null],
    [null, null],
  ])('sounding from %s s', (from, begins) => expect(beatBeginsAt(recording(from))).toBe(begins))
})
