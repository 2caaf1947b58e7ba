import { succeed, type Result } from '../document/result.ts'
import { problem } from './problem.ts'

/** Sound as it was read: all channels joined into one. */
export interface Sound {
  readonly samples: Float32Array
  readonly sampleRate: number
  readonly channels: number
}

/**
 * Longest sound that is listened to, in seconds. A dance is minutes; hours would not fit in memory.
 */
export const LONGEST_SECONDS = 20 * 60

/** Sound that is missing from the end, up to so many seconds, is not worth a word. */
const CUT_OFF_SECONDS = 1
/** Sizes that a recorder writes when it does not know yet how long the sound will be. */
const UNKNOWN_SIZE = 0xff00_0000

type Read = (view: DataView, at: number) => number
const READERS: Readonly<Record<string, Read>> = {
  '1:8': (view, at) => (view.getUint8(at) - 128) / 128,
  '1:16': (view, at) => view.getInt16(at, true) / 32_768,
  '1:24': (view, at) =>
    (view.getUint8(at) | (view.getUint8(at + 1) << 8) | (view.getInt8(at + 2) << 16)) / 8_388_608,
  '1:32': (view, at) => view.getInt32(at, true) / 2_147_483_648,
  '3:32': (view, at) => view.getFloat32(at, true),
  '3:64': (view, at) => view.getFloat64(at, true),
}
const EXTENSIBLE = 0xfffe

/** What a WAV file says of itself before its sound. */
interface WavHead {
  readonly kind: number
  readonly channels: number
  readonly rate: number
  readonly bits: number
  /** Bytes of one sample of all channels. */
  readonly width: number
  /** Where the sound starts, in bytes, and how many bytes of it are there. */
  readonly start: number
  readonly held: number
  /** How many bytes of sound the file says it has; what is there, where it does not say. */
  readonly announced: number
}

/**
 * Refuses, in one sentence, sound that is too long to listen to, and a file that holds much less
 * than it says. Lengths in seconds.
 *
 * @param announcedSeconds What the file says, in seconds.
 * @param heldSeconds What of it is there, in seconds.
 */
export function checkLength(announcedSeconds: number, heldSeconds: number): Result<null> {
  if (announcedSeconds > LONGEST_SECONDS)
    return problem('sound.too-long.recording', {
      minutes: Math.round(announcedSeconds / 60),
      most: LONGEST_SECONDS / 60,
    })
  const isCutOff = announcedSeconds - heldSeconds > CUT_OFF_SECONDS
  return isCutOff
    ? problem('sound.cut-off', {
        announcedSeconds: announcedSeconds.toFixed(0),
        heldSeconds: heldSeconds.toFixed(0),
      })
    : succeed(null)
}

/**
 * How long a WAV file says it is and how much of it is there, in seconds, from its beginning and
 * its size in bytes. Refuses what is no WAV file or of a kind that is not read.
 *
 * @param size Of the whole file, in bytes.
 */
export function wavLengths(
  beginning: Uint8Array,
  size: number,
): Result<{ announcedSeconds: number; heldSeconds: number }> {
  const head = wavHead(beginning, size)
  if (!head.ok) return head
  const { announced, held, width, rate } = head.value
  return succeed({ announcedSeconds: announced / width / rate, heldSeconds: held / width / rate })
}

/**
 * Reads a WAV file: whole-number samples of 8 to 32 bits or floating point, any rate, any channels.
 * Refuses one without sound, one that is too long, and one that was cut off.
 */
export function readWav(bytes: Uint8Array): Result<Sound> {
  const head = wavHead(bytes)
  if (!head.ok) return head
  const { announced, held, width, rate } = head.value
  const length = checkLength(announced / width / rate, held / width / rate)
  return length.ok ? succeed(joined(bytes, head.value)) : length
}

function wavHead(bytes: Uint8Array, total = bytes.length): Result<WavHead> {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength)
  const tag = (at: number): string => String.fromCharCode(...bytes.subarray(at, at + 4))
  if (bytes.length < 12 || tag(0) !== 'RIFF' || tag(8) !== 'WAVE') return problem('wav.header')
  let format: Omit<WavHead, 'start' | 'held' | 'announced'> | null = null
  for (let at = 12; at + 8 <= bytes.length;) {
    const size = view.getUint32(at + 4, true)
    const body = at + 8
    if (tag(at) === 'fmt ' && body + 16 <= bytes.length) {
      const kind = view.getUint16(body, true)
      const [channels, bits] = [view.getUint16(body + 2, true), view.getUint16(body + 14, true)]
      format = {
        kind:
          kind === EXTENSIBLE && body + 26 <= bytes.length ? view.getUint16(body + 24, true) : kind,
        channels,
        rate: view.getUint32(body + 4, true),
        bits,
        width: (bits / 8) * channels,
      }
    }
    if (tag(at) === 'data')
      return format
        ? checkedHead({
            ...format,
            start: body,
            held: Math.min(size || total, total - body),
            announced: size,
          })
        : problem('wav.order')
    at = body + size + (size & 1)
  }
  return problem('wav.no-sound')
}

function checkedHead(head: WavHead): Result<WavHead> {
  const { kind, bits, channels, rate, held, announced, width } = head
  if (!READERS[`${kind}:${bits}`] || channels < 1 || rate < 1000)
    return problem('wav.format', { bits, kind })
  if (held < width) return problem('wav.empty')
  return succeed({
    ...head,
    announced: announced === 0 || announced >= UNKNOWN_SIZE ? held : announced,
  })
}

function joined(
  bytes: Uint8Array,
  { kind, bits, channels, rate, width, start, held }: WavHead,
): Sound {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength)
  const read = READERS[`${kind}:${bits}`]!
  const samples = new Float32Array(Math.floor(held / width))
  for (let i = 0; i < samples.length; i++) {
    let sum = 0
    for (let c = 0; c < channels; c++) sum += read(view, start + i * width + (c * bits) / 8)
    samples[i] = sum / channels
  }
  return { samples, sampleRate: rate, channels }
}
