import type { PROBLEMS as ENGLISH } from '../en/problems.ts'

/** German sentences for what can be wrong with places and with lines that move dancers. */
export const PROBLEMS: typeof ENGLISH = {
  'places.unknown': ({ text }) =>
    `„${text}“ ist keine Aufstellung: „longways of 4, whole set“, „longways of 6, duple improper“, „square“, „facing couples of 8“, „circle of 8 couples“, „ring of 8“, „ring of 4 couples“, „trios of 6“, „lines of 4 by 6“ oder „couples of 12 round“ wurde erwartet, dahinter „, without F8“, wo jemand fehlt.`,
  'places.impossible': ({ text, why }) => `„${text}“: ${why}.`,
  'move.who': ({ found }) =>
    `„${found}“: Hier wurde erwartet, wen es angeht, etwa leads, couple 1, ones, heads, partners oder top with opposites.`,
  'move.verb': ({ found }) =>
    `„${found}“: Hier wurde erwartet, was sie tun, etwa circle left 4, cast 1, hey 1/2, swing facing across oder star right 4.`,
  'move.more': ({ found }) =>
    `„${found}“: Hier wurde das Ende der Zeile erwartet, oder ; und eine weitere.`,
  'move.word': ({ found, expected }) => `„${found}“: Hier wurde ${expected} erwartet.`,
  'move.counts': ({ text, counts }) =>
    `„${text}“: Zählzeiten von 1 bis ${counts} wurden erwartet, die erste vor der letzten.`,
  'move.net': ({ text }) =>
    `„${text}“: home, oder von welchem Platz zu welchem, etwa l1>l2 l2>l1, wurde erwartet.`,
}
