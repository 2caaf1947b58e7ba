/** Share of their sounds in which two names may differ and still be mixed up in a loud hall. */
const ALIKE = 0.25
const SHORTEST = 3

/** A word's sound, roughly: what is heard alike is written alike, vowels fall together. */
export function soundOf(text: string): string {
  return text
    .toLowerCase()
    .replace(/[^\p{L}]/gu, '')
    .replace(/ght/g, 't')
    .replace(/kn|gn/g, 'n')
    .replace(/ph/g, 'f')
    .replace(/ck|q|c(?![eiy])/g, 'k')
    .replace(/c|z/g, 's')
    .replace(/wh/g, 'w')
    .replace(/[aeiouyäöü]+/g, 'a')
    .replace(/[bp]/g, 'p')
    .replace(/[dt]/g, 't')
    .replace(/[vf]/g, 'f')
    .replace(/(.)\1+/g, '$1')
}

/** Whether two sounds, as `soundOf` writes them, can be taken for each other in a loud hall. */
export const soundsLike = (a: string, b: string): boolean =>
  Math.min(a.length, b.length) >= SHORTEST &&
  soundDistance(a, b) <= ALIKE * Math.max(a.length, b.length)

/** Least number of sounds to change, add or leave out (Levenshtein, 1966). */
export function soundDistance(a: string, b: string): number {
  let row = Array.from({ length: b.length + 1 }, (_, j) => j)
  for (let i = 1; i <= a.length; i++) {
    const next = [i]
    for (let j = 1; j <= b.length; j++)
      next[j] = Math.min(
        row[j]! + 1,
        next[j - 1]! + 1,
        row[j - 1]! + (a[i - 1] === b[j - 1] ? 0 : 1),
      )
    row = next
  }
  return row[b.length]!
}
