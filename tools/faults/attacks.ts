import { createHash } from 'node:crypto'
import { execFileSync } from 'node:child_process'
import {
  existsSync,
  mkdirSync,
  readdirSync,
  readFileSync,
  rmSync,
  statSync,
  writeFileSync,
  appendFileSync,
} from 'node:fs'
import { join } from 'node:path'
import { wavBytes } from '@dellop/core/band'
import { LibsqlDriver } from '../../server/src/database/libsqlDriver.ts'
import { chanceOf } from './mutate.ts'
import { addGroup, ask, begin, begun, groupsOf, inFolder, type Attacked } from './server.ts'

/** What was tried, how often, and what went wrong: nothing, where all is well. */
export interface Attack {
  readonly tried: string
  readonly broken: readonly string[]
}

/** So many kills of a server in one data folder, and how much it had answered for. */
export interface KillsTried {
  readonly kills: number
  readonly acknowledged: number
  readonly broken: readonly string[]
}

const missing = (had: ReadonlySet<string>, kept: Iterable<string>): string[] =>
  [...kept].filter((id) => !had.has(id))
const databaseOf = (data: string): string => join(data, 'dellop.sqlite')
function integrity(data: string): string {
  const [row] = new LibsqlDriver(databaseOf(data)).prepare('PRAGMA integrity_check').all() as {
    integrity_check: string
  }[]
  return row!.integrity_check
}
const sleep = (ms: number): Promise<void> => new Promise((resolve) => setTimeout(resolve, ms))

/** The server is killed while eight write; what it had answered for is there, and nothing is torn. */
export async function kills(count: number, seed: number): Promise<KillsTried> {
  const chance = chanceOf(seed)
  const broken: string[] = []
  const kept = new Set<string>()
  await inFolder(async (data) => {
    for (let n = 0; n < count; n++) {
      const server = await begun(data)
      const lost = missing(await groupsOf(server), kept)
      if (lost.length > 0) broken.push(`kill ${n} of seed ${seed}: ${lost.length} are gone`)
      let isOver = false
      const writer = async (who: number): Promise<void> => {
        for (let i = 0; !isOver; i++) {
          const id = `g${n}-${who}-${i}`
          if ((await addGroup(server, id))?.status === 200) kept.add(id)
        }
      }
      const writers = Array.from({ length: 8 }, (_, who) => writer(who))
      const sound = fetch(`${server.address}/api/media`, {
        method: 'POST',
        headers: { 'Content-Type': 'application/octet-stream' },
        body: Buffer.from(wavBytes(new Float32Array(200_000).fill(chance()), 44_100)),
      }).catch(() => null)
      await sleep(20 + chance() * 250)
      await server.kill()
      isOver = true
      await Promise.all([...writers, sound])
    }
    const server = await begun(data)
    const lost = missing(await groupsOf(server), kept)
    if (lost.length > 0) broken.push(`the last of seed ${seed}: ${lost.length} are gone`)
    const drafts = readdirSync(join(data, 'tmp'))
    if (drafts.length > 0) broken.push(`${drafts.length} drafts are left in tmp`)
    await server.kill()
    const whole = integrity(data)
    if (whole !== 'ok') broken.push(whole)
  })
  return { kills: count, acknowledged: kept.size, broken }
}

/** A small disk of its own where this user may mount one; else no file may grow beyond a limit. */
async function onSmallDisk<Value>(
  work: (data: string, limit: number | undefined, how: string) => Promise<Value>,
): Promise<Value> {
  return inFolder(async (data) => {
    mkdirSync(data, { recursive: true })
    try {
      execFileSync('mount', ['-t', 'tmpfs', '-o', 'size=24m', 'tmpfs', data], { stdio: 'ignore' })
    } catch {
      return work(data, 6 * 1024, 'files of at most 6 MB')
    }
    try {
      return await work(data, undefined, 'a disk of 24 MB')
    } finally {
      execFileSync('umount', ['-l', data])
    }
  })
}

/** The disk fills: that is said, reading goes on, nothing is half kept, and it goes on afterwards. */
export function fullDisk(): Promise<Attack> {
  return onSmallDisk(async (data, limit, how) => {
    const broken: string[] = []
    const expect = (isSo: boolean, what: string): void => void (isSo || broken.push(what))
    const kept = new Set<string>()
    const server = await begun(data, { limit })
    const add = async (id: string) => {
      const answer = await addGroup(server, id)
      if (answer?.status === 200) kept.add(id)
      return answer
    }
    await add('before')
    const ballast = join(data, 'ballast')
    if (limit === undefined) fill(ballast)
    // With a limit on files it is the database itself that grows into it.
    const first = await add('on-reserve')
    let last = first
    for (let n = 0; n < 4000 && last?.status === 200; n++)
      last = await bulky(server, `more-${n}`, kept)
    if (limit === undefined)
      expect(first?.status === 200, `the reserve did not do: ${first?.status}`)
    expect(last?.status === 507, `a full disk was answered with ${last?.status}`)
    expect(/disk is full/.test(String(last?.body['detail'])), 'it was not said that it is full')
    const reading = await ask(server, '/api/groups')
    expect(reading?.status === 200, `reading was answered with ${reading?.status}`)
    expect(reading?.isLow === true, 'it was not told that the disk is low')
    const before = mediaOf(data)
    const sound = await fetch(`${server.address}/api/media`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/octet-stream' },
      body: Buffer.from(wavBytes(new Float32Array(4_000_000), 44_100)),
    })
    expect(sound.status === 507, `a sound that does not fit was answered with ${sound.status}`)
    expect(mediaOf(data) === before, 'a sound that does not fit has left something')
    const tune = await ask(server, '/api/tunes/score', {
      kind: 'abc',
      text: 'X:1\nT:Long\nM:3/4\nL:1/4\nQ:1/4=60\nK:G\nP:A\n' + 'GBd|'.repeat(90) + '\n',
    })
    if (limit === undefined) expect(tune?.status === 507, `a tune: ${tune?.status}`)
    if (limit === undefined) {
      rmSync(ballast)
      const after = await add('after')
      expect(after?.status === 200, `room was made, and it was answered with ${after?.status}`)
    }
    await server.kill()
    rmSync(ballast, { force: true })
    const again = await begun(data)
    const lost = missing(await groupsOf(again), kept)
    expect(lost.length === 0, `${lost.length} acknowledged are gone`)
    await again.kill()
    expect(integrity(data) === 'ok', integrity(data))
    return { tried: `${how}, ${kept.size} acknowledged changes`, broken }
  })
}

/** A group whose record is large. */
async function bulky(server: Attacked, id: string, kept: Set<string>) {
  const taught = Array.from({ length: 900 }, (_, i) => ({ id: `figure-${id}-${i}`, times: i }))
  const group = { format: 'dellop-group', version: 2, id, name: id, level: 'easy', taught }
  const answer = await ask(server, '/api/groups', { group })
  if (answer?.status === 200) kept.add(id)
  return answer
}
function fill(path: string): void {
  for (const bytes of [1024 * 1024, 64 * 1024, 4096])
    for (;;)
      try {
        appendFileSync(path, Buffer.alloc(bytes, 1))
      } catch {
        break
      }
}
function mediaOf(data: string): string {
  const names = (folder: string): string[] =>
    existsSync(folder) ? readdirSync(folder, { recursive: true }).map(String).sort() : []
  const files = names(join(data, 'media')).filter((name) =>
    statSync(join(data, 'media', name)).isFile(),
  )
  return [...files, ...names(join(data, 'tmp'))].join(' ')
}

/** Another program holds the data, for a moment and for long. */
export function locks(): Promise<Attack> {
  return inFolder(async (data) => {
    const broken: string[] = []
    const kept = new Set<string>()
    const server = await begun(data)
    const other = new LibsqlDriver(databaseOf(data))
    for (let n = 0; n < 5; n++) {
      other.prepare('BEGIN IMMEDIATE').run()
      const writing = addGroup(server, `moment-${n}`)
      await sleep(300)
      other.prepare('COMMIT').run()
      if ((await writing)?.status === 200) kept.add(`moment-${n}`)
      else broken.push('a lock of a moment was not waited for')
    }
    other.prepare('BEGIN IMMEDIATE').run()
    const [long, reading] = await Promise.all([
      addGroup(server, 'long'),
      ask(server, '/api/groups'),
    ])
    if (long?.status === 200 || !/Another program/.test(String(long?.body['detail'])))
      broken.push(`a long lock was answered with ${long?.status}`)
    if (reading?.status !== 200) broken.push('nothing could be read meanwhile')
    other.prepare('COMMIT').run()
    if ((await addGroup(server, 'after'))?.status === 200) kept.add('after')
    else broken.push('it did not go on after the lock')
    await server.kill()
    const again = await begun(data)
    const lost = missing(await groupsOf(again), kept)
    if (lost.length > 0) broken.push(`${lost.length} acknowledged are gone`)
    await again.kill()
    return { tried: '5 locks of a moment, one of long', broken }
  })
}

/** A second server on the same data, and folders that are no good: one sentence, nothing touched. */
export async function folders(): Promise<Attack> {
  const broken: string[] = []
  const refused = async (what: string, data: string, sentence: RegExp): Promise<void> => {
    const before = stateOf(data)
    const answer = await begin(data)
    if (!('exit' in answer)) {
      await answer.kill()
      return void broken.push(`${what}: it began`)
    }
    if (answer.exit !== 1 || !sentence.test(answer.said) || answer.said.split('\n').length > 1)
      broken.push(`${what}: exit ${answer.exit}, “${answer.said.slice(0, 200)}”`)
    const after = stateOf(data)
    if (after !== before) broken.push(`${what}: touched: ${differences(before, after)}`)
  }
  await inFolder(async (data) => {
    const first = await begun(data)
    const second = await begin(data)
    if (!('exit' in second)) broken.push('a second server began')
    else if (second.exit !== 1 || !second.said.includes(first.address))
      broken.push(`a second server: “${second.said}”`)
    await addGroup(first, 'one')
    await first.kill()
    const whole = readFileSync(databaseOf(data))
    writeFileSync(databaseOf(data), whole.subarray(0, whole.length >> 1))
    rmSync(`${databaseOf(data)}-wal`, { force: true })
    await refused('a database cut in half', data, /is damaged/)
    writeFileSync(databaseOf(data), 'this is no database, and never was one')
    await refused('no database', data, /database/)
  })
  await inFolder(async (data) => {
    writeFileSync(data, 'a file')
    await refused('a file in its place', data, /folder/)
  })
  return { tried: 'a second server, half a database, no database, a file in its place', broken }
}

function differences(a: string, b: string): string {
  const [before, after] = [a.split('\n'), b.split('\n')]
  return [
    ...before.filter((line) => !after.includes(line)).map((line) => `- ${line}`),
    ...after.filter((line) => !before.includes(line)).map((line) => `+ ${line}`),
  ].join(', ')
}
function stateOf(path: string): string {
  if (statSync(path).isFile()) return createHash('sha256').update(readFileSync(path)).digest('hex')
  return readdirSync(path, { recursive: true })
    .map(String)
    .sort()
    .filter(
      (name) =>
        statSync(join(path, name)).isFile() && !/^(?:log|dellop\.lock|dellop\.sqlite-)/.test(name),
    )
    .map((name) => `${name} ${stateOf(join(path, name))}`)
    .join('\n')
}
