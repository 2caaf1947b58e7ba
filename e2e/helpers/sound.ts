import { execFileSync } from 'node:child_process'
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'

const LAMPS = 'demo/tunes/lamps-along-the-staithe.abc'

/** A recording as a cuer would have it, and what is truly in it. */
export interface Played {
  readonly path: string
  readonly seconds: number
  readonly beats: readonly number[]
  readonly downbeats: readonly number[]
}

/**
 * The demo's waltz (it has a pick-up) as the house band plays it to another order of its parts and,
 * where wished, another tempo from part to part.
 */
export function playedWaltz(name: string, order: string, tempi = ''): Played {
  const folder = mkdtempSync(join(tmpdir(), 'dellop-sound-'))
  const tempo = tempi === '' ? '' : `%%dellop-tempo ${tempi}\n`
  const abc = readFileSync(LAMPS, 'utf8')
    .replace('P:IAABALAABAT', `P:${order}`)
    .replace(/^K:/m, `${tempo}K:`)
  writeFileSync(join(folder, 'tune.abc'), abc)
  const path = join(folder, `${name}.wav`)
  execFileSync(process.execPath, ['cli/dellop.mjs', 'band', join(folder, 'tune.abc'), '-o', path])
  const { beats, downbeats } = JSON.parse(
    readFileSync(path.replace('.wav', '.json'), 'utf8'),
  ) as Pick<Played, 'beats' | 'downbeats'>
  return { path, seconds: samplesOf(readFileSync(path)).samples.length / 44_100, beats, downbeats }
}

/** Share of the true moments after the first five seconds that have one of `found` within 70 ms. */
export function shareFound(truth: readonly number[], found: readonly number[]): number {
  const late = truth.filter((moment) => moment > 5)
  return (
    late.filter((moment) => found.some((one) => Math.abs(one - moment) < 0.07)).length / late.length
  )
}

/** A WAV file of 16-bit samples, the same on each channel. */
export function wav(
  samples: ArrayLike<number>,
  rate: number,
  channels = 1,
  announcedSamples = samples.length,
): Buffer {
  const bytes = Buffer.alloc(44 + samples.length * channels * 2)
  bytes.write('RIFF', 0)
  bytes.writeUInt32LE((36 + announcedSamples * channels * 2) >>> 0, 4)
  bytes.write('WAVEfmt ', 8)
  bytes.writeUInt32LE(16, 16)
  bytes.writeUInt16LE(1, 20)
  bytes.writeUInt16LE(channels, 22)
  bytes.writeUInt32LE(rate, 24)
  bytes.writeUInt32LE(rate * channels * 2, 28)
  bytes.writeUInt16LE(channels * 2, 32)
  bytes.writeUInt16LE(16, 34)
  bytes.write('data', 36)
  bytes.writeUInt32LE((announcedSamples * channels * 2) >>> 0, 40)
  for (let i = 0; i < samples.length; i++)
    for (let c = 0; c < channels; c++)
      bytes.writeInt16LE(Math.round(samples[i]! * 32_000), 44 + (i * channels + c) * 2)
  return bytes
}

/** A tone of 440 Hz, struck anew on every beat. */
export const struckTone = (bpm: number, seconds: number, rate: number): Float32Array =>
  Float32Array.from({ length: Math.round(seconds * rate) }, (_, i) => {
    const sinceBeat = (i / rate) % (60 / bpm)
    return Math.sin((2 * Math.PI * 440 * i) / rate) * 0.7 * Math.exp(-3 * sinceBeat)
  })

/** Samples of a mono 16-bit WAV file that Dellop made. */
export function samplesOf(bytes: Buffer): { samples: Float32Array; rate: number } {
  const data = bytes.indexOf('data') + 8
  return {
    rate: bytes.readUInt32LE(24),
    samples: Float32Array.from(
      { length: (bytes.length - data) >> 1 },
      (_, i) => bytes.readInt16LE(data + 2 * i) / 32_768,
    ),
  }
}

/** Seconds at which something begins to sound after at least `quiet` seconds of hardly anything. */
export function beginnings(
  { samples, rate }: { samples: Float32Array; rate: number },
  quiet: number,
): number[] {
  const found: number[] = []
  let last = -Infinity
  samples.forEach((sample, i) => {
    if (Math.abs(sample) < 0.02) return
    if (i - last > quiet * rate) found.push(i / rate)
    last = i
  })
  return found
}

/** How much of a tone of some frequency is in the sound, any scale. */
export function toneStrength(
  { samples, rate }: { samples: Float32Array; rate: number },
  hertz: number,
): number {
  let [re, im] = [0, 0]
  samples.forEach((sample, i) => {
    re += sample * Math.cos((2 * Math.PI * hertz * i) / rate)
    im += sample * Math.sin((2 * Math.PI * hertz * i) / rate)
  })
  return Math.hypot(re, im) / samples.length
}
