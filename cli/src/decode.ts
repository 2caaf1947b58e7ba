import { readFileSync, statSync } from 'node:fs'
import { succeed, type Result } from '@dellop/core/result'
import { problem } from './problem.ts'
import { checkLength, readWav, type Sound } from '@dellop/core/listen'
import { callersPath } from './files.ts'

/** Channels and rate as the decoders give them. */
interface Decoded {
  readonly channelData: readonly Float32Array[]
  readonly samplesDecoded: number
  readonly sampleRate: number
}
interface Decoder {
  readonly ready: Promise<unknown>
  decode?(bytes: Uint8Array): Decoded | Promise<Decoded>
  decodeFile?(bytes: Uint8Array): Decoded | Promise<Decoded>
  free(): unknown
}

const MOST_BYTES = 512 * 1024 * 1024

/** Reads a sound file: WAV, MP3, Ogg (Vorbis or Opus) or FLAC, known by its first bytes. */
export async function readSound(path: string): Promise<Result<Sound>> {
  const bytes = readBytes(path)
  if (!bytes.ok) return bytes
  const ascii = Buffer.from(bytes.value.subarray(0, 64)).toString('latin1')
  if (ascii.startsWith('RIFF')) return readWav(bytes.value)
  const announced = await announcedSeconds(bytes.value)
  const notTooLong = checkLength(announced, announced)
  if (!notTooLong.ok) return notTooLong
  const decoder = await decoderFor(ascii, bytes.value)
  if (!decoder) return problem('sound.kind', { path })
  return decodeWith(decoder, bytes.value, path, announced)
}

function readBytes(path: string): Result<Uint8Array> {
  try {
    const full = callersPath(path)
    if (statSync(full).size > MOST_BYTES)
      return problem('file.large', { path, megabytes: MOST_BYTES / 1024 / 1024 })
    const bytes = new Uint8Array(readFileSync(full))
    return bytes.length === 0 ? problem('file.empty', { path }) : succeed(bytes)
  } catch {
    return problem('file.missing', { path })
  }
}

/** How long the file says it is, in seconds, without decoding it; 0 where it does not say. */
async function announcedSeconds(bytes: Uint8Array): Promise<number> {
  try {
    const { parseBuffer } = await import('music-metadata')
    return (
      (await parseBuffer(bytes, undefined, { duration: true, skipCovers: true })).format.duration ??
      0
    )
  } catch {
    return 0
  }
}

async function decoderFor(ascii: string, bytes: Uint8Array): Promise<Decoder | null> {
  if (ascii.startsWith('fLaC'))
    return new (await import('@wasm-audio-decoders/flac')).FLACDecoder() as unknown as Decoder
  if (ascii.startsWith('OggS')) {
    if (ascii.includes('OpusHead'))
      return new (await import('ogg-opus-decoder')).OggOpusDecoder() as unknown as Decoder
    return new (
      await import('@wasm-audio-decoders/ogg-vorbis')
    ).OggVorbisDecoder() as unknown as Decoder
  }
  const mp3 = ascii.startsWith('ID3') || (bytes[0] === 0xff && (bytes[1]! & 0xe6) === 0xe2)
  return mp3 ? (new (await import('mpg123-decoder')).MPEGDecoder() as unknown as Decoder) : null
}

/** Decoders print what they stumble over; what the caller is told is one sentence. */
async function quietly<T>(work: () => Promise<T>): Promise<T> {
  const { error, warn } = console
  console.error = console.warn = () => undefined
  try {
    return await work()
  } finally {
    Object.assign(console, { error, warn })
  }
}

async function decodeWith(
  decoder: Decoder,
  bytes: Uint8Array,
  path: string,
  announced: number,
): Promise<Result<Sound>> {
  try {
    await decoder.ready
    const { channelData, samplesDecoded, sampleRate } = await quietly(
      async () => decoder.decodeFile?.(bytes) ?? decoder.decode!(bytes),
    )
    if (samplesDecoded === 0 || channelData.length === 0) return problem('sound.empty', { path })
    const held = samplesDecoded / sampleRate
    const length = checkLength(Math.max(announced, held), held)
    if (!length.ok) return length
    const samples = new Float32Array(samplesDecoded)
    for (const channel of channelData)
      for (let i = 0; i < samplesDecoded; i++) samples[i]! += (channel[i] ?? 0) / channelData.length
    return succeed({ samples, sampleRate, channels: channelData.length })
  } catch {
    return problem('sound.broken', { path })
  } finally {
    decoder.free()
  }
}
