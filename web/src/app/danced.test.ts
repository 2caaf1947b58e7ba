import { emptyEntry } from '@dellop/core/logbook'
import { dancedFrom } from './danced.ts'

describe('what the logbook has of a sheet', () => {
  const entry = { ...emptyEntry('e', 'Pegs on a Line', 0), sheetId: 'pegs' }
  const before = globalThis.fetch
  afterEach(() => void (globalThis.fetch = before))
  const answer = () =>
    Promise.resolve(
      new Response(JSON.stringify({ entries: [entry], revisions: { e: 0 } }), {
        headers: { 'content-type': 'application/json' },
      }),
    )

  it('is asked once where several ask at a time, and anew afterwards', async () => {
    const asked = jest.fn(answer)
    globalThis.fetch = asked
    const both = await Promise.all([dancedFrom('pegs'), dancedFrom('pegs')])
    expect(both).toEqual([[entry], [entry]])
    expect(asked).toHaveBeenCalledTimes(1)
    await dancedFrom('pegs')
    expect(asked).toHaveBeenCalledTimes(2)
  })

  it('is nothing where the server is away', async () => {
    globalThis.fetch = () => Promise.reject(new TypeError('away'))
    expect(await dancedFrom('pegs')).toBeNull()
  })
})
