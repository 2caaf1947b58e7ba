import { secondsAt, steadyBeatMap, type Tick } from '../time/index.ts'
import { beatsNearTaps, countingFactor, rangeAround, tapTempo } from './nearTaps.ts'

/** Beats at a tempo from a moment on. */
const beats = (bpm: number, from: number, count = 32): number[] =>
  Array.from({ length: count }, (_, i) => from + (i * 60) / bpm)
const heard = (bpm: number, from: number) => ({
  bpm,
  beats: beats(bpm, from),
  downbeats: beats(bpm, from).filter((_, i) => i % 3 === 1),
})

describe('listening near what was tapped', () => {
  const tapped = steadyBeatMap(96)
  it('looks close around the tapped tempo', () => {
    expect(tapTempo(tapped)).toBeCloseTo(96, 9)
    const [least, most] = rangeAround(tapped)
    expect([least < 96, most > 96, most / least]).toEqual([true, true, expect.closeTo(1.1664, 3)])
  })
  it('takes what was heard, its first downbeat as beat 0', () => {
    const map = beatsNearTaps(heard(97, 0), tapped)
    expect(map.segments[0]!.anchors[1]).toEqual({ beat: 0, seconds: expect.closeTo(60 / 97, 9) })
  })
  it('moves what was heard on the off-beat onto the beat that was tapped', () => {
    const map = beatsNearTaps(heard(96, 30 / 96), tapped)
    const beatsIn = (secondsAt(map, 0 as Tick) * 96) / 60
    expect(beatsIn).toBeCloseTo(Math.round(beatsIn), 6)
  })
  it('leaves the taps where nothing was heard, or something else', () => {
    expect(beatsNearTaps(null, tapped)).toBe(tapped)
    expect(beatsNearTaps(heard(150, 0), tapped)).toBe(tapped)
  })
  it.each([
    [96, 96, 1],
    [48, 97, 0.5],
    [190, 96, 2],
    [130, 96, 1],
  ])('%d beside %d is counted %d times', (bpm, of, factor) =>
    expect(countingFactor(bpm, of)).toBe(factor),
  )
})
