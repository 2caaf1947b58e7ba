/**
 * More sheets as a person would type them, danced soundly, which nothing was tuned on when they
 * were written: figures that let go, turn out and come together, and what people name themselves.
 */
export const MORE_SOUND_SHEETS: Readonly<Record<string, string>> = {
  'waltz with openings, turns and a whisk': `dance: waltz
school: round
title: Millrace Waltz
tempo: 92
level: intermediate
start: closed; lead faces wall, left foot free; follow faces centre, right foot free
part Intro
  Apart, point
  Together to butterfly, touch
part A
  Waltz away
  Waltz together
  Balance left and right
  Twirl vine
  Through, face, close
  Left turning box
  Box
  Hover
  Pick up, side, close
  Two forward waltzes
  Progressive twinkles
part B
  Whisk
  Through, chasse
  Manoeuvre
  Spin turn
  Box finish
  Two left turns
  Hover
  Through, face, close
order
  entrance Intro
  A
  B
  A
  B
`,
  'two-step with a circle away': `dance: two-step
school: round
title: Towpath Two-step
tempo: 92
start: open; lead faces line of dance, left foot free; follow faces line of dance, right foot free
part A
  Two forward two-steps
  Hitch six
  Circle away two two-steps
  Circle together two two-steps
  Face to face
  Back to back
  Basketball turn
part B
  Scissors to sidecar
  Scissors to banjo
  Fishtail
  Walk and face
  Two side two-steps
  Turning two-steps
  Twirl two
  Walk two
order
  A
  B
  A
`,
  'rumba with an aida': `dance: rumba
school: round
tempo: 104
start: closed; lead faces wall, left foot free; follow faces centre, right foot free
part A
  Basic
  New yorker
  Spot turn (mirrored)
  Fence line
  Fence line (mirrored)
  Open break
  Whip
  Hand to hand
  Hand to hand (mirrored)
part B
  Cucaracha left
  Cucaracha left (mirrored)
  Shoulder to shoulder
  Shoulder to shoulder (mirrored)
  Half box
  Aida
  Switch rock
  Cucaracha left (mirrored)
order
  A
  B
  A
`,
  'cha-cha with a chase': `dance: cha-cha
school: round
tempo: 116
start: butterfly; lead faces wall, left foot free; follow faces centre, right foot free
part A
  Chase with peek-a-boo
  New yorker (mirrored)
  New yorker
  Spot turn (mirrored)
  Spot turn
  Time step
  Time step (mirrored)
part B
  Shoulder to shoulder
  Shoulder to shoulder (mirrored)
  Crab walks
  Travelling door
  Travelling door (mirrored)
  Half basic
  Underarm turn
order
  A
  B
  A
`,
  'jive with changes of places': `dance: jive
school: round
tempo: 168
start: semi-closed; lead faces line of dance, left foot free; follow faces line of dance, right foot free
part A
  Fallaway rock
  Throwaway
  Change places, left to right
  Change hands behind the back
  Change places, right to left
  Link
  Fallaway rock
  Right turning fallaway
order
  A x2
`,
  'tango with a promenade': `dance: tango
school: round
tempo: 128
start: closed; lead faces line of dance, left foot free; follow faces reverse, right foot free
part A
  Walk two
  Tango draw
  Back corte
  Walk two
  Closed promenade
  Tango draw
order
  A
`,
  'slow foxtrot from a hover': `dance: slow foxtrot
school: round
tempo: 112
start: closed; lead faces diagonal to the wall, left foot free; follow faces diagonal to reverse and centre, right foot free
part A
  Hover
  Feather
  Reverse turn, first half
  Feather finish
  Three step
  Natural turn, first half
  Impetus
order
  A
`,
  'Viennese waltz, turns to both sides': `dance: viennese waltz
school: round
tempo: 170
start: closed; lead faces line of dance, right foot free; follow faces reverse, left foot free
part A
  Natural turn
  Natural turn
  Natural turn
  Forward change
  Reverse turn
  Reverse turn
  Reverse turn
  Forward change (mirrored)
order
  A x2
`,
  bolero: `dance: bolero
school: round
tempo: 96
start: closed; lead faces wall, left foot free; follow faces centre, right foot free
part A
  Bolero basic
  New yorker
  New yorker (mirrored)
  Bolero basic
  Spot turn
  Spot turn (mirrored)
part B
  Fence line
  Fence line (mirrored)
  Hip rocks
  Hip rocks (mirrored)
order
  A
  B
  A
`,
  samba: `dance: samba
school: round
start: closed; lead faces wall, left foot free; follow faces centre, right foot free
part A
  Basic forward and back
  Whisk left and right
  Basic forward and back
  Whisk left and right
order
  A x3
`,
  mambo: `dance: mambo
school: round
start: closed; lead faces wall, left foot free; follow faces centre, right foot free
part A
  Mambo basic
  Side breaks
  Mambo basic
  Cross body
order
  A x2
`,
  bachata: `dance: bachata
school: round
start: two hands; lead faces wall, left foot free; follow faces centre, right foot free
part A
  Side basic
  Forward and back basic
  Side basic
  Right turn for the follow
order
  A x4
`,
  merengue: `dance: merengue
school: round
start: closed; lead faces wall, left foot free; follow faces centre, right foot free
part A
  Side steps
  In place
  Turn to the left
  In place
order
  A x4
`,
  'salsa with a cross body lead': `dance: salsa
school: round
tempo: 184
start: closed; lead faces wall, left foot free; follow faces centre, right foot free
part A
  Mambo basic
  Cross body lead
  Open break
  Open break (mirrored)
  Right turn for the follow
  Crossing walks
  Mambo basic
order
  A x2
`,
  'night club two-step': `dance: night club two-step
school: round
start: closed; lead faces wall, left foot free; follow faces centre, right foot free
part A
  Night club basic
  Left turn
  Night club basic
  Underarm turn
order
  A x2
`,
  'modern jive': `dance: modern jive
school: round
start: open facing; lead faces wall, left foot free; follow faces centre, right foot free
part A
  First move
  Return
  Arm jive
  In and out
order
  A x2
`,
  'paso doble with a separation': `dance: paso doble
school: round
tempo: 120
start: closed; lead faces wall, right foot free; follow faces centre, left foot free
part A
  Sur place
  Attack
  Chasse to the right
  Separation
  Huit
order
  A
`,
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
