import {
  directionTold,
  facingTold,
  findingMessage,
  findingSum,
  repairLabel,
} from '@dellop/core/check'
import { own } from '@dellop/core/document'
import { levelsIn, remarkIn, stepIn, variationIn } from '@dellop/core/figure'
import { styleAbout, styleName } from '@dellop/core/school'
import { changeWords } from '@dellop/core/sheet'
import { problemSentence } from '@dellop/core/words'
import { GERMAN_REFUSALS, type ProblemBody, type ProblemCode } from '@dellop/wire'
import type { Catalogue } from '../en/index.ts'
import { inLocale, keyName } from '../shared.ts'
import { cues } from './cues.ts'
import { figures } from './figures.ts'
import { floor } from './floor.ts'
import { backup } from './backup.ts'
import { evenings } from './evenings.ts'
import { lessons, logbook } from './lessons.ts'
import { rehearse } from './rehearse.ts'
import {
  bars,
  clock,
  counts,
  eighths,
  facing,
  foot,
  hold,
  minutes,
  number,
  ordinal,
  passName,
  plural,
  slotName,
} from './german.ts'
import { help } from './help.ts'
import { lectern } from './lectern.ts'
import { schools } from './schools.ts'
import { sheets } from './sheets.ts'
import { tunes } from './tunes.ts'
import { voice } from './voice.ts'

/** What the server refuses of itself, by its code. */
const ANSWERS: Readonly<Record<ProblemCode, string>> = {
  'input.invalid': 'Das kann der Server so nicht annehmen. Nichts wurde geändert.',
  'input.not-json': 'Was gesendet wurde, ist nicht lesbar. Nichts wurde geändert.',
  'input.type': 'Diese Art von Datei wurde hier nicht erwartet.',
  'input.too-large': 'Das ist größer, als hier angenommen wird.',
  'origin.refused': 'Dellop antwortet nur diesem Rechner und den Bildschirmen, die er zulässt.',
  'not-found': 'Das gibt es hier nicht, oder nicht mehr.',
  'method.refused': 'Das geht an dieser Stelle nicht.',
  'edit.refused': 'Es wurde inzwischen anderswo geändert. Sehen Sie es neu an und ändern Sie dann.',
  exists: 'Das gibt es hier schon.',
  'server.stopping': 'Der Server wird gerade beendet. Nichts wurde geändert.',
  'storage.full': 'Der Datenträger ist voll. Nichts wurde geändert; schaffen Sie Platz.',
  'storage.busy':
    'Ein anderes Programm hält die Daten fest. Nichts wurde geändert; versuchen Sie es gleich noch einmal.',
  'server.failed': 'Dem Server ist etwas misslungen. Nichts wurde geändert.',
}

/** What the server says of its own; null for what the core says. */
function refused({ code, params }: NonNullable<ProblemBody['said']>): string | null {
  const name = /^server\.(.+)$/.exec(code)?.[1]
  const sentence = name === undefined ? undefined : own(GERMAN_REFUSALS, name)
  return sentence ? (sentence as (values: unknown) => string)(params) : null
}

/** Roles as styles usually call them. */
const ROLES: Readonly<Record<string, string>> = {
  lead: 'führend',
  follow: 'folgend',
  man: 'Herr',
  lady: 'Dame',
}

/** Things to put right. */
const toFix = (n: number): string => `${n} zu beheben`

/** The words of the screen in German. */
export const de: Catalogue = {
  nav: {
    label: 'Bereiche',
    skip: 'Zum Inhalt springen',
    tunes: 'Musik',
    figures: 'Figuren',
    sheets: 'Blätter',
    lectern: 'Ansagebildschirm',
    voice: 'Stimme',
    schools: 'Ansagestile',
    groups: 'Gruppen',
    settings: 'Einstellungen',
    themes: { system: 'Hell oder dunkel wie das System', light: 'Hell', dark: 'Dunkel' },
    calls: 'Bisherige Ansagen',
    help: 'Hilfe',
    helpHere: 'Hilfe zu dieser Seite',
    search: {
      label: 'Alles durchsuchen',
      keys: 'Strg K',
      hint: 'Ein Blatt, ein Musikstück, eine Figur',
      recent: 'zuletzt offen',
      sheet: 'Blatt',
      tune: 'Musik',
      figure: 'Figur',
    },
    about: 'Über Dellop',
  },
  app: {
    updateWaiting: 'Eine neue Fassung von Dellop ist bereit.',
    update: 'Jetzt neu laden',
    nowhere: 'Diese Seite gibt es nicht.',
    toShelf: 'Zu allen Blättern',
    loading: 'Einen Moment',
    again: 'Noch einmal versuchen',
    close: 'Schließen',
  },
  setAside: {
    title: (n) => (n === 1 ? 'Ein Eintrag ist nicht lesbar' : `${n} Einträge sind nicht lesbar`),
    lead: 'Alles andere geht so, als wären sie nicht da. Nichts daran wird geändert oder gelöscht.',
    take: 'So ausführen, wie es ist',
    kinds: {
      sheet: 'Blatt',
      tune: 'Musik',
      figure: 'Figur',
      school: 'Ansagestil',
      group: 'Gruppe',
      call: 'Ansage',
      practice: 'Durchgang',
      evening: 'Abend',
      series: 'Reihe',
      entry: 'Logbucheintrag',
      settings: 'Einstellungen',
    },
  },
  trouble: {
    title: 'Etwas ist schiefgegangen',
    unexpected:
      'Dellop ist auf etwas gestoßen, womit es nicht gerechnet hat. Was Sie geschrieben haben, bleibt erhalten. Der Bericht sagt, wo es geschah.',
    copy: 'Bericht kopieren',
    close: 'Schließen',
    offline: 'Der Server von Dellop ist nicht erreichbar. Vielleicht wurde er beendet.',
    both: (mine, kept) =>
      `„${mine}“ wurde nicht behalten: Jemand anderes hat inzwischen „${kept}“ daraus gemacht. Wählen Sie noch einmal, wenn Sie Ihres wollen.`,
    server: 'Der Server konnte das nicht tun. Nichts wurde geändert.',
    low: 'Die Platte dieses Rechners ist so gut wie voll. Was Sie ändern, wird noch eine kleine Weile gespeichert: Schaffen Sie Platz.',
    answer: ({ code, detail, said }) =>
      said ? (refused(said) ?? problemSentence({ ...said, message: detail }, 'de')) : ANSWERS[code],
  },
  format: {
    counts,
    clock,
    minutes,
    facing,
    ordinal,
    passName,
    slotName,
    variation: (variation) => variationIn('de', variation),
    direction: (value, frame) => directionTold(value, frame, { line: 'lead' }, 'de'),
    towards: (value, frame) => facingTold(value, frame, 'de'),
    decimal: (n, places) =>
      n
        .toFixed(places)
        .replace(/^-(?=[0.]*$)/, '')
        .replace('-', '−')
        .replace('.', ','),
    seconds: (s) => `${s.toFixed(2).replace('.', ',')} s`,
    bars,
    moment: (ms) => inLocale.d(ms, 'moment'),
    shortDate: (ms) => inLocale.d(ms, 'short'),
    date: (ms) => inLocale.d(ms, 'long'),
  },
  finding: {
    message: (finding) => findingMessage(finding, 'de'),
    sum: (finding) => findingSum(finding, 'de'),
    repair: (repair) => repairLabel(repair, 'de'),
  },
  problem: (told) => problemSentence(told, 'de'),
  /** What comes with Dellop in its own words: calling styles, cautions and remarks of figures. */
  shipped: {
    style: (school) => styleName('de', school),
    styleAbout: (school) => styleAbout('de', school),
    remark: (text) => remarkIn('de', text),
    step: (text) => stepIn('de', text),
    role: (label) => ROLES[label] ?? label,
  },
  /** What edits do to a sheet, a sentence each. */
  changes: (before, edits, book) => changeWords(before, edits, book, 'de'),
  severity: { stop: 'Hält den Tanz auf', mend: 'Zu beheben', note: 'Anmerkung' },
  hold,
  ownHold: {
    ask: 'eine eigene Haltung …',
    title: 'Eine eigene Haltung',
    name: 'Name',
    example: 'Korb',
    hands: 'Gefasste Hände',
    pair: (lead, follow) => `führend ${lead} mit folgend ${follow}`,
    stand: 'Sie stehen',
    anyhow: 'so oder so',
    standing: { facing: 'einander gegenüber', beside: 'nebeneinander' },
    mirror: (name) => `Gespiegelt getanzt heißt sie „${name}“.`,
    known: (name) => `„${name}“ steht schon in der Liste.`,
    letters: 'Erwartet wurde ein Name aus Buchstaben.',
    take: 'Diese Haltung nehmen',
  },
  role: { lead: 'führend', follow: 'folgend' },
  level: levelsIn('de'),
  caution: {
    arms: 'Arme',
    neck: 'Nacken',
    spin: 'Drehen',
    dip: 'Neigen',
    knees: 'Knie',
    floor: 'Boden',
    crowding: 'Gedränge',
    heat: 'Hitze',
    tempo: 'Tempo',
  },
  done: {
    pin: 'Ansage anheften',
    added: 'Figur einfügen',
    replaced: 'Figur ersetzen',
    removed: 'Figur herausnehmen',
    moved: 'verschieben',
    halved: 'halbieren',
    whole: 'ganz tanzen',
    repeated: 'wiederholen',
    reflected: 'auf dem anderen Fuß tanzen',
    varied: 'anders tanzen',
    wording: 'Wortlaut ändern',
    silence: 'Ansage oder Stille',
    remark: 'Bemerkung ändern',
    length: 'Länge ändern',
    text: 'im Text schreiben',
    passAdded: 'Durchgang einfügen',
    passRemoved: 'Durchgang herausnehmen',
    partAdded: 'Teil einfügen',
    header: 'Kopf ändern',
    tune: 'Musik wählen',
    repair: 'beheben',
    overrule: 'so lassen',
    pasted: 'einsetzen',
    cut: 'ausschneiden',
    pass: 'Durchgang ändern',
    part: 'Teil ändern',
    promoted: 'jedes Mal so machen',
    marks: 'Merkmal ändern',
    borrowed: 'Teil übernehmen',
    partRemoved: 'Teil herausnehmen',
    takeUp: 'Befund wieder aufnehmen',
    fit: 'an die Musik anpassen',
    back: 'zurückgehen',
  },
  shelf: {
    title: 'Blätter',
    lead: 'Ein Blatt ist ein Tanz, fertig zum Ansagen.',
    empty: 'Noch keine Blätter. Schreiben Sie das erste, oder holen Sie eine Datei herein.',
    emptyDemo:
      'Um sich erst umzusehen, holen Sie die Beispiele: Tänze, Musik und eine Gruppe, alles erfunden.',
    demo: {
      fill: 'Beispiele hereinholen',
      going: (done, of) =>
        of === 0 ? 'Die Kapelle beginnt zu spielen …' : `${done} von ${of} sind da`,
      failed:
        'Die Beispiele ließen sich nicht hereinholen. Was da ist, bleibt; versuchen Sie es noch einmal.',
    },
    write: 'Neues Blatt',
    bring: 'Datei hereinholen',
    name: 'Name des Tanzes',
    tune: 'Musik',
    noTune: 'Noch keine Musik',
    nameNeeded: 'Geben Sie dem Tanz einen Namen.',
    danceHint: 'waltz, line dance, jig, ...',
    usualStyle: 'wie der Tanz üblicherweise angesagt wird',
    usualFormation: 'wie der Tanz üblicherweise getanzt wird',
    create: 'Mit dem Schreiben beginnen',
    cancel: 'Abbrechen',
    by: (name) => (name ? `von ${name}` : ''),
    changed: (date) => `geändert am ${date}`,
    call: 'Ansagen',
    callOf: (title) => `${title} ansagen`,
    search: 'Blätter durchsuchen',
    nothing: (text) => `Kein Blatt passt zu „${text}“.`,
    brought: (title, n, tune) =>
      [
        `„${title}“ ist bei Ihren Blättern${n > 0 ? `, mit ${plural(n, 'neuen Figur', 'neuen Figuren')}` : ''}.`,
        tune?.isNew ? `Die Musik dazu, „${tune.title}“, kam mit, samt Schlägen und Phrasen.` : '',
        tune?.isNew && tune.isSilent
          ? 'Ihr Klang kam nicht mit: Holen Sie die Aufnahme unter Musik herein, um sie zu hören.'
          : '',
      ]
        .filter(Boolean)
        .join(' '),
    again: {
      title: (title) => `„${title}“ ist schon bei Ihren Blättern`,
      lead: (n) =>
        n === 0
          ? 'Datei und Blatt sind gleich.'
          : `Die Datei weicht in ${plural(n, 'Punkt', 'Punkten')} vom Blatt ab:`,
      changes: 'Was in der Datei anders ist',
      keepBoth: 'Beide behalten',
      open: 'Blatt öffnen',
    },
    favourite: { head: '★', of: (title) => `${title}, ein Lieblingstanz` },
    notBrought: 'Die Datei wurde nicht hereingeholt. ',
    columns: { title: 'Name', kind: 'Tanz', tune: 'Musik', changed: 'Geändert' },
    tour: {
      offer: 'Sind Sie zum ersten Mal hier?',
      start: 'Rundgang zeigen',
      no: 'Nein, danke',
      steps: [
        {
          target: '.long .title',
          title: 'Ein Blatt ist ein Tanz',
          text: 'Öffnen Sie eines und sehen Sie, Phrase um Phrase, was gesagt und darunter, was getanzt wird. Die Tänze hier sind erfunden: Ändern Sie daran, was Sie mögen.',
        },
        {
          target: '.long .el-button',
          title: 'Ansagen',
          text: 'Der Ansagebildschirm zeigt jede Ansage, wenn sie zu sagen ist. Die Leertaste startet ihn und hält ihn an.',
        },
        {
          target: '[data-tour="new"]',
          title: 'Selbst schreiben',
          text: 'Geben Sie Name, Tanz und Musik an. Dann tippen Sie Figuren, eine nach der anderen.',
        },
        {
          target: '.bar nav a',
          title: 'Ihre Musik',
          text: 'Unter Musik holen Sie eine Aufnahme herein: Dellop findet den Schlag, und Sie berichtigen, was falsch ist.',
        },
        {
          target: '.settings',
          title: 'Einstellungen und Hilfe',
          text: 'Wie Sie ansagen, Ihre Stimme, Ihre Gruppen, und eine Hilfeseite zu jeder Ansicht.',
        },
      ],
    },
    callHead: 'Ansagen',
    openIt: (title) => `„${title}“ öffnen`,
    kept: 'Hier aufbewahrt und ohne den Server bereit zum Ansagen',
  },
  sheet: {
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
        if (one.what === 'hold')
          return `Haltung am Ende: ${hold(one.now)}, statt ${hold(one.wanted)}`
        if (one.what === 'foot')
          return `${who(one.role)}: ${free(one.now)}, statt ${free(one.wanted ?? null)}`
        return `${who(one.role)}: Blick ${face(one.now as never)}, statt ${face(one.wanted as never)}`
      })
      return `Er endet anders, als er begann: ${told.join('; ')}.`
    },
    saved: 'Gespeichert',
    savedBut: 'Gespeichert. Etwas ließ sich nicht zusammenführen: siehe oberhalb der Seite.',
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
    of: (n, inBars) =>
      `von ${inBars ? plural(n, 'Takt', 'Takten') : plural(n, 'Schlag', 'Schlägen')}`,
    open: (n) => `${counts(n)} offen`,
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
  },
  why: {
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
  },
  sheetText: {
    beside: 'Text',
    besideLabel: 'Text neben der Seite',
    title: 'Das Blatt als Text',
    help: 'Teile mit einer Figur je Zeile, dann der Ablauf. Was Sie tippen, steht sofort auf der Seite; Strg und Leertaste ergänzt einen Namen.',
    close: 'Text schließen',
    unread: 'Eine Zeile ist noch nicht auf der Seite; alles andere schon. ',
    left: 'Ein Text dieses Blatts, der nicht bis zum Ende gelesen werden konnte, ist hier aufbewahrt.',
    putBack: 'Zurückholen',
    throwAway: 'Den ungelesenen Text löschen',
    refused:
      'Das kam nicht auf die Seite: Jemand hat dieselbe Stelle geändert. Der Text ist so, wie die Seite jetzt ist.',
    counts: (own, sum) => `${own} · ${sum}`,
    total: (n) => `${n} Schläge`,
    open: '?',
    outside:
      'Die Seite wurde inzwischen geändert. Der Text behält, was Sie tippten, bis es lesbar ist.',
  },
  beats: {
    title: 'Schrittbild',
    weight: 'mit Gewicht',
    touch: 'ohne Gewicht',
    turnLeft: (n) => `${eighths(n)} Linksdrehung`,
    turnRight: (n) => `${eighths(n)} Rechtsdrehung`,
    turnShortLeft: (n) => `↺ ${eighths(n)}`,
    turnShortRight: (n) => `↻ ${eighths(n)}`,
    left: 'L',
    right: 'R',
    both: 'LR',
    caption:
      'Gefüllte Füße nehmen das Gewicht, leere nicht, halb gefüllte einen Teil. Pfeile sind Drehungen, in Teilen einer ganzen.',
    holdBeat: 'halten',
    about: ' ungefähr',
    hands: 'Hände',
    stands: 'steht still',
    layer: { feet: 'Füße', arms: 'Arme', head: 'Kopf' },
    toHold: (id) => (id === 'none' ? 'loslassen' : `→ ${hold(id)}`),
  },
  picture: {
    title: 'Von oben',
    label: 'Von oben. ',
    stands: (role, couple, weight) =>
      `${role ?? 'Wer tanzt'}${couple === null ? '' : ` ${couple}`} steht auf ${weight === 'both' || weight === 'split' ? 'beiden Füßen' : weight === 'left' ? 'dem linken Fuß' : 'dem rechten Fuß'}.`,
    seen: 'Gesehen',
    from: (role) => `wie ${role} blickt`,
    plain: 'wie man beim Tanzen blickt',
    mirrored: 'gespiegelt, wie vor der Gruppe',
    caption:
      'Durchgezogen ist der Weg des linken Fußes, gestrichelt der des rechten. Eine Skizze, nicht zum Messen.',
    play: 'Zum Klick abspielen',
    stop: 'Anhalten',
    tempo: 'Schläge in der Minute',
    silent: 'Dieser Browser macht keinen Ton, der Klick ist also nicht zu hören.',
    begunIn: 'Begonnen in',
  },
  figures,
  schools,
  cues,
  voice,
  sheets,
  tunes,
  lectern,
  floor,
  rehearse,
  backup,
  evenings,
  lessons,
  logbook,
  help,
  about: {
    title: 'Über Dellop',
    text: 'Dellop schreibt Ansageblätter, setzt jede Ansage vor ihren Schritt, nach den Phrasen der Musik, und hilft, den Tanz anzusagen.',
    voice: 'Ihre Stimme',
    care: 'Acht auf die Körper',
    careText:
      'Die Warnungen in Dellop sind die üblichen. Sie ersetzen nie die Regeln des Saals, örtliche Vorschriften oder eine ausgebildete Lehrkraft, die die Tanzenden sieht.',
    licence: 'Lizenz',
    licenceText:
      'Dellop ist freie Software unter der GNU General Public License, Version 3 oder später.',
    notices: 'Hinweise der verwendeten Bibliotheken und Schriften',
  },
}
