import fc from 'fast-check'
import {
  relationsOf,
  RELATIONS,
  sameDances,
  sheetRelated,
  type Named,
  type Related,
} from './index.ts'

const sheet = (id: string, title: string, over: Partial<Named> = {}): Named => ({
  id,
  title,
  otherNames: [],
  related: [],
  ...over,
})
const told = (id: string, shelf: readonly Named[]): string[] =>
  relationsOf(id, shelf).map(
    ({ kind, title, own, theirs, isOwn, isReversed }) =>
      `${kind} ${title}${own ? ` own ${own}` : ''}${theirs ? ` theirs ${theirs}` : ''}${isOwn ? '' : ', told there'}${isReversed ? ', reversed' : ''}`,
  )

describe('how dances stand to each other', () => {
  const lamps = sheet('lamps', 'Lámps on the Weir', { otherNames: ['Weir Waltz', 'Old Lamps'] })
  const shelf = [
    lamps,
    sheet('eel', 'Eel Pots', {
      related: [
        { kind: 'same', title: 'weir waltz ' },
        { kind: 'part', title: 'Teasels', own: 'B', theirs: '3' },
        { kind: 'part', title: 'Nowhere', theirs: 'A' },
      ],
    }),
    sheet('teasels', 'Teasels'),
    sheet('teasels-lead', 'Teasels for one', {
      related: [{ kind: 'lead', title: 'Teasels as it was called', sheetId: 'teasels' }],
    }),
  ]

  it('a dance is found by its id, its title or another name, whatever its capitals and accents', () => {
    expect(sheetRelated({ title: 'lamps on the weir' }, shelf)).toBe(lamps)
    expect(sheetRelated({ title: 'OLD LAMPS' }, shelf)).toBe(lamps)
    expect(sheetRelated({ title: 'Eel Pots', sheetId: 'lamps' }, shelf)).toBe(lamps)
    expect(sheetRelated({ title: 'Lamps', sheetId: 'gone' }, shelf)).toBeNull()
  })
  it('is told by the one that says so, and by the other the other way round', () => {
    expect(told('eel', shelf)).toEqual([
      'same Lámps on the Weir',
      'part Teasels own B theirs 3',
      'part Nowhere theirs A',
    ])
    expect(told('lamps', shelf)).toEqual(['same Eel Pots, told there'])
    expect(told('teasels', shelf)).toEqual([
      'part Eel Pots own 3 theirs B, told there',
      'lead Teasels for one, told there, reversed',
    ])
  })
  it('is told once where both say it', () => {
    const both = [
      sheet('a', 'A', { related: [{ kind: 'same', title: 'B' }] }),
      sheet('b', 'B', { related: [{ kind: 'same', title: 'A' }] }),
    ]
    expect(told('a', both)).toEqual(['same B'])
    expect(told('b', both)).toEqual(['same A'])
  })
  it('sheets of one dance are all of it; sharing a part makes no two dances one', () => {
    const same = sameDances([...shelf, sheet('far', 'Far', { related: shelf[3]!.related })])
    expect(Object.fromEntries([...same].map(([id, all]) => [id, [...all].sort()]))).toEqual({
      lamps: ['eel'],
      eel: ['lamps'],
      teasels: ['far', 'teasels-lead'],
      'teasels-lead': ['far', 'teasels'],
      far: ['teasels', 'teasels-lead'],
    })
  })
  it('laws: who is one dance with another is so both ways, and never with itself', () => {
    const ids = ['a', 'b', 'c', 'd', 'e']
    const related = fc
      .record({ kind: fc.constantFrom(...RELATIONS), to: fc.constantFrom(...ids) })
      .map(({ kind, to }): Related => ({
        kind,
        title: to,
        ...(kind === 'part' ? { theirs: 'A' } : {}),
      }))
    fc.assert(
      fc.property(fc.tuple(...ids.map(() => fc.array(related, { maxLength: 3 }))), (all) => {
        const made = ids.map((id, i) => sheet(id, id, { related: all[i]! }))
        const same = sameDances(made)
        for (const [id, others] of same) {
          expect(others).not.toContain(id)
          expect(new Set(others).size).toBe(others.length)
          for (const other of others) expect(same.get(other)).toContain(id)
        }
      }),
    )
  })
})
