import { practiceSchema, type Practice } from '@dellop/core/rehearse'
import { testServer, type TestServer } from '../testing/server.ts'

let server: TestServer
beforeEach(async () => (server = await testServer()))
afterEach(() => server.remove())

const quiz = (over: Partial<Practice> = {}): Practice =>
  practiceSchema.parse({
    format: 'dellop-practice',
    version: 1,
    id: 'quiz-1',
    sheetId: 'a-sheet',
    title: 'Lanterns',
    atMs: 1000,
    kind: 'quiz',
    answers: [{ question: 'next a', right: true }],
    ...over,
  })
const put = (practice: Practice, id = practice.id) =>
  server.ask.put(`/api/practice/${id}`).send({ practice })
const list = async (query = '') =>
  (await server.ask.get(`/api/practice${query}`)).body.practice as Practice[]

describe('what was practised', () => {
  it('is kept once, however often it is sent, and listed newest first, of one sheet too', async () => {
    for (let n = 0; n < 3; n++) await put(quiz()).expect(200)
    await put(quiz({ id: 'quiz-2', sheetId: 'other', atMs: 2000 })).expect(200)
    expect((await list()).map(({ id }) => id)).toEqual(['quiz-2', 'quiz-1'])
    expect(await list('?sheet=a-sheet')).toEqual([quiz()])
  })

  it('is forgotten one by one, and refused where it is none', async () => {
    await put(quiz()).expect(200)
    await server.ask.delete('/api/practice/quiz-1').expect(200)
    await server.ask.delete('/api/practice/quiz-1').expect(404)
    const wrong = { ...quiz(), answers: [{ question: '', right: 'no' }] } as unknown as Practice
    expect((await put(wrong).expect(400)).body.detail).toMatch(/practice/)
    await put(quiz(), 'other').expect(400)
    expect(await list()).toEqual([])
  })
})
