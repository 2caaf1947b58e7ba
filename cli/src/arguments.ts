import { parseArgs } from 'node:util'
import { succeed, type Result } from '@dellop/core/result'
import { problem } from './problem.ts'

/** Words and options of a command line: `--name value` or `--name=value`, the last of each. */
export interface Arguments {
  readonly words: readonly string[]
  readonly options: ReadonlyMap<string, string>
  /** Options that stand alone, such as `--book`. */
  readonly flags: ReadonlySet<string>
  /** Options that may be given several times. */
  readonly lists: ReadonlyMap<string, readonly string[]>
}

/** Reads a command line, or says which word was not expected. */
export function readArguments(
  line: readonly string[],
  known: readonly string[],
  alone: readonly string[] = [],
  several: readonly string[] = [],
): Result<Arguments> {
  const kind = (type: 'string' | 'boolean') => (name: string) =>
    [name, { type, ...(name.length === 1 ? { short: name } : {}) }] as const
  const { tokens } = parseArgs({
    args: [...line],
    options: Object.fromEntries([
      ...[...known, ...several].map(kind('string')),
      ...alone.map(kind('boolean')),
    ]),
    allowPositionals: true,
    // What is wrong is said in our own words.
    strict: false,
    tokens: true,
  })
  const words: string[] = []
  const options = new Map<string, string>()
  const flags = new Set<string>()
  const lists = new Map<string, string[]>()
  for (const token of tokens) {
    if (token.kind === 'positional') words.push(token.value)
    if (token.kind !== 'option') continue
    const { name, rawName: word, value } = token
    const may = [...known, ...several, ...alone].map((one) => `--${one}`).join(', ')
    if (alone.includes(name)) flags.add(name)
    else if (!known.includes(name) && !several.includes(name))
      return problem('usage.option', { word, may: may || 'none' })
    else if (value === undefined) return problem('usage.value', { word })
    else if (several.includes(name)) lists.set(name, [...(lists.get(name) ?? []), value])
    else options.set(name, value)
  }
  return succeed({ words, options, flags, lists })
}

/** A number option within its range, or null when it is not given. */
export function numberOption(
  { options }: Arguments,
  name: string,
  least: number,
  most: number,
): Result<number | null> {
  const text = options.get(name)
  if (text === undefined) return succeed(null)
  const value = Number(text)
  if (text.trim() === '' || !(value >= least && value <= most))
    return problem('usage.number', { name, least, most, text })
  return succeed(value)
}
