import vtt from 'node-webvtt/lib/parser.js'
import Papa from 'papaparse'
import { succeed, type Result } from '../document/index.ts'
import { problem } from './problem.ts'

/**
 * A cue as a file has it: when it is said, in seconds from the music's beginning, and its words.
 */
export interface ReadCue {
  readonly start: number
  /** Null where the file says only when it begins. */
  readonly end: number | null
  readonly text: string
}

const MOST_BYTES = 2_000_000
const MOST_CUES = 5000

/**
 * Reads cues from a WebVTT or CSV file (by what stands in it), in UTF-8 or UTF-16. In order of
 * start.
 */
export function readCues(bytes: Uint8Array): Result<readonly ReadCue[]> {
  if (bytes.length > MOST_BYTES) return problem('cues.size')
  const text = decode(bytes)
  if (text === null) return problem('cues.encoding')
  const read = text.trimStart().startsWith('WEBVTT') ? readVtt(text.trimStart()) : readCsv(text)
  if (!read.ok) return read
  if (read.value.length === 0) return problem('cues.none')
  if (read.value.length > MOST_CUES)
    return problem('cues.many', { mostCues: MOST_CUES, valueCount: read.value.length })
  return succeed([...read.value].sort((a, b) => a.start - b.start))
}

function decode(bytes: Uint8Array): string | null {
  const [a, b] = bytes
  const encoding =
    a === 0xff && b === 0xfe ? 'utf-16le' : a === 0xfe && b === 0xff ? 'utf-16be' : 'utf-8'
  try {
    const text = new TextDecoder(encoding, { fatal: true }).decode(bytes)
    // Text does not have these; UTF-16 without its mark does.
    return text.includes('\u0000') ? null : text
  } catch {
    return null
  }
}

const unescaped = (text: string): string =>
  text
    .replace(/<[^>]*>/g, '')
    .replace(/&lt;/g, '<')
    .replace(/&gt;/g, '>')
    .replace(/&amp;/g, '&')
    .replace(/\s+/g, ' ')
    .trim()

function readVtt(text: string): Result<readonly ReadCue[]> {
  try {
    const { cues, errors } = vtt.parse(text.replace(/\r\n?/g, '\n').replace(/\n{3,}/g, '\n\n'), {
      meta: true,
      strict: false,
    })
    if (errors[0]) return problem('cues.vtt.time', { why: errors[0].message })
    return succeed(
      cues.map(({ start, end, text: said }) => ({ start, end, text: unescaped(said) })),
    )
  } catch (error) {
    return problem('cues.vtt', {
      why:
        error instanceof Error || (error as { message?: unknown })?.message
          ? String((error as { message: unknown }).message)
          : 'it is no WebVTT',
    })
  }
}

const START = ['start', 'time', 'seconds', 'at']
const WORDS = ['words', 'text', 'cue', 'said']

/**
 * A table with a heading: a column for the start, one for the words, and one for the end where
 * there is one.
 */
function readCsv(text: string): Result<readonly ReadCue[]> {
  const { data, meta } = Papa.parse<Record<string, string>>(text, {
    header: true,
    skipEmptyLines: true,
    transformHeader: (name) => name.trim().toLowerCase(),
  })
  const column = (names: readonly string[]): string | undefined =>
    names.find((name) => meta.fields?.includes(name))
  const [start, words] = [column(START), column(WORDS)]
  if (!start || !words) return problem('cues.columns')
  const cues: ReadCue[] = []
  for (const [i, row] of data.entries()) {
    const at = secondsOf(row[start] ?? '')
    if (at === null) return problem('cues.time', { line: i + 2, time: row[start] ?? '' })
    cues.push({
      start: at,
      end: row['end'] ? secondsOf(row['end']) : null,
      text: (row[words] ?? '').trim(),
    })
  }
  return succeed(cues.filter((cue) => cue.text !== ''))
}

/** 62.5, 62,5, 1:02.5 or 0:01:02.5 in seconds. */
function secondsOf(text: string): number | null {
  if (!/^-?\d+(?::\d{1,2}){0,2}(?:[.,]\d+)?$/.test(text.trim())) return null
  return text
    .trim()
    .replace(',', '.')
    .split(':')
    .reduce((sum, part) => sum * 60 + Number(part), 0)
}
