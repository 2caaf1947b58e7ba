/** English sentences for what can be wrong with places and with lines that move dancers. */
export const PROBLEMS = {
  'places.unknown': ({ text }: { text: string }) =>
    `“${text}” is no formation: “longways of 4, whole set”, “longways of 6, duple improper”, “square”, “facing couples of 8”, “circle of 8 couples”, “ring of 8”, “ring of 4 couples”, “trios of 6”, “lines of 4 by 6” or “couples of 12 round” was expected, “, without F8” behind it where somebody is missing.`,
  'places.impossible': ({ text, why }: { text: string; why: string }) => `“${text}”: ${why}.`,
  'move.who': ({ found }: { found: string }) =>
    `“${found}”: whom it concerns was expected here, such as leads, couple 1, ones, heads, partners or top with opposites.`,
  'move.verb': ({ found }: { found: string }) =>
    `“${found}”: what they do was expected here, such as circle left 4, cast 1, hey 1/2, swing facing across or star right 4.`,
  'move.more': ({ found }: { found: string }) =>
    `“${found}”: the end of the line, or ; and another line, was expected here.`,
  'move.word': ({ found, expected }: { found: string; expected: string }) =>
    `“${found}”: ${expected} was expected here.`,
  'move.counts': ({ text, counts }: { text: string; counts: number }) =>
    `“${text}”: counts from 1 to ${counts}, the first before the last, were expected.`,
  'move.net': ({ text }: { text: string }) =>
    `“${text}”: home, or from which place to which, such as l1>l2 l2>l1, was expected.`,
} as const
