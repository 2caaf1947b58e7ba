import { own, succeed, validate, type Refused, type Result } from '../document/index.ts'
import type { Metre } from '../time/index.ts'
import { problem } from './problem.ts'
import { familyOf, familyTempo, piecesOutsideQuotes } from '../figure/index.ts'
import {
  routineSchema,
  usualFormation,
  usualPlaces,
  usualSchool,
  usualStart,
  type Part,
  type Routine,
} from '../routine/index.ts'
import { HEADING_EXTRAS, HEADING_KEYS } from './sheetHeading.ts'
import { readPartExtra } from './sheetExtras.ts'
import { linesOf, on, refuse, type Line, type SheetTextOptions } from './sheetTextLine.ts'
import { addOverrule, addToOrder, partOf } from './sheetTextOrder.ts'
import { leftOpen, startOfFirst } from './sheetTextStart.ts'
import { readSlots } from './sheetTextSlot.ts'
import { passesInLine, withSaidLength } from './sheetTextShort.ts'
import { readValue } from './sheetTextWords.ts'

/**
 * A routine as a text that a person can type (docs/formats/sheet-text.md): a heading, the parts
 * with a slot on each line, and the order. Writing and reading again gives the same routine, ids
 * apart.
 */

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
  const language = saidIn(text) ?? base.language
  let routine: Routine = { ...base, language, parts: [], passes: [], overrules: [] }
  const versions = new Map<string, { readonly line: Line; readonly reference: string }>()
  let section: 'heading' | 'part' | 'order' | 'left' = 'heading'
  const lines = usualFirst(linesOf(text))
  const firstLine = lines[0]?.number
  const says = new Set(lines.flatMap(({ text: one }) => SAYS.exec(one)?.[1]!.toLowerCase() ?? []))
  for (const line of lines) {
    if (line.depth === 0 && /^figure\s+\S/i.test(line.text))
      return refuse(line, problem('sheet-text.figure-here'))
    const opened =
      line.depth === 0 && /^(?:part (.+)|(order)(?::\s*(.*))?|(left so):?)$/is.exec(line.text)
    if (opened) {
      section = opened[2] ? 'order' : opened[4] ? 'left' : 'part'
      for (const text of opened[3] ? passesInLine(opened[3], routine.parts) : []) {
        const next = addToOrder({ ...line, text, depth: 1 }, routine, options)
        if (!next.ok) return next
        routine = next.value
        passLines.push(line.number)
      }
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
    if (section === 'part')
      while (slotLines.at(-1)!.length < routine.parts.at(-1)!.slots.length)
        slotLines.at(-1)!.push(line.number)
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
  if (firstLine !== undefined) {
    const start = lines.find((line) => /^start\s*:/i.test(line.text))?.text ?? ''
    const open = leftOpen(start.replace(/^start\s*:/i, ''))
    routine = { ...routine, start: startOfFirst(routine, options.figures, open) }
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
        : lines.find(({ text }) => text.toLowerCase().startsWith(`${headingKey(field)}:`))?.number
  const line = lines.find((one) => one.number === number) ?? lines[0]!
  const most = /<=\s*(\d+)/.exec(why.message)?.[1]
  return refuse(
    line,
    most
      ? problem('sheet-text.too-long', { most: Number(most), text: line.text.slice(0, 40) })
      : problem('sheet-text.value', { text: line.text.slice(0, 40) }),
  )
}

/** The key of a field in a heading: `other names` of `otherNames[1]`. */
const headingKey = (field: string): string =>
  /^\w*/.exec(field)![0].replaceAll(/[A-Z]/g, (letter) => ` ${letter.toLowerCase()}`)

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

/** A sheet whose heading is in German is called in German, unless it says otherwise; null else. */
const saidIn = (text: string): Routine['language'] | null =>
  /^(?:titel|tanz)\s*:/im.test(text) && !/^(?:sprache|language)\s*:/im.test(text) ? 'de' : null

/**
 * A phrase may be said in bars, and a start leaves open what is usual: they are read once the heading
 * has said what a bar and what the dance is. An order on one line may stand before the parts it names.
 */
function usualFirst(lines: readonly Line[]): Line[] {
  const end = lines.findIndex(({ text }) => /^(?:part |order)/i.test(text))
  const heading = end < 0 ? lines : lines.slice(0, end)
  const isLate = ({ text }: Line): boolean => /^(?:phrase|start|tempo)\s*:/i.test(text)
  const rest = lines.slice(heading.length)
  const isOrder = ({ text, depth }: Line, i: number): boolean =>
    depth === 0 && /^order:\s*\S/i.test(text) && (rest[i + 1]?.depth ?? 0) === 0
  return [
    ...heading.filter((line) => !isLate(line)),
    ...heading.filter(isLate),
    ...rest.filter((line, i) => !isOrder(line, i)),
    ...rest.filter(isOrder),
  ]
}

/** Lines of a heading that say what the dance would else tell; four couples may be a square. */
const SAYS =
  /^(bar|tempo|school|start|places|formation(?!\s*:\s*set\b)|couples(?!\s*:\s*4\s*$))\s*:/i

/**
 * What a dance usually has of what the text does not say: its bar, its tempo, who calls it how, its
 * places.
 */
function usualOf(
  dance: string,
  { metre, bpm }: Routine,
  says: ReadonlySet<string>,
): Partial<Routine> {
  const usual = familyTempo(familyOf(dance))
  const range = usual?.range
  const isOther = says.has('places') || says.has('couples') || says.has('formation')
  const places = isOther ? null : usualPlaces(dance)
  const formation = isOther ? 'couples-round' : usualFormation(dance)
  return {
    ...(places && { ...places, formation: 'set' as const }),
    ...(!places && formation !== 'couples-round' && { formation }),
    ...(!says.has('school') && { schoolId: usualSchool(dance) }),
    metre: says.has('bar') ? metre : (usual?.metre ?? COMMON_METRE),
    bpm: says.has('tempo') || !range ? bpm : Math.round((range[0] + range[1]) / 2),
  }
}
const COMMON_METRE: Metre = { beatsPerBar: 4, beatNote: '1/4', division: 4 }

function readHeading(line: Line, routine: Routine, says: ReadonlySet<string>): Result<Routine> {
  const [, key = '', value = ''] = /^(\w+(?: \w+)?)\s*:\s*(.*)$/s.exec(line.text) ?? []
  const read = own(HEADING_KEYS, key.toLowerCase())
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
  const next = { ...routine, ...usual, ...found.value }
  const isOther = next.dance !== routine.dance || next.formation !== routine.formation
  return succeed(
    isOther && !says.has('start')
      ? { ...next, start: usualStart(next.formation, next.dance) }
      : next,
  )
}

function addSlot(line: Line, routine: Routine, options: SheetTextOptions): Result<Routine> {
  const slots = readSlots(line, line.text, routine.dance, options)
  if (!slots.ok) return slots
  const part = routine.parts.at(-1)!
  const own = slots.value.map((slot) => ({
    id: options.newId(),
    ...slot,
    content: withSaidLength(slot.content, routine.metre),
  }))
  return succeed({
    ...routine,
    parts: [...routine.parts.slice(0, -1), { ...part, slots: [...part.slots, ...own] }],
  })
}
