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
import type { Routine } from '@dellop/core/routine'
import { styleAbout, styleName, type School } from '@dellop/core/school'
import { changeWords } from '@dellop/core/sheet'
import { danceName } from '@dellop/core/tune'
import { problemSentence, type Told } from '@dellop/core/words'
import type { ProblemBody } from '@dellop/wire'
import { figures } from './figures.ts'
import { floor } from './floor.ts'
import { backup } from './backup.ts'
import { evenings } from './evenings.ts'
import { lessons, logbook } from './lessons.ts'
import { related } from './related.ts'
import { rehearse } from './rehearse.ts'
import { cues } from './cues.ts'
import { voice } from './voice.ts'
import { schools } from './schools.ts'
import { inLocale } from '../shared.ts'
import { sheet, why } from './page.ts'
import { shelf } from './shelf.ts'
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
    month: (ms: number) => inLocale.d(ms, 'month'),
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
  /** A dance or family of figures; in own words as it is written. */
  dance: (name: string) => danceName(name, 'en'),
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
  shelf,
  sheet,
  why,
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
  related,
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
