import type { CuePurpose } from '@dellop/core/cue'
import type { CueMode } from '@dellop/core/school'
import type { Catalogue } from '../en/index.ts'
import { number, plural } from './german.ts'

/** German of the cues: how they stand, how they are called, who says them. */
const beats = (n: number): string => plural(Math.round(n * 100) / 100, 'Schlag', 'Schläge')
/** Where a cue ends: before its step, or after it. */
const ends = (lead: number): string =>
  lead >= 0 ? `endet ${beats(lead)} vor dem Schritt` : `endet ${beats(-lead)} nach dem Schritt`
const points = (extra: number): string => `um ${extra} Punkte schlechter`

const PURPOSES: Readonly<Record<CuePurpose, string>> = {
  cue: '',
  amount: 'wie viel, als zweite Ansage',
  'first-role': 'für eine Rolle',
  'other-role': 'für eine Rolle',
  step: 'Wort eines Schritts',
  gap: 'in einer Lücke',
}
const MODES: Readonly<Record<CueMode, string>> = {
  ahead: 'vor dem Schritt',
  'on-count': 'auf die letzten Schläge',
  'with-step': 'mit dem Schritt',
  steps: 'Schritt für Schritt',
}

export const cues: Catalogue['cues'] = {
  ribbon: (purpose, joined, isPinned) =>
    [
      PURPOSES[purpose],
      joined > 0 ? `nennt ${joined + 1} Figuren` : '',
      isPinned ? 'angeheftet' : '',
    ]
      .filter(Boolean)
      .join(', '),
  unsaid: {
    'on-purpose': 'still',
    joined: 'vorher gesagt',
    'no-room': 'nicht gesagt',
    crowded: 'nicht gesagt',
  },
  byHand: '(von Hand)',
  moving: (lead, extra, atLimit) =>
    `${ends(lead)}${extra === 0 ? '' : `, ${points(extra)}`}${atLimit ? ' · weiter nicht' : ''}`,
  moved: (lead) => `Angeheftet: ${ends(lead)}.`,
  noFurther: 'Weiter geht es nicht: Die Regeln des Ansagestils halten sie.',
  elsewhere: 'Was es anderswo kosten würde',
  elsewhereOf: (lead, extra) => `${number(lead)} · ${extra === 0 ? 'hier' : `+${extra}`}`,
  elsewhereLabel: (lead, extra) =>
    `Anheften: ${ends(lead)}${extra > 0 ? `, ${points(extra)}` : ''}`,
  pinnedHere: 'Sie haben sie hier angeheftet; alles andere wird darum herum gesetzt.',
  pinHere: 'Hier anheften',
  unpin: 'Dellop setzen lassen',
  pinWording: 'Worte',
  pinWordings: {
    free: 'wie geplant',
    full: 'immer voll',
    short: 'immer kurz',
    keyWord: 'immer das Stichwort',
  },
  calling: 'Wie angesagt wird',
  mode: 'Wann gesagt wird',
  asSheet: 'wie es das Blatt hat',
  asSchool: (mode) => `wie es der Stil hat: ${MODES[mode]}`,
  modes: MODES,
  roleCue: (role) => `Nur gesagt zu: ${role}`,
  roleFirst: 'Hat Vorrang',
  announce: 'Durchsage, wo eine Lücke ist',
  mouth: 'Gesprochen',
  mouths: { words: 'nur Worte', counts: 'nur Zählen', both: 'Worte und Zählen' },
  first: 'Hat Vorrang',
  firsts: { words: 'Worte zuerst', counts: 'Zählen zuerst' },
  halves: 'Auch die halben Schläge laut zählen',
  wholeBeats: 'Ansagen nur auf ganzen Schlägen beginnen',
  ends,
  lead: (lead) => `Vorlauf ${beats(lead)}`,
  leadSlider: 'Vorlauf: wo die Ansage endet, vor ihrem Schritt',
  more: 'Mehr zu ihrer Stelle',
  showBoth: 'Gesagt und getanzt',
  shown: 'Was zu sehen ist',
  showSaid: 'Gesagt',
  showDanced: 'Getanzt',
  density: 'Wörter in 20 Sekunden',
  densityTold: (most, limit) =>
    `Höchstens ${plural(most, 'Wort', 'Wörter')} in 20 Sekunden; ${limit} reichen den Tanzenden.`,
  densityLimit: 'Grenze des Stils',
  densityWords: 'Wörter',
  seconds: 'Sekunden',
  densityNone: 'Noch wird nichts gesagt.',
  hear: {
    title: 'Anhören',
    how: 'Die Stimme des Rechners spricht die Ansagen über der Musik, jede in ihrem Moment.',
    play: 'Anhören',
    stop: 'Anhalten',
    where: 'Was',
    wheres: { whole: 'den ganzen Tanz', pass: 'diesen Durchgang', phrase: 'die gewählte Phrase' },
    waiting: 'die Musik beginnt …',
    voiceLevel: 'Stimme',
    musicLevel: 'Musik',
    marks: 'Daneben',
    markKinds: {
      none: 'nichts',
      clicks: 'Klicks auf den Schlägen',
      count: 'Zählen, wo keine Worte sind',
    },
    loop: 'Immer wieder',
    apart: 'Stimme links, Musik rechts',
    recording: 'Übungsaufnahme',
    withMusic: 'Musik',
    withVoice: 'Stimme',
    record: 'Als WAV ausführen',
    preparing: (percent) => `Die Stimme spricht: ${percent} %`,
    making: (percent) => `Die Aufnahme entsteht: ${percent} %`,
    made: (musicAt) =>
      musicAt > 0
        ? `Fertig. Die Musik beginnt nach ${number(musicAt)} s, nach der ersten Ansage.`
        : 'Fertig.',
    stopped: 'Angehalten. Nichts wurde behalten.',
    failed: (sentence) =>
      `Die Stimme konnte nicht sprechen: ${sentence}. Alles andere geht weiter.`,
    cancel: 'Anhalten',
    unmeasured: (n) =>
      n === 1
        ? 'Ein Wortlaut wurde von der Übungsstimme noch nicht gesprochen und ist nach der üblichen Stimme geplant.'
        : `${n} Wortlaute wurden von der Übungsstimme noch nicht gesprochen und sind nach der üblichen Stimme geplant.`,
    measure: 'Sprechen lassen',
    measured: 'Alles ist so geplant, wie die Übungsstimme es spricht.',
  },
  bring: {
    title: 'Ansagen von anderswo',
    how: 'Eine WebVTT-Datei, oder eine Tabelle (CSV) mit den Spalten start und words: Jede Ansage wird zu der Figur gelegt, die sie nennt.',
    choose: 'Ansagen hereinholen',
    label: (file) => `Ansagen aus ${file}`,
    told: (n, other) =>
      `${plural(n, 'Ansage', 'Ansagen')} auf dem Blatt gefunden, ${other === 0 ? 'alle wie geplant' : `${other} davon anders`}.`,
    unplaced: (n) => `${plural(n, 'Ansage fand', 'Ansagen fanden')} keinen Platz:`,
    why: {
      'past-end': 'der Tanz ist dann schon vorbei',
      overlaps: 'sie beginnt, ehe die davor zu Ende ist',
      'no-figure': 'keine Figur in der Nähe hat solche Worte',
      'not-every-time': 'so gesagt nur in manchen Durchgängen ihres Teils',
    },
    see: 'Sehen, was sich ändern würde',
    same: 'Das Blatt sagt sie schon so.',
  },
}
