import {
  FIGURE_FINDING_CODES,
  figureSentence,
  holdOf,
  nameOfHold,
  nameOfRole,
  remarkIn,
  type DirectionFrame,
} from '../../../figure/index.ts'
import { wrapFacing, type Facing } from '../../../move/index.ts'
import type { DANCE as ENGLISH } from '../en/dance.ts'
import { counts, number } from './counts.ts'
import { facingTold, turn } from './facing.ts'

const hold = (id: string): string => nameOfHold('de', id)
const facing = (value: number, frame: DirectionFrame): string =>
  `Blick ${facingTold(value as Facing, frame)}`
const roleNamed = (role: string): string => nameOfRole('de', role)
/** Nobody’s in particular, where all do the same. */
const whose = (role: string | null): string => (role ? ` (${roleNamed(role)})` : '')
const wallsTold = (n: number): string => `${n} ${n === 1 ? 'Wand' : 'Wände'}`
/** A foot, as the object of a sentence. */
const foot = (side: string): string =>
  ({ left: 'den linken Fuß', right: 'den rechten Fuß', both: 'beide Füße' })[side] ?? side
/** A foot that something stands on. */
const onFoot = (side: string): string =>
  ({ left: 'auf dem linken', right: 'auf dem rechten', both: 'auf beiden' })[side] ?? side
const feet = (chain: readonly string[]): string =>
  chain.map((one) => ({ left: 'links', right: 'rechts', both: 'beide' })[one] ?? one).join(', ')

/** Choices as they are told: “offen, Promenade oder halboffen”. */
const listed = (list: readonly string[]): string =>
  list.length < 2 ? list.join('') : `${list.slice(0, -1).join(', ')} oder ${list.at(-1)}`
/**
 * How two stand to each other.
 *
 * @param eighths How much further round the follow faces than the lead.
 */
function standing(eighths: number): string {
  const apart = Math.abs(wrapFacing(eighths))
  return apart === 0 ? 'nebeneinander' : apart === 4 ? 'einander gegenüber' : 'schräg zueinander'
}

/** A figure’s own sentence, with its name. */
const figuresThemselves = (): object =>
  Object.fromEntries(
    FIGURE_FINDING_CODES.map((code) => [
      code,
      {
        message: ({ figure, why, told }: { figure: string; why: string; told?: unknown }) =>
          `${figure}: ${told === undefined ? why : figureSentence('de', code, told)}`,
        sum: ({ figure }: { figure: string }) => `an ${figure} selbst, wo immer sie getanzt wird`,
      },
    ]),
  )

/** `3:20`. */
const minutes = (seconds: number): string =>
  `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')} min`

/** German sentences about what is danced: feet, holds, facings, bodies. */
export const DANCE: typeof ENGLISH = {
  ...(figuresThemselves() as typeof ENGLISH),
  'feet.not-free': {
    message: ({ figure, later, role, foot: side, beat, again }) =>
      later
        ? `${figure} begänne hier mit dem anderen Fuß${whose(role)}, und ${later} kann dann nicht beginnen.`
        : `${again ? `${again} lässt sich von seinem Ende aus nicht noch einmal tanzen: ` : ''}${figure} braucht auf Schlag ${number(beat)} ${foot(side)}${whose(role)}, und das Gewicht steht darauf.`,
    sum: ({ previous, chain, foot: side }) =>
      chain.length === 0
        ? `der Anfang lässt das Gewicht ${onFoot(side)}`
        : `${previous ?? 'der Anfang'}: ${feet(chain)}, also steht das Gewicht ${onFoot(side)}`,
  },
  'feet.unsure': {
    message: ({ figure, role, foot: side, previous }) =>
      `Welcher Fuß${whose(role)} ist vor ${figure} frei? Gebraucht wird ${side === 'left' ? 'der linke' : side === 'right' ? 'der rechte' : side}, und ${previous ?? 'der Anfang'} lässt das Gewicht auf beiden.`,
    sum: ({ previous, chain }) => `${previous ?? 'Anfang'}: ${feet(chain)}`,
  },
  'feet.other-foot': {
    message: ({ figure, role, foot: side }) =>
      `${figure} beginnt hier mit dem ${side === 'left' ? 'linken' : 'rechten'} Fuß${whose(role)}; wo dieses Blatt das meint, steht dort gespiegelt.`,
    sum: ({ foot: side }) => `frei ist ${side === 'left' ? 'der linke' : 'der rechte'} Fuß`,
  },
  'hold.mismatch': {
    message: ({ figure, hold: now, wanted, isTurnedInto }) =>
      now === 'none'
        ? `Vor ${figure} Hände fassen (${listed(wanted.map(hold))}).`
        : `${figure} beginnt in: ${listed(wanted.map(hold))}; sie stehen in: ${hold(now)}${isTurnedInto ? ' und drehen sich hinein' : ''}.`,
    sum: ({ previous, hold: now }) => `${previous ?? 'der Anfang'} → ${hold(now)}`,
  },
  'facing.mismatch': {
    message: ({ figure, facing: now, wanted, frame }) =>
      `${figure} ist gedacht mit ${facing(wanted, frame)}; hier beginnt es mit ${facing(now, frame)}.`,
    sum: ({ facing: now, wanted, turn: by, frame }) =>
      `${facing(now, frame)} → ${facing(wanted, frame)}: ${turn(by)}`,
  },
  'facing.hold': {
    message: ({ figure, hold: now, lead, follow }) =>
      `${figure} endet hier ${standing(follow - lead)}; „${hold(now)}“ braucht sie ${standing(holdOf(now)?.relation ?? 4)}.`,
    sum: ({ lead, follow, frame }) =>
      `führend ${facing(lead, frame)}, folgend ${facing(follow, frame)}`,
  },
  'facing.rotated': {
    message: ({ part, facing: now, wanted, frame }) =>
      `${part} soll dieses Mal mit ${facing(wanted, frame)} beginnen; sie kommen mit ${facing(now, frame)} dort an.`,
    sum: ({ first, rotate, wanted, frame }) =>
      `${facing(first, frame)} und ${turn(rotate)} ergibt ${facing(wanted, frame)}`,
  },
  'facing.walls': {
    message: ({ part, times, home, ends, frame }) =>
      `${part} wird ${times}-mal getanzt und endet mit ${facing(ends.at(-1)!, frame)}; nach ${home}-mal sind alle wieder am Anfang.`,
    sum: ({ turn: by, ends, frame }) =>
      `jedes Mal ${turn(by)}: ${ends.map((end) => facingTold(end as Facing, frame)).join(', ')}`,
  },
  'facing.walls-said': {
    message: ({ part, said, danced }) =>
      `Das Blatt sagt ${wallsTold(said)}, und ${part} ergibt ${wallsTold(danced)}.`,
    sum: ({ turn: by }) => (by === 0 ? 'keine Drehung im Ganzen' : `jedes Mal ${turn(by)}`),
  },
  'figure.order': {
    message: ({ figure, role, count }) =>
      `In ${figure} kommt auf Schlag ${number(count)} ein Schritt (${roleNamed(role)}) zu früh oder zu spät.`,
    sum: () => 'Schritte folgen einander in der Zeit und enden in der Figur',
  },
  'set.partner': {
    message: ({ passes, lead, follow, partner, every }) =>
      `Nach ${passes}-mal tanzt ${lead} 1 mit ${follow} ${partner}.${every === null ? '' : ` Erst nach ${every}-mal treffen sich die ersten Partner wieder.`}`,
    sum: ({ passes, relative, couples, apart }) =>
      `${passes} × ${relative} Plätze = ${apart} von ${couples}`,
  },
  'body.turns': {
    message: ({ role, turns, side }) =>
      `${number(turns)} Drehungen nach ${side === 'left' ? 'links' : 'rechts'} ohne Pause${role ? ` (${roleNamed(role)})` : ', für alle'}.`,
    sum: ({ chain, turns }) =>
      `${chain.map(number).join(' + ')} = ${number(turns)} Drehungen; wem schwindlig ist, der geht es, wie eine ausgebildete Lehrkraft es zeigt`,
  },
  'body.pace': {
    message: ({ figure, rate }) => `${figure} verlangt ${number(rate)} Schritte in der Sekunde.`,
    sum: ({ beats, bpm }) =>
      `in ${counts(beats)} bei ${number(bpm)} in der Minute; erst langsam gehen, und Schritte weglassen, wo Boden oder Gelenke es verlangen`,
  },
  'body.heat': {
    message: ({ steps, seconds }) =>
      `${steps} Schritte in ${minutes(seconds)}: In einem warmen oder vollen Saal macht das heiß. Danach eine Pause und Wasser einplanen.`,
    sum: ({ rate }) =>
      `${number(rate)} Schritte in der Sekunde; wer mag, geht es oder setzt aus, und die Regeln des Saals gehen vor`,
  },
  'body.arms': {
    message: ({ figure }) =>
      `In ${figure} bewegen sich die Arme, während die Füße auf halbe Schläge treten: zuerst die Füße lehren.`,
    sum: () => 'Arme, wenn die Füße sicher sind',
  },
  'body.caution': {
    message: ({ figure, group }) => `${figure} ist neu für ${group} und hat eine Warnung.`,
    sum: ({ text }) => remarkIn('de', text),
  },
}
