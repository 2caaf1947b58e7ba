const plural = (n: number, one: string): string => `${n} ${n === 1 ? one : `${one}s`}`

/** Practising aloud, with a floor that answers. */
export const rehearse = {
  of: (dance: string) => `Rehearse: ${dance}`,
  preparing: 'Getting the sound ready',
  stopped: 'Stopped.',
  failed: (why: string) => `The sound could not be made ready: ${why}`,
  empty: 'Nothing is danced in this sheet yet.',
  tabs: {
    take: 'Take',
    drill: 'Drill',
    quiz: 'Quiz',
    walk: 'Walk-through',
    takes: 'All takes',
  },
  speakers: {
    microphone: 'I do, into the microphone',
    key: 'I do, holding a key',
    'stand-in': 'The stand-in, I listen',
  },
  hints: {
    microphone:
      'Say each cue aloud. Headphones are surest; over loudspeakers the music is taken out of what is heard.',
    key: 'Say each cue aloud and hold Space, or the button, from its first to its last sound.',
    'stand-in': 'Listen where the cues lie; the floor dances to the stand-in.',
  },
  mouth: {
    level: 'Level',
    delay: (ms: number) => `heard ${ms} ms after it is played`,
    keep: 'Keep the sound of this take',
    measure: 'Measure the delay',
    measuring: 'Eight clicks play; be quiet for a moment.',
    measureFailed: (why: string) => why,
    measureHint:
      'Once for each device, over its loudspeaker: with headphones, hold one to the microphone.',
    measured: (ms: number, spread: number, heard: number) =>
      `${ms} ms, from ${heard} clicks; half of them lie within ${spread} ms. Kept for this device.`,
    uneven: (ms: number, spread: number) =>
      `${ms} ms, but half of the clicks lie ${spread} ms apart. Measure again, nearer to the loudspeaker.`,
    unheard: 'The clicks were not heard. Turn the loudspeaker up and measure again.',
    troubles: {
      refused:
        'The browser was not allowed to use the microphone. The take goes on: hold Space while you speak.',
      missing: 'There is no microphone. The take goes on: hold Space while you speak.',
      other: 'The microphone did not open. The take goes on: hold Space while you speak.',
      lost: 'The microphone was taken away. The take goes on: hold Space while you speak.',
      silent: 'Nothing at all is heard from the microphone. Hold Space while you speak.',
    },
  },
  announce: 'Warn me of hard places',
  careful: (figure: string, reasons: readonly string[]) =>
    `Careful, soon: ${figure} (${reasons.join(', ')})`,
  hardReasons: {
    marked: () => 'marked as hard',
    'look-alike': (like: string | null) => `sounds like ${like ?? 'another figure'}`,
    changed: () => 'this time through differs',
    touch: () => 'the foot is kept by a touch',
  } as Record<'marked' | 'look-alike' | 'changed' | 'touch', (like: string | null) => string>,
  worth: (planned: number, onTheStep: number) =>
    `An estimate: called as planned, about ${planned} in 100 of this floor get it; with the same words said on the step itself, ${onTheStep}.`,
  saved: (text: string, percent: number) =>
    `“${text}”, said as planned, would have kept ${percent} % more of it right.`,
  sound: 'What was said in this take',
  mends: {
    shorter: (text: string, beats: string) => `Say “${text}”, from ${beats} beats before its step.`,
    earlier: (text: string, beats: string) =>
      `Begin “${text}” earlier: ${beats} beats before its step.`,
    'as-said': (text: string, beats: string) =>
      `Plan “${text}” where you say it: ${beats} beats before its step.`,
  },
  takeMend: 'Change the sheet',
  mended: 'The sheet was changed.',
  takeBack: 'Take back',
  useLengths: 'Use how I said it',
  lengthsHint: (cues: number, leftOut: readonly string[]) =>
    `Plans with your own lengths of ${plural(cues, 'wording')}.${leftOut.length > 0 ? ` Left out as unlike the rest: ${leftOut.join(', ')}.` : ''}`,
  lengthsKept: (cues: number) =>
    `Kept: ${plural(cues, 'wording')} are planned for as you say them. It can be undone under Voice.`,
  noTakes: 'No take of this dance has been kept yet.',
  inTimeShare: 'Cues in time, %',
  takeNumber: 'Take',
  percentLabel: '%',
  takesTold: (takes: number, last: number) =>
    `${plural(takes, 'take')}; in the last one ${last} % of the cues were in time.`,
  layOver: 'Choose two takes to lay their leads over each other.',
  laidTold: (takes: readonly string[]) => `Leads of ${takes.join(' and ')}, over the dance.`,
  when: 'When',
  inTimeColumn: 'In time',
  rightColumn: 'Floor right',
  soundColumn: 'Sound',
  forget: 'Delete',
  drill: {
    about:
      'A passage goes round. Two good rounds raise the speed by 5 %, two bad ones lower it; at tempo the next stage comes.',
    from: 'From',
    to: 'To',
    way: 'Stages',
    ways: {
      round: 'all of it, round',
      join: 'each joined to the one before',
      build: 'built up from the first',
    },
    beginAt: 'Begin at',
    nobody: 'Nobody: I dance, and say how it went',
    sounds: 'What sounds',
    layers: {
      music: 'the music',
      cues: 'music and cues',
      count: 'the count alone',
      silent: 'nothing',
    },
    leadIn: 'Count-in',
    leadIns: { music: 'the music before it', clicks: 'a bar of clicks' },
    resume: (percent: number, stage: number) => `Go on at ${percent} %, stage ${stage}`,
    forget: 'Begin anew instead',
    stage: (what: string, stage: number, stages: number, percent: number, round: number) =>
      `${what}: stage ${stage} of ${stages}, ${percent} %, round ${round}`,
    well: 'It went well',
    badly: 'Not yet',
    breath: 'A breath, and again.',
    dueTitle: 'Due again',
    practise: 'Practise it',
    steps: 'Steps',
    layer: 'Practise',
    stepLayers: { both: 'feet and arms', feet: 'feet alone', arms: 'arms and holds alone' },
    role: 'Steps of',
    bothRoles: 'both',
    noSteps: 'Nothing with steps is danced here.',
  },
  quiz: {
    about: 'Questions from the sheet as it stands; keys 1 to 4 answer.',
    due: (n: number) =>
      n === 0 ? '' : `${n} of what you practised ${n === 1 ? 'is' : 'are'} due again.`,
    none: 'There is nothing to ask about in this dance yet.',
    asks: {
      next: (figure: string, part: string) => `${part}: what comes after ${figure}?`,
      foot: (figure: string, part: string, role: string) =>
        `${part}, before ${figure}: which foot is free? (${role})`,
      facing: (figure: string, part: string, role: string) =>
        `${part}, before ${figure}: where do they look? (${role})`,
      hold: (figure: string, part: string) => `${part}, before ${figure}: in which hold?`,
      wall: (_figure: string, part: string) => `${part}: which wall does it begin to?`,
      neighbour: (_figure: string, part: string) => `${part}: whom does the first lead meet?`,
      counts: (figure: string, part: string, _role: string, count: number) =>
        `${part}: after ${plural(count, 'count')} of ${figure}, how many are left?`,
      pass: (_figure: string, part: string) => `Which time through ${part} is danced otherwise?`,
    } as Record<
      'next' | 'foot' | 'facing' | 'hold' | 'wall' | 'neighbour' | 'counts' | 'pass',
      (figure: string, part: string, role: string, count: number) => string
    >,
    feet: { left: 'the left', right: 'the right' },
    eitherFoot: 'either, or none',
    end: 'nothing: the dance is over',
    differs: (usual: string | null, here: string | null) =>
      usual === null
        ? `${here} is put in`
        : here === null
          ? `${usual} is left out`
          : `${here} in place of ${usual}`,
    right: 'Right.',
    wrong: (answer: string) => `Not quite: ${answer}.`,
    chain: 'What leads up to it, for the lead:',
    figure: 'Before',
    weight: 'Weight on',
    weights: { left: 'left', right: 'right', both: 'both', split: 'split' },
    facing: 'Looks',
    hold: 'Hold',
    next: 'Next question',
    sum: (right: number, all: number) => `${right} of ${all} right so far.`,
  },
  passage: 'Passage',
  whole: 'The whole dance',
  who: 'Who speaks',
  hall: 'The hall',
  halls: ['quiet', 'usual', 'loud', 'very loud'] as readonly string[],
  known: 'The floor has danced it',
  before: (times: number) => (times === 0 ? 'never' : times === 1 ? 'once' : `${times} times`),
  dancers: 'Dancers, or couples',
  start: 'Start',
  stop: 'Stop (Esc)',
  hold: 'Hold while you speak (Space)',
  speaking: 'Speaking ...',
  live: 'While it plays',
  before0: 'Introduction',
  nothingMore: 'no more cues',
  about:
    'One take: the music plays, you call, and Dellop says which cues were in time and what a floor would have danced. It is kept under All takes; your voice is recorded only where you ask for it.',
  tooSoon: 'That was stopped before the step of the first cue: there is nothing to say of it yet.',
  result: 'How it went',
  inTime: (percent: number, cues: number) => `${percent} % of ${plural(cues, 'cue')} in time.`,
  leadTold: (median: string, spread: string) =>
    `The middle lead is ${median} beats; half of them lie within ${spread} beats of each other.`,
  extra: (n: number) => `${plural(n, 'time')} something was said that is not in the plan.`,
  leads: 'Lead, beats',
  least: 'least lead',
  verdicts: {
    'in-time': 'in time',
    tight: 'tight',
    late: 'late',
    early: 'early',
    missed: 'missed',
    'over-another': 'over another cue',
  },
  advice: {
    'in-time': '',
    tight: '',
    late: 'Begin earlier, or say it shorter.',
    early: 'Wait: some of the floor will go at once.',
    missed: 'Say it alone, slowly, then with the cue before it.',
    'over-another': 'Shorten the cue before it, or join the two.',
  },
  againFrom: 'Again from here',
  floor: 'What the floor would have danced',
  floorTold: (take: number, plan: number) =>
    `${take} % danced rightly with this take; ${plan} % had it been called as planned.`,
  floorShare: 'Danced rightly, %',
  floorTake: 'this take',
  floorPlan: 'as planned',
  weakest: (time: string) => `The hardest moment was at ${time}:`,
  estimate:
    'The floor is an estimate for practising: how people hear, react and remember is set above, and no hall is like another.',
  deeds: {
    right: (n: number) => `${n} right`,
    early: (n: number) => `${n} too early`,
    late: (n: number) => `${n} hesitating`,
    other: (n: number) => `${n} doing another figure`,
    standing: (n: number) => `${n} standing`,
    out: (n: number) => `${n} on the other foot`,
  },
  at: 'At',
  cue: 'Cue',
  how: 'How it was',
  leadColumn: 'Lead, beats',
  walk: {
    title: 'Walk-through',
    about: (group: string | null) =>
      group
        ? `What to go through before it is danced, for ${group}: what is new first, then each part, then all of it.`
        : 'What to go through before it is danced. Choose a group under Figures, and what it knows is left to the cues.',
    minutes: 'Minutes there are',
    run: 'Run it',
    print: 'Print',
    all: 'Put all back',
    next: (name: string) => `Next: ${name}`,
    late: 'More than five minutes over: leave something to the cues.',
    on: 'On to the next',
    done: 'Done',
    end: 'Stop here',
    leave: 'Leave out',
    total: (minutes: string) => `In all ${minutes} minutes.`,
    leftOut: 'Left out, the least harm first',
    care: 'Turns, dips and arms overhead are shown first by who is qualified to teach them; let everybody sit out who wants to.',
    kinds: {
      recap: (what: string) => `Once more: ${what}`,
      figure: (what: string) => `${what}: steps alone, then together`,
      hard: (what: string) => `Hard place: ${what}`,
      build: (what: string) => `Build up ${what}`,
      join: (what: string) => `Into ${what} from the part before`,
      count: () => 'All of it to the count',
      slow: () => 'All of it to slow music',
      tempo: () => 'Danced as it is called',
    },
    reasons: {
      known: 'they know these: warm up with them',
      new: 'new to them',
      beyond: 'new, and beyond their level',
      'marked-hard': 'marked as hard',
      'has-new': 'has new figures in it',
      'first-time': 'its order is new',
      'goes-on': 'where it is joined',
      'all-of-it': 'without music first',
      'before-music': 'slower before it is fast',
      'as-called': 'with cues and music',
      'no-time': 'no time for it',
      'cue-is-enough': 'left to the cue alone',
    },
  },
}
