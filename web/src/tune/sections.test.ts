import { countingIds } from '@dellop/core/document'
import { joined, renamed, resized, split } from './sections.ts'

const sections = [
  { id: 'i', label: 'intro', phrases: [{ id: 'p1', bars: 4 }] },
  {
    id: 'a',
    label: 'A',
    phrases: [
      { id: 'p2', bars: 8 },
      { id: 'p3', bars: 8 },
    ],
  },
  { id: 'b', label: 'A', phrases: [{ id: 'p4', bars: 8 }] },
]
const text = (list: typeof sections | ReturnType<typeof split>) =>
  list
    .map(({ label, phrases }) => `${label} ${phrases.map(({ bars }) => bars).join('+')}`)
    .join(', ')

describe('sections of a tune', () => {
  it('have one phrase made longer, and no other', () =>
    expect(text(resized(sections, 2, 1))).toBe('intro 4, A 8+9, A 8'))
  it('of the same name are renamed together, or one is unlinked', () => {
    expect(text(renamed(sections, 'a', 'verse', true))).toBe('intro 4, verse 8+8, verse 8')
    expect(text(renamed(sections, 'b', 'last', false))).toBe('intro 4, A 8+8, last 8')
  })
  it('split and joined again are as they were', () => {
    const two = split(sections, 'a', 1, countingIds('n'))
    expect(text(two)).toBe('intro 4, A 8, A 8, A 8')
    expect(text(joined(two, two[2]!.id))).toBe(text(sections))
    expect(text(split(sections, 'i', 1, countingIds('n')))).toBe(text(sections))
    expect(text(joined(sections, 'i'))).toBe(text(sections))
  })
})
