import { spawn, type ChildProcess } from 'node:child_process'
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'

const ROOT = fileURLToPath(new URL('../..', import.meta.url))
const WAIT_MS = 90_000

/** The built server in a process of its own, which can be killed. */
export interface Attacked {
  readonly address: string
  readonly kill: () => Promise<void>
}
/** A server that did not begin: what it said, and its exit code. */
export interface Refused {
  readonly said: string
  readonly exit: number | null
}

export interface Beginning {
  /** Blocks of 1 kB that no file may grow beyond; left out for no limit. */
  readonly limit?: number | undefined
  /** Any free one where left out. */
  readonly port?: number
  /** With the dances of the demo. */
  readonly demo?: boolean
}

/** Starts the server on a data folder. */
export async function begin(
  data: string,
  { limit, port = 0, demo = false }: Beginning = {},
): Promise<Attacked | Refused> {
  const line = [process.execPath, join(ROOT, 'server/dist/main.js')]
  const seed = demo ? { DELLOP_SEED: join(ROOT, 'demo') } : {}
  const env = { ...process.env, PORT: String(port), DELLOP_DATA: data, ...seed }
  const child = limit
    ? spawn('bash', ['-c', `ulimit -f ${limit}; exec "$@"`, 'bash', ...line], { cwd: ROOT, env })
    : spawn(line[0]!, line.slice(1), { cwd: ROOT, env })
  return ready(child)
}

function ready(child: ChildProcess): Promise<Attacked | Refused> {
  let said = ''
  const ended = new Promise<number | null>((resolve) => child.once('exit', (code) => resolve(code)))
  return new Promise((resolve) => {
    const late = setTimeout(() => child.kill('SIGKILL'), WAIT_MS)
    const listen = (chunk: Buffer): void => {
      said += chunk.toString()
      const address = /ready at (http:\S+)/.exec(said)?.[1]
      if (!address) return
      clearTimeout(late)
      resolve({
        address,
        kill: async () => {
          child.kill('SIGKILL')
          await ended
        },
      })
    }
    child.stdout?.on('data', listen)
    child.stderr?.on('data', listen)
    void ended.then((exit) => {
      clearTimeout(late)
      resolve({ said: said.trim(), exit })
    })
  })
}

export async function begun(data: string, how: Beginning = {}): Promise<Attacked> {
  const server = await begin(data, how)
  if ('exit' in server) throw new Error(`the server did not begin: ${server.said}`)
  return server
}

/** Does something in a data folder of its own, which is gone afterwards. */
export async function inFolder<Value>(work: (data: string) => Promise<Value>): Promise<Value> {
  const data = mkdtempSync(join(tmpdir(), 'dellop-faults-'))
  try {
    return await work(join(data, 'data'))
  } finally {
    rmSync(data, { recursive: true, force: true })
  }
}

export interface Answer {
  readonly status: number
  readonly body: Record<string, unknown>
  readonly isLow: boolean
}
/** Asks the server; null where there is no answer. */
export async function ask(
  { address }: Attacked,
  path: string,
  body?: unknown,
): Promise<Answer | null> {
  try {
    const response = await fetch(address + path, {
      ...(body === undefined
        ? {}
        : {
            method: 'POST',
            headers: { 'Content-Type': 'application/json' },
            body: JSON.stringify(body),
          }),
      signal: AbortSignal.timeout(WAIT_MS),
    })
    return {
      status: response.status,
      body: (await response.json().catch(() => ({}))) as Record<string, unknown>,
      isLow: response.headers.get('Dellop-Storage') === 'low',
    }
  } catch {
    return null
  }
}

/** Adds a group; whether the server has said that it is kept. */
export async function addGroup(server: Attacked, id: string): Promise<Answer | null> {
  const group = { format: 'dellop-group', version: 2, id, name: id, level: 'easy', taught: [] }
  return ask(server, '/api/groups', { group })
}
export async function groupsOf(server: Attacked): Promise<ReadonlySet<string>> {
  const { groups } = (await ask(server, '/api/groups'))!.body as { groups: { id: string }[] }
  return new Set(groups.map(({ id }) => id))
}
