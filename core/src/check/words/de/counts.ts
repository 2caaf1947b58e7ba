/** A number as it is written in German: 2,5. */
export const number = (n: unknown): string => String(n).replace('.', ',')
/** “1 Schlag”, “4 Schläge”. */
export const counts = (n: unknown): string => `${number(n)} ${n === 1 ? 'Schlag' : 'Schläge'}`
/** Behind a word that asks for the dative: “nach 4 Schlägen”. */
export const countsDative = (n: unknown): string =>
  `${number(n)} ${n === 1 ? 'Schlag' : 'Schlägen'}`

/** How often something is danced. */
export const often = (times: number): string =>
  ['', 'einmal', 'zweimal', 'dreimal', 'viermal'][times] || `${times}-mal`
