import { ARMS, family, SPIN, type Written } from './family.ts'

const FACED = 'closed, butterfly, two hands'

const JIVE: readonly Written[] = [
  {
    name: 'Basic rock',
    beats: 6,
    from: FACED,
    level: 'first',
    lead: '1 left back, 2 right recover, 3 left side, 3a right close, 4 left side, 5 right side, 5a left close, 6 right side',
    say: 'jive basic / basic / rock',
    aliases: ['Fallaway rock'],
    remarks: 'Six counts: it meets the eight again after four times.',
    follow: 'alike',
  },
  {
    name: 'Throwaway',
    beats: 6,
    from: 'semi-closed',
    to: 'open facing',
    lead: '1 left back, 2 right recover, 3 left side, 3a right close, 4 left side, 5 right side, 5a left close, 6 right side',
    follow:
      '1 right back, 2 left recover, 3 right forward, 3a left close, 4 right side turn left 1/2, 5 left back, 5a right close, 6 left back',
  },
  {
    name: 'Link',
    beats: 6,
    from: 'open facing',
    to: 'closed',
    lead: '1 left back, 2 right recover, 3 left forward, 3a right close, 4 left forward, 5 right side, 5a left close, 6 right side',
    follow: 'alike',
  },
  {
    name: 'Change places, right to left',
    beats: 6,
    from: 'closed, two hands',
    to: 'open facing',
    level: 'steady',
    lead: '1 left back, 2 right recover, 3 left side, 3a right close, 4 left side turn left 1/4, 5 right forward, 5a left close, 6 right forward',
    follow:
      '1 right back, 2 left recover, 3 right forward turn right 1/4, 3a left close, 4 right forward turn right 1/2, 5 left back, 5a right close, 6 left back',
    say: 'change places right to left / change right to left / change',
    cautions: [ARMS, SPIN],
  },
  {
    name: 'American spin',
    beats: 6,
    from: 'open facing',
    to: 'open facing',
    level: 'steady',
    lead: '1 left back, 2 right recover, 3 left side, 3a right close, 4 left side, 5 right side, 5a left close, 6 right side',
    follow:
      '1 right back, 2 left recover, 3 right forward, 3a left close, 4 right forward turn right 1, 5 left side, 5a right close, 6 left side',
    cautions: [SPIN, ARMS],
  },
  {
    name: 'Kick, ball, change',
    beats: 2,
    from: 'open facing, none',
    follow: '1 right kick, 1a right in place, 2 left in place',
    lead: '1 left kick, 1a left in place, 2 right in place',
    say: 'kick, ball, change / kick, ball, change / kick',
    remarks: 'It ends with the same foot free that kicked.',
  },
  {
    name: 'Chicken walks, slow',
    beats: 4,
    from: 'open facing',
    lead: '1 left back, 3 right back',
    follow: '1 right forward, 3 left forward',
    say: 'slow chicken walks / chicken walks / chicken',
  },
  {
    name: 'Side chasse',
    beats: 2,
    from: FACED,
    level: 'first',
    lead: '1 left side, 1a right close, 2 left side',
  },
  {
    name: 'Rock, recover',
    beats: 2,
    from: 'closed, two hands, open facing',
    level: 'first',
    lead: '1 left back, 2 right recover',
    follow: 'alike',
  },
  {
    name: 'Windmill',
    beats: 6,
    from: 'two hands',
    level: 'steady',
    lead: '1 left back, 2 right recover, 3 left side, 3a right close, 4 left side turn left 1/4, 5 right side, 5a left close, 6 right side turn left 1/4',
    follow:
      '1 right back, 2 left recover, 3 right side, 3a left close, 4 right side turn left 1/4, 5 left side, 5a right close, 6 left side turn left 1/4',
  },
  {
    name: 'Change places, left to right',
    beats: 6,
    from: 'open facing',
    to: 'open facing',
    level: 'steady',
    lead: '1 left back, 2 right recover, 3 left side, 3a right close, 4 left side turn right 1/4, 5 right side, 5a left close, 6 right side',
    follow:
      '1 right back, 2 left recover, 3 right forward, 3a left close, 4 right forward turn left 3/4, 5 left back, 5a right close, 6 left back',
    say: 'change places left to right / change left to right / change left',
    cautions: [ARMS, SPIN],
  },
]
export const JIVE_FIGURES = family(
  { name: 'jive', from: FACED, follow: 'opposite', level: 'easy' },
  JIVE,
)
