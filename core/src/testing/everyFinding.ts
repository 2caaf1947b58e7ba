import type { Finding } from '../check/index.ts'
import { DEFAULT_VOICES } from '../cue/index.ts'
import { bookOf, SHIPPED_FIGURES } from '../figure/index.ts'
import { sheetFileOfText } from '../file/index.ts'
import { emptyGroup } from '../group/index.ts'
import { SHIPPED_SCHOOLS } from '../school/index.ts'
import { deriveSheet } from '../sheet/index.ts'

const HEAD = `dance: waltz
school: round
tempo: 168
phrase: 8 bars
start: butterfly; lead faces wall, left foot free; follow faces centre, right foot free
`

/** Sheets with many things the matter, so that many findings are made. */
const SHEETS = [
  `${HEAD}part A\n  Box\n  Hover\n  Dip\n  Vine three\n  "what is this" = 5\n  "open" = ?\npart B\n  Box\npart C\n  Canter\npart D\norder\n  A\n  B x2\n  D\n`,
  `${HEAD}part A\n  Twirl vine\n  Twirl vine\n  Twirl vine\n  Twirl vine\n  Box | say "turn to the right, anticlockwise" / "side, shoulder, slide" / -\n  Box half\n  Canter | pinned 9 before\norder\n  A mirrored\n  A\n`,
  `${HEAD.replace('waltz', 'cha-cha').replace('168', '200')}part A\n  Basic\n  New York\n  Basic | say "the longest words that anybody could possibly wish to say in so short a time before a step" / - / -\norder\n  A x3\n`,
  `${HEAD.replace('waltz', 'rumba')}part A\n  Box\n  Cucaracha\n  Fence line\npart A\n  Box\norder\n  A\n`,
]

/** Findings as the checks make them, of sheets that have much the matter. */
export function derivedOfEveryFinding(): Finding[] {
  const book = bookOf(SHIPPED_FIGURES)
  return SHEETS.flatMap((text, i) => {
    const read = sheetFileOfText(text, { id: `s${i}`, title: 's', figures: SHIPPED_FIGURES })
    if (!read.ok) throw new Error(read.problem.message)
    return deriveSheet({
      routine: read.value.routine,
      book,
      school: SHIPPED_SCHOOLS[0]!,
      voice: DEFAULT_VOICES.en,
      tune: null,
      group: emptyGroup('g', 'Mondays'),
    }).findings
  })
}
