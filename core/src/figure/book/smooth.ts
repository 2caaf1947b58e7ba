import { KNEES, SPIN, family, type Written } from './family.ts'

/**
 * Figures of the smooth dances that the slow foxtrot and the waltz share: a slow and two quicks, or
 * three beats.
 */
const SHARED: readonly Written[] = [
  {
    name: 'Impetus',
    beats: 4,
    from: 'closed, banjo',
    to: 'semi-closed',
    level: 'advanced',
    lead: 'S left back, Q right close turn right 3/8 "right heel turn", Q left forward',
    follow: 'S right forward turn right 3/8, Q left side turn right 1/2, Q right forward',
    say: 'impetus to semi / impetus / impetus',
    de: 'Impetus zur Promenade / Impetus / Impetus',
    cautions: [SPIN],
    aliases: ['Impetus to semi', 'Open impetus'],
  },
  {
    name: 'Open telemark',
    beats: 4,
    from: 'closed',
    to: 'semi-closed',
    level: 'advanced',
    lead: 'S left forward turn left 1/4, Q right side turn left 1/4, Q left forward turn left 1/4',
    follow: 'S right back, Q left close turn left 1/4 "left heel turn", Q right forward',
    say: 'open telemark / telemark / telemark',
    de: 'offener Telemark / Telemark / Telemark',
    aliases: ['Telemark to semi'],
  },
  {
    name: 'Diamond turns',
    beats: 16,
    from: 'closed, banjo',
    to: 'banjo',
    level: 'steady',
    lead: 'S left forward turn left 1/8, Q right side turn left 1/8, Q left back, S right back turn left 1/8, Q left side turn left 1/8, Q right forward, S left forward turn left 1/8, Q right side turn left 1/8, Q left back, S right back turn left 1/8, Q left side turn left 1/8, Q right forward',
    say: 'diamond turns, all four / diamond turns / diamond',
    de: 'Diamantdrehung, ganz herum links / Diamant links / Diamant links',
    aliases: ['Diamond turn'],
  },
  {
    name: 'Wing',
    beats: 4,
    from: 'semi-closed',
    to: 'sidecar',
    level: 'advanced',
    lead: 'S right forward, Q left draw, Q left touch',
    follow:
      'S left forward turn left 1/8, Q right forward turn left 1/8, Q left forward turn left 1/4',
    say: 'wing to sidecar / wing / wing',
    de: 'Flügel zu Sidecar / Flügel / Flügel',
  },
  {
    name: 'In and out runs',
    beats: 8,
    from: 'semi-closed',
    to: 'semi-closed',
    level: 'advanced',
    lead: 'S right forward turn right 1/4, Q left side turn right 1/8, Q right back turn right 1/8, S left back turn right 1/4, Q right side turn right 1/8, Q left forward turn right 1/8',
    follow:
      'S left forward, Q right forward, Q left forward turn right 1/2, S right forward turn right 1/4, Q left side turn right 1/8, Q right forward turn right 1/8',
    say: 'in and out runs / in and out / runs',
    de: 'Lauf ein und aus / ein und aus / Lauf',
    cautions: [SPIN],
  },
  {
    name: 'Hover telemark',
    beats: 4,
    from: 'closed',
    to: 'semi-closed',
    level: 'steady',
    lead: 'S left forward, Q right side "rise", Q left forward',
    follow: 'S right back, Q left side turn right 1/4, Q right forward turn right 1/4',
    say: 'hover telemark / hover telemark / telemark',
    de: 'Hover-Telemark / Hover-Telemark / Telemark',
  },
  {
    name: 'Hover fallaway',
    beats: 4,
    from: 'semi-closed',
    level: 'steady',
    lead: 'S right forward, Q left forward "rise", Q right recover',
    say: 'hover fallaway / hover fallaway / fallaway',
    de: 'Hover und zurückfallen / Hover, zurück / Hover',
  },
  {
    name: 'Slip pivot',
    beats: 4,
    from: 'semi-closed',
    to: 'banjo',
    level: 'advanced',
    lead: 'S left back, Q right back turn left 1/4, Q left forward',
    follow: 'S right back turn left 3/8, Q left forward turn left 3/8, Q right back',
    say: 'slip pivot to banjo / slip pivot / slip',
    de: 'Slip Pivot zu Banjo / Slip Pivot / Slip',
    cautions: [SPIN],
  },
  {
    name: 'Chair, recover, slip',
    beats: 4,
    from: 'semi-closed',
    to: 'closed',
    level: 'advanced',
    lead: 'S right forward "lower", Q left recover, Q right back turn left 1/8',
    follow: 'S left forward "lower", Q right recover turn left 1/4, Q left forward turn left 3/8',
    say: 'chair, recover, slip / chair and slip / chair',
    de: 'Chair, zurück, Slip / Chair und Slip / Chair',
    aliases: ['Chair and slip'],
    cautions: [KNEES],
  },
  {
    name: 'Reverse wave',
    beats: 8,
    from: 'closed',
    level: 'advanced',
    lead: 'S left forward turn left 1/8, Q right side turn left 1/8, Q left back turn left 1/8, S right back, Q left back, Q right back turn left 1/8',
    follow:
      'S right back turn left 1/8, Q left close turn left 1/8 "left heel turn", Q right forward turn left 1/8, S left forward, Q right forward, Q left forward turn left 1/8',
    say: 'reverse wave / reverse wave / wave',
    de: 'Linkswelle / Linkswelle / Welle',
  },
  {
    name: 'Outside swivel',
    beats: 4,
    from: 'banjo, closed',
    to: 'semi-closed',
    level: 'advanced',
    lead: 'S left back, S hold "right foot crossed, no weight"',
    follow: 'S right forward turn right 1/2, S hold "swivelled"',
    say: 'outside swivel / outside swivel / swivel',
    de: 'Outside Swivel / Outside Swivel / Swivel',
    cautions: [KNEES],
  },
]

/** In foxtrot rhythm only. */
const FOXTROT: readonly Written[] = [
  {
    name: 'Back feather',
    beats: 4,
    from: 'closed, banjo',
    to: 'banjo',
    level: 'advanced',
    lead: 'S left back, Q right back, Q left back',
    say: 'back feather / back feather / back feather',
    de: 'Rückfeder / Rückfeder / Rückfeder',
  },
  {
    name: 'Change of direction',
    beats: 4,
    from: 'closed, banjo',
    to: 'closed',
    level: 'steady',
    lead: 'S left forward, Q right forward turn left 1/4, Q left draw',
    say: 'change of direction / change direction / change',
    de: 'Richtungswechsel / Richtungswechsel / Wechsel',
  },
  {
    name: 'Chasse to banjo',
    beats: 4,
    from: 'semi-closed',
    to: 'banjo',
    level: 'steady',
    lead: '1 right through turn right 1/4, 3 left side, 3& right close, 4 left side',
    follow: '1 left through turn left 1/4, 3 right side, 3& left close, 4 right side',
    say: 'chasse to banjo / chasse to banjo / chasse',
    de: 'Chassé zu Banjo / Chassé zu Banjo / Chassé',
    aliases: ['Through, chasse to banjo'],
  },
  {
    name: 'Natural weave',
    beats: 8,
    from: 'closed, banjo',
    to: 'banjo',
    level: 'advanced',
    lead: 'S right forward turn right 1/8, Q left side turn right 1/8, Q right back, Q left back, Q right back turn left 1/8, Q left side turn left 1/8, Q right forward',
    follow:
      'S left back turn right 1/8, Q right close turn right 1/8 "right heel turn", Q left forward, Q right forward, Q left forward turn left 1/8, Q right side turn left 1/8, Q left back',
    say: 'natural weave / natural weave / weave',
    de: 'Rechtsflechte / Rechtsflechte / Flechte',
  },
  {
    name: 'Promenade weave',
    beats: 8,
    from: 'semi-closed',
    to: 'banjo',
    level: 'advanced',
    lead: 'S right forward, Q left forward turn left 1/8, Q right side turn left 1/8, Q left back turn left 1/8, Q right back turn left 1/8, Q left side turn left 1/4, Q right forward',
    follow:
      'S left forward turn left 1/4, Q right side turn left 3/8, Q left side turn left 1/8, Q right forward turn left 1/8, Q left forward turn left 1/8, Q right side turn left 1/4, Q left back',
    say: 'promenade weave / promenade weave / weave',
    de: 'Promenadenflechte / Promenadenflechte / Flechte',
    aliases: ['Weave six'],
  },
]

export const FOXTROT_SMOOTH = family(
  { name: 'slow foxtrot', from: 'closed', follow: 'opposite', level: 'easy' },
  [...SHARED, ...FOXTROT],
)

/** A line in slows and quicks as it is danced to three beats: a step on each. */
function inThree(line: string): string {
  let beat = 0
  return line.replaceAll(/(^|, )[SQ] /g, (_, before: string) => `${before}${++beat} `)
}

export const WALTZ_SMOOTH = family(
  { name: 'waltz', from: 'closed', follow: 'opposite', level: 'easy' },
  SHARED.map((one) => ({
    ...one,
    beats: (one.beats! * 3) / 4,
    lead: inThree(one.lead!),
    ...(one.follow === undefined ? {} : { follow: inThree(one.follow) }),
  })),
)
