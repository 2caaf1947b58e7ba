import { soundOf, soundsLike } from '../cue/index.ts'
import {
  applyVariation,
  AS_WRITTEN,
  danceFrom,
  isOfDance,
  missingFoot,
  type Figure,
  type CoupleState,
  type Variation,
} from '../figure/index.ts'
import type { DancedSlot } from '../routine/index.ts'
import { spanAt, type Tick, type TickPosition } from '../time/index.ts'
import type { PreparedCall } from './prepare.ts'

/**
 * Why a floor danced something else: they did the whole for the half (or the half for the whole),
 * ended it the other way, heard another name, did the same again, or went on to what comes next.
 */
export type OtherKind = 'whole' | 'half' | 'other-exit' | 'sound-alike' | 'again' | 'too-soon'

/** What the floor may have danced in place of a slot, and how it stands after it. */
export interface OtherDanced {
  readonly kind: OtherKind
  readonly slot: DancedSlot
  readonly figure: Figure
  /** Tick at which it is over. */
  readonly until: Tick
  readonly couple: CoupleState
}

export const MOST_OTHERS = 3

/**
 * The likeliest things that a floor danced in place of what it is dancing, the likeliest first: the
 * full for the half and the other way about, the other exit, what sounds alike among the figures of
 * this sheet, the same again. After a wrong word of the cuer's, what was said too soon comes first.
 * Only what could be danced from where they stood; three at most.
 */
export function othersAt(
  call: PreparedCall,
  at: TickPosition,
  whose: 'floor' | 'cuer' = 'floor',
): OtherDanced[] {
  const { slots } = call.sheet.timeline
  const slot = spanAt(slots, Math.max(0, Math.floor(at)))
  if (!slot?.danced || !slot.figure) return []
  const kinds = whose === 'cuer' ? [tooSoon, ...KINDS] : KINDS
  const found: OtherDanced[] = []
  for (const kind of kinds)
    for (const one of kind(call, slot)) {
      const isNew =
        one.until > at - 1 &&
        !found.some(
          ({ figure, until, couple }) =>
            figure === one.figure &&
            until === one.until &&
            JSON.stringify(couple) === JSON.stringify(one.couple),
        )
      if (isNew && found.length < MOST_OTHERS) found.push(one)
    }
  return found
}

type OtherFinder = (call: PreparedCall, slot: DancedSlot) => OtherDanced[]

/**
 * A figure in some way from where the floor stood before a slot; nothing where it cannot be danced
 * from there.
 */
function danced(
  kind: OtherKind,
  slot: DancedSlot,
  figure: Figure,
  variation: Variation,
  from: CoupleState = slot.before,
): OtherDanced[] {
  const varied = applyVariation(figure, variation)
  if (!varied.ok || missingFoot(from, varied.value)) return []
  const { after, troubles } = danceFrom(from, varied.value)
  return troubles.length > 0
    ? []
    : [
        {
          kind,
          slot,
          figure,
          until: (slot.start + varied.value.lengthTicks) as Tick,
          couple: after,
        },
      ]
}

const otherHalf: OtherFinder = (_, slot) => {
  const { variation } = slot.danced!
  if (variation.cut?.type === 'half')
    return danced('whole', slot, slot.figure!, { ...variation, cut: null })
  return variation.cut === null && variation.times === 1
    ? danced('half', slot, slot.figure!, { ...variation, cut: { type: 'half' } })
    : []
}

const otherExit: OtherFinder = (_, slot) => {
  const { variation } = slot.danced!
  if (variation.exitHold !== null || variation.ending !== undefined) {
    const { ending: _, ...plain } = variation
    return danced('other-exit', slot, slot.figure!, { ...plain, exitHold: null })
  }
  return (slot.figure!.endings ?? [])
    .slice(0, 1)
    .flatMap(({ name }) => danced('other-exit', slot, slot.figure!, { ...variation, ending: name }))
}

const alike: OtherFinder = ({ sheet, written }, slot) => {
  const own = soundOf(slot.figure!.name)
  const firstWord = slot.figure!.name.split(' ')[0]!.toLowerCase()
  const used = new Set(written.timeline.slots.flatMap(({ figure }) => (figure ? [figure] : [])))
  const others = [...used].filter(
    (figure) => figure !== slot.figure && isOfDance(figure, sheet.routine.dance),
  )
  const near = others.filter(
    ({ name }) => name.split(' ')[0]!.toLowerCase() === firstWord || soundsLike(own, soundOf(name)),
  )
  return near.flatMap((figure) => danced('sound-alike', slot, figure, AS_WRITTEN))
}

/** The slot before was danced once more in place of this one. */
const again: OtherFinder = ({ sheet }, slot) => {
  const before = sheet.timeline.slots[sheet.timeline.slots.indexOf(slot) - 1]
  return before?.danced && before.figure
    ? danced('again', slot, before.figure, before.danced.variation)
    : []
}

/** The next one was said, and danced, in place of this one. */
const tooSoon: OtherFinder = ({ sheet }, slot) => {
  const next = sheet.timeline.slots[sheet.timeline.slots.indexOf(slot) + 1]
  return next?.danced && next.figure
    ? danced('too-soon', slot, next.figure, next.danced.variation)
    : []
}

const KINDS: readonly OtherFinder[] = [otherHalf, otherExit, alike, again]
