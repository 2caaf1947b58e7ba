import type { Reentry } from '@dellop/core/call'
import type { DancedPass } from '@dellop/core/routine'
import type { Sheet } from '@dellop/core/sheet'
import { TICKS_PER_BEAT } from '@dellop/core/time'
import { words } from '../words/index.ts'

const beats = (ticks: number): number => Math.round((ticks / TICKS_PER_BEAT) * 10) / 10
const labelOf = (written: Sheet, pass: number): string => `${written.timeline.passes[pass]!.part.label} ${written.timeline.passes[pass]!.ordinal}`

/** A time through a part: by its number where the part comes more than once. */
export const passName = ({ part, ordinal, ordinals }: DancedPass): string => (ordinals === 1 ? part.label : `${part.label}, ${words.format.ordinal(ordinal, ordinals)}`)

/** A way back in: what they begin with. */
export const wayName = ({ slot }: Pick<Reentry, 'slot'>): string => words.format.slotName(slot.slot.content, slot.figure?.name ?? null)

/** What a way back in costs, in counts. */
export const wayPrice = ({ link, shiftTicks, rest: { overTicks, dropped, repeated } }: Reentry, written: Sheet): string =>
  [
    link && words.lectern.offerLink(link.name),
    words.lectern.offerMove(beats(shiftTicks)),
    dropped.length > 0 ? words.lectern.offerDropped(dropped.map((pass) => labelOf(written, pass))) : '',
    repeated.length > 0 ? words.lectern.offerRepeated(repeated.map((pass) => labelOf(written, pass))) : '',
    overTicks && shiftTicks !== 0 ? words.lectern.offerOver(beats(overTicks)) : '',
  ]
    .filter(Boolean)
    .join(' · ')
