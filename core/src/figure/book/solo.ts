import { family, FLOOR, KNEES, SPIN, type Written } from './family.ts'

/** Line dance: everyone alone, all facing the same wall. */
const LINE: readonly Written[] = [
  {
    name: 'Vine right, touch',
    beats: 4,
    level: 'first',
    lead: '1 right side, 2 left behind, 3 right side, 4 left touch',
    say: 'vine to the right, touch / vine right / vine right',
  },
  {
    name: 'Vine left, touch',
    beats: 4,
    level: 'first',
    lead: '1 left side, 2 right behind, 3 left side, 4 right touch',
    say: 'vine to the left, touch / vine left / vine left',
  },
  {
    name: 'Vine right and left',
    made: 'Vine right, touch + Vine left, touch',
    level: 'first',
    say: 'vine right and left / vine both ways / vines',
  },
  {
    name: 'Vine right, quarter, scuff',
    beats: 4,
    lead: '1 right side, 2 left behind, 3 right side turn right 1/4 "right forward, quarter", 4 left brush',
    say: 'vine right with a quarter right, scuff / vine, quarter right, scuff / quarter right',
  },
  {
    name: 'Rocking chair',
    beats: 4,
    lead: '1 right forward, 2 left recover, 3 right back, 4 left recover',
  },
  {
    name: 'Jazz box',
    beats: 4,
    level: 'first',
    lead: '1 right across, 2 left back, 3 right side, 4 left together',
    aliases: ['Jazz square'],
  },
  {
    name: 'Jazz box, quarter right',
    beats: 4,
    lead: '1 right across, 2 left back turn right 1/4, 3 right side, 4 left forward',
    say: 'jazz box, quarter right / jazz box, quarter right / box, quarter right',
  },
  {
    name: 'Coaster step',
    beats: 2,
    lead: '1 right back, 1& left together, 2 right forward',
    say: 'coaster step / coaster / coaster',
  },
  {
    name: 'Sailor step',
    beats: 2,
    lead: '1 right behind, 1& left side x0.5, 2 right side x0.5',
    say: 'sailor step / sailor / sailor',
  },
  {
    name: 'Shuffle forward',
    beats: 2,
    level: 'first',
    lead: '1 right forward, 1& left together, 2 right forward',
    say: 'shuffle forward / shuffle / shuffle',
  },
  {
    name: 'Step, half pivot',
    beats: 2,
    lead: '1 left forward, 2 right recover turn right 1/2',
    say: 'step, half pivot right / half pivot right / half right',
  },
  {
    name: 'Step, quarter pivot',
    beats: 2,
    level: 'first',
    lead: '1 right forward, 2 left recover turn left 1/4',
    say: 'step, quarter pivot left / quarter pivot left / quarter left',
  },
  {
    name: 'K-step',
    beats: 8,
    lead: '1 right forward right, 2 left touch, 3 left back left, 4 right touch, 5 right back right, 6 left touch, 7 left forward left, 8 right touch',
    level: 'first',
  },
  {
    name: 'Heel grind, quarter',
    beats: 4,
    level: 'steady',
    lead: '1 right forward x0.25 turn right 1/4 "right heel in", 2 left recover, 3 right back, 4 left recover',
    say: 'heel grind, quarter right / grind, quarter right / quarter right',
    cautions: [KNEES],
  },
  {
    name: 'Rolling vine right',
    beats: 4,
    level: 'steady',
    lead: '1 right side turn right 1/4, 2 left forward turn right 1/2, 3 right back turn right 1/4, 4 left touch',
    say: 'rolling vine to the right / rolling vine right / rolling right',
    cautions: [SPIN],
  },
]
export const LINE_FIGURES = family(
  {
    name: 'line dance',
    from: 'none',
    follow: 'same',
    level: 'easy',
    dancers: 'solo',
    frame: 'walls',
  },
  LINE,
)

/** Clogging and step dance: sounds of the feet, on halves and quarters of a beat. */
const CLOG: readonly Written[] = [
  {
    name: 'Clog basic',
    beats: 2,
    level: 'first',
    lead: '&1 left brush "left double toe", 1 left in place, 1& right back x0.25 "right rock back", 2 left in place',
    say: 'clog basic / basic / basic',
    aliases: ['Basic'],
    remarks: 'The double toe sounds before the beat: dt-step, rock, step.',
  },
  {
    name: 'Double step',
    beats: 1,
    level: 'first',
    lead: '&1 left brush "left double toe", 1 left in place',
    say: 'double step / double / double',
  },
  {
    name: 'Two double steps',
    beats: 2,
    lead: '&1 left brush "left double toe", 1 left in place, 1& right brush "right double toe", 2 right in place',
    say: 'two double steps / two doubles / doubles',
  },
  {
    name: 'Two doubles with arms',
    beats: 2,
    level: 'steady',
    lead: '&1 left brush "left double toe", 1 left in place, 1& right brush "right double toe", 2 right in place, arms:1 both pose "arms out", arms:2 both clap "clap in front"',
    say: 'two doubles with arms / doubles and arms / arms',
    remarks: 'Feet first; the arms come when the feet need no thought.',
  },
  {
    name: 'Triple',
    beats: 4,
    lead: '&1 left brush "left double toe", 1 left in place, 1& right brush "right double toe", 2 right in place, 2& left brush "left double toe", 3 left in place, 3& right back x0.25 "right rock back", 4 left in place',
    say: 'triple / triple / triple',
  },
  {
    name: 'Rock step',
    beats: 1,
    level: 'first',
    lead: '&1 left back x0.25 "left rock back", 1 right in place',
  },
  {
    name: 'Heel, toe',
    beats: 2,
    lead: '1 left tap "left heel", 1& left in place, 2 right tap "right toe", 2& right in place',
  },
  {
    name: 'Shuffle, ball, change',
    beats: 2,
    level: 'steady',
    lead: '1 right brush "right shuffle forward", 1e right brush "right shuffle back", 1& right in place, 2 left in place',
    say: 'shuffle, ball, change / shuffle / shuffle',
  },
  {
    name: 'Seven step',
    beats: 4,
    level: 'steady',
    lead: '1 right in place, 1& left in place, 2 right in place, 2& left in place, 3 right in place, 3& left in place, 4 right stamp',
    say: 'seven and stamp / seven / seven',
    cautions: [FLOOR],
  },
  {
    name: 'Hop, shuffle',
    beats: 2,
    level: 'steady',
    lead: '1 left hop, 1& right brush "right shuffle", 1a right brush "right shuffle back", 2 right in place',
    cautions: [FLOOR],
  },
  {
    name: 'Stomp, stomp, clap',
    beats: 2,
    level: 'first',
    lead: '1 left stamp, 1& right stamp, 2 clap',
    say: 'stamp, stamp, clap / stamp, stamp / stamp',
    cautions: [FLOOR],
  },
]
export const CLOG_FIGURES = family(
  { name: 'clog', from: 'none', follow: 'same', level: 'easy', dancers: 'solo', frame: 'walls' },
  CLOG,
)
