import { applyVariation, LEVEL_NAMES, variationText, type Figure } from '../figure/index.ts'
import type { Pass, Routine, Slot } from '../routine/index.ts'
import { passExtras } from './sheetExtras.ts'
import { beatsText, lengthText, startText } from './sheetTextWords.ts'

/**
 * A sheet to hand on as Markdown: a heading, the parts as tables with their counts, and the order
 * as a list. Not read back.
 */
export function sheetMarkdown(
  routine: Routine,
  figures: readonly Figure[],
  tuneTitle: string | null,
): string {
  const book = new Map(figures.map((figure) => [figure.id, figure]))
  const facts = [
    routine.by && `By ${routine.by}${routine.year ? `, ${routine.year}` : ''}`,
    routine.otherNames && `Also called ${routine.otherNames.join(', ')}`,
    routine.source && `From ${routine.source}`,
    [routine.dance, routine.formation, routine.level && LEVEL_NAMES[routine.level]]
      .filter(Boolean)
      .join(', '),
    tuneTitle && `Tune: ${tuneTitle}`,
    `${routine.bpm} beats a minute`,
    `Start: ${startText(routine.start, routine.formation)}`,
  ].filter(Boolean)
  return [
    `# ${plain(routine.title)}`,
    '',
    ...facts.map((fact) => `- ${plain(String(fact))}`),
    ...(routine.remark ? ['', plain(routine.remark)] : []),
    ...routine.parts.flatMap((part) => [
      '',
      `## ${plain(part.label)}`,
      '',
      '| from count | counts | danced | remark |',
      '|---:|---:|---|---|',
      ...rows(part.slots, book),
    ]),
    '',
    '## Order',
    '',
    ...routine.passes.flatMap((pass, i) => passLines(pass, i, routine, book)),
    '',
  ].join('\n')
}

/** Text that Markdown would take for something else, kept as it is. */
const plain = (text: string): string =>
  text.replace(/[\\`*_{}[\]<>#|]/g, '\\$&').replace(/\s*\n\s*/g, ' ')

function rows(slots: readonly Slot[], book: ReadonlyMap<string, Figure>): string[] {
  let at: number | null = 0
  return slots.map((slot) => {
    const { name, ticks, length } = dancedIn(slot, book)
    const from = at === null ? '?' : beatsText(at + 24)
    at = at === null || ticks === null ? null : at + ticks
    const marks = [
      slot.hard && 'hard',
      slot.optional && 'optional',
      slot.roleRemarks?.lead && `lead: ${slot.roleRemarks.lead}`,
      slot.roleRemarks?.follow && `follow: ${slot.roleRemarks.follow}`,
      slot.remark,
    ]
    return `| ${from} | ${length} | ${plain(name)} | ${plain(marks.filter(Boolean).join('; '))} |`
  })
}

function dancedIn(
  { content }: Pick<Slot, 'content'>,
  book: ReadonlyMap<string, Figure>,
): { readonly name: string; readonly ticks: number | null; readonly length: string } {
  if (content.type === 'words')
    return { name: content.text || 'open', ticks: content.lengthTicks, length: lengthText(content) }
  const figure = book.get(content.figureId)
  const danced = figure ? applyVariation(figure, content.variation) : null
  const ticks = danced?.ok ? danced.value.lengthTicks : null
  const varied = variationText(content.variation)
  return {
    name: `${figure?.name ?? content.figureId}${varied ? ` (${varied})` : ''}`,
    ticks,
    length: ticks === null ? '?' : beatsText(ticks),
  }
}

const CHANGE = { replace: 'instead of', insert: 'after', drop: 'without' } as const

function passLines(
  pass: Pass,
  i: number,
  routine: Routine,
  book: ReadonlyMap<string, Figure>,
): string[] {
  const part = routine.parts.find(({ id }) => id === pass.partId)!
  const place = (id: string | null): string => {
    const slot = part.slots.find((one) => one.id === id)
    return id === null || !slot ? 'the end' : dancedIn(slot, book).name
  }
  const words = [
    part.label,
    pass.times > 1 && `${pass.times} times`,
    pass.kind !== 'pass' && `(${pass.kind})`,
    pass.reflected && 'mirrored',
    pass.stretch && `from ${place(pass.stretch.from)} to ${place(pass.stretch.to)}`,
    ...passExtras(pass),
  ]
  const changes = pass.changes.map(
    (change) =>
      `   - ${CHANGE[change.type]} ${plain(place(change.slotId))}${change.type === 'drop' ? '' : `: ${plain(dancedIn(change, book).name)}`}`,
  )
  return [`${i + 1}. ${plain(words.filter(Boolean).join(', '))}`, ...changes]
}
