import { variationText, type FigureBook } from '../../figure/index.ts'
import {
  addPass,
  partLength,
  removePass,
  usualPhraseTicks,
  type Part,
  type Routine,
  type Slot,
} from '../../routine/index.ts'
import { beatsOfTicks, type Tick } from '../../time/index.ts'
import type { Derived } from '../derived.ts'
import type { FindingOf } from '../finding.ts'
import { freshId } from '../freshId.ts'

/** What it finds, with the values of their sentences. */
export interface PartOrderFindings {
  readonly 'missing.part': { readonly part: string }
  readonly 'missing.pass': { readonly part: string }
  readonly 'sums.versions': {
    readonly part: string
    readonly other: string
    readonly total: number
    readonly told: number
    readonly difference: number
    /** Lines that differ, the first few: what the one has and the other, empty where it has none. */
    readonly differs: readonly {
      readonly line: number
      readonly one: string
      readonly other: string
    }[]
    /** Which of the two fills whole phrases; null where both do, or neither. */
    readonly fits: string | null
  }
}
type Found = FindingOf<PartOrderFindings>

/** Parts that are empty, never danced, or told twice with two totals. */
export const partOrder = (derived: Derived): Found[] => [
  ...emptyParts(derived),
  ...unusedParts(derived),
  ...versions(derived),
]

function emptyParts({ routine, timeline }: Derived): Found[] {
  const written = routine.parts.some(({ slots }) => slots.length > 0)
  return timeline.passes.flatMap((pass): Found[] => {
    if (!written || pass.slots.length > 0 || pass.repetition > 0) return []
    const edits = removePass(routine, pass.pass.id)
    return [
      {
        code: 'missing.part',
        severity: 'mend',
        subject: pass.pass.id,
        slotKeys: [],
        at: pass.start,
        params: { part: pass.part.label },
        repairs: edits
          ? [{ code: 'drop-pass', params: { part: pass.part.label, time: pass.ordinal }, edits }]
          : [],
      },
    ]
  })
}

function unusedParts({ routine, timeline }: Derived): Found[] {
  const danced = new Set(routine.passes.map(({ partId }) => partId))
  return routine.parts.flatMap((part): Found[] => {
    if (danced.has(part.id) || part.versionOf !== undefined || part.slots.length === 0) return []
    const edits = addPass(
      freshId(routine, `${part.id}-pass`),
      part.id,
      routine.passes.at(-1)?.id ?? null,
    )
    return [
      {
        code: 'missing.pass',
        severity: 'note',
        subject: part.id,
        slotKeys: [],
        at: timeline.lengthTicks,
        params: { part: part.label },
        repairs: [{ code: 'add-pass', params: { part: part.label }, edits }],
      },
    ]
  })
}

/** A part and another telling of it, or two parts of one label, that do not come to the same. */
function versions({ routine, book, timeline }: Derived): Found[] {
  return routine.parts.flatMap((part, i): Found[] => {
    const first =
      part.versionOf === undefined
        ? routine.parts
            .slice(0, i)
            .find(({ label, versionOf }) => label === part.label && versionOf === undefined)
        : routine.parts.find(({ id }) => id === part.versionOf)
    const [a, b] = first ? [partLength(first, book), partLength(part, book)] : [null, null]
    if (!first || a === null || b === null || a === b) return []
    const beats = (ticks: number): number => beatsOfTicks(ticks as Tick)
    const at = timeline.passes.find((pass) => pass.part === first)?.start ?? (0 as Tick)
    return [
      {
        code: 'sums.versions',
        severity: 'mend',
        subject: part.id,
        slotKeys: keyOf(timeline.slots, first),
        at,
        params: {
          part: first.label,
          other: part.label,
          total: beats(a),
          told: beats(b),
          difference: beats(Math.abs(a - b)),
          differs: linesApart(first, part, book).slice(0, MOST_LINES),
          fits: fitting(routine, [first.label, a], [part.label, b]),
        },
        repairs: [],
      },
    ]
  })
}

/** So many differing lines are told. */
const MOST_LINES = 3

function linesApart(one: Part, other: Part, book: FigureBook): Lines {
  const told = ({ content }: Slot): string =>
    content.type === 'words'
      ? content.text
      : [book.get(content.figureId)?.name ?? content.figureId, variationText(content.variation)]
          .filter(Boolean)
          .join(' ')
  const count = Math.max(one.slots.length, other.slots.length)
  return Array.from({ length: count }, (_, i) => ({
    line: i + 1,
    one: one.slots[i] ? told(one.slots[i]) : '',
    other: other.slots[i] ? told(other.slots[i]) : '',
  })).filter((line) => line.one !== line.other)
}
type Lines = PartOrderFindings['sums.versions']['differs']

function fitting(
  routine: Routine,
  one: readonly [string, number],
  other: readonly [string, number],
): string | null {
  const phrase = usualPhraseTicks(routine)
  const fit = [one, other].filter(([, ticks]) => ticks % phrase === 0)
  return fit.length === 1 ? fit[0]![0] : null
}

const keyOf = (slots: Derived['timeline']['slots'], part: Part): string[] =>
  slots
    .filter(({ partId }) => partId === part.id)
    .slice(0, 1)
    .map(({ key }) => key)
