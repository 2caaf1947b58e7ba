import type { Catalogue } from '../en/index.ts'
import { keyName } from '../shared.ts'
import { bars, counts, foot, hold, number, plural } from './german.ts'

/** Things to put right. */
const toFix = (n: number): string => `${n} zu beheben`

/** German of the page of phrases, and of why a cue stands where it does. */
export const sheet: Catalogue['sheet'] = {
  hear: 'Ansagen anhören',
  toLectern: 'Diesen Tanz ansagen',
  back: 'Alle Blätter',
  menu: {
    label: 'Mehr zu diesem Blatt',
    floor: 'Tanzfläche: wer wo steht',
    rehearse: 'Laut üben',
    print: 'Drucken',
    text: 'Text neben der Seite',
    about: 'Über dieses Blatt',
    'hand-on': 'Weitergeben: Datei, Text, Ansagen, Kopie',
    history: 'Verlauf',
    keys: 'Tasten der Seite',
    help: 'Hilfe zur Seite',
    file: 'Blatt als Datei herunterladen',
  },
  actions: 'Was mit der Figur geschieht',
  noOrder: 'Es gibt Teile, aber noch keinen im Ablauf.',
  putInOrder: (part) => `${part} tanzen`,
  emptyPage: 'Noch keine Figur. Mit der ersten beginnt der Tanz.',
  nothingYet: 'noch nichts geschrieben',
  tempo: (bpm, beatsPerBar) =>
    `${number(bpm / beatsPerBar, 1)} Takte/min, ${Math.round(bpm)} Schläge/min`,
  facing: (face) => `Blick ${face}`,
  calledBy: (school) => `angesagt im Stil „${school}“`,
  inAll: (danced, music, inBars) => {
    const unit = (n: number): string => (inBars ? bars(n) : counts(n))
    if (music === null) return unit(danced)
    if (music === danced) return `${unit(danced)}, passt zur Musik`
    const off = Math.round(Math.abs(music - danced) * 100) / 100
    return `${unit(off)} ${danced < music ? 'kürzer' : 'länger'} als die Musik`
  },
  toFix: (n) => (n === 0 ? 'nichts zu beheben' : toFix(n)),
  toFixLabel: (n) =>
    n === 0 ? 'Nichts zu beheben; siehe Anmerkungen' : `${toFix(n)}: siehe Liste`,
  chipHelp: 'Alt und ein Pfeil verschieben, Entf nimmt heraus',
  passMenu: (part) => `Dieser Durchgang von ${part}`,
  sayKind: { full: 'Voll', short: 'Kurz', keyWord: 'Stichwort' },
  couples: 'Paare',
  by: 'von',
  title: 'Name des Tanzes',
  author: 'Von wem er ist',
  danced: (time) => `${time} getanzt`,
  timedOn: 'Zeiten nach',
  toTune: 'Musik öffnen',
  musicOf: (tune, recording) => `${tune} · ${recording}`,
  musicNone: 'Keine Musik mehr: Die Ansagen stehen nach einem gleichmäßigen Tempo.',
  musicNow: (music) => `Die Ansagen stehen jetzt nach „${music}“.`,
  musicDiffers: (music, differences) =>
    `Die Ansagen stehen jetzt nach „${music}“. Die Aufnahme ist ${differences}.`,
  tuneGone: 'Die Musik, nach der es stand, gibt es nicht mehr. Wählen Sie eine andere.',
  recordingGone: (name) =>
    `Die Aufnahme, nach der es stand, gibt es nicht mehr; die Ansagen stehen nach „${name}“.`,
  round: (differences, roles, face) => {
    if (differences.length === 0) return 'Er endet, wie er begann.'
    const who = (role: 'lead' | 'follow'): string => (roles ? roles[role] : 'alle')
    const free = (side: string | null): string =>
      side === null ? 'Gewicht auf beiden Füßen' : `${foot(side)} Fuß frei`
    const told = differences.map((one) => {
      if (one.what === 'hold') return `Haltung am Ende: ${hold(one.now)}, statt ${hold(one.wanted)}`
      if (one.what === 'foot')
        return `${who(one.role)}: ${free(one.now)}, statt ${free(one.wanted ?? null)}`
      return `${who(one.role)}: Blick ${face(one.now as never)}, statt ${face(one.wanted as never)}`
    })
    return `Er endet anders, als er begann: ${told.join('; ')}.`
  },
  saved: 'Gespeichert',
  savedBut: 'Gespeichert; oberhalb der Seite steht eine Frage.',
  saving: 'Wird gespeichert',
  offline:
    'Noch nicht gespeichert: Der Server ist nicht erreichbar. Alles bleibt in diesem Browser erhalten.',
  refused: 'Nicht gespeichert: ',
  undo: 'Rückgängig',
  redo: 'Wiederherstellen',
  undone: (what) => `Rückgängig: ${what}`,
  redone: (what) => `Wiederhergestellt: ${what}`,
  keys: 'Tasten',
  order: 'Ablauf',
  addPass: 'Durchgang einfügen',
  newPart: 'Neuer Teil',
  partName: 'Name des Teils',
  removePass: (part) => `Diesen Durchgang von ${part} herausnehmen`,
  earlier: (part) => `${part} früher`,
  later: (part) => `${part} später`,
  introduction: 'Intro',
  introductionNote: 'vor dem Tanz',
  after: 'Danach',
  afterNote: 'nach dem Tanz',
  bar: (n) => `Takt ${n}`,
  unit: (n, inBars) => (inBars ? (n === 1 ? 'Takt' : 'Takte') : n === 1 ? 'Schlag' : 'Schläge'),
  of: (n, inBars) =>
    `von ${inBars ? plural(n, 'Takt', 'Takten') : plural(n, 'Schlag', 'Schlägen')}`,
  open: (n) => `${counts(n)} offen`,
  slipsHere: (n) => `ging hier zuletzt ${n}-mal schief`,
  howLong: 'wie lang?',
  openIn: (n, beatsPerBar) =>
    beatsPerBar !== null && n % beatsPerBar === 0
      ? `${bars(n / beatsPerBar)} offen`
      : `${counts(n)} offen`,
  over: (n) => `${counts(n)} zu viel`,
  changedPass: 'dieses Mal anders',
  changedMark: 'nur dieses Mal',
  firstFigure: 'Erste Figur einfügen',
  addAfter: 'Danach einfügen',
  addHere: 'Figur einfügen',
  replace: 'Ersetzen',
  pickDone: 'Fertig',
  pickAgain: 'Sie steht auf der Seite. Die nächste tippen, oder Esc.',
  pickLabel: 'Name der Figur, anderer Name oder Anfangsbuchstaben',
  pickHint: 'Box, ltb, jazz box 1/4 right …',
  didYouMean: 'war das gemeint?',
  fitsHere: 'passt hier',
  fitsNot: 'braucht erst eine Änderung',
  asWords: (text) => `„${text}“ als Worte behalten`,
  blockLabel: (name, place, length, only, trouble) =>
    [`${name}${only ? ` ${only}` : ''}, ${place}, ${length}`, trouble].filter(Boolean).join('. '),
  page: 'Seite mit den Phrasen',
  pageHelp: 'Pfeiltasten gehen von Figur zu Figur. Das Fragezeichen zeigt alle Tasten.',
  empty: 'Dieser Teil ist leer.',
  said: 'gesagt',
  dancedLane: 'getanzt',
  scope: 'Änderungen gelten für',
  scopePart: (part) => `jedes ${part}`,
  scopePass: 'nur dieses Mal',
  nothingSelected:
    'Wählen Sie auf der Seite eine Figur: Hier stehen dann ihre Schritte, ihre Worte, und warum ihre Ansage steht, wo sie steht.',
  halve: 'Halb',
  wholeAgain: 'Ganz',
  more: 'Einmal mehr',
  less: 'Einmal weniger',
  reflect: 'Anderer Fuß',
  earlierSlot: 'Früher',
  laterSlot: 'Später',
  remove: 'Herausnehmen',
  say: 'Sagen',
  full: 'voll',
  short: 'kurz',
  keyWord: 'Stichwort',
  chosen: 'hier gesagt',
  silent: 'Hier nichts sagen',
  spoken: 'Ansagen',
  remark: 'Bemerkung',
  why: 'Warum hier',
  steps: 'Schritte',
  length: 'Länge in Schlägen',
  mend: 'Zu beheben',
  allWell: 'Nichts zu beheben. Die Teile gehen auf, die Füße sind frei, und jede Ansage passt.',
  notes: 'Anmerkungen',
  overruled: 'So gelassen',
  overrule: 'Das soll so sein',
  searchingRepairs: 'Es wird gesucht, was es behebt …',
  overruleWhy: 'Warum ist es richtig so?',
  overruleReason: 'soll so sein',
  go: 'Dorthin',
  conflict: 'An zwei Stellen geändert',
  conflictKept: 'Die andere Änderung blieb.',
  conflictMine: 'Ihre war:',
  useMine: 'Meine nehmen',
  dismiss: 'Andere behalten',
  fromFile: {
    conflictKept: 'Was hier steht, blieb:',
    conflictMine: 'In der Datei steht:',
    useMine: 'Aus der Datei nehmen',
    dismiss: 'Behalten, was hier steht',
    conflictRemoved:
      'Etwas, das auf einer Seite geändert ist, wurde auf der anderen herausgenommen; es blieb erhalten.',
    conflictMoved: 'Eine Figur wurde an zwei Stellen verschoben; die Stelle hier blieb.',
  },
  conflictRemoved:
    'Etwas, das Sie geändert haben, wurde anderswo herausgenommen; es blieb erhalten.',
  conflictMoved: 'Eine Figur wurde an zwei Stellen verschoben; die andere Stelle blieb.',
  changedField: (field) => `„${field}“`,
  place: (bar, part, time) => `Takt ${bar} von ${part}, ${time}`,
  keysTitle: 'Tasten der Seite',
  keyName: (key) => keyName(key, { ctrl: 'Strg', shift: 'Umschalt', Delete: 'Entf' }),
  pageCommands: {
    before: 'vorige Figur',
    after: 'nächste Figur',
    'row-before': 'vorige Zeile',
    'row-after': 'nächste Zeile',
    add: 'Figur nach dieser einfügen',
    replace: 'ersetzen',
    remove: 'herausnehmen',
    'move-before': 'nach vorn verschieben',
    'move-after': 'nach hinten verschieben',
    halve: 'die Hälfte davon, oder wieder ganz',
    more: 'einmal mehr',
    less: 'einmal weniger',
    reflect: 'anderer Fuß',
    silence: 'hier nichts sagen, oder wieder ansagen',
    words: 'die Worte ändern',
    'cue-earlier': 'die Ansage früher, und dort angeheftet',
    'cue-later': 'die Ansage später, und dort angeheftet',
    'cue-free': 'Dellop setzt die Ansage wieder',
    'next-finding': 'nächster Befund',
    'previous-finding': 'voriger Befund',
    'extend-before': 'die davor dazuwählen',
    'extend-after': 'die danach dazuwählen',
    copy: 'kopieren',
    cut: 'ausschneiden',
    paste: 'dahinter einsetzen',
    duplicate: 'dahinter noch einmal, wie sie ist',
    leave: 'Vorschau oder Auswahl verlassen',
    undo: 'rückgängig',
    redo: 'wiederherstellen',
    hear: 'die gewählte Phrase hören, oder alles; anhalten',
    lectern: 'diesen Tanz ansagen',
    keys: 'diese Tasten',
  },
}

export const why: Catalogue['why'] = {
  lead: (beats, seconds, least) =>
    `Endet ${beats} vor dem Schritt: ${seconds}, mindestens ${least} verlangt.`,
  earlier: (seconds, held) =>
    `Könnte bis zu ${seconds} früher beginnen; dann ${held === 'cue-before' ? 'liefe sie in die Ansage davor' : 'hätte die Figur davor noch nicht begonnen'}.`,
  notEarlier: (held) =>
    held === 'cue-before'
      ? 'Früher geht es nicht: Die Ansage davor wird noch gesagt.'
      : 'Früher geht es nicht: Die Figur davor hat noch nicht begonnen.',
  later: (seconds) => `Könnte bis zu ${seconds} später beginnen.`,
  runnerUp: (text, moved, cost) =>
    `Nächstbeste: „${text}“, ${moved}, um ${cost} Punkte schlechter.`,
  alone: 'Es gibt keinen anderen Wortlaut.',
  sooner: (seconds) => `${seconds} früher`,
  afterwards: (seconds) => `${seconds} später`,
  same: 'im selben Moment',
  beats: (n) => plural(Math.round(n * 100) / 100, 'Schlag', 'Schläge'),
  silent: {
    'on-purpose': 'Still, weil Sie es so wollen.',
    'counts-only': 'Auf diesem Blatt wird nur gezählt.',
    joined: 'Schon gesagt, zusammen mit der Ansage davor.',
    'no-wording': 'Hier gibt es nichts zu sagen.',
    'no-room': 'Nicht einmal der kürzeste Wortlaut passt vor den Schritt.',
    crowded: 'Allein würde sie passen, aber nicht neben den Ansagen ringsum.',
  },
  unmeasured:
    'Die Längen stammen vom üblichen Sprechtempo, mit mindestens 0,15 s Zugabe, bis Ihre eigene Stimme gemessen ist.',
}
