import { proved } from '../testing/typed.ts'
import type { Sheet } from './derive.ts'

/** Sheets as cuers type them from paper, by the names and in the spelling that they use. */
const TYPED: Readonly<Record<string, string>> = {
  'a square': `dance: square dance
part Opener
  Bow to your partner
  Bow to your partner
  Circle left = 8
  Circle right = 8
  Allemande left
  Grand right and left
  Swing your partner
part Heads
  Heads forward and back
  Heads right and left through
  Heads right and left through
  Allemande left
  Swing your partner
  Promenade home
order
  Opener
  Heads
  Opener
`,
  'a two-step': `dance: two-step
start: open; lead faces line of dance, left foot free; follow faces line of dance, right foot free
phrase: 16 beats
part Intro
  "wait" = 8
  Apart, point
  Together, tch (to butterfly)
  "wait" = 4
part A
  Face to face
  Back to back
  Face to face
  Back to back
  Vine four (to open)
  2 Fwd two-steps
part B
  Hitch six
  Hitch six
  2 Fwd two-steps
  Strut
order
  entrance Intro
  A
  B
  A
  ending B | finish in a pose
`,
  'a line dance': `dance: line dance
phrase: 32 counts
part A
  Grapevine right
  Grapevine left
  Rocking chair
  Jazz box
  Side rock right, recover
  Coaster step
  Step, pivot half right
  Stomp, clap
  Walk three, kick
  Back three, touch
order
  A x2
`,
  'a west coast swing': `dance: west coast swing
part A
  Left side pass
  Right side pass
  Sugar push
  Whip
  Sugar push
order
  A x2
`,
  'a waltz with figures on either foot': `dance: waltz
start: open; lead faces line of dance, left foot free; follow faces line of dance, right foot free
part A
  Waltz away
  Forward waltz side by side
  Forward waltz side by side
  Forward waltz side by side
order
  A x4
`,
  'a line dance with endings and figures on one line': `dance: line dance
phrase: 32 counts
part A
  Grapevine right, scuff
  Grapevine left, scuff
  Rocking chair
  Shuffle right, rock back
  Shuffle left, rock back
  Walk forward 3, kick
  Walk back 3, touch
  Heel switches (x2)
order: A x4
`,
  'a longways dance': `dance: longways
part A
  Long lines forward and back
  Do-si-do neighbour
  Swing neighbour
  Right and left through
  Ladies chain
  Left-hand star
  Balance and swing partner
order
  A x4
`,
  'a Viennese waltz that begins on the right foot': `dance: viennese waltz
part A
  Natural turn (x3)
  Change step
  Reverse turn (x3)
  Change step (mirrored)
order: A x2
`,
  'a slow foxtrot': `dance: foxtrot
start: closed; lead faces diagonal line and wall
part A
  Three step
  Natural weave
  Reverse wave
  Back feather
  Feather finish
  Hover telemark
  Hover fallaway
  Slip pivot
order: A
`,
  'a bachata': `dance: bachata
part A
  Basic
  Box step
  Lady's turn
  Side step with tap
order: A x4
`,
}

const toFix = ({ findings }: Sheet): string[] =>
  findings.flatMap(({ code, severity, at }) => (severity === 'note' ? [] : [`${code} ${at / 24}`]))

describe('sheets as they are typed from paper', () => {
  it.each(Object.keys(TYPED))(
    '%s: all its figures are known, and nothing is to be fixed',
    (name) => {
      const sheet = proved(TYPED[name]!)
      expect(
        sheet.findings.flatMap(({ code, at }) =>
          /^missing/.test(code) ? [`${code} ${at / 24}`] : [],
        ),
      ).toEqual([])
      expect(toFix(sheet)).toEqual([])
    },
  )
  it('whose next cues nobody can place yet are told the open length alone', () => {
    const text = TYPED['a west coast swing']!.replace('  Whip\n', '  Heron whip\n')
    expect(toFix(proved(text))).toEqual(['missing.length 18'])
  })
})
