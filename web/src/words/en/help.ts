/** A page of the help: what a view is for, and how the first things are done in it. */
export interface HelpTopic {
  readonly id: string
  readonly title: string
  readonly text: readonly string[]
  readonly steps?: readonly string[]
}

/** English of the help, in the order of the work. It is written for somebody's first month. */
export const help = {
  title: 'Help',
  lead: 'What each page is for, in the order of the work.',
  search: 'Search the help',
  nothing: (text: string) => `Nothing in the help speaks of “${text}”.`,
  topics: [
    {
      id: 'first-day',
      title: 'The first day',
      text: [
        'A dance is a sheet. A sheet has parts, a part has figures, and the order says which part comes when. Dellop works out the rest: which foot is free, whether the parts fill the phrase, and when each cue has to be said so that it is heard before its step.',
      ],
      steps: [
        'Open a sheet of the demo and press Call this dance. Space starts it, space again pauses.',
        'Under Tunes, import a recording you have. Dellop finds its beat; play it with the click and put right what is wrong.',
        'Under Sheets, press New sheet. Give its name, its dance and its tune.',
        'Press A on the page, type the beginning of a figure, Enter. The list stays open for the next one.',
        'Look at To fix. Each line says what does not add up, and offers what would put it right.',
      ],
    },
    {
      id: 'tunes',
      title: 'Tunes',
      text: [
        'A tune is music with its beats, bars and phrases. A recording may be a sound file of your own, or written music that the house band plays.',
        'Where the beat was heard twice too fast or half too slow, Half as many beats and Twice as many put it right. Where the bar begins on the wrong beat, choose the beat that is one.',
        'A music cue is a moment that everybody hears, such as pipes entering. A part can be made to start there.',
      ],
    },
    {
      id: 'figures',
      title: 'Figures',
      text: [
        'The book has the steps of each figure for both roles, the holds it can begin in, and the words it is called by: full, short, and a key word.',
        'Any figure may end in another hold: to semi, to face, to butterfly, pick up. Its last step turns as that asks. A hold that is in no list is added where holds are chosen.',
        'A figure of your own is written as a line of steps. While you write, the chart beside it shows what was understood.',
        'Cautions belong to a figure. The hall’s rules, local codes and a qualified teacher come first.',
      ],
    },
    {
      id: 'sheet',
      title: 'The page of a sheet',
      text: [
        'One phrase is one row. Above is what is said, below is what is danced. A cue stands left of its figure, and the gap between them is the lead: the time the dancers have.',
        'The strip at the top is the order. Drag a part to another place, or move it with Alt and an arrow key.',
        'Choose a figure, and the panel shows its words with how long they take, where its cue stands and why, and its steps. Every A changes all times through A; This time only changes one.',
        'Text shows the same sheet as a text beside the page. Each follows the other.',
      ],
      steps: [
        'A adds a figure after the chosen one, Enter replaces it, Delete takes it out.',
        'H dances half of it, R once more, O on the opposite foot.',
        'W goes to its words, S makes it silent, [ and ] move its cue.',
        'V lets you hear the phrase of the chosen figure over the music, or all of it; once more stops it.',
        'N goes to the next thing to fix. Ctrl Z undoes. Question mark lists all keys.',
      ],
    },
    {
      id: 'floor',
      title: 'Floor: who stands where',
      text: [
        'A set, a ring, a mixer or lines: under About this sheet say how they stand, such as longways of 6, duple improper, or square.',
        'Figures of sets say who moves where. For words of your own, choose them and type it: 1-8 leads: cast in file; or in fours: star right 4.',
        'Floor, in the menu of the sheet, shows everybody from above at any beat, who is out, whom one meets, and after how many times through all are home.',
        'Places that do not come out are under To fix: two in one place, a set that does not go on, dancers who run into each other.',
        'In a hall tells how many sets fit. Leave room to walk round them, and go by the rules of the hall.',
      ],
    },
    {
      id: 'fixing',
      title: 'To fix',
      text: [
        'What stops the dance comes first, then what does not add up, then notes that may be left. Each has its sum.',
        'A fix is shown on the page before it is applied. Escape leaves the page as it was.',
        'You decide: It is meant so keeps a finding away from the list, with your reason, until you take it up again.',
      ],
    },
    {
      id: 'calling',
      title: 'Calling',
      text: [
        'The calling screen shows the next cue, and a bar that runs down to the moment to speak. It works without the network once it says that it is ready.',
        'Where the floor is lost, press X. Dellop offers places to come back in; a digit takes one. Where they danced the other figure, press O.',
        'Every key can be undone with Z. A page-turn pedal or a clicker works as the space bar, and more can be taught under K.',
      ],
    },
    {
      id: 'free',
      title: 'Calling without a sheet',
      text: [
        'Dellop offers what may come next: what can be danced from where they stand, and with which the phrase still closes. A digit takes it.',
      ],
    },
    {
      id: 'styles',
      title: 'Calling styles',
      text: [
        'A style says how it is counted, how far ahead cues are said, how much is said, and which heads-ups there are. Each sheet has one; this evening or a group may have another.',
      ],
    },
    {
      id: 'voice',
      title: 'Your voice',
      text: [
        'Every cue is planned by how long its words take you to say. Measure your voice once, with twelve short cues, and the plan fits you. Nothing you say leaves this machine.',
      ],
    },
    {
      id: 'rehearsing',
      title: 'Rehearsing',
      text: [
        'Rehearse aloud, in the menu of a sheet: the music plays, you call, into the microphone or holding a key, and Dellop says which cues were in time and what a floor would have danced.',
        'With headphones it hears you best. Over loudspeakers the music is taken out of what is heard; measure the delay once for each device. Nothing leaves this machine.',
        'A drill goes round a passage, faster as it goes well. The quiz asks from the sheet. What you practised comes back after days.',
      ],
    },
    {
      id: 'evenings',
      title: 'Evenings, lessons, logbook',
      text: [
        'A programme has its times by the minute, and says what is worth a look: too long, no rest, too few dancers, danced last time. It can be filled for you from the shelf, with reasons.',
        'Tonight shows now, next and how late it is, and what can be shortened. It keeps the programme, the dances and their music in this browser, and says when all of it can be called without the server. Calls that end are written into the logbook by themselves, and count for the group.',
        'Lessons are weeks of topics: what has to come before what is said, and what was not reached moves on. The coverage shows what was taught, danced, and is due again.',
      ],
    },
    {
      id: 'groups',
      title: 'Groups',
      text: [
        'A group is the people you call for: how far they are, and what they have been taught. While one is chosen, lists are narrowed to what they know, and a sheet says what to teach before.',
      ],
    },
    {
      id: 'files',
      title: 'Files, paper and other machines',
      text: [
        'Under Hand on in its menu, a sheet goes out as a file that another Dellop reads, as text, or with its cues and their times. Print makes A4, A5 or large print, short or with every step.',
        'Everything is kept in one data folder on this machine. Every version of a sheet is kept, and you can go back to any of them. Backup, in the settings, puts everything into one file.',
      ],
    },
  ] satisfies readonly HelpTopic[] as readonly HelpTopic[],
}
