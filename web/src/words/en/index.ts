import type { PageKey } from '../../routine/pageCommands.ts'
import { help } from './help.ts'
import { lectern } from './lectern.ts'
import {
  directionTold,
  facingTold,
  findingMessage,
  findingSum,
  repairLabel,
  type FindingWords,
  type RepairWords,
} from '@dellop/core/check'
import type { Edit } from '@dellop/core/document'
import {
  holdName,
  LEVEL_NAMES,
  remarkIn,
  stepIn,
  variationIn,
  type DirectionFrame,
  type FigureBook,
  type Role,
  type Variation,
} from '@dellop/core/figure'
import type { Facing } from '@dellop/core/move'
import type { RoundDifference, Routine } from '@dellop/core/routine'
import { styleAbout, styleName, type School } from '@dellop/core/school'
import { changeWords } from '@dellop/core/sheet'
import { problemSentence, type Told } from '@dellop/core/words'
import type { ProblemBody } from '@dellop/wire'
import { figures } from './figures.ts'
import { floor } from './floor.ts'
import { backup } from './backup.ts'
import { evenings } from './evenings.ts'
import { lessons, logbook } from './lessons.ts'
import { rehearse } from './rehearse.ts'
import { cues } from './cues.ts'
import { voice } from './voice.ts'
import { schools } from './schools.ts'
import { inLocale, keyName } from '../shared.ts'
import { sheets } from './sheets.ts'
import { tunes } from './tunes.ts'
import {
  plural,
  counts,
  clock,
  minutes,
  facing,
  eighths,
  slotName,
  ordinal,
  passName,
} from './english.ts'

type StyleTexts = Pick<School, 'id' | 'name' | 'about'>

export const en = {
  nav: {
    label: 'Main',
    skip: 'Skip to the page',
    tunes: 'Tunes',
    figures: 'Figures',
    sheets: 'Sheets',
    lectern: 'Calling screen',
    voice: 'Voice',
    schools: 'Calling styles',
    groups: 'Groups',
    settings: 'Settings',
    themes: { system: 'Light or dark as the system', light: 'Light', dark: 'Dark' },
    calls: 'Calls so far',
    help: 'Help',
    helpHere: 'Help with this page',
    search: {
      label: 'Search everything',
      keys: 'Ctrl K',
      hint: 'A sheet, a tune, a figure',
      recent: 'last open',
      sheet: 'sheet',
      tune: 'tune',
      figure: 'figure',
    },
    about: 'About Dellop',
  },
  app: {
    updateWaiting: 'A new version of Dellop is ready.',
    update: 'Reload now',
    nowhere: 'There is no such page.',
    toShelf: 'To all sheets',
    loading: 'One moment',
    again: 'Try again',
    close: 'Close',
  },
  setAside: {
    title: (n: number) => (n === 1 ? 'One record cannot be read' : `${n} records cannot be read`),
    lead: 'Everything else works as if they were not there. Nothing of them is changed or thrown away.',
    take: 'Export it as it is',
    kinds: {
      sheet: 'Sheet',
      tune: 'Tune',
      figure: 'Figure',
      school: 'Calling style',
      group: 'Group',
      call: 'Call',
      practice: 'Take',
      evening: 'Evening',
      series: 'Series',
      entry: 'Logbook entry',
      settings: 'Settings',
    } as Readonly<Record<string, string>>,
  },
  trouble: {
    title: 'Something went wrong',
    unexpected:
      'Dellop met something it did not expect. What you wrote is kept. The report says where it happened.',
    copy: 'Copy report',
    close: 'Close',
    offline: 'The Dellop server was not reached. It may have been stopped.',
    both: (mine: string, kept: string) =>
      `“${mine}” was not kept: somebody else has made it “${kept}” meanwhile. Choose again if you want yours.`,
    server: 'The server could not do that. Nothing was changed.',
    low: 'The disk of this machine is all but full. What you change is still saved, for a little while: make room.',
    /** What the server said of a request that it refused. */
    answer: ({ detail }: Pick<ProblemBody, 'detail' | 'code' | 'said'>): string => detail,
  },
  format: {
    counts,
    clock,
    minutes,
    facing,
    ordinal,
    passName,
    slotName,
    variation: (variation: Variation): string => variationIn('en', variation),
    direction: (facing: Facing, frame: DirectionFrame): string =>
      directionTold(facing, frame, { line: 'lead' }, 'en'),
    towards: (facing: Facing, frame: DirectionFrame): string => facingTold(facing, frame, 'en'),
    /** A number with so many places, as in a table. */
    /** A minus that stands at nothing but noughts is none. */
    decimal: (n: number, places: number): string =>
      n
        .toFixed(places)
        .replace(/^-(?=[0.]*$)/, '')
        .replace('-', '−'),
    seconds: (s: number) => `${s.toFixed(2)} s`,
    bars: (n: number) => plural(n, 'bar'),
    moment: (ms: number) => inLocale.d(ms, 'moment'),
    shortDate: (ms: number) => inLocale.d(ms, 'short'),
    date: (ms: number) => inLocale.d(ms, 'long'),
  },
  finding: {
    message: (finding: FindingWords) => findingMessage(finding, 'en'),
    sum: (finding: FindingWords) => findingSum(finding, 'en'),
    repair: (repair: RepairWords) => repairLabel(repair, 'en'),
  },
  /** A problem of the core, or what is wrong with a figure. */
  problem: (told: Told): string => problemSentence(told, 'en'),
  /** What comes with Dellop in its own words: calling styles, cautions and remarks of figures. */
  shipped: {
    style: (school: StyleTexts): string => styleName('en', school),
    styleAbout: (school: StyleTexts): string => styleAbout('en', school),
    remark: (text: string): string => remarkIn('en', text),
    step: (text: string): string => stepIn('en', text),
    /** What a role is called, where it is called as styles usually do. */
    role: (label: string): string => label,
  },
  /** What edits do to a sheet, a sentence each. */
  changes: (before: Routine, edits: readonly Edit[], book: FigureBook) =>
    changeWords(before, edits, book, 'en'),
  severity: { stop: 'Stops the dance', mend: 'To fix', note: 'Note' },
  hold: (id: string) => (id === 'none' ? 'no hold' : holdName(id)),
  ownHold: {
    ask: 'a hold of your own …',
    title: 'A hold of your own',
    name: 'Name',
    example: 'basket',
    hands: 'Hands joined',
    pair: (lead: string, follow: string) => `lead’s ${lead} with follow’s ${follow}`,
    stand: 'They stand',
    anyhow: 'either way',
    standing: { facing: 'face to face', beside: 'side by side' },
    mirror: (name: string) => `Danced mirrored it is “${name}”.`,
    known: (name: string) => `“${name}” is in the list already.`,
    letters: 'A name of letters was expected.',
    take: 'Use this hold',
  },
  role: { lead: 'lead', follow: 'follow' } satisfies Record<Role, string>,
  level: LEVEL_NAMES,
  caution: {
    arms: 'Arms',
    neck: 'Neck',
    spin: 'Turning',
    dip: 'Dip',
    knees: 'Knees',
    floor: 'Floor',
    crowding: 'Crowding',
    heat: 'Heat',
    tempo: 'Tempo',
  },
  done: {
    pin: 'pinning a cue',
    added: 'add a figure',
    replaced: 'replace a figure',
    removed: 'take out a figure',
    moved: 'move',
    halved: 'halve',
    whole: 'dance it whole',
    repeated: 'repeat',
    reflected: 'dance it on the opposite foot',
    varied: 'dance it another way',
    wording: 'change a wording',
    silence: 'cue or silence',
    remark: 'change a remark',
    length: 'change a length',
    text: 'type in the text',
    passAdded: 'add a time through',
    passRemoved: 'take out a time through',
    partAdded: 'add a part',
    header: 'change the heading',
    tune: 'choose a tune',
    repair: 'fix',
    overrule: 'overrule',
    pasted: 'paste',
    cut: 'cut',
    pass: 'change a time through',
    part: 'change a part',
    promoted: 'make it so every time',
    marks: 'change a mark',
    borrowed: 'borrow a part',
    partRemoved: 'take out a part',
    takeUp: 'take up a finding again',
    fit: 'fit to the music',
    back: 'go back',
  },
  shelf: {
    title: 'Sheets',
    lead: 'A sheet is a routine ready to be called.',
    empty: 'No sheets yet. Write the first one, or import a sheet file.',
    emptyDemo: 'To look around first, bring in the demo: dances, tunes and a group, all made up.',
    demo: {
      fill: 'Bring in the demo',
      going: (done: number, of: number) =>
        of === 0 ? 'The band begins to play …' : `${done} of ${of} are here`,
      failed: 'The demo could not be brought in. What came stays; try again.',
    },
    write: 'New sheet',
    bring: 'Import a file',
    name: 'Name of the dance',
    tune: 'Tune',
    noTune: 'No tune yet',
    nameNeeded: 'Give the dance a name.',
    danceHint: 'waltz, line dance, jig, ...',
    usualStyle: 'as the dance is usually called',
    usualFormation: 'as the dance is usually danced',
    create: 'Start writing',
    cancel: 'Cancel',
    by: (name: string) => (name ? `by ${name}` : ''),
    changed: (date: string) => `changed ${date}`,
    call: 'Call',
    callOf: (title: string) => `Call ${title}`,
    search: 'Search the sheets',
    nothing: (text: string) => `No sheet matches “${text}”.`,
    brought: (
      title: string,
      figures: number,
      tune: { title: string; isNew: boolean; isSilent: boolean } | null,
    ) =>
      [
        `“${title}” is among your sheets${figures > 0 ? `, with ${plural(figures, 'new figure')}` : ''}.`,
        tune?.isNew ? `Its tune “${tune.title}” came along, with beats and phrases.` : '',
        tune?.isNew && tune.isSilent
          ? 'Its sound did not: import the recording under Tunes to hear it.'
          : '',
      ]
        .filter(Boolean)
        .join(' '),
    again: {
      title: (title: string) => `“${title}” is among your sheets already`,
      lead: (changes: number) =>
        changes === 0
          ? 'The file and the sheet are the same.'
          : `The file differs from the sheet in ${plural(changes, 'thing')}:`,
      changes: 'What is otherwise in the file',
      keepBoth: 'Keep both',
      open: 'Open the sheet',
    },
    favourite: { head: '★', of: (title: string) => `${title}, a favourite` },
    notBrought: 'The file was not imported. ',
    columns: { title: 'Name', kind: 'Dance', tune: 'Tune', changed: 'Changed' },
    tour: {
      offer: 'Is this your first time here?',
      start: 'Show me round',
      no: 'No, thank you',
      steps: [
        {
          target: '.long .title',
          title: 'A sheet is a dance',
          text: 'Open one to see what is said above what is danced, phrase by phrase. The dances here are made up: change them as you like.',
        },
        {
          target: '.long .el-button',
          title: 'Call it',
          text: 'The calling screen shows each cue when it is to be said. Space starts and pauses it.',
        },
        {
          target: '[data-tour="new"]',
          title: 'Write your own',
          text: 'Give its name, its dance and its tune. Then type figures, one after the other.',
        },
        {
          target: '.bar nav a',
          title: 'Your music',
          text: 'Under Tunes, import a recording: Dellop finds its beat, and you put right what is wrong.',
        },
        {
          target: '.settings',
          title: 'Settings and help',
          text: 'How you call, your voice, your groups, and a page of help for each view.',
        },
      ],
    },
    callHead: 'Call it',
    openIt: (title: string) => `Open “${title}”`,
    kept: 'Kept here, and ready to be called without the server',
  },
  sheet: {
    hear: 'Hear the cues',
    toLectern: 'Call this dance',
    back: 'All sheets',
    menu: {
      label: 'More of this sheet',
      floor: 'Floor: who stands where',
      rehearse: 'Rehearse aloud',
      print: 'Print',
      text: 'Text beside the page',
      about: 'About this sheet',
      'hand-on': 'Hand on: file, text, cues, copy',
      history: 'History',
      keys: 'Keys of the page',
      help: 'Help with the page',
      file: 'Download the sheet file',
    },
    actions: 'What is done to the figure',
    noOrder: 'There are parts, and none is in the order yet.',
    putInOrder: (part: string) => `Dance ${part}`,
    emptyPage: 'No figure yet. The first one begins the dance.',
    nothingYet: 'nothing written yet',
    tempo: (bpm: number, beatsPerBar: number) =>
      `${Math.round((bpm / beatsPerBar) * 10) / 10} MPM / ${Math.round(bpm)} BPM`,
    facing: (face: string) => `facing ${face}`,
    calledBy: (school: string) => `called the ${school.toLowerCase()} way`,
    inAll: (danced: number, music: number | null, inBars: boolean) => {
      const unit = (n: number): string => (inBars ? plural(n, 'bar') : counts(n))
      if (music === null) return unit(danced)
      if (music === danced) return `${unit(danced)}, fits the tune`
      const off = Math.round(Math.abs(music - danced) * 100) / 100
      return `${unit(off)} ${danced < music ? 'short of' : 'more than'} the tune`
    },
    toFix: (n: number) => (n === 0 ? 'nothing to fix' : `${n} to fix`),
    toFixLabel: (n: number) =>
      n === 0 ? 'Nothing to fix; see the notes' : `${n} to fix: see the list`,
    chipHelp: 'Alt and an arrow move it, Delete takes it out',
    passMenu: (part: string) => `This time through ${part}`,
    sayKind: { full: 'Full', short: 'Short', keyWord: 'Key word' },
    couples: 'couples',
    by: 'by',
    title: 'Name of the dance',
    author: 'Who made it',
    danced: (time: string) => `${time} danced`,
    timedOn: 'Timed on',
    toTune: 'Open the tune',
    musicOf: (tune: string, recording: string) => `${tune} · ${recording}`,
    musicNone: 'No tune any more: the cues are timed at an even tempo.',
    musicNow: (music: string) => `The cues are timed on “${music}” now.`,
    musicDiffers: (music: string, differences: string) =>
      `The cues are timed on “${music}” now. It is ${differences}.`,
    tuneGone: 'The tune it was timed on is gone. Choose another one.',
    recordingGone: (name: string) =>
      `The recording it was timed on is gone; the cues are timed on “${name}”.`,
    round: (
      differences: readonly RoundDifference[],
      /** Null where all do the same. */
      roles: Readonly<Record<Role, string>> | null,
      facing: (value: Facing) => string,
    ): string => {
      if (differences.length === 0) return 'It ends as it began.'
      const who = (role: Role): string => (roles ? `the ${roles[role]}` : 'everyone')
      const told = differences.map((one) => {
        if (one.what === 'hold')
          return `it ends ${one.now === 'none' ? 'without a hold' : `in ${one.now}`}, not ${one.wanted === 'none' ? 'without one' : `in ${one.wanted}`}`
        if (one.what === 'foot')
          return `${who(one.role)} ends with the ${one.now === null ? 'weight on both feet' : `${one.now} foot free`}, not the ${one.wanted ?? 'weight on both feet'}`
        return `${who(one.role)} ends facing ${facing(one.now as Facing)}, not ${facing(one.wanted as Facing)}`
      })
      return `It ends otherwise than it began: ${told.join('; ')}.`
    },
    saved: 'Saved',
    savedBut: 'Saved. Something could not be put together: look above the page.',
    saving: 'Saving',
    offline: 'Not saved yet: the server is not reached. Everything is kept in this browser.',
    refused: 'Not saved: ',
    undo: 'Undo',
    redo: 'Redo',
    undone: (what: string) => `Undone: ${what}`,
    redone: (what: string) => `Done again: ${what}`,
    keys: 'Keys',
    order: 'Order',
    addPass: 'Add a time through',
    newPart: 'New part',
    partName: 'Name of the part',
    removePass: (part: string) => `Take out this time through ${part}`,
    earlier: (part: string) => `${part} earlier`,
    later: (part: string) => `${part} later`,
    introduction: 'Intro',
    introductionNote: 'before the dance',
    after: 'After',
    afterNote: 'the dance',
    bar: (n: number) => `bar ${n}`,
    of: (n: number, inBars: boolean) => `of ${inBars ? plural(n, 'bar') : counts(n)}`,
    open: (n: number) => `${counts(n)} open`,
    /** What is open, in whole bars where it is some. */
    openIn: (n: number, beatsPerBar: number | null) =>
      beatsPerBar !== null && n % beatsPerBar === 0
        ? `${plural(n / beatsPerBar, 'bar')} open`
        : `${counts(n)} open`,
    over: (n: number) => `${counts(n)} over`,
    changedPass: 'this time differs',
    changedMark: 'only this time',
    firstFigure: 'Add the first figure',
    addAfter: 'Add after',
    addHere: 'Add a figure',
    replace: 'Replace',
    pickDone: 'Done',
    pickAgain: 'It is on the page. Type the next one, or Escape.',
    pickLabel: 'Figure name, alias or initials',
    pickHint: 'Box, ltb, jazz box 1/4 right …',
    didYouMean: 'did you mean this?',
    fitsHere: 'fits here',
    fitsNot: 'needs a change first',
    asWords: (text: string) => `Keep “${text}” as words`,
    blockLabel: (name: string, place: string, length: string, only: string, trouble: string) =>
      [`${name}${only ? ` ${only}` : ''}, ${place}, ${length}`, trouble].filter(Boolean).join('. '),
    page: 'Page of phrases',
    pageHelp: 'Arrow keys move from figure to figure. Press question mark for all keys.',
    empty: 'This part is empty.',
    said: 'said',
    dancedLane: 'danced',
    scope: 'Changes count for',
    scopePart: (part: string) => `Every ${part}`,
    scopePass: 'This time only',
    nothingSelected:
      'Choose a figure on the page to see its steps, its words and why its cue stands where it does.',
    halve: 'Half',
    wholeAgain: 'Whole',
    more: 'Once more',
    less: 'Once less',
    reflect: 'Opposite foot',
    earlierSlot: 'Earlier',
    laterSlot: 'Later',
    remove: 'Take out',
    say: 'Say',
    full: 'full',
    short: 'short',
    keyWord: 'key word',
    chosen: 'said here',
    silent: 'Say nothing here',
    spoken: 'Give it a cue',
    remark: 'Remark',
    why: 'Why here',
    steps: 'Steps',
    length: 'Length in counts',
    mend: 'To fix',
    allWell: 'Nothing to fix. The parts add up, the feet are free and every cue fits.',
    notes: 'Notes',
    overruled: 'Overruled',
    overrule: 'It is meant so',
    searchingRepairs: 'Looking for what puts it right …',
    overruleWhy: 'Why is it right as it is?',
    overruleReason: 'meant so',
    go: 'Go there',
    conflict: 'Changed in two places',
    conflictKept: 'The other change was kept.',
    conflictMine: 'Yours was:',
    useMine: 'Use mine',
    dismiss: 'Keep theirs',
    conflictRemoved: 'Something you changed was taken out elsewhere; it was kept.',
    conflictMoved: 'A figure was moved to two places; the other place was kept.',
    changedField: (field: string) => `“${field}”`,
    place: (bar: number, part: string, time: string) => `bar ${bar} of ${part}, ${time}`,
    keysTitle: 'Keys of the page',
    keyName: (key: string) => keyName(key),
    pageCommands: {
      before: 'figure before',
      after: 'figure after',
      'row-before': 'row before',
      'row-after': 'row after',
      add: 'add a figure after this one',
      replace: 'replace it',
      remove: 'take it out',
      'move-before': 'move it earlier',
      'move-after': 'move it later',
      halve: 'half of it, or whole again',
      more: 'once more',
      less: 'once less',
      reflect: 'opposite foot',
      silence: 'say nothing here, or say it again',
      words: 'change its words',
      'cue-earlier': 'its cue earlier, and pinned there',
      'cue-later': 'its cue later, and pinned there',
      'cue-free': 'let Dellop place its cue again',
      'next-finding': 'next finding',
      'previous-finding': 'finding before',
      'extend-before': 'choose the one before too',
      'extend-after': 'choose the one after too',
      copy: 'copy',
      cut: 'cut',
      paste: 'paste behind this one',
      duplicate: 'once more behind it, as it is',
      leave: 'leave a preview or a choice',
      undo: 'undo',
      redo: 'redo',
      hear: 'hear the phrase chosen, or all; stop it',
      lectern: 'call this dance',
      keys: 'these keys',
    } satisfies Record<PageKey, string>,
  },
  why: {
    lead: (beats: string, seconds: string, least: string) =>
      `Ends ${beats} before the step: ${seconds}, at least ${least} asked for.`,
    earlier: (seconds: string, held: 'cue-before' | 'figure-before') =>
      `Could start up to ${seconds} earlier; then ${held === 'cue-before' ? 'it would run into the cue before' : 'the figure before would not have begun'}.`,
    notEarlier: (held: 'cue-before' | 'figure-before'): string =>
      held === 'cue-before'
        ? 'It cannot start earlier: the cue before is still being said.'
        : 'It cannot start earlier: the figure before has not begun.',
    later: (seconds: string) => `Could start up to ${seconds} later.`,
    runnerUp: (text: string, moved: string, cost: number) =>
      `Next best: “${text}”, ${moved}, ${cost} points worse.`,
    alone: 'There is no other wording.',
    sooner: (seconds: string) => `${seconds} earlier`,
    afterwards: (seconds: string) => `${seconds} later`,
    same: 'at the same moment',
    beats: (n: number) =>
      `${Math.round(n * 100) / 100} ${Math.abs(n - 1) < 0.005 ? 'count' : 'counts'}`,
    silent: {
      'on-purpose': 'Silent because you want it so.',
      'counts-only': 'Only counts are spoken on this sheet.',
      joined: 'It is said already, joined with the cue before.',
      'no-wording': 'There is nothing to say here.',
      'no-room': 'Not even the shortest wording fits before the step.',
      crowded: 'It would fit alone, but not beside the cues around it.',
    },
    unmeasured:
      'Lengths come from the usual speed of speech and carry a margin of at least 0.15 s, until your own voice is measured.',
  },
  sheetText: {
    beside: 'Text',
    besideLabel: 'Text beside the page',
    title: 'The sheet as text',
    help: 'Parts with a figure on each line, then the order. What you type stands on the page at once; Control Space completes a name.',
    close: 'Close the text',
    unread: 'One line is not on the page yet; all else is. ',
    left: 'A text of this sheet that could not be read to its end is kept here.',
    putBack: 'Put it back',
    throwAway: 'Throw the unread text away',
    refused:
      'That could not be put on the page: somebody changed the same place. The text is as the page is now.',
    counts: (own: string, sum: string) => `${own} · ${sum}`,
    total: (n: string) => `${n} counts`,
    open: '?',
    outside: 'The page was changed meanwhile. The text keeps what you typed until it can be read.',
  },
  beats: {
    title: 'Beat chart',
    weight: 'takes weight',
    touch: 'no weight',
    turnLeft: (n: number) => `turn left ${eighths(n)}`,
    turnRight: (n: number) => `turn right ${eighths(n)}`,
    turnShortLeft: (n: number) => `↺ ${eighths(n)}`,
    turnShortRight: (n: number) => `↻ ${eighths(n)}`,
    left: 'L',
    right: 'R',
    both: 'LR',
    caption:
      'Filled feet take weight, hollow ones do not, half filled ones take part of it. Arrows are turns, in parts of a whole turn.',
    holdBeat: 'hold',
    about: ' about',
    hands: 'hands',
    stands: 'stands still',
    layer: { feet: 'feet', arms: 'arms', head: 'head' },
    toHold: (id: string) => (id === 'none' ? 'let go' : `to ${holdName(id)}`),
  },
  picture: {
    title: 'From above',
    label: 'From above. ',
    stands: (role: string | null, couple: number | null, weight: string) =>
      `${role ?? 'The dancer'}${couple === null ? '' : ` ${couple}`} has the weight on ${weight === 'both' || weight === 'split' ? 'both feet' : `the ${weight} foot`}.`,
    seen: 'Seen',
    from: (role: string) => `as the ${role} faces`,
    plain: 'as the dancer faces',
    mirrored: 'mirrored, as a teacher facing the class',
    caption:
      'Solid lines are the left foot’s path, dashed ones the right’s. A sketch, not to measure by.',
    play: 'Play to a click',
    stop: 'Stop',
    tempo: 'Beats a minute',
    silent: 'This browser makes no sound, so the click cannot be played.',
    begunIn: 'Begun in',
  },
  figures,
  schools,
  cues,
  voice,
  sheets,
  tunes,
  lectern,
  floor,
  rehearse,
  backup,
  evenings,
  lessons,
  logbook,
  help,
  about: {
    title: 'About Dellop',
    text: 'Dellop writes cue sheets, times every spoken cue ahead of its step against the music’s phrases, and helps to call the dance.',
    voice: 'Your voice',
    care: 'Care for bodies',
    careText:
      'Cautions in Dellop are the usual ones. They never replace the rules of the hall, local codes, or a qualified teacher who sees the dancers.',
    licence: 'Licence',
    licenceText:
      'Dellop is free software under the GNU General Public License, version 3 or later.',
    notices: 'Notices of the libraries and fonts used',
  },
}

/** The words of the screen. Another language is another catalogue of the same shape. */
export type Catalogue = typeof en
