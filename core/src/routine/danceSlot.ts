import { sameValue, type Problem } from '../document/index.ts'
import {
  applyVariation,
  danceFrom,
  asBegun,
  keptByState,
  onAnyFoot,
  onFootAsked,
  type CoupleState,
  type Figure,
  type FigureBook,
} from '../figure/index.ts'
import type { Tick } from '../time/index.ts'
import type { Choices } from './choices.ts'
import { nextLine, type MusicLayout } from './musicLayout.ts'
import { saysNoSteps } from './noSteps.ts'
import type { Part, Pass, Slot, SlotContent } from './routine.ts'
import type { DancedSlot } from './timeline.ts'

/** What one time through a pass is danced with. */
export interface PassInput {
  readonly pass: Pass
  readonly part: Part
  readonly book: FigureBook
  readonly choices: Choices
  readonly music: MusicLayout
  readonly entry: CoupleState
  readonly swapped: boolean
  readonly start: Tick
  /** Whether `start` may come later: nothing can then wait for a line. */
  readonly uncertain: boolean
}

/** Where a slot stands before it is known what is danced in it. */
export type Placed = Pick<
  DancedSlot,
  | 'key'
  | 'passId'
  | 'partId'
  | 'slot'
  | 'changed'
  | 'mirrored'
  | 'turnedBy'
  | 'start'
  | 'before'
  | 'swapped'
>

/** A slot danced from where it stands; `exitHold` where its pass ends in another. */
export function danceSlot(
  placed: Placed,
  { pass, book, ...input }: PassInput,
  exitHold: string | undefined,
): DancedSlot {
  const { content } = placed.slot
  if (content.type === 'words')
    return still(placed, null, wordsLength(placed, content, input), null)
  const figure = book.get(content.figureId) ?? null
  if (!figure) return still(placed, null, null, null)
  const reflected = content.variation.reflected !== pass.reflected
  const isAsWritten = reflected === content.variation.reflected && exitHold === undefined
  const varied = applyVariation(
    figure,
    isAsWritten
      ? content.variation
      : { ...content.variation, reflected, exitHold: exitHold ?? content.variation.exitHold },
  )
  if (!varied.ok) return still(placed, figure, figure.lengthTicks, varied.problem)
  const asked = (content.variation.reflected ? onFootAsked : onAnyFoot)(varied.value)
  const danced = asBegun(asked, placed.before)
  const { after, troubles } = danceFrom(placed.before, danced)
  const { key, passId, partId, slot, changed, mirrored, turnedBy, start, before, swapped } = placed
  // Written out: spreading a slot for each of hundreds is what unfolding would spend its time on.
  return {
    key,
    passId,
    partId,
    slot,
    changed,
    mirrored,
    turnedBy,
    figure,
    danced,
    problem: null,
    start,
    lengthTicks: danced.lengthTicks,
    end: (start + danced.lengthTicks) as Tick,
    open: false,
    swapped,
    before,
    after: afterSwap(slot, after),
    troubles,
  }
}

/**
 * A danced slot danced elsewhere: from another tick, in another state, under another key. The same
 * where nothing is other.
 */
export function danceElsewhere(
  slot: DancedSlot,
  { key, start, before }: Pick<DancedSlot, 'key' | 'start' | 'before'>,
): DancedSlot {
  if (slot.key === key && slot.start === start && sameValue(slot.before, before)) return slot
  const danced = slot.danced && asBegun(slot.danced, before)
  const { after, troubles } = danced
    ? danceFrom(before, danced)
    : { after: stateAfterStill(slot.slot, before), troubles: slot.troubles }
  return {
    ...slot,
    danced,
    key,
    start,
    end: (start + slot.lengthTicks) as Tick,
    before,
    after: afterSwap(slot.slot, after),
    troubles,
  }
}

const afterSwap = (slot: Slot, state: CoupleState): CoupleState =>
  slot.swap ? { ...state, lead: state.follow, follow: state.lead } : state

const stateAfterStill = ({ content }: Slot, before: CoupleState): CoupleState =>
  content.type === 'words' && saysNoSteps(content.text) ? before : onEitherFoot(before)

/** Nobody knows on which foot they stand. */
const onEitherFoot = keptByState(({ lead, follow, hold }): CoupleState => ({
  hold,
  lead: { ...lead, weight: 'both' },
  follow: { ...follow, weight: 'both' },
}))

/**
 * How long words take: as written, as chosen, or to the line of the music that they wait for; null
 * while it is open.
 */
function wordsLength(
  { slot, start }: Placed,
  content: Extract<SlotContent, { type: 'words' }>,
  { choices, music, uncertain }: Omit<PassInput, 'pass' | 'book'>,
): number | null {
  const settled = content.lengthTicks ?? choices.lengths[slot.id]
  if (settled !== undefined) return settled
  const line = content.until && !uncertain ? nextLine(music, content.until, start) : null
  return line === null ? null : line - start
}

/**
 * A slot whose dancing is not known: it takes its time and changes nothing, but that either foot
 * may be free after it. What is open counts as its least.
 */
function still(
  placed: Placed,
  figure: Figure | null,
  lengthTicks: number | null,
  problem: Problem | null,
): DancedSlot {
  const { content } = placed.slot
  const least = content.type === 'words' ? Math.min(...(content.choices ?? [0])) : 0
  const length = (lengthTicks ?? least) as Tick
  return {
    ...placed,
    figure,
    danced: null,
    problem,
    lengthTicks: length,
    end: (placed.start + length) as Tick,
    open: lengthTicks === null,
    after: afterSwap(placed.slot, stateAfterStill(placed.slot, placed.before)),
    troubles: [],
  }
}
