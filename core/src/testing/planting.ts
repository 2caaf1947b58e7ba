import { mirroredWords } from '../figure/index.ts'

/** One mistake in the text of a sheet that is sound. */
export interface Plant {
  readonly kind: string
  readonly sheet: string
  readonly text: string
  /** The line as it was and as it is now, for the table. */
  readonly was: string
  readonly now: string
}

interface Line {
  readonly at: number
  /** The figure’s name, how it is varied, and what stands behind `|`. */
  readonly name: string
  readonly varied: readonly string[]
  readonly rest: string
}

const written = ({ name, varied, rest }: Omit<Line, 'at'>): string =>
  `  ${name}${varied.length > 0 ? ` (${varied.join(', ')})` : ''}${rest}`

/** The lines of a sheet's parts that are figures. */
function figureLines(lines: readonly string[]): Line[] {
  let inPart = false
  return lines.flatMap((line, at): Line[] => {
    if (/^\S/.test(line)) inPart = line.startsWith('part ')
    const found = /^ {2}([^"(|]+?)(?: \(([^)]*)\))?( \|.*)?$/.exec(line)
    if (!inPart || !found) return []
    const varied = (found[2] ?? '').split(', ').filter(Boolean)
    return [{ at, name: found[1]!, varied, rest: found[3] ?? '' }]
  })
}

const without = (words: readonly string[], word: string): string[] =>
  words.filter((one) => one !== word)

/** What one line may be by mistake, by kinds of mistakes that people make. */
function mistakesOf(line: Line, isSummed: boolean, language: 'en' | 'de') {
  const { name, varied } = line
  const vary = (next: readonly string[]): string[] => [written({ ...line, varied: next })]
  const other = mirroredWords(name, 'en')
  const found: [kind: string, lines: string[]][] = [
    [
      'mirrored by mistake',
      vary(varied.includes('mirrored') ? without(varied, 'mirrored') : [...varied, 'mirrored']),
    ],
  ]
  if (!varied.some((one) => one.startsWith('to ')))
    found.push(['a hold that has to be asked for', vary([...varied, 'to tandem'])])
  if (other !== name && !/right and left|left and right/i.test(name)) {
    found.push(['the look-alike', [written({ ...line, name: other })]])
    if (language === 'en' && line.rest === '')
      found.push([
        'words to the other side',
        [written({ ...line, rest: ` | say "${other.toLowerCase()}" / - / -` })],
      ])
  }
  if (!isSummed) return found
  found.push(['left out', []], ['written twice', [written(line), written(line)]])
  if (!varied.some((one) => /^x\d/.test(one)))
    found.push(['twice for once', vary([...varied, 'x2'])])
  if (!varied.includes('half')) found.push(['half of it', vary([...varied, 'half'])])
  return found
}

/** Every mistake that is planted in one sheet. */
export function plantsIn(sheet: string, text: string): Plant[] {
  const lines = text.split('\n')
  const language = /^language: de/m.test(text) ? 'de' : 'en'
  const put = (kind: string, at: number, now: readonly string[]): Plant => ({
    kind,
    sheet,
    text: lines.toSpliced(at, 1, ...now).join('\n'),
    was: lines[at]!.trim(),
    now: now.map((line) => line.trim()).join(' + '),
  })
  const start = lines.findIndex((line) => line.startsWith('start:'))
  const foot = /(left|right)(?= foot free)/.exec(lines[start] ?? '')?.[1]
  return [
    ...figureLines(lines).flatMap((line) =>
      mistakesOf(line, /^phrase:/m.test(text), language).map(([kind, now]) =>
        put(kind, line.at, now),
      ),
    ),
    ...(foot
      ? [
          put('a start on the other foot', start, [
            lines[start]!.replace(`${foot} foot free`, `${mirroredWords(foot, 'en')} foot free`),
          ]),
        ]
      : []),
  ]
}
