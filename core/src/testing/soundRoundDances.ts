/**
 * Round dances as a person would type them, danced soundly: figures that let go, turn out and come
 * together as couples do.
 */
export const SOUND_ROUND_DANCES: Readonly<Record<string, string>> = {
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
}
