import { keepRecent, recents } from './recent.ts'

function storage(at: Record<string, string> = {}) {
  return {
    getItem: (key: string) => at[key] ?? null,
    setItem: (key: string, value: string) => void (at[key] = value),
  }
}

describe('what was opened last', () => {
  it('stands first, once, and the oldest is forgotten', () => {
    const kept = storage()
    for (let n = 0; n < 10; n++) keepRecent({ path: `/sheets/${n}`, name: `Dance ${n}` }, kept)
    keepRecent({ path: '/sheets/5', name: 'Dance 5, renamed' }, kept)
    expect(recents(kept).map(({ name }) => name)).toEqual([
      'Dance 5, renamed',
      'Dance 9',
      'Dance 8',
      'Dance 7',
      'Dance 6',
      'Dance 4',
      'Dance 3',
      'Dance 2',
    ])
  })

  it.each(['not json', '{"a":1}', '[{"path":"https://elsewhere","name":"x"},3]'])(
    'is nothing where what is kept cannot be used: %s',
    (text) => expect(recents(storage({ 'dellop-recent': text }))).toEqual([]),
  )
})
