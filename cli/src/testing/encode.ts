import { createMp3Encoder, createOggEncoder } from 'wasm-media-encoders'

/** The sound as an MP3 file (128 kbit/s) or an Ogg Vorbis file. Samples -1..1, one channel. */
export async function compressed(
  kind: 'mp3' | 'ogg',
  samples: Float32Array,
  sampleRate: number,
): Promise<Uint8Array> {
  const encoder = kind === 'mp3' ? await createMp3Encoder() : await createOggEncoder()
  if (kind === 'mp3')
    (encoder as Awaited<ReturnType<typeof createMp3Encoder>>).configure({
      sampleRate: sampleRate as 44_100,
      channels: 1,
      bitrate: 128,
    })
  else
    (encoder as Awaited<ReturnType<typeof createOggEncoder>>).configure({
      sampleRate,
      channels: 1,
      vbrQuality: 4,
    })
  const parts = [Uint8Array.from(encoder.encode([samples])), Uint8Array.from(encoder.finalize())]
  return Buffer.concat(parts)
}

const BLOCK = 4096
const RATE = 44_100
const RATE_CODE = 9

/**
 * The sound as a FLAC file of 16-bit samples at 44.1 kHz that are not squeezed: every block is
 * stored as it is.
 */
export function flac(samples: Float32Array): Uint8Array {
  const info = new Bits()
  info
    .put(BLOCK, 16)
    .put(BLOCK, 16)
    .put(0, 24)
    .put(0, 24)
    .put(RATE, 20)
    .put(0, 3)
    .put(15, 5)
    .put(0, 4)
    .put(samples.length, 32)
  const blocks = Array.from({ length: Math.ceil(samples.length / BLOCK) }, (_, n) =>
    block(samples.subarray(n * BLOCK, (n + 1) * BLOCK), n),
  )
  // The checksum of the sound may be left out as noughts.
  return Buffer.concat([
    Buffer.from('fLaC'),
    Uint8Array.from([0x80, 0, 0, 34]),
    info.bytes(),
    new Uint8Array(16),
    ...blocks,
  ])
}

function block(samples: Float32Array, number: number): Uint8Array {
  const head = new Bits()
    .put(0x3ffe, 14)
    .put(0, 2)
    .put(7, 4)
    .put(RATE_CODE, 4)
    .put(0, 4)
    .put(4, 3)
    .put(0, 1)
  for (const byte of Buffer.from(String.fromCodePoint(number), 'utf8')) head.put(byte, 8)
  head.put(samples.length - 1, 16)
  const withCheck = Buffer.concat([
    head.bytes(),
    Uint8Array.from([checksum(head.bytes(), 8, 0x07)]),
  ])
  const body = Buffer.alloc(1 + samples.length * 2)
  body[0] = 0b0000_0010
  samples.forEach((sample, i) =>
    body.writeInt16BE(Math.round(Math.max(-1, Math.min(1, sample)) * 32_767), 1 + 2 * i),
  )
  const whole = Buffer.concat([withCheck, body])
  const check = checksum(whole, 16, 0x8005)
  return Buffer.concat([whole, Uint8Array.from([check >> 8, check & 0xff])])
}

function checksum(bytes: Uint8Array, width: 8 | 16, polynomial: number): number {
  const [top, mask] = [1 << (width - 1), 2 ** width - 1]
  let rest = 0
  for (const byte of bytes) {
    rest ^= byte << (width - 8)
    for (let i = 0; i < 8; i++) rest = (rest & top ? (rest << 1) ^ polynomial : rest << 1) & mask
  }
  return rest
}

/** Whole bytes from numbers of any width, first bit first. */
class Bits {
  readonly #bytes: number[] = []
  #rest = 0
  #width = 0
  put(value: number, width: number): this {
    for (let i = width - 1; i >= 0; i--) {
      this.#rest = (this.#rest << 1) | (Math.floor(value / 2 ** i) & 1)
      if (++this.#width === 8) {
        this.#bytes.push(this.#rest)
        this.#rest = this.#width = 0
      }
    }
    return this
  }
  bytes(): Uint8Array {
    return Uint8Array.from(this.#bytes)
  }
}
