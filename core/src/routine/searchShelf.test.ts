import { shelfOf, type ShelfEntry, type ShelfWish } from './searchShelf.ts'

const entry = (id: string, over: Partial<ShelfEntry>): ShelfEntry => ({
  id,
  title: id,
  by: '',
  dance: 'waltz',
  level: null,
  tuneTitle: null,
  tags: [],
  otherNames: [],
  figures: [],
  archived: false,
  updatedAtMs: 0,
  ...over,
})
const shelf = shelfOf([
  entry('Lanterns 10', { by: 'Wren', figures: ['Twirl vine'], updatedAtMs: 2 }),
  entry('Lanterns 9', {
    by: 'Ottoline',
    dance: 'jig',
    level: 'easy',
    tags: ['set'],
    updatedAtMs: 3,
  }),
  entry('Évening', { tuneTitle: 'Thimble Bridge', level: 'steady', updatedAtMs: 1 }),
  entry('Gone', { archived: true }),
])
const ALL: ShelfWish = {
  text: '',
  dance: null,
  level: null,
  tag: null,
  archived: false,
  order: 'title',
}
const found = (wish: Partial<ShelfWish>) => shelf.search({ ...ALL, ...wish }).map(({ id }) => id)

describe('the shelf', () => {
  it.each([
    [
      'everything that is not put away, numbers in their order',
      {},
      ['Évening', 'Lanterns 9', 'Lanterns 10'],
    ],
    ['a figure it uses', { text: 'twirl' }, ['Lanterns 10']],
    ['a tune', { text: 'bridge' }, ['Évening']],
    ['every word, anywhere, accents or none', { text: 'evening thimble' }, ['Évening']],
    ['words that are not all there', { text: 'lanterns thimble' }, []],
    ['a dance', { dance: 'jig' }, ['Lanterns 9']],
    ['a level', { level: 'steady' }, ['Évening']],
    ['a tag', { tag: 'set' }, ['Lanterns 9']],
    ['what is put away', { archived: true }, ['Gone']],
    ['the last changed first', { order: 'changed' }, ['Lanterns 9', 'Lanterns 10', 'Évening']],
    ['by who made it', { order: 'by' }, ['Évening', 'Lanterns 9', 'Lanterns 10']],
  ] as const)('finds %s', (_what, wish, expected) => expect(found(wish)).toEqual(expected))
  it('offers what there is to choose from', () =>
    expect([shelf.dances, shelf.levels, shelf.tags]).toEqual([
      ['jig', 'waltz'],
      ['easy', 'steady'],
      ['set'],
    ]))
})
