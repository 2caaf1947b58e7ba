// label.ts FOLDER NET OUT: beats for recordings that nobody wrote any for. An excerpt of each is
// heard by the net and by an independent tracker; where both say the same beats at the same level,
// these are written down (OUT/NAME.json), and recordings.py makes pieces to learn from of them.
// Run by `node --import tsx --conditions=source`; needs ffmpeg.
import { execFileSync } from 'node:child_process'
import { mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs'
import { basename, join } from 'node:path'
import { expectOk } from '@dellop/core/document'
import { listen, readBeatNet } from '@dellop/core/listen'
import MusicTempo from 'music-tempo'
import { scoreBeats } from '../bench/listen/score.ts'

const RATE = 22_050
const SECONDS = 48
/** Share of beats that both find at the same level. */
const AGREE = 0.93
/** The other tracker hears a beat so much later than it is. */
const OTHER_LATE = 0.019

const [folder, netFile, out] = process.argv.slice(2)
if (!folder || !netFile || !out) throw new Error('Expected: label.ts FOLDER NET OUT')
mkdirSync(out, { recursive: true })
const net = expectOk(readBeatNet(new Uint8Array(readFileSync(netFile))))

const durationOf = (path: string): number =>
  Number(
    execFileSync('ffprobe', [
      ...['-v', 'error', '-show_entries', 'format=duration', '-of', 'csv=p=0', path],
    ]).toString(),
  )

function excerpt(path: string, from: number, seconds: number): Float32Array {
  const bytes = execFileSync(
    'ffmpeg',
    [
      ...['-v', 'error', '-ss', String(from), '-i', path, '-t', String(seconds)],
      ...['-ac', '1', '-ar', String(RATE), '-f', 'f32le', '-'],
    ],
    { maxBuffer: 1e9 },
  )
  return new Float32Array(
    bytes.buffer.slice(bytes.byteOffset, bytes.byteOffset + (bytes.length & ~3)),
  )
}

function otherBeats(samples: Float32Array): number[] {
  try {
    const found = new MusicTempo(samples, { bufferSize: 1024, hopSize: 220, timeStep: 220 / RATE })
    return found.beats.map((beat) => beat - OTHER_LATE)
  } catch {
    return []
  }
}

/** The beats of both, half way between them; those of one alone as the net has them. */
const between = (a: readonly number[], b: readonly number[]): number[] =>
  a.map((beat) => {
    const near = b.find((other) => Math.abs(other - beat) < 0.06)
    return near === undefined ? beat : (2 * beat + near) / 3
  })

let [seen, kept] = [0, 0]
for (const name of readdirSync(folder).sort()) {
  const path = join(folder, name)
  const whole = durationOf(path)
  if (!(whole > 25)) continue
  const starts = whole > 150 ? [0.2, 0.6] : [whole > 80 ? 0.3 : 0]
  for (const share of starts) {
    const from = whole * share
    const samples = excerpt(path, from, Math.min(SECONDS, whole - from))
    const heard = listen({ samples, sampleRate: RATE, channels: 1 }, net)
    const other = otherBeats(samples)
    seen++
    if (!heard.ok) continue
    const { cmlt, amlt } = scoreBeats(heard.value.beats, other)
    const agree = cmlt >= AGREE
    console.log(
      `${agree ? '+' : ' '} ${name.slice(0, 40).padEnd(40)} ${heard.value.bpm.toFixed(0).padStart(4)} ` +
        `same ${cmlt.toFixed(2)} other level ${amlt.toFixed(2)}`,
    )
    if (!agree) continue
    kept++
    writeFileSync(
      join(out, `${basename(name).replace(/\W+/g, '_')}_${share * 10}.json`),
      JSON.stringify({ path, from, seconds: SECONDS, beats: between(heard.value.beats, other) }),
    )
  }
}
console.log(`${kept} of ${seen} excerpts`)
