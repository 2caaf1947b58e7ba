import type { Figure } from '@dellop/core/figure'
import { testServer, type TestServer } from '../testing/server.ts'

let server: TestServer
beforeAll(async () => (server = await testServer()))
afterAll(() => server.remove())

const book = async (): Promise<Figure[]> => (await server.ask.get('/api/figures')).body.figures
const bring = (figures: readonly unknown[], replace: readonly string[] = []) =>
  server.ask.post('/api/figures/import').send({ figures, replace })

describe('bringing figures in', () => {
  it('adds new ones and replaces those that are meant to be', async () => {
    const [first] = await book()
    const answer = await bring(
      [
        { ...first, id: 'fresh', name: 'Fresh' },
        { ...first, remarks: 'otherwise' },
      ],
      [first!.id],
    ).expect(200)
    expect(answer.body.figures).toHaveLength(2)
    const after = new Map((await book()).map((figure) => [figure.id, figure]))
    expect([after.get('fresh')?.name, after.get(first!.id)?.remarks]).toEqual([
      'Fresh',
      'otherwise',
    ])
  })
  it('brings in nothing when one of them may not come', async () => {
    const before = await book()
    const [first] = before
    const fresh = { ...first, id: 'never' }
    const cases = [
      [[fresh, first], 409, /already holds .* Nothing was brought in/],
      [[fresh, fresh], 400, /is there twice.* Nothing was brought in/],
      [[fresh, { ...fresh, id: 'other', lengthTicks: 0 }], 400, /figures\[1\]\.lengthTicks/],
      [[], 400, /at least one figure was expected/],
    ] as const
    for (const [figures, status, sentence] of cases) {
      const answer = await bring(figures).expect(status)
      expect(answer.body.detail).toMatch(sentence)
    }
    expect(await book()).toEqual(before)
  })
})
