import { applyEdits, countingIds, diff, expectOk, type Edit } from '../document/index.ts'
import { bookOf, SHIPPED_FIGURES } from '../figure/index.ts'
import {
  addPass,
  freshSlot,
  addSlot,
  figureContent,
  moveSlotBy,
  promoteChanges,
  removeSlot,
  routineShape,
  setField,
  setHeading,
  setSlotField,
  setWording,
} from '../routine/index.ts'
import { demoRoutine } from '../testing/sheets.ts'
import { changeWords } from './changeWords.ts'

const routine = demoRoutine('lanterns-at-the-weir')
const book = bookOf(SHIPPED_FIGURES)
const [first] = routine.parts[0]!.slots
const words = (edits: Edit[] | null) => changeWords(routine, edits!, book)

describe('changes in words', () => {
  it.each([
    [
      'a name',
      setHeading(routine, 'title', 'Lamps'),
      ['Renamed from “Lanterns at the Weir” to “Lamps”'],
    ],
    ['a tempo', setHeading(routine, 'bpm', 99), ['Tempo: 99 instead of 96']],
    ['putting away', setHeading(routine, 'archived', true), ['Archived']],
    [
      'a figure put in',
      addSlot('A', freshSlot('n', figureContent('hover')), first!.id),
      ['A: Hover put in'],
    ],
    ['a figure taken out', removeSlot(routine, first!.id), ['A: Balance left and right taken out']],
    ['a figure moved', moveSlotBy(routine, first!.id, 1), ['A: Balance left and right moved']],
    [
      'words of its own',
      setWording(first!, 'full', 'balance both ways'),
      ['A: Balance left and right: words given'],
    ],
    ['a mark', setSlotField(first!, 'hard', true), ['A: Balance left and right: hard spot given']],
    ['a pass', addPass('p', 'B', null), ['A pass of B put in']],
    [
      'more times',
      setField(routine.passes[0]!, 'times', 3),
      ['A pass of A is danced 3 times instead of 1'],
    ],
  ] as const)('tell of %s', (_what, edits, expected) =>
    expect(words(edits as Edit[])).toEqual(expected),
  )

  it('say what happens often once', () => {
    const edits = routine.parts[0]!.slots.slice(0, 1).flatMap((slot) => [
      ...setSlotField(slot, 'remark', 'a')!,
      { type: 'set' as const, id: slot.id, field: 'remark', from: 'a', to: 'b' },
    ])
    expect(words(edits)).toEqual(['A: Balance left and right: remark changed (2 times)'])
  })
  it('have words for every difference between two states', () => {
    const passId = routine.passes.find(({ changes }) => changes.length > 0)!.id
    const after = expectOk(
      applyEdits(routineShape, routine, promoteChanges(routine, passId, countingIds('n'))!),
    )
    const told = words(diff(routineShape, routine, after))
    expect(told).toEqual(
      expect.arrayContaining([
        'only in one A: Vine three taken out',
        'A: Vine three put in',
        'A: Twirl vine taken out',
      ]),
    )
    for (const text of told) expect(text).not.toMatch(/undefined|\[object/)
  })
})
