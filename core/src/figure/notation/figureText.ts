import { memoised, succeed, type Problem, type Refused, type Result } from '../../document/index.ts'
import { problem } from '../problem.ts'
import {
  FOLLOW_KINDS,
  type Ending,
  type Figure,
  type FigureOption,
  type FigurePart,
  type SetOthers,
} from '../model/figure.ts'
import { HOLDS_EXPECTED, isHold } from '../model/hold.ts'
import { namesOf } from '../model/figureWords.ts'
import { nameKey, spelt } from './nameSpelling.ts'
import { piecesOutsideQuotes } from './pieces.ts'
import type { Step } from '../model/step.ts'
import { readMomentText, readStepLine, type StepLineOptions } from './stepLine.ts'
import { momentText, stepLineText } from './stepLineText.ts'
import { readVariation, variationText } from './variationText.ts'

/**
 * What a figure has besides its two lines of steps, as texts that can be typed and are read back
 * the same (docs/formats/step-line.md).
 */

/** A problem of a piece, told at its place in the whole text. */
const within = <Value>(result: Result<Value>, offset: number): Result<Value> =>
  result.ok ? result : moved(result.problem, offset)
/** Sentences of a step line say their character: it is counted from the start of the whole. */
const moved = ({ code, params, offset = 0 }: Problem, by: number): Refused =>
  problem(
    code as 'figure-text.piece',
    { ...params, character: Number(params.character) + by } as never,
    { offset: offset + by },
  )
const refuse = ({ problem: why }: Refused, offset: number): Result<never> =>
  problem('figure-text.piece', { character: offset + 1, why }, { offset })

/** Every piece read, or the first problem. */
function readAll<Value>(
  list: readonly { text: string; offset: number }[],
  read: (text: string, offset: number) => Result<Value>,
): Result<Value[]> {
  const values: Value[] = []
  for (const { text, offset } of list) {
    const value = read(text, offset)
    if (!value.ok) return value
    values.push(value.value)
  }
  return succeed(values)
}

/** Hands changed on the way: `3 open, 5& butterfly`. */
export const holdChangesText = (
  changes: NonNullable<Figure['holdChanges']>,
  division: 4 | 3 = 4,
): string => changes.map(({ at, hold }) => `${momentText(at, division)} ${hold}`).join(', ')
export function readHoldChanges(
  text: string,
  options: StepLineOptions = {},
): Result<NonNullable<Figure['holdChanges']>> {
  return readAll(piecesOutsideQuotes(text, ','), (piece, offset) => {
    const found = /^(\S+)\s+(.+)$/.exec(piece)
    const at = found ? readMomentText(found[1]!, options) : null
    if (!found || !at?.ok) return refuse(problem('figure-text.hold-change', { piece }), offset)
    if (at.value < 0) return refuse(problem('figure-text.hold-before'), offset)
    return isHold(found[2]!)
      ? succeed({ at: at.value, hold: found[2]! })
      : refuse(problem('figure-text.hold', { found: found[2]!, holdIds: HOLDS_EXPECTED }), offset)
  })
}

/**
 * Dancers of a set who do something else, one line each: `couples 2 3 lead: 1 left side, 2 right
 * close`, `couple 4: stand`.
 */
export const othersText = (others: readonly SetOthers[], division: 4 | 3 = 4): string =>
  others
    .map(
      ({ couples, role, steps }) =>
        `couple${couples.length > 1 ? 's' : ''} ${couples.join(' ')}${role === 'both' ? '' : ` ${role}`}: ${steps.length === 0 ? 'stand' : stepLineText(steps, division)}`,
    )
    .join('\n')
export function readOthers(text: string, options: StepLineOptions = {}): Result<SetOthers[]> {
  return readAll(piecesOutsideQuotes(text, '\n'), (piece, offset) => {
    const head =
      /^couples?\s+([1-8](?:(?:\s+|\s*,\s*|\s+and\s+)[1-8])*)(?:\s+(lead|follow))?\s*:\s*/i.exec(
        piece,
      )
    if (!head) return refuse(problem('figure-text.couples'), offset)
    const rest = piece.slice(head[0].length)
    const steps: Result<Step[]> = /^stand$/i.test(rest)
      ? succeed([])
      : within(readStepLine(rest, options), offset + head[0].length)
    if (!steps.ok) return steps
    return succeed({
      couples: head[1]!.match(/\d/g)!.map(Number),
      role: (head[2]?.toLowerCase() ?? 'both') as SetOthers['role'],
      steps: steps.value,
    })
  })
}

const followText = (follow: Figure['follow'], division: 4 | 3): string =>
  typeof follow === 'string' ? follow : stepLineText(follow, division)

/** Other endings, one a line: `to open | open | from 4 | lead: ... | follow: ...`. */
export const endingsText = (endings: readonly Ending[], division: 4 | 3 = 4): string =>
  endings
    .map(
      ({ name, from, hold, lead, follow }) =>
        `${name} | ${hold ?? 'own hold'} | from ${momentText(from, division)} | lead: ${stepLineText(lead, division)} | follow: ${followText(follow, division)}`,
    )
    .join('\n')
export function readEndings(text: string, options: StepLineOptions = {}): Result<Ending[]> {
  return readAll(piecesOutsideQuotes(text, '\n'), (line, offset) => {
    const [name, hold, from, ...rest] = piecesOutsideQuotes(line, '|')
    const at = /^from\s+(\S+)$/.exec(from?.text ?? '')?.[1]
    const moment = at === undefined ? null : readMomentText(at, options)
    if (!name || !hold || !moment?.ok || moment.value < 0)
      return refuse(problem('figure-text.ending'), offset)
    if (hold.text !== 'own hold' && !isHold(hold.text))
      return refuse(
        problem('figure-text.ending-hold', { text: hold.text, holdIds: HOLDS_EXPECTED }),
        offset + hold.offset,
      )
    const steps = readRoles(rest, offset, options)
    return steps.ok
      ? succeed({
          name: name.text,
          from: moment.value,
          hold: hold.text === 'own hold' ? null : hold.text,
          ...steps.value,
        })
      : steps
  })
}

/**
 * Options, not counted unless chosen, one a line: `look left | lead: head:1 "look left" | follow:
 * ...`.
 */
export const optionsText = (options: readonly FigureOption[], division: 4 | 3 = 4): string =>
  options
    .map(
      ({ name, lead, follow }) =>
        `${name} | lead: ${stepLineText(lead, division)} | follow: ${followText(follow, division)}`,
    )
    .join('\n')
export function readOptions(text: string, options: StepLineOptions = {}): Result<FigureOption[]> {
  return readAll(piecesOutsideQuotes(text, '\n'), (line, offset) => {
    const [name, ...rest] = piecesOutsideQuotes(line, '|')
    const steps = readRoles(rest, offset, options)
    if (!steps.ok) return steps
    return rest.length === 0
      ? refuse(problem('figure-text.option'), offset)
      : succeed({ name: name!.text, ...steps.value })
  })
}

/**
 * `lead: steps` and `follow: steps`; the follow’s are the opposite where they are left out, nothing
 * where they are said to be nothing.
 */
function readRoles(
  list: readonly { text: string; offset: number }[],
  offset: number,
  options: StepLineOptions,
): Result<Pick<FigureOption, 'lead' | 'follow'>> {
  let found: Pick<FigureOption, 'lead' | 'follow'> = { lead: [], follow: 'opposite' }
  for (const one of list) {
    const head = /^(lead|follow):\s*/.exec(one.text)
    if (!head) return refuse(problem('figure-text.role', { text: one.text }), offset + one.offset)
    const rest = one.text.slice(head[0].length)
    const kind = FOLLOW_KINDS.find((one) => one === rest)
    if (head[1] === 'follow' && kind) {
      found = { ...found, follow: kind }
      continue
    }
    const steps = within(readStepLine(rest, options), offset + one.offset + head[0].length)
    if (!steps.ok) return steps
    found = { ...found, [head[1]!]: steps.value }
  }
  return succeed(found)
}

/**
 * The figures a composite is made of: `Box (half) + Twinkle (x2)`; a name that is there in several
 * dances has its own before it: `tango: Twinkle`.
 */
export function partsText(
  parts: readonly FigurePart[],
  figures: readonly Figure[],
  family: string,
): string {
  return parts
    .map(({ figureId, variation }) => {
      const figure = figures.find(({ id }) => id === figureId)
      const name = figure ? figureReference(figure, figures, family) : `#${figureId}`
      const varied = variationText(variation)
      return varied === '' && !name.endsWith(')') ? name : `${name} (${varied})`
    })
    .join(' + ')
}

/**
 * A figure as it is named in a text of a dance: its name, with its own dance before it where that
 * is another, its id where no name tells which.
 */
export function figureReference(
  figure: Figure,
  figures: readonly Figure[],
  family: string,
): string {
  const name = figure.family === family ? figure.name : `${figure.family}: ${figure.name}`
  const found = findFigure(name, figures, family)
  return /[+"|=\n]|^#/.test(name) || !found.ok || found.value.id !== figure.id
    ? `#${figure.id}`
    : name
}

/** The figures a composite is made of, by their names, with how each is varied. */
export function readParts(
  text: string,
  figures: readonly Figure[],
  family: string,
): Result<FigurePart[]> {
  return readAll(piecesOutsideQuotes(text, '+'), (piece, offset) => {
    const found = /^(.*?)\s*(?:\(([^()]*)\))?$/s.exec(piece)!
    const figure = findFigure(found[1]!, figures, family)
    if (!figure.ok) return refuse(figure, offset)
    const variation = readVariation(found[2] ?? '')
    return variation.ok
      ? succeed({ figureId: figure.value.id, variation: variation.value })
      : refuse(variation, offset)
  })
}

/**
 * Figures of a dance that have the name but for its spelling; else those that have it as an alias;
 * else those that have it but for where its number and its side stand; else those of which it is
 * said, in any language.
 */
function calledSo(text: string, figures: readonly Figure[], family: string): readonly Figure[] {
  const known = namesIn(figures).get(family)
  return (
    known?.names.get(spelt(text)) ??
    known?.aliases.get(spelt(text)) ??
    known?.keys.get(nameKey(text)) ??
    known?.said.get(spelt(text)) ??
    []
  )
}

/** The other name by which a text calls a figure; null where it is its own, or only nearly one. */
export const otherNameOf = ({ name, aliases }: Figure, text: string): string | null =>
  spelt(name) === spelt(text)
    ? null
    : (aliases.find((alias) => spelt(alias.name) === spelt(text))?.name ?? null)

type ByName = Map<string, Figure[]>
/** The figures of each dance by what they are called: a book is gone through once. */
const namesIn = memoised((figures: readonly Figure[]) => {
  const families = new Map<string, Record<'names' | 'aliases' | 'keys' | 'said', ByName>>()
  const put = (names: ByName, name: string, figure: Figure): void => {
    const before = names.get(name)
    if (!before) names.set(name, [figure])
    else if (!before.includes(figure)) before.push(figure)
  }
  for (const figure of figures) {
    const own = families.get(figure.family) ?? {
      names: new Map(),
      aliases: new Map(),
      keys: new Map(),
      said: new Map(),
    }
    families.set(figure.family, own)
    put(own.names, spelt(figure.name), figure)
    for (const { name } of figure.aliases) put(own.aliases, spelt(name), figure)
    for (const name of namesOf(figure)) put(own.keys, nameKey(name), figure)
    for (const words of Object.values(figure.wordings))
      for (const text of [words?.full, words?.short]) if (text) put(own.said, spelt(text), figure)
  }
  return families
})

/** Dances of sets share the figures of a set. */
const OF_SETS: readonly string[] = ['longways', 'square dance', 'mixer', 'ring dance']
/** How any dance is opened and ended is nobody's own; nor is what is danced in any set. */
function calledElsewhere(
  text: string,
  figures: readonly Figure[],
  family: string,
): readonly Figure[] {
  const opening = calledSo(text, figures, 'openings and endings')
  return opening.length > 0 || !OF_SETS.includes(family)
    ? opening
    : calledSo(text, figures, 'set dance')
}

/** Whether a dance has a figure as its own, or as what any dance or any set has. */
export const isOwnFigure = (figure: Figure, family: string): boolean =>
  figure.family === family ||
  figure.family === 'openings and endings' ||
  (figure.family === 'set dance' && OF_SETS.includes(family))

/**
 * A figure by what it is called, of its own dance before others, then by its aliases; asks which
 * where several answer.
 */
export function findFigure(
  text: string,
  figures: readonly Figure[],
  family: string,
): Result<Figure> {
  const wanted = text.trim().toLowerCase()
  if (wanted.startsWith('#')) {
    const byId = figures.find(({ id }) => id === text.trim().slice(1))
    return byId ? succeed(byId) : problem('figure.no-part.id', { text: text.trim().slice(1) })
  }
  const full = figures.filter((one) => `${one.family}: ${one.name}`.toLowerCase() === wanted)
  const found = full.length > 0 ? full : figures.filter((one) => one.name.toLowerCase() === wanted)
  const named = found.filter((figure) => figure.family === family)
  const called = named.length > 0 ? named : calledSo(text, figures, family)
  const own = called.length > 0 ? called : calledElsewhere(text, figures, family)
  const answers = full.length > 0 || own.length === 0 ? found : own
  if (answers.length === 1) return succeed(answers[0]!)
  if (answers.length === 0) return problem('figure.no-part.name', { text: text.trim() })
  return problem('figure.which', {
    text: text.trim(),
    answers: answers.map((figure) => `“${figure.family}: ${figure.name}”`).join(' or '),
  })
}
