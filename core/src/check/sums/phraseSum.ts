import { applyVariation } from '../../figure/index.ts'
import { beatsOfTicks, type Tick } from '../../time/index.ts'
import {
  addSlot,
  figureContent,
  freshSlot,
  removeSlot,
  wordsContent,
  type DancedPass,
  type DancedSlot,
} from '../../routine/index.ts'
import { figuresBetween } from '../alternatives.ts'
import type { Derived } from '../derived.ts'
import type { FindingOf, Repair } from '../finding.ts'
import { freshId } from '../freshId.ts'
import { passSums, type HeldTo, type PassHeld } from './passSums.ts'

/** What it finds, with the values of their sentences. */
export interface PhraseSumFindings {
  /** `missing`: counts short of the phrase; past it where it is less than nothing. */
  readonly 'sums.phrase': {
    readonly part: string
    readonly terms: readonly number[]
    readonly total: number
    readonly wanted: number
    readonly missing: number
    readonly to: HeldTo
    /** How often it is danced so. */
    readonly times: number
  }
}
type Found = FindingOf<PhraseSumFindings>

/**
 * Parts against what they must fill: each deviation once for its part, where it arises, and not
 * again where it is merely carried on.
 */
export function phraseSums(derived: Derived): Found[] {
  const causes = new Map<string, Cause>()
  const { passes, slots } = derived.timeline
  // Nothing is written yet: what is to be done first says the page.
  if (slots.length === 0) return []
  passSums(derived).forEach((held, i) => {
    const pass = passes[i]!
    if (held.deviation === 0) return
    const owner = pass.pass.changes.length > 0 ? pass.pass.id : pass.part.id
    const key = `${owner} ${held.deviation}`
    const cause = causes.get(key)
    if (cause) cause.passes.push(pass)
    else causes.set(key, { held, owner, next: passes[i + 1] ?? null, passes: [pass] })
  })
  return [...causes.values()].map((cause) => finding(derived, cause))
}

/** A part, or a time through that is changed, that is so much too long or too short. */
interface Cause {
  readonly held: PassHeld
  readonly owner: string
  /** What comes after it first. */
  readonly next: DancedPass | null
  readonly passes: DancedPass[]
}

function finding(derived: Derived, { held, owner, next, passes }: Cause): Found {
  const beats = (ticks: number): number => beatsOfTicks(ticks as Tick)
  const [pass] = passes as [DancedPass, ...DancedPass[]]
  const { deviation, wantedTicks, to } = held
  return {
    code: 'sums.phrase',
    severity: 'mend',
    subject: owner,
    slotKeys: passes.flatMap(({ slots }) => slots.at(-1)?.key ?? []),
    at: pass.start,
    params: {
      part: pass.part.label,
      terms: pass.slots.map((slot) => beats(slot.lengthTicks)),
      total: beats(pass.end - pass.start),
      wanted: beats(wantedTicks),
      missing: beats(-deviation),
      to,
      times: passes.length,
    },
    repairs: derived.isTrial
      ? []
      : deviation < 0
        ? padding(derived, pass, next, -deviation)
        : trimming(derived, pass, deviation),
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
    next?.slots.slice(0, 1) ?? [],
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
