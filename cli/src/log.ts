import { entrySchema, logbookCsv, type LogEntry } from '@dellop/core/logbook'
import { z } from 'zod'
import { readArguments } from './arguments.ts'
import type { Outcome } from './outcome.ts'
import { outcomeOf } from './outcome.ts'
import { problem } from './problem.ts'

/** Where a Dellop answers that was started without more ado. */
const USUAL_ADDRESS = 'http://127.0.0.1:4477'
const answerSchema = z.object({ entries: z.array(entrySchema) })

/**
 * `dellop log export [--from ADDRESS] [--since DATE] [--csv]`: what was danced, from a Dellop that
 * runs, the oldest first.
 */
export async function log(line: readonly string[]): Promise<Outcome> {
  const read = readArguments(line, ['from', 'since'], ['csv'])
  if (!read.ok) return outcomeOf(read, () => ({ exit: 0, text: '' }))
  const { words, options, flags } = read.value
  const since = options.get('since')
  const sinceMs = since === undefined ? 0 : Date.parse(since)
  const address = options.get('from') ?? USUAL_ADDRESS
  const misuse =
    words.length !== 1 || words[0] !== 'export'
      ? problem('log.export')
      : Number.isNaN(sinceMs)
        ? problem('log.since', { text: since! })
        : null
  if (misuse) return outcomeOf(misuse, () => ({ exit: 0, text: '' }))
  const entries = await entriesOf(address)
  if (!entries) return outcomeOf(problem('log.none', { address }), () => ({ exit: 0, text: '' }))
  const wanted = entries.filter(({ atMs }) => atMs >= sinceMs).sort((a, b) => a.atMs - b.atMs)
  return flags.has('csv')
    ? { exit: 0, text: `${logbookCsv(wanted)}\r\n` }
    : { exit: 0, json: { entries: wanted } }
}

async function entriesOf(address: string): Promise<LogEntry[] | null> {
  try {
    const answer = await fetch(new URL('/api/logbook', address))
    const read = answerSchema.safeParse(await answer.json())
    return read.success ? read.data.entries : null
  } catch {
    return null
  }
}
