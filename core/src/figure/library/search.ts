import { namesOf } from '../model/figureWords.ts'
import type { Figure } from '../model/figure.ts'

/** How well a figure answers what was typed: lower is better, null is not at all. */
function rank(figure: Figure, words: string): number | null {
  const names = namesOf(figure).map((name) => name.toLowerCase())
  if (names.some((name) => name === words)) return 0
  if (names.some((name) => name.startsWith(words))) return 1
  if (names.some((name) => initials(name).startsWith(words.replace(/\s/g, '')))) return 2
  if (
    names.some((name) =>
      words
        .split(/\s+/)
        .every((word) => name.split(/[\s,]+/).some((part) => part.startsWith(word))),
    )
  )
    return 3
  return names.some((name) => name.includes(words)) ? 4 : null
}

/** First letters of a name's words: `ltb` for "left turning box". */
const initials = (name: string): string =>
  name
    .split(/[\s,]+/)
    .map((word) => word[0] ?? '')
    .join('')

/** Figures by name, alias or initials, best first; all of them for an empty text. */
export function searchFigures(figures: readonly Figure[], text: string): Figure[] {
  const words = text.trim().toLowerCase()
  if (words === '') return [...figures].sort(byName)
  return figures
    .flatMap((figure) => {
      const found = rank(figure, words)
      return found === null ? [] : [{ figure, found }]
    })
    .sort((a, b) => a.found - b.found || byName(a.figure, b.figure))
    .map(({ figure }) => figure)
}

const byName = (a: Figure, b: Figure): number => a.name.localeCompare(b.name, 'en')
