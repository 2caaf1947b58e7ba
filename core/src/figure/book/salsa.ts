import { ARMS, SPIN, family, type Written } from './family.ts'

const FACED = 'closed, butterfly, two hands'

const SALSA: readonly Written[] = [
  {
    name: 'Mambo basic',
    beats: 8,
    from: FACED,
    level: 'first',
    lead: '1 left forward, 2 right recover, 3 left close, 5 right back, 6 left recover, 7 right close',
    say: 'forward and back basic / basic / basic',
    aliases: ['Basic'],
  },
  {
    name: 'Side basic',
    beats: 8,
    from: FACED,
    level: 'first',
    lead: '1 left side, 2 right recover, 3 left close, 5 right side, 6 left recover, 7 right close',
    say: 'side basic / side / side',
  },
  {
    name: 'Back basic',
    beats: 8,
    from: 'two hands, butterfly',
    level: 'first',
    lead: '1 left back, 2 right recover, 3 left close, 5 right back, 6 left recover, 7 right close',
    follow:
      '1 right back, 2 left recover, 3 right close, 5 left back, 6 right recover, 7 left close',
    say: 'back basic / back / back',
  },
  {
    name: 'Right turn for the follow',
    beats: 8,
    from: 'two hands, open facing',
    to: 'open facing',
    lead: '1 left forward, 2 right recover, 3 left close, 5 right back, 6 left recover, 7 right close',
    follow:
      '1 right back, 2 left recover, 3 right close, 5 left forward turn right 1/2, 6 right recover turn right 1/2, 7 left close',
    say: 'lady’s right turn / lady’s turn / lady’s turn',
    aliases: ['Underarm turn'],
    cautions: [ARMS, SPIN],
  },
  {
    name: 'Cross body lead',
    beats: 8,
    from: 'closed, two hands, open facing',
    level: 'easy',
    lead: '1 left forward, 2 right recover turn left 1/4, 3 left side, 5 right back, 6 left recover turn left 1/4, 7 right forward',
    follow:
      '1 right back, 2 left recover, 3 right forward, 5 left forward, 6 right forward turn left 1/2, 7 left back',
    say: 'cross body lead / cross body / cross',
  },
  {
    name: 'Open break',
    beats: 4,
    from: 'two hands, open facing',
    lead: '1 left back, 2 right recover, 3 left close',
    follow: '1 right back, 2 left recover, 3 right close',
  },
  {
    name: 'Cumbia step',
    beats: 8,
    from: 'two hands, open facing',
    level: 'first',
    lead: '1 left behind, 2 right recover, 3 left side, 5 right behind, 6 left recover, 7 right side',
  },
  {
    name: 'Crossing walks',
    beats: 8,
    from: 'none',
    level: 'steady',
    lead: '1 left across, 2 right side x0.5, 3 left across, 5 right across, 6 left side x0.5, 7 right across',
    follow:
      '1 right across, 2 left side x0.5, 3 right across, 5 left across, 6 right side x0.5, 7 left across',
  },
  {
    name: 'Half basic forward',
    beats: 4,
    from: FACED,
    level: 'first',
    lead: '1 left forward, 2 right recover, 3 left close',
    say: 'half basic / half / half',
  },
  {
    name: 'Side steps with a tap',
    beats: 8,
    from: 'none, open facing',
    level: 'first',
    lead: '1 left side, 2 right close, 3 left side, 4 right tap, 5 right side, 6 left close, 7 right side, 8 left tap',
    follow:
      '1 right side, 2 left close, 3 right side, 4 left tap, 5 left side, 6 right close, 7 left side, 8 right tap',
    say: 'side steps with a tap / side and tap / side',
  },
  {
    name: 'Side break left and right',
    beats: 8,
    from: 'butterfly, two hands, open facing',
    level: 'first',
    lead: '1 left side, 2 right recover, 3 left close, 5 right side, 6 left recover, 7 right close',
    say: 'side breaks, left and right / side breaks / side breaks',
    de: 'Seitschritt links und rechts / Seite links, rechts / Seite',
  },
  {
    name: 'Inside turn from the cross body',
    beats: 8,
    from: 'open facing, two hands, closed',
    to: 'open facing',
    level: 'steady',
    lead: '1 left forward, 2 right recover, 3 left side turn left 1/4, 5 right back turn left 1/8, 6 left recover turn left 1/8, 7 right forward, arms:5 left arch "left hand up"',
    follow:
      '1 right back, 2 left recover, 3 right forward, 5 left forward turn left 1/2, 6 right back turn left 1/2, 7 left forward turn left 1/2',
    say: 'cross body, inside turn / inside turn / inside turn',
    de: 'Cross Body mit Linksdrehung / Linksdrehung / Linksdrehung',
    cautions: [ARMS, SPIN],
  },
  {
    name: 'Hand change',
    beats: 8,
    from: 'open facing, two hands',
    to: 'handshake',
    lead: '1 left forward, 2 right recover, 3 left close, 5 right back, 6 left recover, 7 right close',
    say: 'hand change / hand change / hand change',
    de: 'Handwechsel / Handwechsel / Handwechsel',
  },
]
export const SALSA_FIGURES = family(
  { name: 'salsa', from: FACED, follow: 'opposite', level: 'easy' },
  SALSA,
)
