import { succeed, type Result } from '@dellop/core/result'
import { problem } from './problem.ts'

/** Words and options of a command line: `--name value`, each option once. */
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
  const words: string[] = []
  const options = new Map<string, string>()
  const flags = new Set<string>()
  const lists = new Map<string, string[]>()
  for (let i = 0; i < line.length; i++) {
    const word = line[i]!
    const name = /^--?[a-z]/.test(word) ? word.replace(/^--?/, '') : null
    if (name === null) {
      words.push(word)
      continue
    }
    if (alone.includes(name)) {
      flags.add(name)
      continue
    }
    const may = [...known, ...several, ...alone].map((one) => `--${one}`).join(', ')
    if (!known.includes(name) && !several.includes(name))
      return problem('usage.option', { word, may: may || 'none' })
    const value = line[++i]
    if (value === undefined) return problem('usage.value', { word })
    if (several.includes(name)) lists.set(name, [...(lists.get(name) ?? []), value])
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
