import { succeed, validate, type NewId, type Refused, type Result } from '../document/index.ts'
import type { Metre } from '../time/index.ts'
import { problem } from './problem.ts'
import {
  applyVariation,
  AS_WRITTEN,
  familyOf,
  familyTempo,
  findFigure,
  piecesOutsideQuotes,
  readVariation,
  type Figure,
} from '../figure/index.ts'
import {
  routineSchema,
  usualKind,
  type Change,
  type Part,
  type Pass,
  type Routine,
  type Slot,
  type SlotContent,
} from '../routine/index.ts'
import { HEADING_EXTRAS, HEADING_KEYS } from './sheetHeading.ts'
import { readPartExtra, readPassExtra, readSlotExtra } from './sheetExtras.ts'
import { beatsText, quoted, readLength, readQuoted, readValue } from './sheetTextWords.ts'
import { CHANGE_WORD, contentText, INDENT, PASS_WORDS } from './sheetTextPrint.ts'

/**
 * A routine as a text that a person can type (docs/formats/sheet-text.md): a heading, the parts
 * with a slot on each line, and the order. Writing and reading again gives the same routine, ids
 * apart.
 */

/**
 * What a text is read with: the book its names are looked up in, the routine whose heading stands
 * where the text leaves it out, and ids for all that is new.
 */
export interface SheetTextOptions {
  readonly figures: readonly Figure[]
  readonly base: Routine
  readonly newId: NewId
}

/** Where reading is: which line, for the sentence. */
interface Line {
  readonly text: string
  readonly depth: number
  readonly number: number
  readonly offset: number
}

const refuse = (line: Line, { problem: why }: Refused): Result<never> =>
  problem('sheet-text.line', { line: line.number, why }, { offset: line.offset })
const on = <Value>(line: Line, result: Result<Value>): Result<Value> =>
  result.ok ? result : refuse(line, result)

function linesOf(text: string): Line[] {
  let offset = 0
  return text.split('\n').flatMap((whole, i): Line[] => {
    const start = offset
    offset += whole.length + 1
    const trimmed = whole.trim()
    if (trimmed === '') return []
    const indent = /^\s*/.exec(whole)![0]
    // A tab is as wide as one step of indenting.
    const width = indent.replaceAll('\t', INDENT).length
    return [
      {
        text: trimmed,
        depth: width === 0 ? 0 : width < 2 * INDENT.length ? 1 : 2,
        number: i + 1,
        offset: start + indent.length,
      },
    ]
  })
}

/**
 * A routine read from its text, with the line on which each of its slots and parts stands, from 1.
 */
export interface SheetTextRead {
  readonly routine: Routine
  /** By part and slot, in order. */
  readonly slotLines: readonly (readonly number[])[]
  readonly partLines: readonly number[]
}

/**
 * Reads a routine from its text, whole, or says at which line and character it stops and what was
 * expected. Names that the book does not hold stay words of open length.
 */
export function readSheetText(text: string, options: SheetTextOptions): Result<SheetTextRead> {
  const slotLines: number[][] = []
  const partLines: number[] = []
  const passLines: number[] = []
  const { base, newId } = options
  let routine: Routine = { ...base, parts: [], passes: [], overrules: [] }
  const versions = new Map<string, { readonly line: Line; readonly reference: string }>()
  let section: 'heading' | 'part' | 'order' | 'left' = 'heading'
  const lines = phraseLast(linesOf(text))
  const firstLine = lines[0]?.number
  const says = new Set(
    lines.flatMap(({ text: one }) => /^(bar|tempo)\s*:/i.exec(one)?.[1]!.toLowerCase() ?? []),
  )
  for (const line of lines) {
    if (line.depth === 0 && /^figure\s+\S/i.test(line.text))
      return refuse(line, problem('sheet-text.figure-here'))
    const opened = line.depth === 0 && /^(?:part (.+)|(order):?|(left so):?)$/is.exec(line.text)
    if (opened) {
      section = opened[2] ? 'order' : opened[3] ? 'left' : 'part'
      if (!opened[1]) continue
      const part = readPart(line, opened[1], newId())
      if (!part.ok) return part
      if (part.value.versionOf)
        versions.set(part.value.part.id, { line, reference: part.value.versionOf })
      routine = { ...routine, parts: [...routine.parts, part.value.part] }
      slotLines.push([])
      partLines.push(line.number)
      continue
    }
    if (section === 'heading' && line.number === firstLine) routine = withoutExtras(routine)
    const next: Result<Routine> =
      section === 'heading'
        ? readHeading(line, routine, says)
        : section === 'part'
          ? addSlot(line, routine, options)
          : section === 'order'
            ? addToOrder(line, routine, options)
            : addOverrule(line, routine, options)
    if (!next.ok) return next
    if (section === 'order' && next.value.passes.length > routine.passes.length)
      passLines.push(line.number)
    routine = next.value
    if (section === 'part') slotLines.at(-1)!.push(line.number)
  }
  if (routine.parts.length === 0) return problem('sheet-text.no-part')
  for (const [id, { line, reference }] of versions) {
    const of = partOf(line, routine, reference)
    if (!of.ok) return of
    routine = {
      ...routine,
      parts: routine.parts.map((part) =>
        part.id === id ? { ...part, versionOf: of.value.id } : part,
      ),
    }
  }
  const valid = validate(routineSchema, routine, 'The text')
  return valid.ok
    ? succeed({ routine: valid.value, slotLines, partLines })
    : tooMuch(valid, lines, { slotLines, partLines, passLines })
}

/** What is longer or more than a sheet can hold, told at its line in words. */
function tooMuch(
  { problem: why }: Refused,
  lines: readonly Line[],
  at: Pick<SheetTextRead, 'slotLines' | 'partLines'> & { readonly passLines: readonly number[] },
): Result<never> {
  const field = why.field ?? ''
  const [, list = '', index = '0', rest = ''] = /^(parts|passes)\[(\d+)\](.*)$/.exec(field) ?? []
  const slot = /^\.slots\[(\d+)\]/.exec(rest)?.[1]
  const number =
    list === 'parts'
      ? slot === undefined
        ? at.partLines[Number(index)]
        : at.slotLines[Number(index)]?.[Number(slot)]
      : list === 'passes'
        ? at.passLines[Number(index)]
        : lines.find(({ text }) => text.toLowerCase().startsWith(`${field.split('.')[0]}:`))?.number
  const line = lines.find((one) => one.number === number) ?? lines[0]!
  const most = /<=\s*(\d+)/.exec(why.message)?.[1]
  return refuse(
    line,
    most
      ? problem('sheet-text.too-long', { most: Number(most), text: line.text.slice(0, 40) })
      : problem('sheet-text.value', { text: line.text.slice(0, 40) }),
  )
}

/** A text with a heading says all that may be left out of one: what it leaves out is not there. */
const withoutExtras = (routine: Routine): Routine =>
  Object.fromEntries(
    Object.entries(routine).filter(([key]) => !(HEADING_EXTRAS as readonly string[]).includes(key)),
  ) as Routine

function readPart(
  line: Line,
  text: string,
  id: string,
): Result<{ part: Part; versionOf: string | null }> {
  const [head = '', ...extras] = piecesOutsideQuotes(text, '|').map((piece) => piece.text)
  const label = on(line, readValue(head))
  if (!label.ok) return label
  if (label.value.length === 0 || label.value.length > 30)
    return refuse(line, problem('sheet-text.part-label'))
  let part: Part = { id, label: label.value, slots: [] }
  let versionOf: string | null = null
  for (const extra of extras) {
    const read = on(line, readPartExtra(extra))
    if (!read.ok) return read
    if ('versionOf' in read.value) ({ versionOf } = read.value)
    else part = { ...part, ...read.value.change }
  }
  return succeed({ part, versionOf })
}

/** A phrase may be said in bars: it is read once the heading has said what a bar is. */
function phraseLast(lines: readonly Line[]): Line[] {
  const end = lines.findIndex(({ text }) => /^(?:part |order)/i.test(text))
  const heading = end < 0 ? lines : lines.slice(0, end)
  const isPhrase = ({ text }: Line): boolean => /^phrase\s*:/i.test(text)
  return [
    ...heading.filter((line) => !isPhrase(line)),
    ...heading.filter(isPhrase),
    ...lines.slice(heading.length),
  ]
}

/** What a dance usually has of what the text does not say: its bar, its tempo. */
function usualOf(
  dance: string,
  { metre, bpm }: Routine,
  says: ReadonlySet<string>,
): Pick<Routine, 'metre' | 'bpm'> {
  const usual = familyTempo(familyOf(dance))
  const range = usual?.range
  return {
    metre: says.has('bar') ? metre : (usual?.metre ?? COMMON_METRE),
    bpm: says.has('tempo') || !range ? bpm : Math.round((range[0] + range[1]) / 2),
  }
}
const COMMON_METRE: Metre = { beatsPerBar: 4, beatNote: '1/4', division: 4 }

function readHeading(line: Line, routine: Routine, says: ReadonlySet<string>): Result<Routine> {
  const [, key = '', value = ''] = /^(\w+)\s*:\s*(.*)$/s.exec(line.text) ?? []
  const read = HEADING_KEYS[key.toLowerCase()]
  if (!read)
    return refuse(
      line,
      problem('sheet-text.heading', {
        text: line.text.slice(0, 40),
        known: Object.keys(HEADING_KEYS).join(', '),
      }),
    )
  const found = on(line, read(value, routine))
  if (!found.ok) return found
  const { dance } = found.value
  const usual = dance === undefined || dance === routine.dance ? {} : usualOf(dance, routine, says)
  return succeed({ ...routine, ...usual, ...found.value })
}

function addSlot(line: Line, routine: Routine, options: SheetTextOptions): Result<Routine> {
  const slot = readSlot(line, line.text, routine.dance, options)
  if (!slot.ok) return slot
  const part = routine.parts.at(-1)!
  return succeed({
    ...routine,
    parts: [
      ...routine.parts.slice(0, -1),
      { ...part, slots: [...part.slots, { id: options.newId(), ...slot.value }] },
    ],
  })
}

type SlotFields = Omit<Slot, 'id'>
function readSlot(
  line: Line,
  text: string,
  dance: string,
  options: SheetTextOptions,
): Result<SlotFields> {
  const [head = '', ...extras] = piecesOutsideQuotes(text, '|').map((piece) => piece.text)
  const content = readContent(line, head, dance, options)
  if (!content.ok) return content
  let slot: SlotFields = { content: content.value, wordings: null, say: 'cue', remark: '' }
  for (const extra of extras) {
    const read = on(line, readSlotExtra(extra))
    if (!read.ok) return read
    slot = read.value(slot)
  }
  return succeed(slot)
}

/**
 * A figure with its variation, words in quotation marks with a length, or a name that nothing
 * answers to.
 */
function readContent(
  line: Line,
  text: string,
  dance: string,
  { figures }: SheetTextOptions,
): Result<SlotContent> {
  const [, stated = text, length] =
    /^(.*?)(?:\s*=\s*(\?|to the (?:phrase|section)|(?:\d+(?:\.\d+)?|\d+t)(?: or (?:\d+(?:\.\d+)?|\d+t))*)(?:\s*counts?)?)?$/s.exec(
      text,
    ) ?? []
  const takes = readLength(length ?? '?')
  const { lengthTicks } = takes
  // Quotation marks as they are printed come from pasted texts.
  const printed = /^[“„»](.*)[”“«]$/s.exec(stated)
  if (printed) return succeed({ type: 'words', text: printed[1]!, ...takes })
  if (stated.startsWith('"')) {
    const words = on(line, readQuoted(stated))
    return words.ok ? succeed({ type: 'words', text: words.value, ...takes }) : words
  }
  // No figure lasts one of several lengths: what does is kept as it is told.
  if (takes.choices || takes.until) return succeed({ type: 'words', text: stated, ...takes })
  const [, name = stated, varied] = /^(.*?)\s*\(([^()]*)\)$/s.exec(stated) ?? []
  const whole = varied === undefined ? null : findFigure(stated, figures, familyOf(dance))
  const figure = whole?.ok ? whole : findFigure(name, figures, familyOf(dance))
  if (!figure.ok && figure.problem.code === 'figure.which') return refuse(line, figure)
  if (!figure.ok && !name.startsWith('#')) return succeed({ type: 'words', text: stated, ...takes })
  const variation = whole?.ok ? succeed(AS_WRITTEN) : on(line, readVariation(varied ?? ''))
  if (!variation.ok) return variation
  if (figure.ok && lengthTicks !== null) {
    const danced = applyVariation(figure.value, variation.value)
    if (danced.ok && danced.value.lengthTicks !== lengthTicks)
      return refuse(
        line,
        problem('sheet-text.length', {
          name: figure.value.name,
          counts: beatsText(danced.value.lengthTicks),
          written: beatsText(lengthTicks),
        }),
      )
  }
  return succeed({
    type: 'figure',
    figureId: figure.ok ? figure.value.id : name.slice(1),
    variation: variation.value,
  })
}

/**
 * A label of several words stands in the order as it is: quotation marks only help where it could
 * be taken for something else.
 */
function labelAsReference(head: string, { parts }: Routine): string {
  const [, kind = '', rest = head] =
    new RegExp(`^((?:${PASS_WORDS.join('|')}) )?(.*)$`, 'is').exec(head) ?? []
  const named = parts
    .filter(({ label }) => label.includes(' ') && (rest === label || rest.startsWith(`${label} `)))
    .sort((a, b) => b.label.length - a.label.length)[0]
  return named ? `${kind}${quoted(named.label)}${rest.slice(named.label.length)}` : head
}

function addToOrder(line: Line, routine: Routine, options: SheetTextOptions): Result<Routine> {
  if (line.depth === 2) return addChange(line, routine, options)
  const [head = '', ...extras] = piecesOutsideQuotes(line.text, '|').map((piece) => piece.text)
  const found = new RegExp(
    `^(?:(${PASS_WORDS.join('|')}) )?("(?:[^"\\\\]|\\\\.)*"|#\\d+|[\\p{L}\\p{N}-]+)(?: x ?(\\d{1,2}))?( mirrored)?(?: from ("(?:[^"\\\\]|\\\\.)*"|\\S+) to ("(?:[^"\\\\]|\\\\.)*"|\\S+))?$`,
    'iu',
  ).exec(labelAsReference(head, routine))
  if (!found) return refuse(line, problem('sheet-text.pass', { text: line.text }))
  const part = partOf(line, routine, found[2]!)
  if (!part.ok) return part
  const times = Number(found[3] ?? 1)
  if (times < 1 || times > 64) return refuse(line, problem('sheet-text.times'))
  const [from, to] = [found[5], found[6]].map((one) =>
    one === undefined ? null : slotOf(line, part.value, one, routine.dance, options.figures),
  )
  if (from && !from.ok) return from
  if (to && !to.ok) return to
  let pass: Pass = {
    id: options.newId(),
    partId: part.value.id,
    kind: (found[1]?.toLowerCase() ?? usualKind(part.value.label)) as Pass['kind'],
    times,
    reflected: found[4] !== undefined,
    stretch: from?.ok && to?.ok ? { from: from.value, to: to.value } : null,
    changes: [],
  }
  for (const extra of extras) {
    const read = on(line, readPassExtra(extra))
    if (!read.ok) return read
    pass = { ...pass, ...read.value }
  }
  return succeed({ ...routine, passes: [...routine.passes, pass] })
}

function partOf(line: Line, routine: Routine, reference: string): Result<Part> {
  const label = on(line, readValue(reference))
  if (!label.ok) return label
  const found = /^#\d+$/.test(reference)
    ? routine.parts[Number(reference.slice(1)) - 1]
    : (routine.parts.find((part) => part.label === label.value) ??
      onlyOne(routine.parts, label.value))
  return found
    ? succeed(found)
    : refuse(
        line,
        problem('sheet-text.unknown-part', {
          value: label.value,
          parts: routine.parts.map((part) => `“${part.label}”`).join(', '),
        }),
      )
}

/** The one part whose label is that but for capital letters. */
function onlyOne(parts: readonly Part[], label: string): Part | undefined {
  const alike = parts.filter((part) => part.label.toLowerCase() === label.toLowerCase())
  return alike.length === 1 ? alike[0] : undefined
}

function slotOf(
  line: Line,
  part: Part,
  reference: string,
  dance: string,
  figures: readonly Figure[],
): Result<string> {
  if (reference.startsWith('#')) return succeed(reference.slice(1))
  const name = reference.startsWith('"') ? on(line, readQuoted(reference)) : succeed(reference)
  if (!name.ok) return name
  if (/^\d+$/.test(name.value)) {
    const slot = part.slots[Number(name.value) - 1]
    return slot
      ? succeed(slot.id)
      : refuse(
          line,
          problem('sheet-text.line-number', {
            label: part.label,
            slotsCount: part.slots.length,
            value: name.value,
          }),
        )
  }
  const found = part.slots.filter(
    ({ content }) =>
      contentText(content, figures, dance).toLowerCase() === name.value.toLowerCase(),
  )
  if (found.length === 1) return succeed(found[0]!.id)
  return refuse(
    line,
    problem(found.length === 0 ? 'sheet-text.no-line' : 'sheet-text.which-line', {
      part: part.label,
      name: name.value,
    }),
  )
}

function addChange(line: Line, routine: Routine, options: SheetTextOptions): Result<Routine> {
  const pass = routine.passes.at(-1)
  const found = /^(instead of|after|without) ([^:]+)(?::\s*(.*))?$/is.exec(line.text)
  const type = (Object.keys(CHANGE_WORD) as Change['type'][]).find(
    (one) => CHANGE_WORD[one] === found?.[1]?.toLowerCase(),
  )
  if (!pass || !found || !type || (found[3] === undefined && type !== 'drop'))
    return refuse(line, problem('sheet-text.change', { text: line.text }))
  const part = routine.parts.find(({ id }) => id === pass.partId)!
  const reference = found[2]!.trim()
  const slotId =
    type === 'insert' && reference.toLowerCase() === 'end'
      ? succeed(null)
      : slotOf(line, part, reference, routine.dance, options.figures)
  if (!slotId.ok) return slotId
  const gone = part.slots.find(({ id }) => id === slotId.value)
  const { id: _, ...own } = gone ?? {
    id: '',
    content: { type: 'words', text: '', lengthTicks: null } as SlotContent,
    wordings: null,
    say: 'cue' as const,
    remark: '',
  }
  const slot =
    found[3] === undefined ? succeed(own) : readSlot(line, found[3], routine.dance, options)
  if (!slot.ok) return slot
  const change: Change = { id: options.newId(), type, slotId: slotId.value, ...slot.value }
  return succeed({
    ...routine,
    passes: [...routine.passes.slice(0, -1), { ...pass, changes: [...pass.changes, change] }],
  })
}

function addOverrule(
  line: Line,
  routine: Routine,
  { newId, figures }: SheetTextOptions,
): Result<Routine> {
  const found =
    /^(?:[Pp]ass (\d+)|#("(?:[^"\\]|\\.)*")|("(?:[^"\\]|\\.)*"|#\d+|[\p{L}\p{N}-]+)\.(\d+)) (\S+) ("(?:[^"\\]|\\.)*")$/su.exec(
      line.text,
    )
  if (!found) return refuse(line, problem('sheet-text.overrule', { text: line.text }))
  const reason = on(line, readQuoted(found[6]!))
  if (!reason.ok) return reason
  const subject = subjectOf(line, routine, found, figures)
  return subject.ok
    ? succeed({
        ...routine,
        overrules: [
          ...routine.overrules,
          { id: newId(), code: found[5]!, subject: subject.value, reason: reason.value },
        ],
      })
    : subject
}

function subjectOf(
  line: Line,
  routine: Routine,
  [, pass, raw, part, slot]: RegExpExecArray,
  figures: readonly Figure[],
): Result<string> {
  if (pass !== undefined)
    return routine.passes[Number(pass) - 1]
      ? succeed(routine.passes[Number(pass) - 1]!.id)
      : refuse(
          line,
          problem('sheet-text.pass-number', { pass, passesCount: routine.passes.length }),
        )
  if (raw !== undefined) return on(line, readQuoted(raw))
  const own = partOf(line, routine, part!)
  return own.ok ? slotOf(line, own.value, slot!, routine.dance, figures) : own
}
