// Pieces of German that the subjects share.
import { HALL_FACINGS_DE, mirroredName, nameOfHold } from '@dellop/core/figure'
import type { Facing } from '@dellop/core/move'
import type { DancedPass, SlotContent } from '@dellop/core/routine'
import { clock, eighths, minutes } from '../en/english.ts'

export { clock, eighths, minutes }

/** A number as it is written in German: 2,5. */
export const number = (n: number, places = 2): string =>
  n.toLocaleString('de-DE', { maximumFractionDigits: places, useGrouping: false })
export const plural = (n: number, one: string, many: string): string =>
  `${number(n)} ${n === 1 ? one : many}`
export const counts = (n: number): string => plural(Math.round(n * 100) / 100, 'Schlag', 'Schläge')
/** Behind a word that asks for the dative: “von vier Schlägen”. */
export const countsDative = (n: number): string =>
  plural(Math.round(n * 100) / 100, 'Schlag', 'Schlägen')
export const bars = (n: number): string => plural(n, 'Takt', 'Takte')
export const facing = (value: Facing | number): string => HALL_FACINGS_DE[value] ?? ''
export const times = (n: number): string => (n === 1 ? 'einmal' : `${n}-mal`)
const more = (n: number): string => (n === 1 ? '' : `, ${n}-mal`)
/** A foot, as the data has it. */
export const foot = (side: string): string => ({ left: 'linker', right: 'rechter' })[side] ?? side

const turnWords = (turn: number): string =>
  turn === 0 ? 'ohne Drehung' : `${eighths(Math.abs(turn))} ${turn < 0 ? 'links' : 'rechts'}`

export function slotName(content: SlotContent, figureName: string | null): string {
  if (content.type === 'words') return content.text === '' ? 'offene Schläge' : content.text
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
      ? ', halb'
      : cut?.type === 'first'
        ? `, die ersten ${number(cut.ticks / 24)}`
        : cut?.type === 'from'
          ? `, ab ${number(cut.ticks / 24 + 1)}`
          : ''
  const name = content.called ?? figureName ?? content.figureId
  const other = reflected ? mirroredName(name) : null
  return [
    `${other ?? name}${part}`,
    turn === undefined ? '' : `, Drehung ${turnWords(turn)}`,
    withoutPause ? ', ohne Pause' : '',
    more(n),
    reflected && other === null ? ', andersherum' : '',
    ...options.map((name) => `, ${name}`),
    ending === undefined ? '' : `, ${ending}`,
    exitHold === null ? '' : exitHold === 'none' ? ', loslassen' : `, dann ${hold(exitHold)}`,
  ].join('')
}

/** A time through a part: by its number where the part comes more than once. */
export const passName = ({
  part,
  ordinal: n,
  ordinals,
}: Pick<DancedPass, 'part' | 'ordinal' | 'ordinals'>): string =>
  ordinals === 1 ? part.label : `${part.label}, ${ordinal(n, ordinals)}`

export function ordinal(n: number, of: number): string {
  if (of === 1) return 'einmal'
  if (n === of) return 'letztes Mal'
  return `${n}. Mal`
}

/** A hold as German dancers name it. */
export const hold = (id: string): string => nameOfHold('de', id)
