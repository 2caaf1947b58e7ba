import { CROWDING, family, type Written } from './family.ts'

const SEMI = 'semi-closed'

/** Slow foxtrot and its social kin: a slow is two beats, a quick one. */
const FOXTROT: readonly Written[] = [
  {
    name: 'Walk two',
    beats: 4,
    from: 'closed, banjo',
    level: 'first',
    lead: 'S left forward, S right forward',
  },
  {
    name: 'Three step',
    beats: 4,
    level: 'steady',
    lead: 'S left forward, Q right forward, Q left forward',
    from: 'closed, banjo',
  },
  {
    name: 'Feather',
    beats: 4,
    from: 'closed, banjo',
    to: 'banjo',
    level: 'steady',
    lead: 'S right forward, Q left forward, Q right forward',
    say: 'feather / feather / feather',
    remarks: 'The last step is outside the partner.',
  },
  {
    name: 'Forward, side, close',
    beats: 4,
    level: 'first',
    lead: 'S left forward, Q right side, Q left close',
  },
  {
    name: 'Back, side, close',
    beats: 4,
    level: 'first',
    lead: 'S right back, Q left side, Q right close',
  },
  {
    name: 'Promenade walk',
    beats: 6,
    from: SEMI,
    level: 'first',
    lead: 'S left forward, S right forward turn right 1/4, Q left side, Q right close',
    remarks: 'The basic of the social foxtrot; it takes a bar and a half.',
    follow: 'S right forward, S left forward turn left 1/4, Q right side, Q left close',
    to: 'closed',
  },
  {
    name: 'Left turn, quarter',
    beats: 6,
    level: 'easy',
    lead: 'S left forward, S right back, Q left side turn left 1/4, Q right close',
    say: 'left turn, a quarter / left turn / left turn',
    aliases: ['Left rock turn'],
  },
  {
    name: 'Hover',
    beats: 4,
    to: SEMI,
    level: 'steady',
    lead: 'S left forward, Q right side turn left 1/4, Q left recover',
    follow: 'S right back, Q left side turn right 1/4, Q right recover',
    remarks: 'Rise, and come down into semi-closed.',
  },
  {
    name: 'Whisk',
    beats: 4,
    to: SEMI,
    level: 'steady',
    lead: 'S left forward, Q right side turn left 1/8, Q left behind turn left 1/8',
    follow: 'S right back, Q left side turn right 1/8, Q right behind turn right 1/8',
  },
  {
    name: 'Reverse turn, first half',
    beats: 4,
    level: 'advanced',
    lead: 'S left forward turn left 1/8, Q right side turn left 1/4, Q left back',
    say: 'reverse turn, first half / reverse turn / reverse',
    follow:
      'S right back turn left 1/8, Q left close turn left 1/4 "left heel turn", Q right forward',
  },
  {
    name: 'Natural turn, first half',
    beats: 4,
    level: 'advanced',
    lead: 'S right forward turn right 1/8, Q left side turn right 1/4, Q right back',
    say: 'natural turn, first half / natural turn / natural',
    follow:
      'S left back turn right 1/8, Q right close turn right 1/4 "right heel turn", Q left forward',
  },
  {
    name: 'Twinkle',
    beats: 4,
    from: 'closed, sidecar, banjo',
    level: 'steady',
    lead: 'S left across, Q right side turn left 1/8, Q left close',
    follow: 'S right behind, Q left side turn left 1/8, Q right close',
    to: 'banjo',
    say: 'twinkle / twinkle / twinkle',
  },
]
export const FOXTROT_FIGURES = family(
  { name: 'slow foxtrot', from: 'closed', follow: 'opposite', level: 'easy' },
  FOXTROT,
)

const QUICKSTEP: readonly Written[] = [
  {
    name: 'Quarter turn to the right',
    beats: 6,
    lead: 'S right forward turn right 1/4, Q left side, Q right close, S left side',
    say: 'quarter turn right / quarter right / quarter',
  },
  {
    name: 'Progressive chasse',
    beats: 6,
    to: 'banjo',
    lead: 'S right back turn left 1/4, Q left side, Q right close, S left side',
    aliases: ['Chasse'],
    say: 'progressive chasse / chasse / chasse',
  },
  {
    name: 'Forward lock',
    beats: 6,
    from: 'banjo',
    lead: 'S right forward, Q left forward, Q right behind x0.25 "right lock behind", S left forward',
    say: 'forward lock / lock / lock',
  },
  {
    name: 'Back lock',
    beats: 6,
    from: 'banjo',
    lead: 'S left back, Q right back, Q left across x0.25 "left lock in front", S right back',
  },
  {
    name: 'Walk two',
    beats: 4,
    from: 'closed, banjo',
    level: 'easy',
    lead: 'S left forward, S right forward',
    say: 'walk two / walk / walk',
  },
  {
    name: 'Running forward',
    beats: 4,
    from: 'banjo',
    level: 'advanced',
    lead: 'Q right forward, Q left forward, Q right forward, Q left forward',
    say: 'run four / run / run',
    aliases: ['Run four'],
    cautions: [CROWDING],
  },
  {
    name: 'Cross chasse',
    beats: 6,
    lead: 'S left forward, Q right side, Q left close, S right forward',
    to: 'banjo',
  },
  {
    name: 'Tipple chasse right',
    beats: 6,
    level: 'advanced',
    lead: 'S left back turn right 1/4, Q right side, Q left close, S right side',
    say: 'tipple chasse right / tipple chasse / tipple',
  },
]
export const QUICKSTEP_FIGURES = family(
  { name: 'quickstep', from: 'closed', follow: 'opposite', level: 'steady' },
  QUICKSTEP,
)

const TANGO: readonly Written[] = [
  {
    name: 'Walk two',
    beats: 4,
    from: 'closed',
    level: 'first',
    lead: 'S left forward, S right forward',
    remarks: 'Feet are placed, not slid.',
  },
  {
    name: 'Walk four',
    beats: 8,
    from: 'closed',
    level: 'first',
    lead: 'S left forward, S right forward, S left forward, S right forward',
  },
  {
    name: 'Tango draw',
    beats: 4,
    lead: 'Q left forward, Q right side, S left draw',
    say: 'forward, side, tango draw / tango draw / draw',
    aliases: ['Tango close'],
  },
  {
    name: 'Progressive side step',
    beats: 4,
    lead: 'Q left forward turn left 1/8, Q right side x0.5, S left forward',
    say: 'progressive side step / side step / side step',
  },
  {
    name: 'Back corte',
    beats: 6,
    level: 'steady',
    lead: 'S left back, Q right back turn left 1/8, Q left side turn left 1/8, S right close',
    say: 'back corte / corte / corte',
    aliases: ['Corte'],
  },
  {
    name: 'Closed promenade',
    beats: 6,
    from: SEMI,
    to: 'closed',
    level: 'steady',
    lead: 'S left forward "left along the line", Q right forward "right through", Q left forward turn right 1/4 "left side", S right close',
    follow:
      'S right forward "right along the line", Q left forward "left through", Q right forward turn left 1/4 "right side", S left close',
  },
  {
    name: 'Open promenade',
    beats: 6,
    from: SEMI,
    to: 'banjo',
    level: 'steady',
    lead: 'S left forward "left along the line", Q right forward "right through", Q left forward turn right 1/4 "left side", S right forward "right forward, outside"',
    follow:
      'S right forward "right along the line", Q left forward "left through", Q right forward turn left 1/4 "right side", S left back',
  },
  {
    name: 'Rock three',
    beats: 4,
    from: 'closed',
    lead: 'Q left forward, Q right recover, S left forward',
  },
  {
    name: 'Serpent',
    beats: 8,
    from: 'closed, butterfly',
    level: 'steady',
    lead: 'Q left side, Q right behind, S left swing "left fan round", Q left behind, Q right side, Q left through, Q right swing "right fan round"',
    say: 'serpent / serpent / serpent',
    aliases: ['Serpiente'],
  },
  {
    name: 'Double cross',
    beats: 8,
    from: SEMI,
    level: 'advanced',
    lead: '1 left forward, 2 right through, 3 left side, 5 right behind, 6 left swing "left fan round", 7 left behind',
    say: 'double cross / cross / cross',
    aliases: ['Doble cruz'],
  },
]
export const TANGO_FIGURES = family(
  { name: 'tango', from: 'closed', follow: 'opposite', level: 'easy' },
  TANGO,
)
