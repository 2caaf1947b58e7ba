import { problem, succeed, type Result } from '../document/index.ts'

/** Sound as it was read: all channels joined into one. */
export interface Sound {
  readonly samples: Float32Array
  readonly sampleRate: number
  readonly channels: number
}

/** Longest sound that is listened to, in seconds. A dance is minutes; hours would not fit in memory. */
export const LONGEST_SECONDS = 20 * 60

type Read = (view: DataView, at: number) => number
const READERS: Readonly<Record<string, Read>> = {
  '1:8': (view, at) => (view.getUint8(at) - 128) / 128,
  '1:16': (view, at) => view.getInt16(at, true) / 32_768,
  '1:24': (view, at) => (view.getUint8(at) | (view.getUint8(at + 1) << 8) | (view.getInt8(at + 2) << 16)) / 8_388_608,
  '1:32': (view, at) => view.getInt32(at, true) / 2_147_483_648,
  '3:32': (view, at) => view.getFloat32(at, true),
  '3:64': (view, at) => view.getFloat64(at, true),
}
const EXTENSIBLE = 0xfffe

/**
 * Reads a WAV file: whole-number samples of 8 to 32 bits or floating point, any rate, any channels. A file cut off in its
 * sound is read as far as it goes; one without sound is refused.
 */
export function readWav(bytes: Uint8Array): Result<Sound> {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength)
  const tag = (at: number): string => String.fromCharCode(...bytes.subarray(at, at + 4))
  if (bytes.length < 12 || tag(0) !== 'RIFF' || tag(8) !== 'WAVE') return problem('wav.header', 'This is no WAV file: it does not begin with RIFF and WAVE.')
  let format: { kind: number; channels: number; rate: number; bits: number } | null = null
  for (let at = 12; at + 8 <= bytes.length;) {
    const size = view.getUint32(at + 4, true)
    const body = at + 8
    if (tag(at) === 'fmt ' && body + 16 <= bytes.length) {
      const kind = view.getUint16(body, true)
      const real = kind === EXTENSIBLE && body + 26 <= bytes.length ? view.getUint16(body + 24, true) : kind
      format = { kind: real, channels: view.getUint16(body + 2, true), rate: view.getUint32(body + 4, true), bits: view.getUint16(body + 14, true) }
    }
    if (tag(at) === 'data') return format ? joined(view, body, Math.min(size, bytes.length - body), format) : problem('wav.order', 'The WAV file has its sound before its format.')
    at = body + size + (size & 1)
  }
  return problem('wav.no-sound', 'There is no sound in this WAV file; perhaps it was cut off.')
}

function joined(view: DataView, start: number, size: number, { kind, channels, rate, bits }: { kind: number; channels: number; rate: number; bits: number }): Result<Sound> {
  const read = READERS[`${kind}:${bits}`]
  if (!read || channels < 1 || rate < 1000) return problem('wav.format', `This WAV file holds ${bits}-bit sound of a kind (${kind}) that is not read; plain or floating-point samples were expected.`)
  const width = (bits / 8) * channels
  const length = Math.floor(size / width)
  if (length === 0) return problem('wav.empty', 'The WAV file holds no sound.')
  if (length / rate > LONGEST_SECONDS) return problem('sound.too-long', `The sound is ${Math.round(length / rate / 60)} minutes long; at most ${LONGEST_SECONDS / 60} are listened to.`)
  const samples = new Float32Array(length)
  for (let i = 0; i < length; i++) {
    let sum = 0
    for (let c = 0; c < channels; c++) sum += read(view, start + i * width + (c * bits) / 8)
    samples[i] = sum / channels
  }
  return succeed({ samples, sampleRate: rate, channels })
}
