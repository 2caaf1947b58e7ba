/**
 * A chord symbol such as `Em`, `D7`, `F#m7`, `Bb`, `C/G`, as pitch classes; null when it is none.
 */
export function readChord(
  symbol: string,
): { readonly root: number; readonly tones: readonly number[] } | null {
  const match =
    /^([A-G])([#b♯♭]?)(m(?!aj)|min|dim|aug|sus4|)(maj7|7|6|)(?:\/([A-G])([#b♯♭]?))?$/.exec(
      symbol.trim(),
    )
  if (!match) return null
  const root = pitchClass(match[1]!, match[2]!)
  const steps = TRIADS[match[3]!]!
  const seventh = SEVENTHS[match[4]!]
  const tones = [...steps, ...(seventh === undefined ? [] : [seventh])].map(
    (step) => (root + step) % 12,
  )
  return { root: match[5] ? pitchClass(match[5], match[6] ?? '') : root, tones }
}

const LETTERS: Record<string, number> = { C: 0, D: 2, E: 4, F: 5, G: 7, A: 9, B: 11 }
const TRIADS: Record<string, readonly number[]> = {
  '': [0, 4, 7],
  m: [0, 3, 7],
  min: [0, 3, 7],
  dim: [0, 3, 6],
  aug: [0, 4, 8],
  sus4: [0, 5, 7],
}
const SEVENTHS: Record<string, number> = { '7': 10, maj7: 11, '6': 9 }

const pitchClass = (letter: string, sign: string): number =>
  (LETTERS[letter]! + (/[#♯]/.test(sign) ? 1 : /[b♭]/.test(sign) ? 11 : 0)) % 12
