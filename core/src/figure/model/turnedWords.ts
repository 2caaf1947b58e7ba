import { turned, wrapFacing, type Facing } from '../../move/index.ts'
import type { CueLanguageId } from './figure.ts'

/**
 * Facings in words, for each language in which cues are spoken. Words belong to a part as it is
 * danced the first time; where it is danced further round, the facings in them go round too.
 */

/** Places that are faced, each set in its own frame: eighths clockwise from line of dance or 12. */
type Places = readonly (readonly [word: string, facing: Facing])[]
interface FacingWords {
  /** What stands before a place that is faced. */
  readonly looks: string
  readonly frames: readonly Places[]
}

const WORDS: Readonly<Record<CueLanguageId, FacingWords>> = {
  en: {
    looks: 'face|faces|facing|look|looks|looking|to',
    frames: [
      [
        ['line of dance', 0],
        ['the wall', 2],
        ['wall', 2],
        ['reverse', 4],
        ['the centre', 6],
        ['centre', 6],
      ],
      [
        ["12 o'clock", 0],
        ["3 o'clock", 2],
        ["6 o'clock", 4],
        ["9 o'clock", 6],
      ],
      [
        ['the front wall', 0],
        ['the back wall', 4],
      ],
      [
        ['in', 6],
        ['out', 2],
      ],
    ],
  },
  de: {
    looks: 'Blick|Front|schauen',
    frames: [
      [
        ['in Tanzrichtung', 0],
        ['zur Wand', 2],
        ['gegen die Tanzrichtung', 4],
        ['zur Mitte', 6],
      ],
      [
        ['auf 12 Uhr', 0],
        ['auf 3 Uhr', 2],
        ['auf 6 Uhr', 4],
        ['auf 9 Uhr', 6],
      ],
      [
        ['nach innen', 6],
        ['nach außen', 2],
      ],
    ],
  },
}

const patternOf = ({ looks, frames }: FacingWords): RegExp => {
  const places = frames
    .flat()
    .map(([word]) => word.replaceAll("'", "['’]"))
    .sort((a, b) => b.length - a.length)
  return new RegExp(`(?<![\\p{L}])((?:${looks}) +)(${places.join('|')})(?![\\p{L}])`, 'giu')
}
const PATTERNS = { en: patternOf(WORDS.en), de: patternOf(WORDS.de) } as const

/**
 * Words with the facings in them further round. A facing that has no word there stays as it is.
 *
 * @param eighths Eighths of a turn, clockwise above 0.
 */
export function turnedWords(text: string, eighths: number, language: CueLanguageId): string {
  const by = wrapFacing(eighths)
  if (by === 0) return text
  return text.replace(PATTERNS[language], (all: string, look: string, place: string) => {
    const plain = place.toLowerCase().replaceAll('’', "'")
    for (const places of WORDS[language].frames) {
      const found = places.find(([word]) => word.toLowerCase() === plain)
      const to = found && places.find(([, facing]) => facing === turned(found[1], by))
      if (to) return `${look}${to[0]}`
    }
    return all
  })
}
