/** “1 count”, “4 counts”. */
export const counts = (n: unknown): string => `${n} ${n === 1 ? 'count' : 'counts'}`
