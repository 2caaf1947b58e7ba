import { SOUND_ROUND_DANCES } from './soundRoundDances.ts'

/**
 * More sheets as a person would type them, danced soundly, which nothing was tuned on when they
 * were written.
 */
export const MORE_SOUND_SHEETS: Readonly<Record<string, string>> = {
  ...SOUND_ROUND_DANCES,
  'polka, heel and toe and turning': `dance: polka
school: ring
formation: couples-round
start: two hands; lead faces wall, left foot free; follow faces centre, right foot free
part A
  Heel and toe polka
  Heel and toe polka (mirrored)
  Slide four
  Slide four
part B
  Turning polka (x4)
order
  A
  B
  A
  B
`,
  schottische: `dance: schottische
school: ring
formation: couples-round
start: open; lead faces line of dance, left foot free; follow faces line of dance, right foot free
part A
  Basic forward
  Basic forward (mirrored)
  Four step hops
part B
  Basic forward
  Basic forward (mirrored)
  Four step hops
order
  A
  B
`,
  'saunter of sixteen bars': `dance: sequence dance
school: sequence
title: Barley Saunter
phrase: 16 bars
bar: 4 beats of 1/4
tempo: 112
start: open; lead faces line of dance, left foot free; follow faces line of dance, right foot free
part Sequence
  Walk three, point
  Back three, close
  Walk three, point
  Back three, close
  Chasse left
  Chasse left (mirrored)
  Solo turn
  Solo turn (mirrored)
  Step, swing, twice
  Zigzag four (x2)
  Check and back (x3)
  Waltz turn in four
order
  Sequence x4
`,
  'line dance with own words': `dance: line dance
school: line
title: Sluice Keeper
formation: lines
unit: eights
phrase: 32 counts
tempo: 118
start: all face 12 o'clock, right foot free
part A
  "walk forward three, kick" = 4
  "back three, touch" = 4
  Vine right, touch
  Rolling vine right (mirrored)
  Monterey quarter
  Jazz box
  Step, half pivot (x2, mirrored)
  "stomp, stomp, clap twice" = 4
order
  A x8
`,
  'line dance with a restart': `dance: line dance
school: line
title: Fen Causeway
formation: lines
phrase: 32 counts
tempo: 104
start: all face 12 o'clock, right foot free
part A
  Side shuffle right
  Rock back, recover (mirrored)
  Side shuffle right (mirrored)
  Rock back, recover
  Shuffle forward
  Shuffle forward (mirrored)
  Rocking chair
  Step, half pivot (mirrored)
  V step
  Toe strut
  Toe strut (mirrored)
  Sailor step
  Sailor step (mirrored)
  Hip bumps
order
  A x2
  A from 1 to 7
  A x3
`,
  'clog with a chorus': `dance: clog
school: clog
title: Cooper's Yard
formation: lines
tempo: 124
start: all face 12 o'clock, left foot free
part A
  Triple
  Triple (mirrored)
  Clog vine
  Clog vine (mirrored)
part B
  Chain
  Chain (mirrored)
  Joey
  Joey (mirrored)
  Rocking chair
  Rocking chair
part Chorus
  Fancy double
  Fancy double
  Push-off
  Push-off (mirrored)
order
  A
  B
  Chorus
  A
  B
  Chorus
`,
  'ring dance, in and out': `dance: ring dance
school: ring
title: Rushes In
formation: ring
tempo: 120
start: ring; all face centre, right foot free
part A
  Into the centre
  Out of the centre
  Into the centre
  Out of the centre
part B
  Grapevine to the right
  Balance right and left
  Grapevine to the right
  Balance right and left
order
  A
  B
  A
  B
`,
  'mixer that goes on to the next': `dance: mixer
school: mixer
formation: couples-round
couples: 12
start: two hands; lead faces wall, left foot free; follow faces centre, right foot free
part A
  Heel and toe
  Heel and toe (mirrored)
  Clap pattern
  On to the next
order
  A x6
`,
  'square with a grand chain': `dance: square dance
school: square
formation: set
couples: 4
phrase: 16 counts
start: all face centre
part Figure
  Heads forward and back
  Sides forward and back
  Corner turn left
  Partner turn right
  Grand chain home
part Break
  Circle left and right
order
  Break
  Figure x4
  Break
`,
  'waltz mostly in own words': `dance: waltz
school: round
title: Lantern Walk
tempo: 90
phrase: 8 bars
start: butterfly; lead faces wall, left foot free; follow faces centre, right foot free
part A
  "balance apart and together" = 6
  "roll away half" = 3
  "twinkle out and in" = 6
  "walk two measures" = 6
  "face your partner" = 3
part B
  "swing and sway" = 12
  Box
  Box
order
  A
  B
  A
  B
`,
  'German waltz': `Titel: Schilfwalzer
Tanz: Walzer
Stil: round
Sprache: Deutsch
Tempo: 92
Beginn: Butterfly; führend Blick zur Wand, linker Fuß frei; folgend Blick zur Mitte, rechter Fuß frei
Teil A
  Balance left and right
  Box
  Twinkle
  Through, face, close
  Canter (x2)
Teil B
  Left turning box
  Hover
  Through, face, close
  Box
Ablauf
  A
  B
  A
`,
  'German line dance': `Titel: Fährmanns Reihe
Tanz: line dance
Stil: line
Sprache: Deutsch
Aufstellung: Reihen
Phrase: 32 Zählzeiten
Tempo: 112
Beginn: alle Blick auf 12 Uhr, rechter Fuß frei
Teil A
  Vine right, touch
  Vine left, touch
  Shuffle forward
  Shuffle forward (gespiegelt)
  Step, quarter pivot
  Cross rock, side
  Cross rock, side (gespiegelt)
  Rocking chair
  V step
  Jazz box
  Hip bumps
Ablauf
  A x4
`,
}
