// npm run faults [-- KIND ...] [--kills N] [--files N]: attacks Dellop as time and chance do, and
// prints what held. Each kind by itself; fuzzing goes on where the last run ended, up to 10,000
// files of each kind. What it found stands in docs/faults.md.
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs'
import { cpus } from 'node:os'
import { fileURLToPath } from 'node:url'
import { parseArgs } from 'node:util'
import { folders, fullDisk, kills, locks, type Attack } from './attacks.ts'
import { DEMO, fuzz } from './fuzz.ts'
import { importers } from './importers.ts'
import { midCall } from './midCall.ts'
import { soundImporters } from './sounds.ts'

const here = (path: string): string => fileURLToPath(new URL(path, import.meta.url))
const { values, positionals } = parseArgs({
  args: process.argv.slice(2),
  allowPositionals: true,
  options: {
    kills: { type: 'string', default: '1000' },
    files: { type: 'string', default: '1000' },
    rounds: { type: 'string', default: '20' },
  },
})
const STATE = here('../../reports/faults.json')
const MOST_FILES = 10_000

interface Line extends Attack {
  readonly kind: string
  readonly seconds: number
}
interface State {
  /** The next seed of each kind of file. */
  readonly seeds: Readonly<Record<string, number>>
  readonly lines: Readonly<Record<string, Line>>
}
const read = (): State =>
  existsSync(STATE) ? (JSON.parse(readFileSync(STATE, 'utf8')) as State) : { seeds: {}, lines: {} }
function keep(change: (state: State) => State): void {
  mkdirSync(here('../../reports'), { recursive: true })
  writeFileSync(STATE, JSON.stringify(change(read()), null, 2))
}

async function fuzzKind(kind: string): Promise<Attack> {
  const from = (read().seeds[kind] ?? 0) % MOST_FILES
  const files = Math.min(Number(values.files), MOST_FILES - from)
  const run = await fuzz(kind, from, files)
  keep((state) => ({ ...state, seeds: { ...state.seeds, [kind]: from + files } }))
  return {
    tried: `${files} files from seed ${from}, ${run.letIn} let in, ${Math.round(run.slowestMs)} ms at most`,
    broken: run.broken.map(({ seed, what }) => `seed ${seed}: ${what}`),
  }
}

const KINDS: Readonly<Record<string, () => Promise<Attack>>> = {
  kills: () => kills(Number(values.kills), 1),
  full: fullDisk,
  locks,
  folders,
  'mid-call': () => midCall(Number(values.rounds)),
  ...Object.fromEntries(
    [...importers(DEMO), ...(await soundImporters())].map(
      ({ name }) => [`fuzz: ${name}`, () => fuzzKind(name)] as const,
    ),
  ),
}

const wanted = Object.keys(KINDS).filter(
  (kind) => positionals.length === 0 || positionals.some((one) => kind.startsWith(one)),
)
let isWhole = true
for (const kind of wanted) {
  const since = Date.now()
  const attack = await KINDS[kind]!().catch((error: unknown): Attack => ({
    tried: 'it broke off',
    broken: [String(error)],
  }))
  const line: Line = { kind, ...attack, seconds: Math.round((Date.now() - since) / 1000) }
  keep((state) => ({ ...state, lines: { ...state.lines, [kind]: line } }))
  isWhole &&= attack.broken.length === 0
  console.log(
    `${attack.broken.length === 0 ? 'held ' : 'BROKE'} ${kind}: ${attack.tried} (${line.seconds} s)`,
  )
  for (const what of attack.broken.slice(0, 10)) console.log(`      ${what.slice(0, 300)}`)
}

const { lines } = read()
const rows = Object.keys(KINDS)
  .flatMap((kind) => (lines[kind] ? [lines[kind]] : []))
  .map(
    ({ kind, tried, broken, seconds }) =>
      `| ${kind} | ${tried} | ${broken.length === 0 ? 'held' : `${broken.length} broke`} | ${seconds} s |`,
  )
writeFileSync(
  here('../../docs/faults.md'),
  `# What Dellop was attacked with

\`npm run faults\` does it again; \`npm run faults -- KIND\` one kind of it. Written by that command, of
each kind its last run, on ${cpus().length} cores.

| kind | what was tried | came of it | took |
| --- | --- | --- | --- |
${rows.join('\n')}

- kills: the server is ended without warning while eight write and a sound comes in; what it had
  answered for must be there at the next start, the database whole, nothing left in \`tmp\`.
- full: a disk fills up; that is said, reading goes on, what does not fit leaves nothing, and with room
  it goes on without a start.
- locks: another program holds the database. folders: a second server, and data folders that are no good.
- mid-call: the server is killed in the middle of a call and comes back.
- fuzz: whole files with one to six things wrong in them; each is refused in a sentence or let in so that
  it can be read back, within 5 s and 1 GB. The file of a seed is always the same.
`,
)
process.exitCode = isWhole ? 0 : 1
