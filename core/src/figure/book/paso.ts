import { family, FLOOR, type Written } from './family.ts'

const PASO: readonly Written[] = [
  {
    name: 'Sur place',
    beats: 4,
    lead: '1 right in place, 2 left in place, 3 right in place, 4 left in place',
    say: 'sur place / sur place / sur place',
    remarks: 'On the spot, on the balls of the feet.',
  },
  {
    name: 'Chasse to the right',
    beats: 4,
    lead: '1 right side, 2 left close, 3 right side, 4 left close',
    say: 'chasse right / chasse right / right',
  },
  {
    name: 'Chasse to the left',
    beats: 4,
    lead: '1 right in place, 2 left side, 3 right close, 4 left side',
    say: 'chasse left / chasse left / left',
  },
  {
    name: 'Basic forward',
    beats: 4,
    lead: '1 right forward, 2 left forward, 3 right forward, 4 left forward',
    say: 'basic forward / forward / forward',
  },
  {
    name: 'Basic back',
    beats: 4,
    lead: '1 right back, 2 left back, 3 right back, 4 left back',
    say: 'basic back / back / back',
  },
  {
    name: 'Appel',
    beats: 1,
    lead: '1 right stamp',
    say: 'appel / appel / appel',
    cautions: [FLOOR],
    remarks: 'A strong step in place that announces what comes.',
  },
  {
    name: 'Attack',
    beats: 4,
    level: 'steady',
    lead: '1 right stamp, 2 left forward, 3 right side turn left 1/4, 4 left close',
    cautions: [FLOOR],
  },
  {
    name: 'Separation',
    beats: 8,
    to: 'open facing',
    level: 'steady',
    lead: '1 right stamp, 2 left forward, 3 right close, 4 left in place, 5 right in place, 6 left in place, 7 right in place, 8 left in place',
    cautions: [FLOOR],
    remarks: 'The follow goes back two steps and comes forward again; the lead marks time.',
    follow:
      '1 left stamp, 2 right back, 3 left back, 4 right close, 5 left forward, 6 right forward, 7 left in place, 8 right in place',
  },
  {
    name: 'Huit',
    beats: 8,
    from: 'semi-closed',
    level: 'advanced',
    lead: '1 right through, 2 left close, 3 right in place, 4 left in place, 5 right in place, 6 left in place, 7 right in place, 8 left in place',
    aliases: ['Cape'],
    follow:
      '1 left through, 2 right side, 3 left across, 4 right side, 5 left across, 6 right side, 7 left across, 8 right close',
    remarks: 'The lead marks time; the follow crosses in front from side to side.',
    hands: '2 open facing',
    to: 'semi-closed',
  },
]
export const PASO_FIGURES = family(
  { name: 'paso doble', from: 'closed', follow: 'opposite', level: 'steady' },
  PASO,
)
