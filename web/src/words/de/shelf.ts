import type { Catalogue } from '../en/index.ts'
import { plural } from './german.ts'

/** German of the shelf of sheets. */
export const shelf: Catalogue['shelf'] = {
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
    grown: (date) =>
      `Beide gehen auf das Blatt vom ${date} zurück. Was nur eine Seite geändert hat, wird übernommen; was beide geändert haben, wird gefragt.`,
    inFile: 'Geändert in der Datei',
    here: 'Geändert hier',
    nothing: 'nichts',
    merge: 'Zusammenführen',
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
}
