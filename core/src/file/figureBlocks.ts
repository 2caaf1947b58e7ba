import {
  composeFigure,
  familyOf,
  bookOf,
  CELL_NAMES,
  FRAMES,
  HOLD_IDS,
  isHold,
  LEVEL_NAMES,
  LEVELS,
  cellsOfFigure,
  figureOfCells,
  readDirection,
  readParts,
  SHIPPED_FIGURES,
  type Figure,
} from '../figure/index.ts'
import { own, succeed, type Problem, type Result } from '../document/index.ts'
import { usedFigures } from './usedFigures.ts'
import type { Routine } from '../routine/index.ts'
import { problem } from './problem.ts'

/**
 * Figures of one's own that travel in a sheet's text: `figure Heron turn` and below it, indented, a
 * line for each thing it has, named as the columns of a table of figures are.
 */

const HEAD = /^figure\s+(.+?)\s*:?\s*$/i
/** Other words for a line’s name. */
const ALSO: Readonly<Record<string, string>> = {
  counts: 'beats',
  length: 'beats',
  words: 'full',
  to: 'ends',
  from: 'holds',
  dance: 'family',
}
const LINES: readonly string[] = CELL_NAMES.filter((name) => name !== 'id' && name !== 'name')
/** Lines that may be written more than once: each adds to it. */
const SEVERAL: ReadonlySet<string> = new Set(['others', 'endings', 'options'])

/** Lines that have one of a few words. */
const ONE_OF: readonly {
  readonly line: string
  readonly is: 'level' | 'dancers' | 'frame' | 'hold'
  readonly words: readonly string[]
}[] = [
  { line: 'level', is: 'level', words: [...Object.values(LEVEL_NAMES), ...LEVELS] },
  { line: 'dancers', is: 'dancers', words: ['couple', 'solo', 'set'] },
  { line: 'frame', is: 'frame', words: FRAMES },
  { line: 'holds', is: 'hold', words: HOLD_IDS },
  { line: 'ends', is: 'hold', words: HOLD_IDS },
]

interface Block {
  readonly name: string
  readonly line: number
  readonly offset: number
  readonly cells: Map<string, string>
  /** The line on which each stands. */
  readonly at: Map<string, { readonly line: number; readonly offset: number }>
}

/** A text without its figures, line for line as it was, and the figures. */
export interface WithoutFigures {
  readonly text: string
  readonly figures: readonly Figure[]
}

/**
 * Takes the figures out of a sheet's text and reads them, or says at which line that fails. What
 * names no dance is of the sheet's.
 */
export function takeFigureBlocks(text: string, known: readonly Figure[]): Result<WithoutFigures> {
  const blocks: Block[] = []
  const kept: string[] = []
  let open: Block | null = null
  let offset = 0
  for (const [i, whole] of text.split('\n').entries()) {
    const place = { line: i + 1, offset: offset + whole.length - whole.trimStart().length }
    offset += whole.length + 1
    const isInner = /^\s+\S/.test(whole)
    const head = isInner ? null : HEAD.exec(whole.trim())
    if (head) {
      const name = head[1]!.replace(/^"(.*)"$/, '$1')
      open = { name, ...place, cells: new Map([['name', name]]), at: new Map() }
      blocks.push(open)
    } else if (open && isInner) {
      const added = addLine(open, whole.trim(), place)
      if (!added.ok) return added
    } else if (whole.trim() !== '') open = null
    // The lines stay, empty, so that the others keep their numbers and places.
    kept.push(open && whole.trim() !== '' ? ' '.repeat(whole.length) : whole)
  }
  const dance = /^dance:\s*"?(.*?)"?\s*$/im.exec(text)?.[1] ?? ''
  const figures: Figure[] = []
  for (const block of blocks) {
    const figure = readBlock(block, familyOf(dance), [...figures, ...known])
    if (!figure.ok) return figure
    if (figures.some(({ id }) => id === figure.value.id))
      return refuse(block, problem('sheet-text.figure-twice', { name: block.name }).problem)
    figures.push(figure.value)
  }
  return succeed({ text: kept.join('\n'), figures })
}

const refuse = (
  { line, offset }: { readonly line: number; readonly offset: number },
  why: Problem,
): Result<never> => problem('sheet-text.line', { line, why }, { offset })

function addLine(
  { cells, at }: Block,
  text: string,
  place: { readonly line: number; readonly offset: number },
): Result<null> {
  const [, key = '', value = ''] = /^([\p{L}][\p{L} ]*?)\s*:\s*(.*)$/su.exec(text) ?? []
  const plain = key.toLowerCase()
  const name = own(ALSO, plain) ?? plain
  if (!LINES.includes(name))
    return refuse(
      place,
      problem('sheet-text.figure-line', { text: text.slice(0, 40), known: LINES.join(', ') })
        .problem,
    )
  if (cells.has(name) && !SEVERAL.has(name))
    return refuse(place, problem('sheet-text.figure-again', { name }).problem)
  const before = cells.get(name)
  cells.set(name, before === undefined ? value : `${before}\n${value}`)
  if (before === undefined) at.set(name, place)
  return succeed(null)
}

function readBlock(block: Block, dance: string, known: readonly Figure[]): Result<Figure> {
  const { cells, at } = block
  if (!cells.has('family')) cells.set('family', dance)
  cells.set('holds', (cells.get('holds') ?? '').replaceAll(',', ';'))
  const wrong = ONE_OF.find(({ line, is, words }) =>
    (cells.get(line) ?? '')
      .split(';')
      .some(
        (one) =>
          one.trim() && !words.includes(one.trim()) && !(is === 'hold' && isHold(one.trim())),
      ),
  )
  if (wrong)
    return refuse(
      at.get(wrong.line) ?? block,
      problem('sheet-text.word', {
        value: cells.get(wrong.line)!,
        key: wrong.is,
        words: [...wrong.words],
      }).problem,
    )
  const facings = facingsOf(cells.get('facings') ?? '', cells.get('frame') ?? 'hall')
  if (!facings.ok) return refuse(at.get('facings') ?? block, facings.problem)
  cells.set('facings', facings.value)
  const parts = cells.get('parts') ?? ''
  const id = idOf(cells.get('family')!, block.name)
  const read = figureOfCells(cells, () => id, parts !== '')
  if (!read.ok) return refuse(placeOf(block, read.problem), read.problem)
  if (parts === '') return read
  const own = readParts(parts, known, read.value.family)
  if (!own.ok) return refuse(at.get('parts') ?? block, own.problem)
  const composed = composeFigure({ ...read.value, parts: own.value }, bookOf(known))
  return composed.ok ? composed : refuse(at.get('parts') ?? block, composed.problem)
}

/** The line of a block that a problem is about: the one whose name it gives. */
const placeOf = (block: Block, { params }: Problem): { line: number; offset: number } =>
  block.at.get(String((params as { column?: unknown }).column)) ?? block

/** Facings by their words or as eighths: `wall; line of dance`, `2; 0`. */
function facingsOf(text: string, frame: string): Result<string> {
  const read: number[] = []
  for (const one of text.split(/[;,]/).map((piece) => piece.trim())) {
    if (one === '') continue
    if (/^[0-7]$/.test(one)) {
      read.push(Number(one))
      continue
    }
    const facing = readDirection(one, frame as 'hall')
    if (!facing.ok) return facing
    read.push(facing.value)
  }
  return succeed(read.join('; '))
}

/** The same name gives the same id, and none that a figure of the shipped book has. */
const idOf = (family: string, name: string): string =>
  `own.${family}.${name}`
    .toLowerCase()
    .normalize('NFD')
    .replaceAll(/[^a-z0-9.]+/g, '-')
    .replace(/-+$/, '')
    .slice(0, 64)

/**
 * The figures of a routine that do not ship with Dellop, as blocks to stand before its parts; empty
 * where it has none.
 */
export function figureBlocks(routine: Routine, figures: readonly Figure[]): string {
  const shipped = new Set(SHIPPED_FIGURES.map(({ id }) => id))
  const own = usedFigures(routine, figures).filter(({ id }) => !shipped.has(id))
  return own.map((figure) => blockText(figure, figures)).join('')
}

function blockText(figure: Figure, figures: readonly Figure[]): string {
  const cells = cellsOfFigure(figure, figures)
  const lines = LINES.flatMap((name) => {
    const text = cells[name as keyof typeof cells]
    if (text === '' || (figure.parts && (name === 'beats' || name === 'lead'))) return []
    return text.split('\n').map((one) => `  ${name}: ${one}\n`)
  })
  return `figure ${figure.name}\n${lines.join('')}\n`
}
