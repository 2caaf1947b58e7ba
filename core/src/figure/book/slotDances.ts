import { ARMS, SPIN, family, type Written } from './family.ts'

/** Danced in a slot: the follow goes up and down it, the lead makes way. */
const WEST_COAST: readonly Written[] = [
  {
    name: 'Push basic',
    beats: 6,
    from: 'two hands, open facing',
    level: 'first',
    lead: '1 left back, 2 right back, 3 left touch, 4 left forward x0.5, 5 right back x0.5, 5& left close, 6 right in place',
    follow:
      '1 right forward, 2 left forward, 3 right touch, 4 right back x0.5, 5 left back x0.5, 5& right close, 6 left in place',
    say: 'push basic / push / push',
    de: 'Push-Grundschritt / Push / Push',
  },
  {
    name: 'Left side pass',
    beats: 6,
    from: 'open facing',
    to: 'open facing',
    lead: '1 left side turn left 1/4, 2 right close, 3 left in place, 3& right in place, 4 left forward turn left 1/4, 5 right back x0.5, 5& left close, 6 right in place',
    follow:
      '1 right forward, 2 left forward, 3 right forward turn left 1/4, 3& left close, 4 right back turn left 1/4, 5 left back x0.5, 5& right close, 6 left in place',
    say: 'left side pass / left pass / left pass',
    de: 'links vorbei / links vorbei / links',
  },
  {
    name: 'Underarm pass',
    beats: 6,
    from: 'open facing',
    to: 'open facing',
    lead: '1 left side turn right 1/4, 2 right close, 3 left in place, 3& right in place, 4 left forward turn right 1/4, 5 right back x0.5, 5& left close, 6 right in place, arms:2 left arch "left hand up"',
    follow:
      '1 right forward, 2 left forward, 3 right forward turn left 1/4, 3& left close, 4 right back turn left 1/4, 5 left back x0.5, 5& right close, 6 left in place',
    say: 'underarm pass / underarm / underarm',
    de: 'unter dem Arm vorbei / unter dem Arm / unter dem Arm',
    cautions: [ARMS],
  },
  {
    name: 'Whip',
    beats: 8,
    from: 'open facing',
    to: 'open facing',
    level: 'steady',
    lead: '1 left back, 2 right forward turn right 1/4, 3 left side turn right 1/4, 3& right close, 4 left forward, 5 right forward turn right 1/4, 6 left side turn right 1/4, 7 right back x0.5, 7& left close, 8 right in place',
    follow:
      '1 right forward, 2 left forward turn right 1/2, 3 right back, 3& left close, 4 right forward, 5 left forward turn right 1/4, 6 right back turn right 1/4, 7 left back x0.5, 7& right close, 8 left in place',
    say: 'whip / whip / whip',
    de: 'Whip / Whip / Whip',
  },
  {
    name: 'Tuck turn',
    beats: 6,
    from: 'two hands, open facing',
    to: 'open facing',
    level: 'steady',
    lead: '1 left back, 2 right back, 3 left touch, 4 left forward x0.5, 5 right back x0.5, 5& left close, 6 right in place, arms:4 left arch "left hand up"',
    follow:
      '1 right forward, 2 left forward, 3 right touch, 4 right side turn right 1/2, 5 left back turn right 1/2, 5& right close, 6 left in place',
    say: 'tuck turn / tuck turn / tuck',
    de: 'Tuck Turn / Tuck Turn / Tuck',
    cautions: [ARMS, SPIN],
  },
  {
    name: 'Starter step',
    beats: 4,
    from: 'closed, two hands, open facing',
    level: 'first',
    lead: '1 left side, 1& right close, 2 left side, 3 right side, 3& left close, 4 right side',
    say: 'starter step / starter step / starter',
    de: 'Starter Step / Starter Step / Starter',
  },
  {
    name: 'Anchor step',
    beats: 2,
    from: 'two hands, open facing',
    level: 'first',
    lead: '1 right back x0.5, 1& left close, 2 right in place',
    follow: 'alike',
    say: 'anchor step / anchor / anchor',
    de: 'Ankerschritt / Anker / Anker',
  },
  {
    name: 'Kick, ball, change',
    beats: 2,
    from: 'two hands, open facing, none',
    level: 'first',
    lead: '1 left kick, 1& left in place, 2 right in place',
    say: 'kick, ball, change / kick ball change / kick ball',
    de: 'Kick Ball Change / Kick Ball Change / Kick Ball',
  },
]
export const WEST_COAST_FIGURES = family(
  { name: 'west coast swing', from: 'open facing', follow: 'opposite', level: 'easy' },
  WEST_COAST,
)

/** A slow and two quicks; the quicks rock behind. */
const NIGHT_CLUB: readonly Written[] = [
  {
    name: 'Night club basic',
    beats: 8,
    from: 'closed, two hands, open facing',
    level: 'first',
    lead: '1 left side, 3 right behind, 4 left recover, 5 right side, 7 left behind, 8 right recover',
    follow: 'alike',
    say: 'night club basic / basic / basic',
    de: 'Nightclub-Grundschritt / Grundschritt / Grund',
  },
  {
    name: 'Left turn',
    beats: 8,
    from: 'closed',
    level: 'steady',
    lead: '1 left forward turn left 1/8, 3 right side turn left 1/8, 4 left across, 5 right back turn left 1/8, 7 left side turn left 1/8, 8 right across',
    follow:
      '1 right back turn left 1/8, 3 left side turn left 1/8, 4 right behind, 5 left forward turn left 1/8, 7 right side turn left 1/8, 8 left behind',
    say: 'left turn, a half / left turn / left turn',
    de: 'Linksdrehung, halb / Linksdrehung / links',
  },
  {
    name: 'Underarm turn',
    beats: 8,
    from: 'two hands, open facing',
    to: 'open facing',
    lead: '1 left side, 3 right behind, 4 left recover, 5 right side, 7 left behind, 8 right recover, arms:1 left arch "left hand up"',
    follow:
      '1 right side turn right 1/4, 3 left forward turn right 1/2, 4 right side turn right 1/4, 5 left side, 7 right behind, 8 left recover',
    say: 'underarm turn / underarm / underarm',
    de: 'Damendrehung / Dame dreht / Dame dreht',
    cautions: [ARMS, SPIN],
  },
  {
    name: 'Travelling cross chasses',
    beats: 4,
    from: 'two hands, open facing',
    level: 'steady',
    lead: '1 left side, 3 right across, 4 left side x0.5',
    follow: 'alike',
    say: 'cross chasse / cross chasse / cross',
    de: 'gekreuztes Chassé / gekreuzt / gekreuzt',
  },
  {
    name: 'Half basic',
    beats: 4,
    from: 'closed, two hands, open facing, butterfly',
    level: 'first',
    lead: '1 left side, 3 right behind, 4 left recover',
    follow: 'alike',
    say: 'half basic / half basic / half',
    de: 'halber Grundschritt / halber Grund / halber',
  },
  {
    name: 'Basic ending',
    beats: 4,
    from: 'closed, two hands, open facing, butterfly',
    level: 'first',
    lead: '1 right side, 3 left behind, 4 right recover',
    follow: 'alike',
    say: 'basic ending / basic ending / ending',
    de: 'Grundschritt-Schluss / Schluss / Schluss',
  },
  {
    name: 'Open basic',
    beats: 4,
    from: 'two hands, open facing, butterfly, closed',
    to: 'open facing',
    lead: '1 left side, 3 right behind turn right 1/4, 4 left recover turn left 1/4',
    follow: 'alike',
    say: 'open basic / open basic / open basic',
    de: 'offener Grundschritt / offener Grund / offen',
  },
  {
    name: 'Lunge basic',
    beats: 4,
    from: 'two hands, open facing, butterfly',
    lead: '1 left side part weight, 3 right recover, 4 left across',
    follow: 'alike',
    say: 'lunge basic / lunge basic / lunge',
    de: 'Ausfall-Grundschritt / Ausfall / Ausfall',
  },
  {
    name: 'Left turn, inside roll',
    beats: 4,
    from: 'closed, two hands, open facing',
    to: 'open facing',
    level: 'steady',
    lead: '1 left forward turn left 1/8, 3 right side turn left 1/8, 4 left across, arms:1 left arch "left hand up"',
    follow:
      '1 right back turn left 1/4, 3 left side x0.5 turn left 1/2, 4 right back x0.5 turn left 1/2',
    say: 'left turn, inside roll / left turn, roll / left, roll',
    de: 'Linksdrehung, Dame dreht ein / links, Dame dreht / links, Dame',
    cautions: [ARMS, SPIN],
  },
]
export const NIGHT_CLUB_FIGURES = family(
  { name: 'night club two-step', from: 'closed', follow: 'opposite', level: 'easy' },
  NIGHT_CLUB,
)

/** A step on every beat in a slot, hands lead; few footsteps to learn. */
const MODERN_JIVE: readonly Written[] = [
  {
    name: 'First move',
    beats: 8,
    from: 'open facing',
    to: 'open facing',
    level: 'first',
    lead: '1 left back, 2 right forward, 3 left forward turn left 1/4, 4 right in place, 5 left in place turn right 1/4, 6 right back, 7 left in place, 8 right in place',
    follow:
      '1 right back, 2 left forward, 3 right forward turn right 1/4, 4 left in place, 5 right in place turn left 1/4, 6 left back, 7 right in place, 8 left in place',
    say: 'first move / first move / first',
    de: 'erste Figur / erste Figur / erste',
  },
  {
    name: 'Arm jive',
    beats: 4,
    from: 'two hands',
    level: 'first',
    lead: '1 left in place, 2 right in place, 3 left in place, 4 right in place, arms:1 pose "push and pull"',
    say: 'arm jive / arm jive / arms',
    de: 'Arm-Jive / Arm-Jive / Arme',
  },
  {
    name: 'Return',
    beats: 4,
    from: 'open facing, two hands',
    to: 'open facing',
    level: 'first',
    lead: '1 left in place, 2 right in place, 3 left in place, 4 right in place, arms:1 left arch "left hand up"',
    follow:
      '1 right side turn right 1/4, 2 left side turn right 1/2, 3 right back turn right 1/4, 4 left in place',
    say: 'lady returns / return / return',
    de: 'Dame dreht zurück / dreht zurück / zurück',
    cautions: [ARMS, SPIN],
  },
  {
    name: 'In and out',
    beats: 8,
    from: 'two hands, open facing',
    to: 'open facing',
    level: 'first',
    lead: '1 left back, 2 right forward, 3 left in place, 4 right in place, 5 left back, 6 right in place, 7 left in place, 8 right in place, arms:3 left arch "left hand up"',
    follow:
      '1 right back, 2 left forward turn left 1/4, 3 right in place turn left 1/4, 4 left in place, 5 right forward turn right 1/4, 6 left back turn right 1/4, 7 right in place, 8 left in place',
    say: 'in and out / in and out / in',
    de: 'ein und aus / ein und aus / ein',
    cautions: [ARMS],
  },
  {
    name: 'Walk through',
    beats: 4,
    from: 'open facing',
    to: 'open facing',
    lead: '1 left forward turn right 1/4, 2 right forward turn right 1/4, 3 left back, 4 right in place',
    follow:
      '1 right forward turn left 1/4, 2 left forward turn left 1/4, 3 right back, 4 left in place',
    say: 'change places / change places / change',
    de: 'Platzwechsel / Platzwechsel / Wechsel',
  },
]
export const MODERN_JIVE_FIGURES = family(
  { name: 'modern jive', from: 'open facing', follow: 'opposite', level: 'easy' },
  MODERN_JIVE,
)
