import type { Refusals } from '../en/refusals.ts'

/** German of the same. */
export const REFUSALS: {
  readonly [Name in keyof Refusals]: (values: Parameters<Refusals[Name]>[0]) => string
} = {
  'once.other': () =>
    'Diese Anfrage trägt den Namen einer anderen, die schon gesendet wurde. Nichts wurde geändert.',
  'edits.other': () =>
    'Diese Änderungen tragen den Namen anderer, die schon gesendet wurden. Nichts wurde geändert.',
  'disk.full': () =>
    'Die Platte ist voll oder lässt sich nicht beschreiben. Nichts davon wurde gespeichert; schaffen Sie Platz, dann kann es noch einmal gesendet werden.',
  'disk.held': () =>
    'Ein anderes Programm hält die Daten von Dellop fest. Nichts davon wurde gespeichert; es kann noch einmal gesendet werden.',
  'disk.failed': () =>
    'Die Daten von Dellop ließen sich nicht schreiben. Nichts davon wurde gespeichert; es kann noch einmal gesendet werden.',
  'sheet.none': () => 'Dieses Blatt gibt es hier nicht.',
  'sheet.not-away': () =>
    'Nur ein Blatt im Archiv kann gelöscht werden: Legen Sie es erst dorthin.',
  'school.none': () => 'Diesen eigenen Stil gibt es hier nicht.',
  'figure.none': () => 'Diese Figur steht nicht im Buch.',
  'figure.one': () => 'Zwei verschiedene Figuren wurden erwartet.',
  'tune.none': () => 'Dieses Stück gibt es hier nicht.',
  'group.none': () => 'Diese Gruppe gibt es hier nicht.',
  'call.none': () => 'Diese Ansage gibt es hier nicht.',
  'take.none': () => 'Diese Aufnahme gibt es hier nicht.',
  'sound.none': () => 'Diesen Klang gibt es hier nicht.',
  'screen.none': () => 'Diesen Bildschirm gibt es hier nicht.',
  'record.none': () => 'Diesen Eintrag gibt es hier nicht.',
  'demo.stays-out': () => 'Es gibt hier schon Blätter oder Stücke: Das Beispiel bleibt draußen.',
  'body.json': () => 'Die Anfrage war nicht lesbar: Vollständiges JSON wurde erwartet.',
  'body.encoding': () =>
    'Die Anfrage kam in einer Verpackung, die hier nicht gelesen wird; unverpackt, gzip oder br wurde erwartet.',
  'body.large': () => 'Das ist größer, als hier angenommen wird.',
  'sound.empty': () => 'Die Datei ist leer; eine Klangdatei wurde erwartet.',
  'sound.kind': () =>
    'Das ist keine Klangdatei, die Dellop kennt; WAV, MP3, Ogg, FLAC oder M4A wurde erwartet.',
  'backup.newer': () =>
    'Diese Sicherung stammt von einem neueren Dellop; spielen Sie sie mit jenem zurück.',
  'backup.database': () => 'Die Datenbank in dieser Sicherung ist nicht lesbar.',
  failed: () =>
    'In Dellop ist etwas misslungen. Ob dies gespeichert wurde, ist nicht bekannt; es darf ohne Gefahr noch einmal gesendet werden.',
  'screens.off': () => 'Zweite Bildschirme sind ausgeschaltet.',
  'host.other': () => 'Dellop antwortet nur unter der eigenen Adresse dieses Rechners.',
  'origin.other': () => 'Die Seite einer anderen Stelle darf Dellop nicht benutzen.',
  'figure.danced-in': ({ figure, sheet }) =>
    `„${figure}“ wird in „${sheet}“ getanzt; nehmen Sie sie dort zuerst heraus.`,
  'figure.made-of': ({ whole, figure }) =>
    `„${whole}“ besteht aus „${figure}“; ändern Sie das zuerst.`,
  'figure.not-one': ({ keep, drop }) =>
    `„${keep}“ besteht aus „${drop}“; beide können nicht eine sein.`,
  'school.shipped': ({ name }) =>
    `„${name}“ gehört zu Dellop und bleibt, wie er ist; eine Kopie davon lässt sich ändern.`,
  'figure.held': ({ name, id }) =>
    `Im Buch steht schon „${name}“ unter der Kennung „${id}“, und es hieß nicht, dass sie ersetzt werden darf. Nichts wurde hereingeholt.`,
  'figure.twice': ({ id }) =>
    `Die Kennung „${id}“ kommt zweimal vor; jede darf es einmal. Nichts wurde hereingeholt.`,
  'figure.id': ({ id }) => `Im Buch steht schon eine Figur mit der Kennung „${id}“.`,
  'revision.none': ({ wanted, newest }) =>
    `Fassung ${wanted} gibt es nicht; dieses Blatt hat 0 bis ${newest}.`,
  'tune.id': ({ id }) => `Ein Stück mit der Kennung „${id}“ gibt es schon.`,
  'school.id': ({ id }) => `Einen Stil mit der Kennung „${id}“ gibt es schon.`,
  'group.id': ({ id }) => `Eine Gruppe mit der Kennung „${id}“ gibt es schon.`,
  'sound.large': ({ most }) => `Eine Klangdatei von höchstens ${most} wurde erwartet.`,
  'sound.larger': ({ most, has }) =>
    `Eine Klangdatei von höchstens ${most} wurde erwartet; diese hat ${has}.`,
  'body.larger': ({ most, sent }) =>
    `Hier werden höchstens ${most} angenommen; ${sent} wurden gesendet.`,
  'address.other': ({ known }) => `Eine Adresse dieses Rechners wurde erwartet: ${known}.`,
}
