import { BAND_COUNT, type LogSpectrum } from './logSpectrum.ts'
import { FIRST, KERNEL, SECOND, type BeatNet, type Dense } from './netWeights.ts'

/** For each frame, 0..1: how surely a beat is there, that it is a downbeat, that bars have three. */
export interface Activations {
  readonly frames: number
  readonly beat: Float32Array
  readonly down: Float32Array
  readonly three: Float32Array
  /** Mean of the bands: how much sounds. */
  readonly energy: Float32Array
}

const { exp } = Math

/** Bands after each of the two first layers, which take every other one. */
const FIRST_BANDS = BAND_COUNT / 2
const SECOND_BANDS = FIRST_BANDS / 2
/** Rows carry two bands of nothing on either side for the first layer, one for the second. */
const PLANE_WIDTH = BAND_COUNT + 4
const FIRST_WIDTH = FIRST_BANDS + 2
const FIRST_ROW = FIRST.outs * FIRST_WIDTH

/**
 * The forward pass of the net over a recording: a temporal convolutional network with residual
 * blocks of growing reach (after Davies and Böck 2019), two frames and four sums at a time.
 *
 * @param progress Told the share done, 0..1; may throw to stop.
 */
export function activations(
  net: BeatNet,
  spectrum: LogSpectrum,
  progress: (share: number) => void = () => undefined,
): Activations {
  const { frames } = spectrum
  let now: Float32Array = frontOf(net, spectrum, (share) => progress(share * 0.4))
  let next: Float32Array = new Float32Array(now.length)
  const skipped = new Float32Array(now.length)
  net.wide.forEach((wide, layer) => {
    progress(0.4 + (0.6 * layer) / net.wide.length)
    block(wide, net.mixed[layer]!, 2 ** layer, frames, now, next, skipped)
    ;[now, next] = [next, now]
  })
  const [beat, down, three] = outputs(net, skipped, frames)
  return { frames, beat: beat!, down: down!, three: three!, energy: energyOf(spectrum) }
}

const elu = (value: number): number => (value > 0 ? value : exp(value) - 1)

/** `outputs[r * outs + o] = bias[o] + sum of inputs[r * ins + i] * weight`, for two rows. */
function sumTwoRows(layer: Dense, inputs: Float32Array, outputs: Float32Array): void {
  const { ins, outs, packed, bias } = layer
  let w = 0
  for (let o = 0; o < outs; o += 4) {
    let a0 = bias[o]!
    let a1 = bias[o + 1]!
    let a2 = bias[o + 2]!
    let a3 = bias[o + 3]!
    let b0 = a0
    let b1 = a1
    let b2 = a2
    let b3 = a3
    for (let i = 0; i < ins; i++, w += 4) {
      const a = inputs[i]!
      const b = inputs[ins + i]!
      const w0 = packed[w]!
      const w1 = packed[w + 1]!
      const w2 = packed[w + 2]!
      const w3 = packed[w + 3]!
      a0 += a * w0
      a1 += a * w1
      a2 += a * w2
      a3 += a * w3
      b0 += b * w0
      b1 += b * w1
      b2 += b * w2
      b3 += b * w3
    }
    outputs[o] = a0
    outputs[o + 1] = a1
    outputs[o + 2] = a2
    outputs[o + 3] = a3
    outputs[outs + o] = b0
    outputs[outs + o + 1] = b1
    outputs[outs + o + 2] = b2
    outputs[outs + o + 3] = b3
  }
}

/** The two first layers and the one that joins their bands: `channels` values for each frame. */
function frontOf(
  net: BeatNet,
  spectrum: LogSpectrum,
  progress: (share: number) => void,
): Float32Array {
  const { frames } = spectrum
  const { channels } = net
  const out = new Float32Array(frames * channels)
  const rows = new FirstRows(net.first, spectrum)
  const width = SECOND.outs * SECOND_BANDS
  const pair = new Float32Array(2 * width)
  const sums = new Float32Array(2 * channels)
  const window = new Float32Array(2 * net.second.ins)
  const found = new Float32Array(2 * SECOND.outs)
  for (let frame = 0; frame < frames; frame += 2) {
    if (frame % 512 === 0) progress(frame / frames)
    for (let r = 0; r < 2; r++)
      secondRow(net.second, rows, frame + r, window, found, pair, r * width)
    sumTwoRows(net.joined, pair, sums)
    const count = Math.min(2 * channels, out.length - frame * channels)
    for (let i = 0; i < count; i++) out[frame * channels + i] = elu(sums[i]!)
  }
  return out
}

/** Rows of the first layer as they are needed: only the last four are kept. */
class FirstRows {
  readonly #layer: Dense
  readonly #spectrum: LogSpectrum
  readonly #kept = Array.from({ length: 4 }, () => new Float32Array(FIRST_ROW))
  readonly #planes = new Float32Array(FIRST.planes * FIRST.taps * PLANE_WIDTH)
  readonly #window: Float32Array
  readonly #found = new Float32Array(2 * FIRST.outs)
  #computed = -1

  constructor(layer: Dense, spectrum: LogSpectrum) {
    this.#layer = layer
    this.#spectrum = spectrum
    this.#window = new Float32Array(2 * layer.ins)
  }

  /** The row of a frame; nothing before the first and after the last. Frames come in order. */
  at(frame: number): Float32Array {
    for (; this.#computed < frame; this.#computed++) this.#compute(this.#computed + 1)
    return frame < 0 ? NOTHING : this.#kept[frame & 3]!
  }

  #compute(frame: number): void {
    const row = this.#kept[frame & 3]!
    if (frame >= this.#spectrum.frames) return void row.fill(0)
    const { taps, bands, planes, outs } = FIRST
    putPlanes(this.#spectrum, frame, this.#planes)
    for (let q = 0; q < FIRST_BANDS; q += 2) {
      let i = 0
      for (let r = 0; r < 2; r++)
        for (let plane = 0; plane < planes; plane++)
          for (let tap = 0; tap < taps; tap++) {
            const at = (tap * planes + plane) * PLANE_WIDTH + 2 * (q + r)
            for (let b = 0; b < bands; b++) this.#window[i++] = this.#planes[at + b]!
          }
      sumTwoRows(this.#layer, this.#window, this.#found)
      for (let o = 0, at = q + 1; o < outs; o++, at += FIRST_WIDTH) {
        row[at] = elu(this.#found[o]!)
        row[at + 1] = elu(this.#found[outs + o]!)
      }
    }
  }
}

const NOTHING = new Float32Array(FIRST_ROW)

/** The spectrum and how it rises, of a frame and those beside it; nothing outside. */
function putPlanes({ bands, frames }: LogSpectrum, frame: number, planes: Float32Array): void {
  planes.fill(0)
  for (let tap = 0; tap < FIRST.taps; tap++) {
    const at = frame + tap - 1
    if (at < 0 || at >= frames) continue
    const level = tap * FIRST.planes * PLANE_WIDTH + 2
    const rise = level + PLANE_WIDTH
    const row = at * BAND_COUNT
    const before = at === 0 ? row : row - BAND_COUNT
    for (let b = 0; b < BAND_COUNT; b++) {
      const value = bands[row + b]!
      const more = value - bands[before + b]!
      planes[level + b] = value * 0.5 - 1
      planes[rise + b] = more > 0 ? more * 2 : 0
    }
  }
}

function secondRow(
  layer: Dense,
  rows: FirstRows,
  frame: number,
  window: Float32Array,
  found: Float32Array,
  out: Float32Array,
  to: number,
): void {
  // In order: the row after this one is computed last, and four are kept.
  const beside = [rows.at(frame - 1), rows.at(frame), rows.at(frame + 1)]
  for (let q = 0; q < SECOND_BANDS; q += 2) {
    let i = 0
    for (let r = 0; r < 2; r++)
      for (let c = 0; c < FIRST.outs; c++)
        for (let tap = 0; tap < SECOND.taps; tap++) {
          const row = beside[tap]!
          const at = c * FIRST_WIDTH + 2 * (q + r)
          window[i++] = row[at]!
          window[i++] = row[at + 1]!
          window[i++] = row[at + 2]!
        }
    sumTwoRows(layer, window, found)
    for (let o = 0; o < SECOND.outs; o++) {
      out[to + o * SECOND_BANDS + q] = elu(found[o]!)
      out[to + o * SECOND_BANDS + q + 1] = elu(found[SECOND.outs + o]!)
    }
  }
}

/** One residual block: five frames `reach` apart, then a mixing of channels. */
function block(
  wide: Dense,
  mixed: Dense,
  reach: number,
  frames: number,
  now: Float32Array,
  next: Float32Array,
  skipped: Float32Array,
): void {
  const channels = mixed.outs
  const window = new Float32Array(2 * wide.ins)
  const sums = new Float32Array(2 * channels)
  const added = new Float32Array(2 * channels)
  for (let frame = 0; frame < frames; frame += 2) {
    for (let r = 0; r < 2; r++)
      for (let tap = 0; tap < KERNEL; tap++) {
        const from = frame + r + (tap - (KERNEL >> 1)) * reach
        const to = r * wide.ins + tap * channels
        if (from < 0 || from >= frames) window.fill(0, to, to + channels)
        else for (let c = 0; c < channels; c++) window[to + c] = now[from * channels + c]!
      }
    sumTwoRows(wide, window, sums)
    for (let c = 0; c < 2 * channels; c++) sums[c] = elu(sums[c]!)
    sumTwoRows(mixed, sums, added)
    const at = frame * channels
    const count = Math.min(2 * channels, now.length - at)
    for (let c = 0; c < count; c++) {
      next[at + c] = now[at + c]! + added[c]!
      skipped[at + c]! += added[c]!
    }
  }
}

function outputs(
  { out, channels }: BeatNet,
  skipped: Float32Array,
  frames: number,
): Float32Array[] {
  const found = Array.from(out.bias, () => new Float32Array(frames))
  const row = new Float32Array(channels)
  for (let frame = 0; frame < frames; frame++) {
    for (let c = 0; c < channels; c++) row[c] = elu(skipped[frame * channels + c]!)
    found.forEach((values, k) => {
      let sum = out.bias[k]!
      for (let c = 0; c < channels; c++) sum += row[c]! * out.weights[k * channels + c]!
      values[frame] = 1 / (1 + exp(-sum))
    })
  }
  return found
}

function energyOf({ frames, bands }: LogSpectrum): Float32Array {
  const energy = new Float32Array(frames)
  for (let frame = 0; frame < frames; frame++) {
    let sum = 0
    for (let b = 0; b < BAND_COUNT; b++) sum += bands[frame * BAND_COUNT + b]!
    energy[frame] = sum / BAND_COUNT
  }
  return energy
}
