import {
  removeSlot,
  saysNoSteps,
  setSlotField,
  varySlot,
  wordsContent,
  type DancedSlot,
} from '../../routine/index.ts'
import { beatsOfTicks, TICKS_PER_BEAT, type Tick } from '../../time/index.ts'
import type { Derived } from '../derived.ts'
import type { FindingOf, Repair, Severity } from '../finding.ts'
import { freshId } from '../freshId.ts'
import { aboutSlot, slotName } from '../aboutSlot.ts'

/** What it finds, with the values of their sentences. */
export interface MissingFindings {
  readonly 'missing.figure': { readonly id: string }
  readonly 'missing.length': { readonly text: string }
  readonly 'figure.cut': { readonly figure: string; readonly why: string }
  readonly 'missing.unknown': { readonly text: string }
  readonly 'missing.wording': {
    readonly open: boolean
    readonly beats: number
    readonly figure: string | null
  }
}
type Found = FindingOf<MissingFindings>

/**
 * What a sheet leaves open: figures the book does not hold, lengths not settled, slots without
 * words, cuts that fall within a step.
 */
export function missing(derived: Derived): Found[] {
  const unsaid = new Set(
    derived.plan.planned.flatMap((one) =>
      !one.said && one.reason === 'no-wording' ? [one.slot.key] : [],
    ),
  )
  return derived.timeline.slots.flatMap((slot): Found[] => {
    const found = missingIn(derived, slot, unsaid)
    return found ? [{ ...aboutSlot(slot), ...found }] : []
  })
}

/** What a finding says besides its place. */
type Lack = {
  readonly [Code in keyof MissingFindings]: {
    readonly code: Code
    readonly severity: Severity
    readonly params: MissingFindings[Code]
    readonly repairs: readonly Repair[]
  }
}[keyof MissingFindings]

/** The first thing that a slot lacks; most lack none. */
function missingIn(derived: Derived, slot: DancedSlot, unsaid: ReadonlySet<string>): Lack | null {
  const { content } = slot.slot
  if (content.type === 'figure' && !slot.figure)
    return {
      code: 'missing.figure',
      severity: 'stop',
      params: { id: content.figureId },
      repairs: dropping(derived, slot),
    }
  if (content.type === 'words' && slot.open)
    return isFreeEnding(derived, slot) ? null : openLength(derived, slot, content.text)
  if (slot.problem) return cutWrong(derived, slot, slot.problem.message)
  if (isUnknown(slot))
    return {
      code: 'missing.unknown',
      severity: 'note',
      params: { text: slotName(slot) },
      repairs: [],
    }
  if (!unsaid.has(slot.key)) return null
  return {
    code: 'missing.wording',
    severity: 'note',
    params: {
      open: content.type === 'words' && content.text === '',
      beats: beatsOfTicks(slot.lengthTicks),
      figure: slot.figure?.name ?? null,
    },
    repairs: [],
  }
}

/** The last thing of an ending, told in words: a walk off lasts as long as it lasts. */
function isFreeEnding({ timeline }: Derived, { key, slot }: DancedSlot): boolean {
  const last = timeline.passes.at(-1)
  const isLast = last?.slots.at(-1)?.key === key
  const isEnding = last?.pass.kind === 'ending' || last?.pass.finish?.how === 'walk-off'
  return isLast && isEnding && slot.content.type === 'words' && slot.content.text !== ''
}

function openLength({ routine }: Derived, { slot }: DancedSlot, text: string): Lack {
  const bar = routine.metre.beatsPerBar * TICKS_PER_BEAT
  const settle = setSlotField(slot, 'content', wordsContent(text, bar))
  return {
    code: 'missing.length',
    severity: 'mend',
    params: { text },
    repairs: settle
      ? [{ code: 'set-length', params: { beats: beatsOfTicks(bar as Tick) }, edits: settle }]
      : [],
  }
}

function cutWrong({ routine }: Derived, slot: DancedSlot, why: string): Lack {
  const whole = varySlot(slot, { cut: null }, 'part', () => freshId(routine, slot.slot.id))
  return {
    code: 'figure.cut',
    severity: 'stop',
    params: { figure: slot.figure?.name ?? '', why },
    repairs: whole
      ? [{ code: 'whole-figure', params: { figure: slotName(slot) }, edits: whole }]
      : [],
  }
}

/** Words in the place of a figure: kept as they are, and their steps are not known. */
const isUnknown = ({ slot }: DancedSlot): boolean =>
  slot.content.type === 'words' &&
  slot.content.text !== '' &&
  // Who moves where, or where it leads, is enough to know.
  !slot.content.moves &&
  !slot.content.net &&
  slot.content.until === undefined &&
  !saysNoSteps(slot.content.text)

/** Looks the slot up only when it is missing something: most never are. */
function dropping({ routine }: Derived, slot: DancedSlot): Repair[] {
  const edits = removeSlot(routine, slot.slot.id)
  return edits ? [{ code: 'drop-slot', params: {}, edits }] : []
}
