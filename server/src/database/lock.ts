import { readFileSync, renameSync, rmSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'

/** Who has a data folder: the process, and where it can be reached once it can. */
interface Holder {
  readonly pid: number
  readonly address: string | null
  readonly startedAtMs: number
}

/** The data folder belongs to a Dellop that is running. */
export class FolderInUse extends Error {
  constructor(
    readonly holder: Holder,
    dataFolder: string,
    path: string,
  ) {
    const where = holder.address === null ? '' : ` at ${holder.address}`
    super(
      `Another Dellop (process ${holder.pid}) already uses the data in ${dataFolder}${where}. ` +
        `Open that one, or stop it first; for other data, set DELLOP_DATA to another folder. ` +
        `If process ${holder.pid} is no Dellop, delete ${path}.`,
    )
    this.name = 'FolderInUse'
  }
}

/** A data folder that is held by this process until it is let go. */
export interface FolderLock {
  /** Says where this Dellop can be reached, for one that comes later. */
  readonly at: (address: string) => void
  readonly release: () => void
}

const NAME = 'dellop.lock'
/** Folders that this process has: a lock with its number that is not among them is an old one. */
const held = new Set<string>()

/**
 * Takes a data folder for this process, or throws `FolderInUse`. A lock that was left behind by a
 * process that is gone is taken over. Two servers on one folder would each overwrite what the other
 * has read.
 */
export function lockFolder(dataFolder: string, nowMs: number): FolderLock {
  const path = join(dataFolder, NAME)
  const mine: Holder = { pid: process.pid, address: null, startedAtMs: nowMs }
  for (let tries = 0; !isTaken(path, mine); tries++) {
    const other = readHolder(path)
    if (other && isHeld(path, other)) throw new FolderInUse(other, dataFolder, path)
    if (tries > 10) throw new Error(`${path} can be neither read nor replaced.`)
    setAside(path, other)
  }
  held.add(path)
  return {
    at: (address) => writeFileSync(path, textOf({ ...mine, address })),
    release: () => {
      held.delete(path)
      if (readHolder(path)?.pid === process.pid) rmSync(path, { force: true })
    },
  }
}

const textOf = (holder: Holder): string => `${JSON.stringify(holder)}\n`

/** Writes the lock where there is none; whoever creates the file has it. */
function isTaken(path: string, holder: Holder): boolean {
  try {
    writeFileSync(path, textOf(holder), { flag: 'wx' })
    return true
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code === 'EEXIST') return false
    throw error
  }
}

/** Moves a lock away that nobody holds; one that somebody else has taken meanwhile is put back. */
function setAside(path: string, stale: Holder | null): void {
  const aside = `${path}.${process.pid}`
  try {
    renameSync(path, aside)
    const moved = readHolder(aside)
    if (moved && moved.pid !== stale?.pid && isHeld(path, moved)) renameSync(aside, path)
    else rmSync(aside, { force: true })
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code !== 'ENOENT') throw error
  }
}

function readHolder(path: string): Holder | null {
  try {
    const holder = JSON.parse(readFileSync(path, 'utf8')) as Partial<Holder>
    return typeof holder.pid === 'number'
      ? { pid: holder.pid, address: holder.address ?? null, startedAtMs: holder.startedAtMs ?? 0 }
      : null
  } catch {
    return null
  }
}

/** Whether its process is there, and a Node where that can be seen: numbers are used again. */
function isHeld(path: string, { pid }: Holder): boolean {
  if (pid === process.pid) return held.has(path)
  try {
    process.kill(pid, 0)
  } catch (error) {
    return (error as NodeJS.ErrnoException).code === 'EPERM'
  }
  try {
    return /node|dellop/i.test(readFileSync(`/proc/${pid}/cmdline`, 'utf8'))
  } catch {
    return true
  }
}
