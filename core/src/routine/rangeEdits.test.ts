import { applyEdits, countingIds, expectOk, invertEdits, type Edit } from '../document/index.ts'
import { bookOf, WALTZ_FIGURES } from '../figure/index.ts'
import { part, pass, routineOf, slot } from '../testing/sheets.ts'
import { borrowPart, copyPart } from './borrow.ts'
import { overrule, removePart, takeUp } from './edits.ts'
import { comparePasses } from './comparePasses.ts'
import {
  clearChanges,
  copySlots,
  pasteSlots,
  promoteChanges,
  removeSlots,
  slotsBetween,
} from './rangeEdits.ts'
import { routineSchema, routineShape, type Routine } from './routine.ts'
import { unfold } from './unfold.ts'

const book = bookOf(WALTZ_FIGURES)
const A = part('A', slot('a1', 'box'), slot('a2', 'canter'), slot('a3', 'hover'), slot('a4', 'dip'))
const change = (
  id: string,
  type: 'replace' | 'drop' | 'insert',
  slotId: string | null,
  figure: string,
) => ({ ...slot(id, figure), type, slotId })
const routine = routineOf(
  [A, part('B', slot('b1', 'box'))],
  [
    pass('1', 'A'),
    pass('2', 'A', {
      changes: [
        change('c1', 'replace', 'a2', 'twist-vine'),
        change('c2', 'drop', 'a3', 'hover'),
        change('c3', 'insert', 'a1', 'canter'),
        change('c4', 'insert', null, 'box'),
      ],
    }),
    pass('3', 'B'),
  ],
)
const { passes, slots } = unfold(routine, book)
const names = (one: Routine, i: number): string =>
  unfold(one, book)
    .passes[i]!.slots.map(({ figure }) => figure!.id)
    .join(' ')

/** Applies edits, and shows that taking them back leads to where it began. */
function apply(edits: readonly Edit[] | null): Routine {
  const after = expectOk(applyEdits(routineShape, routine, edits!))
  expect(routineSchema.safeParse(after).error?.issues ?? []).toEqual([])
  expect(expectOk(applyEdits(routineShape, after, invertEdits(edits!)))).toEqual(routine)
  return after
}

describe('several slots at once', () => {
  it('are those between two, in either direction, within one pass', () => {
    const ids = (from: string, to: string) =>
      slotsBetween(slots, from, to).map((one) => one.slot.id)
    expect(ids('1.0/a2', '1.0/a4')).toEqual(['a2', 'a3', 'a4'])
    expect(ids('1.0/a4', '1.0/a2')).toEqual(['a2', 'a3', 'a4'])
    expect(ids('1.0/a4', '3.0/b1')).toEqual([])
  })
  it('copied and put in elsewhere are the same dance with ids of their own', () => {
    const after = apply(pasteSlots('B', copySlots(slots.slice(1, 3)), 'b1', countingIds('n')))
    expect(names(after, 2)).toBe('box canter hover')
    expect(pasteSlots('B', [], 'b1', countingIds('n'))).toBeNull()
  })
  it('are taken out together, or not at all', () => {
    expect(names(apply(removeSlots(routine, ['a1', 'a2', 'a4'])), 0)).toBe('hover')
    expect(removeSlots(routine, ['a1', 'nobody'])).toBeNull()
  })
})

describe('a pass of its own', () => {
  it('made the part is danced so every time, and the pass changes nothing more', () => {
    const after = apply(promoteChanges(routine, '2', countingIds('n')))
    expect([names(after, 0), names(after, 1)]).toEqual([names(routine, 1), names(routine, 1)])
    expect(after.passes[1]!.changes).toEqual([])
    expect(promoteChanges(routine, '1', countingIds('n'))).toBeNull()
  })
  it('given up is as its part is', () => {
    const after = apply(clearChanges(routine, '2'))
    expect(names(after, 1)).toBe(names(routine, 0))
  })
  it('stands beside another with what differs, like opposite like', () => {
    const rows = comparePasses(passes[0]!, passes[1]!).map(
      ({ a, b, same }) => `${a?.figure?.id ?? '-'} ${same ? '=' : '|'} ${b?.figure?.id ?? '-'}`,
    )
    expect(rows).toEqual([
      'box = box',
      'canter = canter',
      'hover | twist-vine',
      'dip = dip',
      '- | box',
    ])
    expect(comparePasses(passes[0]!, passes[0]!).every(({ same }) => same)).toBe(true)
  })
})

it('a part borrowed from another sheet is copied, linked to it, and danced at the end', () => {
  const other = {
    ...routineOf([part('A', slot('x', 'hover'))], []),
    id: 'other',
    title: 'The other',
  }
  const after = apply(borrowPart(routine, other, 'A', countingIds('n')))
  expect(after.parts.at(-1)).toMatchObject({
    label: 'A 2',
    origin: { routineId: 'other', partId: 'A', title: 'The other' },
  })
  expect(names(after, 3)).toBe('hover')
  expect(borrowPart(routine, routine, 'A', countingIds('n'))).toBeNull()
})

describe('a part', () => {
  it('is taken out with every pass over it, and what was told again from it stands by itself', () => {
    const told = {
      ...routine,
      parts: [...routine.parts, { ...part('C', slot('x1', 'box')), versionOf: 'A' }],
    }
    const edits = removePart(told, 'A')!
    const after = expectOk(applyEdits(routineShape, told, edits))
    expect(routineSchema.safeParse(after).error?.issues ?? []).toEqual([])
    expect([
      after.parts.map(({ id, versionOf }) => [id, versionOf]),
      after.passes.map(({ id }) => id),
    ]).toEqual([
      [
        ['B', undefined],
        ['C', undefined],
      ],
      ['3'],
    ])
    expect(expectOk(applyEdits(routineShape, after, invertEdits(edits)))).toEqual(told)
    expect(removePart(told, 'nobody')).toBeNull()
  })
  it('is copied under another label and danced at the end', () => {
    const after = apply(copyPart(routine, 'A', countingIds('n')))
    expect(after.parts.map(({ label }) => label)).toEqual(['A', 'A 2', 'B'])
    expect(names(after, 3)).toBe(names(routine, 0))
  })
})

it('a finding that was overruled can be taken up again', () => {
  const left = expectOk(
    applyEdits(routineShape, routine, overrule(routine, 'o', 'sums.phrase', 'A', 'so')),
  )
  expect(expectOk(applyEdits(routineShape, left, takeUp(left, 'sums.phrase', 'A')!))).toEqual(
    routine,
  )
  expect(takeUp(routine, 'sums.phrase', 'A')).toBeNull()
})
