import { findingMessage, findingSum, repairLabel } from '@dellop/core/check'
import type { Facing, Role } from '@dellop/core/figure'
import type { SlotContent } from '@dellop/core/routine'

const plural = (n: number, one: string, many = `${one}s`): string => `${n} ${n === 1 ? one : many}`
const counts = (n: number): string => plural(Math.round(n * 100) / 100, 'count')
const clock = (seconds: number): string => `${Math.floor(seconds / 60)}:${String(Math.floor(seconds % 60)).padStart(2, '0')}`
const minutes = (seconds: number): string => (seconds < 60 ? `${Math.round(seconds)} s` : `${Math.floor(seconds / 60)} min ${Math.round(seconds % 60)} s`)
const FACINGS = ['line of dance', 'diagonal to the wall', 'the wall', 'diagonal to reverse and wall', 'reverse', 'diagonal to reverse and centre', 'the centre', 'diagonal to the centre']
const facing = (value: Facing | number): string => FACINGS[value] ?? ''
const times = (n: number): string => (n === 1 ? '' : n === 2 ? ', twice' : `, ${n} times`)

/** Eighths of a turn as a person writes them: 1/8, 1/4, 3/8, 1/2, 1 1/4. */
function eighths(n: number): string {
  const parts = ['', '1/8', '1/4', '3/8', '1/2', '5/8', '3/4', '7/8']
  return [n >= 8 ? String(Math.floor(n / 8)) : '', parts[n % 8]].filter(Boolean).join(' ')
}

function slotName(content: SlotContent, figureName: string | null): string {
  if (content.type === 'words') return content.text === '' ? 'open counts' : content.text
  const { cut, times: n, reflected, exitHold } = content.variation
  const part = cut?.type === 'half' ? ', half' : cut?.type === 'first' ? `, first ${cut.ticks / 24}` : cut?.type === 'from' ? `, from ${cut.ticks / 24 + 1}` : ''
  return `${figureName ?? content.figureId}${part}${times(n)}${reflected ? ', other way' : ''}${exitHold ? `, to ${exitHold}` : ''}`
}

function ordinal(n: number, of: number): string {
  if (of === 1) return 'once'
  if (n === of) return 'last time'
  return `${['first', 'second', 'third', 'fourth', 'fifth', 'sixth', 'seventh', 'eighth'][n - 1] ?? `${n}th`} time`
}

export const en = {
  nav: { label: 'Main', skip: 'Skip to the page', tunes: 'Tunes', figures: 'Figures', sheets: 'Sheets', lectern: 'Lectern', about: 'About' },
  app: { updateWaiting: 'A new version of Dellop is ready.', update: 'Take it now', nowhere: 'There is no such page.', toShelf: 'To the shelf of sheets', loading: 'One moment', again: 'Try again', close: 'Close' },
  trouble: {
    title: 'Something went wrong',
    unexpected: 'Dellop met something it did not expect. What you wrote is kept. The report says where it happened.',
    copy: 'Copy report',
    close: 'Close',
    offline: 'The Dellop server was not reached. It may have been stopped.',
    server: 'The server could not do that. Nothing was changed.',
  },
  format: { counts, clock, minutes, facing, ordinal, slotName, seconds: (s: number) => `${s.toFixed(2)} s`, bars: (n: number) => plural(n, 'bar'), date: (ms: number) => new Date(ms).toLocaleDateString('en-GB', { day: 'numeric', month: 'long', year: 'numeric' }) },
  finding: { message: findingMessage, sum: findingSum, repair: repairLabel },
  severity: { stop: 'Stops the dance', mend: 'To mend', note: 'Note' },
  hold: (id: string) => id,
  role: { lead: 'lead', follow: 'follow' } satisfies Record<Role, string>,
  level: { first: 'first evening', easy: 'easy', steady: 'steady', advanced: 'advanced' },
  caution: { arms: 'Arms', neck: 'Neck', spin: 'Turning', dip: 'Dip', knees: 'Knees', floor: 'Floor', crowding: 'Crowding', heat: 'Heat', tempo: 'Tempo' },
  done: {
    added: 'add a figure', replaced: 'replace a figure', removed: 'take out a figure', moved: 'move', halved: 'halve', whole: 'dance it whole', repeated: 'repeat', reflected: 'dance it the other way',
    wording: 'change a wording', silence: 'cue or silence', remark: 'change a remark', length: 'change a length', passAdded: 'add a pass', passRemoved: 'take out a pass', partAdded: 'add a part', header: 'change the heading', tune: 'choose a tune', repair: 'mend', overrule: 'overrule',
  },
  shelf: {
    title: 'Sheets',
    lead: 'A sheet is a routine ready to be called.',
    empty: 'No sheets yet. Write the first one, or bring in a sheet file.',
    emptyDemo: 'To look around first, stop Dellop and start the demo: npm run demo',
    write: 'New sheet',
    bring: 'Bring in a file',
    name: 'Name of the dance',
    tune: 'Tune',
    noTune: 'No tune yet',
    create: 'Start writing',
    cancel: 'Cancel',
    by: (name: string) => (name ? `by ${name}` : ''),
    changed: (date: string) => `changed ${date}`,
    call: 'Call',
    callOf: (title: string) => `Call ${title}`,
    search: 'Search the shelf',
    nothing: (text: string) => `Nothing on the shelf matches “${text}”.`,
    brought: (title: string, figures: number) => `“${title}” is on the shelf${figures > 0 ? `, with ${plural(figures, 'new figure')}` : ''}.`,
    notBrought: 'The file was not brought in. ',
    columns: { title: 'Dance', kind: 'Kind', tune: 'Tune', changed: 'Changed' },
  },
  sheet: {
    toLectern: 'Take to the lectern',
    about: (dance: string, bpm: number, bars: number, hold: string, face: string, school: string) => `${dance}, ${bpm} a minute (${bars} bars) · couples, ${hold}, facing ${face} · called the ${school.toLowerCase()} way`,
    by: 'by',
    title: 'Name of the dance',
    author: 'Who made it',
    fits: (danced: number, music: number) => `${danced} of ${music} bars`,
    fitYes: 'fit the tune',
    fitNo: 'do not fit the tune',
    noMusic: 'no tune chosen',
    danced: (time: string) => `${time} danced`,
    toMend: (n: number) => (n === 0 ? 'nothing to mend' : plural(n, 'thing to mend', 'things to mend')),
    saved: 'Saved', saving: 'Saving', offline: 'Not saved yet: the server is not reached. Everything is kept in this browser.', refused: 'Not saved: ',
    undo: 'Undo', redo: 'Redo', undone: (what: string) => `Undone: ${what}`, redone: (what: string) => `Done again: ${what}`,
    keys: 'Keys', order: 'Order', addPass: 'Add a pass', newPart: 'New part', partName: 'Name of the part', removePass: (part: string) => `Take out this pass of ${part}`, earlier: (part: string) => `${part} earlier`, later: (part: string) => `${part} later`,
    introduction: 'Intro', introductionNote: 'before the dance',
    bar: (n: number) => `bar ${n}`, of: (n: number) => `of ${n}`, open: (n: number) => `${counts(n)} open`, over: (n: number) => `${counts(n)} over`,
    changedPass: 'differs from its part', changedMark: 'only this time',
    firstFigure: 'Add the first figure', addAfter: 'Add after', addHere: 'Add a figure', replace: 'Replace', pickLabel: 'Figure name, alias or initials', pickHint: 'Type a name, an alias or initials', fitsHere: 'fits here', fitsNot: 'needs a change first', asWords: (text: string) => `Keep “${text}” as words`, 
    blockLabel: (name: string, place: string, length: string, only: string, trouble: string) => [`${name}${only ? ` ${only}` : ''}, ${place}, ${length}`, trouble].filter(Boolean).join('. '),
    page: 'Page of phrases', pageHelp: 'Arrow keys move from figure to figure. Press question mark for all keys.', empty: 'This part is empty.',
    said: 'said', dancedLane: 'danced',
    scope: 'Changes count for', scopePart: (part: string) => `every ${part}`, scopePass: 'only this time',
    nothingSelected: 'Choose a figure on the page to see its steps, its words and why its cue stands where it does.',
    halve: 'Half', wholeAgain: 'Whole', more: 'Once more', less: 'Once less', reflect: 'Other way', earlierSlot: 'Earlier', laterSlot: 'Later', remove: 'Take out',
    say: 'Say', full: 'full', short: 'short', prompt: 'prompt', chosen: 'said here', silent: 'Say nothing here', spoken: 'Give it a cue', remark: 'Remark', why: 'Why here', steps: 'Steps', length: 'Length in counts',
    mend: 'To mend', allWell: 'Nothing to mend. The parts add up, the feet are free and every cue fits.', notes: 'Notes', overruled: 'Overruled', overrule: 'Leave it so', overruleWhy: 'Why is it right as it is?', overruleReason: 'meant so', go: 'Go there',
    conflict: 'Changed in two places', conflictKept: 'The other change was kept.', conflictMine: 'Yours was:', useMine: 'Use mine', dismiss: 'Keep theirs', conflictRemoved: 'Something you changed was taken out elsewhere; it was kept.', conflictMoved: 'A figure was moved to two places; the other place was kept.',
    changedField: (field: string) => `“${field}”`,
    place: (bar: number, part: string, time: string) => `bar ${bar} of ${part}, ${time}`,
    keysTitle: 'Keys of the page',
    keyList: [
      ['← →', 'figure before, figure after'], ['↑ ↓', 'row before, row after'], ['A', 'add a figure after this one'], ['Enter', 'replace it'], ['Delete', 'take it out'], ['Alt ← →', 'move it'], ['H', 'half of it, or whole again'], ['R', 'once more'], ['Shift R', 'once less'], ['O', 'the other way'], ['W', 'change its words'], ['N  P', 'next finding, finding before'], ['Ctrl Z', 'undo'], ['Ctrl Y', 'redo'], ['L', 'to the lectern'], ['?', 'these keys'],
    ] as readonly (readonly [string, string])[],
  },
  why: {
    lead: (beats: string, seconds: string, least: string) => `Ends ${beats} before the step: ${seconds}, at least ${least} asked for.`,
    earlier: (seconds: string, held: 'cue-before' | 'figure-before') => `Could start up to ${seconds} earlier; then ${held === 'cue-before' ? 'it would run into the cue before' : 'the figure before would not have begun'}.`,
    notEarlier: (held: 'cue-before' | 'figure-before') => (held === 'cue-before' ? 'It cannot start earlier: the cue before is still being said.' : 'It cannot start earlier: the figure before has not begun.'),
    later: (seconds: string) => `Could start up to ${seconds} later.`,
    runnerUp: (text: string, moved: string, cost: number) => `Next best: “${text}”, ${moved}, ${cost} points dearer.`,
    alone: 'There is no other wording.',
    sooner: (seconds: string) => `${seconds} earlier`, afterwards: (seconds: string) => `${seconds} later`, same: 'at the same moment',
    beats: (n: number) => `${Math.round(n * 100) / 100} ${Math.abs(n - 1) < 0.005 ? 'count' : 'counts'}`,
    silent: { 'on-purpose': 'Silent because you want it so.', 'no-wording': 'There is nothing to say here.', 'no-room': 'Not even the shortest wording fits before the step.', crowded: 'It would fit alone, but not beside the cues around it.' },
    unmeasured: 'Lengths come from the usual speed of speech and carry a margin of at least 0.15 s, until your own voice is measured.',
  },
  beats: {
    title: 'Beat chart', weight: 'takes weight', touch: 'no weight', turnLeft: (n: number) => `turn left ${eighths(n)}`, turnRight: (n: number) => `turn right ${eighths(n)}`, turnShortLeft: (n: number) => `↺ ${eighths(n)}`, turnShortRight: (n: number) => `↻ ${eighths(n)}`, left: 'L', right: 'R', both: 'LR',
    caption: 'Filled feet take weight, hollow ones do not. Arrows are turns, in parts of a whole turn.', holdBeat: 'hold',
  },
  figures: {
    title: 'Figures', lead: 'What the feet do, and what may be said of it.', search: 'Search figures', searchHint: 'Name, alias or initials', nothing: (text: string) => `No figure is called “${text}”.`, empty: 'The book is empty.', count: (n: number) => plural(n, 'figure'),
    columns: { name: 'Figure', length: 'Counts', starts: 'Starts', ends: 'Ends', level: 'Level' },
    aliases: 'Also called', wordings: 'Words', cautions: 'Take care', entry: 'Begins', exit: 'Ends', remarks: 'Remarks', derived: 'Worked out from the steps', steps: (n: number) => plural(n, 'change of weight', 'changes of weight'),
    foot: (role: string, foot: string) => `${role}’s ${foot} foot free`, eitherFoot: (role: string) => `${role}: either foot`, turn: (n: number) => (n === 0 ? 'no turn' : `turns ${eighths(Math.abs(n))} ${n < 0 ? 'left' : 'right'}`), inHold: (holds: readonly string[]) => (holds.length === 0 ? 'in any hold' : `in ${holds.join(', ')}`), keepsHold: 'keeps its hold', toHold: (hold: string) => `ends in ${hold}`, meantFacing: (list: readonly string[]) => `meant to begin facing ${list.join(' or ')}`,
    takes: (s: string) => `${s} to say`, rate: (n: string, bpm: number) => `${n} steps a second at ${bpm} a minute`, back: 'All figures', unknown: 'There is no such figure in the book.', careFooter: 'Cautions are reminders. The hall’s rules, local codes and a qualified teacher come first.',
    onFoot: (foot: string) => `${foot} foot`, eitherShort: 'either foot',
  },
  tunes: {
    title: 'Tunes', lead: 'Music with its beats, bars and phrases.', empty: 'No tunes yet. Bring in an ABC tune: the house band plays it, with every beat known.', bring: 'Bring in an ABC tune', playing: 'The house band is playing it in. This takes a few seconds.', notBrought: 'The tune was not brought in. ', brought: (title: string) => `“${title}” is ready.`,
    bars: (bars: number, danced: number) => `${bars} bars, ${danced} of them danced`, tempo: (bpm: number, bars: number) => `${bpm} beats a minute, ${bars} bars`, play: 'Play', pause: 'Pause', back: 'All tunes', unknown: 'There is no such tune.', wave: 'The recording, phrase by phrase', starts: 'dance starts', phrases: 'Phrases', section: 'Section', length: 'Bars', from: 'From bar', time: 'At', noSound: 'This tune has no sound here.', playFrom: (label: string, bar: number) => `Play ${label} from bar ${bar}`, total: (sum: string, total: number) => `${sum} = ${total} bars`,
  },
  lectern: {
    ready: 'Ready to call without the network', notReady: 'Getting everything into this browser', notKept: 'Loaded, but this browser keeps nothing: do not close this page.', failed: 'The call could not be prepared. ', start: 'Start', pause: 'Pause', goOn: 'Go on', leave: 'Back to the sheet', leaveTitle: 'Leave the lectern', whole: 'Whole screen', sayNow: 'say it now', sayIn: (beats: number) => `say it in ${counts(beats)}`, nothingMore: 'nothing more to say', theEnd: 'The dance is over.', again: 'From the top', intro: 'Introduction', after: 'Music goes on', countIn: 'Count-in',
    barOf: (bar: number, bars: number) => `bar ${bar} of ${bars}`, left: (time: string) => `${time} left`, tempo: (bpm: number) => `♩ ${bpm}`, facing: (face: string, hold: string) => `facing ${face}, ${hold}`, bar: (n: number) => `bar ${n}`, ofBeats: (n: number) => `of ${n}`, next: 'Next cues', row: 'This phrase', volume: 'Volume', speedText: (percent: number) => `speed ${percent} %`, delay: 'Loudspeaker delay', asleep: 'The screen may go dark by itself: this browser cannot keep it awake.', awake: 'The screen stays awake',
    keys: { space: 'start, pause', part: 'back to the part’s start', phrase: 'phrase before, after', speed: 'slower, faster', whole: 'whole screen', delay: 'loudspeaker delay' },
    keyNames: { space: 'space', part: 'B', phrase: '← →', speed: '− +', whole: 'F', delay: 'D' },
    delayTitle: 'How late are the loudspeakers?', delayText: 'Wireless loudspeakers can be a fifth of a second late. Listen to the clicks from the hall’s loudspeakers and tap the space bar, or the big button, along with them.', delayTap: 'Tap here', delayTaps: (n: number, of: number) => `${n} of ${of} taps`, delayFound: (ms: number, spread: number) => `${ms} ms late, taps within ${spread} ms`, delayUse: 'Use this', delayZero: 'No delay', delayNow: (ms: number) => `Now set: ${ms} ms`, delayAgain: 'Start over',
    loud: 'Mind the loudness for dancers and staff; follow the hall’s rules.', statusStart: (title: string) => `${title}: press space to start`, onlyOnce: 'once', noSound: 'There is no recording: the clock runs at the sheet’s tempo, without sound.', soundFailed: 'The music could not be loaded here. The clock runs without sound.',
  },
  about: {
    title: 'About Dellop', text: 'Dellop writes cue sheets, times every spoken cue ahead of its step against the music’s phrases, and helps to call the dance.', voice: 'Your voice', voiceText: 'How fast you speak cues. 175 words a minute is usual; slower speech needs more room before each step.', wordsPerMinute: 'Words a minute', care: 'Care for bodies', careText: 'Cautions in Dellop are the usual ones. They never replace the rules of the hall, local codes, or a qualified teacher who sees the dancers.', licence: 'Licence', licenceText: 'Dellop is free software under the GNU General Public License, version 3 or later.', notices: 'Notices of the libraries and fonts used',
  },
}
