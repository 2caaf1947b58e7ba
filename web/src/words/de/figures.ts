import type { Catalogue } from '../en/index.ts'
import { eighths, foot, hold, number, plural } from './german.ts'

const figuresDative = (n: number): string => plural(n, 'Figur', 'Figuren')
const steps = (n: number): string => plural(n, 'Schritt', 'Schritte')

/** German of the figures. */
export const figures: Catalogue['figures'] = {
  title: 'Figuren',
  lead: 'Was die Füße tun, und was man dazu sagen kann.',
  search: 'Figuren durchsuchen',
  searchHint: 'Name, anderer Name oder Anfangsbuchstaben',
  nothing: (text) =>
    text ? `Hier heißt keine Figur „${text}“.` : 'Keine Figur ist so. Verlangen Sie weniger.',
  empty: 'Das Buch ist leer.',
  columns: {
    name: 'Figur',
    family: 'Tanz',
    length: 'Schläge',
    starts: 'Beginnt',
    ends: 'Endet',
    level: 'Stufe',
  },
  narrow: 'Liste eingrenzen',
  all: 'alle',
  startsOn: 'Beginnt führend mit',
  endsIn: 'Endet in',
  clear: 'Alle zeigen',
  found: (n, of) => (n === of ? figuresDative(n) : `${n} von ${figuresDative(of)}`),
  write: {
    title: 'Neue Figur',
    button: 'Figur schreiben',
    from: 'Nach dieser eine andere schreiben',
    name: 'Name der Figur',
    kept: 'Das ist der Entwurf, den Sie hier gelassen haben.',
    otherwise: (list) =>
      `Auch andere Figuren heißen so: ${list.join(', ')}. Sie bleiben eigene Figuren; wer den Namen tippt, wird gefragt, welche.`,
    namesake: (name) =>
      `In diesem Tanz gibt es schon „${name}“. Ihre wird eine zweite daneben; sagen Sie im Namen, was sie unterscheidet.`,
    leadLine: 'Schritte führend, oder aller',
    followLine: 'Folgend tanzt',
    followSteps: 'Schritte folgend',
    own: 'eigene Schritte',
    example: '1 left forward, 2 right side, 3 left close',
    holds: 'Kann beginnen in',
    whatItIs: 'Was es ist',
    aliases: 'Heißt auch',
    aliasesExample: 'Kreuzschritt [de]; Vine right [school line]',
    dancers: 'Getanzt von',
    dancersKinds: { couple: 'einem Paar', solo: 'Einzelnen', set: 'den Paaren eines Sets' },
    couples: 'Paare',
    countFrom: 'Beginnt auf Schlag',
    steps: 'Schritte',
    everyoneLine: 'Alle tanzen',
    others: 'Wer im Set etwas anderes tut, je eine Zeile',
    othersExample: 'couples 2 3: stand',
    parts: 'Stattdessen aus anderen Figuren zusammensetzen',
    partsHelp: 'Schläge und Schritte sind dann ihre, und ändern sich mit ihnen.',
    partsLine: 'Figuren, eine nach der anderen, mit + dazwischen',
    partsExample: 'Box (half) + Balance left and right (x2, mirrored)',
    beginsEnds: 'Wie sie beginnt und endet',
    moreEnds: 'Blickrichtungen, Hände unterwegs, andere Enden, Möglichkeiten',
    facings: 'Beginnt gedacht mit Blick',
    frame: 'Blickrichtungen nach',
    frames: { hall: 'dem Saal', walls: 'der Uhr an den Wänden', ring: 'dem Kreis', set: 'dem Set' },
    hard: 'Sie kann nicht beginnen ohne',
    hardItems: {
      feet: 'den freien Fuß',
      holds: 'eine dieser Haltungen',
      facings: 'eine dieser Blickrichtungen',
    },
    hands: 'Die Hände wechseln unterwegs',
    handsExample: '3 open, 5& butterfly',
    endings: 'Andere Enden, je eine Zeile',
    endingsExample:
      'to open | open | from 4 | lead: 4 right across turn left 1/4 | follow: 4 left across turn right 1/4',
    options: 'Möglichkeiten, die erst zählen, wenn sie gewählt sind, je eine Zeile',
    optionsExample: 'look out | lead: head:3 "look left" | follow: head:3 "look right"',
    half: 'Schläge der Hälfte',
    halfUsual: 'die Hälfte',
    grid: {
      open: 'Schlag für Schlag eingeben',
      title: (who) => `Schritte (${who}), Schlag für Schlag`,
      cell: (who, layer, count) => `${who}${layer && `, ${layer}`}, Schlag ${count}`,
      add: 'Ein Schlag dazwischen',
      example: '2&',
      addIt: 'Einfügen',
      layer: (name) => `${name} dazu`,
      noCount: 'Erwartet wurde ein Schlag wie 2, 2&, 2e oder &1.',
    },
    words: (language, kind) => `${language}: ${kind}`,
    cautionText: (kind) => `Worauf zu achten ist: ${kind}`,
    caution: {
      arms: 'Gefasste Hände: locker halten und nie ziehen. Eine ausgebildete Lehrkraft zeigt, wie es geht.',
      neck: 'Der Kopf bewegt sich wenig und nie schnell. Weglassen, wenn der Nacken sich meldet.',
      spin: 'Schnelles Drehen: Neuen Platz lassen, und wem schwindlig ist, der geht es.',
      dip: 'Flach halten: Jeder steht auf eigenen Füßen, und kein Rücken wird gebogen. Eine ausgebildete Lehrkraft zeigt, wie es geht.',
      knees:
        'Gebeugte oder schnell gedrehte Knie: klein halten oder gehen, wenn ein Knie sich meldet.',
      floor: 'Stampfen und Hüpfen brauchen einen federnden Boden. Es gelten die Regeln des Saals.',
      crowding: 'Sie braucht Platz: vorher schauen.',
      heat: 'Sie wärmt schnell: danach eine Pause und Wasser.',
      tempo: 'Erst gehen, und langsamer; die Musik kommt später.',
    },
    keep: 'Ins Buch legen',
    startOver: 'Von vorn beginnen',
    nothing: 'Das Bild kommt, sobald Schläge und Schritte lesbar sind.',
    lastChart: 'Das ist das Bild, wie es zuletzt lesbar war.',
    sound: 'Die Füße sind frei, Drehungen und Haltungen stimmen.',
    notKept: 'Die Figur kam nicht ins Buch. ',
  },
  glossary: {
    title: 'Wörterbuch',
    lead: 'Jeder Name, jeder andere Name und jeder Wortlaut, mit allem, was er bedeutet.',
    search: 'Wörterbuch durchsuchen',
    several: 'Nur Wörter, die mehreres bedeuten',
    ambiguous: 'mehreres',
    nothing: (text) =>
      text ? `In keinem Wort steht „${text}“.` : 'Ein solches Wort gibt es nicht.',
    by: { word: 'Nach Wörtern', figure: 'Nach Figuren' },
    kind: (as, whose) => {
      const language =
        whose?.language === 'en'
          ? 'auf Englisch'
          : whose?.language === 'de'
            ? 'auf Deutsch'
            : whose?.language
      const owner = [
        language,
        whose?.school && `im Stil ${whose.school}`,
        whose?.region && `in ${whose.region}`,
      ]
        .filter(Boolean)
        .join(', ')
      return as === 'name'
        ? ''
        : `${as === 'alias' ? 'auch so genannt' : 'so gesagt'}${owner ? ` ${owner}` : ''}`
    },
  },
  bringIn: {
    button: 'Figuren hereinholen',
    asCsv: 'Liste als CSV mitnehmen',
    title: 'Was hereinkäme',
    refused: 'Nichts kam herein. ',
    large: 'Die Datei ist größer als 20 MB; erwartet wurde höchstens so viel.',
    sum: (fresh, changed, conflict, same) =>
      `${fresh} neu, ${changed} geändert, ${conflict} mit vergebenem Namen, ${same} schon hier.`,
    state: {
      new: () => 'neu',
      same: () => 'schon hier, gleich',
      changed: () => 'anders als im Buch: Genommen, tritt sie an ihre Stelle',
      conflict: (name) => `in diesem Tanz gibt es eine andere „${name}“: Genommen, sind es zwei`,
    },
    take: (n) => `${figuresDative(n)} hereinholen`,
    leave: 'Abbrechen',
    done: (n) => `${figuresDative(n)} ${n === 1 ? 'ist' : 'sind'} im Buch.`,
  },
  mayFollow: 'Was folgen kann',
  begunIn: 'Begonnen in',
  noneFollows: 'Nichts in diesem Tanz beginnt dort, wo sie endet.',
  oneChange: (n) => `${n} weitere mit einer Änderung`,
  moreChanges: (n) => `${n}, die mehr als eine Änderung brauchen`,
  usual: (n) => `bei Ihnen schon ${n}-mal gefolgt`,
  followFoot: (role, side) =>
    `braucht freien Fuß (${role}, ${side === 'left' ? 'links' : 'rechts'}): vorher ein Gewichtswechsel mehr oder einer weniger`,
  followHold: (now, asked, released, joined) =>
    `beginnt nicht in „${hold(now)}“: wechseln zu „${hold(asked)}“${released || joined ? ` (${[released && `${released} lösen`, joined && `${joined} fassen`].filter(Boolean).join(', ')})` : ''}`,
  followStanding: (now, asked) =>
    `beginnt in „${hold(asked)}“, und in „${hold(now)}“ stehen die beiden anders: vorher eine Drehung`,
  handPair: ([lead, follow], roles) =>
    `${roles.lead} ${lead === 'left' ? 'links' : 'rechts'}, ${roles.follow} ${follow === 'left' ? 'links' : 'rechts'}`,
  forGroup: (name) => `Von dem, was ${name} tanzen könnte.`,
  link: 'Kürzeste Verbindung:',
  performer: (role, couples) => {
    const who = role ?? (couples === null ? 'Alle' : '')
    if (couples === null) return who
    const list = `${couples.length === 1 ? 'Paar' : 'Paare'} ${couples.join(', ')}`
    return who === '' ? list : `${who}, ${list}`
  },
  asLine: 'Als Zeile',
  asLineHelp: 'Die Schritte, wie man sie sagt, einer nach dem anderen: Schlag, Fuß, Weg, Drehung.',
  opposite: 'denselben Weg durch den Saal, mit dem anderen Fuß',
  alike: 'einander gleich, wie im Spiegel',
  sameSteps: 'dieselben Schritte',
  everyone: 'Alle',
  usualTempo: (low, high, n) =>
    `meist ${low} bis ${high} Schläge in der Minute (${Math.round(low / n)} bis ${Math.round(high / n)} Takte)`,
  aliases: 'Heißt auch',
  wordings: 'Worte',
  cautions: 'Achtung',
  entry: 'Beginnt',
  exit: 'Endet',
  remarks: 'Bemerkungen',
  derived: 'Aus den Schritten errechnet',
  steps: (n) => plural(n, 'Gewichtswechsel', 'Gewichtswechsel'),
  travel: (forward, right) => {
    const say = (n: number, plus: string, minus: string): string =>
      Math.abs(n) < 0.1 ? '' : `${number(Math.abs(n), 1)} ${n > 0 ? plus : minus}`
    const parts = [say(forward, 'vor', 'zurück'), say(right, 'nach rechts', 'nach links')].filter(
      Boolean,
    )
    return parts.length === 0
      ? 'kommt dorthin zurück, wo sie begann'
      : `endet ${parts.join(', ')}, in Schrittlängen`
  },
  facingOut: (direction) => `endet mit Blick ${direction}`,
  pace: (perSecond, bpm) =>
    `${number(perSecond, 1)} Schritte in der Sekunde bei ${number(bpm)} Schlägen in der Minute`,
  difficulty: 'Was sie schwer macht',
  easy: 'Nichts Besonderes.',
  difficulties: {
    halfBeats: (n) => `${steps(n)} neben dem Schlag`,
    pickUp: 'beginnt vor ihrem ersten Schlag',
    hands: (n) => plural(n, 'Handwechsel', 'Handwechsel'),
    sameFeet: 'beide auf demselben Fuß',
    otherSteps: 'jeder hat eigene Schritte',
    hops: (n) => plural(n, 'Hüpfer oder Sprung', 'Hüpfer und Sprünge'),
    arms: 'Arme, während die Füße neben dem Schlag sind',
  },
  hardSpot: (count, reasons) => `Am schwersten auf Schlag ${count}: ${reasons.join(', ')}.`,
  reason: {
    quick: 'schnelle Schritte',
    turn: 'eine Drehung',
    crossing: 'Füße kreuzen',
    arms: 'Arme',
    hands: 'Hände wechseln',
    hop: 'ein Hüpfer',
  },
  noWords: (language) => `Noch keine Worte auf ${language}: Gesagt werden die anderen.`,
  language: { en: 'Englisch', de: 'Deutsch' },
  usedIn: 'Wo sie getanzt wird',
  notUsed: 'Noch in keinem Blatt.',
  usedTimes: (n) => (n === 1 ? 'einmal' : `${n}-mal`),
  madeOf: 'Besteht aus',
  partOf: 'Teil von',
  danceAs: {
    title: 'Getanzt',
    written: 'wie geschrieben',
    mirrored: 'anderer Fuß',
    half: 'die Hälfte',
    noPause: 'ohne ihre Pause',
    turning: 'Drehung im Ganzen',
    ownTurn: 'ihre eigene',
    ending: 'Ende',
    ownEnding: 'ihr eigenes',
    times: 'Wie oft',
    countFrom: 'begonnen auf Schlag',
    hold: 'endet in',
    reset: 'Wieder wie geschrieben',
    keep: 'Das als Figur behalten',
    refused: 'So lässt sie sich nicht tanzen: ',
  },
  stages: {
    title: 'In Stufen lehren',
    help: 'Was sie nach so vielen Schlägen haben: Gewichtswechsel, Drehung, und den Fuß, der dann frei ist.',
    upTo: (n, of) => (n === of ? `alle ${n}` : `die ersten ${n}`),
    total: (n, turn, free) => [steps(n), turn, free].filter(Boolean).join(', '),
    free: (side) => (side === null ? '' : `${foot(side)} Fuß frei`),
    counts: 'Schläge',
  },
  edit: {
    title: (name) => `„${name}“ ändern`,
    button: 'Ändern',
    keep: 'Änderung behalten',
    leave: 'Lassen, wie sie war',
    stale: 'Sie wurde anderswo geändert, seit dieser Entwurf begann.',
    gone: 'Die Fassung, von der aus geändert wurde, gibt es nicht mehr. Sehen Sie sie neu an, ehe Sie sie ändern.',
    both: (fields) =>
      `Jemand anderes hat inzwischen dasselbe geändert (${fields.join(', ')}). Ihr Entwurf ist aufbewahrt; sehen Sie die Figur an, wie sie jetzt ist, ehe Sie sie ändern.`,
  },
  history: {
    title: 'Verlauf',
    how: {
      shipped: 'kam mit Dellop',
      written: 'geschrieben',
      changed: 'geändert',
      imported: 'hereingeholt',
      merged: 'mit einer anderen vereint',
      removed: 'herausgenommen',
    },
    back: 'Wieder so machen',
    none: 'Sie war immer so, wie sie ist.',
    done: 'Sie ist wieder wie damals. Die Fassung davor steht im Verlauf.',
  },
  merge: {
    button: 'Mit einer anderen vereinen',
    title: (name) => `Eine andere Figur, die dasselbe ist wie „${name}“`,
    help: 'Blätter, zusammengesetzte Figuren und Gruppen mit der anderen bekommen diese, und ihr Name wird ein anderer Name von dieser. Die andere verlässt das Buch. Ein Blatt kann sie mit Rückgängig zurücknehmen.',
    pick: 'Die andere',
    none: 'Figur wählen',
    differs:
      'Ihre Schritte sind nicht dieselben. Zwei Figuren mit anderen Schritten bleiben besser getrennt.',
    same: 'Ihre Schritte sind dieselben.',
    go: (name) => `„${name}“ in diese aufnehmen`,
    done: (name, n) =>
      `„${name}“ ist jetzt diese Figur${n === 0 ? '' : ` in ${plural(n, 'Blatt', 'Blättern')}`}.`,
    leave: 'Lassen, wie sie sind',
  },
  remove: {
    button: 'Aus dem Buch nehmen',
    sure: (name) => `„${name}“ aus dem Buch nehmen?`,
    yes: 'Herausnehmen',
    no: 'Behalten',
    done: (name) => `„${name}“ ist nicht mehr im Buch.`,
    undo: 'Zurücklegen',
  },
  groups: {
    title: 'Gruppen',
    lead: 'Wer bei Ihnen tanzt: wie weit sie sind, und was sie gelernt haben.',
    empty:
      'Noch keine Gruppe. Ist eine gewählt, zeigt jede Liste, was ihre Leute können oder lernen könnten, und ein Blatt sagt, was vorher zu lernen ist.',
    add: 'Gruppe anlegen',
    name: 'Name der Gruppe',
    level: 'Sie tanzen bis',
    school: 'Angesagt wird im Stil',
    ownSchool: 'wie jedes Blatt',
    chosen: 'Listen und Blätter sind für diese Gruppe',
    nobody: 'Für niemanden im Besonderen',
    covered: (n) => plural(n, 'Figur gelernt', 'Figuren gelernt'),
    search: 'Figur suchen, die sie können',
    times: 'wie oft getanzt',
    timesOf: (name) => `${name}: wie oft getanzt`,
    danced: (evenings, since) => `${plural(evenings, 'Abend', 'Abende')} seit ${since}`,
    only: 'Nur, was sie gelernt haben',
    remove: 'Diese Gruppe löschen',
    removed: (name) => `„${name}“ ist gelöscht.`,
    undo: 'Zurückholen',
    state: { covered: 'gelernt', within: 'könnten sie lernen', beyond: 'über ihrer Stufe' },
    wishes: { covered: 'was sie können', within: 'was sie können oder lernen könnten' },
    notKept: 'Es wurde nicht behalten. ',
  },
  afterLabel: 'Kann folgen auf',

  foot: (role, side) => `${role}: ${foot(side)} Fuß frei`,
  eitherFoot: (role) => `${role}: einer der beiden Füße`,
  turn: (n) =>
    n === 0
      ? 'keine Drehung'
      : `dreht ${Math.abs(n) === 8 ? 'einmal ganz' : eighths(Math.abs(n))} nach ${n < 0 ? 'links' : 'rechts'}`,
  inHold: (holds) =>
    holds.length === 0
      ? 'in jeder Haltung'
      : holds.join() === 'none'
        ? 'ohne Fassung'
        : holds.map((id) => hold(id)).join(', '),
  keepsHold: 'behält ihre Haltung',
  endsShort: (id) => (id === null ? 'behält ihre Haltung' : hold(id)),
  more: (n) => `${n} weitere zeigen`,
  toHold: (id) => (id === 'none' ? 'endet ohne Fassung' : `endet in: ${hold(id)}`),
  meantFacing: (list) => `beginnt gedacht mit Blick ${list.join(' oder ')}`,
  rate: (n, bpm) => `${n} Schritte in der Sekunde bei ${number(bpm)} in der Minute`,
  back: 'Alle Figuren',
  unknown: 'Diese Figur ist nicht im Buch.',
  careFooter:
    'Warnungen erinnern nur. Die Regeln des Saals, örtliche Vorschriften und eine ausgebildete Lehrkraft gehen vor.',
  onFoot: (side) => `${foot(side)} Fuß`,
  eitherShort: 'einer der beiden Füße',
}
