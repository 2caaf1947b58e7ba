import { succeed, type Result } from '../document/index.ts'
import { piecesOutsideQuotes, type Figure } from '../figure/index.ts'
import {
  usualKind,
  type Change,
  type Part,
  type Pass,
  type Routine,
  type SlotContent,
} from '../routine/index.ts'
import { problem } from './problem.ts'
import { readPassExtra } from './sheetExtras.ts'
import { on, refuse, type Line, type SheetTextOptions } from './sheetTextLine.ts'
import { CHANGE_WORD, contentText, PASS_WORDS } from './sheetTextPrint.ts'
import { firstHalf } from './sheetTextShort.ts'
import { readSlot } from './sheetTextSlot.ts'
import { quoted, readQuoted, readValue } from './sheetTextWords.ts'

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

/** A time through a part, or what is other in the one before, from its line. */
export function addToOrder(
  line: Line,
  routine: Routine,
  options: SheetTextOptions,
): Result<Routine> {
  if (line.depth === 2) return addChange(line, routine, options)
  const [head = '', ...extras] = piecesOutsideQuotes(line.text, '|').map((piece) => piece.text)
  const found = new RegExp(
    `^(?:(${PASS_WORDS.join('|')}) )?("(?:[^"\\\\]|\\\\.)*"|#\\d+|[\\p{L}\\p{N}-]+)(?: x ?(\\d{1,2}))?( half)?( mirrored)?(?: from ("(?:[^"\\\\]|\\\\.)*"|\\S+) to ("(?:[^"\\\\]|\\\\.)*"|\\S+))?$`,
    'iu',
  ).exec(labelAsReference(head, routine))
  if (!found) return refuse(line, problem('sheet-text.pass', { text: line.text }))
  const part = partOf(line, routine, found[2]!)
  if (!part.ok) return part
  const times = Number(found[3] ?? 1)
  if (times < 1 || times > 64) return refuse(line, problem('sheet-text.times'))
  const stretch = stretchOf(line, part.value, found, routine.dance, options.figures)
  if (!stretch.ok) return stretch
  let pass: Pass = {
    id: options.newId(),
    partId: part.value.id,
    kind: (found[1]?.toLowerCase() ?? usualKind(part.value.label)) as Pass['kind'],
    times,
    reflected: found[5] !== undefined,
    stretch: stretch.value,
    changes: [],
  }
  for (const extra of extras) {
    const read = on(line, readPassExtra(extra))
    if (!read.ok) return read
    pass = { ...pass, ...read.value }
  }
  return succeed({ ...routine, passes: [...routine.passes, pass] })
}

/** From where to where a time through goes: as its line says, the first half, or all. */
function stretchOf(
  line: Line,
  part: Part,
  [, , , , half, , from, to]: RegExpExecArray,
  dance: string,
  figures: readonly Figure[],
): Result<Pass['stretch']> {
  if (from === undefined || to === undefined)
    return half === undefined ? succeed(null) : on(line, firstHalf(part, figures))
  const first = slotOf(line, part, from, dance, figures)
  if (!first.ok) return first
  const last = slotOf(line, part, to, dance, figures)
  return last.ok ? succeed({ from: first.value, to: last.value }) : last
}

/** The part that a reference names: its label, or its number. */
export function partOf(line: Line, routine: Routine, reference: string): Result<Part> {
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

/** A finding that is left so, from its line. */
export function addOverrule(
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
