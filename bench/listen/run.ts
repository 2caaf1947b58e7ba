// npm run bench:listen -- FOLDER: a folder of WAV with JSON beside each ({ meter, beats, downbeats
// } in seconds). Runs Dellop's listening and the library music-tempo in one go and prints both as a
// table.
import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { createRequire } from 'node:module'
import { expectOk } from '@dellop/core/document'
import { listen, readBeatNet, readWav, type Sound } from '@dellop/core/listen'
import { listen as handmadeListen } from './handmade/listen.ts'
import type { Result } from '@dellop/core/result'
import MusicTempo from 'music-tempo'
import { fMeasure, lenientDownbeats, scoreBeats, type BeatScore } from './score.ts'

interface Truth {
  readonly meter: string
  readonly beats: readonly number[]
  readonly downbeats: readonly number[] | null
}
interface Row extends BeatScore {
  readonly piece: string
  readonly downbeats: number
  /** Every second one of bars of two allowed. */
  readonly lenient: number
  readonly metre: number
  readonly cpuPerMinute: number
}
interface Found {
  readonly beats: readonly number[]
  readonly downbeats: readonly number[] | null
  readonly beatsPerBar: number | null
}

const NOTHING: Found = { beats: [], downbeats: [], beatsPerBar: null }
const beatsNet = createRequire(import.meta.url).resolve('@dellop/core/beats.net')
const net = expectOk(readBeatNet(new Uint8Array(readFileSync(beatsNet))))

const foundOf = (heard: Result<Found>): Found => (heard.ok ? heard.value : NOTHING)
const learned = (sound: Sound): Found => foundOf(listen(sound, net))
const handmade = (sound: Sound): Found => foundOf(handmadeListen(sound))

/** music-tempo is made for 44.1 kHz: its windows are halved for 22.05. */
function library({ samples, sampleRate }: Sound): Found {
  const scale = sampleRate / 44_100
  try {
    const found = new MusicTempo(samples, {
      bufferSize: scale < 0.75 ? 1024 : 2048,
      hopSize: Math.round(441 * scale),
      timeStep: Math.round(441 * scale) / sampleRate,
    })
    return { beats: found.beats, downbeats: null, beatsPerBar: null }
  } catch {
    return { beats: [], downbeats: null, beatsPerBar: null }
  }
}

function measure(piece: string, sound: Sound, truth: Truth, find: (sound: Sound) => Found): Row {
  const before = process.cpuUsage()
  const found = find(sound)
  const { user, system } = process.cpuUsage(before)
  const seconds = sound.samples.length / sound.sampleRate
  const known = found.downbeats && truth.downbeats
  return {
    piece,
    ...scoreBeats(truth.beats, found.beats),
    downbeats: known ? fMeasure(truth.downbeats, found.downbeats) : NaN,
    lenient: known ? lenientDownbeats(truth.downbeats, beatsPerBar(truth), found.downbeats) : NaN,
    metre:
      found.beatsPerBar === null || !truth.downbeats
        ? NaN
        : Number(found.beatsPerBar === beatsPerBar(truth)),
    cpuPerMinute: ((user + system) / 1e6 / seconds) * 60,
  }
}

/** Beats of a bar, counted between downbeats: most bars decide. */
function beatsPerBar({ beats, downbeats }: Truth): number {
  const counts = (downbeats ?? [])
    .slice(1)
    .map(
      (end, i) => beats.filter((beat) => beat >= downbeats![i]! - 0.02 && beat < end - 0.02).length,
    )
  return counts.sort((a, b) => a - b)[counts.length >> 1] ?? 0
}

const mean = (rows: readonly Row[], key: Exclude<keyof Row, 'piece'>): number => {
  const values = rows.map((row) => row[key]).filter((value) => Number.isFinite(value))
  return values.length === 0 ? NaN : values.reduce((sum, value) => sum + value, 0) / values.length
}
const cell = (value: number): string =>
  (Number.isFinite(value) ? value.toFixed(3) : '-').padStart(7)
const columns = ['f', 'cmlt', 'amlt', 'downbeats', 'lenient', 'metre', 'cpuPerMinute'] as const

const folder = process.argv[2]
if (!folder) throw new Error('A folder of pieces was expected: npm run bench:listen -- FOLDER')
console.log(
  `${''.padEnd(30)}${['F', 'CMLt', 'AMLt', 'DF', 'DF len', 'metre', 'CPU/min'].map((name) => name.padStart(7)).join(' ')}`,
)
for (const [name, find] of [
  ['dellop', learned],
  ['handmade', handmade],
  ['music-tempo', library],
] as const) {
  const rows = readdirSync(folder)
    .filter((file) => file.endsWith('.wav'))
    .sort()
    .flatMap((file) => {
      const sound = readWav(readFileSync(join(folder, file)))
      if (!sound.ok) throw new Error(`${file}: ${sound.problem.message}`)
      const truth = JSON.parse(
        readFileSync(join(folder, file.replace(/\.wav$/, '.json')), 'utf8'),
      ) as Truth
      return [measure(file.slice(0, -4), sound.value, truth, find)]
    })
  for (const row of rows)
    console.log(
      `${name.padEnd(13)}${row.piece.padEnd(17)}${columns.map((key) => cell(row[key])).join(' ')}`,
    )
  console.log(
    `${name.padEnd(13)}${`mean of ${rows.length}`.padEnd(17)}${columns.map((key) => cell(mean(rows, key))).join(' ')}`,
  )
}
console.log(`memory ${(process.memoryUsage().rss / 1024 / 1024).toFixed(0)} MB`)
