import { readFigureFile } from '@dellop/core/file'
import {
  checkBook,
  figureCsv,
  readFigureCsv,
  SHIPPED_FIGURES,
  type Figure,
} from '@dellop/core/figure'
import { succeed, type Result } from '@dellop/core/result'
import { readArguments, type Arguments } from './arguments.ts'
import { readText } from './files.ts'
import { outcomeOf, type Outcome } from './outcome.ts'

const USAGE = 'dellop figures check FILE|--book, or dellop figures export --json|--csv [FILE]'

/**
 * `dellop figures check FILE|--book` and `dellop figures export --json|--csv [FILE]`; without a
 * file it is the shipped book.
 */
export function figures(line: readonly string[]): Outcome {
  const [what, ...rest] = line
  if (what !== 'check' && what !== 'export')
    return { exit: 2, sentence: `What to do with figures was expected: ${USAGE}` }
  return outcomeOf(
    readArguments(rest, [], what === 'check' ? ['book'] : ['json', 'csv']),
    (args) => {
      if (
        args.words.length > 1 ||
        (what === 'check' && args.words.length === 0 && !args.flags.has('book'))
      )
        return { exit: 2, sentence: `One file of figures or --book was expected: ${USAGE}` }
      if (what === 'export' && args.flags.size !== 1)
        return { exit: 2, sentence: `One of --json and --csv was expected: ${USAGE}` }
      return outcomeOf(figuresOf(args), (list) =>
        what === 'check' ? checked(list) : exported(list, args.flags.has('csv')),
      )
    },
  )
}

function figuresOf({ words: [path] }: Arguments): Result<readonly Figure[]> {
  return path === undefined ? succeed(SHIPPED_FIGURES) : readFigures(path)
}

/** The figures of a table (`.csv`) or of a file of figures. */
export function readFigures(path: string): Result<readonly Figure[]> {
  const text = readText(path)
  if (!text.ok) return text
  let made = 0
  return /\.csv$/i.test(path)
    ? readFigureCsv(text.value, () => `row-${++made}`, `"${path}"`)
    : readFigureFile(text.value, `"${path}"`)
}

/** Ends with 1 when a figure cannot be danced as written. */
function checked(list: readonly Figure[]): Outcome {
  const findings = checkBook(list)
  return {
    exit: findings.some(({ severity }) => severity === 'stop') ? 1 : 0,
    json: {
      figures: list.length,
      families: new Set(list.map(({ family }) => family)).size,
      findings,
    },
  }
}

const exported = (list: readonly Figure[], csv: boolean): Outcome =>
  csv
    ? { exit: 0, text: figureCsv(list) }
    : { exit: 0, json: { format: 'dellop-figures', version: 1, figures: list } }
