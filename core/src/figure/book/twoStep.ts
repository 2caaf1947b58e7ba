import { family, SPIN, type Written } from './family.ts'

const COUPLE = 'closed, butterfly, two hands'
const SIDE = 'open, semi-closed, half open'

/** In two four: a quick is half a beat, a slow a whole one. */
const FIGURES: readonly Written[] = [
  {
    name: 'Forward two-step',
    beats: 2,
    from: SIDE,
    level: 'first',
    lead: '1 left forward, 1& right close, 2 left forward',
    say: 'forward two-step / two-step / two-step',
  },
  {
    name: 'Two forward two-steps',
    beats: 4,
    from: SIDE,
    level: 'first',
    lead: '1 left forward, 1& right close, 2 left forward, 3 right forward, 3& left close, 4 right forward',
    say: 'two forward two-steps / two two-steps / two-steps',
  },
  { name: 'Back two-step', beats: 2, from: SIDE, lead: '1 left back, 1& right close, 2 left back' },
  {
    name: 'Side two-step',
    beats: 2,
    from: COUPLE,
    level: 'first',
    lead: '1 left side, 1& right close, 2 left side',
    say: 'side two-step / side two-step / side',
  },
  {
    name: 'Two side two-steps',
    beats: 4,
    from: COUPLE,
    level: 'first',
    lead: '1 left side, 1& right close, 2 left side, 3 right side, 3& left close, 4 right side',
    say: 'side two-step left and right / side two-steps / side',
  },
  {
    name: 'Side, touch',
    beats: 2,
    from: COUPLE,
    level: 'first',
    lead: '1 left side, 2 right touch',
  },
  {
    name: 'Two-step box',
    beats: 4,
    from: COUPLE,
    level: 'first',
    lead: '1 left side, 1& right close, 2 left forward, 3 right side, 3& left close, 4 right back',
    say: 'two-step box / box / box',
    aliases: ['Box'],
  },
  {
    name: 'Hitch',
    beats: 2,
    from: SIDE,
    lead: '1 left forward, 1& right close, 2 left back',
    aliases: ['Hitch three'],
    remarks: 'Small steps; it comes back to where it was.',
  },
  {
    name: 'Hitch six',
    beats: 4,
    from: SIDE,
    lead: '1 left forward, 1& right close, 2 left back, 3 right back, 3& left close, 4 right forward',
    aliases: ['Double hitch'],
  },
  {
    name: 'Scissors across',
    beats: 2,
    from: COUPLE,
    lead: '1 left side, 1& right close, 2 left across',
    say: 'scissors across / scissors / scissors',
    aliases: ['Scissors'],
  },
  {
    name: 'Vine four',
    beats: 4,
    from: 'butterfly, two hands',
    level: 'first',
    lead: '1 left side, 2 right behind, 3 left side, 4 right across',
    say: 'vine four / vine / vine',
    endings:
      'to open | open | from 4 | lead: 4 right across turn left 1/4 | follow: 4 left across turn right 1/4',
  },
  {
    name: 'Limp four',
    beats: 4,
    from: COUPLE,
    lead: '1 left side, 2 right behind, 3 left side, 4 right behind',
    say: 'limp four / limp / limp',
  },
  {
    name: 'Walk two',
    beats: 2,
    from: SIDE,
    level: 'first',
    lead: '1 left forward, 2 right forward',
  },
  {
    name: 'Strut four',
    beats: 4,
    from: SIDE,
    level: 'first',
    lead: '1 left forward, 2 right forward, 3 left forward, 4 right forward',
    say: 'strut four / strut / strut',
    remarks: 'Ball of the foot first, a little proud.',
  },
  {
    name: 'Turning two-steps',
    beats: 4,
    from: 'closed',
    level: 'steady',
    lead: '1 left side, 1& right close, 2 left side turn right 1/2, 3 right side, 3& left close, 4 right side turn right 1/2',
    say: 'two turning two-steps / turning two-steps / turning',
    cautions: [SPIN],
  },
  {
    name: 'Basketball turn',
    beats: 4,
    from: 'open, left open',
    to: 'open',
    level: 'steady',
    lead: '1 left forward, 2 right recover turn right 1/2, 3 left forward, 4 right recover turn right 1/2',
    follow:
      '1 right forward, 2 left recover turn left 1/2, 3 right forward, 4 left recover turn left 1/2',
    say: 'basketball turn / basketball / basketball',
    cautions: [SPIN],
    remarks:
      'Towards each other for the first half, to face the other way, and on round away from each other.',
    hands: '3 left open',
  },
]

export const TWO_STEP_FIGURES = family(
  { name: 'two-step', from: COUPLE, follow: 'opposite', level: 'easy' },
  FIGURES,
)
