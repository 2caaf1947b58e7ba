import { applyEdits, expectOk } from '../document/index.ts'
import { findingMessage, findingSum } from '../check/index.ts'
import { routineSchema, routineShape } from '../routine/index.ts'
import { demoText, proved, provedSheet } from '../testing/typed.ts'

type Slip = readonly [what: string, from: string | RegExp, to: string, code: string, beat: number]

/**
 * Slips planted in sheets that are right: each must be found at its beat by the finding that names
 * it.
 */
const SLIPS: Readonly<Record<string, readonly Slip[]>> = {
  'sluice-gate-two-step': [
    ['a figure left out', '  Limp four\n', '', 'sums.phrase', 0],
    ['a figure twice', '  Limp four\n', '  Limp four\n  Limp four\n', 'sums.phrase', 0],
    ['half a figure', '  Limp four\n', '  Limp four (first 2)\n', 'sums.phrase', 0],
    ['one time too few', 'Sequence x4', 'Sequence x3', 'sums.music-short', 104],
    ['one time too many', 'Sequence x4', 'Sequence x5', 'sums.music-over', 136],
    [
      'the same foot twice',
      '  Limp four\n',
      '  Side two-step\n  Side two-step\n',
      'feet.not-free',
      14,
    ],
    [
      'a figure mirrored by mistake',
      '  Limp four\n',
      '  Limp four (mirrored)\n',
      'feet.not-free',
      12,
    ],
    [
      'a start on the other foot',
      'left foot free; follow',
      'right foot free; follow',
      'feet.not-free',
      0,
    ],
    [
      'a hold the figure cannot begin in',
      'Two-step box (to closed)',
      'Two-step box (to none)',
      'hold.mismatch',
      28,
    ],
    [
      'a hold they do not stand in',
      'Two-step box (to closed)',
      'Two-step box (to semi-closed)',
      'facing.hold',
      24,
    ],
    [
      'a name that is not in the book',
      '  Limp four\n',
      '  Heron four = 4\n',
      'missing.unknown',
      12,
    ],
    ['a length left open', '  Limp four\n', '  "limp" = ?\n', 'missing.length', 12],
    ['counts left open', '  Limp four\n', '  "" = 4\n', 'missing.wording', 12],
    [
      'a figure over the phrase line',
      '  Limp four\n  Two side two-steps\n',
      '  Side two-step\n  Limp four (mirrored)\n  Side two-step (mirrored)\n',
      'sums.across-phrase',
      14,
    ],
    [
      'three bars said for two',
      '  Limp four\n',
      '  Limp four | note "three bars"\n',
      'sums.said',
      12,
    ],
    ['other bars than the music', '2 beats of 1/4', '3 beats of 1/4', 'sums.metre', 0],
    [
      'a section the music does not have',
      'ending Ending',
      'ending Ending | at section "coda"',
      'missing.section',
      128,
    ],
    ['a section too late', 'ending Ending', 'ending Ending | at section "B"', 'sums.tie', 128],
    ['a part with nothing in it', 'order\n', 'part Bridge\n\norder\n  Bridge\n', 'missing.part', 0],
    ['a part never danced', 'order\n', 'part Bridge\n  Limp four\n\norder\n', 'missing.pass', 136],
    [
      'too many words',
      '  Limp four\n',
      `  Limp four | say ${Array(3).fill('"limp four times along the line of dance and stay close now"').join(' / ')}\n`,
      'voice.no-room',
      12,
    ],
  ],
  'pegs-on-a-line': [
    [
      'a vine to the wrong side',
      '  Vine left, touch\n  Rocking',
      '  Vine right, touch\n  Rocking',
      'feet.not-free',
      4,
    ],
    [
      'a shuffle that leaves the wrong foot',
      'part A\n  Vine right, touch\n  Vine left, touch\n',
      'part A\n  Shuffle forward\n  Vine right, touch\n  Shuffle forward\n',
      'feet.not-free',
      2,
    ],
    ['no bridge', '  bridge Bridge\n', '', 'sums.music-short', 112],
    ['the whole part where half was meant', '  A from 1 to 4\n', '  A\n', 'sums.music-over', 128],
    [
      'four eights said for four counts',
      '  Jazz box\n',
      '  "jazz box, four eights" = 4\n',
      'sums.said',
      28,
    ],
    [
      'right and anticlockwise',
      '  Jazz box\n',
      '  "turn to the right, anticlockwise" = 4\n',
      'facing.contradiction',
      28,
    ],
    [
      'left and clockwise',
      '  K-step\n',
      '  K-step | note "half turn left, clockwise"\n',
      'facing.contradiction',
      80,
    ],
    [
      'a turn said the other way',
      '  Jazz box, quarter right\n',
      '  Jazz box, quarter right | say "quarter turn left" / "quarter turn left" / "turn left"\n',
      'facing.said-other-way',
      24,
    ],
    [
      'a pass said to face another wall',
      '  A\n',
      '  A | rotated 2/8 right\n',
      'facing.rotated',
      96,
    ],
    [
      'a sum that does not add up',
      '  K-step\n',
      '  K-step | note "4 + 4 + 2 = 8"\n',
      'sums.addition',
      80,
    ],
    [
      'a version with another total',
      'order\n',
      'part "A as told" | version of A\n  K-step\n\norder\n',
      'sums.versions',
      0,
    ],
    ['two parts of one name', 'order\n', 'part A\n  K-step\n\norder\n', 'sums.versions', 0],
  ],
  'eel-pots': [
    [
      'a star without joining hands for it',
      'Forward and back (to star)',
      'Forward and back',
      'hold.mismatch',
      16,
    ],
    [
      'a set figure from the ring',
      'Right-hand star (to none)',
      'Right-hand star (to ring)',
      'hold.mismatch',
      24,
    ],
    ['a figure short', '  Do-si-do\n', '', 'sums.phrase', 32],
    ['a part left out', '  A\n  B\n  A\n', '  A\n  B\n', 'sums.music-short', 96],
    ['turning without a rest', '  Set twice (to star)\n', '  Swing (x2)\n', 'body.turns', 40],
    [
      'closed hold for two who face one way',
      'Set twice (to star)',
      'Set twice (to closed)',
      'facing.hold',
      40,
    ],
  ],
  'goosefoot-ring': [
    [
      'a fill that cannot come out',
      'Balance right and left (mirrored, x2)\n\npart In',
      'Balance right and left (mirrored)\n\npart In',
      'sums.fill',
      120,
    ],
    [
      'a fill that is too short',
      'until the section, 1 to 16',
      'until the section, 1 to 6',
      'sums.fill',
      96,
    ],
    [
      'a fill that must be danced too often',
      'until the section, 1 to 16',
      'until the section, 9 to 16',
      'sums.fill',
      144,
    ],
    [
      'a tie to a landmark nobody marked',
      'landmark "pipes enter"',
      'landmark "drums enter"',
      'missing.section',
      32,
    ],
    [
      'into the centre on the wrong foot',
      'Into the centre (mirrored)',
      'Into the centre',
      'feet.not-free',
      128,
    ],
  ],
  'eight-for-the-geese': [
    ['a time too few for the own partner', 'A x8', 'A x7', 'set.partner', 224],
    [
      'two places on where one was meant',
      'on by 0 / 1',
      'on by 0 / 3\n  A | on by 0 / 1',
      'set.partner',
      288,
    ],
    [
      'a hold not let go',
      'Apart and together (to none)',
      'Apart and together',
      'hold.mismatch',
      28,
    ],
    ['a hold not taken', 'On to the next (to two hands)', 'On to the next', 'hold.mismatch', 32],
    [
      'heel and toe twice on one foot',
      'Heel and toe (mirrored)',
      'Heel and toe',
      'feet.not-free',
      12,
    ],
  ],
  'tar-barrel-steps': [
    [
      'a triple on the foot that stands',
      '  Triple (mirrored)\n  Two double',
      '  Triple\n  Two double',
      'feet.not-free',
      8,
    ],
    [
      'arms on half beats, not marked',
      '  Two doubles with arms (x2) | hard',
      '  Two doubles with arms (x2)',
      'body.arms',
      32,
    ],
    [
      'an odd number of steps, and again',
      '  Two double steps (x2)\n  Triple\n',
      '  Two double steps (x2)\n  Clog basic\n  Heel, toe\n',
      'feet.not-free',
      6,
    ],
    ['steps too quick to take', 'part A\n', 'part A\n  Double step (x2)\n', 'sums.phrase', 0],
  ],
  'combing-the-teasels': [
    [
      'two to the same side',
      '  New yorker, counted from two (mirrored)\n',
      '  New yorker, counted from two\n',
      'feet.not-free',
      8,
    ],
    [
      'a hold lost',
      'Underarm turn, counted from two (mirrored, to butterfly)',
      'Underarm turn, counted from two (mirrored, to none)',
      'hold.mismatch',
      56,
    ],
    [
      'a count line too long',
      '  Basic, counted from two\n\npart Tag',
      '  "S Q Q S" = 8\n\npart Tag',
      'sums.said',
      56,
    ],
    [
      'two figures that sound alike',
      'Underarm turn, counted from two (mirrored, to butterfly)',
      'Underarm turn, counted from two (mirrored, to butterfly) | say "side tour right" / "side tour right" / "tour right"',
      'voice.sound-alike',
      48,
    ],
    [
      'the tag left out',
      '  ending Tag | finish extract and hold, spin who likes\n',
      '',
      'sums.music-short',
      96,
    ],
    ['the tag in the wrong place', 'ending Tag', 'ending Tag | at section "B"', 'sums.tie', 96],
    [
      'a cut inside a step',
      '  Basic, counted from two\n  New',
      '  Basic, counted from two (first 5t)\n  New',
      'figure.cut',
      0,
    ],
  ],
}

const planted = Object.entries(SLIPS).flatMap(([name, slips]) =>
  slips.map((slip) => [name, ...slip] as const),
)

it('sixty slips are planted', () => expect(planted.length).toBeGreaterThanOrEqual(60))

it.each(Object.keys(SLIPS))('%s is right as it stands', (name) =>
  expect(proved(demoText(name)).findings.map(({ code, at }) => `${code} ${at / 24}`)).toEqual([]),
)

it.each(planted)('in %s, %s is found', (name, _what, from, to, code, beat) => {
  const text = demoText(name)
  const wrong = text.replace(from, to)
  expect(wrong).not.toBe(text)
  const sheet = proved(wrong)
  expect(sheet.findings.map((finding) => `${finding.code} ${finding.at / 24}`)).toContain(
    `${code} ${beat}`,
  )
  const found = sheet.findings.find((finding) => finding.code === code && finding.at / 24 === beat)!
  expect([findingMessage(found), findingSum(found)].join(' ')).not.toMatch(/undefined|NaN|null/)
  // Whatever is offered can be taken, and what is offered first does away with it.
  for (const repair of found.repairs)
    expect(
      routineSchema.safeParse(expectOk(applyEdits(routineShape, sheet.routine, repair.edits))).error
        ?.issues ?? [],
    ).toEqual([])
  const mended = provedSheet(
    expectOk(applyEdits(routineShape, sheet.routine, found.repairs[0]!.edits)),
  )
  expect(
    mended.findings.filter(
      (one) => one.code === code && one.subject === found.subject && one.overruled === null,
    ),
  ).toEqual([])
})
