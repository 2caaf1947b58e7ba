import {
  applyVariation,
  beginning,
  missingFoot,
  otherWeight,
  type CoupleState,
  type DancedFigure,
  type Figure,
} from '../figure/index.ts'
import type { Routine } from '../routine/index.ts'
import { startJotted } from './startJotted.ts'
import { isWrittenStart } from './sheetTextWords.ts'

/** What a text leaves to the first figure: hold, feet or both. */
export interface LeftOpen {
  readonly hold: boolean
  readonly feet: boolean
}
/** What is left open by what is said of the start, which may be nothing. */
export function leftOpen(said: string): LeftOpen {
  if (said.trim() === '') return { hold: true, feet: true }
  const jotted = isWrittenStart(said) ? null : startJotted(said)
  return { hold: jotted?.hold === null, feet: jotted?.freeFoot === null }
}

/**
 * Where a dance begins whose text does not say it: as its formation usually does, but with the feet
 * free and in the hold that the first figure begins with, where it can begin with no other.
 */
export function startOfFirst(
  { start, parts, passes }: Routine,
  figures: readonly Figure[],
  open: LeftOpen,
): CoupleState {
  const [pass] = passes
  const content = parts.find(({ id }) => id === pass?.partId)?.slots[0]?.content
  if (!pass || content?.type !== 'figure') return start
  const figure = figures.find(({ id }) => id === content.figureId)
  if (!figure || figure.dancers === 'set') return start
  const reflected = content.variation.reflected !== pass.reflected
  const varied = applyVariation(figure, { ...content.variation, reflected })
  if (!varied.ok) return start
  const onFeet = open.feet ? onFeetOf(start, varied.value) : start
  return open.hold ? inHoldOf(onFeet, varied.value) : onFeet
}

/** On the other feet, where the figure can begin on those and not on these. */
function onFeetOf(start: CoupleState, danced: DancedFigure): CoupleState {
  const { lead, follow } = start
  const other: CoupleState = {
    ...start,
    lead: { ...lead, weight: otherWeight(lead.weight) },
    follow: { ...follow, weight: otherWeight(follow.weight) },
  }
  return missingFoot(start, danced) && !missingFoot(other, danced) ? other : start
}

/** As the couple stands once it has turned into the figure, or taken the hands that it needs. */
function inHoldOf(start: CoupleState, danced: DancedFigure): CoupleState {
  const { takes, state } = beginning(start, danced)
  return takes === 'fits' ? start : state
}
