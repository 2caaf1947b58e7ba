/** English sentences for what can be wrong with count lines. */
export const PROBLEMS = {
  'count-in.word': ({ odd }: { odd: string }) =>
    `A count-in is made of numbers and words such as "5 6 ready go"; "${odd}" is neither.`,
  'notation.letter': ({ character, text }: { character: number; text: string }) =>
    `At character ${character}, "${text}": a number, S, Q, &, e, a or - was expected.`,
  'notation.empty': () =>
    'There is no count in this line: numbers such as "1 2 3" or slows and quicks such as "S Q Q" were expected.',
  'notation.mixed': ({ character, text }: { character: number; text: string }) =>
    `At character ${character}, "${text}": one line counts either in numbers or in S and Q, not both.`,
  'notation.order': ({ token, token2 }: { token: string; token2: string }) =>
    `"${token}" after "${token2}" would sound at the same time or before it.`,
  'notation.division': ({ character, text }: { character: number; text: string }) =>
    `At character ${character}, "${text}": in thirds of a beat only & and a divide it.`,
  'notation.from': ({
    character,
    from,
    number,
  }: {
    character: number
    from: number
    number: number
  }) =>
    `At character ${character}: the count starts from ${from}, so ${number} cannot be its first number.`,
  'notation.number': ({
    character,
    inBar,
    expected,
    barNumber,
    number,
  }: {
    character: number
    inBar: number
    expected: number
    barNumber: number
    number: number
  }) =>
    `At character ${character}: after ${inBar}, ${expected}, 1 or bar number ${barNumber} was expected, not ${number}.`,
  'notation.e': ({ character, text }: { character: number; text: string }) =>
    `At character ${character}, "${text}": among slows and quicks only & and a divide a beat.`,
}
