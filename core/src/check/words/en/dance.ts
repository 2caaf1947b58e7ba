import type { FigureItselfFindings } from '../../dance/figureItself.ts'
import {
  FIGURE_FINDING_CODES,
  holdName,
  holdOf,
  type DirectionFrame,
} from '../../../figure/index.ts'
import { wrapFacing, type Facing } from '../../../move/index.ts'
import type { DanceFamily } from '../../findings.ts'
import type { Sentence, Sentences } from '../../sentences.ts'
import { counts } from './counts.ts'
import { facingTold, turn } from './facing.ts'

const facing = (value: number, frame: DirectionFrame): string => facingTold(value as Facing, frame)
/** Nobody’s in particular, where all do the same. */
const whose = (role: string | null): string => (role ? `${role}’s ` : '')

/** Choices as they are told: “open, semi-closed or half open”. */
const listed = (list: readonly string[]): string =>
  list.length < 2 ? list.join('') : `${list.slice(0, -1).join(', ')} or ${list.at(-1)}`
/**
 * How two stand to each other.
 *
 * @param eighths How much further round the follow faces than the lead.
 */
function standing(eighths: number): string {
  const apart = Math.abs(wrapFacing(eighths))
  return apart === 0 ? 'side by side' : apart === 4 ? 'face to face' : 'at an angle'
}

/** A figure’s own sentence, with its name. */
function figuresThemselves(): Sentences<FigureItselfFindings> {
  const sentence: Sentence<FigureItselfFindings['figure.parted']> = {
    message: ({ figure, why }) => `${figure}: ${why}`,
    sum: ({ figure }) => `of ${figure} by itself, wherever it is danced`,
  }
  return Object.fromEntries(
    FIGURE_FINDING_CODES.map((code) => [code, sentence]),
  ) as unknown as Sentences<FigureItselfFindings>
}

const wallsTold = (n: number): string => `${n} ${n === 1 ? 'wall' : 'walls'}`

/** `3:20`. */
const minutes = (seconds: number): string =>
  `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`

/** English sentences about what is danced: feet, holds, facings, bodies. */
export const DANCE: Sentences<DanceFamily> = {
  'feet.not-free': {
    message: ({ figure, later, role, foot, beat, again }) =>
      later
        ? `${figure} would begin on the ${whose(role)}other foot here, and then ${later} cannot begin.`
        : `${again ? `${again} cannot be danced again from where it ends: ` : ''}${figure} needs the ${whose(role)}${foot} foot on count ${beat}, and the weight is on it.`,
    sum: ({ previous, chain, foot }) =>
      chain.length === 0
        ? `the start leaves the weight on the ${foot}`
        : `${previous ?? 'the start'}: ${chain.join(', ')}, so the weight is on the ${foot}`,
  },
  'feet.unsure': {
    message: ({ figure, role, foot, previous }) =>
      `Which ${role ? `of the ${role}’s feet` : 'foot'} is free before ${figure}? It needs the ${foot}, and ${previous ?? 'the start'} leaves the weight on both.`,
    sum: ({ previous, chain }) => `${previous ?? 'start'}: ${chain.join(', ')}`,
  },
  'feet.other-foot': {
    message: ({ figure, role, foot }) =>
      `${figure} begins on the ${whose(role)}${foot} foot here; where this sheet means that, it says mirrored.`,
    sum: ({ foot }) => `the ${foot} foot is the free one`,
  },
  'hold.mismatch': {
    message: ({ figure, hold, wanted, isTurnedInto }) =>
      hold === 'none'
        ? `Take hands before ${figure} (${listed(wanted)}).`
        : `${figure} begins in ${listed(wanted.map(holdName))}, and they are in ${holdName(hold)}${isTurnedInto ? ': they turn into it' : ''}.`,
    sum: ({ previous, hold }) => `${previous ?? 'the start'} → ${holdName(hold)}`,
  },
  'facing.mismatch': {
    message: ({ figure, facing: now, wanted, frame }) =>
      `${figure} is meant to begin facing ${facing(wanted, frame)}; here it begins facing ${facing(now, frame)}.`,
    sum: ({ facing: now, wanted, turn: by, frame }) =>
      `${facing(now, frame)} → ${facing(wanted, frame)} is ${turn(by)}`,
  },
  'facing.hold': {
    message: ({ figure, hold, lead, follow }) =>
      `${figure} ends ${standing(follow - lead)} here; ${holdName(hold)} needs them ${standing(holdOf(hold)?.relation ?? 4)}.`,
    sum: ({ lead, follow, frame }) =>
      `lead facing ${facing(lead, frame)}, follow facing ${facing(follow, frame)}`,
  },
  'facing.rotated': {
    message: ({ part, facing: now, wanted, frame }) =>
      `${part} is meant to start facing ${facing(wanted, frame)} this time; they come to it facing ${facing(now, frame)}.`,
    sum: ({ first, rotate, wanted, frame }) =>
      `${facing(first, frame)} and ${turn(rotate)} is ${facing(wanted, frame)}`,
  },
  ...figuresThemselves(),
  'facing.walls': {
    message: ({ part, times, home, ends, frame }) =>
      `${part} is danced ${times} times and ends facing ${facing(ends.at(-1)!, frame)}; ${home} times bring everyone home.`,
    sum: ({ turn: by, ends, frame }) =>
      `${turn(by)} each time: ${ends.map((end) => facing(end, frame)).join(', ')}`,
  },
  'facing.walls-said': {
    message: ({ part, said, danced }) =>
      `The sheet says ${wallsTold(said)}, and ${part} makes ${wallsTold(danced)}.`,
    sum: ({ turn: by }) => (by === 0 ? 'no turn in all' : `${turn(by)} each time`),
  },
  'figure.order': {
    message: ({ figure, role, count }) =>
      `${figure} has a ${role} step on count ${count} that comes too early or too late.`,
    sum: () => 'steps must rise in time and end within the figure',
  },
  'set.partner': {
    message: ({ passes, lead, follow, partner, every }) =>
      `After ${passes === 1 ? 'one time' : `${passes} times`} through, ${lead} 1 is with ${follow} ${partner}.${every === null ? '' : ` It takes ${every} times to meet the first partner again.`}`,
    sum: ({ passes, relative, couples, apart }) =>
      `${passes} × ${relative} places = ${apart} of ${couples}`,
  },
  'body.turns': {
    message: ({ role, turns, side }) =>
      `${role ? `The ${role} turns` : 'Everyone turns'} ${turns} times to the ${side} without a rest.`,
    sum: ({ chain, turns }) =>
      `${chain.join(' + ')} = ${turns} turns; let anyone dizzy walk it, as a qualified teacher shows`,
  },
  'body.pace': {
    message: ({ figure, rate }) => `${figure} asks for ${rate} steps a second.`,
    sum: ({ beats, bpm }) =>
      `in ${counts(beats)} at ${bpm} a minute; walk it slowly first, and leave steps out where the hall’s floor or anyone’s joints ask for it`,
  },
  'body.heat': {
    message: ({ steps, seconds }) =>
      `${steps} steps in ${minutes(seconds)}: in a warm or full hall this one makes hot. Plan a rest and water after it.`,
    sum: ({ rate }) =>
      `${rate} steps a second; who needs to may walk it or sit out, and the hall’s rules come first`,
  },
  'body.arms': {
    message: ({ figure }) =>
      `In ${figure} the arms move while the feet step on half beats: teach the feet first.`,
    sum: () => 'arms when the feet are sure',
  },
  'body.caution': {
    message: ({ figure, group }) => `${figure} is new to ${group} and has a caution.`,
    sum: ({ text }) => text,
  },
}
