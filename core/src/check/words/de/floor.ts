import type { FLOOR as ENGLISH } from '../en/floor.ts'

const listed = (all: readonly string[]): string =>
  all.length < 2 ? all.join('') : `${all.slice(0, -1).join(', ')} und ${all.at(-1)}`
const written = ({ line }: { readonly line: string }): string => `geschrieben: ${line}`
const all = (ids: readonly string[]): string =>
  ids.length < 2 ? ids.join('') : `${ids.slice(0, -1).join(', ')} und ${ids.at(-1)}`
const both = ({
  line,
  otherLine,
}: {
  readonly line: string
  readonly otherLine: string
}): string => (otherLine === '' ? `geschrieben: ${line}` : `${otherLine}; ${line}`)
const decimal = (value: number): string => String(value).replace('.', ',')

/** German sentences about who stands where. */
export const FLOOR: typeof ENGLISH = {
  'set.nobody': {
    message: ({ figure, line }) => `${figure}, „${line}“: Damit ist hier niemand gemeint.`,
    sum: written,
  },
  'set.number': {
    message: ({ figure, line, count }) =>
      `${figure}, „${line}“: Dort stehen ${count}, und es braucht eine andere Zahl.`,
    sum: written,
  },
  'set.pairs': {
    message: ({ figure, line, count }) =>
      `${figure}, „${line}“: Wer tanzt mit wem? Gemeint sind ${count}, und nur zwei brauchen kein Wort dafür, etwa with partners oder with opposites.`,
    sum: written,
  },
  'set.amount': {
    message: ({ figure, line }) =>
      `${figure}, „${line}“: So weit endet es zwischen den Plätzen oder mitten im Wechsel.`,
    sum: written,
  },
  'set.facing': {
    message: ({ figure, line }) =>
      `${figure}, „${line}“: Nebeneinander auf diesen zwei Plätzen können sie nicht dorthin schauen.`,
    sum: written,
  },
  'set.no-place': {
    message: ({ figure, line }) => `${figure}, „${line}“: Dort ist kein Platz.`,
    sum: written,
  },
  'set.told-twice': {
    message: ({ figure, dancers }) =>
      `${figure}: ${all(dancers)} ${dancers.length > 1 ? 'sollen' : 'soll'} zweierlei zugleich tun.`,
    sum: both,
  },
  'set.hand-taken': {
    message: ({ figure, dancers }) =>
      `${figure}: ${all(dancers)} ${dancers.length > 1 ? 'haben' : 'hat'} eine Hand für zweierlei.`,
    sum: both,
  },
  'set.facing-away': {
    message: ({ figure, dancers }) =>
      `${figure}: ${all(dancers)} ${dancers.length > 1 ? 'schauen' : 'schaut'} zu Beginn von dem weg, mit dem getanzt wird.`,
    sum: both,
  },
  'missing.move': {
    message: ({ figure }) => `Nichts sagt, wo nach ${figure} jemand steht.`,
    sum: () => 'von hier an sind die Plätze offen; Wege oder „führt home“ sagen, wo alle stehen',
  },
  'set.two-in-one': {
    message: ({ figure, dancer, otherDancer, place }) =>
      `${figure}: ${dancer} und ${otherDancer} stehen beide auf ${place}.`,
    sum: ({ place }) => `Platz ${place}: zwei Tanzende`,
  },
  'set.empty': {
    message: ({ part, place }) => `Am Ende von ${part} steht niemand auf ${place}.`,
    sum: ({ place }) => `Platz ${place}: die anderen aufrücken lassen, oder jemanden hinbringen`,
  },
  'set.not-home': {
    message: ({ away }) =>
      `Am Ende des Tanzes ${away.length === 1 ? 'ist' : 'sind'} ${listed(away)} nicht zu Hause.`,
    sum: ({ away }) => `${away.length} nicht dort, wo sie begannen`,
  },
  'set.neighbour': {
    message: ({ part, dancer, met }) =>
      `${part}: ${dancer} trifft die Paare ${met.join(', ')}: dasselbe noch einmal vor den anderen.`,
    sum: ({ met }) => `getroffene Paare: ${met.join(', ')}`,
  },
  'set.progress': {
    message: ({ part, by, becket }) =>
      by === 0
        ? `${part} lässt alle im selben Unterset: Niemand rückt weiter.`
        : becket
          ? `${part}: Paare rücken um ${by} weiter, nicht um 1.`
          : `${part}: Die ersten Paare rücken um ${by} weiter, nicht um 1.`,
    sum: ({ by }) => `${by} statt 1 in einem Durchgang`,
  },
  'set.path': {
    message: ({ figure, dancer, otherDancer, beat, centimetres }) =>
      `${figure}: ${dancer} und ${otherDancer} laufen nach ${decimal(beat)} Schlägen ineinander, ${centimetres} cm voneinander.`,
    sum: ({ centimetres }) => `${centimetres} cm; wer kein Paar ist, braucht mindestens 25 cm`,
  },
  'set.side': {
    message: ({ figure, dancer, otherDancer }) =>
      `${figure}: ${dancer} und ${otherDancer} gehen links aneinander vorbei, und nichts sagt es.`,
    sum: ({ centimetres }) =>
      `${centimetres} cm voneinander; ungesagt gehen Tanzende rechts aneinander vorbei`,
  },
  'set.pace': {
    message: ({ figure, dancer, strides }) =>
      `${figure}: ${dancer} hat in jedem Schlag ${decimal(strides)} Schritte zu gehen.`,
    sum: ({ line, needed }) => `${line}: ${needed} Schläge wären genug`,
  },
}
