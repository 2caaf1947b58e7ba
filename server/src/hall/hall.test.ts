import type { HallPlace } from '@dellop/wire'
import request from 'supertest'
import { pairing } from './pairing.ts'
import { testServer, type TestServer } from '../testing/server.ts'

let server: TestServer
beforeEach(async () => (server = await testServer()))
afterEach(() => server.remove())

const switchOn = async (): Promise<string> =>
  (await server.ask.put('/api/hall').send({ address: '127.0.0.1' }).expect(200)).body
    .address as string
const codeFor = async (right: 'see' | 'control'): Promise<string> =>
  (await server.ask.post('/api/hall/codes').send({ right }).expect(200)).body.code as string
async function paired(address: string, right: 'see' | 'control'): Promise<string> {
  const code = await codeFor(right)
  return (await request(address).post('/screen/pair').send({ code }).expect(200)).body
    .token as string
}
const PLACE: HallPlace = { state: 'running', tick: 240, atMs: 5, ticksPerSecond: 36, say: '' }

/** The first events of a stream, up to a number of them. */
async function eventsOf(url: string, count: number): Promise<Record<string, unknown>[]> {
  const response = await fetch(url)
  const reader = response.body!.getReader()
  const decoder = new TextDecoder()
  let text = ''
  const found = (): string[] => text.split('\n').filter((line) => line.startsWith('data: '))
  while (found().length < count)
    text += decoder.decode((await reader.read()).value, { stream: true })
  await reader.cancel()
  return found().map((line) => JSON.parse(line.slice(6)) as Record<string, unknown>)
}

describe('second screens', () => {
  it('are off until they are switched on, and nothing answers any more once they are off', async () => {
    expect((await server.ask.get('/api/hall')).body).toMatchObject({ address: null, screens: [] })
    await server.ask.post('/api/hall/codes').send({ right: 'see' }).expect(400)
    const address = await switchOn()
    await request(address).get('/screen/time').expect(403)
    await server.ask.put('/api/hall').send({ address: null }).expect(200)
    await expect(fetch(`${address}/screen/time`)).rejects.toThrow()
  })

  it('are reached at an address of this machine only', async () => {
    expect(
      (await server.ask.put('/api/hall').send({ address: '8.8.8.8' }).expect(400)).body.detail,
    ).toMatch(/address of this machine was expected/)
  })

  it('see nothing and change nothing without pairing, from another host or another origin', async () => {
    const address = await switchOn()
    const hall = request(address)
    await hall.get('/screen/stream?token=guess').expect(403)
    await hall.post('/screen/press').send({ command: 'main' }).expect(403)
    await hall.get('/screen/time').set('Host', 'hall.test').expect(403)
    const token = await paired(address, 'control')
    await hall.get('/screen/time').set('Authorization', `Bearer ${token}`).expect(200)
    await hall
      .get('/screen/time')
      .set('Authorization', `Bearer ${token}`)
      .set('Host', 'hall.test')
      .expect(403)
    await hall
      .post('/screen/press')
      .set('Authorization', `Bearer ${token}`)
      .set('Origin', 'http://elsewhere.test')
      .send({ command: 'main' })
      .expect(403)
    for (const path of ['/api/sheets', '/api/settings', '/media/abc', '/api/hall', '/'])
      expect((await hall.get(path)).status).toBe(404)
  })

  it('never reach the cuer’s own side, nor does another site', async () => {
    await server.ask
      .post('/api/hall/codes')
      .set('Origin', 'http://elsewhere.test')
      .send({ right: 'control' })
      .expect(403)
    await server.ask
      .put('/api/hall')
      .set('Host', 'hall.test')
      .send({ address: '127.0.0.1' })
      .expect(403)
    expect((await server.ask.get('/api/hall')).body.address).toBeNull()
  })

  it('come in by a code that is good once', async () => {
    const address = await switchOn()
    const code = await codeFor('see')
    await request(address).post('/screen/pair').send({ code }).expect(200)
    expect(
      (await request(address).post('/screen/pair').send({ code }).expect(403)).body.detail,
    ).toMatch(/not good, or no longer/)
    await request(address).post('/screen/pair').send({ code: 123 }).expect(400)
  })

  it('are slowed with every wrong code; a right one comes in at once all the same', async () => {
    const address = await switchOn()
    const code = await codeFor('see')
    const other = code === '000000' ? '000001' : '000000'
    const tried = async (text: string): Promise<number> => {
      const before = Date.now()
      await request(address).post('/screen/pair').send({ code: text })
      return Date.now() - before
    }
    await tried(other)
    const [second, third] = [await tried(other), await tried(other)]
    expect(second).toBeGreaterThanOrEqual(390)
    expect(third).toBeGreaterThanOrEqual(790)
    // Of many guesses at once the last are still kept back when the right code has its answer.
    let answered = 0
    for (let n = 0; n < 120; n++)
      request(address)
        .post('/screen/pair')
        .send({ code: other })
        .then(
          () => answered++,
          () => undefined,
        )
    await request(address).post('/screen/pair').send({ code }).expect(200)
    expect(answered).toBeLessThan(120)
  })

  it('that guess are heard no more, and six digits are void after a thousand wrong; a camera still comes in', () => {
    const pairs = pairing(() => 0)
    const { code, secret } = pairs.newCode('see')
    const other = code === '000000' ? '000001' : '000000'
    for (let n = 0; n < 200; n++)
      expect(pairs.redeem(other, 'a')).toMatchObject({ refused: 'wrong' })
    expect(pairs.redeem(code, 'a')).toMatchObject({ refused: 'guessing' })
    for (const from of ['b', 'c', 'd', 'e']) for (let n = 0; n < 200; n++) pairs.redeem(other, from)
    expect(pairs.redeem(code, 'f')).toMatchObject({ refused: 'wrong' })
    expect(pairs.redeem(secret, 'f')).toMatchObject({ screen: { right: 'see' } })
    expect(pairs.redeem(secret, 'f')).toMatchObject({ refused: 'wrong' })
  })

  it('keep four streams open, the newest', async () => {
    const address = await switchOn()
    const token = await paired(address, 'see')
    const open = async () => {
      const response = await fetch(`${address}/screen/stream?token=${token}`)
      const reader = response.body!.getReader()
      await reader.read()
      return reader
    }
    const first = await open()
    const others = [await open(), await open(), await open()]
    others.push(await open())
    // The first is ended by the server: it is read to its end.
    for (;;) if ((await first.read()).done) break
    await server.ask.put('/api/hall/news').send({ place: PLACE }).expect(204)
    for (const reader of others) {
      expect(new TextDecoder().decode((await reader.read()).value)).toContain('"place"')
      await reader.cancel()
    }
  })

  it('are on again, where they were and with who was let in, when the server is started anew', async () => {
    const address = await switchOn()
    const token = await paired(address, 'control')
    await server.stop()
    server = await testServer(server.dataFolder)
    expect((await server.ask.get('/api/hall')).body).toMatchObject({
      address,
      screens: [{ right: 'control' }],
    })
    await request(address).get('/screen/time').set('Authorization', `Bearer ${token}`).expect(200)
    await server.ask.put('/api/hall').send({ address: null }).expect(200)
    await server.stop()
    server = await testServer(server.dataFolder)
    expect((await server.ask.get('/api/hall')).body).toMatchObject({ address: null, screens: [] })
  })

  it('that may only see cannot steer; a remote can, and is heard at the lectern', async () => {
    const address = await switchOn()
    const [see, control] = [await paired(address, 'see'), await paired(address, 'control')]
    expect(
      (
        await request(address)
          .post('/screen/press')
          .set('Authorization', `Bearer ${see}`)
          .send({ command: 'main' })
          .expect(403)
      ).body.detail,
    ).toMatch(/may only see/)
    const heard = eventsOf(`${server.address}/api/hall/commands`, 1)
    await new Promise((resolve) => setTimeout(resolve, 100))
    await request(address)
      .post('/screen/press')
      .set('Authorization', `Bearer ${control}`)
      .send({ command: 'main' })
      .expect(200)
    expect(await heard).toEqual([{ command: 'main' }])
    await request(address)
      .post('/screen/press')
      .set('Authorization', `Bearer ${control}`)
      .send({ command: 'delete all' })
      .expect(400)
  })

  it('are told the programme and the place, also when they come late, and are gone when they are sent away', async () => {
    const address = await switchOn()
    const token = await paired(address, 'see')
    const programme = {
      title: 'Lanterns',
      countOf: 3,
      figures: [{ start: 0, end: 72, text: 'Box' }],
      parts: [],
      cues: [],
      sets: [{ start: 0, end: 72, text: 'L1 with F2' }],
      floor: {
        half: [90, 60],
        dancers: [{ role: 'L', couple: 1 }],
        every: 24,
        frames: [[0, 0, 2]],
      },
    }
    await server.ask.put('/api/hall/news').send({ programme, place: PLACE }).expect(204)
    await server.ask
      .put('/api/hall/news')
      .send({ place: { ...PLACE, tick: 300 } })
      .expect(204)
    expect(await eventsOf(`${address}/screen/stream?token=${token}`, 2)).toEqual([
      { programme },
      { place: { ...PLACE, tick: 300 } },
    ])
    const { screens } = (await server.ask.get('/api/hall')).body
    expect(screens).toMatchObject([{ right: 'see' }])
    await server.ask.delete(`/api/hall/screens/${screens[0].id}`).expect(200)
    await request(address).get(`/screen/stream?token=${token}`).expect(403)
    await server.ask.delete(`/api/hall/screens/${screens[0].id}`).expect(404)
  })
})
