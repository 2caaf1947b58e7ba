// evaluate.ts FOLDER [--each] [--search] [--reliability] [--weights JSON]: what the decoder makes of activations that
// activate.py wrote, against the truth beside them; with --search, better weights for it, one after
// the other. Run by `node --import tsx --conditions=source`.
import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { parseArgs } from 'node:util'
import { fMeasure, lenientDownbeats, scoreBeats } from '../bench/listen/score.ts'
import {
  bestChain,
  bpmOf,
  groupingsOf,
  rivalsOf,
  withBestBars,
  withoutEnds,
} from '../core/src/listen/bars.ts'
import {
  DECODER,
  latticeOf,
  secondsOfPlace,
  type DecoderWeights,
} from '../core/src/listen/barPointer.ts'
import type { Activations } from '../core/src/listen/beatNet.ts'
import { harmonyChange } from '../core/src/listen/harmonyChange.ts'
import type { LogSpectrum } from '../core/src/listen/logSpectrum.ts'
import { heardAround, limitedLead } from '../core/src/listen/confidence.ts'

interface Truth {
  readonly beats: readonly number[]
  readonly downbeats: readonly number[]
  readonly beatsPerBar: number
  readonly kind: string
  readonly info: string
}
interface Piece {
  readonly name: string
  readonly truth: Truth
  readonly activations: Activations
  readonly spectrum: LogSpectrum
}
const MEASURES = ['f', 'cmlt', 'amlt', 'down', 'lenient', 'metre'] as const
type Row = Readonly<Record<(typeof MEASURES)[number], number>>

function activationsOf(path: string): Activations {
  const bytes = readFileSync(path)
  const all = new Float32Array(
    bytes.buffer.slice(bytes.byteOffset, bytes.byteOffset + bytes.length),
  )
  const frames = all.length / 4
  const [beat, down, three, energy] = [0, 1, 2, 3].map((k) =>
    all.subarray(k * frames, (k + 1) * frames),
  )
  return { frames, beat: beat!, down: down!, three: three!, energy: energy! }
}

/** Bytes are forty times the value. */
function spectrumOf(path: string): LogSpectrum {
  const bytes = readFileSync(path)
  return { frames: bytes.length / 72, bands: Float32Array.from(bytes, (byte) => byte / 40) }
}

const piecesOf = (folder: string): Piece[] =>
  readdirSync(folder)
    .filter((file) => file.endsWith('.act'))
    .sort()
    .map((file) => ({
      name: file.slice(0, -4),
      truth: JSON.parse(readFileSync(join(folder, file.replace('.act', '.json')), 'utf8')) as Truth,
      activations: activationsOf(join(folder, file)),
      spectrum: spectrumOf(join(folder, file.replace('.act', '.bands'))),
    }))

function measure({ truth, activations, spectrum }: Piece, weights: DecoderWeights): Row {
  const lattice = latticeOf(activations, weights)
  const whole = bestChain(lattice, { range: null, beatsPerBar: null })
  const beaten = whole && withoutEnds(activations, whole)
  const chain =
    beaten &&
    withBestBars(beaten, groupingsOf(lattice, beaten, harmonyChange(spectrum, beaten.places)))
  const beats = chain ? chain.places.map((place) => secondsOfPlace(lattice, place)) : []
  const downbeats = beats.filter((_, i) => chain!.inBar[i] === 0)
  const known = truth.beatsPerBar > 0
  const per = chain?.beatsPerBar ?? 0
  return {
    ...scoreBeats(truth.beats, beats),
    down: known ? fMeasure(truth.downbeats, downbeats) : NaN,
    lenient: known ? lenientDownbeats(truth.downbeats, truth.beatsPerBar, downbeats) : NaN,
    metre: known ? +(per === truth.beatsPerBar || (truth.beatsPerBar === 2 && per === 4)) : NaN,
  }
}

function mean(rows: readonly Row[], key: keyof Row): number {
  const values = rows.map((row) => row[key]).filter(Number.isFinite)
  return values.reduce((sum, one) => sum + one, 0) / Math.max(1, values.length)
}
const told = (rows: readonly Row[]): string =>
  MEASURES.map((key) => `${key} ${mean(rows, key).toFixed(3)}`).join('  ')
/** What is searched for: all that counts, added up. */
const worth = (rows: readonly Row[]): number =>
  mean(rows, 'f') + mean(rows, 'cmlt') + mean(rows, 'amlt') + mean(rows, 'lenient')

const TRIED: readonly (readonly [keyof DecoderWeights, readonly unknown[]])[] = [
  ['beat', [0.3, 0.45, 0.75, 0.9]],
  ['between', [0.3, 0.4, 0.65, 0.8]],
  ['change', [30, 45, 100, 140]],
  ['down', [0.5, 0.65, 1, 1.3]],
  ['usual', [0.05, 0.1, 0.25, 0.4]],
  ['usualBpm', [108, 126]],
  ['skipped', [0.025, 0.035, 0.07]],
  ['three', [3, 12, 25]],
  ['harmony', [0, 0.05, 0.2, 0.3, 0.5]],
  ['floor', [0.01, 0.035, 0.05]],
  [
    'metres',
    [
      { 2: -4, 3: 0, 4: 0 },
      { 2: -10, 3: 0, 4: 0 },
      { 2: -20, 3: -4, 4: 0 },
    ],
  ],
]

function search(pieces: readonly Piece[], from: DecoderWeights): void {
  let best = from
  let rows = pieces.map((piece) => measure(piece, best))
  console.log('from', worth(rows).toFixed(4), told(rows))
  for (const [key, values] of TRIED)
    for (const value of values) {
      const next = { ...best, [key]: value }
      const found = pieces.map((piece) => measure(piece, next))
      if (worth(found) > worth(rows) + 1e-4) {
        ;[best, rows] = [next, found]
        console.log(key, JSON.stringify(value), worth(rows).toFixed(4), told(rows))
      }
    }
  console.log(JSON.stringify(best))
}

/** What confidence is made of, and whether the beat, or the bar, was right. */
interface Judged {
  readonly of: readonly number[]
  readonly right: boolean
}
const WITHIN = 0.07

function judged({ truth, activations, spectrum }: Piece): { beats: Judged[]; bars: Judged[] } {
  const lattice = latticeOf(activations)
  const whole = bestChain(lattice, { range: null, beatsPerBar: null })
  const beaten = whole && withoutEnds(activations, whole)
  if (!beaten || beaten.places.length < 8) return { beats: [], bars: [] }
  const ways = groupingsOf(lattice, beaten, harmonyChange(spectrum, beaten.places))
  const chain = withBestBars(beaten, ways)
  const beats = chain.places.map((place) => secondsOfPlace(lattice, place))
  const lead = limitedLead(rivalsOf(lattice, bpmOf(chain))[0]?.lead ?? Infinity)
  const isNear = (list: readonly number[], at: number): boolean =>
    list.some((one) => Math.abs(one - at) <= WITHIN)
  const first = chain.inBar.indexOf(0)
  const own = ways.find(
    (way) => way.beatsPerBar === chain.beatsPerBar && way.first === first % way.beatsPerBar,
  )!
  const barLead = limitedLead(own.score - (ways.find((way) => way !== own)?.score ?? -Infinity))
  return {
    beats: heardAround(activations, chain).map((heard, i) => ({
      of: [1, heard, lead],
      right: isNear(truth.beats, beats[i]!),
    })),
    bars:
      truth.beatsPerBar === 0
        ? []
        : beats
            .filter((_, i) => chain.inBar[i] === 0)
            .map((at) => ({ of: [1, barLead], right: isNear(truth.downbeats, at) })),
  }
}

/** Logistic regression by gradient steps. */
function fitted(all: readonly Judged[]): number[] {
  const weights = all[0]!.of.map(() => 0)
  for (let step = 0; step < 4000; step++) {
    const slope = weights.map(() => 0)
    for (const { of, right } of all) {
      const off = chanceOf(of, weights) - Number(right)
      of.forEach((value, k) => (slope[k]! += off * value))
    }
    slope.forEach((value, k) => (weights[k]! -= (0.5 * value) / all.length))
  }
  return weights
}
const chanceOf = (of: readonly number[], weights: readonly number[]): number =>
  1 / (1 + Math.exp(-of.reduce((sum, value, k) => sum + value * weights[k]!, 0)))

/** Of those said at so many percent, how many were right: fitted on two thirds, told of the third. */
function reliability(name: string, pieces: readonly (readonly Judged[])[]): void {
  const weights = fitted(pieces.filter((_, i) => i % 3 !== 0).flat())
  console.log(name, weights.map((one) => one.toFixed(3)).join('  '))
  const kept = pieces.filter((_, i) => i % 3 === 0).flat()
  for (let low = 0; low < 1; low += 0.1) {
    const own = kept.filter(({ of }) => {
      const chance = chanceOf(of, weights)
      return chance >= low && chance < low + 0.1 + 1e-12
    })
    if (own.length === 0) continue
    const said = own.reduce((sum, { of }) => sum + chanceOf(of, weights), 0) / own.length
    const right = own.filter((one) => one.right).length / own.length
    console.log(`  said ${said.toFixed(2)}  right ${right.toFixed(2)}  of ${own.length}`)
  }
}

const { values, positionals } = parseArgs({
  allowPositionals: true,
  options: {
    each: { type: 'boolean' },
    search: { type: 'boolean' },
    reliability: { type: 'boolean' },
    weights: { type: 'string' },
    every: { type: 'string', default: '1' },
  },
})
const [folder] = positionals
if (!folder) throw new Error('A folder of activations was expected: evaluate.ts FOLDER')
const pieces = piecesOf(folder).filter((_, i) => i % Number(values.every) === 0)
const weights = { ...DECODER, ...(JSON.parse(values.weights ?? '{}') as Partial<DecoderWeights>) }
if (values.search) search(pieces, weights)
else if (values.reliability) {
  const all = pieces.map(judged)
  reliability(
    'beats',
    all.map(({ beats }) => beats),
  )
  reliability(
    'downbeats',
    all.map(({ bars }) => bars),
  )
} else {
  const rows = pieces.map((piece) => measure(piece, weights))
  if (values.each)
    pieces.forEach(({ name, truth }, i) =>
      console.log(name.padEnd(12), truth.kind.padEnd(28), truth.beatsPerBar, told([rows[i]!])),
    )
  console.log(pieces.length, told(rows))
}
