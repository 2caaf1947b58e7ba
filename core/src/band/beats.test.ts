import { secondsAt, tickPosition, type Tick } from '../time/index.ts'
import { beatMapOfScore, tempoAt } from './beats.ts'
import { playScore } from './play.ts'
import type { Score } from './score.ts'

const plain: Score = {
  title: 'Test',
  dance: '',
  metre: { beatsPerBar: 4, beatNote: '1/4', division: 4 },
  bpm: 120,
  tempo: [],
  free: [],
  landmarks: [],
  notes: [],
  chords: [],
  sections: [],
  start: 0 as Tick,
  end: (16 * 24) as Tick,
}
const mark = (beat: number, bpm: number) => ({ at: (beat * 24) as Tick, bpm })

describe('where the beats of a score sound', () => {
  it('is even for a steady score, with the pick-up before the first downbeat', () => {
    const map = beatMapOfScore({ ...plain, start: -36 as Tick }, 0.25)
    expect(map.segments[0]!.anchors).toHaveLength(2)
    expect(secondsAt(map, tickPosition(-36))).toBeCloseTo(0.25, 9)
    expect(secondsAt(map, tickPosition(0))).toBeCloseTo(1, 9)
  })
  it('follows a tempo that moves evenly between its marks', () => {
    const drifting = { ...plain, tempo: [mark(4, 120), mark(12, 100)] }
    expect([0, 4, 8, 12, 15].map((beat) => tempoAt(drifting, beat * 24))).toEqual([
      120, 120, 110, 100, 100,
    ])
    const { anchors } = beatMapOfScore(drifting, 0).segments[0]!
    const lengths = anchors.slice(1).map(({ seconds }, i) => seconds - anchors[i]!.seconds)
    expect(lengths.slice(0, 4).every((length) => Math.abs(length - 0.5) < 1e-9)).toBe(true)
    lengths
      .slice(4, 12)
      .forEach((length, i, all) => i > 0 && expect(length).toBeGreaterThan(all[i - 1]!))
    expect(lengths.at(-1)).toBeCloseTo(0.6, 9)
  })
  it('stops for free time, through which the last note is held', () => {
    const score: Score = {
      ...plain,
      free: [{ at: (8 * 24) as Tick, seconds: 3 }],
      notes: [{ at: (7 * 24) as Tick, lengthTicks: 24 as Tick, midi: 69 }],
    }
    const { beatMap, samples, sampleRate } = playScore(score, 8000)
    expect(beatMap.segments).toHaveLength(2)
    expect(
      secondsAt(beatMap, tickPosition(192), 'resuming') -
        secondsAt(beatMap, tickPosition(192), 'leaving'),
    ).toBeCloseTo(3, 9)
    const loudest = (from: number, to: number) =>
      Math.max(...samples.subarray(from * sampleRate, to * sampleRate).map(Math.abs))
    expect(loudest(6, 7)).toBeGreaterThan(0.02)
  })
  it('is heard in the sound: a second pipe enters at its landmark', () => {
    const notes = Array.from({ length: 16 }, (_, beat) => ({
      at: (beat * 24) as Tick,
      lengthTicks: 24 as Tick,
      midi: 62,
    }))
    const alone = playScore({ ...plain, notes }, 8000).samples
    const joined = playScore(
      { ...plain, notes, landmarks: [{ at: 192 as Tick, kind: 'start', text: 'pipes enter' }] },
      8000,
    ).samples
    const shape = (samples: Float32Array, from: number) =>
      samples.subarray(from * 8000, (from + 2) * 8000)
    const same = (a: Float32Array, b: Float32Array) =>
      a.reduce((sum, value, i) => sum + value * b[i]!, 0) /
      Math.sqrt(a.reduce((s, v) => s + v * v, 0) * b.reduce((s, v) => s + v * v, 0))
    expect(same(shape(alone, 1), shape(joined, 1))).toBeGreaterThan(0.9999)
    expect(same(shape(alone, 5), shape(joined, 5))).toBeLessThan(0.98)
  })
})
