import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import fc from 'fast-check'
import { applyEdits, countingIds, diff, expectOk } from '../document/index.ts'
import { AS_WRITTEN, SHIPPED_FIGURES } from '../figure/index.ts'
import {
  emptyRoutine,
  adoptIds,
  routineSchema,
  routineShape,
  type Routine,
} from '../routine/index.ts'
import { demoRoutine, routineOf } from '../testing/sheets.ts'
import { readSheetText } from './sheetText.ts'
import { sheetText } from './sheetTextPrint.ts'
import { anyRoutine } from '../testing/anyRoutine.ts'

const base = routineOf([], [])
const read = (text: string, from: Routine = base) =>
  readSheetText(text, { figures: SHIPPED_FIGURES, base: from, newId: countingIds('n') })
const ok = (text: string) => expectOk(read(text)).routine
const refusal = (text: string): string => {
  const result = read(text)
  return result.ok ? '' : `${result.problem.offset}: ${result.problem.message}`
}

describe('a sheet as text', () => {
  it('loses nothing: what is written and read again says the same', () => {
    fc.assert(
      fc.property(anyRoutine, (routine) => {
        const again = expectOk(read(sheetText(routine, SHIPPED_FIGURES), routine)).routine
        expect(routineSchema.safeParse(again).error?.issues ?? []).toEqual([])
        expect(sheetText(again, SHIPPED_FIGURES)).toBe(sheetText(routine, SHIPPED_FIGURES))
        expect(adoptIds(routine, again)).toEqual(routine)
      }),
      { numRuns: 300 },
    )
  })
  it.each(['lanterns-at-the-weir', 'rushlight-waltz-first-draft'])(
    'of the demo, %s, comes back with every id, so that nothing is edited',
    (name) => {
      const routine = demoRoutine(name)
      expect(
        adoptIds(routine, expectOk(read(sheetText(routine, SHIPPED_FIGURES), routine)).routine),
      ).toEqual(routine)
    },
  )
  it('is as its page in the documentation says: the example there is read, and comes back whole', () => {
    const [, example] = /```\n([\s\S]*?)```/.exec(
      readFileSync(join(__dirname, '../../../docs/formats/sheet-text.md'), 'utf8'),
    )!
    const routine = ok(example!)
    expect(routine.parts[0]).toMatchObject({ label: 'A', lesson: 1 })
    expect(routine.passes.map(({ kind }) => kind)).toEqual([
      'pass',
      'fill',
      'pass',
      'pass',
      'ending',
    ])
    expect(
      adoptIds(routine, expectOk(read(sheetText(routine, SHIPPED_FIGURES), routine)).routine),
    ).toEqual(routine)
  })
  it('is typed as it is said, and names stay short', () => {
    const text = sheetText(demoRoutine('lanterns-at-the-weir'), SHIPPED_FIGURES)
    expect(text).toContain(
      'start: butterfly; lead faces wall, left foot free; follow faces centre, right foot free\n',
    )
    expect(text).toMatch(/\npart A\n  Balance left and right\n  Twirl vine\n/)
    expect(text).toMatch(/\norder\n  A\n  B\n/)
    expect(text).toMatch(/ {2}A\n {4}instead of Twirl vine: Vine three\n/)
  })
  it('says once how all stand where they stand alike, by the clock in lines, and reads either way', () => {
    const all = ok(
      "formation: lines\nstart: none; all face 3 o'clock, right foot free\npart A\n  Box\norder\n  A\n",
    )
    expect(all.start).toEqual({
      hold: 'none',
      lead: { facing: 2, weight: 'left' },
      follow: { facing: 2, weight: 'left' },
    })
    expect(sheetText(all, SHIPPED_FIGURES)).toContain(
      'start: none; all face 3 o’clock, right foot free\n',
    )
    expect(
      ok(
        'formation: lines\nstart: none; lead faces wall, right foot free; follow faces wall, right foot free\npart A\n  Box\norder\n  A\n',
      ).start,
    ).toEqual(all.start)
    expect(sheetText({ ...all, formation: 'ring' }, SHIPPED_FIGURES)).toContain(
      'start: none; all face wall, right foot free\n',
    )
  })
  it('needs little: parts and an order; the heading stands as it was', () => {
    const routine = ok(
      'part A\n  Box\n  Left turning box (half)\n  "step and clap" = 6\norder\n  A x2\n',
    )
    expect(routine.parts[0]!.slots.map(({ content }) => content)).toEqual([
      { type: 'figure', figureId: 'box', variation: AS_WRITTEN },
      {
        type: 'figure',
        figureId: 'left-turning-box',
        variation: { ...AS_WRITTEN, cut: { type: 'half' } },
      },
      { type: 'words', text: 'step and clap', lengthTicks: 144 },
    ])
    expect(routine.passes.map(({ times, partId }) => [times, partId])).toEqual([
      [2, routine.parts[0]!.id],
    ])
    expect([routine.bpm, routine.metre]).toEqual([base.bpm, base.metre])
  })
  it('takes tabs for indenting, and quotation marks as they are printed', () => {
    const routine = ok('part A\n\tBox\n\t“step and clap” = 6\norder\n\tA\n\t\twithout Box\n')
    expect(routine.parts[0]!.slots[1]!.content).toEqual({
      type: 'words',
      text: 'step and clap',
      lengthTicks: 144,
    })
    expect(routine.passes[0]!.changes).toHaveLength(1)
  })
  it('takes capital letters as a telephone puts them, and a start without a hold', () => {
    const routine = ok(
      'Dance : Two-step\nSchool: Line\nFormation: Line\nStart: All face 12 o’clock, right foot free\n\nPart a\n  vine four\n  Limp Four\nPart Fill\n  Hitch\nOrder:\n  A x 2\n    After End: hitch\n  Fill Fill\n  Fill\n  Ending a\n',
    )
    expect([routine.schoolId, routine.formation, routine.start.hold, routine.start.lead]).toEqual([
      'line',
      'lines',
      'none',
      routine.start.follow,
    ])
    expect(
      routine.passes.map(({ kind, times, partId, changes }) => [
        kind,
        times,
        routine.parts.findIndex(({ id }) => id === partId),
        changes.length,
      ]),
    ).toEqual([
      ['pass', 2, 0, 1],
      ['fill', 1, 1, 0],
      ['pass', 1, 1, 0],
      ['ending', 1, 0, 0],
    ])
    const again = expectOk(
      readSheetText(sheetText(routine, SHIPPED_FIGURES), {
        figures: SHIPPED_FIGURES,
        base: routine,
        newId: countingIds('x'),
      }),
    ).routine
    expect(sheetText(again, SHIPPED_FIGURES)).toBe(sheetText(routine, SHIPPED_FIGURES))
    expect(
      again.passes.map(({ kind, partId }) => [
        kind,
        again.parts.findIndex(({ id }) => id === partId),
      ]),
    ).toEqual(
      routine.passes.map(({ kind, partId }) => [
        kind,
        routine.parts.findIndex(({ id }) => id === partId),
      ]),
    )
  })
  it('tells on which line every part and every slot stands', () => {
    const { slotLines, partLines } = expectOk(
      read('dance: waltz\n\npart A\n  Box\n\n  Hover\npart B\n  Dip\norder\n  A\n'),
    )
    expect([partLines, slotLines]).toEqual([[3, 7], [[4, 6], [8]]]) // prettier-ignore
  })
  it('keeps a name that nobody knows as words, and never guesses', () => {
    const contents = ok(
      'dance: waltz\npart A\n  Heron step\n  Heron step = 6\n',
    ).parts[0]!.slots.map(({ content }) => content)
    expect(contents).toEqual([
      { type: 'words', text: 'Heron step', lengthTicks: null },
      { type: 'words', text: 'Heron step', lengthTicks: 144 },
    ])
  })
  it.each([
    ['A box\n', '0: Line 1: “A box” is no line of a heading; one of title, by, dance'],
    ['title: One\n', 'At least one part was expected'],
    ['tempo: fast\npart A\n', '0: Line 1: “fast” is no tempo; beats a minute from 20 to 400'],
    ['start: hug; x; y\npart A\n', 'Line 1: “hug” is no hold to start in'],
    [
      'start: none; all face nowhere, left foot free\npart A\n',
      'Line 1: “all face nowhere, left foot free” does not say how all start',
    ],
    [
      'start: none; lead faces wall, left foot free; follow sits\npart A\n',
      'Line 1: “follow sits” does not say how the follow starts',
    ],
    [
      'dance: heron\npart A\n  Walk two\n',
      '22: Line 3: the book holds several figures called “Walk two”; say which: “two-step: Walk two” or',
    ],
    ['dance: waltz\npart A\n  Box (haf)\n', 'Line 3: “haf” is no way to vary a figure'],
    ['dance: waltz\npart A\n  Box = 4\n', 'Line 3: Box takes 6 counts here, and 4 is written'],
    ['dance: waltz\npart A\n  Box | loud\n', 'Line 3: “loud” says nothing known of a figure'],
    ['dance: waltz\npart A\n  Box | say "box\n', 'Line 3: words as they are said were expected'],
    [
      'dance: waltz\npart A\n  Box\norder\n  B\n',
      '34: Line 5: there is no part “B”; the parts are “A”.',
    ],
    [
      'dance: waltz\npart A\n  Box\norder\n  A twice\n',
      'Line 5: “A twice” is no pass of the order',
    ],
    [
      'dance: waltz\npart A\n  Box\norder\n  A\n    instead of 4: Hover\n',
      'Line 6: part “A” has 1 lines; the number of one of them was expected, not “4”.',
    ],
    [
      'dance: waltz\npart A\n  Box\norder\n  A\n    without Hover\n',
      'Line 6: part “A” has no line “Hover”; a line of it as it stands there, or its number, was expected.',
    ],
    [
      'dance: waltz\npart A\n  Box\n  Box\norder\n  A\n    without Box\n',
      'Line 7: part “A” has “Box” more than once; its number was expected.',
    ],
    [
      'dance: waltz\npart A\n  Box\norder\n  A\n    end: Hover\n',
      'Line 6: “end: Hover” is no change of a pass',
    ],
    [
      'dance: waltz\npart A\n  Box\nleft so\n  A.9 feet.not-free "no"\n',
      'Line 5: part “A” has 1 lines',
    ],
  ])('%j is refused at its line', (text, sentence) => expect(refusal(text)).toContain(sentence))
})

describe('typing in the text of a sheet', () => {
  const routine = demoRoutine('lanterns-at-the-weir')
  const text = sheetText(routine, SHIPPED_FIGURES)
  const typed = (change: (text: string) => string): Routine =>
    adoptIds(
      routine,
      expectOk(
        readSheetText(change(text), {
          figures: SHIPPED_FIGURES,
          base: routine,
          newId: countingIds('new'),
        }),
      ).routine,
    )
  const edits = (change: (text: string) => string) => diff(routineShape, routine, typed(change))

  it('takes a part called Tag for what comes in between, unless it says otherwise', () => {
    const text = (pass: string): string =>
      `dance: line dance\nschool: line\npart A\n  Rocking chair\npart Tag\n  Rocking chair\norder\n  A\n  ${pass}\n`
    const kindOf = (pass: string) => {
      const routine = ok(text(pass))
      const again = ok(sheetText(routine, SHIPPED_FIGURES))
      return [routine, again].map(({ passes }) => passes[1]!.kind)
    }
    expect(kindOf('Tag')).toEqual(['bridge', 'bridge'])
    expect(kindOf('bridge Tag')).toEqual(['bridge', 'bridge'])
    expect(kindOf('pass Tag')).toEqual(['pass', 'pass'])
    expect(kindOf('A')).toEqual(['pass', 'pass'])
  })
  it('edits no more than was typed', () => {
    expect(
      edits((before) => before.replace('  Twirl vine\n', '  Twirl vine\n  Hover\n')).map(
        ({ type }) => type,
      ),
    ).toEqual(['insert'])
    expect(
      edits((before) => before.replace('part A\n  Balance left and right\n', 'part A\n')).map(
        ({ type }) => type,
      ),
    ).toEqual(['remove'])
    expect(
      edits((before) => before.replace('tempo: 96', 'tempo: 99')).map(({ type }) => type),
    ).toEqual(['set'])
    expect(edits((before) => before.replace('  Hover\n', '  Hover (x2)\n'))).toEqual([
      expect.objectContaining({ type: 'set', field: 'content' }),
    ])
    expect(edits((before) => before)).toEqual([])
  })
  it('leads to what was typed when the edits are applied', () => {
    const change = (before: string): string =>
      before
        .replace(
          'order\n  A\n  B\n',
          'order\n  A x2\n  A mirrored\n    after end: Canter | silent\n  B\n',
        )
        .replace('  Hover\n', '  Canter\n  Hover | note "look up"\n')
    const wanted = typed(change)
    expect(
      expectOk(applyEdits(routineShape, routine, diff(routineShape, routine, wanted))),
    ).toEqual(wanted)
  })
})

describe('a phrase that the sheet states', () => {
  const read = (line: string) =>
    readSheetText(`dance: waltz\n${line}\npart A\n  Box\norder\n  A\n`, {
      figures: SHIPPED_FIGURES,
      base: emptyRoutine('r'),
      newId: countingIds('n'),
    })
  it.each([
    ['phrase: 16 bars', 48],
    ['phrase: 32 counts', 32],
    ['phrase: 4 eights', 32],
    ['phrase: 1 bar', 3],
  ])('%s is %d beats, and is printed and read again', (line, beats) => {
    const { routine } = expectOk(read(`bar: 3 beats of 1/4\n${line}`))
    expect(routine.phraseBeats).toBe(beats)
    const again = expectOk(
      readSheetText(sheetText(routine, SHIPPED_FIGURES), {
        figures: SHIPPED_FIGURES,
        base: emptyRoutine('r'),
        newId: countingIds('m'),
      }),
    )
    expect(again.routine.phraseBeats).toBe(beats)
  })
  it.each([
    ['related: cousin of "Eel Pots"', 'same dance as'],
    ['related: same dance as Eel Pots', 'same dance as'],
    [String.raw`related: same dance as "Eel \x Pots"`, 'same dance as'],
    ['related: part "A" of "Eel Pots"', 'is part "C" of'],
    ['other names:', 'a name was expected'],
  ])('%s is refused with what was expected', (line, expected) =>
    expect(read(line)).toMatchObject({
      ok: false,
      problem: { message: expect.stringContaining(expected) },
    }),
  )
  it.each(['phrase: long', 'phrase: 0 bars', 'phrase: 900 bars', 'phrase: 16'])(
    '%s is refused with what was expected',
    (line) =>
      expect(read(line)).toMatchObject({
        ok: false,
        problem: { message: expect.stringMatching(/^Line 2: .*16 bars.* was expected/) },
      }),
  )
})

describe('a square that is typed', () => {
  const places = (heading: string) =>
    expectOk(read(`dance: square dance\n${heading}part A\n  Heads forward and back\norder\n  A\n`))
      .routine
  it('has the places of one, where none are said', () => {
    expect(places('')).toMatchObject({
      places: { shape: 'square' },
      formation: 'set',
      couples: 4,
    })
    expect(places('couples: 8\n').places).toBeUndefined()
  })
})

describe('a figure called by another of its names', () => {
  const square = 'dance: square dance\npart A\n  Allemande left\n  Corner turn left\norder\n  A\n'
  it('keeps that name in the text, and is the same figure', () => {
    const [first, second] = ok(square).parts[0]!.slots.map(({ content }) => content)
    expect(first).toEqual({ ...second, called: 'Allemande left' })
    expect(sheetText(ok(square), SHIPPED_FIGURES)).toContain(
      '  Allemande left\n  Corner turn left\n',
    )
  })
  it('is its own where only the spelling differs', () =>
    expect(
      ok('dance: waltz\npart A\n  Thru, face, close\norder\n  A\n').parts[0]!.slots[0]!.content,
    ).not.toHaveProperty('called'))
})

describe('a text that does not say how all stand', () => {
  const start = (dance: string, more = '') =>
    ok(`dance: ${dance}\n${more}part A\n  "wait" = 4\norder\n  A\n`)
  it('has what its dance usually has', () => {
    expect(start('line dance')).toMatchObject({
      formation: 'lines',
      schoolId: 'line',
      start: { hold: 'none', lead: { facing: 0, weight: 'left' } },
    })
    expect(start('clog').start.lead.weight).toBe('right')
    expect(start('ring dance').start.hold).toBe('ring')
    expect(start('rumba').start.hold).toBe('butterfly')
  })
  it('has what it does say', () => {
    expect(
      start('line dance', "start: none; all face 3 o'clock, left foot free\n").start.lead,
    ).toEqual({
      facing: 2,
      weight: 'right',
    })
    expect(start('line dance', 'school: round\nformation: solo\n')).toMatchObject({
      schoolId: 'round',
      formation: 'solo',
    })
    expect(
      start('waltz', 'start: semi; lead faces line of dance, left foot free\n').start.hold,
    ).toBe('semi-closed')
  })
})
