import { ARMS, family, SPIN, type Written } from './family.ts'

const FACED = 'closed, butterfly, two hands'

const CHA_CHA: readonly Written[] = [
  {
    name: 'Basic',
    beats: 8,
    from: FACED,
    level: 'first',
    lead: '1 left forward, 2 right recover, 3 left side, 3& right close, 4 left side, 5 right back, 6 left recover, 7 right side, 7& left close, 8 right side',
    say: 'cha-cha basic / basic / basic',
  },
  {
    name: 'Half basic',
    beats: 4,
    from: FACED,
    level: 'first',
    lead: '1 left forward, 2 right recover, 3 left side, 3& right close, 4 left side',
  },
  {
    name: 'Side chasse left',
    beats: 2,
    from: FACED,
    level: 'first',
    lead: '1 left side, 1& right close, 2 left side',
    say: 'cha-cha-cha left / cha-cha-cha / cha-cha',
  },
  {
    name: 'New yorker',
    beats: 4,
    from: 'open facing, two hands, butterfly',
    lead: '1 right through turn left 1/4, 2 left recover turn right 1/4, 3 right side, 3& left close, 4 right side',
    follow: 'alike',
  },
  {
    name: 'Hand to hand',
    beats: 4,
    from: 'two hands, butterfly',
    lead: '1 left behind turn left 1/4, 2 right recover turn right 1/4, 3 left side, 3& right close, 4 left side',
    follow: 'alike',
  },
  {
    name: 'Time step',
    beats: 4,
    from: 'none, open facing',
    lead: '1 left behind, 2 right recover, 3 left side, 3& right close, 4 left side',
    follow: '1 right behind, 2 left recover, 3 right side, 3& left close, 4 right side',
  },
  {
    name: 'Side door',
    beats: 4,
    from: 'two hands, butterfly',
    lead: '1 left across, 2 right recover, 3 left side, 3& right close, 4 left side',
    aliases: ['Fence line'],
    follow: 'alike',
    say: 'fence line / fence line / fence',
  },
  {
    name: 'Shoulder to shoulder',
    beats: 4,
    from: 'two hands, butterfly',
    lead: '1 left forward right "left forward, outside", 2 right recover, 3 left side, 3& right close, 4 left side',
    follow:
      '1 right back left "right back", 2 left recover, 3 right side, 3& left close, 4 right side',
    say: 'shoulder to shoulder / shoulder to shoulder / shoulder',
  },
  {
    name: 'Forward locks',
    beats: 4,
    from: 'open facing, two hands',
    level: 'steady',
    follow:
      '1 right back, 1& left across "left lock in front", 2 right back, 3 left back, 3& right across "right lock in front", 4 left back',
    lead: '1 left forward, 1& right behind "right lock behind", 2 left forward, 3 right forward, 3& left behind "left lock behind", 4 right forward',
    say: 'two forward locks / forward locks / locks',
  },
  {
    name: 'Spot turn',
    beats: 4,
    from: 'two hands, butterfly, open facing',
    to: 'open facing',
    level: 'steady',
    lead: '1 right through turn left 1/4, 2 left recover turn left 1/2, 3 right forward turn left 1/4 "right side", 3& left close, 4 right side',
    follow: 'alike',
    cautions: [SPIN],
  },
  {
    name: 'Underarm turn',
    beats: 4,
    from: 'two hands, butterfly',
    to: 'open facing',
    level: 'steady',
    hands: '1 open facing',
    lead: '1 right back, 2 left recover, 3 right side, 3& left close, 4 right side, arms:1 left arch "left hand up, an arch", arms:3 left pose "hand down again"',
    follow:
      '1 left across turn right 1/2, 2 right recover turn right 1/2, 3 left side, 3& right close, 4 left side',
    cautions: [ARMS, SPIN],
  },
  {
    name: 'Reverse underarm turn',
    beats: 4,
    from: 'two hands, butterfly',
    to: 'open facing',
    level: 'steady',
    hands: '1 open facing',
    lead: '1 left across, 2 right recover, 3 left side, 3& right close, 4 left side, arms:1 left arch "left hand up, an arch", arms:3 left pose "hand down again"',
    follow:
      '1 right across turn left 1/2, 2 left recover turn left 1/2, 3 right side, 3& left close, 4 right side',
    say: 'reverse underarm turn / reverse underarm / reverse under',
    cautions: [ARMS, SPIN],
  },
  {
    name: 'Chase',
    beats: 8,
    from: 'open facing, none, butterfly, two hands',
    to: 'none',
    level: 'steady',
    lead: '1 left forward turn right 1/2, 2 right recover, 3 left forward, 3& right close, 4 left forward, 5 right forward turn left 1/2, 6 left recover, 7 right forward, 7& left close, 8 right forward',
    follow:
      '1 right back, 2 left recover, 3 right forward, 3& left close, 4 right forward, 5 left forward turn right 1/2, 6 right recover, 7 left forward, 7& right close, 8 left forward',
    say: 'chase / chase / chase',
  },
]
export const CHA_CHA_FIGURES = family(
  { name: 'cha-cha', from: FACED, follow: 'opposite', level: 'easy' },
  CHA_CHA,
)
