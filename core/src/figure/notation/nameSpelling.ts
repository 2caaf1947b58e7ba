/**
 * Words of a figure's name that are written in several ways: as cue sheets shorten them, in British
 * and in American spelling, numbers in figures. All are read as the one they stand for.
 */
const STANDS_FOR: Readonly<Record<string, string>> = {
  thru: 'through',
  maneuver: 'manoeuvre',
  manuver: 'manoeuvre',
  manv: 'manoeuvre',
  center: 'centre',
  neighbor: 'neighbour',
  neighbors: 'neighbours',
  traveling: 'travelling',
  fwd: 'forward',
  bk: 'back',
  bwd: 'back',
  backward: 'back',
  backwards: 'back',
  sd: 'side',
  cl: 'close',
  tch: 'touch',
  pt: 'point',
  tog: 'together',
  bal: 'balance',
  rk: 'rock',
  rec: 'recover',
  fc: 'face',
  trn: 'turn',
  trng: 'turning',
  twrl: 'twirl',
  wrp: 'wrap',
  scis: 'scissors',
  sciss: 'scissors',
  scissor: 'scissors',
  prog: 'progressive',
  rev: 'reverse',
  nat: 'natural',
  hes: 'hesitation',
  hesit: 'hesitation',
  chg: 'change',
  pkup: 'pickup',
  ck: 'check',
  shldr: 'shoulder',
  lf: 'left',
  rt: 'right',
  r: 'right',
  l: 'left',
  tippen: 'touch',
  tipp: 'touch',
  tap: 'touch',
  vierteldrehung: 'quarter turn',
  jazzbox: 'jazz box',
  grapevines: 'grapevine',
  vor: 'forward',
  zuruck: 'back',
  seite: 'side',
  schritt: 'step',
  wechselschritt: 'shuffle',
  drehung: 'turn',
  kreuzen: 'cross',
  ran: 'together',
  und: 'and',
  rechts: 'right',
  links: 'left',
  halb: 'half',
  halbe: 'half',
  fin: 'finish',
  vn: 'vine',
  cls: 'close',
  bfly: 'butterfly',
  ny: 'new yorker',
  '&': 'and',
  '+': 'and',
  '1/4': 'quarter',
  '1/2': 'half',
  '3/4': 'three quarter',
  '¼': 'quarter',
  '½': 'half',
  '¾': 'three quarter',
  '2': 'two',
  '3': 'three',
  '4': 'four',
  '5': 'five',
  '6': 'six',
  '7': 'seven',
  '8': 'eight',
  '16': 'sixteen',
}

/** Words that a name has the same meaning without. */
const WITHOUT: ReadonlySet<string> = new Set(['the', 'a', 'your', 'with', 'mit'])

/**
 * A name in the spelling in which names are compared: capital letters, hyphens, commas, accents,
 * articles, and how its words are shortened make no difference.
 */
export function spelt(name: string): string {
  const plain = name
    .toLowerCase()
    .normalize('NFD')
    .replaceAll(/\p{M}|[’'.]/gu, '')
    .replaceAll(/pick[ -]up/g, 'pickup')
    .replaceAll(/\bdos?[ -]?(?:a|sa|si)[ -]?dos?\b/g, 'do si do')
    .split(/[\s,–-]+/)
    .filter((word) => word !== '' && !WITHOUT.has(word))
  return (plain.length > 0 ? plain : [name.trim().toLowerCase()])
    .map((word) => STANDS_FOR[word] ?? word)
    .join(' ')
    .replaceAll(COUNTED, (counted) => counted.slice(counted.lastIndexOf(' ') + 1))
}
/** Steps as they are counted out: “walk, 2, 3” is “walk three”. */
const COUNTED = /\btwo three(?: four(?: five six(?: seven eight)?)?)?\b/g

/** Words that a name may have before it or behind it: how many, and to which side. */
const ANYWHERE: ReadonlySet<string> = new Set(
  'two three four six eight left right quarter half slow quick'.split(' '),
)

/**
 * What a name comes to whatever the order of its number and side, in the singular: “two walks” and
 * “walk two”, “box, left turning” and “left turning box” have the same.
 */
export function nameKey(name: string): string {
  const words = spelt(name)
    .split(' ')
    .filter((word, i) => word !== 'and' || i === 0)
    .map(singular)
  const moved = words.filter((word) => ANYWHERE.has(word)).sort()
  return [...words.filter((word) => !ANYWHERE.has(word)), '/', ...moved].join(' ')
}

const singular = (word: string): string =>
  word.length > 3 && word.endsWith('s') && !word.endsWith('ss') ? word.slice(0, -1) : word
