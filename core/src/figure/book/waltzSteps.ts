import { family, type Written } from './family.ts'

/** Waltz figures of one bar, as they are typed. */
const STEPS: readonly Written[] = [
  {
    name: 'Waltz away',
    beats: 3,
    from: 'open',
    to: 'open',
    level: 'first',
    lead: '1 left forward, 2 right forward x0.5, 3 left close',
    follow: '1 right forward, 2 left forward x0.5, 3 right close',
    say: 'waltz away / waltz away / away',
    facings: [0],
    remarks: 'Partners turn slightly back to back, hands still joined.',
  },
  {
    name: 'Twinkle',
    beats: 3,
    from: 'closed, banjo, sidecar',
    to: 'banjo',
    level: 'easy',
    lead: '1 left across, 2 right side, 3 left close',
    follow: '1 right behind, 2 left side, 3 right close',
    say: 'twinkle / twinkle / twinkle',
    remarks: 'Lead crosses in front in sidecar, turns to banjo.',
  },
  {
    name: 'Change of sides, twinkle through',
    beats: 3,
    from: 'semi-closed, open',
    to: 'butterfly',
    level: 'easy',
    lead: '1 right through, 2 left side turn right 1/4, 3 right close',
    follow: '1 left through, 2 right side turn left 1/4, 3 left close',
    say: 'through twinkle / through twinkle / through',
    facings: [0],
  },
  {
    name: 'Whisk',
    beats: 3,
    to: 'semi-closed',
    level: 'steady',
    lead: '1 left forward, 2 right side turn left 1/8, 3 left behind turn left 1/8',
    follow: '1 right back, 2 left side turn right 1/8, 3 right behind turn right 1/8',
    say: 'whisk / whisk / whisk',
    facings: [2],
  },
  {
    name: 'Through, chasse',
    beats: 3,
    from: 'semi-closed',
    to: 'semi-closed',
    level: 'steady',
    lead: '1 right through turn right 1/4, 2 left side, 2& right close, 3 left side turn left 1/4',
    follow:
      '1 left through turn left 1/4, 2 right side, 2& left close, 3 right side turn right 1/4',
    say: 'through, chasse to semi / through, chasse / chasse',
    facings: [0],
  },
]
export const WALTZ_STEPS = family(
  { name: 'waltz', from: 'closed', follow: 'opposite', level: 'easy' },
  STEPS,
)
