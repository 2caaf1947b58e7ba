import { plural, eighths } from './english.ts'

/** English of the figures. */
export const figures = {
  title: 'Figures',
  lead: 'What the feet do, and what may be said of it.',
  search: 'Search figures',
  searchHint: 'Name, alias or initials',
  nothing: (text: string) =>
    text ? `No figure is called “${text}” here.` : 'No figure is like that. Ask for less.',
  empty: 'The book is empty.',
  columns: {
    name: 'Figure',
    family: 'Dance',
    length: 'Counts',
    starts: 'Starts',
    ends: 'Ends',
    level: 'Level',
  },
  narrow: 'Narrow the list',
  all: 'any',
  startsOn: 'Starts on the lead’s',
  endsIn: 'Ends in',
  clear: 'Show all',
  found: (n: number, of: number) =>
    n === of ? plural(n, 'figure') : `${n} of ${plural(of, 'figure')}`,
  write: {
    title: 'New figure',
    button: 'Write a figure',
    from: 'Write another from this one',
    name: 'Name of the figure',
    kept: 'This is the draft you left here.',
    otherwise: (list: readonly string[]) =>
      `Other figures go by that name too: ${list.join(', ')}. They stay figures of their own; whoever types the name is asked which.`,
    namesake: (name: string) =>
      `There is a “${name}” in this dance already. Yours will be a second one beside it; say in the name what tells them apart.`,
    leadLine: 'The lead’s steps, or everyone’s',
    followLine: 'The follow dances',
    followSteps: 'The follow’s steps',
    own: 'steps of their own',
    example: '1 left forward, 2 right side, 3 left close',
    holds: 'May begin in',
    whatItIs: 'What it is',
    aliases: 'Also called',
    aliasesExample: 'Vine right [school line, region the north]; Kreuzschritt [de]',
    dancers: 'Danced by',
    dancersKinds: { couple: 'a couple', solo: 'solo dancers', set: 'the couples of a set' },
    couples: 'Couples',
    countFrom: 'Begins on count',
    steps: 'Steps',
    everyoneLine: 'Everyone dances',
    others: 'Those of the set who do something else, a line each',
    othersExample: 'couples 2 3: stand',
    parts: 'Make it of other figures instead',
    partsHelp: 'Its counts and steps are then theirs, and change when they do.',
    partsLine: 'Figures, one after the other, with + between them',
    partsExample: 'Box (half) + Balance left and right (x2, mirrored)',
    beginsEnds: 'How it begins and ends',
    moreEnds: 'Facings, hands on the way, other endings, options',
    facings: 'Meant to begin facing',
    frame: 'Facings are told by',
    frames: { hall: 'the hall', walls: 'the clock on the walls', ring: 'the ring', set: 'the set' },
    hard: 'It cannot begin without',
    hardItems: {
      feet: 'the free foot',
      holds: 'one of these holds',
      facings: 'one of these facings',
    },
    hands: 'Hands change on the way',
    handsExample: '3 open, 5& butterfly',
    endings: 'Other endings, a line each',
    endingsExample:
      'to open | open | from 4 | lead: 4 right across turn left 1/4 | follow: 4 left across turn right 1/4',
    options: 'Options, not counted until they are chosen, a line each',
    optionsExample: 'look out | lead: head:3 "look left" | follow: head:3 "look right"',
    half: 'Counts of its half',
    halfUsual: 'half its counts',
    grid: {
      open: 'Type it count by count',
      title: (who: string) => `The ${who}’s steps, count by count`,
      cell: (who: string, layer: string, count: string) =>
        `${who}${layer && `, ${layer}`}, count ${count}`,
      add: 'A count between',
      example: '2&',
      addIt: 'Add it',
      layer: (name: string) => `Add ${name}`,
      noCount: 'A count such as 2, 2&, 2e or &1 was expected.',
    },
    words: (language: string, kind: string) => `${language}: ${kind}`,
    cautionText: (kind: string) => `What to take care of: ${kind}`,
    caution: {
      arms: 'Joined hands: keep the grip loose and never pull. A qualified teacher shows how.',
      neck: 'The head moves little and never fast. Leave it out when the neck complains.',
      spin: 'Quick turning: give new dancers room and let anyone dizzy walk it.',
      dip: 'Keep it shallow: each stands on their own feet, and nobody’s back is bent. A qualified teacher shows how.',
      knees: 'Bent or quickly turned knees: keep it small, or walk it, when a knee complains.',
      floor: 'Stamps and hops ask for a floor that gives. Follow the hall’s rules.',
      crowding: 'It needs room: look before you go.',
      heat: 'It warms quickly: a pause and water after it.',
      tempo: 'Walk it first, and slower; the music comes later.',
    },
    keep: 'Put it in the book',
    startOver: 'Start over',
    nothing: 'The chart comes as soon as the counts and the steps can be read.',
    lastChart: 'This is the chart as it could last be read.',
    sound: 'The feet are free, the turns and the holds agree.',
    notKept: 'The figure was not put in the book. ',
  },
  glossary: {
    title: 'Glossary',
    lead: 'Every name, alias and wording, with all that it means.',
    search: 'Search the glossary',
    several: 'Only words that mean more than one thing',
    ambiguous: 'more than one',
    nothing: (text: string) => (text ? `No word has “${text}” in it.` : 'There is no such word.'),
    by: { word: 'By word', figure: 'By figure' },
    kind: (
      as: 'name' | 'alias' | 'said',
      whose: {
        language?: string | undefined
        school?: string | undefined
        region?: string | undefined
      } | null,
    ) => {
      const language =
        whose?.language === 'en'
          ? 'in English'
          : whose?.language === 'de'
            ? 'in German'
            : whose?.language
      const owner = [
        language,
        whose?.school && `in the ${whose.school} school`,
        whose?.region && `in ${whose.region}`,
      ]
        .filter(Boolean)
        .join(', ')
      return as === 'name'
        ? ''
        : `${as === 'alias' ? 'also called so' : 'as it is said'}${owner ? ` ${owner}` : ''}`
    },
  },
  bringIn: {
    button: 'Import figures',
    asCsv: 'Take the list along as CSV',
    title: 'What would be imported',
    refused: 'Nothing was imported. ',
    large: 'The file is larger than 20 MB; at most that much was expected.',
    sum: (fresh: number, changed: number, conflict: number, same: number) =>
      `${fresh} new, ${changed} changed, ${conflict} with a name that is taken, ${same} here already.`,
    state: {
      new: () => 'new',
      same: () => 'here already, the same',
      changed: () => 'other than the one in the book: taken, it comes in its place',
      conflict: (name: string) => `there is another “${name}” in this dance: taken, there are two`,
    },
    take: (n: number) => `Import ${plural(n, 'figure')}`,
    leave: 'Cancel',
    done: (n: number) => `${plural(n, 'figure')} ${n === 1 ? 'is' : 'are'} in the book.`,
  },
  mayFollow: 'What may follow',
  begunIn: 'Begun in',
  noneFollows: 'Nothing in this dance begins from where it ends.',
  oneChange: (n: number) => `${n} more with one change`,
  moreChanges: (n: number) => `${n} that need more than one change`,
  usual: (n: number) => `you let it follow ${n === 1 ? 'once' : n === 2 ? 'twice' : `${n} times`}`,
  followFoot: (role: string, foot: string) =>
    `needs the ${role}’s ${foot} foot free: one change of weight more, or one less, before it`,
  followHold: (hold: string, wanted: string, released: string, joined: string) =>
    `does not begin in ${hold}: change to ${wanted}${released || joined ? ` (${[released && `let go ${released}`, joined && `take ${joined}`].filter(Boolean).join(', ')})` : ''}`,
  followStanding: (hold: string, wanted: string) =>
    `begins in ${wanted}, and in ${hold} the two stand another way: a turn before it`,
  handPair: (
    [lead, follow]: readonly [string, string],
    roles: Readonly<Record<'lead' | 'follow', string>>,
  ) => `${roles.lead}’s ${lead}, ${roles.follow}’s ${follow}`,
  forGroup: (name: string) => `Of what ${name} could dance.`,
  link: 'Shortest link:',
  performer: (role: string | null, couples: readonly number[] | null) => {
    const who = role ?? (couples === null ? 'Everyone' : '')
    if (couples === null) return who
    const list = `${couples.length === 1 ? 'couple' : 'couples'} ${couples.join(', ')}`
    return who === '' ? list[0]!.toUpperCase() + list.slice(1) : `${who}, ${list}`
  },
  asLine: 'As a line',
  asLineHelp: 'The steps as they are said, one after the other: count, foot, way, turn.',
  opposite: 'the same way through the hall, with the other foot',
  alike: 'the same to each other, as in a mirror',
  sameSteps: 'the same steps',
  everyone: 'Everyone',
  usualTempo: (low: number, high: number, bars: number) =>
    `usually ${low} to ${high} beats a minute (${Math.round(low / bars)} to ${Math.round(high / bars)} bars)`,
  aliases: 'Also called',
  wordings: 'Words',
  cautions: 'Take care',
  entry: 'Begins',
  exit: 'Ends',
  remarks: 'Remarks',
  derived: 'Worked out from the steps',
  steps: (n: number) => plural(n, 'change of weight', 'changes of weight'),
  travel: (forward: number, right: number) => {
    const say = (n: number, plus: string, minus: string): string =>
      Math.abs(n) < 0.1 ? '' : `${Math.round(Math.abs(n) * 10) / 10} ${n > 0 ? plus : minus}`
    const parts = [
      say(forward, 'forward', 'back'),
      say(right, 'to the right', 'to the left'),
    ].filter(Boolean)
    return parts.length === 0
      ? 'comes back to where it began'
      : `ends ${parts.join(', ')}, in strides`
  },
  facingOut: (direction: string) => `ends facing ${direction}`,
  pace: (perSecond: number, bpm: number) =>
    `${Math.round(perSecond * 10) / 10} steps a second at ${bpm} beats a minute`,
  difficulty: 'What makes it hard',
  easy: 'Nothing out of the ordinary.',
  difficulties: {
    halfBeats: (n: number) => plural(n, 'step off the beat', 'steps off the beat'),
    pickUp: 'begins before its first count',
    hands: (n: number) => plural(n, 'change of hands', 'changes of hands'),
    sameFeet: 'both on the same foot',
    otherSteps: 'each has steps of their own',
    hops: (n: number) => plural(n, 'hop or jump', 'hops and jumps'),
    arms: 'arms while the feet are off the beat',
  },
  hardSpot: (count: string, reasons: readonly string[]) =>
    `Hardest on count ${count}: ${reasons.join(', ')}.`,
  reason: {
    quick: 'quick steps',
    turn: 'a turn',
    crossing: 'feet cross',
    arms: 'arms',
    hands: 'hands change',
    hop: 'a hop',
  },
  noWords: (language: string) => `No ${language} words yet: the others are said.`,
  language: { en: 'English', de: 'German' },
  usedIn: 'Where it is danced',
  notUsed: 'In no sheet yet.',
  usedTimes: (n: number) => (n === 1 ? 'once' : n === 2 ? 'twice' : `${n} times`),
  madeOf: 'Made of',
  partOf: 'Part of',
  danceAs: {
    title: 'Danced as',
    written: 'as written',
    mirrored: 'opposite foot',
    half: 'half of it',
    noPause: 'without its pause',
    turning: 'turning in all',
    ownTurn: 'its own amount',
    ending: 'ending',
    ownEnding: 'its own',
    times: 'times',
    countFrom: 'begun on count',
    hold: 'ends in',
    reset: 'As written again',
    keep: 'Keep this as a figure',
    refused: 'It cannot be danced so: ',
  },
  stages: {
    title: 'Teach in stages',
    help: 'What they have after so many counts: changes of weight, turn, and the foot that is then free.',
    upTo: (n: number, of: number) => (n === of ? `all ${n}` : `first ${n}`),
    total: (steps: number, turn: string, free: string) =>
      [plural(steps, 'step'), turn, free].filter(Boolean).join(', '),
    free: (foot: string | null) => (foot === null ? '' : `${foot} free`),
    counts: 'Counts',
  },
  edit: {
    title: (name: string) => `Change “${name}”`,
    button: 'Change it',
    keep: 'Keep the change',
    leave: 'Leave it as it was',
    stale: 'It was changed elsewhere since this draft was begun.',
    gone: 'The version that this was changed from is not there any more. Look at it again before you change it.',
    both: (fields: readonly string[]) =>
      `Somebody else has changed the same meanwhile (${fields.join(', ')}). Your draft is kept; look at the figure as it is now before you change it.`,
  },
  history: {
    title: 'History',
    how: {
      shipped: 'came with Dellop',
      written: 'written',
      changed: 'changed',
      imported: 'imported',
      merged: 'made one with another',
      removed: 'taken out',
    },
    back: 'Make it like this again',
    none: 'It has only ever been as it is.',
    done: 'It is again as it was then. The version before is in the history.',
  },
  merge: {
    button: 'Make one with another',
    title: (name: string) => `Another figure that is the same as “${name}”`,
    help: 'Sheets, composites and groups that have the other one get this one, and its name becomes another name of this. The other one leaves the book. A sheet can take it back with Undo there.',
    pick: 'The other one',
    none: 'choose a figure',
    differs: 'Its steps are not the same. Two figures with other steps are better kept apart.',
    same: 'Its steps are the same.',
    go: (name: string) => `Make “${name}” part of this one`,
    done: (name: string, sheets: number) =>
      `“${name}” is now this figure${sheets === 0 ? '' : ` in ${plural(sheets, 'sheet')}`}.`,
    leave: 'Leave them as they are',
  },
  remove: {
    button: 'Take it out of the book',
    sure: (name: string) => `Take “${name}” out of the book?`,
    yes: 'Take it out',
    no: 'Keep it',
    done: (name: string) => `“${name}” is no longer in the book.`,
    undo: 'Put it back',
  },
  groups: {
    title: 'Groups',
    lead: 'Who dances for you: how far they are, and what they have been taught.',
    empty:
      'No group yet. With one chosen, every list shows what its dancers know or could learn, and a sheet says what to teach before.',
    add: 'Add a group',
    name: 'Name of the group',
    level: 'They dance up to',
    school: 'They are called by',
    ownSchool: 'each sheet’s own',
    chosen: 'Lists and sheets are for this group',
    nobody: 'For nobody in particular',
    covered: (n: number) => plural(n, 'figure taught', 'figures taught'),
    search: 'Find a figure they know',
    times: 'times danced',
    timesOf: (name: string) => `${name}: times danced`,
    danced: (evenings: number, since: string) =>
      `${plural(evenings, 'evening', 'evenings')} since ${since}`,
    only: 'Only what they have been taught',
    remove: 'Delete this group',
    removed: (name: string) => `“${name}” is forgotten.`,
    undo: 'Put it back',
    state: { covered: 'taught', within: 'could be taught', beyond: 'above them' },
    wishes: { covered: 'what they know', within: 'what they know or could learn' },
    notKept: 'It was not kept. ',
  },
  afterLabel: 'May follow',

  foot: (role: string, foot: string) => `${role}’s ${foot} foot free`,
  eitherFoot: (role: string) => `${role}: either foot`,
  turn: (n: number) =>
    n === 0
      ? 'no turn'
      : `turns ${Math.abs(n) === 8 ? 'once round' : eighths(Math.abs(n))} to the ${n < 0 ? 'left' : 'right'}`,
  inHold: (holds: readonly string[]) =>
    holds.length === 0
      ? 'in any hold'
      : holds.join() === 'none'
        ? 'without a hold'
        : `in ${holds.map((hold) => (hold === 'none' ? 'no hold' : hold)).join(', ')}`,
  keepsHold: 'keeps its hold',
  endsShort: (hold: string | null) =>
    hold === null ? 'keeps its hold' : hold === 'none' ? 'no hold' : hold,
  more: (n: number) => `Show ${n} more`,
  toHold: (hold: string) => (hold === 'none' ? 'ends without a hold' : `ends in ${hold}`),
  meantFacing: (list: readonly string[]) => `meant to begin facing ${list.join(' or ')}`,
  rate: (n: string, bpm: number) => `${n} steps a second at ${bpm} a minute`,
  back: 'All figures',
  unknown: 'There is no such figure in the book.',
  careFooter:
    'Cautions are reminders. The hall’s rules, local codes and a qualified teacher come first.',
  onFoot: (foot: string) => `${foot} foot`,
  eitherShort: 'either foot',
}
