import {
  familyOf,
  figureReference,
  findFigure,
  variationText,
  type Figure,
} from '../figure/index.ts'
import {
  usualKind,
  type Overrule,
  type Part,
  type Pass,
  type Routine,
  type Slot,
  type SlotContent,
} from '../routine/index.ts'
import type { Language } from '../document/index.ts'
import { sheetTextIn } from './germanSheet.ts'
import { headingText } from './sheetHeading.ts'
import { partExtras, passExtras, slotExtras } from './sheetExtras.ts'
import { lengthText, quoted } from './sheetTextWords.ts'

/**
 * What a time through is, by the word before its part; `pass` only stands where the part is called
 * as if it were something else.
 */
export const PASS_WORDS = ['entrance', 'bridge', 'fill', 'ending', 'pass'] as const
export const INDENT = '  '

/** A routine as a text that a person can type; reading it again gives the same, ids apart. */
export function sheetText(
  routine: Routine,
  figures: readonly Figure[],
  language: Language = 'en',
): string {
  const english = englishText(routine, figures)
  return language === 'en' ? english : sheetTextIn(language, english)
}

function englishText(routine: Routine, figures: readonly Figure[]): string {
  const slots = (list: readonly Slot[]): string[] =>
    list.map((slot) => INDENT + slotText(slot, figures, routine.dance))
  return [
    ...headingText(routine),
    ...routine.parts.flatMap((part) => [
      '',
      [
        `part ${labelText(part.label)}`,
        ...partExtras(part, (id) => partReference(routine, id)),
      ].join(' | '),
      ...slots(part.slots),
    ]),
    '',
    'order',
    ...routine.passes.flatMap((pass) => passText(pass, routine, figures)),
    ...(routine.overrules.length === 0
      ? []
      : [
          '',
          'left so',
          ...routine.overrules.map(
            (one) => `${INDENT}${subjectText(one, routine)} ${one.code} ${quoted(one.reason)}`,
          ),
        ]),
    '',
  ].join('\n')
}

/** One slot: what is danced, and where it is so, its own words, silence and remarks. */
const slotText = (slot: Omit<Slot, 'id'>, figures: readonly Figure[], dance: string): string =>
  [contentText(slot.content, figures, dance), ...slotExtras(slot)].join(' | ')

export function contentText(
  content: SlotContent,
  figures: readonly Figure[],
  dance: string,
): string {
  if (content.type === 'words') return `${quoted(content.text)} = ${lengthText(content)}`
  const figure = figures.find(({ id }) => id === content.figureId)
  const name = figure ? nameOf(figure, content, figures, familyOf(dance)) : `#${content.figureId}`
  const varied = variationText(content.variation)
  return varied === '' && !name.endsWith(')') ? name : `${name} (${varied})`
}

/** What it is called here, where that names it as surely as its own name. */
function nameOf(
  figure: Figure,
  { called }: Extract<SlotContent, { type: 'figure' }>,
  figures: readonly Figure[],
  family: string,
): string {
  const found = called && figure.family === family ? findFigure(called, figures, family) : null
  return found?.ok && found.value.id === figure.id
    ? called!
    : figureReference(figure, figures, family)
}

const LABEL = /^[\p{L}\p{N}][\p{L}\p{N}-]*$/u
const labelText = (label: string): string =>
  LABEL.test(label) && !(PASS_WORDS as readonly string[]).includes(label.toLowerCase())
    ? label
    : quoted(label)
/** Parts go by their label, or by their number where two have the same. */
function partReference(routine: Pick<Routine, 'parts'>, partId: string): string {
  const i = routine.parts.findIndex(({ id }) => id === partId)
  const { label } = routine.parts[i]!
  return routine.parts.filter((part) => part.label === label).length > 1
    ? `#${i + 1}`
    : labelText(label)
}
/**
 * What a name of a slot may be, so that it is not taken for anything else where it stands in a
 * pass.
 */
const NAME = /^(?!end$|\d+$)[^:#"|]+$/
/**
 * Slots go by what is danced, where the part has that once: a line more or less above then changes
 * nothing. Else by their number; one that is no longer there by its id.
 */
function slotReference(
  part: Part,
  slotId: string,
  figures: readonly Figure[],
  dance: string,
): string {
  const i = part.slots.findIndex(({ id }) => id === slotId)
  if (i < 0) return `#${slotId}`
  const names = part.slots.map(({ content }) => contentText(content, figures, dance))
  return NAME.test(names[i]!) && names.filter((name) => name === names[i]).length === 1
    ? names[i]!
    : String(i + 1)
}

export const CHANGE_WORD = { replace: 'instead of', insert: 'after', drop: 'without' } as const

function passText(pass: Pass, routine: Routine, figures: readonly Figure[]): string[] {
  const part = routine.parts.find(({ id }) => id === pass.partId)!
  const of = (slotId: string): string => slotReference(part, slotId, figures, routine.dance)
  const inQuotes = (reference: string): string =>
    NAME.test(reference) ? quoted(reference) : reference
  const head = [
    pass.kind === 'pass' && usualKind(part.label) === 'pass' ? '' : pass.kind,
    partReference(routine, pass.partId),
    pass.times > 1 ? `x${pass.times}` : '',
    pass.reflected ? 'mirrored' : '',
    pass.stretch
      ? `from ${inQuotes(of(pass.stretch.from))} to ${inQuotes(of(pass.stretch.to))}`
      : '',
  ]
  const changes = pass.changes.map((change) => {
    const slot = slotText(change, figures, routine.dance)
    const at = change.slotId === null ? 'end' : of(change.slotId)
    const own = part.slots.find(({ id }) => id === change.slotId)
    const isOwn =
      change.type === 'drop' && own !== undefined && slotText(own, figures, routine.dance) === slot
    return `${INDENT}${INDENT}${CHANGE_WORD[change.type]} ${at}${isOwn ? '' : `: ${slot}`}`
  })
  return [INDENT + [head.filter(Boolean).join(' '), ...passExtras(pass)].join(' | '), ...changes]
}

/** What an overruled finding is about: a slot or a pass by its place, anything else by its id. */
function subjectText({ subject }: Overrule, routine: Routine): string {
  const part = routine.parts.find(({ slots }) => slots.some(({ id }) => id === subject))
  if (part)
    return `${partReference(routine, part.id)}.${part.slots.findIndex(({ id }) => id === subject) + 1}`
  const pass = routine.passes.findIndex(({ id }) => id === subject)
  return pass >= 0 ? `pass ${pass + 1}` : `#${quoted(subject)}`
}
