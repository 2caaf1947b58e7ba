import { ARMS, CROWDING, family, FLOOR, SPIN, type Written } from './family.ts'

/**
 * Ring dances: hands joined, all facing the centre, travelling to the right along line of dance.
 */
const RING: readonly Written[] = [
  {
    name: 'Grapevine to the right',
    beats: 4,
    level: 'first',
    lead: '1 right side, 2 left behind, 3 right side, 4 left across',
    say: 'grapevine to the right / grapevine / grapevine',
    aliases: ['Vine right'],
  },
  {
    name: 'Grapevine, eight',
    made: 'Grapevine to the right (x2)',
    level: 'first',
    say: 'grapevine, eight steps / grapevine eight / eight',
  },
  {
    name: 'Grapevine, front first',
    beats: 4,
    lead: '1 left across, 2 right side, 3 left behind, 4 right side',
    say: 'grapevine, front first / grapevine, front / front',
  },
  {
    name: 'Three steps and hold',
    beats: 4,
    level: 'first',
    lead: '1 right side, 2 left together, 3 right side, 4 hold',
    say: 'three steps and hold / three and hold / three',
  },
  {
    name: 'Side, lift',
    beats: 2,
    level: 'first',
    lead: '1 right side, 2 left lift "left lift in front"',
  },
  {
    name: 'Side, behind, side, swing',
    beats: 4,
    level: 'first',
    lead: '1 right side, 2 left behind, 3 right side, 4 left swing',
    say: 'side, behind, side, swing / side, behind, swing / swing',
  },
  {
    name: 'Into the centre',
    beats: 4,
    level: 'first',
    lead: '1 right forward, 2 left forward, 3 right forward, 4 left touch',
    say: 'into the centre / into the centre / in',
    cautions: [CROWDING],
  },
  {
    name: 'Out of the centre',
    beats: 4,
    level: 'first',
    lead: '1 left back, 2 right back, 3 left back, 4 right touch',
    say: 'out of the centre / out again / out',
  },
  {
    name: 'Balance right and left',
    beats: 4,
    level: 'first',
    lead: '1 right side, 2 left touch, 3 left side, 4 right touch',
    say: 'balance right and left / balance / balance',
  },
  {
    name: 'Pas de basque right',
    beats: 2,
    lead: '1 right side, 1& left across x0.25, 2 right in place',
    say: 'pas de basque right / pas de basque / basque',
  },
  {
    name: 'Two jerks',
    beats: 2,
    level: 'steady',
    lead: '1 left in place "left down into the knee", 1& right in place "right up again", 2 left in place "left down into the knee", 2& right in place "right up again"',
    say: 'two jerks / jerks / jerks',
    remarks: 'Small, from the knees; the shoulders stay level.',
  },
  {
    name: 'Pivot round',
    beats: 4,
    from: 'none',
    level: 'steady',
    lead: '1 right side turn right 1/4, 2 left forward turn right 1/2, 3 right back turn right 1/4, 4 left touch',
    say: 'three-step turn and touch / three-step turn / turn',
    cautions: [SPIN],
    aliases: ['Three-step turn and touch'],
  },
  {
    name: 'Walk four in line of dance',
    beats: 4,
    from: 'none, ring',
    level: 'first',
    lead: '1 right forward, 2 left forward, 3 right forward, 4 left forward',
    say: 'walk four / walk / walk',
  },
]
export const RING_FIGURES = family(
  {
    name: 'ring dance',
    from: 'ring',
    follow: 'same',
    level: 'easy',
    dancers: 'solo',
    frame: 'ring',
  },
  RING,
)

/**
 * Set dances for two to four couples: what each does, as far as the feet; places come with the
 * floor.
 */
const SET: readonly Written[] = [
  {
    name: 'Set right and left',
    beats: 4,
    level: 'first',
    lead: '1 right side, 1& left close, 2 right in place, 3 left side, 3& right close, 4 left in place',
    say: 'set right and left / set / set',
    aliases: ['Setting'],
  },
  {
    name: 'Right-hand turn',
    beats: 8,
    from: 'handshake, star, right arms, none',
    level: 'first',
    lead: '1 right forward turn right 1/8, 2 left forward turn right 1/8, 3 right forward turn right 1/8, 4 left forward turn right 1/8, 5 right forward turn right 1/8, 6 left forward turn right 1/8, 7 right forward turn right 1/8, 8 left forward turn right 1/8',
    say: 'turn by the right hand / right-hand turn / right hand',
    remarks: 'Once round, forearms light.',
    to: 'none',
  },
  {
    name: 'Do-si-do',
    beats: 8,
    from: 'none',
    level: 'first',
    lead: '1 right forward, 2 left forward, 3 right side, 4 left behind, 5 right back, 6 left back, 7 right back, 8 left close',
    say: 'back to back / back to back / back to back',
    aliases: ['Back to back'],
    remarks: 'Pass by the right, back to place; nobody turns.',
  },
  {
    name: 'Forward and back',
    beats: 8,
    from: 'none, ring',
    level: 'first',
    lead: '1 right forward, 2 left forward, 3 right forward, 4 left touch, 5 left back, 6 right back, 7 left back, 8 right touch',
    say: 'forward and back / forward, back / forward',
  },
  {
    name: 'Circle left',
    beats: 8,
    from: 'ring, none',
    level: 'first',
    lead: '1 left side, 2 right across, 3 left side, 4 right across, 5 left side, 6 right across, 7 left side, 8 right across',
    say: 'circle to the left / circle left / circle left',
  },
  {
    name: 'Circle right',
    beats: 8,
    from: 'ring, none',
    level: 'first',
    lead: '1 right side, 2 left across, 3 right side, 4 left across, 5 right side, 6 left across, 7 right side, 8 left across',
    say: 'circle to the right / circle right / circle right',
  },
  {
    name: 'Set twice',
    made: 'Set right and left (x2)',
    level: 'first',
    say: 'set right and left, twice / set twice / set twice',
  },
  {
    name: 'Right-hand star',
    beats: 8,
    from: 'star, none, ring',
    level: 'first',
    lead: '1 right forward turn right 1/8, 2 left forward turn right 1/8, 3 right forward turn right 1/8, 4 left forward turn right 1/8, 5 right forward turn right 1/8, 6 left forward turn right 1/8, 7 right forward turn right 1/8, 8 left forward turn right 1/8',
    say: 'right-hand star / right star / star',
    remarks: 'For two or four couples.',
  },
  {
    name: 'Cast off',
    beats: 8,
    from: 'none',
    lead: '1 left forward turn left 1/4, 2 right forward turn left 1/4, 3 left forward, 4 right forward, 5 left forward, 6 right forward, 7 left forward, 8 right forward',
    follow:
      '1 right forward turn right 1/4, 2 left forward turn right 1/4, 3 right forward, 4 left forward, 5 right forward, 6 left forward, 7 right forward, 8 left forward',
    say: 'cast off / cast / cast',
    couples: [3, 4],
    facings: [0],
    others: 'couples 2 3 4: stand',
    remarks:
      'First couple only; the lead turns out to the left, the follow to the right. The others stand.',
  },
  {
    name: 'Lead down the middle',
    beats: 8,
    from: 'open, half open',
    level: 'first',
    lead: '1 right forward, 2 left forward, 3 right forward, 4 left forward, 5 right forward, 6 left forward, 7 right forward, 8 left forward',
    follow:
      '1 right forward, 2 left forward, 3 right forward, 4 left forward, 5 right forward, 6 left forward, 7 right forward, 8 left forward',
    say: 'lead down the middle / down the middle / down',
    couples: [2, 4],
    facings: [4],
    others: 'couples 2 3 4: stand',
    remarks: 'First couple only; the others stand still.',
  },
  {
    name: 'Swing',
    beats: 8,
    from: 'closed, none, two hands, handshake, open, ring',
    level: 'easy',
    lead: '1 right forward turn right 1/4, 1& left forward x0.5, 2 right forward turn right 1/4, 2& left forward x0.5, 3 right forward turn right 1/4, 3& left forward x0.5, 4 right forward turn right 1/4, 4& left forward x0.5, 5 right forward turn right 1/4, 5& left forward x0.5, 6 right forward turn right 1/4, 6& left forward x0.5, 7 right forward turn right 1/4, 7& left forward x0.5, 8 right forward turn right 1/4, 8& left close',
    follow:
      '1 right forward turn right 1/4, 1& left forward x0.5, 2 right forward turn right 1/4, 2& left forward x0.5, 3 right forward turn right 1/4, 3& left forward x0.5, 4 right forward turn right 1/4, 4& left forward x0.5, 5 right forward turn right 1/4, 5& left forward x0.5, 6 right forward turn right 1/4, 6& left forward x0.5, 7 right forward turn right 1/4, 7& left forward x0.5, 8 right forward turn right 1/4, 8& left close',
    say: 'swing your partner / swing / swing',
    cautions: [SPIN],
  },
  {
    name: 'Pass through',
    beats: 4,
    from: 'none',
    level: 'first',
    lead: '1 right forward, 2 left forward, 3 right forward, 4 left close',
    say: 'pass through / pass / pass',
  },
]
export const SET_FIGURES = family(
  { name: 'set dance', from: 'none', follow: 'same', level: 'easy', dancers: 'set', frame: 'set' },
  SET,
)

/** Mixers: dances in which partners change; the figures that go with it. */
const MIXER: readonly Written[] = [
  {
    name: 'Apart and together',
    beats: 4,
    from: 'two hands, open facing',
    level: 'first',
    lead: '1 left back, 2 right touch, 3 right forward, 4 left touch',
    say: 'apart and together / apart, together / apart',
  },
  {
    name: 'Promenade eight',
    beats: 8,
    from: 'skaters, half open, open',
    level: 'first',
    lead: '1 left forward, 2 right forward, 3 left forward, 4 right forward, 5 left forward, 6 right forward, 7 left forward, 8 right forward',
    say: 'promenade eight / promenade / promenade',
  },
  {
    name: 'Balance and wave',
    beats: 4,
    from: 'two hands, butterfly',
    level: 'first',
    lead: '1 left side, 2 right swing, 3 right side, 4 left swing',
    say: 'balance and wave / balance / balance',
  },
  {
    name: 'Heel and toe',
    beats: 4,
    from: 'two hands, butterfly, closed',
    level: 'first',
    lead: '1 left point "left heel out", 2 left touch "left toe back", 3 left side, 3& right close, 4 left side',
    say: 'heel and toe and side / heel and toe / heel',
  },
  {
    name: 'Clap pattern',
    beats: 4,
    from: 'none',
    level: 'first',
    lead: '1 clap "clap knees", 2 clap "clap own hands", 3 clap "clap right hands", 4 clap "clap left hands"',
    follow:
      '1 clap "clap knees", 2 clap "clap own hands", 3 clap "clap right hands", 4 clap "clap left hands"',
    say: 'knees, own, right, left / knees, own / clap',
  },
  {
    name: 'On to the next',
    beats: 4,
    from: 'none',
    level: 'first',
    lead: '1 left forward left, 2 right forward left, 3 left forward left, 4 right close',
    follow: '1 right in place, 2 left in place, 3 right in place, 4 left in place',
    say: 'lead on to the next / on to the next / on',
    remarks:
      'The lead goes to the next partner; the follow marks time and looks back to meet them.',
  },
  {
    name: 'Follow under and on',
    beats: 4,
    from: 'two hands, open facing',
    to: 'none',
    lead: '1 left in place, 2 right in place, 3 left in place, 4 right in place',
    follow:
      '1 right forward turn right 1/4, 2 left forward, 3 right forward, 4 left close turn left 1/4',
    say: 'under the arch and on / under and on / under',
    cautions: [ARMS],
    remarks:
      'The follow goes under the joined hands, against line of dance, to the partner who comes there.',
  },
  {
    name: 'Stamp, stamp, stamp',
    beats: 2,
    from: 'none, open facing',
    level: 'first',
    lead: '1 left stamp, 1& right stamp, 2 left stamp',
    say: 'stamp, stamp, stamp / stamp three / stamp',
    follow: '1 right stamp, 1& left stamp, 2 right stamp',
    cautions: [FLOOR],
  },
  {
    name: 'Bow and curtsey',
    beats: 4,
    from: 'none',
    level: 'first',
    lead: '1 left side, 2 right pose "right foot behind, bow", 4 right close',
    follow: '1 right side, 2 left pose "left foot behind, curtsey", 4 left close',
    say: 'acknowledge your partner / acknowledge / bow',
    remarks: 'As deep as knees and backs like it.',
  },
  {
    name: 'Two-hand turn',
    beats: 8,
    from: 'two hands',
    level: 'first',
    lead: '1 left forward turn right 1/8, 2 right forward turn right 1/8, 3 left forward turn right 1/8, 4 right forward turn right 1/8, 5 left forward turn right 1/8, 6 right forward turn right 1/8, 7 left forward turn right 1/8, 8 right close turn right 1/8',
    follow:
      '1 right forward turn right 1/8, 2 left forward turn right 1/8, 3 right forward turn right 1/8, 4 left forward turn right 1/8, 5 right forward turn right 1/8, 6 left forward turn right 1/8, 7 right forward turn right 1/8, 8 left close turn right 1/8',
    say: 'two-hand turn, once round / two-hand turn / turn',
  },
]
export const MIXER_FIGURES = family(
  { name: 'mixer', from: 'two hands', follow: 'opposite', level: 'easy' },
  MIXER,
)
