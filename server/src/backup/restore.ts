import { existsSync, mkdirSync, readdirSync, renameSync, rmSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { stateOf } from '../database/check.ts'
import { HttpProblem } from '../http/problem.ts'
import { DATABASE, MANIFEST } from './manifest.ts'
import { unpack } from './unpack.ts'

const STAGED = 'restore-next'
const READY = 'ready'
/** What is taken aside when a backup takes its place. */
const OWN = [DATABASE, `${DATABASE}-wal`, `${DATABASE}-shm`, 'media']

/**
 * Unpacks a backup beside what is here, proves it, and has it take its place at the next start. What
 * is here stays until then, and is kept aside after.
 */
export async function stageRestore(dataFolder: string, zip: string): Promise<{ files: number }> {
  const folder = join(dataFolder, STAGED)
  rmSync(folder, { recursive: true, force: true })
  const { files } = await unpack(zip, folder)
  const state = existsSync(join(folder, DATABASE)) ? stateOf(join(folder, DATABASE)) : 'none'
  if (state !== 'good') {
    rmSync(folder, { recursive: true, force: true })
    throw new HttpProblem(
      'input.invalid',
      state === 'newer'
        ? 'This backup was made by a newer Dellop; restore it with that one.'
        : 'The database in this backup cannot be read.',
    )
  }
  rmSync(join(folder, MANIFEST), { force: true })
  writeFileSync(join(folder, READY), '')
  return { files: files.length }
}

/**
 * Puts a backup that was proved in the place of what is here, before the database is opened; what was
 * here is kept in a folder of its own. Broken off, it is gone on with at the next start.
 */
export function takeRestored(dataFolder: string, nowMs: number): string | null {
  const folder = join(dataFolder, STAGED)
  if (!existsSync(join(folder, READY))) {
    rmSync(folder, { recursive: true, force: true })
    return null
  }
  const aside = join(
    dataFolder,
    `before-restore-${new Date(nowMs).toISOString().replace(/[:.]/g, '-')}`,
  )
  mkdirSync(aside, { recursive: true, mode: 0o700 })
  for (const name of OWN) {
    const here = join(dataFolder, name)
    // What the backup has lies in its place already where this was broken off.
    if (existsSync(here) && existsSync(join(folder, name.startsWith(DATABASE) ? DATABASE : name)))
      renameSync(here, join(aside, name))
  }
  for (const name of readdirSync(folder))
    if (name !== READY) renameSync(join(folder, name), join(dataFolder, name))
  rmSync(folder, { recursive: true, force: true })
  return aside
}
