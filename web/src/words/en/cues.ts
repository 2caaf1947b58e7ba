import type { CuePurpose, SilenceReason } from '@dellop/core/cue'
import type { Calling } from '@dellop/core/routine'
import type { CueMode } from '@dellop/core/school'
import type { Unplaced } from '@dellop/core/sheet'
import { plural } from './english.ts'

/** English of the cues: how they stand, how they are called, who says them. */
const round = (n: number): number => Math.round(n * 100) / 100
const beats = (n: number): string => (Math.abs(n - 1) < 0.005 ? '1 beat' : `${round(n)} beats`)
/** Where a cue ends: before its step, or after it. */
const ends = (lead: number): string =>
  lead >= 0 ? `ends ${beats(lead)} before its step` : `ends ${beats(-lead)} after its step`

const PURPOSES: Readonly<Record<CuePurpose, string>> = {
  cue: '',
  amount: 'how much, as a second cue',
  'first-role': 'for one role',
  'other-role': 'for one role',
  step: 'word of a step',
  gap: 'in a gap',
}
const MODES: Readonly<Record<CueMode, string>> = {
  ahead: 'ahead of the step',
  'on-count': 'on the last counts',
  'with-step': 'with the step',
  steps: 'step by step',
}

export const cues = {
  ribbon: (purpose: CuePurpose, joined: number, isPinned: boolean): string =>
    [PURPOSES[purpose], joined > 0 ? `names ${joined + 1} figures` : '', isPinned ? 'pinned' : '']
      .filter(Boolean)
      .join(', '),
  unsaid: {
    'on-purpose': 'silent',
    joined: 'said before',
    'no-room': 'not said',
    crowded: 'not said',
  } satisfies Record<Exclude<SilenceReason, 'no-wording' | 'counts-only'>, string>,
  byHand: '(by hand)',
  moving: (lead: number, extra: number, atLimit: boolean): string =>
    `${ends(lead)}${extra === 0 ? '' : `, ${extra} points worse`}${atLimit ? ' · no further' : ''}`,
  moved: (lead: number): string => `Pinned: ${ends(lead)}.`,
  noFurther: 'It cannot go further: the rules of the calling style hold it.',
  elsewhere: 'What it would cost elsewhere',
  elsewhereOf: (lead: number, extra: number): string =>
    `${round(lead)} · ${extra === 0 ? 'here' : `+${extra}`}`,
  elsewhereLabel: (lead: number, extra: number): string =>
    `Pin it so that it ${ends(lead)}${extra > 0 ? `, ${extra} points worse` : ''}`,
  pinnedHere: 'You have pinned it here; the rest is planned around it.',
  pinHere: 'Pin it here',
  unpin: 'Let Dellop place it',
  pinWording: 'Words',
  pinWordings: {
    free: 'as the plan has it',
    full: 'always full',
    short: 'always short',
    keyWord: 'always the key word',
  },
  calling: 'How it is called',
  mode: 'When it is said',
  asSheet: 'as the sheet has it',
  asSchool: (mode: CueMode): string => `as the style has it: ${MODES[mode]}`,
  modes: MODES,
  roleCue: (role: string): string => `Said to the ${role} only`,
  roleFirst: 'Has priority',
  announce: 'Announcement, where there is a gap',
  mouth: 'Spoken',
  mouths: { words: 'words only', counts: 'counts only', both: 'words and counts' } satisfies Record<
    NonNullable<Calling['mouth']>,
    string
  >,
  first: 'Has priority',
  firsts: { words: 'words come first', counts: 'counts come first' } satisfies Record<
    NonNullable<Calling['first']>,
    string
  >,
  halves: 'Count the half beats aloud too',
  wholeBeats: 'Begin cues on whole beats only',
  ends,
  lead: (lead: number): string => `Lead ${beats(lead)}`,
  leadSlider: 'Lead: where the cue ends, before its step',
  more: 'More about its place',
  showBoth: 'Said and danced',
  shown: 'What is shown',
  showSaid: 'Said',
  showDanced: 'Danced',
  density: 'Words in 20 seconds',
  densityTold: (most: number, limit: number): string =>
    `At most ${plural(most, 'word')} in 20 seconds; ${limit} are enough for dancers.`,
  densityLimit: 'the style’s limit',
  densityWords: 'words',
  seconds: 'seconds',
  densityNone: 'Nothing is said yet.',
  hear: {
    title: 'Hear it',
    how: 'The computer’s voice says the cues over the music, each at its moment.',
    play: 'Hear it',
    stop: 'Stop',
    where: 'What',
    wheres: { whole: 'the whole dance', pass: 'this time through', phrase: 'the chosen phrase' },
    waiting: 'the music begins …',
    voiceLevel: 'Voice',
    musicLevel: 'Music',
    marks: 'Beside it',
    markKinds: {
      none: 'nothing',
      clicks: 'clicks on the beats',
      count: 'counting where no words are',
    },
    loop: 'Again and again',
    apart: 'Voice on the left, music on the right',
    recording: 'Practice recording',
    withMusic: 'Music',
    withVoice: 'Voice',
    record: 'Export as WAV',
    preparing: (percent: number) => `The voice is speaking: ${percent} %`,
    making: (percent: number) => `The recording is made: ${percent} %`,
    made: (musicAt: number) =>
      musicAt > 0
        ? `Made. The music begins ${round(musicAt)} s into it, after the first cue.`
        : 'Made.',
    stopped: 'Stopped. Nothing was kept.',
    failed: (sentence: string) =>
      `The voice could not speak: ${sentence}. All else goes on working.`,
    cancel: 'Stop',
    unmeasured: (n: number) =>
      `${plural(n, 'wording has', 'wordings have')} not been said by the practice voice yet and ${n === 1 ? 'is' : 'are'} planned by the usual voice.`,
    measure: 'Have them said',
    measured: 'All wordings are planned as the practice voice says them.',
  },
  bring: {
    title: 'Cues from elsewhere',
    how: 'A WebVTT file, or a table with the columns start and words (CSV): each cue is laid onto the figure it names.',
    choose: 'Bring cues',
    label: (file: string) => `Cues of ${file}`,
    told: (n: number, other: number) =>
      `${plural(n, 'cue')} found on the sheet, ${other === 0 ? 'all as they are planned' : `${other} said otherwise`}.`,
    unplaced: (n: number) => `${plural(n, 'cue')} could not be placed:`,
    why: {
      'past-end': 'the dance is over by then',
      overlaps: 'it begins before the one before it has ended',
      'no-figure': 'no figure near it has such words',
      'not-every-time': 'said so only some of the times that its part is danced',
    } satisfies Record<Unplaced, string>,
    see: 'See what would change',
    same: 'The sheet says them so already.',
  },
}
