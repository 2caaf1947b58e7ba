import { readFileSync } from 'node:fs'
import { playScore, trueBeats } from '../band/index.ts'
import { expectOk } from '../document/index.ts'
import { secondsAt, tickPosition } from '../time/index.ts'
import { readAbc } from './abc.ts'
import { tuneOfScore } from './tuneOfScore.ts'
import { countingIds } from '../document/index.ts'
import { tuneBars, tuneSchema } from '../tune/index.ts'

const lamps = readFileSync(
  new URL('../../../demo/tunes/lamps-along-the-staithe.abc', `file://${__filename}`),
  'utf8',
)

describe('the house waltz', () => {
  const score = expectOk(readAbc(lamps))
  const performance = playScore(score, 22_050)

  it('has 72 bars, 68 of them danced, and a pick-up', () => {
    expect([score.start, score.end]).toEqual([-24, 72 * 72])
    expect(score.sections.map((section) => `${section.label} ${section.bars}`)).toEqual([
      'intro 4',
      'A 8',
      'A 8',
      'B 8',
      'A 8',
      'link 2',
      'A 8',
      'A 8',
      'B 8',
      'A 8',
      'tag 2',
    ])
    const tune = tuneOfScore(score, performance, null, countingIds('t'))
    expect(tuneSchema.safeParse(tune).success).toBe(true)
    expect(tuneBars(tune)).toEqual({ bars: 72, danced: 68 })
  })

  it('reads signs of the key, of the bar, and broken rhythm', () => {
    const [pickup, g, a] = score.notes
    expect([pickup!.midi, g!.midi, g!.lengthTicks, a!.lengthTicks]).toEqual([62, 67, 36, 12])
    const fSharps = score.notes.filter((note) => note.midi % 12 === 6).length
    expect(fSharps).toBeGreaterThan(0)
    expect(score.notes.some((note) => note.midi % 12 === 5)).toBe(false)
    expect(score.notes.some((note) => note.midi === 73)).toBe(true)
  })

  it('sounds with its beats exactly where the map says, 96 a minute', () => {
    const { beats, downbeats } = trueBeats(score, performance)
    expect([beats.length, downbeats.length]).toEqual([216, 72])
    expect(beats[1]! - beats[0]!).toBeCloseTo(60 / 96, 9)
    expect(downbeats[71]).toBeCloseTo(secondsAt(performance.beatMap, tickPosition(71 * 72)), 9)
  })

  it('stays under -1 dBFS and makes no click between its notes', () => {
    const { samples, sampleRate } = playScore(score)
    const near = new Uint8Array(Math.ceil(samples.length / 220) + 1)
    for (const at of [
      ...score.notes.map((note) => note.at as number),
      ...Array.from({ length: 216 }, (_, i) => i * 24),
    ])
      near[Math.floor((secondsAt(performance.beatMap, tickPosition(at)) * sampleRate) / 220)] = 1
    let loudest = 0
    let step = 0
    const { abs, max } = Math
    for (let i = 1; i < samples.length; i++) {
      loudest = max(loudest, abs(samples[i]!))
      if (near[(i / 220) | 0] === 0) step = max(step, abs(samples[i]! - samples[i - 1]!))
    }
    expect(loudest).toBeLessThan(10 ** (-1 / 20))
    expect(loudest).toBeGreaterThan(0.5)
    expect(step).toBeLessThan(0.2)
  })
})

describe('refusing', () => {
  const message = (text: string) => {
    const read = readAbc(text)
    return read.ok ? 'read' : read.problem.message
  }
  const tune = (body: string, header = '') => `X:1\nT:Short\nM:3/4\nL:1/4\n${header}K:G\n${body}\n`
  it.each([
    ['hello', /X:/],
    [tune('P:A\n"G"GAB|GA|'), /bar 2 of part A there are 2 beats; 3 were expected/],
    [tune('"H"GAB|'), /chord "H"/],
    [tune('P:A\nGAB|', 'P:AC\n'), /no part C/],
    [tune('|: GAB :|'), /Repeat signs/],
    ['X:1\nT:x\nM:7/8\nL:1/8\nK:G\nGABcdef|\n', /metre 7\/8/],
    [tune(''), /no notes|no tune/],
  ])('%j', (text, expected) => expect(message(text)).toMatch(expected))
})
