import { figureContent, replaceContent, type DancedSlot } from '../routine/index.ts'
import { figuresBetween } from './alternatives.ts'
import type { Derived } from './derived.ts'
import type { Finding, Repair } from './finding.ts'
import { freshId } from './freshId.ts'

/** Steps whose foot is not free: one finding for a slot, with the chain of feet that leads there. */
export function feet(derived: Derived): Finding[] {
  const { slots } = derived.timeline
  return slots.flatMap((slot, i): Finding[] => {
    const trouble = slot.troubles.find((one) => one.trouble === 'taken') ?? slot.troubles[0]
    if (!trouble || !slot.figure) return []
    const previous = slots[i - 1] ?? null
    const taken = trouble.trouble === 'taken'
    const chain = (previous?.danced?.steps[trouble.role] ?? []).filter((step) => step.layer === 'feet' && step.foot && step.weight !== 'none').map((step) => step.foot!)
    return [
      {
        code: taken ? 'feet.not-free' : 'feet.unsure',
        severity: taken ? 'stop' : 'note',
        subject: slot.slot.id,
        slotKeys: [slot.key],
        at: slot.start,
        params: { figure: slot.figure.name, previous: previous?.figure?.name ?? null, role: derived.school.roleLabels[trouble.role], foot: trouble.step.foot ?? 'both', chain: chain.slice(-6), beat: trouble.step.at / 24 + 1 },
        repairs: taken ? replacements(derived, i) : [],
      },
    ]
  })
}

/**
 * Figures of the same length that make the chain come right: in place of the one before, so that this one can begin, or
 * in place of this one, so that the next can.
 */
export function replacements({ timeline, book, routine }: Derived, i: number): Repair[] {
  const { slots } = timeline
  const slot = slots[i]!
  const previous = slots[i - 1]
  const replace = (place: DancedSlot, next: DancedSlot | null): Repair[] =>
    figuresBetween(book, routine.dance, place.before, place.lengthTicks, next)
      .filter((figure) => figure.id !== place.figure?.id)
      .slice(0, 2)
      .map((figure): Repair => {
        const edits = replaceContent(place, figureContent(figure.id), place.changed ? 'pass' : 'part', () => freshId(routine, place.slot.id))
        return { code: 'replace', params: { old: place.figure?.name ?? '', figure: figure.name }, edits }
      })
  const before = previous?.figure && previous.partId === slot.partId ? replace(previous, slot) : []
  const here = replace(slot, slots[i + 1] ?? null)
  return [...before, ...here].slice(0, 3)
}
