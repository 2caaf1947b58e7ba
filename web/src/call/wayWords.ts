import type { Link, Reentry } from '@dellop/core/call'
import { figureContent } from '@dellop/core/routine'
import type { Sheet } from '@dellop/core/sheet'
import { TICKS_PER_BEAT } from '@dellop/core/time'
import { words } from '../words/index.ts'

const beats = (ticks: number): number => Math.round((ticks / TICKS_PER_BEAT) * 10) / 10
/** A way back in: what they begin with. */
export const wayName = ({ slot }: Pick<Reentry, 'slot'>): string =>
  words.format.slotName(slot.slot.content, slot.figure?.name ?? null)

/**
 * What is danced before it, as it is danced: a figure, mirrored or ended in another hold where that
 * is needed.
 */
export const linkName = ({ figure, variation }: Link): string =>
  words.format.slotName(figureContent(figure.id, variation), figure.name)

/** What a way back in costs, in counts. */
export function wayPrice(
  { link, home, shiftTicks, rest: { overTicks, dropped, repeated } }: Reentry,
  written: Sheet,
): string {
  const passes = (numbers: readonly number[]) =>
    numbers.map((pass) => written.timeline.passes[pass]!)
  return [
    home && words.lectern.offerHome(home.calls, home.counts),
    link && words.lectern.offerLink(linkName(link)),
    words.lectern.offerMove(beats(shiftTicks)),
    dropped.length > 0 ? words.lectern.offerDropped(passes(dropped)) : '',
    repeated.length > 0 ? words.lectern.offerRepeated(passes(repeated)) : '',
    overTicks && shiftTicks !== 0 ? words.lectern.offerOver(beats(overTicks)) : '',
  ]
    .filter(Boolean)
    .join(' · ')
}
