import type { floor as ENGLISH } from '../en/floor.ts'

const listed = (all: readonly string[]): string =>
  all.length < 2 ? all.join('') : `${all.slice(0, -1).join(', ')} und ${all.at(-1)}`

/** Die Fläche: wer wo steht, während getanzt wird. */
export const floor: typeof ENGLISH = {
  title: 'Tanzfläche',
  of: (dance) => `Tanzfläche: ${dance}`,
  open: 'Tanzfläche: wer wo steht',
  toSheet: 'Zum Blatt',
  play: 'Abspielen',
  pause: 'Pause',
  back: 'Figur davor',
  on: 'Nächste Figur',
  clicks: 'Klick auf den Schlägen',
  noSound: 'Der Ton ging nicht an. Noch einmal auf Abspielen.',
  scrub: 'Stelle im Tanz',
  seenBy: 'Gesehen',
  seen: { dancers: 'wie die Tanzenden', caller: 'wie die Ansage', mirrored: 'gespiegelt' },
  trail: 'Spur von',
  noTrail: 'niemandem',
  atStart: 'Alle stehen wie zu Beginn.',
  print: 'Bilder der Tanzfläche',
  partEnds: (part) => `${part} endet.`,
  atEnd: 'Alle stehen wie am Ende.',
  moment: (part, count, of) => `${part}, Schlag ${count} von ${of}`,
  nextFigure: (figure) => `Als Nächstes: ${figure}`,
  out: (who) => (who.length === 0 ? 'Niemand setzt aus.' : `Es setzen aus: ${listed(who)}.`),
  idle: (who) => `Ohne Partner: ${listed(who)}.`,
  isOpen: 'Nichts sagt, wo hier jemand steht.',
  picture: (what) => `Die Fläche von oben. ${what}`,
  legend: {
    lead: (role) => `Quadrat: ${role}`,
    follow: (role) => `rund: ${role}`,
    second: 'sechseckig: dritte Person',
    alone: 'Tropfen: allein',
    more: 'Nase: Blick; hohl: setzt aus; Strich an der Seite: gereichte Hand',
  },
  table: {
    title: 'Durchgänge',
    pass: 'Mal',
    begins: (n, isLast) => (isLast ? 'am Ende' : String(n)),
    stand: 'Wie sie stehen',
    out: 'Setzt aus',
    meets: (who) => `${who} trifft`,
    nobody: 'niemanden',
  },
  sums: {
    homeAfter: (times) =>
      times === null
        ? 'Alle sind nie wieder zu Hause, so oft man es auch tanzt.'
        : `Alle sind nach ${times} Durchgängen zu Hause.`,
    isHome: 'Am Ende sind alle zu Hause.',
    progress: (by) =>
      by === 1
        ? 'Jeder Durchgang geht um einen Platz weiter.'
        : `Jeder Durchgang geht um ${by} weiter.`,
  },
  none: {
    title: 'Dieses Blatt sagt nicht, wie sie stehen.',
    text: 'Einmal gesagt, etwa ein Square oder eine Gasse, zeigt die Fläche, wer wohin geht.',
  },
  inFormation: 'Gesehen in',
  notThere: 'In dieser Aufstellung können es nicht alle tanzen.',
  endsHome: 'Alle enden, wo sie begannen.',
  moveOn: (who) => `An anderem Platz enden: ${listed(who)}.`,
  places: 'Wie sie stehen',
  placesHint: 'Zum Beispiel: longways of 6, duple improper',
  moves: 'Wer wohin geht',
  movesHint: 'Zum Beispiel: 1-8 leads: cast in file',
  room: {
    title: 'In einem Saal',
    first: 'Saal',
    another: (n) => `Saal ${n}`,
    which: 'Saal',
    name: 'Name des Saals',
    hall: 'Saal in Metern: Breite x Länge; was darin steht, von links oben',
    hint: 'Zum Beispiel: 9 x 14 m; Bühne 0,0 9x2.5; caller top',
    dancers: 'Paare im Saal',
    drawing: (width, length) => `Der Saal, ${width} mal ${length} m, von oben`,
    thing: 'Tisch',
    thingAt: (name, x, y, width, length) =>
      `${name}, ${width} mal ${length} m, ${x} m von links und ${y} m von oben. Pfeile verschieben, mit Umschalt ändern sie die Größe, Entf nimmt es heraus.`,
    thingName: 'Name des Gewählten',
    addThing: 'Tisch, Bühne ... dazustellen',
    takeOut: (name) => `Herausnehmen: ${name}`,
    addHall: 'Noch ein Saal',
    remove: (name) => `„${name}“ löschen`,
    side: { caller: 'Wer ansagt, steht', camera: 'Eine Kamera schaut von' },
    nowhere: 'nicht gesagt',
    sides: { top: 'oben', right: 'rechts', bottom: 'unten', left: 'links' },
    caller: 'Ansage',
    camera: 'Kamera',
    sets: (most) => (most === 1 ? 'Ein Set passt.' : `${most} Sets passen.`),
    over: (couples, sets, left) =>
      `${couples} Paare: ${sets === 1 ? 'ein Set' : `${sets} Sets`}, ${left} übrig.`,
    laps: (metres, all) =>
      `Ein Durchgang trägt jedes Paar ${metres} m in Tanzrichtung; der ganze Tanz geht ${all}-mal herum.`,
    drift: (metres) =>
      `Bis zum Ende getanzt, wandert er höchstens ${metres} m von seinem Anfang weg.`,
    crowded: (most) =>
      `Mehr Paare, als der Weg herum fasst: Mit sicherem Abstand sind es ${most}. Tanzen Sie in zwei Kreisen oder abwechselnd.`,
    room: (ring, circle, route, couples) =>
      `Ein Ring fasst ${ring}, ein Kreis ${circle} Paare; einmal herum sind ${route} m für ${couples} Paare.`,
    caution:
      'Um jedes Set muss man herumgehen können; Türen und Fluchtwege bleiben frei, und es gelten die Regeln des Hauses und die örtlichen Vorschriften.',
  },
}
