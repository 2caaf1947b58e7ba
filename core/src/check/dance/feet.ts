import { memoised } from '../../document/index.ts'
import {
  applyVariation,
  beginsOnEither,
  neededFoot,
  otherFoot,
  tookOtherFoot,
} from '../../figure/index.ts'
import {
  addSlot,
  figureContent,
  freshSlot,
  mirrorSlots,
  replaceContent,
  roleTold,
  type DancedSlot,
} from '../../routine/index.ts'
import { beatsOfTicks, TICKS_PER_BEAT, type Tick } from '../../time/index.ts'
import { isOfLines } from '../aboutSlot.ts'
import { cleanly, figuresBetween, goesOn } from '../alternatives.ts'
import type { Derived } from '../derived.ts'
import type { FindingOf, Repair } from '../finding.ts'
import { freshId } from '../freshId.ts'

/** What it finds, with the values of their sentences. */
export interface FeetFindings {
  readonly 'feet.not-free': Feet
  readonly 'feet.unsure': Feet
}
interface Feet {
  /** The part, where it is danced once more in a row and cannot be begun again. */
  readonly again: string | null
  readonly figure: string
  /** The figure that lacks its foot, where this one before it begins on either and took the other. */
  readonly later: string | null
  readonly previous: string | null
  /** Nobody's in particular, where all do the same. */
  readonly role: string | null
  readonly foot: string
  readonly chain: readonly string[]
  readonly beat: number
}

type Found = FindingOf<FeetFindings>

/**
 * Steps whose foot is not free: one finding for a slot, with the chain of feet that leads there.
 * Figures that begin on either foot take the one that is free; where that leaves the next without
 * its own, it is told where they took the other.
 */
export function feet(derived: Derived): Found[] {
  const { slots } = derived.timeline
  return slots.flatMap((slot, i): Found[] => {
    const trouble = slot.troubles.find((one) => one.trouble === 'taken') ?? slot.troubles[0]
    // Where lines say the way, steps say the feet, and either foot begins.
    if (!trouble || !slot.figure || isOfLines(derived, slot)) return []
    const taken = trouble.trouble === 'taken'
    const cause = taken ? tookOther(slots, i) : i
    const { figure, danced, ...at } = slots[cause]!
    const previous = slots[cause - 1] ?? null
    const chain = (previous?.danced?.steps[trouble.role] ?? [])
      .filter((step) => step.layer === 'feet' && step.foot && step.weight !== 'none')
      .map((step) => step.foot!)
    const isCause = cause === i
    const began = isCause ? trouble.step : danced!.steps[trouble.role].find(({ foot }) => foot)!
    const foot = neededFoot([began]) ?? 'both'
    return [
      {
        code: taken ? 'feet.not-free' : 'feet.unsure',
        severity: taken ? 'stop' : 'note',
        subject: at.slot.id,
        slotKeys: [at.key],
        at: at.start,
        params: {
          again: repeatsFrom(derived, slots[cause]!),
          figure: figure!.name,
          later: isCause ? null : slot.figure.name,
          previous: previous?.figure?.name ?? null,
          role: roleTold(derived.routine, derived.school, derived.timeline, trouble.role),
          foot: isCause || foot === 'both' ? foot : otherFoot(foot),
          chain: chain.slice(-6),
          // A hop before the first count is told at the first.
          beat: Math.max(0, began.at / TICKS_PER_BEAT) + 1,
        },
        repairs: taken && !derived.isTrial ? repairsOf(derived, cause, i) : [],
      },
    ]
  })
}

/** The slots that took the other foot and left a later figure without its own, by their keys. */
export const causesOfFeet = memoised((derived: Derived): ReadonlySet<string> => {
  const { slots } = derived.timeline
  return new Set(
    slots.flatMap(({ troubles }, i) =>
      troubles.some(({ trouble }) => trouble === 'taken') ? [slots[tookOther(slots, i)]!.key] : [],
    ),
  )
})

/** The first of the figures before a slot that took the other foot; the slot where none did. */
function tookOther(slots: readonly DancedSlot[], i: number): number {
  let cause = i
  for (let before = i - 1; before >= 0; before--) {
    const { danced } = slots[before]!
    if (danced && !beginsOnEither(danced)) break
    if (danced && tookOtherFoot(danced)) cause = before
  }
  return cause
}

/** What makes the feet come right from slot `i`, where one took the other, to the one that lacks its own. */
const repairsOf = (derived: Derived, i: number, lacking: number): Repair[] => [
  ...links(derived, i, lacking),
  ...replacements(derived, i, lacking),
  ...otherEndings(derived, i, lacking),
  ...reflectRest(derived, i),
]

/**
 * Figures of the same length that make the chain come right: in place of the one before, so that
 * this one can begin, or in place of this one, so that the next can.
 */
export function replacements(
  { timeline, book, routine }: Derived,
  i: number,
  lacking = i,
): Repair[] {
  const { slots } = timeline
  const slot = slots[i]!
  const previous = slots[i - 1]
  const replace = (place: DancedSlot, next: readonly DancedSlot[]): Repair[] =>
    figuresBetween(book, routine.dance, place.before, place.lengthTicks, next)
      .filter((figure) => figure.id !== place.figure?.id)
      .slice(0, 2)
      .map((figure): Repair => {
        const edits = replaceContent(
          place,
          figureContent(figure.id),
          place.changed ? 'pass' : 'part',
          () => freshId(routine, place.slot.id),
        )
        return {
          code: 'replace',
          params: { old: place.figure?.name ?? '', figure: figure.name },
          edits,
        }
      })
  const before =
    previous?.figure && previous.partId === slot.partId
      ? replace(previous, slots.slice(i, lacking + 1))
      : []
  const here = replace(slot, slots.slice(i + 1, Math.max(lacking, i + 1) + 1))
  return [...before, ...here].slice(0, 3)
}

/** The label of the part, where the slot is the first of it danced once more in a row. */
function repeatsFrom({ timeline }: Derived, slot: DancedSlot): string | null {
  const i = timeline.passes.findIndex((pass) => pass.slots[0] === slot)
  return i > 0 && timeline.passes[i - 1]!.part === timeline.passes[i]!.part
    ? timeline.passes[i]!.part.label
    : null
}

/** Beats up to which a figure is still a link between two others. */
const LONGEST_LINK = 4

/** The shortest figure of the dance that, danced between the two, makes the foot free. */
function links({ timeline, book, routine }: Derived, i: number, lacking: number): Repair[] {
  const slot = timeline.slots[i]!
  const previous = timeline.slots[i - 1]
  if (slot.changed || (previous && (previous.partId !== slot.partId || previous.changed))) return []
  const before = previous?.after ?? slot.before
  const next = timeline.slots.slice(i, lacking + 1)
  for (let beats = 1; beats <= LONGEST_LINK; beats++) {
    const [figure] = figuresBetween(book, routine.dance, before, beats * TICKS_PER_BEAT, next)
    if (!figure) continue
    const link = freshSlot(freshId(routine, `${slot.partId}-link`), figureContent(figure.id))
    const after = previous && previous.passId === slot.passId ? previous.slot.id : null
    return [
      {
        code: 'add-link',
        params: { figure: figure.name, beats: beatsOfTicks(figure.lengthTicks as Tick) },
        edits: addSlot(slot.partId, link, after),
      },
    ]
  }
  return []
}

/** Another ending of the figure before that leaves the foot free. */
function otherEndings({ timeline, routine }: Derived, i: number, lacking: number): Repair[] {
  const previous = timeline.slots[i - 1]
  const slot = timeline.slots[i]!
  const content = previous?.slot.content
  if (!previous?.figure || content?.type !== 'figure' || !slot.danced) return []
  return (previous.figure.endings ?? []).flatMap(({ name }): Repair[] => {
    const to = { ...content, variation: { ...content.variation, ending: name } }
    const danced = applyVariation(previous.figure!, to.variation)
    const after = danced.ok ? cleanly(previous.before, danced.value) : null
    if (!after || !goesOn(after, timeline.slots.slice(i, lacking + 1))) return []
    return [
      {
        code: 'other-ending',
        params: { figure: previous.figure!.name, ending: name },
        edits: replaceContent(previous, to, previous.changed ? 'pass' : 'part', () =>
          freshId(routine, previous.slot.id),
        ),
      },
    ]
  })
}

/**
 * This figure and all after it in its part the other way round, where that gives it the foot it
 * needs.
 */
function reflectRest({ timeline }: Derived, i: number): Repair[] {
  const slot = timeline.slots[i]!
  if (!slot.figure || slot.changed || slot.slot.content.type !== 'figure') return []
  const turned = applyVariation(slot.figure, {
    ...slot.slot.content.variation,
    reflected: !slot.slot.content.variation.reflected,
  })
  if (!turned.ok || !cleanly(slot.before, turned.value)) return []
  const own = timeline.passes.find(({ slots }) => slots.includes(slot))?.slots ?? []
  const rest = own.slice(own.indexOf(slot))
  if (rest.some((one) => one.changed)) return []
  const edits = mirrorSlots(rest.map((one) => one.slot))
  return [{ code: 'reflect-rest', params: { figure: slot.figure.name }, edits }]
}
