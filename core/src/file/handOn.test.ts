import { parseMidi } from 'midi-file'
import { clickTrack } from '../band/index.ts'
import { secondsAt, tickPosition, type BeatMap } from '../time/index.ts'
import { houseWaltz } from '../testing/sheets.ts'
import type { Recording, Tune } from '../tune/index.ts'
import { beatCsv, beatMoments } from './beatCsv.ts'
import { beatMidi } from './beatMidi.ts'
import { sectionsVtt, vttTime } from './sectionsVtt.ts'

/** The house waltz with a map that drifts, as a live band would play it. */
const drifting: BeatMap = {
  segments: [
    {
      anchors: Array.from({ length: 218 }, (_, i) => ({
        beat: i - 1,
        seconds: 0.25 + i * 0.62 + 0.4 * Math.sin(i / 20),
      })),
    },
  ],
}
const tune: Tune = {
  ...houseWaltz(),
  recordings: houseWaltz().recordings.map((one) => ({
    ...one,
    beatMap: drifting,
    durationSeconds: 137,
  })),
}
const recording: Recording = tune.recordings[0]!

describe('beats as CSV', () => {
  it('read back give the seconds of the map, a pick-up in the bar before the first', () => {
    const [head, ...lines] = beatCsv(tune, recording).trim().split('\n')
    expect(head).toBe('beat,bar,count,seconds')
    const rows = lines.map((line) => line.split(',').map(Number))
    expect(rows[0]!.slice(0, 3)).toEqual([-1, 0, 3])
    for (const [beat, , count, seconds] of rows) {
      expect(Math.abs(seconds! - secondsAt(drifting, tickPosition(beat! * 24)))).toBeLessThan(1e-5)
      expect(count).toBe((((beat! % 3) + 3) % 3) + 1)
    }
  })
})

describe('beats as MIDI', () => {
  it('played by their tempi fall where the recording has them, within a millisecond', () => {
    const { header, tracks } = parseMidi(beatMidi(tune, recording))
    const perBeat = header.ticksPerBeat!
    const tempi: { ticks: number; micros: number }[] = []
    const markers: string[] = []
    let ticks = 0
    for (const event of tracks[0]!) {
      ticks += event.deltaTime
      if (event.type === 'setTempo') tempi.push({ ticks, micros: event.microsecondsPerBeat })
      if (event.type === 'marker') markers.push(event.text)
    }
    const secondsOf = (at: number): number =>
      tempi.reduce(
        (sum, { ticks: from, micros }, i) =>
          sum +
          (Math.max(0, Math.min(at, tempi[i + 1]?.ticks ?? Infinity) - from) / perBeat) *
            (micros / 1e6),
        0,
      )
    const beats = beatMoments(recording, tune.metre)
    beats.forEach(({ seconds }, i) =>
      expect(Math.abs(secondsOf((i + 1) * perBeat) - seconds)).toBeLessThan(0.001),
    )
    expect(markers).toEqual(['intro', 'A', 'A', 'B', 'A', 'link', 'A', 'A', 'B', 'A', 'tag'])
  })
})

describe('phrases as WebVTT', () => {
  it('are one cue each, in order, with times to the millisecond', () => {
    const cues = [...sectionsVtt(tune, recording).matchAll(/^(\S+) --> (\S+)\n(.*)$/gm)]
    expect(cues.map((cue) => cue[3])).toContain('link (2 bars)')
    expect(cues).toHaveLength(11)
    expect(cues[1]![1]).toBe(vttTime(secondsAt(drifting, tickPosition(12 * 24))))
    expect(cues[1]![1]).toBe(cues[0]![2])
  })
  it('write no name that would break the file', () => {
    const odd = {
      ...tune,
      sections: tune.sections.map((section) => ({ ...section, label: 'a --> b <c>' })),
    }
    expect(sectionsVtt(odd, recording)).not.toMatch(/a -->/)
    expect(vttTime(3661.0005)).toBe('01:01:01.001')
  })
})

describe('a click track', () => {
  it('clicks at the sample of each beat and is silent between', () => {
    const samples = clickTrack(
      [
        { seconds: 0.5, strong: true },
        { seconds: 1, strong: false },
      ],
      1.5,
      8000,
    )
    const loud = (from: number, to: number): number =>
      Math.max(...samples.subarray(from, to).map(Math.abs))
    expect([loud(0, 4000), loud(4600, 8000), loud(8600, 12_000)]).toEqual([0, 0, 0])
    expect(loud(4000, 4040)).toBeGreaterThan(loud(8000, 8040))
  })
})
