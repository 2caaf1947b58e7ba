// The command as tests run it: in a shell, or here, in a folder of its own.
import { spawnSync } from 'node:child_process'
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { band } from '../band.ts'
import { check } from '../check.ts'
import { count } from '../count.ts'
import { figures } from '../figures.ts'
import { floor } from '../floor.ts'
import type { Outcome } from '../outcome.ts'
import { plan } from '../plan.ts'
import { rehearse } from '../rehearse.ts'

export const root = join(__dirname, '../../..')
export const demo = (path: string): string => join(root, 'demo', path)
/** Where the commands of a file of tests work. */
export let folder: string
beforeAll(() => {
  folder = mkdtempSync(join(tmpdir(), 'dellop-cli-'))
  process.env['DELLOP_CWD'] = folder
})
afterAll(() => {
  delete process.env['DELLOP_CWD']
  rmSync(folder, { recursive: true, force: true })
})

/** Runs the command as a shell would; it runs its build, or its source when that is newer. */
export function shell(...line: string[]) {
  const { status, stdout, stderr } = spawnSync(
    process.execPath,
    [join(root, 'cli/dellop.mjs'), ...line],
    { cwd: folder, encoding: 'utf8' },
  )
  return {
    exit: status,
    text: stdout,
    json: stdout.startsWith('{') ? JSON.parse(stdout) : null,
    stderr: stderr.trim(),
  }
}
/** What a command prints, without a process of its own each time. */
const HERE: Readonly<Record<string, (line: readonly string[]) => Outcome>> = {
  count,
  check,
  plan,
  band,
  figures,
  floor,
  rehearse,
}
export function dellop(name: string, ...line: string[]) {
  const outcome = HERE[name]!(line)
  return {
    exit: outcome.exit,
    json: 'json' in outcome ? JSON.parse(JSON.stringify(outcome.json)) : null,
    stderr: 'sentence' in outcome ? outcome.sentence : '',
  }
}
export function fileOf(name: string, text: string): string {
  writeFileSync(join(folder, name), text)
  return name
}
