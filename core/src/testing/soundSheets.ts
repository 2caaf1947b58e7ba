const ROUND = 'lead faces wall, left foot free; follow faces centre, right foot free'
const ALONG = (foot: string, other: string): string =>
  `start: closed; lead faces line of dance, ${foot} foot free; follow faces reverse, ${other} foot free`
const LINE = "start: all face 12 o'clock, right foot free"

/**
 * Sheets as a person would type them, danced soundly: of each nothing may be told that is to be put
 * right. They are in many families and both languages, and leave out what may be left out.
 */
export const SOUND_SHEETS: Readonly<Record<string, string>> = {
  'waltz, two parts and a tag': `dance: waltz
school: round
tempo: 90
start: butterfly; ${ROUND}
part A
  Balance left and right
  Twirl vine
  Through, face, close
  Box
  Canter (x2)
part B
  Left turning box
  Left turning box
part Tag
  Dip
  Recover, touch
order
  A
  B
  A
  ending Tag
`,
  'slow foxtrot, a feather into a three step': `dance: slow foxtrot
school: round
tempo: 112
${ALONG('right', 'left')}
part A
  Feather
  Three step
  Feather
  Three step
order
  A
`,
  'tango walks': `dance: tango
school: round
tempo: 120
${ALONG('left', 'right')}
part A
  Walk four
  Walk four
part B
  Walk four
  Tango draw
order
  A
  B
  A
`,
  'cha-cha, typed with nothing but its dance': `dance: cha-cha
start: butterfly; ${ROUND}
part A
  Basic
  New yorker (mirrored)
  New yorker
  Hand to hand
  Hand to hand (mirrored)
  Basic
order
  A x2
`,
  'rumba, called in German': `dance: rumba
school: round
language: de
tempo: 100
start: butterfly; ${ROUND}
part A
  Box
  Half box
  Half box (mirrored)
order
  A x2
`,
  'line dance of 32 counts, stated': `dance: line dance
school: line
formation: lines
unit: eights
phrase: 32 counts
tempo: 110
${LINE}
part A
  Vine right, touch
  Vine left, touch
  Rocking chair
  Jazz box
  K-step
  Vine right and left
order
  A x4
`,
  'line dance of 56 counts with a tag of four': `dance: line dance
school: line
formation: lines
tempo: 110
${LINE}
part A
  Vine right, touch
  Vine left, touch
  Rocking chair
  Jazz box
  K-step
  Vine right and left
  Rocking chair
  Jazz box
  Vine right and left
  K-step
part Tag
  Rocking chair
order
  A
  A
  Tag
  A
`,
  'line dance, three eights and two': `dance: line dance
school: line
formation: lines
unit: eights
tempo: 110
${LINE}
part A
  Vine right and left
  K-step
  Vine right and left
part B
  Rocking chair
  Jazz box
  K-step
order
  A
  B
  A
`,
  'line dance in German, mirrored': `dance: line dance
school: line
formation: lines
language: de
tempo: 100
${LINE}
part A
  Vine right, touch
  Vine left, touch
  Rocking chair
  Jazz box
order
  A x2
`,
  clogging: `dance: clogging
school: line
formation: lines
tempo: 100
start: all face 12 o'clock, left foot free
part A
  Clog basic
  Clog basic (mirrored)
  Clog basic
  Clog basic (mirrored)
order
  A x4
`,
  'two-step round the hall': `dance: two-step
school: round
tempo: 90
start: semi-closed; lead faces line of dance, left foot free; follow faces line of dance, right foot free
part A
  Two forward two-steps
  Hitch six
  Two forward two-steps
  Strut four
order
  A x2
`,
  'salsa basics': `dance: salsa
school: round
tempo: 180
start: closed; ${ROUND}
part A
  Mambo basic
  Side basic
  Mambo basic
  Side basic
order
  A x2
`,
  'a set of four couples': `dance: set dance
school: set
formation: set
couples: 4
phrase: 8 bars
bar: 2 beats of 1/4
tempo: 112
start: none; lead faces line of dance, left foot free; follow faces line of dance, right foot free
part A
  Forward and back
  Do-si-do
part B
  Circle left
  Circle right
order
  A
  B
  A
`,
  'ring dance': `dance: ring dance
school: ring
formation: ring
tempo: 112
start: ring; all face centre, right foot free
part Round
  Grapevine, eight
  Grapevine, eight
order
  Round x4
`,
  mixer: `dance: mixer
school: ring
formation: couples-round
tempo: 112
start: two hands; ${ROUND}
part A
  Heel and toe
  Heel and toe (mirrored)
  Apart and together
  Apart and together
order
  A x4
`,
  'paso doble': `dance: paso doble
school: round
tempo: 120
${ALONG('right', 'left')}
part A
  Sur place
  Chasse to the right
  Sur place
  Basic forward
order
  A
`,
  'words only, of any length': `dance: improvised
formation: solo
unit: words
tempo: 100
${LINE}
part Say
  "walk about nine steps" = 9
  "clap for the band" = 5
order
  Say
`,
  'sequence of sixteen bars': `dance: waltz
school: sequence
phrase: 16 bars
tempo: 90
start: butterfly; ${ROUND}
part Sequence
  Balance left and right
  Box
  Left turning box
  Box
  Canter (x2)
  Box
  Balance left and right
order
  Sequence x3
`,
  'jive basics': `dance: jive
school: round
tempo: 140
start: butterfly; ${ROUND}
part A
  Basic rock
  Basic rock
  Rock, recover
  Rock, recover
order
  A
`,
  quickstep: `dance: quickstep
school: round
tempo: 192
${ALONG('right', 'left')}
part A
  Quarter turn to the right
  Progressive chasse
  Walk, two (mirrored)
order
  A
`,
  'jive with a link': `dance: jive
school: round
tempo: 160
start: closed; lead faces wall, left foot free; follow faces centre, right foot free
part A
  Basic rock
  Basic rock
  Change places, right to left
  American spin
  American spin
  Link
  Basic rock
  Basic rock
order
  A x2
`,
  'quickstep round the hall': `dance: quickstep
school: round
tempo: 200
start: closed; lead faces line of dance, right foot free; follow faces reverse, left foot free
part A
  Walk, two (mirrored)
  Progressive chasse
  Forward lock
  Running forward
order
  A x2
`,
  'paso doble from the right foot': `dance: paso doble
school: round
tempo: 120
start: closed; lead faces wall, right foot free; follow faces centre, left foot free
part A
  Sur place
  Chasse to the right
  Basic forward
  Basic back
order
  A x2
`,
  'sequence of sixteen bars, told in order': `dance: waltz
school: sequence
phrase: 16 bars
tempo: 100
told: A A A
start: butterfly; lead faces wall, left foot free; follow faces centre, right foot free
part A
  Balance left and right
  Canter (x2)
  Box
  Box
  Balance left and right (x2)
  Canter (x2)
  Side, draw, touch
  Side, draw, touch (mirrored)
order
  A x3
`,
  'mixer with a change of partner': `dance: mixer
school: ring
formation: couples-round
couples: 8
tempo: 110
start: two hands; lead faces wall, left foot free; follow faces centre, right foot free
part A
  Heel and toe
  Heel and toe (mirrored, to none)
  Clap pattern (to two hands)
  Two-hand turn
order
  A x4
`,
  'German two-step': `dance: two-step
school: round
language: de
tempo: 90
start: butterfly; lead faces wall, left foot free; follow faces centre, right foot free
part A
  Two side two-steps
  Vine four
  Limp four
  Side, touch
  Side, touch (mirrored)
order
  A x2
`,
  'own figures in a line dance': `dance: line dance
school: line
formation: lines
unit: eights
figure Pegging out
  dancers: solo
  counts: 4
  lead: 1 right forward, 2 left touch, 3 left back, 4 right touch
  follow: same
figure Reel in
  dancers: solo
  counts: 4
  lead: 1 right side, 2 left behind, 3 right side turn right 1/4, 4 left close
  follow: same
  full: reel in, quarter right

start: all face 12 o'clock, right foot free
part A
  Pegging out
  Reel in
order
  A x8
`,
  'ring dance in German': `dance: ring dance
school: ring
formation: ring
language: de
start: ring; all face centre, right foot free
part A
  Grapevine, eight
  Three steps and hold
  Three steps and hold (mirrored)
order
  A x3
`,
  'through-composed in words': `dance: waltz
school: round
unit: words
start: closed; lead faces wall, left foot free; follow faces centre, right foot free
part Verse
  "walk about as you like" = 7
  Box
part Chorus
  "hold your partner still" = 11
order
  Verse
  Chorus
  Verse
`,
  'salsa in German': `dance: salsa
school: round
language: de
start: two hands; lead faces wall, left foot free; follow faces centre, right foot free
part A
  Mambo basic
  Open break
  Open break (mirrored)
  Cumbia step
order
  A x2
`,
  'foxtrot with hover': `dance: slow foxtrot
school: round
start: closed; lead faces line of dance, left foot free; follow faces reverse, right foot free
part A
  Walk two
  Forward, side, close
  Back, side, close
  Walk two
order
  A
`,
  'clog in pairs of feet': `dance: clog
school: line
formation: lines
phrase: 16 counts
start: all face 12 o'clock, left foot free
part A
  Clog basic
  Clog basic (mirrored)
  Clog basic
  Clog basic (mirrored)
  Clog basic
  Clog basic (mirrored)
  Clog basic
  Clog basic (mirrored)
order
  A x3
`,
}
