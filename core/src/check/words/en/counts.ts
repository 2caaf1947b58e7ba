/** “1 count”, “4 counts”. */
export const counts = (n: unknown): string => `${n} ${n === 1 ? 'count' : 'counts'}`

/** How often something is danced. */
export const often = (times: number): string =>
  times === 1 ? 'once' : times === 2 ? 'twice' : `${times} times`
