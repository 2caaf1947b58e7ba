import type { Happening, OtherKind, ReportedCue, Turn } from '@dellop/core/call'
import type { DancedPass } from '@dellop/core/routine'
import type { LecternKey } from '../../call/commands.ts'
import { counts, passName, plural } from './english.ts'

const round = (n: number): number => Math.round(n * 100) / 100
const named = (passes: readonly DancedPass[]): string => passes.map(passName).join('; ')

/** English of the lectern: calling live, on screens and pedals, and what was called. */
export const lectern = {
  ready: 'Ready to call without the network',
  notReady: 'Getting everything into this browser',
  notKept: 'Loaded, but this browser keeps nothing: do not close this page.',
  failed: 'The call could not be prepared. ',
  start: 'Start',
  pause: 'Pause',
  goOn: 'Go on',
  leave: 'Back to the sheet',
  late: (text: string) => `late? “${text}”`,
  letGo: 'let it go, the next one comes',
  sayNow: 'say it now',
  lostTitle: 'Hold: the music goes on',
  lostNone:
    'There is no way back in for how they stand. Let them stand still, and go on where the music is.',
  offer: (figure: string, part: string, beats: number) => `${figure}, ${part}, in ${counts(beats)}`,
  offerHome: (calls: readonly string[] | null, of: number) =>
    calls === null
      ? `all walk home first, ${counts(of)}`
      : `home first: ${calls.join('; ')}, ${counts(of)}`,
  offerLink: (figure: string) => `after ${figure}`,
  offerMove: (beats: number) =>
    beats === 0
      ? 'as planned'
      : beats > 0
        ? `${counts(beats)} left out`
        : `${counts(-beats)} once more`,
  offerDropped: (passes: readonly DancedPass[]) => `without ${named(passes)}`,
  offerRepeated: (passes: readonly DancedPass[]) => `once more: ${named(passes)}`,
  offerOver: (beats: number) =>
    beats > 0 ? `ends ${counts(beats)} after the music` : `ends ${counts(-beats)} before the music`,
  standby: 'If they lose it:',
  inPhrases: (n: number) => (n <= 1 ? 'next phrase' : `in ${n} phrases`),
  takeFirst: 'Take the first',
  carryOn: 'As if nothing had been',
  coming: (figure: string, beats: number, link: string | null) =>
    `${link ? `${link}, then ` : ''}${figure} in ${counts(beats)}`,
  sayIn: (beats: number) => `say it in ${counts(beats)}`,
  nothingMore: 'nothing more to say',
  theEnd: 'The dance is over.',
  again: 'From the top',
  intro: 'Introduction',
  after: 'Music goes on',
  countIn: 'Count-in',
  barOf: (bar: number, bars: number) => `bar ${bar} of ${bars}`,
  left: (time: string) => `${time} left`,
  tempo: (bpm: number) => `♩ ${bpm}`,
  facing: (face: string, hold: string) => `facing ${face}, ${hold}`,
  bar: (n: number) => `bar ${n}`,
  ofBeats: (n: number) => `of ${n}`,
  next: 'Next cues',
  row: 'This phrase',
  goTo: (bar: string) => `Go to bar ${bar}, with a count-in`,
  volume: 'Volume',
  speedText: (percent: number) => `speed ${percent} %`,
  asleep: 'The screen may go dark by itself: this browser cannot keep it awake.',
  delayTitle: 'How late are the loudspeakers?',
  delayText:
    'Wireless loudspeakers can be a fifth of a second late. Listen to the clicks from the hall’s loudspeakers and tap the space bar, or the big button, along with them.',
  delayTap: 'Tap here',
  delayTaps: (n: number, of: number) => `${n} of ${of} taps`,
  delayFound: (ms: number, spread: number) => `${ms} ms late, taps within ${spread} ms`,
  delayUse: 'Use this',
  delayZero: 'No delay',
  delayNow: (ms: number) => `Now set: ${ms} ms`,
  delayAgain: 'Start over',
  loud: 'Mind the loudness for dancers and staff; follow the hall’s rules.',
  noSound: 'There is no recording: the clock runs at the sheet’s tempo, without sound.',
  soundFailed: 'The music could not be loaded here. The clock runs without sound.',
  nextPass: (name: string) => `next: ${name}`,
  lastNext: (name: string) => `next: ${name}, the last time`,
  meets: (who: string, now: string, next: string | null) =>
    next === null ? `${who} with ${now}` : `${who} with ${now}, then ${next}`,
  outs: (who: string) => `out: ${who}`,
  shiftNext: (lead: number, follow: number) =>
    lead - follow === 0
      ? 'same partner next'
      : `then ${plural(Math.abs(lead - follow), 'place')} on to the next partner`,
  heldTitle: 'Cues are held: the music goes on',
  heldText: 'They go on with the first phrase after the key.',
  freeTitle: (text: string) => `waits for your key: ${text}`,
  freeText: 'What they dance now goes on until you let it go.',
  byHandText:
    'The music keeps no beat here. Press the key when the beat comes back: that is when it is said.',
  byHandKey: 'Say it now',
  letGoKey: 'Let it go on',
  otherTitle: 'What did they dance?',
  wrongTitle: 'What did you call?',
  otherNone: 'Nothing likely here.',
  unknown: 'I do not know: hold until all can come in',
  others: {
    whole: (figure: string) => `all of ${figure}`,
    half: (figure: string) => `half of ${figure}`,
    'other-exit': (figure: string) => `${figure}, ended the other way`,
    'sound-alike': (figure: string) => `${figure}: it sounds alike`,
    again: (figure: string) => `${figure} once more`,
    'too-soon': (figure: string) => `${figure}, too soon`,
  } satisfies Record<OtherKind, (figure: string) => string>,
  goOnTitle: 'The music goes on. How does the dance?',
  goOns: {
    whole: () => 'the whole dance again',
    last: () => 'the last part again',
    'cool-down': (figure: string) => `cool down: ${figure}, on and on`,
  },
  goOnNone:
    'They do not stand as it begins. Let them dance what they like: a quiet walk to cool down.',
  close: 'Close',
  told: (
    turn: Turn | 'none',
    dropped: readonly DancedPass[],
    repeated: readonly DancedPass[],
  ): string => {
    const what = {
      none: 'That cannot be done from here: they would not stand as it begins, or it is too late to say it.',
      rejoin: 'They come in again.',
      release: 'It goes on.',
      again: 'Once more.',
      restart: 'This part from its beginning.',
      skip: 'The next is left out.',
      'end-soon': 'It ends soon.',
      'go-on': 'It goes on.',
    }[turn]
    return [
      what,
      dropped.length > 0 ? `Left out: ${named(dropped)}.` : '',
      repeated.length > 0 ? `Danced once more: ${named(repeated)}.` : '',
      turn === 'none' ? '' : 'Wrong key? Z',
    ]
      .filter(Boolean)
      .join(' ')
  },
  cutOff: 'This call was cut off here. The one key goes on from this beat.',
  fresh: 'A new call, from the top',
  cutOffBand: 'This call was cut off; the music went on, and so does it.',
  takenOver: 'This call was taken over from another window. The one key goes on from this beat.',
  takenOverBand: 'This call was taken over from another window; the music went on, and so does it.',
  elsewhere: {
    had: 'This dance is being called in another window of this browser.',
    taken: 'Another window of this browser has taken this call over. The music was stopped here.',
    take: 'Take the call over here',
  },
  slept: (seconds: number) =>
    `This machine slept for ${seconds} s; the music went on, and so does the call.`,
  clockSet: (seconds: number) =>
    `The time of this machine went on by ${seconds} s at once. If it slept, tap where the music is.`,
  serverBack: (seconds: number) =>
    `The server was away for ${seconds} s. The call went on; the second screens are told again.`,
  stood: 'The system took the sound away. The one key goes on from this beat.',
  from: 'Music',
  fromWhat: { recording: 'played from here', elsewhere: 'a band, or another player' },
  band: {
    title: 'Following the music',
    unit: 'I tap',
    units: { beat: 'every beat', bar: 'every bar', phrase: 'every phrase' },
    start: 'Tap the first step (T), or press L where the music cue is heard.',
    off: (beats: number) =>
      Math.abs(beats) < 0.05
        ? 'in time'
        : `${round(Math.abs(beats))} beats ${beats > 0 ? 'ahead of' : 'behind'} your tap`,
    double: 'tapped twice: not counted',
    stray: 'far off: tap again if it is so',
    tap: 'Tap',
    landmark: (name: string) => `Heard: ${name}`,
    firstStep: 'First step now',
    later: 'half a beat later',
    sooner: 'half a beat sooner',
  },
  keysTitle: 'Keys, pedals and buttons',
  keysText:
    'Press “Teach”, then the key, the pedal or the button that is to do it. Keys that move the music have to be held for more than half a second, so that a slip moves nothing.',
  teach: (what: string) => `Teach: ${what}`,
  teachNow: 'press it now …',
  teachCancel: 'Cancel',
  taught: (signal: string, what: string) => `${signal} now does: ${what}.`,
  forgetKeys: 'As they were',
  held: 'hold',
  holding: (what: string) => `keep holding: ${what}`,
  midi: 'Listen to MIDI pedals',
  midiOn: 'MIDI pedals are listened to.',
  midiNo:
    'This browser does not let a page use MIDI. A pedal that acts as a keyboard works everywhere.',
  pretend: 'No pedal here? Try it with this one, which sends what a MIDI foot switch would:',
  pretendLeft: 'Left pedal',
  pretendRight: 'Right pedal',
  signal: (id: string): string => {
    const [kind, what = ''] = [id.slice(0, id.indexOf(':')), id.slice(id.indexOf(':') + 1)]
    if (kind === 'midi')
      return what.startsWith('cc')
        ? `MIDI control ${what.slice(3)}`
        : what.startsWith('note')
          ? `MIDI note ${what.slice(5)}`
          : `MIDI ${what}`
    if (kind === 'pad') return `pad button ${Number(what) + 1}`
    return KEY_NAMES[what] ?? (what.length === 1 ? what.toUpperCase() : what)
  },
  commands: {
    main: 'the one key: start, stop, take the first, let it go',
    hold: 'hold the cues',
    lost: 'they are lost',
    other: 'they danced the other one',
    wrong: 'I called the wrong one',
    'take-back': 'wrong key: as before',
    'carry-on': 'as if nothing had been',
    mark: 'mark: something went wrong here',
    'one-more': 'one more time',
    'start-over': 'start over from this part',
    skip: 'leave out the next',
    'end-soon': 'end soon',
    'go-on': 'go on after the end',
    first: 'the first',
    second: 'the second',
    third: 'the third',
    fourth: 'the fourth',
    tap: 'tap along',
    landmark: 'the music cue is heard',
    later: 'half a beat later',
    sooner: 'half a beat sooner',
    part: 'this part again',
    'phrase-before': 'a phrase back',
    'phrase-after': 'a phrase on',
    slower: 'slower',
    faster: 'faster',
    fade: 'fade out',
    loop: 'walk through this part again and again',
    'next-item': 'on to the next of the evening',
    layout: 'another layout',
    words: 'words, counts, or both',
    larger: 'larger',
    smaller: 'smaller',
    whole: 'whole screen',
    delay: 'loudspeaker delay',
    keys: 'all keys',
    sound: 'sound',
    screens: 'second screens',
  } satisfies Record<LecternKey, string>,
  short: {
    lost: 'lost',
    hold: 'hold',
    other: 'other one',
    'one-more': 'once more',
    skip: 'skip',
    mark: 'mark',
    'take-back': 'wrong key',
    keys: 'keys',
  },
  nextItem: (name: string, key: string) => `Next: ${name}${key ? ` (${key})` : ''}`,
  itemNow: (name: string) => `Now: ${name}.`,
  marked: 'Marked.',
  looping: 'walking through this part',
  soundTitle: 'Sound',
  balance: 'Left and right',
  fade: 'Fade out over 8 seconds',
  speakCues: 'The practice voice says the cues',
  speakPreparing: (percent: number) => `It is learning them: ${percent} %`,
  speakReady: 'It says each cue at its moment.',
  speakFailed: 'The practice voice could not speak. All else goes on.',
  musicOutput: 'Music sounds from',
  voiceOutput: 'The voice sounds from',
  usualOutput: 'the usual loudspeakers',
  outputNumber: (n: number) => `loudspeakers ${n}`,
  outputsNo: 'This browser does not let a page choose its loudspeakers.',
  outputRefused: 'The browser refused these loudspeakers.',
  screens: {
    title: 'Second screens',
    what: 'A large display for the hall, or a helper’s phone as a remote. While this is on, everybody on the same network can reach the page for a code at this address, and nothing else of Dellop: no sheets, no tunes, no settings. Switch it off when you are done.',
    off: 'Off: nothing of Dellop can be reached from the network.',
    on: (address: string) => `On, at ${address}`,
    address: 'Address of this machine',
    onlyHere: 'this machine only',
    switchOn: 'Switch on',
    switchOff: 'Switch off',
    codeSee: 'A code for a display',
    codeControl: 'A code for a remote',
    code: (right: string): string =>
      right === 'control'
        ? 'For a remote: it can steer the call'
        : 'For a display: it can only see',
    open: 'Open this address there, or let the camera read it:',
    lasts: 'Good once, for five minutes.',
    list: 'Screens that are in',
    none: 'None yet.',
    screen: (right: string, connected: boolean) =>
      `${right === 'control' ? 'remote' : 'display'}, ${connected ? 'there' : 'away'}`,
    remove: 'Remove',
  },
  free: {
    open: 'Call without a sheet',
    title: 'Calling without a sheet',
    lead: 'From the figures this group has covered, Dellop offers what may come next: legal as they stand, not longer than the phrase, and such that the phrase still closes.',
    dance: 'Dance',
    tune: 'Tune',
    noTune: 'none: the clock runs at a tempo, in phrases of 8 bars',
    bpm: 'Beats a minute',
    figures: (n: number, group: string | null) =>
      `${plural(n, 'figure')} ${group === null ? 'of the book' : `that ${group} can dance`}.`,
    never:
      'No phrase of these figures closes as it began. Teach the group another figure, or choose another dance.',
    stand: (hold: string) => `They begin in ${hold}, and every phrase closes so.`,
    begin: 'Begin',
    leave: 'To all sheets',
    called: (dance: string) => `${dance.slice(0, 1).toUpperCase()}${dance.slice(1)}, called freely`,
    phrase: (n: number, left: number) => `phrase ${n} · ${counts(left)} left`,
    choose: 'Choose what comes',
    take: (beats: number) => `next place in ${counts(beats)}`,
    offers: 'Next figure',
    typed: (text: string) => `Begins with “${text}”`,
    ways: 'To the end of the phrase',
    cut: 'There are very many ways; these are the best of those looked at.',
    none: 'Nothing fits here.',
    taken: 'Taken',
    surprise: 'Surprise me',
    putBack: 'Put the last one back',
    toSheet: 'Make it a sheet',
    keys: 'Space starts and stops. 1 to 6 take a figure, 7 to 9 a whole way; or type a name or its initials and press enter. Backspace puts back what is not said yet.',
  },
  afterwards: 'What happened',
  report: {
    title: 'After the dance',
    list: 'Calls so far',
    listLead: 'Every dance that was called from here, and what happened in it.',
    none: 'Nothing has been called yet.',
    when: 'When',
    dance: 'Dance',
    lead: (title: string, when: string, time: string) => `${title}, ${when}, ${time}`,
    tempo: (low: number, high: number) =>
      low === high ? `${low} beats a minute` : `${low} to ${high} beats a minute`,
    cues: (given: number, all: number) => `${given} of ${plural(all, 'cue')} were given`,
    cuesHead: 'Cues',
    tempoHead: 'Tempo',
    where: 'Where',
    caller: 'Who called',
    savedTitle: 'What would have saved it',
    savedFloor: (percent: number) =>
      `An estimate: with the cues that were given, a floor that hears it for the first time would have danced ${percent} % of it rightly.`,
    happened: 'What happened',
    nothing: 'All went as it is written.',
    near: (figure: string) => `at ${figure}`,
    happenings: (one: Happening): string => {
      switch (one.kind) {
        case 'paused':
          return 'stopped'
        case 'held':
          return 'cues held'
        case 'lost':
          return 'the dancers were lost'
        case 'taken-back':
          return 'a wrong key, taken back'
        case 'free':
          return 'waited for the key'
        case 'marked':
          return 'something went wrong here'
        case 'turned':
          return [
            {
              rejoin: 'came in again',
              release: 'went on',
              again: 'one more time',
              restart: 'started over',
              skip: 'left out the next',
              'end-soon': 'ended soon',
              'go-on': 'went on after the end',
            }[one.turn],
            one.dropped.length > 0 ? `left out ${named(one.dropped)}` : '',
            one.repeated.length > 0 ? `once more ${named(one.repeated)}` : '',
          ]
            .filter(Boolean)
            .join('; ')
        case 'speed':
          return `${one.bpm} beats a minute from here`
        case 'tapped':
          return `${plural(one.taps, 'tap')}, off by ${round(one.worstBeats)} beats at most`
      }
    },
    toRemark: 'Into the sheet as a remark',
    remarkText: (date: string) => `Went wrong on ${date}.`,
    remarked: 'It is in the sheet now.',
    planned: 'Planned against called',
    cue: 'Cue',
    part: 'Part',
    became: 'What became of it',
    given: (times: number) => (times === 1 ? 'given' : `given ${times} times`),
    why: { held: 'held', 'left-out': 'left out', 'not-reached': 'not reached' } satisfies Record<
      NonNullable<ReportedCue['why']>,
      string
    >,
    notThere: 'There is no such call here or on the server.',
    notSent: 'Only in this browser yet: it is sent as soon as the server is there.',
    free: 'Called without a sheet.',
    calls: 'Calls of this dance',
    forget: 'Delete this call',
    forgotten: 'This call is forgotten.',
    keepAgain: 'Put it back',
    back: 'To the sheet',
    callAgain: 'Call it again',
  },
}

const KEY_NAMES: Readonly<Record<string, string>> = {
  ' ': 'space',
  ArrowLeft: '←',
  ArrowRight: '→',
  ArrowUp: '↑',
  ArrowDown: '↓',
  PageDown: 'page down',
  PageUp: 'page up',
  Escape: 'esc',
  Enter: 'enter',
  '-': '−',
}
