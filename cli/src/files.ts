import { readFileSync } from 'node:fs'
import { resolve } from 'node:path'
import { problem, succeed, type Result } from '@dellop/core/result'

const MOST_BYTES = 64 * 1024 * 1024

/** A path as the caller meant it, whatever folder the command itself runs in. */
export const callersPath = (path: string): string =>
  resolve(process.env['DELLOP_CWD'] ?? process.cwd(), path)

/** The text of a file, or why it cannot be read. */
export function readText(path: string): Result<string> {
  try {
    const bytes = readFileSync(callersPath(path))
    if (bytes.length > MOST_BYTES)
      return problem('file.large', `"${path}" is larger than ${MOST_BYTES / 1024 / 1024} MB.`)
    return succeed(bytes.toString('utf8'))
  } catch (error) {
    const missing = (error as { code?: string }).code === 'ENOENT'
    return problem(
      'file.unreadable',
      missing ? `There is no file "${path}".` : `"${path}" cannot be read as a file.`,
    )
  }
}
