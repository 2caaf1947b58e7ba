import { AMOUNT_KINDS, type PromptKind, type School, type Weights } from './school.ts'

/** What is said before the first step and of the end, where nobody has a partner. */
const AROUND_ALL: readonly PromptKind[] = ['position', 'wait', 'listen', 'ready', 'finish']
const AROUND_COUPLES: readonly PromptKind[] = [...AROUND_ALL, 'thanks']

const WEIGHTS: Weights = {
  leadPerBeat: 100,
  rushPerBeat: 150,
  earlyPerBeat: 300,
  lostWord: 180,
  offBeat: 40,
  silence: 2000,
  overWord: 0,
  joinedThing: 500,
  rememberPerBeat: 60,
  secondCue: 500,
  coveredCount: 150,
}

/**
 * Couples going round the hall: the name, how much of it and how it ends, ending one beat before
 * the step.
 */
export const ROUND_SCHOOL: School = {
  format: 'dellop-school',
  version: 1,
  id: 'round',
  name: 'Round',
  roleLabels: { lead: 'lead', follow: 'follow' },
  count: { group: 'bars', ones: 'numbered', countFrom: 1 },
  countIn: '1 2 3 ready',
  lead: { targetBeats: 1, minSeconds: 0.6, maxBeats: 4 },
  breathSeconds: 0.15,
  weights: WEIGHTS,
  about:
    'Every figure is named as it comes, with how much of it and how it ends, so that couples who have never danced the routine can. The cue ends one beat before the step: late enough not to be danced at once, early enough to be heard. It is as full the fourth time as the first, because the floor follows the voice and not its memory.',
  fading: null,
  prompts: [
    'last-time',
    'ending',
    'new-ending',
    'this-time',
    'wall',
    'partner-change',
    'figure-again',
    ...AROUND_COUPLES,
  ],
  amounts: AMOUNT_KINDS,
  mostWordsIn20Seconds: 30,
  mode: 'ahead',
  onCountBeats: 4,
  join: { most: 2, mostBeats: 6 },
  breathPhrases: 4,
}

/**
 * Lines facing a wall: the name in the last counts of the figure before, counted in eights, less
 * and less as walls go by.
 */
const LINE_SCHOOL: School = {
  ...ROUND_SCHOOL,
  id: 'line',
  name: 'Line',
  count: { group: 'eights', ones: 'numbered', countFrom: 1 },
  countIn: '5 6 7 8',
  lead: { targetBeats: 0.5, minSeconds: 0.3, maxBeats: 4 },
  weights: { ...WEIGHTS, overWord: 120 },
  about:
    'Lines learn the dance wall by wall. The name of the next figure falls on the last counts of the one before, and the amount of turn comes after the name, because the turn is what sends people into each other. From the third wall on most know it: a short name, later only a key word, keeps the floor together without talking over the music.',
  fading: { fullTimes: 2, shortTimes: 1, newAfterPhrases: 8 },
  prompts: [
    'again',
    'last-time',
    'restart',
    'tag',
    'ending',
    'new-ending',
    'this-time',
    'wall',
    'other-way',
    'other-foot',
    'same-other-side',
    'guard',
    ...AROUND_ALL,
  ],
  mostWordsIn20Seconds: 32,
  join: { most: 2, mostBeats: 6 },
}

/** A sequence that comes round: in full the first time, then prompts where it turns. */
const SEQUENCE_SCHOOL: School = {
  ...ROUND_SCHOOL,
  id: 'sequence',
  name: 'Sequence',
  roleLabels: { lead: 'man', follow: 'lady' },
  countIn: '5 6 ready go',
  lead: { targetBeats: 1, minSeconds: 0.4, maxBeats: 4 },
  weights: { ...WEIGHTS, overWord: 150 },
  about:
    'The same sixteen bars come round and round, so the first time through is called in full and the next is short. After that a word at each change is enough: who has danced it twice wants to hear the music. When the sequence has rested for a while it is called as if it were new.',
  fading: { fullTimes: 1, shortTimes: 1, newAfterPhrases: 6 },
  prompts: [
    'again',
    'last-time',
    'ending',
    'new-ending',
    'this-time',
    'other-way',
    'partner-change',
    'all-the-way',
    ...AROUND_COUPLES,
  ],
  mostWordsIn20Seconds: 22,
  join: { most: 3, mostBeats: 8 },
}

/**
 * Sets of couples: who, what, with whom and how far, in the last four beats of the phrase before.
 */
const SET_SCHOOL: School = {
  ...ROUND_SCHOOL,
  id: 'set',
  name: 'Set',
  count: { group: 'eights', ones: 'numbered', countFrom: 1 },
  countIn: '5 6 + cue',
  lead: { targetBeats: 1, minSeconds: 0.4, maxBeats: 6 },
  weights: { ...WEIGHTS, overWord: 100 },
  about:
    'Everybody in a set does something else, so a call says who, what, with whom and how far. It falls in the last four beats of the phrase before: earlier, and the set goes at once; later, and the far couple has not heard it. Each time through it fades, so that in the end the music calls the dance.',
  fading: { fullTimes: 1, shortTimes: 2, newAfterPhrases: 8 },
  prompts: [
    'again',
    'last-time',
    'only-once',
    'begin-again',
    'ending',
    'new-ending',
    'this-time',
    'other-way',
    'partner-change',
    'figure-again',
    'all-the-way',
    ...AROUND_COUPLES,
  ],
  // In a set hands are what the figures are named by: the hold that one ends in goes without saying.
  amounts: ['half', 'turn', 'times'],
  mostWordsIn20Seconds: 24,
  join: { most: 3, mostBeats: 8 },
}

/** Rings: words of the part and the steps, close to the count; a change of part comes ahead. */
const RING_SCHOOL: School = {
  ...ROUND_SCHOOL,
  id: 'ring',
  name: 'Ring',
  countIn: '5 6 + cue',
  lead: { targetBeats: 0.5, minSeconds: 0.25, maxBeats: 4 },
  weights: { ...WEIGHTS, overWord: 80 },
  about:
    'A ring moves as one, hand in hand, and takes its step from the neighbours as much as from the voice. Words stay close to the count, short and rhythmic; where a part changes they come ahead, so that nobody is pulled. A ring that has found its step needs only the name of the next part.',
  fading: { fullTimes: 2, shortTimes: 2, newAfterPhrases: 8 },
  prompts: [
    'last-time',
    'only-once',
    'ending',
    'new-ending',
    'this-time',
    'other-way',
    'partner-change',
    'part-name',
    ...AROUND_ALL,
  ],
  mostWordsIn20Seconds: 30,
  mode: 'on-count',
  onCountBeats: 3,
  join: { most: 1, mostBeats: 8 },
}

/** Percussive steps: counts and few words, the name with its side and how many. */
const CLOG_SCHOOL: School = {
  ...LINE_SCHOOL,
  id: 'clog',
  name: 'Clog',
  lead: { targetBeats: 1, minSeconds: 0.4, maxBeats: 4 },
  about:
    'The feet are the instrument, so words keep out of their way: a step is named once with its side and how many, a beat ahead, and repeated names are joined. A break and a change of part come as news. Once the part is known only its beginning is named.',
  fading: { fullTimes: 2, shortTimes: 2, newAfterPhrases: 8 },
  prompts: [...LINE_SCHOOL.prompts, 'part-name', 'part-number'],
  mostWordsIn20Seconds: 28,
  join: { most: 3, mostBeats: 8 },
}

/** Squares: who, what and to where, a little ahead, without a pause in the flow. */
const SQUARE_SCHOOL: School = {
  ...SET_SCHOOL,
  id: 'square',
  name: 'Square',
  lead: { targetBeats: 2, minSeconds: 0.8, maxBeats: 6 },
  weights: { ...WEIGHTS, overWord: 20 },
  about:
    'Eight people go where the voice sends them: who is to move comes first, then what, then how far. Two beats ahead is enough to turn a set that is walking. The call is as full the last time as the first, because what comes next is not learned by heart.',
  fading: null,
  mostWordsIn20Seconds: 34,
}

/** Longways sets: the ones and the twos are told apart, and every move on is said. */
const LONGWAYS_SCHOOL: School = {
  ...SET_SCHOOL,
  id: 'longways',
  name: 'Longways',
  lead: { targetBeats: 1, minSeconds: 0.5, maxBeats: 6 },
  about:
    'Two lines, and a new couple opposite each time through: who is active, with whom, and how far is said until it has been danced three times, then only what turns the corner to the next couple. The words fall at the end of the phrase, so that the step falls on its first beat.',
  fading: { fullTimes: 3, shortTimes: 2, newAfterPhrases: 8 },
  mostWordsIn20Seconds: 24,
}

/** Mixers: short words, and the change of partner in full, every time. */
const MIXER_SCHOOL: School = {
  ...RING_SCHOOL,
  id: 'mixer',
  name: 'Mixer',
  lead: { targetBeats: 1, minSeconds: 0.5, maxBeats: 4 },
  about:
    'People dance with whoever comes, so the figures are few and soon known. What must never fade is the change: who moves on, and to whom, is said in full every time, ahead of it. Everything else grows short as the ring finds its way.',
  amounts: ['half', 'turn', 'times'],
  mode: 'ahead',
  mostWordsIn20Seconds: 30,
  join: { most: 2, mostBeats: 6 },
}

/** For who learns: the words of the steps, on the steps. */
const TEACHING_SCHOOL: School = {
  ...ROUND_SCHOOL,
  id: 'teaching',
  name: 'Teaching',
  about:
    'For the walk-through and the slow music: the words of each step fall on the step, as rhythm, so that feet and ears learn together. Where a part begins or something else comes, that is said ahead, as nobody can guess it. Words that do not fit between two steps are pointed out.',
  prompts: ['last-time', 'ending', 'new-ending', 'this-time', 'part-name', ...AROUND_COUPLES],
  mostWordsIn20Seconds: 60,
  // Words on steps follow each other as the steps do.
  breathSeconds: 0.05,
  mode: 'steps',
  join: { most: 1, mostBeats: 8 },
}

/** Sparse and early, for floors that want few words and time. */
const GENTLE_SCHOOL: School = {
  ...ROUND_SCHOOL,
  id: 'gentle',
  name: 'Gentle',
  lead: { targetBeats: 2, minSeconds: 1, maxBeats: 6 },
  breathSeconds: 0.4,
  weights: { ...WEIGHTS, overWord: 60, joinedThing: 900 },
  about:
    'For ears that tire and knees that want warning: few words, two beats ahead and never less than a second, with a pause between them. Figures are named singly and not joined, sides and amounts are never left out, and after the second time through short words do.',
  fading: { fullTimes: 2, shortTimes: 64, newAfterPhrases: 4 },
  mostWordsIn20Seconds: 20,
  join: { most: 1, mostBeats: 8 },
}

/** Schools that ship. None is the right one. */
export const SHIPPED_SCHOOLS: readonly School[] = [
  ROUND_SCHOOL,
  LINE_SCHOOL,
  SEQUENCE_SCHOOL,
  SET_SCHOOL,
  RING_SCHOOL,
  CLOG_SCHOOL,
  SQUARE_SCHOOL,
  LONGWAYS_SCHOOL,
  MIXER_SCHOOL,
  TEACHING_SCHOOL,
  GENTLE_SCHOOL,
]
