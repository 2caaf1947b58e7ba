import { readdirSync } from 'node:fs'
import { join } from 'node:path'
import { testServer, type TestServer } from '../testing/server.ts'

let server: TestServer
beforeAll(async () => (server = await testServer()))
afterAll(() => server.remove())

const abc = (change: { title?: string; more?: string; body?: string }): object => ({
  kind: 'abc',
  text: `X:1\nT:${change.title ?? 'a'}\nM:3/4\n${change.more ?? ''}L:1/4\nK:C\n${change.body ?? 'CDE|'}\n`,
})
const bring = (music: object) => server.ask.post('/api/tunes/score').send(music)

describe('written music that cannot be kept', () => {
  it.each([
    ['a title of 300 letters', abc({ title: 'a'.repeat(300) }), /title/],
    ['a dance of 100 letters', abc({ more: `R:${'b'.repeat(100)}\n` }), /dance/],
    ['a tempo of 10', abc({ more: 'Q:1/4=10\n' }), /bpm|tempo/i],
    ['a tempo of 500', abc({ more: 'Q:1/4=500\n' }), /bpm|tempo/i],
    ['two hours', abc({ more: 'Q:1/4=40\n', body: 'CDE|'.repeat(2000) }), /minutes/],
    ['a kind that is none', { kind: 'constructor', text: 'X' }, /kind/],
  ])('%s is refused with what was expected, and leaves nothing', async (_, music, told) => {
    const answer = await bring(music).expect(400)
    expect(answer.body.detail).toMatch(told)
    expect((await server.ask.get('/api/tunes')).body.tunes).toEqual([])
    const media = join(server.dataFolder, 'media')
    expect(readdirSync(server.dataFolder).includes('media') ? readdirSync(media) : []).toEqual([])
  })
})

describe('edits in lists that are none of the document', () => {
  it.each(['constructor', '__proto__', 'toString', 'hasOwnProperty'])('%s', async (list) => {
    const made = await server.ask.post('/api/sheets').send({ title: 'A', tuneId: null }).expect(200)
    const { id } = made.body.routine
    for (const edit of [
      { type: 'insert', into: { owner: '', list }, item: { id: 'x' }, after: null },
      { type: 'remove', from: { owner: '', list }, item: { id: 'x' }, after: null },
    ]) {
      const answer = await server.ask
        .post(`/api/sheets/${id}/edits`)
        .send({ clientId: 'a-client', batchId: '1', base: 0, edits: [edit] })
        .expect(409)
      expect(answer.body.code).toBe('edit.refused')
    }
  })

  it('an encoding that nobody reads is refused as such', async () => {
    const answer = await server.ask
      .post('/api/sheets')
      .set('Content-Encoding', 'foo')
      .set('Content-Type', 'application/json')
      .send('{}')
      .expect(415)
    expect(answer.body.detail).toMatch(/encoding/)
  })
})
