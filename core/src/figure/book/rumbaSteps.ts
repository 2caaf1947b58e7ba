import { ARMS, SPIN, type Written } from './family.ts'

/** To both sides, in every dance that has them. */
export const CUCARACHAS: Written = {
  name: 'Cucarachas',
  made: 'Cucaracha left + Cucaracha left (mirrored)',
  say: 'cucarachas, left and right / cucarachas, both / cucarachas',
  de: 'Cucarachas, links und rechts / Cucarachas, beide / Cucarachas',
  aliases: ['Cucaracha left and right', 'Two cucarachas'],
}

/** A step on each count, in every dance that has it. */
export const NEW_YORKER_IN_FOUR: Written = {
  name: 'New yorker in four',
  beats: 4,
  from: 'butterfly, open facing, two hands',
  to: 'open facing',
  lead: '1 left through turn right 1/4, 2 right recover turn left 1/4, 3 left side, 4 right recover',
  follow: 'alike',
  say: 'new yorker in four / new yorker in four / new yorker four',
  de: 'New Yorker in vier / New Yorker in vier / New Yorker vier',
}

/** More of the rumba: quick, quick, slow. */
export const RUMBA_STEPS: readonly Written[] = [
  CUCARACHAS,
  NEW_YORKER_IN_FOUR,
  {
    name: 'Hip rocks',
    beats: 4,
    from: 'butterfly, closed, two hands',
    level: 'first',
    lead: '1 left side part weight, 2 right recover, 3 left recover',
    say: 'hip rocks / hip rocks / hip rocks',
    de: 'Hüften wiegen / Hüften / Hüften',
  },
  {
    name: 'Break back to open',
    beats: 4,
    from: 'butterfly, open facing, two hands',
    to: 'open',
    lead: '1 left behind turn left 1/4, 2 right recover, 3 left forward',
    follow: 'alike',
    say: 'break back to open / break to open / break open',
    de: 'zurück öffnen / zurück öffnen / öffnen',
    aliases: ['Break to open'],
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
  {
    name: 'Half basic',
    beats: 4,
    level: 'first',
    lead: '1 left forward, 2 right recover, 3 left side',
    say: 'half basic / half basic / half basic',
    de: 'halber Grundschritt / halber Grund / halber',
  },
  {
    name: 'Back basic',
    beats: 4,
    from: 'butterfly, two hands, open facing',
    to: 'open facing',
    level: 'first',
    lead: '1 left back, 2 right recover, 3 left in place',
    follow: 'alike',
    say: 'back basic / back basic / back basic',
    de: 'Grundschritt zurück / Grund zurück / zurück',
  },
  {
    name: 'Chase',
    beats: 8,
    from: 'open facing, none, butterfly, two hands',
    to: 'none',
    level: 'steady',
    lead: '1 left forward turn right 1/2, 2 right recover, 3 left forward, 5 right forward turn left 1/2, 6 left recover, 7 right forward',
    follow:
      '1 right back, 2 left recover, 3 right forward, 5 left forward turn right 1/2, 6 right recover, 7 left forward',
    say: 'chase / chase / chase',
    de: 'Verfolgung / Verfolgung / Verfolgung',
  },
  {
    name: 'Alemana',
    beats: 8,
    from: 'open facing, butterfly',
    to: 'open facing',
    level: 'steady',
    lead: '1 left forward, 2 right recover, 3 left in place, 5 right back, 6 left recover, 7 right in place, arms:3 left arch "left hand up"',
    follow:
      '1 right back, 2 left recover, 3 right forward turn right 1/8, 5 left forward turn right 3/8, 6 right forward turn right 1/2, 7 left side',
    say: 'alemana / alemana / alemana',
    de: 'Alemana / Alemana / Alemana',
    cautions: [ARMS, SPIN],
  },
  {
    name: 'Fan',
    beats: 4,
    from: 'closed, open facing',
    to: 'fan',
    level: 'steady',
    lead: '1 right back, 2 left recover, 3 right side',
    follow: '1 left forward, 2 right back turn left 1/4, 3 left back',
    say: 'fan / fan / fan',
    de: 'Fächer / Fächer / Fächer',
  },
  {
    name: 'Hockey stick',
    beats: 8,
    from: 'fan',
    to: 'open facing',
    level: 'advanced',
    lead: '1 left forward, 2 right recover, 3 left in place, 5 right back turn right 1/8, 6 left recover, 7 right forward, arms:5 left arch "left hand up"',
    follow:
      '1 right close, 2 left forward, 3 right forward, 5 left forward turn left 1/8, 6 right forward turn left 1/2, 7 left back',
    say: 'hockey stick / hockey stick / hockey stick',
    de: 'Hockeyschläger / Hockey / Hockey',
    cautions: [ARMS],
  },
]
