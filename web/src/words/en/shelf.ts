import { plural } from './english.ts'

/** English of the shelf of sheets: lists, searching, new sheets, the demo. */
export const shelf = {
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
    grown: (date: string) =>
      `Both grew from the sheet as it was on ${date}. What only one side changed is taken; about what both changed you are asked.`,
    inFile: 'Changed in the file',
    here: 'Changed here',
    nothing: 'nothing',
    merge: 'Join them',
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
}
