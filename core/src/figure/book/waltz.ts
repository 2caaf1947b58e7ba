import { TICKS_PER_BEAT } from '../../time/index.ts'
import type { Facing } from '../../move/index.ts'
import { germanWords } from './german.ts'
import type { Figure, Wordings } from '../model/figure.ts'
import type { Step } from '../model/step.ts'

/**
 * The waltz figures that ship. Only what the feet do is written; free feet, facings, turns and the
 * follow's opposite are computed. Where schools differ, the plainest way is taken.
 */

type Way =
  | 'forward'
  | 'back'
  | 'side left'
  | 'side right'
  | 'in place'
  | 'across'
  | 'behind'
  | 'diagonal left'
  | 'diagonal right'
type Crossing = 'across' | 'behind'
const DIRECTIONS: Record<Exclude<Way, 'in place' | Crossing>, Facing> = {
  forward: 0,
  'diagonal right': 1,
  'side right': 2,
  back: 4,
  'side left': 6,
  'diagonal left': 7,
}

/** A foot that crosses goes to the other side. */
const CROSSED_TO = { left: 2, right: 6 } as const

/** A step that takes weight on a beat counted from 1. */
function step(beat: number, foot: 'left' | 'right', way: Way, text: string, turn = 0): Step {
  const travel =
    way === 'in place'
      ? null
      : way === 'across' || way === 'behind'
        ? { direction: foot === 'left' ? CROSSED_TO.left : CROSSED_TO.right, strides: 0.5 }
        : { direction: DIRECTIONS[way], strides: 1 }
  return {
    at: (beat - 1) * TICKS_PER_BEAT,
    layer: 'feet',
    foot,
    kind: 'step',
    weight: 'full',
    travel,
    turn,
    text: `${foot} ${text}`,
  }
}

/** A movement of a foot that takes no weight. */
function gesture(
  beat: number,
  foot: 'left' | 'right',
  kind: 'touch' | 'point' | 'draw',
  text: string,
): Step {
  return {
    at: (beat - 1) * TICKS_PER_BEAT,
    layer: 'feet',
    foot,
    kind,
    weight: 'none',
    travel: null,
    turn: 0,
    text: `${foot} ${text}`,
  }
}

const look = (beat: number, text: string): Step => ({
  at: (beat - 1) * TICKS_PER_BEAT,
  layer: 'head',
  foot: null,
  kind: 'pose',
  weight: 'none',
  travel: null,
  turn: 0,
  text,
})

const hold = (beat: number, text = 'hold'): Step => ({
  at: (beat - 1) * TICKS_PER_BEAT,
  layer: 'feet',
  foot: null,
  kind: 'hold',
  weight: 'none',
  travel: null,
  turn: 0,
  text,
})

type Written = Pick<Figure, 'id' | 'name' | 'lead'> &
  Omit<Partial<Figure>, 'wordings' | 'aliases'> & {
    beats: number
    from: string[]
    to: string | null
    wordings: Wordings
    aliases?: string[]
  }

function waltz({ beats, from, to, wordings, aliases = [], ...figure }: Written): Figure {
  return {
    format: 'dellop-figure',
    version: 3,
    aliases: aliases.map((name) => ({ name })),
    dancers: 'couple',
    family: 'waltz',
    level: 'easy',
    lengthTicks: beats * TICKS_PER_BEAT,
    follow: 'opposite',
    entry: {
      holds: from,
      facings: [],
      strictness: { feet: 'hard', holds: 'hard', facings: 'soft' },
    },
    exitHold: to,
    cautions: [],
    remarks: '',
    wordings: { en: wordings, ...germanWords(figure.id) },
    ...figure,
  }
}

const FACING_HOLDS = ['closed', 'butterfly', 'two hands']

export const WALTZ_FIGURES: readonly Figure[] = [
  waltz({
    id: 'balance-left-right',
    name: 'Balance left and right',
    aliases: ['Balance'],
    level: 'first',
    beats: 6,
    from: FACING_HOLDS,
    to: null,
    lead: [
      step(1, 'left', 'side left', 'side'),
      step(2, 'right', 'behind', 'behind'),
      step(3, 'left', 'in place', 'in place'),
      step(4, 'right', 'side right', 'side'),
      step(5, 'left', 'behind', 'behind'),
      step(6, 'right', 'in place', 'in place'),
    ],
    wordings: { full: 'balance left and right', short: 'balance both ways', keyWord: 'balance' },
  }),
  waltz({
    id: 'box',
    name: 'Box',
    level: 'first',
    beats: 6,
    from: ['closed', 'butterfly'],
    to: null,
    lead: [
      step(1, 'left', 'forward', 'forward'),
      step(2, 'right', 'side right', 'side'),
      step(3, 'left', 'in place', 'close'),
      step(4, 'right', 'back', 'back'),
      step(5, 'left', 'side left', 'side'),
      step(6, 'right', 'in place', 'close'),
    ],
    wordings: { full: 'box', short: 'box', keyWord: 'box' },
    remarks: 'Square and unturned: say so where a turning box came just before.',
  }),
  waltz({
    id: 'left-turning-box',
    name: 'Left turning box',
    aliases: ['Turning box'],
    beats: 12,
    from: ['closed'],
    to: null,
    lead: [0, 6].flatMap((start) => [
      step(start + 1, 'left', 'forward', 'forward', -2),
      step(start + 2, 'right', 'side right', 'side'),
      step(start + 3, 'left', 'in place', 'close'),
      step(start + 4, 'right', 'back', 'back', -2),
      step(start + 5, 'left', 'side left', 'side'),
      step(start + 6, 'right', 'in place', 'close'),
    ]),
    wordings: { full: 'left turning box', short: 'left turn box', keyWord: 'turning box' },
    remarks: 'A quarter turn in every bar; once round in four.',
  }),
  waltz({
    id: 'two-right-turns',
    name: 'Two right turns',
    aliases: ['Right turns'],
    level: 'steady',
    beats: 6,
    from: ['closed'],
    to: null,
    entry: {
      holds: ['closed'],
      facings: [4],
      strictness: { feet: 'hard', holds: 'hard', facings: 'soft' },
    },
    lead: [
      step(1, 'left', 'back', 'back', 3),
      step(2, 'right', 'side right', 'side'),
      step(3, 'left', 'in place', 'close'),
      step(4, 'right', 'forward', 'forward', 3),
      step(5, 'left', 'side left', 'side'),
      step(6, 'right', 'in place', 'close'),
    ],
    wordings: { full: 'two right turns', short: 'right turns', keyWord: 'turn, turn' },
    cautions: [
      {
        kind: 'spin',
        text: 'Two turns in a row: give new dancers room and let anyone dizzy walk it.',
      },
    ],
  }),
  waltz({
    id: 'manoeuvre',
    name: 'Manoeuvre',
    level: 'steady',
    beats: 3,
    from: ['semi-closed'],
    to: 'closed',
    entry: {
      holds: ['semi-closed'],
      facings: [0],
      strictness: { feet: 'hard', holds: 'hard', facings: 'soft' },
    },
    lead: [
      step(1, 'right', 'forward', 'forward across', 2),
      step(2, 'left', 'side left', 'side', 2),
      step(3, 'right', 'in place', 'close'),
    ],
    follow: [
      step(1, 'left', 'forward', 'forward'),
      step(2, 'right', 'side right', 'side'),
      step(3, 'left', 'in place', 'close'),
    ],
    wordings: { full: 'manoeuvre, side, close', short: 'manoeuvre', keyWord: 'manoeuvre' },
  }),
  waltz({
    id: 'twirl-vine',
    name: 'Twirl vine',
    aliases: ['Twirl vine three'],
    level: 'steady',
    beats: 3,
    from: ['closed', 'butterfly', 'open facing'],
    to: 'semi-closed',
    lead: [
      step(1, 'left', 'side left', 'side'),
      step(2, 'right', 'behind', 'behind'),
      step(3, 'left', 'side left', 'side', -2),
    ],
    follow: [
      step(1, 'right', 'side right', 'turn under', 4),
      step(2, 'left', 'side left', 'turn on', 4),
      step(3, 'right', 'side right', 'side', 2),
    ],
    wordings: { full: 'twirl vine, three', short: 'twirl vine', keyWord: 'twirl' },
    cautions: [
      {
        kind: 'arms',
        text: 'A turn under joined hands: keep them loose and in front, never behind the follow’s shoulder. A qualified teacher shows how.',
      },
      {
        kind: 'spin',
        text: 'The follow turns once round in a bar: let anyone dizzy walk it.',
      },
    ],
  }),
  waltz({
    id: 'vine-three',
    name: 'Vine three',
    aliases: ['Vine'],
    level: 'first',
    beats: 3,
    from: [...FACING_HOLDS, 'open facing'],
    to: 'semi-closed',
    lead: [
      step(1, 'left', 'side left', 'side'),
      step(2, 'right', 'behind', 'behind'),
      step(3, 'left', 'side left', 'side', -2),
    ],
    follow: [
      step(1, 'right', 'side right', 'side'),
      step(2, 'left', 'behind', 'behind'),
      step(3, 'right', 'side right', 'side', 2),
    ],
    wordings: { full: 'vine, three', short: 'vine', keyWord: 'vine' },
  }),
  waltz({
    id: 'through-face-close',
    name: 'Through, face, close',
    aliases: ['Through side close'],
    level: 'first',
    beats: 3,
    from: ['semi-closed', 'open'],
    to: 'closed',
    entry: {
      holds: ['semi-closed', 'open'],
      facings: [0],
      strictness: { feet: 'hard', holds: 'hard', facings: 'soft' },
    },
    lead: [
      step(1, 'right', 'forward', 'through'),
      step(2, 'left', 'side left', 'side to face', 2),
      step(3, 'right', 'in place', 'close'),
    ],
    follow: [
      step(1, 'left', 'forward', 'through'),
      step(2, 'right', 'side right', 'side to face', -2),
      step(3, 'left', 'in place', 'close'),
    ],
    wordings: { full: 'through, face, close', short: 'through, face', keyWord: 'through' },
  }),
  waltz({
    id: 'canter',
    name: 'Canter',
    level: 'first',
    beats: 3,
    from: FACING_HOLDS,
    to: null,
    lead: [
      step(1, 'left', 'side left', 'side'),
      gesture(2, 'right', 'draw', 'draw'),
      step(3, 'right', 'in place', 'close'),
    ],
    wordings: { full: 'canter', short: 'canter', keyWord: 'canter' },
    remarks: 'Two changes of weight in three beats.',
  }),
  waltz({
    id: 'twist-vine',
    name: 'Twist vine',
    aliases: ['Twist vine three'],
    level: 'steady',
    beats: 3,
    from: ['closed', 'butterfly'],
    to: 'banjo',
    lead: [
      step(1, 'left', 'side left', 'side', 1),
      step(2, 'right', 'behind', 'behind'),
      step(3, 'left', 'side left', 'side', -2),
    ],
    follow: [
      step(1, 'right', 'side right', 'side', 1),
      step(2, 'left', 'across', 'in front'),
      step(3, 'right', 'side right', 'side', -2),
    ],
    wordings: { full: 'twist vine, three', short: 'twist vine', keyWord: 'twist' },
    cautions: [
      {
        kind: 'knees',
        text: 'Turn the whole leg with the hips and not the knee; leave it out on a sticky floor.',
      },
    ],
  }),
  waltz({
    id: 'forward-face-close',
    name: 'Forward, face, close',
    level: 'easy',
    beats: 3,
    from: ['banjo'],
    to: 'closed',
    lead: [
      step(1, 'right', 'forward', 'forward outside'),
      step(2, 'left', 'side left', 'side to face', 1),
      step(3, 'right', 'in place', 'close'),
    ],
    wordings: { full: 'forward, face, close', short: 'forward, face', keyWord: 'forward' },
  }),
  waltz({
    id: 'hover',
    name: 'Hover',
    level: 'steady',
    beats: 3,
    from: ['closed'],
    to: 'semi-closed',
    lead: [
      step(1, 'left', 'forward', 'forward'),
      step(2, 'right', 'diagonal right', 'side and rise'),
      step(3, 'left', 'in place', 'recover', -2),
    ],
    follow: [
      step(1, 'right', 'back', 'back'),
      step(2, 'left', 'side left', 'side and rise'),
      step(3, 'right', 'in place', 'recover', 2),
    ],
    wordings: { full: 'hover to semi', short: 'hover', keyWord: 'hover' },
    options: [
      {
        name: 'look to the joined hands',
        lead: [look(3, 'look left')],
        follow: [look(3, 'look right')],
      },
    ],
  }),
  waltz({
    id: 'dip',
    name: 'Dip',
    aliases: ['Dip back'],
    level: 'easy',
    beats: 3,
    from: ['closed'],
    to: null,
    lead: [step(1, 'left', 'back', 'back and lower'), hold(2), hold(3)],
    wordings: { full: 'dip back', short: 'dip', keyWord: 'dip' },
    cautions: [
      {
        kind: 'dip',
        text: 'Lower the knee, not the back; the follow keeps their own weight. Leave it out where knees or backs ask for it, and ask a qualified teacher.',
      },
    ],
  }),
  waltz({
    id: 'recover-touch',
    name: 'Recover, touch',
    level: 'first',
    beats: 3,
    from: ['closed'],
    to: null,
    lead: [step(1, 'right', 'forward', 'recover'), gesture(2, 'left', 'touch', 'touch'), hold(3)],
    wordings: { full: 'recover and touch', short: 'recover', keyWord: 'recover' },
  }),
  waltz({
    id: 'two-forward-waltzes',
    name: 'Two forward waltzes',
    level: 'first',
    beats: 6,
    from: ['closed', 'banjo'],
    to: null,
    entry: {
      holds: ['closed', 'banjo'],
      facings: [0],
      strictness: { feet: 'hard', holds: 'hard', facings: 'soft' },
    },
    lead: [
      step(1, 'left', 'forward', 'forward'),
      step(2, 'right', 'forward', 'forward'),
      step(3, 'left', 'in place', 'close'),
      step(4, 'right', 'forward', 'forward'),
      step(5, 'left', 'forward', 'forward'),
      step(6, 'right', 'in place', 'close'),
    ],
    wordings: { full: 'two forward waltzes', short: 'two forward', keyWord: 'two forward' },
  }),
  waltz({
    id: 'side-draw-touch',
    name: 'Side, draw, touch',
    level: 'first',
    beats: 3,
    from: FACING_HOLDS,
    to: null,
    lead: [
      step(1, 'left', 'side left', 'side'),
      gesture(2, 'right', 'draw', 'draw'),
      gesture(3, 'right', 'touch', 'touch'),
    ],
    wordings: { full: 'side, draw, touch', short: 'side, touch', keyWord: 'side' },
    remarks: 'Leaves the same foot free that was drawn.',
  }),
  waltz({
    id: 'solo-roll',
    name: 'Solo roll',
    aliases: ['Roll three'],
    level: 'steady',
    beats: 3,
    from: ['butterfly', 'two hands', 'open facing'],
    to: 'semi-closed',
    lead: [
      step(1, 'left', 'side left', 'roll', -4),
      step(2, 'right', 'side right', 'roll on', -4),
      step(3, 'left', 'side left', 'side', -2),
    ],
    follow: [
      step(1, 'right', 'side right', 'roll', 4),
      step(2, 'left', 'side left', 'roll on', 4),
      step(3, 'right', 'side right', 'side', 2),
    ],
    wordings: { full: 'solo roll, three', short: 'roll three', keyWord: 'roll' },
    cautions: [
      {
        kind: 'spin',
        text: 'Everyone turns alone: slow it down or vine instead on a crowded or slippery floor, or where anyone gets dizzy.',
      },
    ],
  }),
]
