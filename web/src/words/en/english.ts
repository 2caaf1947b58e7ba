// Pieces of English that the subjects share.
import { mirroredName } from '@dellop/core/figure'
import type { Facing } from '@dellop/core/move'
import type { DancedPass, SlotContent } from '@dellop/core/routine'

export const plural = (n: number, one: string, many = `${one}s`): string =>
  `${n} ${n === 1 ? one : many}`
export const counts = (n: number): string => plural(Math.round(n * 100) / 100, 'count')
export const clock = (seconds: number): string =>
  `${Math.floor(seconds / 60)}:${String(Math.floor(seconds % 60)).padStart(2, '0')}`
export const minutes = (seconds: number): string =>
  seconds < 60
    ? `${Math.round(seconds)} s`
    : `${Math.floor(seconds / 60)} min ${Math.round(seconds % 60)} s`
export const FACINGS = [
  'line of dance',
  'diagonal to the wall',
  'the wall',
  'diagonal to reverse and wall',
  'reverse',
  'diagonal to reverse and centre',
  'the centre',
  'diagonal to the centre',
]
export const facing = (value: Facing | number): string => FACINGS[value] ?? ''
export const times = (n: number): string => (n === 1 ? '' : n === 2 ? ', twice' : `, ${n} times`)

/** Eighths of a turn as a person writes them: 1/8, 1/4, 3/8, 1/2, 1 1/4. */
export function eighths(n: number): string {
  const parts = ['', '1/8', '1/4', '3/8', '1/2', '5/8', '3/4', '7/8']
  return [n >= 8 ? String(Math.floor(n / 8)) : '', parts[n % 8]].filter(Boolean).join(' ')
}

const turnWords = (turn: number): string =>
  turn === 0 ? 'nothing' : `${eighths(Math.abs(turn))} ${turn < 0 ? 'left' : 'right'}`

export function slotName(content: SlotContent, figureName: string | null): string {
  if (content.type === 'words') return content.text === '' ? 'open counts' : content.text
  const {
    cut,
    times: n,
    reflected,
    exitHold,
    turn,
    ending,
    options = [],
    withoutPause,
  } = content.variation
  const part =
    cut?.type === 'half'
      ? ', half'
      : cut?.type === 'first'
        ? `, first ${cut.ticks / 24}`
        : cut?.type === 'from'
          ? `, from ${cut.ticks / 24 + 1}`
          : ''
  const name = content.called ?? figureName ?? content.figureId
  const other = reflected ? mirroredName(name) : null
  return `${other ?? name}${part}${turn === undefined ? '' : `, turning ${turnWords(turn)}`}${withoutPause ? ', no pause' : ''}${times(n)}${reflected && other === null ? ', other way' : ''}${options.map((name) => `, ${name}`).join('')}${ending === undefined ? '' : `, ${ending}`}${exitHold === null ? '' : exitHold === 'none' ? ', letting go' : `, to ${exitHold}`}`
}

/** A time through a part: by its number where the part comes more than once. */
export const passName = ({
  part,
  ordinal: n,
  ordinals,
}: Pick<DancedPass, 'part' | 'ordinal' | 'ordinals'>): string =>
  ordinals === 1 ? part.label : `${part.label}, ${ordinal(n, ordinals)}`

export function ordinal(n: number, of: number): string {
  if (of === 1) return 'once'
  if (n === of) return 'last time'
  return `${['first', 'second', 'third', 'fourth', 'fifth', 'sixth', 'seventh', 'eighth'][n - 1] ?? `${n}th`} time`
}
