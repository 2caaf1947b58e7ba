import { levelsIn } from '@dellop/core/figure'
import type { Catalogue } from '../en/index.ts'
import { counts, countsDative, facing, minutes, number, plural, times } from './german.ts'

/**
 * German of what a sheet has around its page: passes, the heading, the fit to the music, history,
 * print.
 */

/** Which time through a part is meant, where it is not the first. */
const nth = (n: number): string => (n === 1 ? '' : ` (${n}. Mal)`)
const beats = (ticks: number): string => counts(ticks / 24)
const list = (ticks: readonly number[], between: string): string =>
  ticks.map((one) => number(one / 24)).join(between)
const sided = (n: number): string =>
  `${['', 'ein Achtel', 'ein Viertel', 'drei Achtel', 'halb', 'fünf Achtel', 'drei Viertel', 'sieben Achtel'][Math.abs(n)]} ${n < 0 ? 'links' : 'rechts'} herum`
const toFix = (n: number): string => `${n} zu beheben`

export const sheets: Catalogue['sheets'] = {
  side: {
    label: 'Neben der Seite',
    more: 'Musik, Kopf, Verlauf, Weitergeben',
    figure: 'Figur',
    cues: 'Ansagen',
    pass: 'Teil',
    fix: 'Beheben',
    music: 'Musik',
    about: 'Kopf',
    history: 'Verlauf',
    'hand-on': 'Weitergeben',
  },
  preview: {
    of: (label) => `Vorschau: ${label}`,
    effect: (before, after, beatsBefore, beatsAfter) =>
      [
        after === before ? `${toFix(after)}, wie vorher` : `${toFix(after)} statt ${before}`,
        beatsAfter === beatsBefore
          ? `${counts(beatsAfter)} im Ganzen, wie vorher`
          : `${counts(beatsAfter)} im Ganzen statt ${number(beatsBefore)}`,
      ].join(' · '),
    take: 'Übernehmen',
    leave: 'Abbrechen',
    see: (label) => `Ansehen: ${label}`,
  },
  view: {
    label: 'Wie die Seite aufgeteilt ist',
    part: 'Nach Teilen',
    music: 'Nach Musik',
    strip: 'Füße',
    stripLabel: 'Füße und Blick',
    laid: 'Zeilen nach',
    more: 'Ansicht',
    density: 'Zeilen',
    densities: { compact: 'Eng', usual: 'Üblich', large: 'Groß' },
    stripSlot: (lead, follow, id) => [lead, follow, id].filter(Boolean).join(' · '),
    stripBoth: (one, id) => [one.trim(), id].filter(Boolean).join(' · '),
    role: (label, side, face) =>
      `${label} ${side ? `${side === 'left' ? 'links' : 'rechts'} frei` : 'beide Füße'}, ${face}`,
    begins: (label, time) => `${label}, ${time}`,
    section: (label) => `Musik ${label}`,
    atBeat: 'Stand auf Schlag',
    beat: (n) => `Schlag ${number(n)}`,
    phrase: (phrase, beat) => `Phrase ${phrase}, Schlag ${beat}`,
    swapped: 'Rollen getauscht',
  },
  range: {
    chosen: (n, total) => `${plural(n, 'Figur', 'Figuren')} gewählt, ${total}`,
    copy: 'Kopieren',
    cut: 'Ausschneiden',
    paste: (n) => `${plural(n, 'Figur', 'Figuren')} einsetzen`,
    again: 'Dahinter noch einmal',
    copied: (n) => `${plural(n, 'Figur', 'Figuren')} kopiert.`,
  },
  filter: {
    label: 'Zeigen',
    all: 'alles',
    stop: 'was aufhält',
    mend: 'zu beheben',
    note: 'Anmerkungen',
    none: 'Nichts von dieser Art.',
    takeUp: 'Doch beheben',
  },
  slot: {
    marks: 'Merkmale und Bemerkungen',
    hard: 'Schwierige Stelle',
    optional: 'Darf wegbleiben',
    swap: 'Am Ende tauschen sie die Rollen',
    caution: 'Warnung',
    cautions: { figure: 'wie im Buch', shown: 'immer gezeigt', hidden: 'hier verborgen' },
    remarkFor: (role) => `Bemerkung für: ${role}`,
    lengthKind: 'Wie lang',
    lengths: {
      set: 'so viele Schläge',
      choice: 'eine von mehreren',
      phrase: 'bis zur nächsten Phrase',
      section: 'bis zum nächsten Abschnitt',
      open: 'offen',
    },
    choices: 'Längen in Schlägen, mit Kommas',
    text: 'Worte',
  },
  pass: {
    none: 'Wählen Sie eine Figur auf der Seite oder einen Teil im Ablauf.',
    title: (label, time) => `${label}, ${time}`,
    part: 'Der Teil',
    label: 'Name',
    unit: 'Gezählt in',
    asSheet: 'wie das Blatt',
    lesson: 'Stunde',
    noLesson: 'in keiner',
    lessons: 'Stunden',
    lessonOf: (parts, order) => `${parts} neu; getanzt: ${order}.`,
    lessonStarts: (id, face) => `Beginnt mit ${id}, Blick ${face}.`,
    versionOf: 'Andere Fassung von',
    isDefinition: 'keine: er steht für sich',
    origin: (title) => `Übernommen aus „${title}“`,
    openOrigin: 'Dieses Blatt öffnen',
    pass: 'Dieser Durchgang',
    kind: 'Art',
    kinds: {
      pass: 'Teil',
      entrance: 'Einleitung',
      bridge: 'Brücke',
      fill: 'wiederholen bis',
      ending: 'Schluss',
    },
    times: 'Wie oft',
    mirrored: 'Anderer Fuß',
    rotate: 'Blickrichtung',
    rotations: (n) => (n === 0 ? 'wie im Teil' : sided(n)),
    exitHold: 'Endet in',
    ownHold: 'eigene Haltung',
    tie: 'Beginnt bei',
    noTie: 'wo er gerade kommt',
    tieSection: (label) => `Abschnitt ${label}`,
    tieLandmark: (label) => `„${label}“`,
    stretch: 'Getanzt von',
    stretchTo: 'bis',
    whole: 'Anfang',
    wholeTo: 'Ende',
    fill: 'Wiederholen bis',
    fillUntil: {
      section: 'zum Abschnitt',
      released: 'zum Tastendruck',
      end: 'die Musik endet',
    },
    least: 'Mindestens',
    most: 'Höchstens',
    filled: (gap, unit, n, left) =>
      `${beats(gap)} durch ${beats(unit)}: ${times(n)}${left > 0 ? `, ${beats(left)} bleiben` : left < 0 ? `, ${beats(-left)} zu viel` : ''}.`,
    lastFill: (n) => `Zu dieser Musik lief es beim letzten Mal ${times(n)}.`,
    keepFill: (n) => `Immer ${times(n)}`,
    finish: 'Endet mit',
    noFinish: 'nichts Eigenem',
    finishes: {
      hold: 'den ersten Schritten, dann halten',
      pose: 'einer Pose',
      'walk-off': 'Hinausgehen',
      music: 'Weitertanzen, bis die Musik endet',
    },
    spin: 'Eine Drehung für alle, die mögen',
    spinCare:
      'Nur wo Platz ist und niemandem schwindlig; eine ausgebildete Lehrkraft zeigt, wie es geht.',
    shift: 'Partnerwechsel',
    shiftBy: (role) => `${role} weiter um`,
    meets: (lead, follow, who) => `Erste Person (${lead}) tanzt mit ${follow} ${who}.`,
    returns: (n) =>
      n === null ? 'Niemand wechselt.' : `Die ersten Partner treffen sich wieder nach ${n}-mal.`,
    couples: (n) => `${plural(n, 'Paar', 'Paare')}; die Zahl steht unter Kopf.`,
    noCouples:
      'Geben Sie unter Kopf an, wie viele Paare es sind; dann wird ausgerechnet, wer wen trifft.',
    walls: 'Wohin sie blicken',
    wall: (time, from, to) => `${time}: ${from} nach ${to}`,
    home: (n) => (n === 0 ? 'Sie enden, wie sie begannen.' : `Sie enden ${sided(n)} vom Anfang.`),
    changes: (n) => `${plural(n, 'Änderung', 'Änderungen')} nur dieses Mal`,
    noChanges: 'Getanzt, wie der Teil geschrieben ist.',
    change: { replace: 'statt', insert: 'nach', drop: 'ohne' },
    atEnd: 'Ende',
    promote: 'Jedes Mal so',
    clear: 'Wie der Teil',
    compare: 'Neben einem anderen Durchgang',
    compareWith: 'Vergleichen mit',
    same: 'Sie werden gleich getanzt.',
    differ: (n) => (n === 1 ? 'Eine Stelle ist anders.' : `${n} Stellen sind anders.`),
    only: 'nichts',
    copyPart: 'Teil kopieren',
    removePart: (label) => `${label} ganz herausnehmen`,
    borrow: 'Teil übernehmen',
    borrowSheet: 'Aus dem Blatt',
    borrowPart: 'Teil',
    borrowTake: 'Übernehmen',
  },
  fit: {
    title: 'An die Musik anpassen',
    noTune:
      'Keine Musik gewählt. Wählen Sie oben eine, oder sagen Sie, wie lange die Musik dauert.',
    seconds: 'Die Musik dauert, in Sekunden',
    tempo: (bpm, percent) =>
      `Mit ${number(bpm)} in der Minute (${percent} %) dauert er genau so lange.`,
    tempoTake: (bpm) => `${number(bpm)} in der Minute zählen`,
    sum: (dance, music, danceSeconds, musicSeconds) =>
      `${counts(dance)} getanzt, ${minutes(danceSeconds)} · ${counts(music)} Musik, ${minutes(musicSeconds)}`,
    exact: 'Sie enden zusammen.',
    over: (n, part) => `${counts(n)} zu viel${part ? `: Die Musik endet in ${part}` : ''}.`,
    short: (n) => `Die Musik geht noch ${counts(n)} weiter.`,
    open: 'Eine Länge ist offen, darum lässt es sich noch nicht sagen.',
    offers: 'Was es passend machen würde',
    none: 'Hier lässt sich nichts anbieten.',
    cut: 'Der Ablauf ist zu lang, um alles zu durchsuchen: Es kann noch mehr geben.',
    speed:
      'Schneller oder langsamer abspielen ändert hier nichts: Es bleiben gleich viele Schläge.',
    offer: (offer) => {
      switch (offer.kind) {
        case 'passes':
          return offer.changes
            .map(({ label, ordinal, from, to }) =>
              to === 0
                ? `${label}${nth(ordinal)} weglassen`
                : `${label}${nth(ordinal)} ${times(to)}, nicht ${times(from)}`,
            )
            .join('; ')
        case 'fill':
          return `füllen mit ${offer.figure}: ${beats(offer.gapTicks)} durch ${beats(offer.unitTicks)} = ${offer.times}${offer.leftTicks === 0 ? '' : `, Rest ${number(-offer.leftTicks / 24)}`}`
        case 'early-end':
          return `früher enden, nach ${offer.label} ${offer.ordinal}${offer.ending ? `, mit ${offer.ending}` : ''}: ${plural(offer.dropped, 'Durchgang', 'Durchgänge')} weniger`
        case 'tempo':
          return `${number(offer.bpm)} in der Minute`
      }
    },
    left: (ticks) =>
      ticks === 0
        ? 'endet mit der Musik'
        : ticks > 0
          ? `noch ${beats(ticks)} zu viel`
          : `${beats(-ticks)} Musik bleiben`,
    misplaced: (n) =>
      n === 0
        ? ''
        : `${plural(n, 'Abschnitt bekommt', 'Abschnitte bekommen')} einen anderen Teil als vorher`,
    tempoTitle: 'Wie schnell es sich ansagen lässt',
    windowAll: (slowest) =>
      `So wie es ist, lässt es sich ansagen von ${slowest} in der Minute bis anderthalbmal so schnell wie seine Musik.`,
    widen: 'Um schneller zu werden, dort sagen:',
    widenAsk: 'Was zu kürzen ist, um schneller zu werden',
    widenNone:
      'Kein kürzerer Wortlaut dieser Figur reicht weiter. Schreiben Sie einen, oder verbinden Sie sie mit der Figur daneben.',
    shorter: (text, bpm) =>
      `„${text}“, bis ${bpm === null ? 'zu jedem spielbaren Tempo' : `${bpm} in der Minute`}`,
    window: (slowest, fastest, text) =>
      `So wie es ist, lässt es sich bei ${slowest} bis ${fastest} in der Minute ansagen. Zuerst passt nicht mehr: „${text}“.`,
    windowGo: 'Dorthin',
    shelf: 'Aus meiner Musik',
    shelfNone: 'Keines Ihrer Musikstücke hat Phrasen.',
    shelfNow: 'jetzt gewählt',
    shelfTake: (title) => `Zeiten nach ${title}`,
    tune: (fit) =>
      [
        fit.sameMetre ? '' : 'andere Takte',
        fit.overBeats === 0
          ? 'so lang wie der Tanz'
          : fit.overBeats > 0
            ? `${counts(fit.overBeats)} zu kurz`
            : `${counts(-fit.overBeats)} zu lang`,
        `${fit.onPhrase} von ${fit.passes} Durchgängen beginnen auf einer Phrase`,
        `${fit.bpm} in der Minute${fit.quicker === 0 ? '' : `, ${Math.abs(fit.quicker)} % ${fit.quicker > 0 ? 'schneller' : 'langsamer'}`}`,
      ]
        .filter(Boolean)
        .join(' · '),
  },
  head: {
    openTotal: (total) => `${total}, bis es feststeht`,
    title: 'Über dieses Blatt',
    year: 'Jahr',
    source: 'Gelernt von',
    dance: 'Tanz',
    level: 'Stufe',
    noLevel: 'nicht gesagt',
    levels: levelsIn('de'),
    formation: 'Aufstellung',
    formations: {
      'couples-round': 'Paare im Kreis herum',
      couple: 'ein Paar',
      lines: 'Reihen',
      ring: 'Kreis',
      set: 'Set',
      solo: 'einzeln',
    },
    noFormation: 'nicht gesagt',
    couples: 'Wie viele Paare oder Tanzende',
    start: 'Sie beginnen',
    hold: 'Haltung',
    faces: (role) => `Blick: ${role}`,
    free: (role) => `Freier Fuß: ${role}`,
    feet: { left: 'links', right: 'rechts', both: 'einer von beiden', split: 'Gewicht geteilt' },
    facing,
    roles: 'Wie die Rollen heißen',
    lead: 'Führend',
    follow: 'Folgend',
    rolesAsSchool: 'Leer lassen für die Worte des Stils.',
    school: 'Ansagestil',
    unit: 'Gezählt in',
    units: {
      bars: 'Takten',
      eights: 'Achten',
      sixteens: 'Sechzehnern',
      beats: 'Schlägen',
      'slow-quick': 'langsam und schnell',
      words: 'nur Worten',
    },
    asSchool: 'wie es der Stil tut',
    phrase: 'Phrase, in Schlägen',
    asMusic: 'wie die Musik',
    phraseNote: ({ phraseBeats, metre }) =>
      phraseBeats === undefined
        ? 'Teile werden an den Phrasen der Musik gemessen, oder an dem, worin gezählt wird.'
        : `Jeder Teil wird an ${countsDative(phraseBeats)}${phraseBeats % metre.beatsPerBar === 0 ? `, ${plural(phraseBeats / metre.beatsPerBar, 'Takt', 'Takten')},` : ''} gemessen.`,
    countFrom: 'Figuren beginnen',
    countsFrom: (n) => `auf Schlag ${n}`,
    slow: 'Ein Langsam dauert, in Schlägen',
    slowUsual: (n) => `${number(n)}, wie üblich`,
    told: 'Der Ablauf, wie er erzählt wird',
    toldNote: 'Etwa „A A B, Tag“. Er wird mit dem getanzten Ablauf verglichen.',
    language: 'Sprache der Ansagen',
    languages: { en: 'Englisch', de: 'Deutsch' },
    otherSchool: (name) =>
      `Angesagt wird jetzt im Stil „${name}“: Die gewählte Gruppe oder dieser Abend will es so, was auch das Blatt sagt.`,
    bpm: 'Tempo, wo keine Aufnahme ist',
    tags: 'Schlagworte',
    remark: 'Bemerkung',
    origin: (title) => `Ein Zweig von „${title}“`,
  },
  history: {
    title: 'Verlauf',
    here: 'Alle hier sind eine Person: Änderungen unterscheiden sich durch das Wann.',
    loading: 'Der Verlauf wird gelesen',
    none: 'Seit es da ist, wurde nichts geändert.',
    came: (date) => `Eingefügt am ${date}`,
    now: 'so ist es jetzt',
    more: (n) => `und ${n} weitere`,
    compare: 'Mit jetzt vergleichen',
    back: 'Zurück zum Stand davor',
    goneBack: 'Es ist, wie es davor war. Rückgängig holt zurück, was war.',
    from: 'Von',
    to: 'bis',
    compareThese: 'Diese beiden vergleichen',
    state: (revision, date) => `${revision}: ${date}`,
    first: 'wie es eingefügt wurde',
    compared: (n, toNow) =>
      n === 0
        ? 'Sie sind gleich.'
        : `${plural(n, 'Änderung', 'Änderungen')} von damals bis ${toNow ? 'jetzt' : 'zum anderen'}:`,
    close: 'Vergleich schließen',
    danced: (date, where) => [`Getanzt am ${date}`, where].filter(Boolean).join(', '),
  },
  handOn: {
    title: 'Weitergeben',
    lead: 'Eine Blattdatei nimmt ihre Figuren, ihre Musik mit Schlägen und Phrasen und ihren Ansagestil mit.',
    print: 'Drucken',
    asFile: 'Blattdatei (JSON)',
    asText: 'Text',
    asMarkdown: 'Markdown',
    cues: 'Die Ansagen mit ihren Zeiten',
    cueFiles: {
      vtt: 'WebVTT',
      srt: 'SRT',
      lrc: 'LRC',
      midi: 'MIDI',
      markdown: 'Tabelle (.md)',
      csv: 'CSV',
    },
    branch: 'Zweig anlegen',
    branchTitle: 'Name des Zweigs',
    branchNote: 'Eine Kopie, die sich merkt, woher sie kommt. Dieses Blatt bleibt, wie es ist.',
    archive: 'Archiv',
    archiveNote: 'Ein archiviertes Blatt steht in keiner Liste, bis es zurückgeholt wird.',
    putAway: 'Ins Archiv',
    takeOut: 'Zurückholen',
    forGood: {
      refers: 'Was sich auf dieses Blatt bezieht',
      uses: ({ evenings, entries, calls, practice, branches }) =>
        [
          evenings > 0
            ? `${plural(evenings, 'Abend zeigt', 'Abende zeigen')} es dann ohne Blatt.`
            : '',
          entries > 0
            ? `${plural(entries, 'Eintrag des Logbuchs bleibt', 'Einträge des Logbuchs bleiben')}.`
            : '',
          calls > 0
            ? `${plural(calls, 'Ansage bleibt', 'Ansagen bleiben')}, ohne die Seite, von der angesagt wurde.`
            : '',
          practice > 0
            ? `${plural(practice, 'Aufnahme der Probe geht', 'Aufnahmen der Probe gehen')} mit.`
            : '',
          branches > 0 ? `${plural(branches, 'Zweig davon bleibt', 'Zweige davon bleiben')}.` : '',
        ].filter(Boolean),
      button: 'Endgültig löschen',
      sure: (title) =>
        `„${title}“ mit allen früheren Fassungen löschen? Das kann nicht rückgängig gemacht werden; eine Sicherung hätte es noch.`,
      yes: 'Löschen',
      no: 'Behalten',
      gone: (title) => `„${title}“ wurde gelöscht.`,
    },
    isAway: 'Dieses Blatt ist im Archiv: Es steht in keiner Liste, bis es zurückgeholt wird.',
  },
  shelf: {
    dance: 'Tanz',
    level: 'Stufe',
    tag: 'Schlagwort',
    any: 'alle',
    order: 'Sortiert nach',
    orders: { title: 'Name', changed: 'zuletzt geändert', dance: 'Tanz', by: 'von wem' },
    away: 'Archiv',
    found: (n, of) =>
      n === of ? plural(n, 'Blatt', 'Blätter') : `${n} von ${plural(of, 'Blatt', 'Blättern')}`,
    more: (n) => `${n} weitere zeigen`,
    figures: (names) => `mit ${names}`,
    alsoCalled: (names) => `auch ${names}`,
    notAway: 'Nichts ist im Archiv.',
    unreadable: 'Erwartet wurde eine Blattdatei (.json) oder ein Blatt als Text (.txt).',
  },
  print: {
    title: 'Drucken',
    back: 'Zurück zum Blatt',
    go: 'Drucken',
    paper: 'Papier',
    papers: { a4: 'A4', a5: 'A5', large: 'Großdruck (A4)' },
    who: 'Für',
    both: 'alle',
    depth: 'Wie genau',
    depths: {
      short: 'Figuren und Ansagen',
      full: 'mit jedem Schritt',
      cues: 'nur die Ansagen, mit ihren Zeiten',
    },
    at: 'sagen bei',
    forBar: 'für Takt',
    part: 'Teil',
    by: (name, year) => [name && `von ${name}`, year].filter(Boolean).join(', '),
    tune: (title, recording) => `${title} (${recording})`,
    start: (id, face) => `Beginn: ${id}, Blick ${face}`,
    tempo: (bpm) => `${number(bpm)} in der Minute`,
    count: 'Schlag',
    length: 'Schläge',
    bar: 'Takt',
    danced: 'getanzt',
    said: 'gesagt',
    order: 'Ablauf',
    total: (n) => `${n} im Ganzen`,
    cautions: 'Warnungen',
    defer: 'Die Regeln des Saals, örtliche Vorschriften und eine ausgebildete Lehrkraft gehen vor.',
    hard: 'schwierige Stelle',
    optional: 'darf wegbleiben',
    caution: 'Warnung',
    hands: 'Hände',
    everyone: 'alle',
    empty: 'In diesem Blatt ist noch nichts zu drucken.',
    hint: 'Wählen Sie im Druckfenster des Browsers dasselbe Papier.',
  },
  shortTotal: (total) => {
    if (total.kind === 'open') return `${number(total.least / 24)}+`
    if (total.kind === 'range') return `${number(total.least / 24)}–${number(total.most / 24)}`
    return list(total.ticks, '/')
  },
  total: (total) => {
    if (total.kind === 'open') return `${beats(total.least)} oder mehr`
    if (total.kind === 'range')
      return `${number(total.least / 24)} bis ${number(total.most / 24)} Schläge`
    return total.ticks.length === 1
      ? beats(total.ticks[0]!)
      : `${list(total.ticks, ' oder ')} Schläge`
  },
}
