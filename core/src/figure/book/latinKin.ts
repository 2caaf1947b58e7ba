import { ARMS, KNEES, SPIN, family, type Written } from './family.ts'

/** Slow, quick, quick, with a rise and a long first step. */
const BOLERO: readonly Written[] = [
  {
    name: 'Bolero basic',
    beats: 8,
    from: 'closed, butterfly',
    level: 'first',
    lead: '1 left side, 3 right back, 4 left recover, 5 right side, 7 left forward, 8 right recover',
    say: 'bolero basic / basic / basic',
    de: 'Bolero-Grundschritt / Grundschritt / Grund',
  },
  {
    name: 'New yorker',
    beats: 4,
    from: 'butterfly, open facing, two hands',
    to: 'open facing',
    lead: '1 left side, 3 right through turn left 1/4, 4 left recover turn right 1/4',
    follow: 'alike',
    say: 'new yorker / new yorker / new yorker',
    de: 'New Yorker / New Yorker / New Yorker',
  },
  {
    name: 'Fence line',
    beats: 4,
    from: 'butterfly, two hands',
    lead: '1 left side, 3 right through, 4 left recover',
    follow: 'alike',
    say: 'fence line / fence line / fence line',
    de: 'Fence Line / Fence Line / Fence Line',
  },
  {
    name: 'Underarm turn',
    beats: 4,
    from: 'butterfly, open facing, two hands',
    to: 'open facing',
    lead: '1 left side, 3 right behind, 4 left recover, arms:2 left arch "left hand up"',
    follow: '1 right side, 3 left across turn right 1/2, 4 right recover turn right 1/2',
    say: 'underarm turn / underarm turn / underarm',
    de: 'Damendrehung / Dame dreht / Dame dreht',
    hands: '1 open facing',
    cautions: [ARMS, SPIN],
  },
  {
    name: 'Spot turn',
    beats: 4,
    from: 'butterfly, open facing, two hands, none',
    to: 'none',
    lead: '1 left side, 3 right through turn left 1/2, 4 left recover turn left 1/2',
    follow: 'alike',
    say: 'spot turn / spot turn / spot turn',
    de: 'Platzdrehung / Platzdrehung / Platzdrehung',
    cautions: [SPIN],
  },
  {
    name: 'Hip rocks',
    beats: 4,
    from: 'closed, butterfly, two hands',
    level: 'first',
    lead: '1 left side part weight, 3 right recover, 4 left recover',
    say: 'hip rocks / hip rocks / hip rocks',
    de: 'Hüften wiegen / Hüften / Hüften',
  },
  {
    name: 'Open break',
    beats: 4,
    from: 'butterfly, two hands, open facing',
    to: 'open facing',
    lead: '1 left side, 3 right back, 4 left recover',
    follow: 'alike',
    say: 'open break / open break / open break',
    de: 'auseinander wiegen / auseinander / auseinander',
  },
  {
    name: 'Lunge break',
    beats: 4,
    from: 'open facing, two hands',
    lead: '1 left side, 3 right in place "lower", 4 left in place "rise"',
    follow: '1 right side, 3 left back, 4 right recover',
    say: 'lunge break / lunge break / lunge',
    de: 'Ausfall und zurück / Ausfall / Ausfall',
    cautions: [KNEES],
  },
  {
    name: 'Turning basic',
    beats: 8,
    from: 'closed',
    level: 'steady',
    lead: '1 left side turn left 1/8, 3 right back turn left 1/8, 4 left recover turn left 1/4, 5 right side, 7 left forward, 8 right recover',
    say: 'turning basic, a half left / turning basic left / turning left',
    de: 'Grundschritt, halb links / Grundschritt links herum / links herum',
  },
]
export const BOLERO_FIGURES = family(
  { name: 'bolero', from: 'butterfly', follow: 'opposite', level: 'easy' },
  BOLERO,
)

/** Quick rocks forward and back; a hold on the fourth count. */
const MAMBO: readonly Written[] = [
  {
    name: 'Mambo basic',
    beats: 8,
    from: 'closed, butterfly, open facing',
    level: 'first',
    lead: '1 left forward, 2 right recover, 3 left back, 5 right back, 6 left recover, 7 right forward',
    say: 'mambo basic / basic / basic',
    de: 'Mambo-Grundschritt / Grundschritt / Grund',
  },
  {
    name: 'Side breaks',
    beats: 8,
    from: 'butterfly, open facing, two hands',
    level: 'first',
    lead: '1 left side, 2 right recover, 3 left close, 5 right side, 6 left recover, 7 right close',
    say: 'side breaks, left and right / side breaks / side breaks',
    de: 'Seite links und rechts / Seite, Seite / Seite',
  },
  {
    name: 'Scallop',
    beats: 8,
    from: 'closed',
    to: 'closed',
    level: 'steady',
    lead: '1 left back turn left 1/4, 2 right recover turn right 1/4, 3 left side, 5 right side, 6 left close, 7 right side',
    say: 'scallop / scallop / scallop',
    de: 'Muschel / Muschel / Muschel',
  },
  {
    name: 'Cross body',
    beats: 8,
    from: 'closed, open facing',
    to: 'open facing',
    level: 'steady',
    lead: '1 left forward, 2 right recover, 3 left side turn left 1/4, 5 right back turn left 1/8, 6 left recover turn left 1/8, 7 right forward',
    follow:
      '1 right back, 2 left recover, 3 right forward, 5 left forward, 6 right forward turn left 1/2, 7 left back',
    say: 'cross body / cross body / cross body',
    de: 'Cross Body / Cross Body / Cross Body',
  },
]
export const MAMBO_FIGURES = family(
  { name: 'mambo', from: 'closed', follow: 'opposite', level: 'easy' },
  MAMBO,
)

/** Bounced steps, three to the bar: 1 a 2. */
const SAMBA: readonly Written[] = [
  {
    name: 'Basic forward and back',
    beats: 4,
    from: 'closed',
    level: 'first',
    lead: '1 left forward, 1a right close, 2 left in place, 3 right back, 3a left close, 4 right in place',
    say: 'samba basic / basic / basic',
    de: 'Samba-Grundschritt / Grundschritt / Grund',
  },
  {
    name: 'Whisk left and right',
    beats: 4,
    from: 'closed, butterfly',
    lead: '1 left side, 1a right behind, 2 left recover, 3 right side, 3a left behind, 4 right recover',
    follow: 'alike',
    say: 'whisks, left and right / whisks left, right / whisks',
    de: 'Whisk links und rechts / Whisks / Whisks',
  },
  {
    name: 'Samba walk',
    beats: 2,
    from: 'semi-closed, open',
    lead: '1 left forward, 1a right back x0.25, 2 left in place',
    follow: 'alike',
    say: 'samba walk / samba walk / walk',
    de: 'Sambagang / Sambagang / Gang',
  },
  {
    name: 'Stationary samba walk',
    beats: 2,
    from: 'closed, two hands, butterfly',
    lead: '1 left in place, 1a right back x0.25 part weight, 2 left recover',
    say: 'stationary samba walk / stationary walk / stationary',
    de: 'Sambagang am Platz / Gang am Platz / am Platz',
  },
  {
    name: 'Travelling voltas',
    beats: 4,
    from: 'butterfly, open, none',
    level: 'steady',
    lead: '1 left across, 1a right side x0.5, 2 left across, 2a right side x0.5, 3 left across, 3a right side x0.5, 4 left across',
    follow: 'alike',
    say: 'travelling voltas / voltas / voltas',
    de: 'Voltas zur Seite / Voltas / Voltas',
  },
  {
    name: 'Bota fogo',
    beats: 2,
    from: 'butterfly, open facing, none',
    lead: '1 left across, 1a right side part weight, 2 left recover',
    follow: 'alike',
    say: 'bota fogo / bota fogo / bota fogo',
    de: 'Bota Fogo / Bota Fogo / Bota Fogo',
  },
]
export const SAMBA_FIGURES = family(
  { name: 'samba', from: 'closed', follow: 'opposite', level: 'easy' },
  SAMBA,
)

/** Three steps to the side and a tap with the hip. */
const BACHATA: readonly Written[] = [
  {
    name: 'Side basic',
    beats: 8,
    from: 'closed, two hands, butterfly',
    level: 'first',
    lead: '1 left side, 2 right close, 3 left side, 4 right tap, 5 right side, 6 left close, 7 right side, 8 left tap',
    say: 'side basic / side basic / side',
    de: 'Grundschritt zur Seite / Grundschritt / Seite',
  },
  {
    name: 'Forward and back basic',
    beats: 8,
    from: 'closed, two hands',
    level: 'first',
    lead: '1 left forward, 2 right forward, 3 left forward, 4 right tap, 5 right back, 6 left back, 7 right back, 8 left tap',
    say: 'forward and back / forward, back / forward',
    de: 'vor und zurück / vor, zurück / vor',
  },
  {
    name: 'Box step',
    beats: 8,
    from: 'closed, two hands',
    level: 'first',
    lead: '1 left side, 2 right close, 3 left forward, 4 right tap, 5 right side, 6 left close, 7 right back, 8 left tap',
    say: 'box step / box step / box',
    de: 'Quadrat / Quadrat / Quadrat',
  },
  {
    name: 'Right turn for the follow',
    beats: 8,
    from: 'open facing, two hands',
    to: 'open facing',
    lead: '1 left side, 2 right close, 3 left side, 4 right tap, 5 right side, 6 left close, 7 right side, 8 left tap, arms:1 left arch "left hand up"',
    follow:
      '1 right side turn right 1/4, 2 left close turn right 1/2, 3 right side turn right 1/4, 4 left tap, 5 left side, 6 right close, 7 left side, 8 right tap',
    say: 'lady turns right / lady turns / lady turns',
    de: 'Dame dreht rechts / Dame dreht / Dame dreht',
    cautions: [ARMS, SPIN],
  },
  {
    name: 'Both turn',
    beats: 4,
    from: 'none, open facing, two hands',
    to: 'none',
    lead: '1 left side turn left 1/4, 2 right close turn left 1/2, 3 left side turn left 1/4, 4 right tap',
    follow: 'alike',
    say: 'both turn / both turn / both turn',
    de: 'beide drehen / beide drehen / beide',
    cautions: [SPIN],
  },
]
export const BACHATA_FIGURES = family(
  { name: 'bachata', from: 'closed', follow: 'opposite', level: 'first' },
  BACHATA,
)

/** A step on every beat. */
const MERENGUE: readonly Written[] = [
  {
    name: 'Side steps',
    beats: 8,
    from: 'closed, two hands, butterfly',
    level: 'first',
    lead: '1 left side, 2 right close, 3 left side, 4 right close, 5 left side, 6 right close, 7 left side, 8 right close',
    say: 'eight side steps / side steps / side',
    de: 'acht Seitschritte / Seitschritte / Seite',
  },
  {
    name: 'In place',
    beats: 8,
    from: 'closed, two hands, open facing',
    level: 'first',
    lead: '1 left in place, 2 right in place, 3 left in place, 4 right in place, 5 left in place, 6 right in place, 7 left in place, 8 right in place',
    say: 'eight in place / in place / in place',
    de: 'acht am Platz / am Platz / am Platz',
  },
  {
    name: 'Turn to the left',
    beats: 8,
    from: 'closed',
    lead: '1 left in place turn left 1/8, 2 right in place turn left 1/8, 3 left in place turn left 1/8, 4 right in place turn left 1/8, 5 left in place turn left 1/8, 6 right in place turn left 1/8, 7 left in place turn left 1/8, 8 right in place turn left 1/8',
    say: 'once round to the left / turn left / turn left',
    de: 'einmal links herum / links herum / links herum',
  },
]
export const MERENGUE_FIGURES = family(
  { name: 'merengue', from: 'closed', follow: 'opposite', level: 'first' },
  MERENGUE,
)
