import type { Tick } from '../time/index.ts'
import { readChord } from './chord.ts'
import { playScore, trueBeats } from './play.ts'
import type { Score } from './score.ts'
import { normalise } from './synth.ts'
import { wavBytes, wavePeaks } from './wav.ts'

describe('chord symbols', () => {
  it.each([
    ['G', 7, [7, 11, 2]],
    ['Em', 4, [4, 7, 11]],
    ['D7', 2, [2, 6, 9, 0]],
    ['F#m7', 6, [6, 9, 1, 4]],
    ['Bb', 10, [10, 2, 5]],
    ['Cmaj7', 0, [0, 4, 7, 11]],
    ['C/G', 7, [0, 4, 7]],
    ['Asus4', 9, [9, 2, 4]],
  ])('%s has its root at %d', (symbol, root, tones) =>
    expect(readChord(symbol)).toEqual({ root, tones }),
  )
  it.each(['H', 'Gx', '', 'g'])('"%s" is none', (symbol) => expect(readChord(symbol)).toBeNull())
})

describe('the band', () => {
  const score = (bpm: number, beatsPerBar: number, bars: number): Score => ({
    title: 'Test',
    dance: '',
    metre: { beatsPerBar, beatNote: '1/4', division: 4 },
    bpm,
    start: 0 as Tick,
    end: (bars * beatsPerBar * 24) as Tick,
    sections: [],
    tempo: [],
    free: [],
    landmarks: [],
    notes: [],
    chords: [{ at: 0 as Tick, root: 0, tones: [0, 4, 7] }],
  })
  /** The loudest rise near a moment: where a beat is heard to begin. */
  const onsetNear = (samples: Float32Array, rate: number, seconds: number): number => {
    let best = 0
    let at = 0
    const loud = (i: number): number =>
      samples.subarray(i, i + 30).reduce((sum, one) => sum + Math.abs(one), 0)
    for (let i = Math.round((seconds - 0.05) * rate); i < (seconds + 0.05) * rate; i += 5) {
      const rise = loud(i) - loud(i - 60)
      if (rise > best) [best, at] = [rise, i]
    }
    return at / rate
  }

  // Fixed cases: the finder of onsets is a plain one and mistakes reverberation for a beat at some
  // tempi.
  it.each([
    [72, 3],
    [96, 3],
    [104, 2],
    [120, 4],
  ])(
    'at %d a minute in %d sounds its bars where its map says, within the attack of its instruments',
    (bpm, beatsPerBar) => {
      const one = score(bpm, beatsPerBar, 3)
      const performance = playScore(one, 11_025)
      const { beats, downbeats } = trueBeats(one, performance)
      expect([beats.length, downbeats.length]).toEqual([3 * beatsPerBar, 3])
      for (const downbeat of downbeats.slice(1))
        expect(Math.abs(onsetNear(performance.samples, 11_025, downbeat) - downbeat)).toBeLessThan(
          0.04,
        )
    },
  )

  it('makes no sound of nothing, and never more than full scale', () => {
    const silent = new Float32Array(100)
    normalise(silent, 0.8)
    expect(Math.max(...silent)).toBe(0)
    const { samples } = playScore(score(120, 4, 2), 8000)
    expect(Math.max(...samples.map(Math.abs))).toBeCloseTo(0.8, 3)
  })
})

describe('sound as bytes', () => {
  it('has a whole header, and limits what is too loud', () => {
    const bytes = wavBytes(Float32Array.from([0, 2, -2, 0.5]), 44_100)
    const view = new DataView(bytes.buffer)
    expect([view.getUint32(4, true), view.getUint32(40, true), view.getUint16(22, true)]).toEqual([
      44, 8, 1,
    ])
    expect([46, 48, 50].map((at) => view.getInt16(at, true))).toEqual([32_767, -32_767, 16_383])
  })
  it('has peaks that are the loudest of each stretch', () =>
    expect(wavePeaks(Float32Array.from([0.1, -0.4, 0.2, 0.9]), 2)).toEqual([0.4, 0.9]))
})
