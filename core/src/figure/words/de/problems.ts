import type { PROBLEMS as ENGLISH } from '../en/problems.ts'

const itHas = (known: readonly string[]): string =>
  known.length === 0 ? 'sie hat keine' : `sie hat ${known.map((one) => `„${one}“`).join(', ')}`

/** What a line of steps goes on with. */
const EXPECTED: Readonly<Record<string, string>> = {
  comma:
    'ein Komma vor dem nächsten Schritt, oder ein Weg, ein Gewicht, eine Drehung oder Worte in Anführungszeichen',
  'one-more': 'noch ein Schritt nach dem Komma',
  foot: 'ein Fuß (left, right, both), oder was ohne Fuß getan wird (hold, clap ...)',
  quote: 'Worte, die mit einem Anführungszeichen enden',
  end: 'nichts nach dem Schlag',
  count: 'ein Schlag wie 1, 2& oder &1, oder S oder Q',
  side: '„side left“ oder „side right“, da kein einzelner Fuß eine Seite vorgibt,',
  'turn-side': 'left oder right nach „turn“',
  'turn-amount': 'ein Maß der Drehung wie 1/4, 3/8 oder 1',
}
const at = (character: number): string => `Bei Zeichen ${character}`

/** German sentences for what can be wrong with figures as they are typed. */
export const PROBLEMS: typeof ENGLISH = {
  'direction.unknown': ({ text, known }) =>
    known === ''
      ? `Von hier aus ist „${text}“ nicht bekannt: Sagen Sie zuerst, wo der Mensch steht.`
      : `„${text}“ ist hier keine Richtung; erwartet wurde eine von diesen: ${known}.`,
  'figure.no-ending': ({ figure, name, known }) =>
    `„${figure}“ hat kein Ende „${name}“; ${itHas(known)}.`,
  'figure.no-option': ({ figure, name, known }) =>
    `„${figure}“ hat keine Möglichkeit „${name}“; ${itHas(known)}.`,
  'figure-text.piece': ({ character, why }) => `${at(character)}: ${why.message}`,
  'step-line.expected': ({ character, found, expected }) =>
    `${at(character)} ${found === '' ? 'endet die Zeile' : `steht „${found}“`}; erwartet wurde: ${EXPECTED[expected]}.`,
  'table.row': ({ name, row, why }) => `${name}, Zeile ${row}: ${why.message}`,
  'figure.cyclic': ({ name, circle }) =>
    `„${name}“ ist Teil von sich selbst: ${circle}. Eine Figur besteht nur aus anderen.`,
  'figure.no-part': ({ name, figureId }) =>
    `„${name}“ besteht aus einer Figur, die nicht im Buch ist (${figureId}).`,
  'figure.long': ({ name, mostSteps }) =>
    `„${name}“ hätte mehr als ${mostSteps} Schritte; erwartet wurden weniger oder kürzere Teile.`,
  'figure.turn-roles': ({ name }) =>
    `In „${name}“ drehen führend und folgend verschieden weit; ein anderes Maß sagt nicht, was beide tun.`,
  'figure.cut-outside': ({ name, counts, cutAt }) =>
    `„${name}“ ist ${counts} Schläge lang; bei ${cutAt} bleibt nichts zu schneiden.`,
  'figure.cut-in-step': ({ name, count }) =>
    `„${name}“ hat auf Schlag ${count} keinen Schritt, lässt sich dort also nicht schneiden.`,
  'figure.no-pause': ({ name }) => `„${name}“ hat am Ende keine Pause, die wegbleiben könnte.`,
  'alias.name': ({ one }) =>
    `„${one}“ ist kein anderer Name; erwartet wurde ein Name, und in Klammern, wo man ihn sagt, etwa Vine right [school line, region the north].`,
  'alias.where': ({ part, one }) =>
    `„${part}“ in „${one}“ sagt nichts Bekanntes; erwartet wurde eine Sprache wie de, „school …“ oder „region …“.`,
  'table.quotes': ({ name, row }) =>
    `${name} hat in Zeile ${row} ein Anführungszeichen, das nicht geschlossen ist.`,
  'table.column.unknown': ({ name, unknown, columns }) =>
    `${name} hat eine Spalte „${unknown}“; Spalten können sein: ${columns}.`,
  'table.column.missing': ({ name, missing, needed }) =>
    `${name} hat keine Spalte „${missing}“; mindestens erwartet wurden ${needed}.`,
  'table.long': ({ name, rowsCount, mostFigures }) =>
    `${name} hat ${rowsCount} Zeilen; höchstens ${mostFigures} wurden erwartet.`,
  'table.twice': ({ name, row, id }) =>
    `${name}, Zeile ${row}: Die Kennung „${id}“ steht ein zweites Mal da; jede gilt nur einmal.`,
  'table.cell.parts': ({ name, row, why }) => `${name}, Zeile ${row}: Spalte parts: ${why.message}`,
  'table.parts': ({ name, row, why }) => `${name}, Zeile ${row}: ${why.message}`,
  'table.formula': ({ cell, column }) =>
    `„${cell}“ in Spalte ${column} sieht aus wie eine Formel; erwartet wurde ein Text.`,
  'table.caution': ({ cautionKinds }) =>
    `in Spalte cautions wurde eine Warnung wie „spin: give room“ erwartet, ihre Art eine von ${cautionKinds}.`,
  'table.cell.field': ({ column, why }) => `Spalte ${column}: ${why}`,
  'table.cell.value': ({ path, why }) => `${path}: ${why}`,
  'figure-text.hold-change': ({ piece }) =>
    `erwartet wurde ein Schlag und die dann gefasste Haltung, etwa 3 open, nicht „${piece}“.`,
  'figure-text.hold-before': () =>
    'Hände wechseln auf dem ersten Schlag oder später; davor ist es die Figur davor.',
  'figure-text.hold': ({ found, holdIds }) =>
    `„${found}“ ist keine Haltung; erwartet wurde eine von diesen: ${holdIds}.`,
  'figure-text.couples': () =>
    'erwartet wurden Paare mit ihrer Nummer, und was sie tun, etwa „couples 2 3 lead: 1 left side, 2 right close“ oder „couple 4: stand“.',
  'figure-text.ending': () =>
    'erwartet wurden ein Name, eine Haltung, der Schlag, auf dem es beginnt, und Schritte: to open | open | from 4 | lead: 4 left side | follow: opposite',
  'figure-text.ending-hold': ({ text, holdIds }) =>
    `„${text}“ ist keine Haltung; erwartet wurde „own hold“ oder eine von diesen: ${holdIds}.`,
  'figure-text.option': () =>
    'erwartet wurden ein Name und Schritte: look left | lead: head:1 "look left" | follow: same',
  'figure-text.role': ({ text }) =>
    `erwartet wurde „lead:“ oder „follow:“ und Schritte, nicht „${text}“.`,
  'figure.no-part.id': ({ text }) => `im Buch ist keine Figur mit der Kennung ${text}.`,
  'figure.no-part.name': ({ text }) =>
    `im Buch heißt keine Figur „${text}“; erwartet wurde der Name einer Figur, mit + zwischen zweien.`,
  'figure.which': ({ text, answers }) =>
    `im Buch heißen mehrere Figuren „${text}“; sagen Sie, welche: ${answers}.`,
  'step-line.foot': ({ character }) =>
    `${at(character)} hat ein Schritt keinen Fuß; davor wurde left, right oder both erwartet.`,
  'step-line.words': ({ mostText, wordsCount }) =>
    `Die Worte eines Schritts dürfen ${mostText} Zeichen haben; diese haben ${wordsCount}.`,
  'step-line.syllable': ({ character, number }) =>
    `${at(character)} hat „${number}“ eine Silbe, die es bei Dritteln nicht gibt; erwartet wurde & oder a.`,
  'step-line.count': ({ character, mostBeats, beat }) =>
    `${at(character)} wurde ein Schlag von 1 bis ${mostBeats} erwartet, nicht ${beat}.`,
  'step-line.unfaced': ({ character, aimed }) =>
    `${at(character)} hängt „${aimed}“ davon ab, wohin der Blick geht, und das ist nicht gesagt; sagen Sie, wie die Figur gedacht beginnt, oder einen Weg wie forward oder side.`,
  'step-line.way': ({ character, why }) => `${at(character)}: ${why.message}`,
  'step-line.size': ({ character, size }) =>
    `${at(character)} ist „${size}“ keine Größe für diesen Weg; erwartet wurden nach einer Richtung 0 bis 4 Schrittlängen.`,
  'step-line.turn': ({ character, why }) => `${at(character)}: ${why.message}`,
  'step-line.turn-most': ({ character }) =>
    `${at(character)} wurden höchstens 3 ganze Drehungen erwartet.`,
  'step-line.turn-amount': ({ character, amount }) =>
    `${at(character)} ist „${amount}“ kein Maß einer Drehung; erwartet wurden Achtel wie 1/8, 1/4, 3/8 bis zu 3 ganzen Drehungen.`,
  'turn.contradiction.sides': ({ text }) =>
    `„${text}“ nennt beide Seiten; links geht gegen den Uhrzeigersinn, rechts mit ihm.`,
  'turn.eighths': ({ text }) => `„${text}“ ist keine ganze Zahl von Achteldrehungen.`,
  'turn.amount': ({ text }) =>
    `„${text}“ nennt kein Maß; erwartet wurde ein Viertel, 3/4, 270 Grad oder Ähnliches.`,
  'turn.side': ({ text }) => `„${text}“ sagt nicht, wohin; erwartet wurde links oder rechts.`,
  'turn.from': ({ text }) =>
    `„${text}“ hängt davon ab, wo es beginnt, und das ist hier nicht bekannt; erwartet wurden eine Seite und ein Maß.`,
  'turn.side.straight': ({ text }) =>
    `„${text}“: Das ist geradeaus oder dahinter und gibt keine Seite.`,
  'turn.contradiction.way': ({ text, side }) =>
    `„${text}“ widerspricht sich: Von hier aus ist das nach ${side === 'left' ? 'links' : 'rechts'}.`,
  'turn.contradiction.amount': ({ text, eighths, side }) =>
    `„${text}“ widerspricht sich: Von hier aus sind es ${eighths}/8 nach ${side === 'left' ? 'links' : 'rechts'}.`,
  variation: ({ word }) =>
    `„${word}“ ändert an einer Figur nichts Bekanntes; erwartet wurde half, first 6, after 3, x2, mirrored, no pause, turning 2/8 left, rotated 2/8 right, to butterfly, on count 2, ending = … oder with = ….`,
  'written.empty': () => 'Hier wurde ein Name erwartet.',
  'written.beats': ({ mostBeats }) =>
    `Erwartet wurde eine Zahl von Schlägen bis ${mostBeats}, in Vierteln, etwa 4 oder 6.`,
  'written.count': () => 'Erwartet wurde der Schlag des Takts, auf dem sie beginnt, von 1 bis 12.',
  'written.couples': () => 'Erwartet wurde die Zahl der Paare, etwa 3 oder 2-4, bis 8.',
  'written.no-steps': () =>
    'Erwartet wurden Schritte, etwa: 1 left forward, 2 right side, 3 left close; oder „stand“',
}
