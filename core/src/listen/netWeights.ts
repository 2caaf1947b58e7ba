import { succeed, type Result } from '../document/result.ts'
import { BAND_COUNT } from './logSpectrum.ts'
import { problem } from './problem.ts'

/**
 * A layer that gives `outs` sums of `ins` values. Weights lie so that four outputs are summed at a
 * time: those of outputs 4b to 4b+3 for input i stand together at (b * ins + i) * 4.
 */
export interface Dense {
  readonly ins: number
  readonly outs: number
  readonly packed: Float32Array
  readonly bias: Float32Array
}

/** The net that finds beats: two convolutions over frames and bands, then nine over frames. */
export interface BeatNet {
  readonly channels: number
  readonly first: Dense
  readonly second: Dense
  readonly joined: Dense
  readonly wide: readonly Dense[]
  readonly mixed: readonly Dense[]
  /** Three outputs, by output and input. */
  readonly out: { readonly weights: Float32Array; readonly bias: Float32Array }
}

/** Taps in time and in bands, and planes, of the two first layers. */
export const FIRST = { planes: 2, taps: 3, bands: 5, outs: 8 } as const
export const SECOND = { taps: 3, bands: 3, outs: 16 } as const
export const KERNEL = 5
export const LAYERS = 9
export const OUTPUTS = 3

const MARK = 0x4244
const VERSION = 1
const HEADER_BYTES = 8

/**
 * Reads the weights as they ship: a mark, a version and the number of channels as numbers of two
 * bytes, then all weights as half-precision numbers. Refuses anything that is not exactly that.
 */
export function readBeatNet(bytes: Uint8Array): Result<BeatNet> {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength)
  const isMarked = bytes.length >= HEADER_BYTES && view.getUint16(0, true) === MARK
  const channels = isMarked ? view.getUint16(4, true) : 0
  const wanted = HEADER_BYTES + 2 * weightCount(channels)
  if (!isMarked || view.getUint16(2, true) !== VERSION || channels % 4 || bytes.length !== wanted)
    return problem('listen.weights', { bytes: bytes.length, wanted })
  return succeed(netOf(channels, halves(view)))
}

const weightCount = (channels: number): number => {
  const { planes, taps, bands, outs } = FIRST
  const first = (planes * taps * bands + 1) * outs
  const second = (outs * SECOND.taps * SECOND.bands + 1) * SECOND.outs
  const joined = ((SECOND.outs * BAND_COUNT) / 4 + 1) * channels
  const layer = (channels * KERNEL + 1) * channels + (channels + 1) * channels
  return first + second + joined + LAYERS * layer + OUTPUTS * (channels + 1)
}

function halves(view: DataView): Float32Array {
  const out = new Float32Array((view.byteLength - HEADER_BYTES) / 2)
  for (let i = 0; i < out.length; i++) {
    const half = view.getUint16(HEADER_BYTES + 2 * i, true)
    const sign = half >> 15 === 1 ? -1 : 1
    const exponent = (half >> 10) & 31
    const part = half & 1023
    out[i] =
      exponent === 0 ? sign * part * 2 ** -24 : sign * (1 + part / 1024) * 2 ** (exponent - 15)
  }
  return out
}

/** Layers as they come: weight and bias of each, the wide ones before the mixing ones. */
function netOf(channels: number, all: Float32Array): BeatNet {
  let at = 0
  const take = (count: number): Float32Array => all.subarray(at, (at += count))
  const dense = (ins: number, outs: number): Dense => ({
    ins,
    outs,
    packed: packed(take(ins * outs), ins, outs),
    bias: take(outs),
  })
  const layers = (ins: number): Dense[] =>
    Array.from({ length: LAYERS }, () => dense(ins, channels))
  return {
    channels,
    first: dense(FIRST.planes * FIRST.taps * FIRST.bands, FIRST.outs),
    second: dense(FIRST.outs * SECOND.taps * SECOND.bands, SECOND.outs),
    joined: dense((SECOND.outs * BAND_COUNT) / 4, channels),
    wide: layers(channels * KERNEL),
    mixed: layers(channels),
    out: { weights: take(OUTPUTS * channels), bias: take(OUTPUTS) },
  }
}

function packed(weights: Float32Array, ins: number, outs: number): Float32Array {
  const out = new Float32Array(weights.length)
  for (let o = 0; o < outs; o++)
    for (let i = 0; i < ins; i++) out[((o >> 2) * ins + i) * 4 + (o & 3)] = weights[o * ins + i]!
  return out
}
