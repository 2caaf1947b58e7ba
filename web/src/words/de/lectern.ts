import type { DancedPass } from '@dellop/core/routine'
import type { Catalogue } from '../en/index.ts'
import { counts, countsDative, number, passName, plural } from './german.ts'

const round = (n: number): string => number(Math.round(n * 100) / 100)
const named = (passes: readonly DancedPass[]): string => passes.map(passName).join('; ')

/** German of the lectern: calling live, on screens and pedals, and what was called. */
export const lectern: Catalogue['lectern'] = {
  ready: 'Bereit zum Ansagen, auch ohne Netz',
  notReady: 'Alles wird in diesen Browser geholt',
  notKept: 'Geladen, aber dieser Browser behält nichts: Schließen Sie diese Seite nicht.',
  failed: 'Die Ansage ließ sich nicht vorbereiten. ',
  start: 'Start',
  pause: 'Pause',
  goOn: 'Weiter',
  leave: 'Zurück zum Blatt',
  late: (text) => `zu spät? „${text}“`,
  letGo: 'lassen, die nächste kommt',
  sayNow: 'jetzt sagen',
  lostTitle: 'Halt: Die Musik geht weiter',
  lostNone:
    'So wie sie stehen, führt kein Weg zurück. Lassen Sie sie stehen und machen Sie weiter, wo die Musik ist.',
  offer: (figure, part, beats) => `${figure}, ${part}, in ${countsDative(beats)}`,
  offerHome: (calls, of) =>
    calls === null
      ? `zuvor gehen alle heim, ${counts(of)}`
      : `zuvor heim: ${calls.join('; ')}, ${counts(of)}`,
  offerLink: (figure) => `nach ${figure}`,
  offerMove: (beats) =>
    beats === 0
      ? 'wie geplant'
      : beats > 0
        ? `${counts(beats)} ausgelassen`
        : `${counts(-beats)} noch einmal`,
  offerDropped: (passes) => `ohne ${named(passes)}`,
  offerRepeated: (passes) => `noch einmal: ${named(passes)}`,
  offerOver: (beats) =>
    beats > 0 ? `endet ${counts(beats)} nach der Musik` : `endet ${counts(-beats)} vor der Musik`,
  standby: 'Falls sie herauskommen:',
  inPhrases: (n) => (n <= 1 ? 'nächste Phrase' : `in ${n} Phrasen`),
  takeFirst: 'Die erste nehmen',
  carryOn: 'Als wäre nichts gewesen',
  coming: (figure, beats, link) =>
    `${link ? `${link}, dann ` : ''}${figure} in ${countsDative(beats)}`,
  sayIn: (beats) => `sagen in ${countsDative(beats)}`,
  nothingMore: 'nichts mehr zu sagen',
  theEnd: 'Der Tanz ist zu Ende.',
  again: 'Von vorn',
  intro: 'Einleitung',
  after: 'Die Musik geht weiter',
  countIn: 'Einzählen',
  barOf: (bar, bars) => `Takt ${bar} von ${bars}`,
  left: (time) => `noch ${time}`,
  tempo: (bpm) => `♩ ${bpm}`,
  facing: (face, hold) => `Blick ${face}, ${hold}`,
  bar: (n) => `Takt ${n}`,
  ofBeats: (n) => `von ${n}`,
  next: 'Nächste Ansagen',
  row: 'Diese Phrase',
  goTo: (bar) => `Zu Takt ${bar}, mit Einzählen`,
  volume: 'Lautstärke',
  speedText: (percent) => `Tempo ${percent} %`,
  asleep: 'Der Bildschirm kann von selbst dunkel werden: Dieser Browser hält ihn nicht wach.',
  delayTitle: 'Wie verspätet sind die Lautsprecher?',
  delayText:
    'Funklautsprecher können eine Fünftelsekunde zu spät sein. Hören Sie auf die Klicks aus den Lautsprechern im Saal und tippen Sie mit: Leertaste oder der große Knopf.',
  delayTap: 'Hier tippen',
  delayTaps: (n, of) => `${n} von ${of}`,
  delayFound: (ms, spread) => `${ms} ms zu spät, auf ${spread} ms genau`,
  delayUse: 'Das nehmen',
  delayZero: 'Keine Verspätung',
  delayNow: (ms) => `Jetzt eingestellt: ${ms} ms`,
  delayAgain: 'Noch einmal',
  loud: 'Achten Sie auf die Lautstärke, für Tanzende und alle im Saal; es gelten seine Regeln.',
  noSound: 'Es gibt keine Aufnahme: Die Uhr läuft im Tempo des Blatts, ohne Klang.',
  soundFailed: 'Die Musik ließ sich hier nicht laden. Die Uhr läuft ohne Klang.',
  nextPass: (name) => `dann: ${name}`,
  lastNext: (name) => `dann: ${name}, das letzte Mal`,
  meets: (who, now, next) =>
    next === null ? `${who} mit ${now}` : `${who} mit ${now}, dann ${next}`,
  outs: (who) => `setzt aus: ${who}`,
  shiftNext: (lead, follow) =>
    lead - follow === 0
      ? 'dann derselbe Partner'
      : `dann ${plural(Math.abs(lead - follow), 'Platz', 'Plätze')} weiter zum nächsten Partner`,
  heldTitle: 'Keine Ansagen: Die Musik geht weiter',
  heldText: 'Nach der Taste geht es mit der ersten Phrase weiter.',
  freeTitle: (text) => `wartet auf Ihre Taste: ${text}`,
  freeText: 'Was sie jetzt tanzen, geht weiter, bis Sie es beenden.',
  byHandText:
    'Hier hat die Musik keinen Schlag. Drücken Sie, wenn der Schlag wiederkommt: Dann wird es gesagt.',
  byHandKey: 'Jetzt sagen',
  letGoKey: 'Weitergehen lassen',
  otherTitle: 'Was haben sie getanzt?',
  wrongTitle: 'Was haben Sie angesagt?',
  otherNone: 'Hier ist nichts wahrscheinlich.',
  unknown: 'Ich weiß es nicht: warten, bis alle wieder einsteigen können',
  others: {
    whole: (figure) => `${figure} ganz`,
    half: (figure) => `${figure} halb`,
    'other-exit': (figure) => `${figure}, anders geendet`,
    'sound-alike': (figure) => `${figure}: klingt ähnlich`,
    again: (figure) => `${figure} noch einmal`,
    'too-soon': (figure) => `${figure}, zu früh`,
  },
  goOnTitle: 'Die Musik geht weiter. Wie geht der Tanz weiter?',
  goOns: {
    whole: () => 'der ganze Tanz noch einmal',
    last: () => 'der letzte Teil noch einmal',
    'cool-down': (figure) => `ausklingen: ${figure}, immer weiter`,
  },
  goOnNone:
    'Sie stehen nicht, wie er beginnt. Lassen Sie sie tanzen, was sie mögen: ein ruhiges Gehen zum Ausklang.',
  close: 'Schließen',
  told: (turn, dropped, repeated) => {
    const what = {
      none: 'Das geht von hier aus nicht: Sie stünden nicht, wie es beginnt, oder es ist zu spät, es zu sagen.',
      rejoin: 'Sie steigen wieder ein.',
      release: 'Es geht weiter.',
      again: 'Noch einmal.',
      restart: 'Dieser Teil von vorn.',
      skip: 'Der nächste bleibt weg.',
      'end-soon': 'Es endet bald.',
      'go-on': 'Es geht weiter.',
    }[turn]
    return [
      what,
      dropped.length > 0 ? `Ausgelassen: ${named(dropped)}.` : '',
      repeated.length > 0 ? `Noch einmal getanzt: ${named(repeated)}.` : '',
      turn === 'none' ? '' : 'Falsche Taste? Z',
    ]
      .filter(Boolean)
      .join(' ')
  },
  cutOff: 'Diese Ansage brach hier ab. Die eine Taste macht auf diesem Schlag weiter.',
  fresh: 'Eine neue Ansage, von vorn',
  cutOffBand: 'Diese Ansage brach ab; die Musik ging weiter, und sie jetzt auch.',
  takenOver:
    'Diese Ansage kam aus einem anderen Fenster herüber. Die eine Taste macht auf diesem Schlag weiter.',
  takenOverBand:
    'Diese Ansage kam aus einem anderen Fenster herüber; die Musik ging weiter, und sie jetzt auch.',
  elsewhere: {
    had: 'Dieser Tanz wird in einem anderen Fenster dieses Browsers angesagt.',
    taken:
      'Ein anderes Fenster dieses Browsers hat diese Ansage übernommen. Hier wurde die Musik angehalten.',
    take: 'Die Ansage hier übernehmen',
  },
  slept: (seconds) =>
    `Dieser Rechner schlief ${seconds} s; die Musik ging weiter, und die Ansage auch.`,
  clockSet: (seconds) =>
    `Die Uhrzeit dieses Rechners sprang um ${seconds} s vor. Wenn er schlief: tippen, wo die Musik ist.`,
  serverBack: (seconds) =>
    `Der Server war ${seconds} s weg. Die Ansage ging weiter; die zweiten Bildschirme hören wieder.`,
  stood: 'Das System hat den Klang genommen. Die eine Taste macht auf diesem Schlag weiter.',
  from: 'Musik',
  fromWhat: { recording: 'von hier gespielt', elsewhere: 'eine Kapelle oder ein anderes Gerät' },
  band: {
    title: 'Der Musik folgen',
    unit: 'Ich tippe',
    units: { beat: 'jeden Schlag', bar: 'jeden Takt', phrase: 'jede Phrase' },
    start:
      'Tippen Sie den ersten Schritt (T), oder drücken Sie L, wenn die Merkstelle zu hören ist.',
    off: (beats) =>
      Math.abs(beats) < 0.05
        ? 'im Schlag'
        : `${round(Math.abs(beats))} Schläge ${beats > 0 ? 'vor' : 'hinter'} Ihrem Tippen`,
    double: 'doppelt getippt: zählt nicht',
    stray: 'weit daneben: noch einmal tippen, wenn es stimmt',
    tap: 'Tippen',
    landmark: (name) => `Gehört: ${name}`,
    firstStep: 'Jetzt erster Schritt',
    later: 'einen halben Schlag später',
    sooner: 'einen halben Schlag früher',
  },
  keysTitle: 'Tasten, Pedale und Knöpfe',
  keysText:
    'Drücken Sie „Anlernen“, dann die Taste, das Pedal oder den Knopf dafür. Tasten, die die Musik bewegen, sind länger als eine halbe Sekunde zu halten, damit ein Ausrutscher nichts bewegt.',
  teach: (what) => `Anlernen: ${what}`,
  teachNow: 'jetzt drücken …',
  teachCancel: 'Abbrechen',
  taught: (signal, what) => `${signal} bewirkt jetzt: ${what}.`,
  forgetKeys: 'Wie vorher',
  held: 'halten',
  holding: (what) => `weiter halten: ${what}`,
  midi: 'Auf MIDI-Pedale hören',
  midiOn: 'MIDI-Pedale werden gehört.',
  midiNo:
    'Dieser Browser lässt eine Seite kein MIDI benutzen. Ein Pedal, das als Tastatur wirkt, geht überall.',
  pretend:
    'Kein Pedal da? Versuchen Sie es mit diesem; es sendet, was ein MIDI-Fußschalter sendet:',
  pretendLeft: 'Linkes Pedal',
  pretendRight: 'Rechtes Pedal',
  signal: (id) => {
    const [kind, what = ''] = [id.slice(0, id.indexOf(':')), id.slice(id.indexOf(':') + 1)]
    if (kind === 'midi')
      return what.startsWith('cc')
        ? `MIDI-Regler ${what.slice(3)}`
        : what.startsWith('note')
          ? `MIDI-Note ${what.slice(5)}`
          : `MIDI ${what}`
    if (kind === 'pad') return `Gamepad-Knopf ${Number(what) + 1}`
    return KEY_NAMES[what] ?? (what.length === 1 ? what.toUpperCase() : what)
  },
  commands: {
    main: 'die eine Taste: Start, Pause, die erste nehmen, weitergehen lassen',
    hold: 'die Ansagen anhalten',
    lost: 'sie sind heraus',
    other: 'sie tanzten die andere',
    wrong: 'ich habe die falsche angesagt',
    'take-back': 'falsche Taste: wie vorher',
    'carry-on': 'als wäre nichts gewesen',
    mark: 'merken: Hier ging etwas schief',
    'one-more': 'noch einmal',
    'start-over': 'diesen Teil von vorn',
    skip: 'den nächsten auslassen',
    'end-soon': 'bald enden',
    'go-on': 'nach dem Ende weiter',
    first: 'die erste',
    second: 'die zweite',
    third: 'die dritte',
    fourth: 'die vierte',
    tap: 'mittippen',
    landmark: 'die Merkstelle ist zu hören',
    later: 'einen halben Schlag später',
    sooner: 'einen halben Schlag früher',
    part: 'noch einmal dieser Teil',
    'phrase-before': 'eine Phrase zurück',
    'phrase-after': 'eine Phrase weiter',
    slower: 'langsamer',
    faster: 'schneller',
    fade: 'ausblenden',
    loop: 'diesen Teil immer wieder durchgehen',
    'next-item': 'weiter zum Nächsten des Abends',
    layout: 'andere Aufteilung',
    words: 'Worte, Zählen oder beides',
    larger: 'größer',
    smaller: 'kleiner',
    whole: 'ganzer Bildschirm',
    delay: 'Verspätung der Lautsprecher',
    keys: 'alle Tasten',
    sound: 'Klang',
    screens: 'weitere Bildschirme',
  },
  short: {
    lost: 'heraus',
    hold: 'halten',
    other: 'andere',
    'one-more': 'noch einmal',
    skip: 'auslassen',
    mark: 'merken',
    'take-back': 'falsche Taste',
    keys: 'Tasten',
  },
  nextItem: (name, key) => `Als Nächstes: ${name}${key ? ` (${key})` : ''}`,
  itemNow: (name) => `Jetzt: ${name}.`,
  marked: 'Gemerkt.',
  looping: 'dieser Teil wird durchgegangen',
  soundTitle: 'Klang',
  balance: 'Links und rechts',
  fade: 'Über 8 Sekunden ausblenden',
  speakCues: 'Die Übungsstimme sagt die Ansagen',
  speakPreparing: (percent) => `Sie lernt sie: ${percent} %`,
  speakReady: 'Sie sagt jede Ansage in ihrem Moment.',
  speakFailed: 'Die Übungsstimme konnte nicht sprechen. Alles andere geht weiter.',
  musicOutput: 'Die Musik kommt aus',
  voiceOutput: 'Die Stimme kommt aus',
  usualOutput: 'den üblichen Lautsprechern',
  outputNumber: (n) => `Lautsprecher ${n}`,
  outputsNo: 'Dieser Browser lässt eine Seite ihre Lautsprecher nicht wählen.',
  outputRefused: 'Der Browser hat diese Lautsprecher verweigert.',
  screens: {
    title: 'Weitere Bildschirme',
    what: 'Eine große Anzeige für den Saal, oder das Telefon einer Hilfe als Fernbedienung. Solange das an ist, erreichen alle im selben Netz unter dieser Adresse die Seite für einen Code, und sonst nichts von Dellop: keine Blätter, keine Musik, keine Einstellungen. Schalten Sie es danach aus.',
    off: 'Aus: Vom Netz aus ist nichts von Dellop erreichbar.',
    on: (address) => `An, unter ${address}`,
    address: 'Adresse dieses Rechners',
    onlyHere: 'nur dieser Rechner',
    switchOn: 'Einschalten',
    switchOff: 'Ausschalten',
    codeSee: 'Code für eine Anzeige',
    codeControl: 'Code für eine Fernbedienung',
    code: (right) =>
      right === 'control'
        ? 'Für eine Fernbedienung: Sie kann die Ansage steuern'
        : 'Für eine Anzeige: Sie kann nur zeigen',
    open: 'Öffnen Sie dort diese Adresse, oder lassen Sie die Kamera sie lesen:',
    lasts: 'Gilt einmal, fünf Minuten lang.',
    list: 'Verbundene Bildschirme',
    none: 'Noch keine.',
    screen: (right, connected) =>
      `${right === 'control' ? 'Fernbedienung' : 'Anzeige'}, ${connected ? 'da' : 'weg'}`,
    remove: 'Trennen',
  },
  free: {
    open: 'Ohne Blatt ansagen',
    title: 'Ansagen ohne Blatt',
    lead: 'Aus den Figuren, die diese Gruppe kann, bietet Dellop an, was als Nächstes kommen darf: tanzbar, so wie sie stehen, nicht länger als die Phrase, und so, dass die Phrase noch aufgeht.',
    dance: 'Tanz',
    tune: 'Musik',
    noTune: 'keine: Die Uhr läuft in einem Tempo, in Phrasen von 8 Takten',
    bpm: 'Schläge in der Minute',
    figures: (n, group) =>
      `${plural(n, 'Figur', 'Figuren')} ${group === null ? 'des Buchs' : `, die ${group} tanzen kann`}.`,
    never:
      'Keine Phrase aus diesen Figuren endet, wie sie begann. Bringen Sie der Gruppe eine weitere Figur bei, oder wählen Sie einen anderen Tanz.',
    stand: (hold) => `Sie beginnen so: ${hold}; und jede Phrase endet so.`,
    begin: 'Beginnen',
    leave: 'Zu allen Blättern',
    called: (dance) => `${dance.slice(0, 1).toUpperCase()}${dance.slice(1)}, frei angesagt`,
    phrase: (n, left) => `Phrase ${n} · noch ${counts(left)}`,
    choose: 'Wählen, was kommt',
    take: (beats) => `nächste Stelle in ${countsDative(beats)}`,
    offers: 'Nächste Figur',
    typed: (text) => `Beginnt mit „${text}“`,
    ways: 'Bis zum Ende der Phrase',
    cut: 'Es gibt sehr viele Wege; das sind die besten der angesehenen.',
    none: 'Hier passt nichts.',
    taken: 'Genommen',
    surprise: 'Überrasche mich',
    putBack: 'Die letzte zurücklegen',
    toSheet: 'Ein Blatt daraus machen',
    keys: 'Leertaste startet und hält an. 1 bis 6 nehmen eine Figur, 7 bis 9 einen ganzen Weg; oder tippen Sie einen Namen oder seine Anfangsbuchstaben und Enter. Die Rücktaste legt zurück, was noch nicht gesagt ist.',
  },
  afterwards: 'Was geschah',
  report: {
    title: 'Nach dem Tanz',
    list: 'Bisherige Ansagen',
    listLead: 'Jeder Tanz, der von hier angesagt wurde, und was dabei geschah.',
    none: 'Noch wurde nichts angesagt.',
    when: 'Wann',
    dance: 'Tanz',
    lead: (title, when, time) => `${title}, ${when}, ${time}`,
    tempo: (low, high) =>
      low === high ? `${low} Schläge in der Minute` : `${low} bis ${high} Schläge in der Minute`,
    cues: (given, all) => `${given} von ${plural(all, 'Ansage', 'Ansagen')} gegeben`,
    cuesHead: 'Ansagen',
    tempoHead: 'Tempo',
    where: 'Wo',
    caller: 'Wer ansagte',
    savedTitle: 'Was es gerettet hätte',
    savedFloor: (percent) =>
      `Eine Schätzung: Mit den gegebenen Ansagen hätte eine Fläche, die ihn zum ersten Mal hört, ${percent} % davon richtig getanzt.`,
    happened: 'Was geschah',
    nothing: 'Alles ging wie geschrieben.',
    near: (figure) => `bei ${figure}`,
    happenings: (one) => {
      switch (one.kind) {
        case 'paused':
          return 'angehalten'
        case 'held':
          return 'keine Ansagen'
        case 'lost':
          return 'die Tanzenden waren heraus'
        case 'taken-back':
          return 'eine falsche Taste, zurückgenommen'
        case 'free':
          return 'auf die Taste gewartet'
        case 'marked':
          return 'hier ging etwas schief'
        case 'turned':
          return [
            {
              rejoin: 'wieder eingestiegen',
              release: 'weitergegangen',
              again: 'noch einmal',
              restart: 'von vorn begonnen',
              skip: 'den nächsten ausgelassen',
              'end-soon': 'bald geendet',
              'go-on': 'nach dem Ende weiter',
            }[one.turn],
            one.dropped.length > 0 ? `ausgelassen ${named(one.dropped)}` : '',
            one.repeated.length > 0 ? `noch einmal ${named(one.repeated)}` : '',
          ]
            .filter(Boolean)
            .join('; ')
        case 'speed':
          return `ab hier ${one.bpm} Schläge in der Minute`
        case 'tapped':
          return `${one.taps}-mal getippt, höchstens ${round(one.worstBeats)} Schläge daneben`
      }
    },
    toRemark: 'Als Bemerkung ins Blatt',
    remarkText: (date) => `Ging am ${date} schief.`,
    remarked: 'Es steht jetzt im Blatt.',
    planned: 'Geplant und angesagt',
    cue: 'Ansage',
    part: 'Teil',
    became: 'Was daraus wurde',
    given: (times) => (times === 1 ? 'gegeben' : `${times}-mal gegeben`),
    why: { held: 'angehalten', 'left-out': 'ausgelassen', 'not-reached': 'nicht erreicht' },
    notThere: 'Diese Ansage gibt es weder hier noch auf dem Server.',
    notSent: 'Erst in diesem Browser: Sie wird gesendet, sobald der Server da ist.',
    free: 'Ohne Blatt angesagt.',
    calls: 'Ansagen dieses Tanzes',
    forget: 'Diese Ansage löschen',
    forgotten: 'Diese Ansage ist gelöscht.',
    keepAgain: 'Zurückholen',
    back: 'Zum Blatt',
    callAgain: 'Noch einmal ansagen',
  },
}

const KEY_NAMES: Readonly<Record<string, string>> = {
  ' ': 'Leertaste',
  ArrowLeft: '←',
  ArrowRight: '→',
  ArrowUp: '↑',
  ArrowDown: '↓',
  PageDown: 'Bild ab',
  PageUp: 'Bild auf',
  Escape: 'Esc',
  Enter: 'Enter',
  Backspace: 'Rücktaste',
  '-': '−',
}
