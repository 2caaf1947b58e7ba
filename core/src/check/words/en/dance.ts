import { FIGURE_FINDING_CODES, type DirectionFrame } from '../../../figure/index.ts'
import type { Facing } from '../../../move/index.ts'
import type { Sentence, Sentences } from '../../sentences.ts'
import type { BodyFindings } from '../../dance/body.ts'
import type { FacingsFindings } from '../../dance/facings.ts'
import type { FeetFindings } from '../../dance/feet.ts'
import type { FigureItselfFindings } from '../../dance/figureItself.ts'
import type { FigureOrderFindings } from '../../dance/figureOrder.ts'
import type { WallsFindings } from '../../dance/walls.ts'
import type { HoldsFindings } from '../../dance/holds.ts'
import type { MixersFindings } from '../../dance/mixers.ts'
import type { RotatedFindings } from '../../dance/rotated.ts'
import { counts } from './counts.ts'
import { facingTold, turn } from './facing.ts'

const facing = (value: number, frame: DirectionFrame): string => facingTold(value as Facing, frame)
/** Nobody’s in particular, where all do the same. */
const whose = (role: string | null): string => (role ? `${role}’s ` : '')

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

/** English sentences about what is danced: feet, holds, facings, bodies. */
export const DANCE: Sentences<
  FeetFindings &
    HoldsFindings &
    FacingsFindings &
    RotatedFindings &
    FigureOrderFindings &
    FigureItselfFindings &
    WallsFindings &
    MixersFindings &
    BodyFindings
> = {
  'feet.not-free': {
    message: ({ figure, role, foot, beat, again }) =>
      `${again ? `${again} cannot be danced again from where it ends: ` : ''}${figure} needs the ${whose(role)}${foot} foot on count ${beat}, and the weight is on it.`,
    sum: ({ previous, chain, foot }) =>
      chain.length === 0
        ? `the start leaves the weight on the ${foot}`
        : `${previous ?? 'the start'}: ${chain.join(', ')}, so the weight is on the ${foot}`,
  },
  'feet.unsure': {
    message: ({ figure, role, foot }) =>
      `${figure} asks for the ${whose(role)}${foot} foot while the weight is on both.`,
    sum: ({ previous, chain }) => `${previous ?? 'start'}: ${chain.join(', ')}`,
  },
  'hold.mismatch': {
    message: ({ figure, hold, wanted }) =>
      `${figure} begins in ${wanted.join(' or ')}, and they are in ${hold}.`,
    sum: ({ previous, hold }) => `${previous ?? 'the start'} → ${hold}`,
  },
  'facing.mismatch': {
    message: ({ figure, facing: now, wanted, frame }) =>
      `${figure} is meant to begin facing ${facing(wanted, frame)}; here it begins facing ${facing(now, frame)}.`,
    sum: ({ facing: now, wanted, turn: by, frame }) =>
      `${facing(now, frame)} → ${facing(wanted, frame)} is ${turn(by)}`,
  },
  'facing.hold': {
    message: ({ figure, hold }) => `After ${figure} they would not stand as ${hold} asks.`,
    sum: ({ lead, follow, frame }) =>
      `lead facing ${facing(lead, frame)}, follow facing ${facing(follow, frame)}`,
  },
  'facing.rotated': {
    message: ({ part, facing: now, wanted, frame }) =>
      `${part} is to begin facing ${facing(wanted, frame)} here, and they face ${facing(now, frame)}.`,
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
  'figure.order': {
    message: ({ figure, role, count }) =>
      `${figure} has a ${role} step on count ${count} that comes too early or too late.`,
    sum: () => 'steps must rise in time and end within the figure',
  },
  'set.partner': {
    message: ({ lead, follow, partner, couples }) =>
      `At the end the first ${lead} dances with ${follow} ${partner} of ${couples}, not with the own.`,
    sum: ({ passes, relative, couples, apart, every }) =>
      `${passes} times through move them ${relative} places apart: ${apart} of ${couples}${every === null ? '' : `; the first partner comes again after every ${every}`}`,
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
  'body.arms': {
    message: ({ figure }) => `${figure} moves the arms on top of half beats of the feet.`,
    sum: () => 'feet first, arms when the feet are sure',
  },
  'body.caution': {
    message: ({ figure, group }) => `${figure} is new to ${group} and has a caution.`,
    sum: ({ text }) => text,
  },
}
