import { LEVEL_NAMES } from '@dellop/core/figure'
import type { Formation, Pass, Routine, Total, Unit } from '@dellop/core/routine'
import type { FitOffer } from '@dellop/core/routine'
import type { TuneFit } from '@dellop/core/sheet'
import type { SheetUses } from '@dellop/wire'
import { counts, facing, minutes, plural } from './english.ts'

/**
 * English of what a sheet has around its page: passes, the heading, the fit to the music, history,
 * print.
 */

const times = (n: number): string => (n === 1 ? 'once' : n === 2 ? 'twice' : `${n} times`)
/** Which time through a part is meant, where it is not the first. */
const nth = (n: number): string => (n === 1 ? '' : ` (time ${n})`)
const beats = (ticks: number): string => counts(ticks / 24)
const sided = (n: number): string =>
  `${['', 'an eighth', 'a quarter', 'three eighths', 'a half', 'five eighths', 'three quarters', 'seven eighths'][Math.abs(n)]} to the ${n < 0 ? 'left' : 'right'}`

export const sheets = {
  side: {
    label: 'Beside the page',
    more: 'Music, heading, history, handing on',
    figure: 'Figure',
    cues: 'Cues',
    pass: 'Part',
    fix: 'To fix',
    music: 'Music',
    about: 'About',
    history: 'History',
    'hand-on': 'Hand on',
  },
  preview: {
    of: (label: string) => `Preview: ${label}`,
    effect: (before: number, after: number, beatsBefore: number, beatsAfter: number) =>
      [
        after === before
          ? plural(after, 'thing to fix', 'things to fix') + ', as before'
          : `${plural(after, 'thing to fix', 'things to fix')} instead of ${before}`,
        beatsAfter === beatsBefore
          ? `${counts(beatsAfter)} in all, as before`
          : `${counts(beatsAfter)} in all instead of ${beatsBefore}`,
      ].join(' · '),
    take: 'Apply',
    leave: 'Cancel',
    see: (label: string) => `See: ${label}`,
  },
  view: {
    label: 'How the page is laid out',
    part: 'By part',
    music: 'By music',
    strip: 'Feet',
    stripLabel: 'Feet and facing',
    laid: 'Rows by',
    more: 'View',
    density: 'Rows',
    densities: { compact: 'Compact', usual: 'Usual', large: 'Large' },
    stripSlot: (lead: string, follow: string, hold: string) =>
      [lead, follow, hold].filter(Boolean).join(' · '),
    stripBoth: (one: string, hold: string) => [one.trim(), hold].filter(Boolean).join(' · '),
    role: (label: string, foot: string | null, face: string) =>
      `${label} ${foot ? `${foot} free` : 'both feet'}, ${face}`,
    begins: (label: string, time: string) => `${label}, ${time}`,
    section: (label: string) => `music ${label}`,
    atBeat: 'State at a count',
    beat: (n: number) => `count ${n}`,
    phrase: (phrase: number, beat: number) => `phrase ${phrase}, count ${beat}`,
    swapped: 'roles exchanged',
  },
  range: {
    chosen: (n: number, total: string) => `${plural(n, 'figure')} chosen, ${total}`,
    copy: 'Copy',
    cut: 'Cut',
    paste: (n: number) => `Paste ${plural(n, 'figure')}`,
    again: 'Once more behind it',
    copied: (n: number) => `${plural(n, 'figure')} copied.`,
  },
  filter: {
    label: 'Show',
    all: 'all',
    stop: 'stops',
    mend: 'to fix',
    note: 'notes',
    none: 'Nothing of that kind.',
    takeUp: 'Fix it after all',
  },
  slot: {
    marks: 'Marks and remarks',
    hard: 'Hard spot',
    optional: 'May be left out',
    swap: 'They change roles at its end',
    caution: 'Caution',
    cautions: { figure: 'as the book has it', shown: 'always shown', hidden: 'hidden here' },
    remarkFor: (role: string) => `Remark for the ${role}`,
    lengthKind: 'How long',
    lengths: {
      set: 'so many counts',
      choice: 'one of several',
      phrase: 'to the next phrase',
      section: 'to the next section',
      open: 'open',
    },
    choices: 'Lengths in counts, with commas',
    text: 'Words',
  },
  pass: {
    none: 'Choose a figure on the page, or a part in the order.',
    title: (label: string, time: string) => `${label}, ${time}`,
    part: 'The part',
    label: 'Name',
    unit: 'Counted in',
    asSheet: 'as the sheet',
    lesson: 'Lesson',
    noLesson: 'in none',
    lessons: 'Lessons',
    lessonOf: (parts: string, order: string) => `${parts} new; danced: ${order}.`,
    lessonStarts: (hold: string, face: string) => `Begins in ${hold}, facing ${face}.`,
    versionOf: 'Another version of',
    isDefinition: 'none: it stands for itself',
    origin: (title: string) => `Borrowed from “${title}”`,
    openOrigin: 'Open that sheet',
    pass: 'This time through',
    kind: 'Kind',
    kinds: {
      pass: 'part',
      entrance: 'introduction',
      bridge: 'bridge',
      fill: 'repeat until',
      ending: 'ending',
    } satisfies Record<Pass['kind'], string>,
    times: 'Times',
    mirrored: 'Opposite foot',
    rotate: 'Facing',
    rotations: (n: number) => (n === 0 ? 'as the part does' : `${sided(n)} round`),
    exitHold: 'Ends in',
    ownHold: 'its own hold',
    tie: 'Starts at',
    noTie: 'wherever it comes',
    tieSection: (label: string) => `section ${label}`,
    tieLandmark: (label: string) => `“${label}”`,
    stretch: 'Danced from',
    stretchTo: 'to',
    whole: 'its beginning',
    wholeTo: 'its end',
    fill: 'Repeat until',
    fillUntil: {
      section: 'until the section',
      released: 'until it is released',
      end: 'until the music ends',
    },
    least: 'At least',
    most: 'At most',
    filled: (gap: number, unit: number, n: number, left: number) =>
      `${beats(gap)} by ${beats(unit)}: ${times(n)}${left > 0 ? `, ${beats(left)} left over` : left < 0 ? `, ${beats(-left)} too many` : ''}.`,
    lastFill: (n: number) => `On this music it went round ${times(n)} the last time.`,
    keepFill: (n: number) => `Always ${times(n)}`,
    finish: 'Ends with',
    noFinish: 'nothing of its own',
    finishes: {
      hold: 'first steps again, then hold',
      pose: 'a pose',
      'walk-off': 'walking off',
      music: 'going on until the music ends',
    },
    spin: 'A spin for those who like',
    spinCare: 'Only where there is room and nobody is dizzy; a qualified teacher shows how.',
    shift: 'Partners move on',
    shiftBy: (role: string) => `${role} by`,
    meets: (lead: string, follow: string, list: string) =>
      `The first ${lead} dances with ${follow} ${list}.`,
    returns: (n: number | null) =>
      n === null ? 'Nobody changes partner.' : `The first partner comes again after ${times(n)}.`,
    couples: (n: number) => `${plural(n, 'couple')}; the number is set under About.`,
    noCouples: 'Say under About how many couples there are, and who meets whom is worked out.',
    walls: 'Which way they face',
    wall: (time: string, from: string, to: string) => `${time}: ${from} to ${to}`,
    home: (n: number) =>
      n === 0 ? 'They end as they began.' : `They end ${sided(n)} of where they began.`,
    changes: (n: number) => `${plural(n, 'change')} only this time`,
    noChanges: 'It is danced as its part is written.',
    change: { replace: 'instead of', insert: 'after', drop: 'without' },
    atEnd: 'the end',
    promote: 'Every time so',
    clear: 'As the part is',
    compare: 'Beside another time through',
    compareWith: 'Compare with',
    same: 'They are danced the same.',
    differ: (n: number) => `${plural(n, 'place')} differ${n === 1 ? 's' : ''}.`,
    only: 'nothing',
    copyPart: 'Copy the part',
    removePart: (label: string) => `Take out ${label} altogether`,
    borrow: 'Borrow a part',
    borrowSheet: 'From the sheet',
    borrowPart: 'Part',
    borrowTake: 'Take it in',
  },
  fit: {
    title: 'Fit to the music',
    noTune: 'No tune is chosen. Choose one above, or say how long the music lasts.',
    seconds: 'The music lasts, in seconds',
    tempo: (bpm: number, percent: number) =>
      `At ${bpm} a minute (${percent} %) it lasts just so long.`,
    tempoTake: (bpm: number) => `Count ${bpm} a minute`,
    sum: (dance: number, music: number, danceSeconds: number, musicSeconds: number) =>
      `${counts(dance)} danced, ${minutes(danceSeconds)} · ${counts(music)} of music, ${minutes(musicSeconds)}`,
    exact: 'They end together.',
    over: (n: number, part: string | null) =>
      `${counts(n)} too many${part ? `: the music stops in ${part}` : ''}.`,
    short: (n: number) => `The music goes on for ${counts(n)}.`,
    open: 'A length is open, so it cannot be said yet.',
    offers: 'What would make it fit',
    none: 'Nothing can be offered here.',
    cut: 'The order is too long to be searched to its end: there may be more.',
    speed: 'Playing it faster or slower changes nothing here: the counts stay the same.',
    offer: (offer: FitOffer): string => {
      switch (offer.kind) {
        case 'passes':
          return offer.changes
            .map(({ label, ordinal, from, to }) =>
              to === 0
                ? `leave out ${label}${nth(ordinal)}`
                : `${label}${nth(ordinal)} ${times(to)}, not ${times(from)}`,
            )
            .join('; ')
        case 'fill':
          return `fill with ${offer.figure}: ${beats(offer.gapTicks)} by ${beats(offer.unitTicks)} = ${offer.times}${offer.leftTicks === 0 ? '' : ` and ${-offer.leftTicks / 24} left`}`
        case 'early-end':
          return `end early, after ${offer.label} ${offer.ordinal}${offer.ending ? `, with ${offer.ending}` : ''}: ${plural(offer.dropped, 'pass', 'passes')} less`
        case 'tempo':
          return `${offer.bpm} a minute`
      }
    },
    left: (ticks: number) =>
      ticks === 0
        ? 'ends with the music'
        : ticks > 0
          ? `${beats(ticks)} too many still`
          : `${beats(-ticks)} of music left`,
    misplaced: (n: number) =>
      n === 0 ? '' : `${plural(n, 'section gets', 'sections get')} another part than before`,
    tempoTitle: 'How fast it can be called',
    windowAll: (slowest: number) =>
      `It can be called as it stands from ${slowest} a minute up to half as fast again as its music.`,
    widen: 'To go faster, say there:',
    widenAsk: 'What to shorten to go faster',
    widenNone:
      'No shorter wording of that figure carries further. Write one, or join it with its neighbour.',
    shorter: (text: string, bpm: number | null) =>
      `“${text}”, up to ${bpm === null ? 'any tempo it may be played at' : `${bpm} a minute`}`,
    window: (slowest: number, fastest: number, text: string) =>
      `It can be called as it stands at ${slowest} to ${fastest} a minute. The first that no longer fits is “${text}”.`,
    windowGo: 'Go to it',
    shelf: 'From my tunes',
    shelfNone: 'None of your tunes has phrases.',
    shelfNow: 'chosen now',
    shelfTake: (title: string) => `Time it on ${title}`,
    tune: (fit: TuneFit): string =>
      [
        fit.sameMetre ? '' : 'other bars',
        fit.overBeats === 0
          ? 'as long as the dance'
          : fit.overBeats > 0
            ? `${counts(fit.overBeats)} too short`
            : `${counts(-fit.overBeats)} too long`,
        `${fit.onPhrase} of ${fit.passes} passes begin on a phrase`,
        `${fit.bpm} a minute${fit.quicker === 0 ? '' : `, ${Math.abs(fit.quicker)} % ${fit.quicker > 0 ? 'quicker' : 'slower'}`}`,
      ]
        .filter(Boolean)
        .join(' · '),
  },
  head: {
    openTotal: (total: string) => `${total}, until it is settled`,
    title: 'About this sheet',
    year: 'Year',
    source: 'Learned from',
    dance: 'Dance',
    level: 'Level',
    noLevel: 'not said',
    levels: LEVEL_NAMES,
    formation: 'Formation',
    formations: {
      'couples-round': 'couples going round',
      couple: 'one couple',
      lines: 'lines',
      ring: 'ring',
      set: 'set',
      solo: 'solo',
    } satisfies Record<Formation, string>,
    noFormation: 'not said',
    couples: 'How many couples or dancers',
    start: 'They start',
    hold: 'Hold',
    faces: (role: string) => `${role} faces`,
    free: (role: string) => `${role}’s free foot`,
    feet: { left: 'left', right: 'right', both: 'either', split: 'weight split' },
    facing,
    roles: 'What the roles are called',
    lead: 'Lead',
    follow: 'Follow',
    rolesAsSchool: 'Leave empty for the style’s words.',
    school: 'Calling style',
    unit: 'Counted in',
    units: {
      bars: 'bars',
      eights: 'eights',
      sixteens: 'sixteens',
      beats: 'beats',
      'slow-quick': 'slow and quick',
      words: 'words only',
    } satisfies Record<Unit, string>,
    asSchool: 'as the style does',
    phrase: 'Phrase, in counts',
    asMusic: 'as the music',
    phraseNote: ({ phraseBeats, metre }: Pick<Routine, 'phraseBeats' | 'metre'>) =>
      phraseBeats === undefined
        ? 'Parts are held to the music’s phrases, or to what is counted in.'
        : `Every part is held to ${counts(phraseBeats)}${phraseBeats % metre.beatsPerBar === 0 ? `, ${plural(phraseBeats / metre.beatsPerBar, 'bar')}` : ''}.`,
    countFrom: 'Figures begin',
    countsFrom: (n: number) => `on count ${n}`,
    slow: 'A slow lasts, in beats',
    slowUsual: (beats: number) => `${beats}, as usual`,
    told: 'The order as it is told',
    toldNote: 'Such as “A A B, Tag”. It is compared with the order that is danced.',
    language: 'Language of the cues',
    languages: { en: 'English', de: 'German' },
    otherSchool: (name: string) =>
      `It is called the ${name.toLowerCase()} way now: the chosen group or this evening is, whatever the sheet says.`,
    bpm: 'Tempo where there is no recording',
    tags: 'Tags',
    remark: 'Remark',
    origin: (title: string) => `A branch of “${title}”`,
  },
  history: {
    title: 'History',
    here: 'Everyone here is one person: changes are told apart by when.',
    loading: 'Reading the history',
    none: 'Nothing has been changed since it was added.',
    came: (date: string) => `Added ${date}`,
    now: 'as it is now',
    more: (n: number) => `and ${plural(n, 'more')}`,
    compare: 'Compare with now',
    back: 'Go back to before this',
    goneBack: 'It is as it was before that. Undo brings back what was.',
    from: 'From',
    to: 'to',
    compareThese: 'Compare these two',
    state: (revision: number, date: string) => `${revision}: ${date}`,
    first: 'as it was added',
    compared: (n: number, toNow: boolean) =>
      n === 0
        ? 'They are the same.'
        : `${plural(n, 'change')} from then to ${toNow ? 'now' : 'the other'}:`,
    close: 'Close the comparison',
    danced: (date: string, where: string) =>
      [`Danced on ${date}`, where].filter(Boolean).join(', '),
  },
  handOn: {
    title: 'Hand on',
    lead: 'A sheet file takes its figures, its tune with beats and phrases, and its calling style along.',
    print: 'Print',
    asFile: 'Sheet file (JSON)',
    asText: 'Text',
    asMarkdown: 'Markdown',
    cues: 'The cues with their times',
    cueFiles: {
      vtt: 'WebVTT',
      srt: 'SRT',
      lrc: 'LRC',
      midi: 'MIDI',
      markdown: 'table (.md)',
      csv: 'CSV',
    },
    branch: 'Make a branch',
    branchTitle: 'Name of the branch',
    branchNote: 'A copy that remembers where it came from. This sheet stays as it is.',
    archive: 'Archive',
    archiveNote: 'An archived sheet is not listed until it is restored.',
    putAway: 'Archive it',
    takeOut: 'Restore it',
    forGood: {
      refers: 'What refers to this sheet',
      uses: ({ evenings, entries, calls, practice, branches }: SheetUses) =>
        [
          evenings > 0 ? `${plural(evenings, 'evening')} will show it without a sheet.` : '',
          entries > 0
            ? `${plural(entries, 'entry of the logbook stays', 'entries of the logbook stay')}.`
            : '',
          calls > 0
            ? `${plural(calls, 'call stays', 'calls stay')}, without the page that was called from.`
            : '',
          practice > 0
            ? `${plural(practice, 'take of practising goes', 'takes of practising go')} with it.`
            : '',
          branches > 0 ? `${plural(branches, 'branch of it stays', 'branches of it stay')}.` : '',
        ].filter(Boolean),
      button: 'Delete for good',
      sure: (title: string) =>
        `Delete “${title}” with its whole history? This cannot be undone; a backup would still have it.`,
      yes: 'Delete',
      no: 'Keep it',
      gone: (title: string) => `“${title}” was deleted.`,
    },
    isAway: 'This sheet is archived: it is not listed until it is restored.',
  },
  shelf: {
    dance: 'Dance',
    level: 'Level',
    tag: 'Tag',
    any: 'any',
    order: 'Sort by',
    orders: { title: 'name', changed: 'last changed', dance: 'dance', by: 'who made it' },
    away: 'Archived',
    found: (n: number, of: number) =>
      n === of ? plural(n, 'sheet') : `${n} of ${plural(of, 'sheet')}`,
    more: (n: number) => `Show ${n} more`,
    figures: (names: string) => `with ${names}`,
    alsoCalled: (names: string) => `also called ${names}`,
    notAway: 'Nothing is archived.',
    unreadable: 'A sheet file (.json) or a sheet as text (.txt) was expected.',
  },
  print: {
    title: 'Print',
    back: 'Back to the sheet',
    go: 'Print',
    paper: 'Paper',
    papers: { a4: 'A4', a5: 'A5', large: 'Large print (A4)' },
    who: 'For',
    both: 'everyone',
    depth: 'Depth',
    depths: {
      short: 'figures and cues',
      full: 'with every step',
      cues: 'only the cues, with their times',
    },
    at: 'say at',
    forBar: 'for bar',
    part: 'part',
    by: (name: string, year: number | null) =>
      [name && `by ${name}`, year].filter(Boolean).join(', '),
    tune: (title: string, recording: string) => `${title} (${recording})`,
    start: (hold: string, face: string) => `Start: ${hold}, facing ${face}`,
    tempo: (bpm: number) => `${bpm} a minute`,
    count: 'count',
    length: 'counts',
    bar: 'bar',
    danced: 'danced',
    said: 'said',
    order: 'Order',
    total: (n: string) => `${n} in all`,
    cautions: 'Cautions',
    defer: 'The hall’s rules, local codes and a qualified teacher come first.',
    hard: 'hard spot',
    optional: 'may be left out',
    caution: 'caution',
    hands: 'hands',
    everyone: 'everyone',
    empty: 'There is nothing in this sheet to print yet.',
    hint: 'Choose the same paper in the browser’s print window.',
  },
  /** A total short enough for a chip: 24, 10/20, 24–40, 12+. */
  shortTotal: (total: Total): string => {
    if (total.kind === 'open') return `${total.least / 24}+`
    if (total.kind === 'range') return `${total.least / 24}–${total.most / 24}`
    return total.ticks.map((ticks) => ticks / 24).join('/')
  },
  total: (total: Total): string => {
    if (total.kind === 'open') return `${beats(total.least)} or more`
    if (total.kind === 'range') return `${total.least / 24} to ${total.most / 24} counts`
    return total.ticks.length === 1
      ? beats(total.ticks[0]!)
      : `${total.ticks.map((ticks) => ticks / 24).join(' or ')} counts`
  },
}
