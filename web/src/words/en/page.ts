import type { PageKey } from '../../routine/pageCommands.ts'
import type { Role } from '@dellop/core/figure'
import type { Facing } from '@dellop/core/move'
import type { RoundDifference } from '@dellop/core/routine'
import { keyName } from '../shared.ts'
import { plural, counts } from './english.ts'

/** English of the page of phrases, and of why a cue stands where it does. */
export const sheet = {
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
  savedBut: 'Saved; you are asked above the page.',
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
  /** What stands under a number of them. */
  unit: (n: number, inBars: boolean) =>
    (inBars ? plural(n, 'bar') : counts(n)).replace(/^\S+ /, ''),
  open: (n: number) => `${counts(n)} open`,
  /** What is open, in whole bars where it is some. */
  /** How often it lately went wrong at a figure. */
  slipsHere: (n: number) => `went wrong here ${plural(n, 'time')} lately`,
  /** Of words whose length is not known. */
  howLong: 'how long?',
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
  /** The same where a colleague's file is joined with what is here. */
  fromFile: {
    conflictKept: 'What is here was kept:',
    conflictMine: 'The file has:',
    useMine: 'Take the file’s',
    dismiss: 'Keep what is here',
    conflictRemoved:
      'Something that was changed on one side was taken out on the other; it was kept.',
    conflictMoved: 'A figure was moved to two places; the place here was kept.',
  },
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
}

export const why = {
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
}
