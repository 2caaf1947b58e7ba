const listed = (all: readonly string[]): string =>
  all.length < 2 ? all.join('') : `${all.slice(0, -1).join(', ')} and ${all.at(-1)}`

/** The floor: who stands where while a dance goes on. */
export const floor = {
  title: 'Floor',
  of: (dance: string) => `Floor: ${dance}`,
  open: 'Floor: who stands where',
  toSheet: 'To the sheet',
  play: 'Play',
  pause: 'Pause',
  back: 'Figure before',
  on: 'Next figure',
  clicks: 'Click on the beats',
  noSound: 'The sound did not start. Press Play again.',
  scrub: 'Place in the dance',
  seenBy: 'Seen',
  seen: { dancers: 'as dancers see it', caller: 'as the caller sees it', mirrored: 'mirrored' },
  trail: 'Trail of',
  noTrail: 'nobody',
  atStart: 'All stand as they begin.',
  print: 'Pictures of the floor',
  partEnds: (part: string) => `${part} ends.`,
  atEnd: 'All stand as they end.',
  moment: (part: string, count: number, of: number) => `${part}, count ${count} of ${of}`,
  nextFigure: (figure: string) => `Next: ${figure}`,
  out: (who: readonly string[]) => (who.length === 0 ? 'Nobody is out.' : `Out: ${listed(who)}.`),
  idle: (who: readonly string[]) => `Without a partner: ${listed(who)}.`,
  isOpen: 'Nothing says where anybody stands here.',
  picture: (what: string) => `The floor from above. ${what}`,
  legend: {
    lead: (role: string) => `square: ${role}`,
    follow: (role: string) => `round: ${role}`,
    second: 'six-sided: second of three',
    alone: 'drop: alone',
    more: 'nose: where they look; hollow: out; line at the side: a hand that is given',
  },
  table: {
    title: 'Times through',
    pass: 'Time',
    begins: (n: number, isLast: boolean) => (isLast ? 'at the end' : String(n)),
    stand: 'How they stand',
    out: 'Out',
    meets: (who: string) => `${who} meets`,
    nobody: 'nobody',
  },
  sums: {
    homeAfter: (times: number | null) =>
      times === null
        ? 'All are not home again after however many times through.'
        : `All are home after ${times} times through.`,
    isHome: 'All are home at the end.',
    progress: (by: number) =>
      by === 1 ? 'Each time through goes on by one place.' : `Each time through goes on by ${by}.`,
  },
  none: {
    title: 'This sheet does not say how they stand.',
    text: 'Say it once, such as a square or a longways set, and the floor shows who goes where.',
  },
  inFormation: 'Seen in',
  notThere: 'It cannot be danced by all in this formation.',
  endsHome: 'All end where they began.',
  moveOn: (who: readonly string[]) => `Ending in another place: ${listed(who)}.`,
  places: 'How they stand',
  placesHint: 'Such as: longways of 6, duple improper',
  moves: 'Who moves where',
  movesHint: 'Such as: 1-8 leads: cast in file',
  room: {
    title: 'In a hall',
    first: 'Hall',
    another: (n: number) => `Hall ${n}`,
    which: 'Hall',
    name: 'Name of the hall',
    hall: 'Hall in metres: width x length; what stands in it, from the left top',
    hint: 'Such as: 9 x 14 m; stage 0,0 9x2.5; caller top',
    dancers: 'Couples present',
    drawing: (width: string, length: string) => `The hall, ${width} by ${length} m, from above`,
    thing: 'table',
    thingAt: (name: string, x: string, y: string, width: string, length: string) =>
      `${name}, ${width} by ${length} m, ${x} m from the left and ${y} m from the top. Arrows move it, with Shift they change its size, Delete takes it out.`,
    thingName: 'Name of what is chosen',
    addThing: 'Add a table, a stage ...',
    takeOut: (name: string) => `Take out: ${name}`,
    addHall: 'Another hall',
    remove: (name: string) => `Delete “${name}”`,
    side: { caller: 'The caller stands', camera: 'A camera looks from' },
    nowhere: 'not said',
    sides: {
      top: 'at the top',
      right: 'on the right',
      bottom: 'at the bottom',
      left: 'on the left',
    },
    caller: 'caller',
    camera: 'camera',
    sets: (most: number) => `${most} ${most === 1 ? 'set fits' : 'sets fit'}.`,
    over: (couples: number, sets: number, left: number) =>
      `${couples} couples: ${sets} ${sets === 1 ? 'set' : 'sets'}, ${left} over.`,
    laps: (metres: string, all: string) =>
      `A time through carries each couple ${metres} m along the line of dance; the whole dance goes ${all} times round.`,
    drift: (metres: string) =>
      `Danced to its end it drifts ${metres} m at the farthest from where it began.`,
    crowded: (most: number) =>
      `More couples than the way round has room for: ${most} keep a safe distance. Dance in two rings, or in turns.`,
    room: (ring: number, circle: number, route: number, couples: number) =>
      `One ring takes ${ring}, a circle ${circle} couples; once round is ${route} m for ${couples} couples.`,
    caution:
      'Leave room to walk round every set, keep doors and ways out free, and go by the rules of the hall and the local code.',
  },
}
