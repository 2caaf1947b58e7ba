// npm run faults [-- KIND ...] [--kills N] [--files N]: attacks Dellop as time and chance do, and
// prints what held. Each kind by itself; kills and fuzzing go on where the last run ended, up to
// 1,000 kills and 10,000 files of each kind. What it found stands in docs/faults.md.
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
/** What was tried of one kind of file, from seed 0 up to the next. */
interface Fuzzed {
  readonly next: number
  readonly letIn: number
  readonly slowestMs: number
  readonly broken: readonly string[]
  readonly seconds: number
}
const NOTHING_YET: Fuzzed = { next: 0, letIn: 0, slowestMs: 0, broken: [], seconds: 0 }
/** Kills so far, with what was answered for before them. */
interface Killed {
  readonly kills: number
  readonly acknowledged: number
  readonly broken: readonly string[]
  readonly seconds: number
}
const NONE_YET: Killed = { kills: 0, acknowledged: 0, broken: [], seconds: 0 }
/** So many kills in one data folder; what came of them is kept then. */
const KILLS_A_FOLDER = 40
const MOST_KILLS = 1000
interface State {
  readonly killed?: Killed
  readonly fuzzed: Readonly<Record<string, Fuzzed>>
  readonly lines: Readonly<Record<string, Line>>
}
const read = (): State => ({
  fuzzed: {},
  lines: {},
  ...(existsSync(STATE) ? (JSON.parse(readFileSync(STATE, 'utf8')) as Partial<State>) : {}),
})
function keep(change: (state: State) => State): void {
  mkdirSync(here('../../reports'), { recursive: true })
  writeFileSync(STATE, JSON.stringify(change(read()), null, 2))
}

/** Goes on where the last run ended; all seeds so far are told. After the last it begins again. */
async function fuzzKind(kind: string): Promise<Attack & { readonly seconds: number }> {
  const kept = read().fuzzed[kind] ?? NOTHING_YET
  const before = kept.next < MOST_FILES ? kept : NOTHING_YET
  const since = Date.now()
  const files = Math.min(Number(values.files), MOST_FILES - before.next)
  const run = await fuzz(kind, before.next, files)
  const now: Fuzzed = {
    next: before.next + files,
    letIn: before.letIn + run.letIn,
    slowestMs: Math.max(before.slowestMs, run.slowestMs),
    broken: [...before.broken, ...run.broken.map(({ seed, what }) => `seed ${seed}: ${what}`)],
    seconds: before.seconds + Math.round((Date.now() - since) / 1000),
  }
  keep((state) => ({ ...state, fuzzed: { ...state.fuzzed, [kind]: now } }))
  const { next, letIn, slowestMs, broken, seconds } = now
  return {
    tried: `${next} files from seed 0, ${letIn} let in, ${Math.round(slowestMs)} ms at most`,
    broken,
    seconds,
  }
}

/** Goes on where the last run ended, folder by folder; all kills so far are told. */
async function killKind(): Promise<Attack & { readonly seconds: number }> {
  const before = read().killed ?? NONE_YET
  let now = before.kills < MOST_KILLS ? before : NONE_YET
  const last = Math.min(MOST_KILLS, now.kills + Number(values.kills))
  while (now.kills < last) {
    const since = Date.now()
    const run = await kills(Math.min(KILLS_A_FOLDER, last - now.kills), 1 + now.kills)
    now = {
      kills: now.kills + run.kills,
      acknowledged: now.acknowledged + run.acknowledged,
      broken: [...now.broken, ...run.broken],
      seconds: now.seconds + Math.round((Date.now() - since) / 1000),
    }
    const kept = now
    keep((state) => ({ ...state, killed: kept }))
  }
  const { acknowledged, broken, seconds } = now
  return { tried: `${now.kills} kills, ${acknowledged} acknowledged changes`, broken, seconds }
}

const KINDS: Readonly<Record<string, () => Promise<Attack & { readonly seconds?: number }>>> = {
  kills: killKind,
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
  const line: Line = { kind, seconds: Math.round((Date.now() - since) / 1000), ...attack }
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
