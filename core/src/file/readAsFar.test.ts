import { countingIds } from '../document/index.ts'
import { SHIPPED_FIGURES } from '../figure/index.ts'
import { emptyRoutine } from '../routine/index.ts'
import { readSheetTextAsFar } from './readAsFar.ts'

const SOUND = `title: Reeds
dance: waltz

part A
  Box
  Balance left and right

order
  A x 2`
const read = (text: string, before: string | null) =>
  readSheetTextAsFar(text, before, {
    figures: SHIPPED_FIGURES,
    base: emptyRoutine('r'),
    newId: countingIds('n'),
  })
const names = (text: string, before: string | null) => {
  const result = read(text, before)
  if (!result.ok) throw new Error(result.problem.message)
  const { read: taken, unread } = result.value
  return {
    slots: taken.routine.parts.flatMap(({ slots }) =>
      slots.map(({ content }) => (content.type === 'figure' ? content.figureId : content.text)),
    ),
    title: taken.routine.title,
    passes: taken.routine.passes.map(({ times }) => times),
    unread: unread.map(({ from, to }) => text.slice(from, to)),
    lines: taken.slotLines,
  }
}

describe('a text of which a line cannot be read', () => {
  it('is taken but for that line, where what stood there before is kept', () => {
    const broken = SOUND.replace('  Box', '  Box (x)').replace('title: Reeds', 'title: Withies')
    expect(names(broken, SOUND)).toEqual({
      slots: ['box', 'balance-left-right'],
      title: 'Withies',
      passes: [2],
      unread: ['Box (x)'],
      lines: [[5, 6]],
    })
  })

  it('leaves out a line that is new', () => {
    const more = SOUND.replace('  Box\n', '  Box\n  Box (x)\n')
    expect(names(more, SOUND)).toMatchObject({
      slots: ['box', 'balance-left-right'],
      unread: ['Box (x)'],
    })
  })

  it('names every such line, in order', () => {
    const broken = SOUND.replace('  Box', '  Box (x)').replace('A x 2', 'Z x 2')
    expect(names(broken, SOUND).unread).toEqual(['Box (x)', 'Z x 2'])
  })

  it('that is no sheet at all is refused', () => {
    expect(read('', null).ok).toBe(false)
    expect(read('nothing of a sheet', null).ok).toBe(false)
  })
})
