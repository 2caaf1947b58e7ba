import {
  directionTold,
  facingTold,
  findingMessage,
  findingSum,
  repairLabel,
} from '@dellop/core/check'
import { own } from '@dellop/core/document'
import { levelsIn, nameOfRole, remarkIn, stepIn, variationIn } from '@dellop/core/figure'
import { styleAbout, styleName } from '@dellop/core/school'
import { changeWords } from '@dellop/core/sheet'
import { danceName } from '@dellop/core/tune'
import { problemSentence } from '@dellop/core/words'
import { GERMAN_REFUSALS, type ProblemBody, type ProblemCode } from '@dellop/wire'
import type { Catalogue } from '../en/index.ts'
import { inLocale } from '../shared.ts'
import { cues } from './cues.ts'
import { figures } from './figures.ts'
import { floor } from './floor.ts'
import { backup } from './backup.ts'
import { evenings } from './evenings.ts'
import { lessons, logbook } from './lessons.ts'
import { related } from './related.ts'
import { rehearse } from './rehearse.ts'
import {
  bars,
  clock,
  counts,
  eighths,
  facing,
  hold,
  minutes,
  ordinal,
  passName,
  slotName,
} from './german.ts'
import { help } from './help.ts'
import { lectern } from './lectern.ts'
import { schools } from './schools.ts'
import { sheet, why } from './page.ts'
import { shelf } from './shelf.ts'
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
    month: (ms) => inLocale.d(ms, 'month'),
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
    role: (label) => nameOfRole('de', label),
  },
  /** What edits do to a sheet, a sentence each. */
  changes: (before, edits, book) => changeWords(before, edits, book, 'de'),
  severity: { stop: 'Hält den Tanz auf', mend: 'Zu beheben', note: 'Anmerkung' },
  dance: (name) => danceName(name, 'de'),
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
  shelf,
  sheet,
  why,
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
  related,
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
