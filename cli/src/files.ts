import { readFileSync } from 'node:fs'
import { resolve } from 'node:path'
import { succeed, type Result } from '@dellop/core/result'
import { problem } from './problem.ts'

const MOST_BYTES = 64 * 1024 * 1024

/** A path as the caller meant it, whatever folder the command itself runs in. */
export const callersPath = (path: string): string =>
  resolve(process.env['DELLOP_CWD'] ?? process.cwd(), path)

/** The text of a file, or why it cannot be read. */
export function readText(path: string): Result<string> {
  try {
    const bytes = readFileSync(callersPath(path))
    if (bytes.length > MOST_BYTES)
      return problem('file.large', { path, megabytes: MOST_BYTES / 1024 / 1024 })
    return succeed(bytes.toString('utf8'))
  } catch (error) {
    const missing = (error as { code?: string }).code === 'ENOENT'
    return problem(missing ? 'file.missing' : 'file.unreadable', { path })
  }
}
