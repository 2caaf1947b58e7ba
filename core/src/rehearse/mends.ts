import { applyEdits, type Edit } from '../document/index.ts'
import { WORDING_KINDS } from '../figure/index.ts'
import { routineShape, setSlotField } from '../routine/index.ts'
import { deriveSheet, type Sheet } from '../sheet/index.ts'
import { TICKS_PER_BEAT } from '../time/index.ts'
import type { CueScore } from './score.ts'

export type MendKind = 'shorter' | 'earlier' | 'as-said'
/** Something to do about a cue that went wrong, with what the sheet then says. */
export interface Mend {
  readonly kind: MendKind
  /** What is said then, and how many beats before its step it begins. */
  readonly text: string
  readonly startBeats: number
  readonly edits: readonly Edit[]
}

/** A cue is begun so many beats earlier. */
const EARLIER_BEATS = 1
const MOST_TICKS = 3072

/**
 * What can be done about a cue that went wrong, as edits to preview: shorter words where it was late
 * or ran into another, an earlier start where it was late, a pin where it was said where the cuer's
 * own moment serves. Only what the planner can follow is offered.
 */
export function mendsOf(sheet: Sheet, { utterance, verdict, said }: CueScore): readonly Mend[] {
  const planned = sheet.plan.planned.find(({ slot }) => slot.slotKey === utterance.slotKey)
  const slot = sheet.timeline.slots.find(({ key }) => key === utterance.slotKey)?.slot
  if (!planned?.said || !slot) return []
  const { wording, startTick } = planned.said
  const { stepTick } = planned.slot
  const offers: { kind: MendKind; pin: NonNullable<typeof slot.pin> }[] = []
  if (verdict === 'late' || verdict === 'over-another' || verdict === 'missed')
    for (const kind of WORDING_KINDS) {
      const text = planned.slot.wordings.find(
        (one) => one.kind === kind && !one.joined && !one.owes,
      )
      if (text && text.words < wording.words)
        offers.push({ kind: 'shorter', pin: { ...slot.pin, wording: kind } })
    }
  if (verdict === 'late') {
    const earlier = Math.round(startTick - stepTick - EARLIER_BEATS * TICKS_PER_BEAT)
    if (earlier >= -MOST_TICKS)
      offers.push({ kind: 'earlier', pin: { ...slot.pin, startTicks: earlier } })
  }
  if (verdict === 'early' && said) {
    const beats = (utterance.step - said.start) / utterance.beatSeconds
    const own = -Math.round(beats * TICKS_PER_BEAT)
    if (own >= -MOST_TICKS && own <= 0)
      offers.push({ kind: 'as-said', pin: { ...slot.pin, startTicks: own } })
  }
  return offers.flatMap(
    ({ kind, pin }) => mendWith(sheet, utterance.slotKey, kind, slot, pin) ?? [],
  )
}

/** The mend, as the planner follows it; null where it cannot, or nothing is the better for it. */
function mendWith(
  sheet: Sheet,
  slotKey: string,
  kind: MendKind,
  slot: Parameters<typeof setSlotField>[0],
  pin: Parameters<typeof setSlotField<'pin'>>[2],
): Mend | null {
  const edits = setSlotField(slot, 'pin', pin)
  const changed = edits && applyEdits(routineShape, sheet.routine, edits)
  if (!edits || !changed?.ok) return null
  const { book, school, voice, tune, group, known, hallSeconds } = sheet
  const then = deriveSheet({
    routine: changed.value,
    book,
    school,
    voice,
    tune,
    group,
    known,
    hallSeconds,
  })
  if (stops(then) > stops(sheet)) return null
  const planned = then.plan.planned.find((one) => one.slot.slotKey === slotKey)
  if (!planned?.said) return null
  return {
    kind,
    text: planned.said.wording.text,
    startBeats: (planned.slot.stepTick - planned.said.startTick) / TICKS_PER_BEAT,
    edits,
  }
}
const stops = ({ findings }: Sheet): number =>
  findings.filter(({ severity }) => severity === 'stop').length
