import { writeMidi, type MidiEvent } from 'midi-file'
import { beatMapOfScore, playScore } from '../band/index.ts'
import { countingIds, expectOk } from '../document/index.ts'
import { houseWaltz } from '../testing/sheets.ts'
import { secondsAt, tickPosition, type Tick } from '../time/index.ts'
import { tunePhrases, tuneSchema } from '../tune/index.ts'
import { beatMidi } from './beatMidi.ts'
import { readMidi } from './midi.ts'
import { tuneOfScore } from './tuneOfScore.ts'

type Timed = MidiEvent & { at: number }
const file = (...events: object[]): Uint8Array => {
  let before = 0
  const track = (events as Timed[])
    .sort((a, b) => a.at - b.at)
    .map(({ at, ...event }) => {
      const deltaTime = at - before
      before = at
      return { ...event, deltaTime } as MidiEvent
    })
  return Uint8Array.from(
    writeMidi({
      header: { format: 0, numTracks: 1, ticksPerBeat: 480 },
      tracks: [[...track, { deltaTime: 0, type: 'endOfTrack' }]],
    }),
  )
}
const signature = (numerator: number, denominator: number, at = 0) => ({
  at,
  type: 'timeSignature',
  numerator,
  denominator,
  metronome: 24,
  thirtyseconds: 8,
})
const tempo = (at: number, bpm: number) => ({
  at,
  type: 'setTempo',
  microsecondsPerBeat: Math.round(60e6 / bpm),
})
const note = (at: number, length: number, noteNumber: number, channel = 0) => [
  { at, type: 'noteOn', channel, noteNumber, velocity: 90 },
  { at: at + length, type: 'noteOff', channel, noteNumber, velocity: 0 },
]
const text = (type: 'marker' | 'cuePoint' | 'lyrics' | 'trackName', at: number, words: string) => ({
  at,
  type,
  text: words,
})
const bars = (count: number, beats: number) =>
  Array.from({ length: count * beats }, (_, i) => note(i * 480, 400, 60 + (i % 12))).flat()

describe('a MIDI file', () => {
  it('gives notes, metre, tempo map, sections from markers, landmarks and lyrics', () => {
    const bytes = file(
      text('trackName', 0, 'Reeds'),
      signature(3, 4),
      tempo(0, 96),
      tempo(480 * 12, 84),
      text('marker', 480 * 6, 'A'),
      text('cuePoint', 480 * 7, 'flute'),
      text('lyrics', 480 * 6, 'Low '),
      text('lyrics', 480 * 7, 'wa-'),
      text('lyrics', 480 * 8, 'ter\n'),
      text('lyrics', 480 * 9, 'again'),
      ...bars(8, 3),
    )
    const score = expectOk(readMidi(bytes, 'reeds.mid'))
    expect(score).toMatchObject({
      title: 'Reeds',
      metre: { beatsPerBar: 3, beatNote: '1/4' },
      bpm: 96,
      end: 8 * 72,
    })
    expect(score.sections.map(({ label, bars: n }) => `${label} ${n}`)).toEqual(['intro 2', 'A 6'])
    expect(score.landmarks.map(({ at, kind, text: words }) => [at, kind, words])).toEqual([
      [144, 'sung', 'Low water'],
      [168, 'start', 'flute'],
      [216, 'sung', 'again'],
    ])
    const map = beatMapOfScore(score, 0)
    expect(
      secondsAt(map, tickPosition(12 * 24)) - secondsAt(map, tickPosition(11 * 24)),
    ).toBeCloseTo(60 / 96, 1)
    expect(
      secondsAt(map, tickPosition(20 * 24)) - secondsAt(map, tickPosition(19 * 24)),
    ).toBeCloseTo(60 / 84, 6)
    expect(
      tuneSchema.safeParse(tuneOfScore(score, playScore(score, 4000), null, countingIds('m')))
        .success,
    ).toBe(true)
  })
  it('in six eight is counted in dotted crotchets', () => {
    const score = expectOk(
      readMidi(
        file(signature(6, 8), tempo(0, 171), ...note(0, 720, 62), ...note(720, 720, 64)),
        'jig.mid',
      ),
    )
    expect(score).toMatchObject({
      metre: { beatsPerBar: 2, beatNote: '3/8', division: 3 },
      bpm: 114,
      end: 48,
    })
    expect(score.notes.map(({ at, lengthTicks }) => [at, lengthTicks])).toEqual([
      [0, 24],
      [24, 24],
    ])
  })
  it('without drums: they have no pitch', () =>
    expect(
      expectOk(readMidi(file(...note(0, 480, 60), ...note(0, 480, 40, 9)), 'x.mid')).notes,
    ).toHaveLength(1))
  it('that Dellop wrote has its phrases as sections again', () => {
    const tune = houseWaltz()
    const melody = Array.from({ length: 72 * 3 }, (_, i) => note(i * 480, 300, 67)).flat()
    expect(readMidi(beatMidi(tune, tune.recordings[0]!), 'beats.mid')).toMatchObject({
      ok: false,
      problem: { code: 'midi.empty' },
    })
    const markers = tunePhrases(tune).map((phrase) =>
      text('marker', (phrase.start / 24) * 480, phrase.label),
    )
    const score = expectOk(readMidi(file(signature(3, 4), ...markers, ...melody), 'lamps.mid'))
    expect(score.sections.map((section) => section.bars)).toEqual(
      tunePhrases(tune).map((phrase) => phrase.bars),
    )
    expect(score.start).toBe(0 as Tick)
  })
  it.each([
    ['is no MIDI', Uint8Array.from([1, 2, 3]), /no MIDI file that can be read/],
    ['is cut off', file(signature(4, 4), ...bars(4, 4)).subarray(0, 60), /cut off/],
    ['has no notes', file(signature(4, 4)), /no notes/],
    [
      'changes its metre',
      file(signature(4, 4), signature(3, 4, 1920), ...bars(2, 4)),
      /changes from 4\/4 to 3\/4/,
    ],
    ['has a metre nobody dances', file(signature(13, 16), ...bars(2, 4)), /13\/16/],
    ['never ends', file(tempo(0, 60), ...note(0, 480 * 1300, 60)), /longer than 20 minutes/],
  ])('that %s is refused in a sentence', (_name, bytes, sentence) => {
    const result = readMidi(bytes, 'tune.mid')
    expect(result.ok ? '' : result.problem.message).toMatch(sentence)
  })
})
