// Writes web/public/voice/: the offline voice's data, cut down to what English and German need, and
// where its parts belong.
import { mkdirSync, readFileSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { root } from './setup.mjs'

const from = join(root, 'node_modules/@echogarden/espeak-ng-emscripten')
const to = join(root, 'web/public/voice')
const NEEDED = [
  /\/(phondata|phontab|phonindex|intonations|phondata-manifest)$/,
  /\/(en|de)_dict$/,
  /\/lang\//,
  /\/voices\//,
]

const script = readFileSync(join(from, 'espeak-ng.js'), 'utf8')
const list = /loadPackage\((\{.*?\})\)/s.exec(script)?.[1]
if (!list) throw new Error('the list of the voice’s files was expected in espeak-ng.js')
// The list is written as JavaScript, with bare names; as JSON it can be read without running it.
const { files } = JSON.parse(list.replace(/([{,]\s*)(\w+)\s*:/g, '$1"$2":').replace(/'/g, '"'))
const data = readFileSync(join(from, 'espeak-ng.data'))
const kept = files.filter(({ filename }) => NEEDED.some((pattern) => pattern.test(filename)))
mkdirSync(to, { recursive: true })
writeFileSync(
  join(to, 'voice.data'),
  Buffer.concat(kept.map(({ start, end }) => data.subarray(start, end))),
)
writeFileSync(
  join(to, 'voice.json'),
  JSON.stringify({ size: data.length, parts: kept.map(({ start, end }) => [start, end - start]) }),
)
console.log(`voice: ${kept.length} of ${files.length} files`)
