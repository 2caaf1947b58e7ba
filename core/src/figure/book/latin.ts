import { ARMS, family, KNEES, SPIN, type Written } from './family.ts'

const FACED = 'closed, butterfly, two hands'

/** Rumba as it is counted from 1: slow, quick, quick. */
const RUMBA: readonly Written[] = [
  { name: 'Box', beats: 8, from: FACED, level: 'first', lead: 'Q left side, Q right close, S left forward, Q right side, Q left close, S right back', say: 'rumba box / box / box', aliases: ['Rumba box'] },
  { name: 'Half box', beats: 4, from: FACED, level: 'first', lead: 'Q left side, Q right close, S left forward' },
  { name: 'Cucaracha left', beats: 4, from: FACED, lead: '1 left side part weight, 2 right recover, 3 left close', say: 'cucaracha left / cucaracha / press' },
  { name: 'Side walk', beats: 4, from: FACED, level: 'first', lead: 'Q left side, Q right close, S left side' },
  { name: 'Basic, counted from two', beats: 8, from: FACED, lead: '1 left forward, 2 right recover, 3 left side, 5 right back, 6 left recover, 7 right side', say: 'basic / basic / basic', remarks: 'Begun on count 2 of the bar: two, three, four-one. Schools that count from 1 say quick, quick, slow.' },
  { name: 'New yorker, counted from two', beats: 4, from: 'open facing, two hands, butterfly', lead: '1 right through, 2 left recover, 3 right side', say: 'new yorker / new yorker / yorker', aliases: ['Crossover'], remarks: 'Begun on count 2 of the bar. Both open out over the joined hands and come back.' },
  { name: 'Hand to hand, counted from two', beats: 4, from: 'two hands, butterfly', lead: '1 left behind, 2 right recover, 3 left side', say: 'hand to hand / hand to hand / hand to hand', remarks: 'Begun on count 2 of the bar.' },
  { name: 'Spot turn, counted from two', beats: 4, from: 'two hands, butterfly, open facing', to: 'open facing', level: 'steady', lead: '1 right through turn left 1/2, 2 left recover turn left 1/2, 3 right side', follow: '1 left through turn right 1/2, 2 right recover turn right 1/2, 3 left side', say: 'spot turn / spot turn / spot', cautions: [SPIN], remarks: 'Begun on count 2 of the bar. Each turns away from the other.' },
  { name: 'Side door, counted from two', beats: 4, from: 'two hands, butterfly', lead: '1 left across, 2 right recover, 3 left side', say: 'side door / side door / door', remarks: 'Begun on count 2 of the bar.' },
  { name: 'Underarm turn, counted from two', beats: 4, from: 'two hands, butterfly', to: 'open facing', level: 'steady', lead: '1 right back, 2 left recover, 3 right side', follow: '1 left across turn right 1/2, 2 right recover turn right 1/2, 3 left side', say: 'underarm turn / underarm / under', cautions: [ARMS, SPIN], remarks: 'Begun on count 2 of the bar.' },
]
export const RUMBA_FIGURES = family({ name: 'rumba', from: FACED, follow: 'opposite', level: 'easy' }, RUMBA)

const CHA_CHA: readonly Written[] = [
  { name: 'Basic', beats: 8, from: FACED, level: 'first', lead: '1 left forward, 2 right recover, 3 left side, 3& right close, 4 left side, 5 right back, 6 left recover, 7 right side, 7& left close, 8 right side', say: 'cha-cha basic / basic / basic' },
  { name: 'Half basic', beats: 4, from: FACED, level: 'first', lead: '1 left forward, 2 right recover, 3 left side, 3& right close, 4 left side' },
  { name: 'Side chasse left', beats: 2, from: FACED, level: 'first', lead: '1 left side, 1& right close, 2 left side', say: 'cha-cha-cha left / cha-cha-cha / cha-cha' },
  { name: 'New yorker', beats: 4, from: 'open facing, two hands, butterfly', lead: '1 right through, 2 left recover, 3 right side, 3& left close, 4 right side' },
  { name: 'Hand to hand', beats: 4, from: 'two hands, butterfly', lead: '1 left behind, 2 right recover, 3 left side, 3& right close, 4 left side' },
  { name: 'Time step', beats: 4, from: 'none, open facing', lead: '1 left behind, 2 right recover, 3 left side, 3& right close, 4 left side', follow: '1 right behind, 2 left recover, 3 right side, 3& left close, 4 right side' },
  { name: 'Side door', beats: 4, from: 'two hands, butterfly', lead: '1 left across, 2 right recover, 3 left side, 3& right close, 4 left side', aliases: ['Shoulder to shoulder'] },
  { name: 'Forward locks', beats: 4, from: 'open facing, open', level: 'steady', follow: '1 right back, 1& left across "left lock in front", 2 right back, 3 left back, 3& right across "right lock in front", 4 left back', lead: '1 left forward, 1& right behind "right lock behind", 2 left forward, 3 right forward, 3& left behind "left lock behind", 4 right forward', say: 'two forward locks / forward locks / locks' },
  { name: 'Spot turn', beats: 4, from: 'two hands, butterfly, open facing', to: 'open facing', level: 'steady', lead: '1 right through turn left 1/2, 2 left recover turn left 1/2, 3 right side, 3& left close, 4 right side', follow: '1 left through turn right 1/2, 2 right recover turn right 1/2, 3 left side, 3& right close, 4 left side', cautions: [SPIN] },
  { name: 'Underarm turn', beats: 4, from: 'two hands, butterfly', to: 'open facing', level: 'steady', lead: '1 right back, 2 left recover, 3 right side, 3& left close, 4 right side', follow: '1 left across turn right 1/2, 2 right recover turn right 1/2, 3 left side, 3& right close, 4 left side', cautions: [ARMS, SPIN] },
]
export const CHA_CHA_FIGURES = family({ name: 'cha-cha', from: FACED, follow: 'opposite', level: 'easy' }, CHA_CHA)

const JIVE: readonly Written[] = [
  { name: 'Basic rock', beats: 6, from: FACED, level: 'first', lead: '1 left back, 2 right recover, 3 left side, 3a right close, 4 left side, 5 right side, 5a left close, 6 right side', say: 'jive basic / basic / rock', aliases: ['Fallaway rock'], remarks: 'Six counts: it meets the eight again after four times.' },
  { name: 'Throwaway', beats: 6, from: 'semi-closed', to: 'open facing', lead: '1 left back, 2 right recover, 3 left side, 3a right close, 4 left side, 5 right side, 5a left close, 6 right side', follow: '1 right back, 2 left recover, 3 right forward, 3a left close, 4 right side turn left 1/2, 5 left back, 5a right close, 6 left back' },
  { name: 'Link', beats: 6, from: 'open facing', to: 'closed', lead: '1 left back, 2 right recover, 3 left forward, 3a right close, 4 left forward, 5 right side, 5a left close, 6 right side' },
  { name: 'Change places, right to left', beats: 6, from: 'closed, two hands', to: 'open facing', level: 'steady', lead: '1 left back, 2 right recover, 3 left side, 3a right close, 4 left side, 5 right forward, 5a left close, 6 right forward', follow: '1 right back, 2 left recover, 3 right forward turn right 1/2, 3a left close, 4 right forward turn right 1/2, 5 left back, 5a right close, 6 left back', say: 'change places right to left / change right to left / change', cautions: [ARMS, SPIN] },
  { name: 'American spin', beats: 6, from: 'open facing', to: 'open facing', level: 'steady', lead: '1 left back, 2 right recover, 3 left side, 3a right close, 4 left side, 5 right side, 5a left close, 6 right side', follow: '1 right back, 2 left recover, 3 right forward, 3a left close, 4 right forward turn right 1, 5 left side, 5a right close, 6 left side', cautions: [SPIN, ARMS] },
  { name: 'Kick, ball, change', beats: 2, from: 'open facing, none', follow: '1 right kick, 1a right in place, 2 left in place', lead: '1 left kick, 1a left in place, 2 right in place', say: 'kick, ball, change / kick, ball, change / kick', remarks: 'It ends with the same foot free that kicked.' },
  { name: 'Chicken walks, slow', beats: 4, from: 'open facing', lead: '1 left back, 3 right back', follow: '1 right forward, 3 left forward', say: 'slow chicken walks / chicken walks / chicken' },
  { name: 'Side chasse', beats: 2, from: FACED, level: 'first', lead: '1 left side, 1a right close, 2 left side' },
  { name: 'Rock, recover', beats: 2, from: 'closed, two hands, open facing', level: 'first', lead: '1 left back, 2 right recover' },
  { name: 'Windmill', beats: 6, from: 'two hands', level: 'steady', lead: '1 left back, 2 right recover, 3 left side, 3a right close, 4 left side turn left 1/4, 5 right side, 5a left close, 6 right side turn left 1/4' },
]
export const JIVE_FIGURES = family({ name: 'jive', from: FACED, follow: 'opposite', level: 'easy' }, JIVE)

const SALSA: readonly Written[] = [
  { name: 'Mambo basic', beats: 8, from: FACED, level: 'first', lead: '1 left forward, 2 right recover, 3 left close, 5 right back, 6 left recover, 7 right close', say: 'forward and back basic / basic / basic', aliases: ['Basic'] },
  { name: 'Side basic', beats: 8, from: FACED, level: 'first', lead: '1 left side, 2 right recover, 3 left close, 5 right side, 6 left recover, 7 right close', say: 'side basic / side / side' },
  { name: 'Back basic', beats: 8, from: FACED, level: 'first', lead: '1 left back, 2 right recover, 3 left close, 5 right back, 6 left recover, 7 right close', follow: '1 right back, 2 left recover, 3 right close, 5 left back, 6 right recover, 7 left close', say: 'back basic / breaks / back', aliases: ['Open break both'] },
  { name: 'Right turn for the follow', beats: 8, from: 'two hands, open facing', to: 'open facing', lead: '1 left forward, 2 right recover, 3 left close, 5 right back, 6 left recover, 7 right close', follow: '1 right back, 2 left recover, 3 right close, 5 left forward turn right 1/2, 6 right recover turn right 1/2, 7 left close', say: 'right turn, follow / right turn / turn', cautions: [ARMS, SPIN] },
  { name: 'Cross body lead', beats: 8, from: 'closed, two hands', level: 'steady', lead: '1 left forward, 2 right recover turn left 1/4, 3 left side, 5 right back, 6 left recover turn left 1/4, 7 right forward', follow: '1 right back, 2 left recover, 3 right forward, 5 left forward, 6 right forward turn left 1/2, 7 left back', say: 'cross body lead / cross body / cross' },
  { name: 'Open break', beats: 4, from: 'two hands, open facing', lead: '1 left back, 2 right recover, 3 left close', follow: '1 right back, 2 left recover, 3 right close' },
  { name: 'Cumbia step', beats: 8, from: 'two hands, open facing', level: 'first', lead: '1 left behind, 2 right recover, 3 left side, 5 right behind, 6 left recover, 7 right side' },
  { name: 'Crossing walks', beats: 8, from: 'none', level: 'steady', lead: '1 left across, 2 right side x0.5, 3 left across, 5 right across, 6 left side x0.5, 7 right across', follow: '1 right across, 2 left side x0.5, 3 right across, 5 left across, 6 right side x0.5, 7 left across', cautions: [KNEES] },
  { name: 'Half basic forward', beats: 4, from: FACED, level: 'first', lead: '1 left forward, 2 right recover, 3 left close', say: 'half basic / half / half' },
  { name: 'Side steps with a tap', beats: 8, from: 'none, open facing', level: 'first', lead: '1 left side, 2 right close, 3 left side, 4 right tap, 5 right side, 6 left close, 7 right side, 8 left tap', follow: '1 right side, 2 left close, 3 right side, 4 left tap, 5 left side, 6 right close, 7 left side, 8 right tap', say: 'side steps with a tap / side and tap / side' },
]
export const SALSA_FIGURES = family({ name: 'salsa', from: FACED, follow: 'opposite', level: 'easy' }, SALSA)

const PASO: readonly Written[] = [
  { name: 'Sur place', beats: 4, lead: '1 right in place, 2 left in place, 3 right in place, 4 left in place', say: 'sur place / sur place / sur place', remarks: 'On the spot, on the balls of the feet.' },
  { name: 'Chasse to the right', beats: 4, lead: '1 right side, 2 left close, 3 right side, 4 left close', say: 'chasse right / chasse / chasse' },
  { name: 'Chasse to the left', beats: 4, lead: '1 right in place, 2 left side, 3 right close, 4 left side', say: 'chasse left / chasse / chasse' },
  { name: 'Basic forward', beats: 4, lead: '1 right forward, 2 left forward, 3 right forward, 4 left forward', say: 'four forward / forward / forward' },
  { name: 'Basic back', beats: 4, lead: '1 right back, 2 left back, 3 right back, 4 left back', say: 'four back / back / back' },
  { name: 'Appel', beats: 1, lead: '1 right stamp', say: 'appel / appel / appel', cautions: [KNEES], remarks: 'A strong step in place that announces what comes.' },
  { name: 'Attack', beats: 4, level: 'steady', lead: '1 right stamp, 2 left forward, 3 right side turn left 1/4, 4 left close', cautions: [KNEES] },
  { name: 'Separation', beats: 8, to: 'open facing', level: 'steady', lead: '1 right stamp, 2 left forward, 3 right close, 4 left in place, 5 right in place, 6 left in place, 7 right in place, 8 left in place', cautions: [KNEES], remarks: 'The follow goes back two steps, then both mark time.' },
  { name: 'Huit', beats: 8, from: 'semi-closed', level: 'advanced', lead: '1 right through, 2 left close, 3 right in place, 4 left in place, 5 right in place, 6 left in place, 7 right in place, 8 left in place', aliases: ['Cape'] },
]
export const PASO_FIGURES = family({ name: 'paso doble', from: 'closed', follow: 'opposite', level: 'steady' }, PASO)
