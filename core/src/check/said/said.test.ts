import { findingMessage, findingSum } from '../index.ts'
import { LANGUAGES, wordingsOf } from '../../cue/index.ts'
import { applyEdits, expectOk } from '../../document/index.ts'
import {
  AS_WRITTEN,
  mirrorOf,
  SHIPPED_FIGURES,
  startingState,
  type CueLanguageId,
  type Figure,
} from '../../figure/index.ts'
import type { Facing } from '../../move/index.ts'
import { figureContent, routineShape, type Routine } from '../../routine/index.ts'
import type { ListedFinding } from '../../sheet/index.ts'
import { proved, provedSheet, typedRoutine } from '../../testing/typed.ts'
import { claimsOf } from './claims.ts'

const WALL = 'lead faces wall, left foot free; follow faces centre, right foot free'
const LINE = "formation: lines\nstart: all face 12 o'clock, right foot free"
const LINE_LEFT = "formation: lines\nstart: all face 12 o'clock, left foot free"
const HEADS = {
  line: `dance: line dance\nschool: line\n${LINE}`,
  'line, left': `dance: line dance\nschool: line\n${LINE_LEFT}`,
  'line in German': `dance: line dance\nschool: line\nlanguage: de\n${LINE}`,
  waltz: `dance: waltz\nschool: round\ntempo: 90\nstart: butterfly; ${WALL}`,
  'closed waltz': `dance: waltz\nschool: round\ntempo: 90\nstart: closed; ${WALL}`,
  'waltz in German': `dance: waltz\nschool: round\nlanguage: de\ntempo: 90\nstart: butterfly; ${WALL}`,
  foxtrot:
    'dance: slow foxtrot\nschool: round\ntempo: 112\nstart: closed; lead faces line of dance, left foot free; follow faces reverse, right foot free',
  ring: 'dance: ring dance\nschool: ring\nformation: ring\nstart: ring; all face centre, right foot free',
  viennese:
    'dance: viennese waltz\nschool: round\nstart: closed; lead faces line of dance, right foot free; follow faces reverse, left foot free',
  square: 'dance: square dance\nschool: square\nstart: none; all face centre, right foot free',
  'square in German':
    'dance: square dance\nschool: square\nlanguage: de\nstart: none; all face centre, right foot free',
  set: 'dance: set dance\nschool: set\nformation: set\nstart: star; lead faces line of dance, left foot free; follow faces line of dance, left foot free',
} as const

type Case = readonly [head: keyof typeof HEADS, line: string, code: string | null]
/** Words of which one thing is not so, and words that are. */
const CASES: readonly Case[] = [
  // The side to which one travels.
  ['line', 'Vine right, touch | say "vine to the left, touch" / "vine left" / "left"', 'said.way'],
  ['line', 'Vine right, touch | note "slide to the left"', 'said.way'],
  ['line', 'Vine right, touch | note "grapevine right, clap"', null],
  ['line', 'Vine right, touch | note "the vine to the left comes next"', null],
  ['line', 'Vine right, touch | note "with a full turn for those who like it"', null],
  ['line', 'Shuffle forward | note "shuffle, not three walks back"', null],
  ['line', 'Vine right and left | note "vine left at the end"', null],
  ['line, left', 'Vine right, touch (mirrored)', null],
  ['line, left', 'Vine right, touch (mirrored) | note "to the left: vine left"', null],
  ['line in German', 'Vine right, touch | say "Kreuzschritt nach links" / - / -', 'said.way'],
  ['line in German', 'Vine right, touch | say "Kreuzschritt nach rechts" / - / -', null],
  ['ring', 'Grapevine to the right | say "grapevine to the left" / - / -', 'said.way'],
  ['waltz', 'Vine three | note "vine right, three"', 'said.way'],
  ['waltz', 'Vine three | note "lady vines right"', null],
  ['waltz', 'Canter | say "side left, draw, close" / - / -', null],
  ['foxtrot', 'Walk two | note "walk back two"', 'said.way'],
  ['foxtrot', 'Walk two | note "walk forward two, then look back"', null],
  // The side and the amount of a turn; synonyms of it.
  [
    'line',
    'Jazz box, quarter right | say "jazz box, quarter left" / "box, quarter left" / -',
    'facing.said-other-way',
  ],
  ['line', 'Jazz box, quarter right | note "turn left"', 'facing.said-other-way'],
  ['line', 'Rolling vine right | note "spin left"', 'facing.said-other-way'],
  ['line', 'Rolling vine right | note "roll to the right"', null],
  ['line', 'Rocking chair | note "half turn right"', 'facing.said-other-way'],
  ['line', 'Rocking chair | note "no turn, right foot first"', null],
  ['line', 'Jazz box, quarter right | note "half turn right"', 'said.amount'],
  ['line', 'Jazz box, quarter right | say "jazz box, half right" / - / -', 'said.amount'],
  ['line', 'Jazz box, quarter right | note "a quarter turn"', null],
  ['line', 'Rolling vine right | note "a full turn to the right"', null],
  ['closed waltz', 'Left turning box | note "three quarter turn to the left"', 'said.amount'],
  ['closed waltz', 'Left turning box | note "two quarters in each, half turn by the middle"', null],
  ['closed waltz', 'Left turning box | say "right turning box" / - / -', 'facing.said-other-way'],
  ['waltz', 'Solo roll | note "roll three, trail hands free"', null],
  [
    'line in German',
    'Jazz box, quarter right | say "Jazzbox, Viertel links" / - / -',
    'facing.said-other-way',
  ],
  ['line in German', 'Jazz box, quarter right | note "halb rechts herum"', 'said.amount'],
  ['line in German', 'Jazz box, quarter right | note "Vierteldrehung nach rechts"', null],
  // Hands that are gone round.
  ['set', 'Right-hand star | say "left-hand star" / - / -', 'said.hand'],
  ['set', 'Right-hand star | note "star by the right"', null],
  ['set', 'Right-hand turn | note "left arm turn"', 'said.hand'],
  ['set', 'Right-hand turn | note "right elbow turn, if you like"', null],
  // How often.
  ['waltz', 'Canter (x3) | say "canter, twice" / - / -', 'said.times'],
  ['waltz', 'Canter (x2) | note "twice"', null],
  ['waltz', 'Canter | note "twice"', 'said.times'],
  ['waltz', 'Canter | note "knock twice on the barrel"', null],
  ['line in German', 'Rocking chair | note "dreimal"', 'said.times'],
  // The hold it ends in.
  ['waltz', 'Canter (to closed) | say "canter, to open" / - / -', 'said.exit'],
  ['waltz', 'Canter (to closed) | note "to closed"', null],
  ['waltz', 'Twirl vine | say "twirl vine to butterfly" / - / -', 'said.exit'],
  ['waltz', 'Twirl vine | say "twirl vine to semi" / - / -', null],
  ['waltz', 'Canter (to two hands) | note "to butterfly"', null],
  ['waltz in German', 'Twirl vine | say "Dame dreht, in Butterfly" / - / -', 'said.exit'],
  // Where one faces.
  ['line', 'Jazz box, quarter right | note "face the back wall"', 'said.facing'],
  ['line', 'Jazz box, quarter right | note "face 3 o\'clock"', null],
  ['ring', 'Into the centre | note "look out"', 'said.facing'],
  ['ring', 'Into the centre | note "look in"', null],
  ['waltz', 'Box | note "face line of dance"', 'said.facing'],
  ['waltz', 'Box | note "face the wall"', null],
  // Amounts behind the turn, and words that are the figure's own but for a side or a number.
  ['line', 'Monterey quarter | say "monterey half" / - / -', 'said.amount'],
  ['line', 'Monterey quarter | note "pivot a quarter"', null],
  ['line', 'Vine right, touch | say "vine left and touch" / - / -', 'said.way'],
  ['viennese', 'Natural turn | say "reverse turn" / - / -', 'facing.said-other-way'],
  ['viennese', 'Natural turn | say "natural turn, to the left" / - / -', 'facing.said-other-way'],
  ['viennese', 'Natural turn | say "natural turn" / - / -', null],
  ['closed waltz', 'Two left turns (x2) | say "three left turns" / - / -', 'said.times'],
  // What another figure of the dance is called.
  ['ring', 'Into the centre | say "out of the centre" / - / -', 'said.other-figure'],
  ['ring', 'Into the centre | say "into the middle" / - / -', null],
  ['square', 'Heads forward and back | say "sides forward, and back" / - / -', 'said.who'],
  ['closed waltz', 'Left turning box | say "box" / - / -', null],
  ['waltz', 'Solo roll | say "hover" / - / -', 'said.other-figure'],
  // Who, with whom and how far, in sets.
  ['square', 'Corner turn left | note "by the left with your partner"', 'said.who'],
  ['square', 'Corner turn left | note "then on to your partner"', null],
  ['square', 'Partner turn right | say "partner right, once and a half" / - / -', 'said.amount'],
  ['square', 'Partner turn right | say "partner right, once round" / - / -', null],
  ['square in German', 'Corner turn left | note "links um den Partner"', 'said.who'],
  ['square in German', 'Corner turn left | note "links um die Ecke"', null],
  // Counts and bars, and rows of counts beside a figure.
  ['closed waltz', 'Left turning box | note "two and a half bars"', 'sums.said'],
  ['closed waltz', 'Left turning box | note "four bars"', null],
  ['line', '"hold still, two and a half bars" = 8', 'sums.said'],
  ['line in German', '"halten, drei Takte" = 8', 'sums.said'],
  ['line in German', '"halten, zwei Takte" = 8', null],
  ['line', 'Rocking chair | note "1 2 3 4 5 6"', 'sums.said'],
  ['line', 'Rocking chair | note "1 2 3 4"', null],
  ['line', 'Rocking chair | note "counts 1-8"', 'sums.said'],
  ['line', 'Rocking chair | note "9-12"', null],
  ['line', 'Rocking chair | say "rocking chair, eight counts" / - / -', 'sums.said'],
]

const ASKED = /^said\.|^facing\.(?:said|contra)|^sums\.(?:said|addition)/
const sheetOf = ([head, line]: Case): string => `${HEADS[head]}\npart A\n  ${line}\norder\n  A\n`
const told = (findings: readonly ListedFinding[]): string[] =>
  findings
    .filter(({ code, overruled }) => ASKED.test(code) && overruled === null)
    .map(({ code }) => code)

describe('words beside what is danced', () => {
  it.each(CASES)('%s: %s', (...one) => {
    const { findings } = proved(sheetOf(one))
    expect(told(findings)).toEqual(one[2] === null ? [] : [one[2]])
    for (const finding of findings.filter(({ code }) => ASKED.test(code)))
      expect(`${findingMessage(finding)} ${findingSum(finding)}`).not.toMatch(/undefined|NaN/)
  })

  it.each(CASES.filter(([, , code]) => code !== null))(
    '%s: %s: each repair does away with it',
    (...one) => {
      const sheet = proved(sheetOf(one))
      for (const finding of sheet.findings.filter(({ code }) => code === one[2]))
        for (const { edits } of finding.repairs) {
          const mended = provedSheet(expectOk(applyEdits(routineShape, sheet.routine, edits)))
          expect(told(mended.findings)).toEqual([])
        }
    },
  )

  it('what no words say plainly is claimed of nothing', () => {
    for (const text of ['left foot first', 'right away', 'vine left and right', 'box', ''])
      expect(Object.values(claimsOf(text, 'en')).filter(Boolean)).toEqual([])
  })

  it('go round with the facing where a part is danced further round', () => {
    const sheet = proved(
      `${HEADS.line}\npart A\n  Jazz box, quarter right | say "jazz box, quarter right, to 3 o'clock" / - / -\norder\n  A x4\n`,
    )
    expect(told(sheet.findings)).toEqual([])
    const words = sheet.timeline.slots.map(
      (slot) => wordingsOf(slot, LANGUAGES.en).find(({ kind }) => kind === 'full')!.text,
    )
    expect(words.map((text) => /to (\d+) o'clock$/.exec(text)?.[1])).toEqual(['3', '6', '9', '12'])
  })
})

describe('the words of the book', () => {
  it.each(['en', 'de'] as const)(
    'say of no figure what it does not do, as written or mirrored: %s',
    (language) => {
      for (const figure of SHIPPED_FIGURES)
        for (const reflected of [false, true]) {
          const wrong = told(provedSheet(alone(figure, language, reflected), null).findings).filter(
            (code) => !code.startsWith('sums.'),
          )
          expect([figure.name, reflected, wrong]).toEqual([figure.name, reflected, []])
        }
    },
  )
})

/** One figure by itself, begun on either foot in a hold that it may begin in. */
function alone(figure: Figure, language: CueLanguageId, reflected: boolean): Routine {
  const base = typedRoutine(`${HEADS.waltz}\npart A\n  Box\norder\n  A\n`)
  const hold = figure.entry.holds[0] ?? 'none'
  const { lead, follow } = startingState(
    reflected ? mirrorOf(hold) : hold,
    (figure.entry.facings[0] ?? 2) as Facing,
  )
  const either = { weight: 'both' } as const
  const formation = figure.dancers === 'set' ? 'set' : figure.entry.frame === 'ring' ? 'ring' : null
  return {
    ...base,
    dance: figure.family,
    language,
    ...(formation ? { formation } : {}),
    start: {
      hold: reflected ? mirrorOf(hold) : hold,
      lead: { ...lead, ...either },
      follow: { ...follow, ...either },
    },
    parts: base.parts.map((part) => ({
      ...part,
      slots: part.slots.map((slot) => ({
        ...slot,
        content: figureContent(figure.id, { ...AS_WRITTEN, reflected }),
      })),
    })),
  }
}
