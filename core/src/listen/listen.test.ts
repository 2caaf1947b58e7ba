import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { playScore, trueBeats, wavBytes, type Score } from '../band/index.ts'
import { expectOk } from '../document/index.ts'
import { readAbc } from '../file/index.ts'
import { shippedNet } from '../testing/beatNet.ts'
import { listen as listenWith, type ListenOptions } from './listen.ts'
import { readWav, type Sound } from './readWav.ts'

const RATE = 22_050
const net = shippedNet()
const listen = (sound: Sound, options?: ListenOptions) => listenWith(sound, net, options)
const abc = readFileSync(join(__dirname, '../../../demo/tunes/lamps-along-the-staithe.abc'), 'utf8')
const soundOf = (samples: Float32Array, sampleRate = RATE): Sound => ({
  samples,
  sampleRate,
  channels: 1,
})
/** Share of true beats after 5 s that were found within 70 ms. */
const found = (truth: readonly number[], beats: readonly number[]): number => {
  const late = truth.filter((beat) => beat >= 5)
  return (
    late.filter((beat) => beats.some((one) => Math.abs(one - beat) < 0.07)).length / late.length
  )
}
const shorter = (text: string): Score => expectOk(readAbc(text.replace('P:IAABALAABAT', 'P:IABAT')))

describe('listening to the house band', () => {
  const score = shorter(abc)
  const performance = playScore(score, RATE)
  const truth = trueBeats(score, performance)
  const heard = expectOk(listen(soundOf(performance.samples)))

  it('finds the waltz: its beats, three to the bar, and its tempo', () => {
    expect(heard.beatsPerBar).toBe(3)
    expect(heard.bpm).toBeCloseTo(96, 0)
    expect(found(truth.beats, heard.beats)).toBeGreaterThan(0.95)
    expect(found(truth.downbeats, heard.downbeats)).toBeGreaterThan(0.9)
    expect(heard.confidence).toBeGreaterThan(0.5)
  })

  it('hears where its phrases begin, after an introduction of four bars, and which are the same music', () => {
    expect(heard.sections.map(({ label, bars }) => label + String(bars)).slice(0, 4)).toEqual([
      'A4',
      'B8',
      'C8',
      'B8',
    ])
    expect(heard.sections[1]!.startSeconds).toBeCloseTo(truth.downbeats[4]!, 1)
  })

  it('claims no beat in silence before and after the music', () => {
    const quiet = new Float32Array(RATE * 6)
    const padded = new Float32Array(quiet.length * 2 + performance.samples.length)
    padded.set(performance.samples, quiet.length)
    const { beats } = expectOk(listen(soundOf(padded)))
    expect(beats.filter((beat) => beat < 5.9)).toEqual([])
    expect(beats.filter((beat) => beat > 6.5 + performance.durationSeconds)).toEqual([])
  })

  it('hears the same at another rate and louder', () => {
    const loud = playScore(score, 44_100)
    const { bpm, beatsPerBar } = expectOk(
      listen(
        soundOf(
          loud.samples.map((sample) => sample * 0.1),
          44_100,
        ),
      ),
    )
    expect([Math.round(bpm), beatsPerBar]).toEqual([96, 3])
  })

  it('is steered by the range of the dance', () => {
    const { bpm } = expectOk(listen(soundOf(performance.samples), { range: [170, 210] }))
    expect(bpm).toBeGreaterThan(150)
  })

  it('tells its progress, rising to the end, and can be stopped', () => {
    const shares: number[] = []
    listen(soundOf(performance.samples), { progress: (share) => shares.push(share) })
    expect(shares.at(-1)).toBe(1)
    expect(shares.every((share, i) => i === 0 || share >= shares[i - 1]!)).toBe(true)
    expect(() =>
      listen(soundOf(performance.samples), {
        progress: (share) => {
          if (share > 0.3) throw new Error('stopped')
        },
      }),
    ).toThrow('stopped')
  })
})

describe('the demo, each tune as its kind is played', () => {
  const MINUTE = 60
  const folder = join(__dirname, '../../../demo/tunes')
  it.each(readdirSync(folder))(
    '%s: its beats, and as many of them to the bar or twice as many',
    (name) => {
      const score = expectOk(readAbc(readFileSync(join(folder, name), 'utf8')))
      const performance = playScore(score, RATE)
      const whole = trueBeats(score, performance)
      const inside = (seconds: number): boolean => seconds < MINUTE - 1
      const truth = {
        beats: whole.beats.filter(inside),
        downbeats: whole.downbeats.filter(inside),
      }
      const sound = soundOf(performance.samples.subarray(0, MINUTE * RATE))
      const heard = expectOk(listen(sound))
      expect(found(truth.beats, heard.beats)).toBeGreaterThan(0.9)
      // A bar of two and the bar after it sound like one of four: which it is, only the dance
      // tells.
      expect(score.metre.beatsPerBar === 2 ? [2, 4] : [score.metre.beatsPerBar]).toContain(
        heard.beatsPerBar,
      )
      const named =
        heard.beatsPerBar === score.metre.beatsPerBar
          ? heard
          : expectOk(listen(sound, { beatsPerBar: score.metre.beatsPerBar }))
      expect(named.beatsPerBar).toBe(score.metre.beatsPerBar)
      expect(found(truth.downbeats, named.downbeats)).toBeGreaterThan(0.9)
      const trueBpm = (seconds: number): number => {
        const i = Math.min(
          truth.downbeats.length - 2,
          Math.max(
            0,
            truth.downbeats.findLastIndex((one) => one <= seconds + 0.1),
          ),
        )
        return (60 * score.metre.beatsPerBar) / (truth.downbeats[i + 1]! - truth.downbeats[i]!)
      }
      const near = named.tempoCurve.filter(
        ({ seconds, bpm }) => Math.abs(bpm / trueBpm(seconds) - 1) < 0.03,
      )
      expect(near.length / named.tempoCurve.length).toBeGreaterThan(0.9)
    },
  )
})

describe('refusing', () => {
  const message = (sound: Sound) => {
    const result = listen(sound)
    return result.ok ? 'heard' : result.problem.message
  }
  it.each([
    ['a second', soundOf(new Float32Array(RATE).fill(0.1)), /1\.0 s long; at least 4 s/],
    ['silence', soundOf(new Float32Array(RATE * 10)), /nothing to hear/],
    ['half an hour', soundOf(new Float32Array(100 * 60 * 30), 100), /30 minutes long; at most 20/],
  ])('%s', (_name, sound, sentence) => expect(message(sound)).toMatch(sentence))
})

describe('reading WAV', () => {
  const samples = Float32Array.from({ length: 1000 }, (_, i) => Math.sin(i / 9) * 0.5)
  const bytes = wavBytes(samples, RATE)
  it('gives back what was written', () => {
    const read = expectOk(readWav(bytes))
    expect([read.sampleRate, read.channels, read.samples.length]).toEqual([RATE, 1, 1000])
    read.samples.forEach((sample, i) =>
      expect(Math.abs(sample - samples[i]!)).toBeLessThan(1 / 16_000),
    )
  })
  const announcing = (size: number, data = bytes): Uint8Array => {
    const changed = data.slice()
    new DataView(changed.buffer).setUint32(40, size, true)
    return changed
  }
  it('does not mind a last moment that is missing, nor a length that was never filled in', () => {
    expect(expectOk(readWav(bytes.subarray(0, 1044))).samples.length).toBe(500)
    for (const size of [0, 0xffff_ffff])
      expect(expectOk(readWav(announcing(size))).samples.length).toBe(1000)
  })
  it.each([
    [
      'text',
      new TextEncoder().encode('hello, this is not sound at all, but text'),
      /does not begin with RIFF/,
    ],
    ['a file cut off before its sound', bytes.subarray(0, 30), /cut off/],
    ['no samples', bytes.subarray(0, 44), /no sound/],
    [
      'what breaks off',
      announcing(RATE * 2 * 90),
      /says that it is 90 s long, and 0 s of it are there/,
    ],
    [
      'two hours, before it reads them',
      announcing(RATE * 2 * 7200),
      /120 minutes long; at most 20/,
    ],
    [
      'an unknown kind of sample',
      Uint8Array.from(bytes, (byte, i) => (i === 20 ? 6 : byte)),
      /of a kind \(6\)/,
    ],
  ])('refuses %s', (_name, data, sentence) => {
    const result = readWav(data)
    expect(result.ok ? '' : result.problem.message).toMatch(sentence)
  })
})
