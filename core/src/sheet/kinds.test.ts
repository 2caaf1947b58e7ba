import { readSheetFile, writeSheetFile } from '../file/index.ts'
import { expectOk } from '../document/index.ts'
import {
  comesRoundTo,
  lessonsOf,
  NO_CHOICES,
  passesUntilHome,
  totalOf,
  wallsOf,
} from '../routine/index.ts'
import { partnerAfter, passesUntilPartner } from '../floor/index.ts'
import { findingMessage, findingSum } from '../check/index.ts'
import { deriveSheet, stateAt, type Sheet } from './index.ts'
import { demoText, demoTune, proved, provedSheet, typedRoutine } from '../testing/typed.ts'
import { bookOf, SHIPPED_FIGURES } from '../figure/index.ts'
import { ROUND_SCHOOL } from '../school/index.ts'
import { DEFAULT_VOICES } from '../cue/index.ts'
import { tick, type Tick } from '../time/index.ts'

const beats = (ticks: number): number => ticks / 24
const lengths = (sheet: Sheet): number[] =>
  sheet.timeline.passes.map(({ start, end }) => beats(end - start))
const alarms = (sheet: Sheet): string[] =>
  sheet.findings
    .filter(({ severity }) => severity !== 'note')
    .map(({ code, at }) => `${code} ${beats(at)}`)
const end = (sheet: Sheet) => sheet.timeline.slots.at(-1)!.after
const freeAt = (sheet: Sheet, beat: number) =>
  stateAt(sheet.timeline, sheet.phrases, tick(beat * 24))!.free

const WALTZ =
  'dance: waltz\nbar: 3 beats of 1/4\nstart: butterfly; lead faces wall, left foot free; follow faces centre, right foot free\n'
const FOUR = (dance: string, start: string): string =>
  `dance: ${dance}\nbar: 4 beats of 1/4\ntempo: 100\nstart: ${start}\n`
const COUPLE = 'butterfly; lead faces wall, left foot free; follow faces centre, right foot free'
const TWO_STEP = `dance: two-step\nbar: 2 beats of 1/4\ntempo: 100\nstart: ${COUPLE}\n`

/** Typed, and the same as a file: both must prove alike. */
function both(text: string): Sheet {
  const routine = typedRoutine(text)
  const again = expectOk(
    readSheetFile(
      writeSheetFile({
        format: 'dellop-sheet',
        version: 1,
        routine,
        figures: [],
        tune: null,
        school: null,
      }),
    ),
  ).routine
  expect(again).toEqual(routine)
  const sheet = provedSheet(again)
  expect(sheet.timeline).toEqual(provedSheet(routine).timeline)
  return sheet
}

describe('routines of every kind unfold, and raise no false alarm', () => {
  it('half a part with another ending, because of the foot that is free then', () => {
    const sheet = both(`${TWO_STEP}
part A
  Two side two-steps
  Side two-step
  Side two-step (mirrored)
  Vine four
  Limp four
part B
  Vine four (mirrored)
  Two-step box (mirrored)
  Limp four (mirrored)
  Side two-step (mirrored)
  "hold" = 2
order
  A
  A from 1 to 2
    after 2: Side, touch (mirrored) | silent
    after end: Two-step box
    after end: Limp four
  A
`)
    expect(lengths(sheet)).toEqual([16, 16, 16])
    expect([freeAt(sheet, 22).lead, freeAt(sheet, 24).lead, end(sheet).lead.weight]).toEqual([
      'right',
      'left',
      'right',
    ])
    expect(alarms(sheet)).toEqual([])
  })

  it('a bridge used once', () => {
    const sheet = both(`${WALTZ}
part A
  Balance left and right
  Twirl vine
  Through, face, close
  Box
  Canter (x2)
part Bridge
  Balance left and right
order
  A
  A
  bridge Bridge
  A
`)
    expect(lengths(sheet)).toEqual([24, 24, 6, 24])
    expect(sheet.timeline.passes.map(({ ordinal }) => ordinal)).toEqual([1, 2, 1, 3])
    expect(alarms(sheet)).toEqual([])
  })

  it('the same part half a turn round, and elsewhere mirrored', () => {
    const sheet = both(`dance: line dance
bar: 4 beats of 1/4
start: none; lead faces line of dance, right foot free; follow faces line of dance, right foot free
part A
  Vine right, touch
  Vine left, touch
  Jazz box, quarter right (x2)
  K-step
  Rocking chair (x2)
part Turn
  Vine right, touch
  Rolling vine right (mirrored)
  Rocking chair (x2)
  K-step
  Jazz box, quarter right
  Jazz box, quarter right
order
  A
  A | rotated 4/8 right
  Turn
`)
    expect(wallsOf(sheet.timeline).map(({ from, to }) => [from, to])).toEqual([
      [0, 4],
      [4, 0],
      [0, 4],
    ])
    expect(alarms(sheet)).toEqual([])
    const mirrored = both(`${TWO_STEP}
part A
  Two side two-steps
  Vine four
  Limp four
  Side two-step
  "hold" = 2
order
  A
  A mirrored
  A
`)
    // It ends on the other foot: mirrored it goes on from there, and back.
    expect([freeAt(mirrored, 15).lead, freeAt(mirrored, 31).lead]).toEqual(['right', 'left'])
    expect(mirrored.timeline.slots[5]!.danced!.steps.lead[0]!.foot).toBe('right')
    expect(alarms(mirrored)).toEqual([])
  })

  it('a mirrored pass begun on the foot that stands is told, once, where it begins', () => {
    const sheet = both(
      `${TWO_STEP}part A\n  Two side two-steps\n  Vine four\n  Limp four\n  Two-step box\norder\n  A\n  A mirrored\n`,
    )
    expect(alarms(sheet)).toEqual(['feet.not-free 16'])
  })

  it('counts from two', () => {
    const sheet = proved(demoText('combing-the-teasels'))
    expect([lengths(sheet), alarms(sheet)]).toEqual([[32, 32, 32, 16], []])
    expect(comesRoundTo(sheet.routine.start, end(sheet))).toEqual([])
  })

  it('figures of six in eights line up again after four', () => {
    const sheet = both(`${FOUR('jive', COUPLE.replace('butterfly', 'closed'))}
part A
  Basic rock (x4)
  Rock, recover (x4)
order
  A x2
`)
    expect([lengths(sheet), alarms(sheet)]).toEqual([[32, 32], []])
  })

  it('steps before the beat lie in the figure before, and take no time of their own', () => {
    const sheet = proved(demoText('tar-barrel-steps'))
    expect(lengths(sheet)).toEqual(Array(8).fill(16))
    expect(sheet.timeline.slots[0]!.danced!.steps.lead[0]!.at).toBeLessThan(0)
    expect(alarms(sheet)).toEqual([])
  })

  it('a fill goes on until its landmark, by whole units', () => {
    const sheet = proved(demoText('goosefoot-ring'))
    expect(sheet.timeline.passes.filter(({ part }) => part.label === 'Round')).toHaveLength(8)
    expect(
      beats(sheet.timeline.passes.find(({ part }) => part.label === 'In and out')!.start),
    ).toBe(128)
    expect(alarms(sheet)).toEqual([])
  })

  it('a fill until it is released is open, until a choice settles it', () => {
    const routine = typedRoutine(
      `${TWO_STEP}\npart A\n  Vine four (x4)\npart Wave\n  Limp four\norder\n  A\n  fill Wave | fill until released, 1 to 8\n  A\n`,
    )
    const input = {
      routine,
      book: bookOf(SHIPPED_FIGURES),
      school: ROUND_SCHOOL,
      voice: DEFAULT_VOICES.en,
      tune: null,
    }
    const open = deriveSheet(input).timeline
    expect([beats(open.openFrom!), open.passes.at(-1)!.startIsOpen]).toEqual([20, true])
    const settled = deriveSheet({
      ...input,
      choices: { ...NO_CHOICES, fills: { [routine.passes[1]!.id]: 4 } },
    }).timeline
    expect([settled.openFrom, beats(settled.lengthTicks)]).toEqual([null, 48])
  })

  it('an ending out of time is held, and nothing after it is counted', () => {
    const sheet = both(`${WALTZ}
part A
  Balance left and right
  Twirl vine
  Through, face, close
  Box
  Canter (x2)
part End
  Canter
  Dip | hard
order
  A x2
  ending End | finish extract and hold, spin who likes
`)
    expect(sheet.timeline.passes.at(-1)!.pass.finish).toEqual({ how: 'hold', spin: true })
    expect(alarms(sheet)).toEqual([])
  })

  it('a couple on the same feet', () => {
    const sheet = both(`dance: line dance
bar: 4 beats of 1/4
start: none; lead faces line of dance, right foot free; follow faces line of dance, right foot free
part A
  Vine right, touch
  Vine left, touch
  Rocking chair (x2)
  K-step
  Rocking chair (x2)
order
  A
`)
    expect(freeAt(sheet, 4)).toEqual({ lead: 'left', follow: 'left' })
    expect(alarms(sheet)).toEqual([])
  })

  it('a lead who stands while the follow steps: another foot is free for each', () => {
    const still = SHIPPED_FIGURES.find(({ id }) => id === 'canter')!
    const follow = expectOk(
      readSheetFile(
        writeSheetFile({
          format: 'dellop-sheet',
          version: 1,
          routine: typedRoutine(`${WALTZ}part A\n  Canter\norder\n  A\n`),
          figures: [still],
          tune: null,
          school: null,
        }),
      ),
    ).figures[0]!
    const odd = {
      ...follow,
      id: 'follow-passes',
      name: 'Follow passes',
      lead: [],
      follow: [{ ...still.lead[0]!, foot: 'right' as const, text: 'right step' }],
    }
    const routine = { ...typedRoutine(`${WALTZ}part A\n  #follow-passes\norder\n  A\n`) }
    const sheet = deriveSheet({
      routine,
      book: new Map([...bookOf(SHIPPED_FIGURES), [odd.id, odd]]),
      school: ROUND_SCHOOL,
      voice: DEFAULT_VOICES.en,
      tune: null,
    })
    expect([end(sheet).lead.weight, end(sheet).follow.weight]).toEqual(['right', 'right'])
    expect(sheet.findings.filter(({ code }) => code.startsWith('feet'))).toEqual([])
  })

  it('a mixer: each pass moves the follows on, and after eight the first partner is there', () => {
    const sheet = proved(demoText('eight-for-the-geese'))
    const shifts = sheet.timeline.passes.map(({ pass }) => pass.shift!)
    expect(shifts.map((_, n) => partnerAfter(0, shifts.slice(0, n), 8))).toEqual([
      0, 7, 6, 5, 4, 3, 2, 1,
    ])
    expect([partnerAfter(0, shifts, 8), alarms(sheet)]).toEqual([0, []])
  })

  it('roles exchanged in a pass stay so in the next', () => {
    const sheet = both(`${TWO_STEP}
part A
  Vine four
  Limp four | change roles
order
  A x2
`)
    expect(sheet.timeline.slots.map(({ swapped }) => swapped)).toEqual([false, false, true, true])
    expect([
      sheet.timeline.slots[2]!.before.lead.facing,
      sheet.timeline.slots[2]!.before.follow.facing,
    ]).toEqual([6, 2])
  })

  it('a length of two ways makes totals of two ways, 10 or 20', () => {
    const sheet = both(`${TWO_STEP}part A\n  Vine four\n  Side touch = 6 or 16\norder\n  A\n`)
    expect(totalOf(sheet.timeline.slots)).toEqual({ kind: 'lengths', ticks: [10 * 24, 20 * 24] })
  })

  it('a wait for the phrase lasts as long as the music says', () => {
    const routine = typedRoutine(
      `${WALTZ}part A\n  Box\n  "wait" = to the phrase\npart B\n  Box\norder\n  A\n  B\n`,
    )
    const sheet = provedSheet(routine, demoTune('lamps-along-the-staithe'))
    expect(lengths(sheet)).toEqual([24, 6])
    expect(provedSheet(routine, null).timeline.openFrom).toBe(6 * 24)
  })

  it('after something open, what is tied to the music starts where the music says', () => {
    const routine = typedRoutine(
      `${WALTZ}part A\n  Box\n  "wait for the pipes" = ?\npart B\n  Box\norder\n  A\n  B | at section B\n  A\n`,
    )
    const { passes } = provedSheet(routine, demoTune('lamps-along-the-staithe')).timeline
    expect(passes.map(({ start, startIsOpen }) => [beats(start), startIsOpen])).toEqual([
      [0, false],
      [48, false],
      [54, false],
    ])
  })

  it('verse and chorus, each chorus its own', () => {
    const sheet = both(`${TWO_STEP}
part Verse
  Two side two-steps
  Vine four
  Limp four
  Vine four
part Chorus
  Two-step box
  Limp four
  Two-step box
  Vine four
order
  Verse
  Chorus
  Verse
  Chorus
    instead of Vine four: Limp four
  Chorus from 1 to 2
    after end: Two side two-steps
    after end: Limp four
`)
    expect(lengths(sheet)).toEqual([16, 16, 16, 16, 16])
    expect(sheet.timeline.passes[1]!.slots.map(({ figure }) => figure!.name)).toEqual([
      'Two-step box',
      'Limp four',
      'Two-step box',
      'Vine four',
    ])
    expect(sheet.timeline.passes[3]!.slots.map(({ changed }) => changed)).toEqual([
      false,
      false,
      false,
      true,
    ])
    expect(alarms(sheet)).toEqual([])
  })

  it('instalments: each lesson begins as the one before it ended', () => {
    const sheet = both(`${TWO_STEP}
part A | lesson 1
  Two side two-steps
  Vine four (to closed)
  Limp four
  Two-step box
part B | lesson 2
  Turning two-steps (x2)
  Limp four
  Two-step box (to butterfly)
order
  A
  B
`)
    const [first, second] = lessonsOf(sheet.routine, sheet.timeline)
    expect([first!.startsIn!.hold, second!.startsIn!.hold]).toEqual(['butterfly', 'closed'])
    expect(second!.passes.map(({ part }) => part.label)).toEqual(['A', 'B'])
    expect(alarms(sheet)).toEqual([])
  })

  it('a part that shares a phrase with another is no part that is short', () => {
    const sheet = both(
      `${TWO_STEP}part A\n  Two side two-steps\n  Vine four\npart B\n  Limp four\n  Two-step box\norder\n  A\n  B\n  A\n  B\n`,
    )
    expect(alarms(sheet)).toEqual([])
  })
})

describe('walls and partners', () => {
  it('three quarters to the right: 12, 9, 6, 3 and home', () =>
    expect([passesUntilHome(6), passesUntilHome(4), passesUntilHome(0)]).toEqual([4, 2, 1]))
  it.each([
    [1, 8],
    [2, 4],
    [3, 8],
  ])('with eight couples and %i on, the first partner returns after %i', (shift, after) =>
    expect(passesUntilPartner(8, shift)).toBe(after),
  )
  it('a line dance names its walls, and a half of a part turns none', () => {
    const sheet = proved(demoText('pegs-on-a-line'))
    expect(wallsOf(sheet.timeline).map(({ from, to }) => [from, to])).toEqual([
      [0, 2],
      [2, 4],
      [4, 4],
      [4, 4],
      [4, 6],
    ])
  })
})

describe('at any beat', () => {
  const sheet = proved(demoText('combing-the-teasels'))
  it('the state is that of the figure danced so far', () => {
    const here = stateAt(sheet.timeline, sheet.phrases, tick(24))!
    expect(here).toMatchObject({
      free: { lead: 'right', follow: 'left' },
      inPhrase: { phrase: 1, beat: 1 },
    })
    expect(here.slot.figure!.name).toBe('Basic')
  })
  it('at the start of each slot it is the state it begins in', () => {
    for (const slot of sheet.timeline.slots)
      expect(stateAt(sheet.timeline, sheet.phrases, slot.start)!.state).toEqual(slot.before)
  })
  it('there is none outside the dance', () =>
    expect([
      stateAt(sheet.timeline, sheet.phrases, -24 as Tick),
      stateAt(sheet.timeline, sheet.phrases, sheet.timeline.lengthTicks),
    ]).toEqual([null, null]))
})

describe('findings speak as the dance is danced', () => {
  const told = (text: string, code: string): string[] =>
    provedSheet(typedRoutine(text))
      .findings.filter((finding) => finding.code === code)
      .map((finding) => `${findingMessage(finding)} ${findingSum(finding)}`)

  it('of nobody’s foot in particular, and by the clock, where all do the same in lines', () => {
    const lines = `${FOUR('line dance', "all face 12 o'clock, right foot free")}formation: lines
part A
  Vine right, touch
  Vine left, touch
  Vine right, touch
  Vine right, touch
order
  A
  A | rotated 2/8 right
`
    expect(told(lines, 'feet.not-free')[0]).toBe(
      'Vine right, touch needs the right foot on count 1, and the weight is on it. Vine right, touch: right, left, right, so the weight is on the right',
    )
    expect(told(lines, 'facing.rotated')).toEqual([
      'A is meant to start facing 3 o’clock this time; they come to it facing 12 o’clock. 12 o’clock and a quarter to the right is 3 o’clock',
    ])
  })

  it('of the role and the hall, where two dance together', () => {
    const couple = `${WALTZ}part A\n  Box\n  Vine three\n  Box\norder\n  A\n  A | rotated 4/8 right\n`
    expect(told(couple, 'feet.not-free')[0]).toContain('needs the lead’s left foot')
    expect(told(couple, 'facing.rotated')[0]).toContain(
      'A is meant to start facing the centre this time',
    )
  })
})

it('a walk off that ends the dance lasts as long as it lasts: no length is asked for', () => {
  const walk = '  "walk off, about nine steps" = ?\n'
  const text = (order: string): string =>
    `${TWO_STEP}part A\n  Two-step box\n  Vine four\npart Off\n${walk}order\n  A x2\n${order}`
  expect(alarms(proved(text('  ending Off\n')))).toEqual([])
  expect(alarms(proved(text('  Off | finish walk off\n')))).toEqual([])
  // With something behind it nobody knows when that comes.
  expect(alarms(proved(text('  bridge Off\n  A\n')))).toContain('missing.length 16')
})

it('two tellings of a part list the lines that differ, and which of them fits', () => {
  const sheet = proved(
    `${TWO_STEP}phrase: 8 counts\npart B\n  Two-step box\n  Vine four\npart B' | version of B\n  Two-step box\n  Walk two\norder\n  B\n`,
  )
  const [found] = sheet.findings.filter(({ code }) => code === 'sums.versions')
  expect(findingSum(found!)).toBe("B 8, B' 6; line 2: Vine four / Walk two; B fills whole phrases")
})
