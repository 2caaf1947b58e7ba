import { applyVariation } from '../../figure/index.ts'
import { beatsOfTicks, type Tick } from '../../time/index.ts'
import {
  addSlot,
  figureContent,
  freshSlot,
  phrasing,
  removeSlot,
  wordsContent,
  type DancedPass,
  type DancedSlot,
  type PassPhrasing,
} from '../../routine/index.ts'
import { figuresBetween } from '../alternatives.ts'
import type { Derived } from '../derived.ts'
import type { FindingOf, Repair } from '../finding.ts'
import { freshId } from '../freshId.ts'

/** What it finds, with the values of their sentences. */
export interface PhraseSumFindings {
  /** `missing`: counts short of the phrase; past it where it is less than nothing. */
  readonly 'sums.phrase': {
    readonly part: string
    readonly terms: readonly number[]
    readonly total: number
    readonly wanted: number
    readonly missing: number
  }
}
type Found = FindingOf<PhraseSumFindings>

/**
 * Parts against the phrase. An offset is found where it arises, once for each part, and not again
 * where it is merely carried on.
 */
export function phraseSums(derived: Derived): Found[] {
  const found = new Map<string, Found>()
  const { passes } = derived.timeline
  phrasing(passes, derived.phrases).forEach((lies, i) => {
    const pass = passes[i]!
    if (
      !lies ||
      lies.deviation === 0 ||
      pass.pass.kind === 'fill' ||
      pass.slots.some((slot) => slot.open)
    )
      return
    const subject = pass.pass.changes.length > 0 ? pass.pass.id : pass.part.id
    if (!found.has(subject))
      found.set(subject, finding(derived, pass, passes[i + 1] ?? null, subject, lies))
  })
  return [...found.values()]
}

function finding(
  derived: Derived,
  pass: DancedPass,
  next: DancedPass | null,
  subject: string,
  { deviation, wantedTicks }: PassPhrasing,
): Found {
  const beats = (ticks: number): number => beatsOfTicks(ticks as Tick)
  const terms = pass.slots.map((slot) => beats(slot.lengthTicks))
  return {
    code: 'sums.phrase',
    severity: 'mend',
    subject,
    slotKeys: [pass.slots.at(-1)?.key ?? ''].filter((key) => key !== ''),
    at: pass.start,
    params: {
      part: pass.part.label,
      terms,
      total: beats(pass.end - pass.start),
      wanted: beats(wantedTicks),
      missing: beats(-deviation),
    },
    repairs:
      deviation < 0 ? padding(derived, pass, next, -deviation) : trimming(derived, pass, deviation),
  }
}

/** Figures that fill the hole and lead into what follows, and plain open counts. */
function padding(
  derived: Derived,
  pass: DancedPass,
  next: DancedPass | null,
  missing: number,
): Repair[] {
  const { routine, book } = derived
  const last = pass.slots.at(-1)
  const before = last?.after ?? routine.start
  const id = freshId(routine, `${pass.part.id}-fill`)
  const after = pass.part.slots.at(-1)?.id ?? null
  const figures = figuresBetween(
    book,
    routine.dance,
    before,
    missing,
    next?.slots[0] ?? null,
  ).slice(0, 2)
  return [
    ...figures.map((figure): Repair => ({
      code: 'add-figure',
      params: { figure: figure.name },
      edits: addSlot(pass.part.id, freshSlot(id, figureContent(figure.id)), after),
    })),
    {
      code: 'add-open',
      params: { beats: beatsOfTicks(missing as Tick) },
      edits: addSlot(pass.part.id, freshSlot(id, wordsContent('', missing)), after),
    },
  ]
}

/** Dropping the last slot, when that is just what sticks out. */
function trimming({ routine }: Derived, pass: DancedPass, over: number): Repair[] {
  const last = pass.slots.at(-1)
  const edits =
    last && last.lengthTicks === over && !last.changed ? removeSlot(routine, last.slot.id) : null
  const dropped: Repair[] = edits
    ? [
        {
          code: 'drop-last',
          params: { slot: last!.figure?.name ?? '', beats: beatsOfTicks(over as Tick) },
          edits,
        },
      ]
    : []
  return [...dropped, ...halving(last, over)]
}

/** Half of the last figure, where its half is just what sticks out. */
function halving(last: DancedSlot | undefined, over: number): Repair[] {
  const content = last?.slot.content
  if (
    !last?.figure ||
    last.changed ||
    content?.type !== 'figure' ||
    content.variation.cut !== null ||
    last.lengthTicks !== over * 2
  )
    return []
  const half = { ...content, variation: { ...content.variation, cut: { type: 'half' as const } } }
  return applyVariation(last.figure, half.variation).ok
    ? [
        {
          code: 'half-last',
          params: { figure: last.figure.name },
          edits: [{ type: 'set', id: last.slot.id, field: 'content', from: content, to: half }],
        },
      ]
    : []
}
