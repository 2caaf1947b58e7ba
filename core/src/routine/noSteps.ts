import { memoised } from '../document/index.ts'
import type { DancedFigure } from '../figure/index.ts'
import type { DancedSlot } from './timeline.ts'

const STILL =
  /^(?:wait|hold|pause|rest|stand|listen|acknowledge|bow|honou?r|clap|pose|applause|warten|halten|stehen|lauschen|zuhören|verbeugen|verneigen|klatschen|pose|applaus)\b/iu
/** In a list of how all stand: `open facing, lead foot free, wait two bars`. */
const WAITS =
  /\bwait (?:\d{1,2}|one|two|three|four|eight) (?:bars?|measures?|meas|counts?|beats?)\b/i
const OFF = /^(?:walk off|abgehen)\b/iu

/** Whether words say what is done while nothing is danced: nobody looks for steps behind them. */
export const saysNoSteps = (text: string): boolean =>
  STILL.test(text) || WAITS.test(text) || OFF.test(text)

/** Whether all stay where they are: words that say so, or a figure in which nobody takes a step. */
export const isStandingStill = ({ danced, slot: { content } }: DancedSlot): boolean =>
  danced ? isStill(danced) : content.type === 'words' && STILL.test(content.text)

const isStill = memoised(({ steps, others }: DancedFigure): boolean => {
  const all = [steps.lead, steps.follow, ...others.map((one) => one.steps)].flat()
  return (
    all.length > 0 &&
    all.every(({ travel, turn, weight }) => travel === null && turn === 0 && weight === 'none')
  )
})
