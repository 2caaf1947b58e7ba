import type { PROBLEMS as ENGLISH } from '../en/problems.ts'

/** German sentences for what can be wrong with count lines. */
export const PROBLEMS: typeof ENGLISH = {
  'count-in.word': ({ odd }) =>
    `Ein Einzählen besteht aus Zahlen und Wörtern wie "5 6 ready go"; „${odd}“ ist keines davon.`,
  'notation.letter': ({ character, text }) =>
    `Bei Zeichen ${character}, „${text}“: Eine Zahl, S, Q, &, e, a oder - wurde erwartet.`,
  'notation.empty': () =>
    'In dieser Zeile wird nicht gezählt: Zahlen wie "1 2 3" oder S und Q wie "S Q Q" wurden erwartet.',
  'notation.mixed': ({ character, text }) =>
    `Bei Zeichen ${character}, „${text}“: Eine Zeile zählt entweder in Zahlen oder in S und Q, nicht in beidem.`,
  'notation.order': ({ token, token2 }) =>
    `„${token}“ nach „${token2}“ käme zur selben Zeit oder davor.`,
  'notation.division': ({ character, text }) =>
    `Bei Zeichen ${character}, „${text}“: In Dritteln eines Schlags teilen ihn nur & und a.`,
  'notation.from': ({ character, from, number }) =>
    `Bei Zeichen ${character}: Gezählt wird ab ${from}, also kann ${number} nicht die erste Zahl sein.`,
  'notation.number': ({ character, inBar, expected, barNumber, number }) =>
    `Bei Zeichen ${character}: Nach ${inBar} wurde ${expected}, 1 oder die Taktnummer ${barNumber} erwartet, nicht ${number}.`,
  'notation.e': ({ character, text }) =>
    `Bei Zeichen ${character}, „${text}“: Zwischen S und Q teilen nur & und a einen Schlag.`,
}
