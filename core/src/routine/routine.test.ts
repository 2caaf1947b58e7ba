import fc from 'fast-check'
import { applyEdits, expectOk } from '../document/index.ts'
import { bookOf, WALTZ_FIGURES } from '../figure/index.ts'
import { part, pass, routineOf, slot, words } from '../testing/sheets.ts'
import { seconds, tick, type Tick } from '../time/index.ts'
import {
  dropFromPass,
  figureContent,
  insertInPass,
  moveSlot,
  moveSlotBy,
  removePass,
  removeSlot,
  replaceContent,
  setWording,
  varySlot,
} from './edits.ts'
import { fillGap, fitToMusic } from './fit.ts'
import { routineSchema, routineShape, type Routine } from './routine.ts'
import { unfold, type UnfoldCache } from './unfold.ts'

const book = bookOf(WALTZ_FIGURES)
const beats = (ticks: number) => ticks / 24
const lengths = (routine: Routine) =>
  unfold(routine, book).passes.map((one) => beats(one.end - one.start))
const names = (routine: Routine, passId: string) =>
  unfold(routine, book)
    .slots.filter((one) => one.passId === passId)
    .map((one) =>
      one.slot.content.type === 'figure' ? one.slot.content.figureId : one.slot.content.text,
    )

describe('unfolding', () => {
  const parts = [
    part('P', words('p1', 'verse', 48)),
    part('Q', words('q1', 'chorus', 32)),
    part('b', words('b1', 'bridge', 8)),
    part('t', words('t1', 'tag', 6)),
  ]
  const order = ['P', 'Q', 'b', 'P', 'Q', 'Q', 'P', 't']
  const routine = routineOf(
    parts,
    order.map((id, i) => pass(`x${i}`, id)),
  )

  it('adds up: P Q b P Q Q P t is 144 + 96 + 8 + 6 = 254', () => {
    expect(beats(unfold(routine, book).lengthTicks)).toBe(254)
    expect(lengths(routine)).toEqual([48, 32, 8, 48, 32, 32, 48, 6])
  })

  it('without the bridge shifts all after it by 8 and changes no other pass', () => {
    const without = expectOk(applyEdits(routineShape, routine, removePass(routine, 'x2')!))
    const before = unfold(routine, book).passes.filter((one) => one.pass.id !== 'x2')
    const after = unfold(without, book).passes
    expect(after.map((one, i) => beats(before[i]!.start - one.start))).toEqual([
      0, 0, 8, 8, 8, 8, 8,
    ])
    expect(after.map((one) => one.slots.map((slot) => slot.lengthTicks))).toEqual(
      before.map((one) => one.slots.map((slot) => slot.lengthTicks)),
    )
  })

  it('is continuous: every slot starts where the one before ends', () => {
    const figures = fc.array(fc.constantFrom(...WALTZ_FIGURES.map((figure) => figure.id)), {
      minLength: 1,
      maxLength: 12,
    })
    fc.assert(
      fc.property(figures, fc.integer({ min: 1, max: 4 }), (ids, times) => {
        const timeline = unfold(
          routineOf(
            [part('A', ...ids.map((id, i) => slot(`s${i}`, id)))],
            [pass('p', 'A', { times })],
          ),
          book,
        )
        timeline.slots.forEach((one, i) => {
          expect(one.start).toBe(timeline.slots[i - 1]?.end ?? 0)
          expect(one.before).toEqual(timeline.slots[i - 1]?.after ?? routineOf([], []).start)
        })
        expect(timeline.slots).toHaveLength(ids.length * times)
      }),
    )
  })

  it('numbers the times through a part over the whole routine', () => {
    const timeline = unfold(
      routineOf(
        [part('A', slot('a', 'box')), part('B', slot('b', 'box'))],
        [pass('1', 'A', { times: 2 }), pass('2', 'B'), pass('3', 'A')],
      ),
      book,
    )
    expect(timeline.passes.map((one) => `${one.part.label}${one.ordinal}/${one.ordinals}`)).toEqual(
      ['A1/3', 'A2/3', 'B1/1', 'A3/3'],
    )
  })

  it('keeps an unknown figure and open words, counts them as nothing and says from where it is open', () => {
    const timeline = unfold(
      routineOf(
        [
          part(
            'A',
            slot('a', 'box'),
            words('w', 'wait for the pipes', null),
            slot('x', 'nobody-knows'),
          ),
        ],
        [pass('1', 'A')],
      ),
      book,
    )
    expect(
      timeline.slots.map((one) => [beats(one.lengthTicks), one.open, one.figure?.id ?? null]),
    ).toEqual([
      [6, false, 'box'],
      [0, true, null],
      [0, true, null],
    ])
    expect(beats(timeline.openFrom!)).toBe(6)
  })

  it('with a cache gives the very same passes again where nothing changed, and the same result as anew', () => {
    const cache: UnfoldCache = new Map()
    const danced = routineOf(
      [
        part('A', slot('a', 'balance-left-right'), slot('a2', 'canter')),
        part('B', slot('b', 'box')),
      ],
      [pass('1', 'A'), pass('2', 'B'), pass('3', 'A')],
    )
    const before = unfold(danced, book, { cache })
    const changed = expectOk(
      applyEdits(
        routineShape,
        danced,
        varySlot(before.slots[2]!, { times: 2 }, 'part', () => 'n')!,
      ),
    )
    const after = unfold(changed, book, { cache })
    expect(after.passes[0]!.slots).toBe(before.passes[0]!.slots)
    expect(after).toEqual(unfold(changed, book))
  })
})

describe('a pass of its own', () => {
  const A = part(
    'A',
    slot('a1', 'balance-left-right'),
    slot('a2', 'twirl-vine'),
    slot('a3', 'through-face-close'),
    slot('a4', 'box'),
  )
  const danced = (over: Parameters<typeof pass>[2]) =>
    routineOf([A], [pass('1', 'A'), pass('2', 'A', over), pass('3', 'A')])
  const change = (type: 'replace' | 'drop' | 'insert', slotId: string | null, figure: string) => ({
    ...slot('c', figure),
    type,
    slotId,
  })

  it.each([
    [
      'replaces a slot',
      { changes: [change('replace', 'a2', 'vine-three')] },
      ['balance-left-right', 'vine-three', 'through-face-close', 'box'],
    ],
    [
      'drops one',
      { changes: [change('drop', 'a4', 'box')] },
      ['balance-left-right', 'twirl-vine', 'through-face-close'],
    ],
    [
      'puts one in',
      { changes: [change('insert', 'a1', 'canter')] },
      ['balance-left-right', 'canter', 'twirl-vine', 'through-face-close', 'box'],
    ],
    [
      'adds one at its end',
      { changes: [change('insert', null, 'dip')] },
      ['balance-left-right', 'twirl-vine', 'through-face-close', 'box', 'dip'],
    ],
    [
      'takes a stretch',
      { stretch: { from: 'a2', to: 'a3' } },
      ['twirl-vine', 'through-face-close'],
    ],
  ])('%s and leaves the others alone', (_name, over, expected) => {
    const routine = danced(over)
    expect(routineSchema.safeParse(routine).success).toBe(true)
    expect(names(routine, '2')).toEqual(expected)
    expect([names(routine, '1'), names(routine, '3')]).toEqual(
      [A.slots, A.slots].map((slots) =>
        slots.map((one) => (one.content.type === 'figure' ? one.content.figureId : '')),
      ),
    )
  })

  it('repeats as a whole', () => expect(names(danced({ times: 2 }), '2')).toHaveLength(8))

  it('danced the other way changes feet and turns, not its length', () => {
    const routine = routineOf(
      [part('A', slot('a', 'balance-left-right'))],
      [pass('1', 'A', { reflected: true })],
    )
    const [one] = unfold(routine, book).slots
    expect(one!.danced!.steps.lead[0]!.foot).toBe('right')
    expect(beats(one!.lengthTicks)).toBe(6)
  })
})

describe('edits of a sheet', () => {
  const routine = routineOf(
    [
      part('A', slot('a1', 'box'), slot('a2', 'canter'), slot('a3', 'dip')),
      part('B', slot('b1', 'box')),
    ],
    [pass('1', 'A'), pass('2', 'B'), pass('3', 'A')],
  )
  const apply = (edits: Parameters<typeof applyEdits>[2] | null): Routine =>
    expectOk(applyEdits(routineShape, routine, edits ?? []))
  const [first] = unfold(routine, book).slots
  const ids = (one: Routine, partId: string) =>
    one.parts
      .find((found) => found.id === partId)!
      .slots.map((found) => found.id)
      .join(' ')

  it('move a slot by one, to another part, and not past the ends', () => {
    expect(ids(apply(moveSlotBy(routine, 'a2', -1)), 'A')).toBe('a2 a1 a3')
    expect(ids(apply(moveSlotBy(routine, 'a2', 1)), 'A')).toBe('a1 a3 a2')
    expect(moveSlotBy(routine, 'a1', -1)).toBeNull()
    expect(moveSlotBy(routine, 'a3', 1)).toBeNull()
    expect(ids(apply(moveSlot(routine, 'a2', 'B', 0)), 'B')).toBe('a2 b1')
    expect(moveSlot(routine, 'a2', 'A', 1)).toBeNull()
  })

  it('replace for every pass or for one alone', () => {
    const everywhere = apply(
      replaceContent(first!, figureContent('balance-left-right'), 'part', () => 'n'),
    )
    expect([names(everywhere, '1')[0], names(everywhere, '3')[0]]).toEqual([
      'balance-left-right',
      'balance-left-right',
    ])
    const once = apply(
      replaceContent(first!, figureContent('balance-left-right'), 'pass', () => 'n'),
    )
    expect([names(once, '1')[0], names(once, '3')[0]]).toEqual(['balance-left-right', 'box'])
  })

  it('drop and put in for one pass alone', () => {
    expect(names(apply(dropFromPass(first!, () => 'n')), '1')).toEqual(['canter', 'dip'])
    expect(names(apply(insertInPass(first!, slot('n', 'hover'))), '1')).toEqual([
      'box',
      'hover',
      'canter',
      'dip',
    ])
    expect(names(apply(insertInPass(first!, slot('n', 'hover'))), '3')).toEqual([
      'box',
      'canter',
      'dip',
    ])
  })

  it('halve where the steps allow, and keep the figure in the book as it is', () => {
    const halved = apply(varySlot(first!, { cut: { type: 'half' } }, 'part', () => 'n'))
    expect(lengths(halved)).toEqual([9, 6, 9])
    expect(book.get('box')!.lengthTicks).toBe(144)
  })

  it('give a wording back to the figure when its text is emptied', () => {
    const one = routine.parts[0]!.slots[0]!
    const worded = apply(setWording(one, 'full', 'box it')).parts[0]!.slots[0]!
    expect(worded.wordings).toEqual({ full: 'box it', short: null, keyWord: null })
    expect(setWording(worded, 'full', ' ')![0]).toMatchObject({ to: null })
  })

  it('remove a slot whole, and nothing that is not there', () => {
    expect(ids(apply(removeSlot(routine, 'a1')), 'A')).toBe('a2 a3')
    expect(removeSlot(routine, 'nobody')).toBeNull()
  })
})

describe('against the music', () => {
  it('312 counts at 104 are 180 s: 10.4 counts too long for 174 s, and the part where it stops is named', () => {
    const parts = [part('P', words('p', 'first', 300)), part('Q', words('q', 'last', 12))]
    const fit = fitToMusic(
      unfold(routineOf(parts, [pass('1', 'P'), pass('2', 'Q')]), book),
      104,
      seconds(174),
    )
    expect(fit.danceSeconds).toBeCloseTo(180, 9)
    expect(fit.overBeats).toBeCloseTo(10.4, 9)
    expect(fit.stopsIn?.part.label).toBe('Q')
  })

  it('fills a gap of 24 by fours with 6, and one of 42 with 10 and 2 left over', () => {
    expect(fillGap(tick(24), tick(4))).toEqual({ times: 6, leftTicks: 0 })
    expect(fillGap(42 as Tick, 4 as Tick)).toEqual({ times: 10, leftTicks: 2 })
  })
})

it('a routine with an id twice, or a pass over no part, is no routine', () => {
  const twice = routineOf([part('A', slot('a', 'box'), slot('a', 'box'))], [pass('1', 'A')])
  expect(routineSchema.safeParse(twice).error?.issues[0]?.message).toMatch(/"a" is used twice/)
  expect(routineSchema.safeParse(routineOf([], [pass('1', 'A')])).error?.issues[0]?.path).toEqual([
    'passes',
    0,
    'partId',
  ])
})
