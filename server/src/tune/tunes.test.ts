import { demoAbc, testServer, type TestServer } from '../testing/server.ts'

let server: TestServer
beforeAll(async () => (server = await testServer()))
afterAll(() => server.remove())

const bring = async (title: string) =>
  (
    await server.ask
      .post('/api/tunes/score')
      .send({
        kind: 'abc',
        text: demoAbc()
          .replace('P:IAABALAABAT', 'P:IAT')
          .replace('T:Lamps Along the Staithe', `T:${title}`),
      })
      .expect(200)
  ).body as {
    tune: { id: string; title: string; recordings: { media: string }[] }
    revision: number
  }

describe('a tune', () => {
  it('is named by its title, and a second one of that title gets a name of its own', async () => {
    const first = await bring('Reeds at Low Water')
    const second = await bring('Reeds at Low Water')
    expect(first.tune.id).toBe('reeds-at-low-water')
    expect(second.tune.id).not.toBe(first.tune.id)
  })

  it('is refused when its sound is not here, its id is taken, or its beats do not rise', async () => {
    const { tune } = await bring('Sound')
    const fresh = { ...tune, id: 'fresh' }
    await server.ask
      .post('/api/tunes')
      .send({ tune: { ...fresh, recordings: [{ ...tune.recordings[0], media: 'ab'.repeat(32) }] } })
      .expect(404)
    await server.ask.post('/api/tunes').send({ tune }).expect(409)
    const map = {
      segments: [
        {
          anchors: [
            { beat: 0, seconds: 1 },
            { beat: 1, seconds: 0.5 },
          ],
        },
      ],
    }
    const refused = await server.ask
      .post('/api/tunes')
      .send({ tune: { ...fresh, recordings: [{ ...tune.recordings[0], beatMap: map }] } })
      .expect(400)
    expect(refused.body.detail).toMatch(/recordings\[0\]\.beatMap.*rise strictly/)
    await server.ask.post('/api/tunes').send({ tune: fresh }).expect(200)
  })

  it('keeps peaks of its sound, and none of a sound that is not here', async () => {
    const { tune } = await bring('Peaks')
    const hash = tune.recordings[0]!.media
    await server.ask
      .put(`/api/media/${hash}/peaks`)
      .send({ peaks: [0, 0.5, 1] })
      .expect(200)
    expect((await server.ask.get(`/api/media/${hash}/peaks`)).body.peaks).toEqual([0, 0.5, 1])
    await server.ask
      .put(`/api/media/${'cd'.repeat(32)}/peaks`)
      .send({ peaks: [0] })
      .expect(404)
    await server.ask
      .put(`/api/media/${hash}/peaks`)
      .send({ peaks: [7] })
      .expect(400)
  })
})
