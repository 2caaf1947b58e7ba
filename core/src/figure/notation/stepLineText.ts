import { TICKS_PER_BEAT } from '../../time/index.ts'
import { THROUGH } from '../model/throughTurn.ts'
import type { Step } from '../model/step.ts'
import {
  DIRECTIONS,
  manners,
  SYLLABLES,
  usualText,
  usualWeight,
  WEIGHT_WORDS,
  type Travel,
} from './stepLineWords.ts'

/** The line that `readStepLine` reads back to these very steps. */
export const stepLineText = (steps: readonly Step[], division: 4 | 3 = 4): string =>
  steps.map((step) => stepText(step, division)).join(', ')

function stepText(step: Step, division: 4 | 3): string {
  const { layer, foot, kind, weight, turn, text } = step
  const plainKind = layer === 'feet' ? 'step' : 'pose'
  // A step without a foot cannot be told from nothing by its foot: its kind is then always said.
  const kindText = kind === plainKind && (foot !== null || layer !== 'feet') ? '' : kind
  const way = wayText(step)
  const weightText =
    weight === (layer === 'feet' ? usualWeight(kind) : 'none')
      ? ''
      : WEIGHT_WORDS.find(([, one]) => one === weight)![0]
  const side = turn < 0 ? 'left' : 'right'
  const through = THROUGH.find(([way]) => way === step.through)?.[1]
  const about = step.about ? 'about ' : ''
  const amount = amountText(Math.abs(turn))
  const turnText =
    turn === 0
      ? ''
      : through
        ? `turn ${about}${amount} through the ${through}`
        : `turn ${about}${side} ${amount}`
  const words =
    text === usualText(foot, kind, way.name) ? '' : `"${text.replace(/[\\"]/g, '\\$&')}"`
  return [
    `${layer === 'feet' ? '' : `${layer}:`}${momentText(step.at, division)}`,
    foot,
    kindText,
    way.text,
    weightText,
    turnText,
    words,
  ]
    .filter(Boolean)
    .join(' ')
}

/**
 * A moment as it is written: `2&`.
 *
 * @param at Ticks from the first beat of the figure; below 0 in a pick-up.
 */
export function momentText(at: number, division: 4 | 3): string {
  const beat = Math.floor(at / TICKS_PER_BEAT)
  const rest = at - beat * TICKS_PER_BEAT
  const syllable = SYLLABLES[division].find(([, ticks]) => ticks === rest)?.[0]
  if (beat < 0) return beat === -1 && syllable ? `${syllable}1` : `1-${-at}t`
  return `${beat + 1}${syllable ?? (rest === 0 ? '' : `+${rest}t`)}`
}

/** The way as it is written, and its name without the size, as the usual words have it. */
function wayText({ travel, foot, text }: Step): { text: string; name: string } {
  const spoken = [...manners(foot)].find(
    ([name, own]) =>
      text.endsWith(` ${name}`) &&
      (own === null) === (travel === null) &&
      own?.direction === travel?.direction,
  )
  const name = spoken ? spoken[0] : travel ? directionName(travel, foot) : ''
  const usual = spoken ? (spoken[1]?.strides ?? 1) : 1
  return { name, text: travel && travel.strides !== usual ? `${name} x${travel.strides}` : name }
}

function directionName({ direction }: Travel, foot: Step['foot']): string {
  if (direction === (foot === 'left' ? 6 : 2) && foot !== 'both' && foot !== null) return 'side'
  return DIRECTIONS.find(([, one]) => one === direction)![0]
}

/** Eighths as the simplest fraction of a whole turn. */
function amountText(eighths: number): string {
  const [whole, rest] = [Math.floor(eighths / 8), eighths % 8]
  const fraction = ['', '1/8', '1/4', '3/8', '1/2', '5/8', '3/4', '7/8'][rest]!
  return [whole > 0 ? String(whole) : '', fraction].filter(Boolean).join(' ')
}
