import { readdirSync, existsSync } from 'node:fs'
import { request as httpRequest } from 'node:http'
import { join } from 'node:path'
import { DEFAULT_SETTINGS, ROUTES } from '@dellop/wire'
import { apiRouter } from '../app.ts'
import { wantedRange } from '../media/range.ts'
import {
  changeSettings,
  demoAbc,
  demoSheet,
  testServer,
  type TestServer,
} from '../testing/server.ts'

let server: TestServer
beforeAll(async () => (server = await testServer()))
afterAll(() => server.remove())

describe('who may ask', () => {
  it('is this machine only: a foreign Host is refused', async () => {
    await server.ask.get('/api/health').expect(200)
    const answer = await server.ask.get('/api/health').set('Host', 'hall.test').expect(403)
    expect(answer.headers['content-type']).toMatch('application/problem+json')
  })

  it('is no page of another site: foreign origins and cross-site fetches are refused, and change nothing', async () => {
    await server.ask
      .post('/api/sheets')
      .set('Origin', 'http://elsewhere.test')
      .send({ title: 'x', tuneId: null })
      .expect(403)
    await server.ask
      .get('/api/sheets')
      .set('Sec-Fetch-Site', 'cross-site')
      .set('Sec-Fetch-Mode', 'no-cors')
      .expect(403)
    expect((await server.ask.get('/api/sheets')).body.sheets).toEqual([])
  })

  it('gets the strict headers with every answer', async () => {
    const { headers } = await server.ask.get('/api/nothing').expect(404)
    expect(headers['content-security-policy']).toMatch(/^default-src 'none'/)
    expect(headers['x-content-type-options']).toBe('nosniff')
    expect(headers['cross-origin-resource-policy']).toBe('same-origin')
  })
})

describe('bad input', () => {
  const refusals: readonly (readonly [string, string, unknown, number, RegExp])[] = [
    [
      'an empty title',
      '/api/sheets',
      { title: ' ', tuneId: null },
      400,
      /title: a title was expected/,
    ],
    [
      'an unknown field',
      '/api/sheets',
      { title: 'x', tuneId: null, colour: 'blue' },
      400,
      /Unrecognized key: "colour"/,
    ],
    [
      'a tune that is not there',
      '/api/sheets',
      { title: 'x', tuneId: 'nowhere' },
      404,
      /no such tune/,
    ],
    [
      'a figure of negative length',
      '/api/figures',
      { figure: { ...demoSheet().figures[0], id: 'fresh', lengthTicks: -72 } },
      400,
      /figure\.lengthTicks: a length of at least 1 tick/,
    ],
    [
      'a figure in an unknown hold',
      '/api/figures',
      { figure: { ...demoSheet().figures[0], id: 'fresh', exitHold: 'bear hug' } },
      400,
      /figure\.exitHold: one of the holds was expected/,
    ],
    [
      'an ABC tune with a wrong bar',
      '/api/tunes/score',
      { kind: 'abc', text: demoAbc().replace('"G"d2 B |\n"Am"', '"G"d2 |\n"Am"') },
      400,
      /bar 4 of part A there are 2 beats; 3 were expected/,
    ],
    [
      'a sheet whose pass has no part',
      '/api/sheets/import',
      { file: { ...demoSheet(), routine: { ...demoSheet().routine, parts: [] } } },
      400,
      /there is no part "A"/,
    ],
  ]
  it.each(refusals)(
    '%s is refused in one sentence',
    async (_name, path, body, status, sentence) => {
      const answer = await server.ask
        .post(path)
        .send(body as object)
        .expect(status)
      expect(answer.body.detail).toMatch(sentence)
      expect(answer.body.requestId).toBeTruthy()
    },
  )

  it('half a JSON text, or something that is not JSON at all', async () => {
    const half = await server.ask
      .post('/api/sheets')
      .set('Content-Type', 'application/json')
      .send('{"title": "x')
      .expect(400)
    expect(half.body.code).toBe('input.not-json')
    await server.ask
      .post('/api/sheets')
      .set('Content-Type', 'text/plain')
      .send('title=x')
      .expect(415)
  })

  it('a request larger than its route takes', async () => {
    const answer = await server.ask
      .post('/api/sheets')
      .send({ title: 'x'.repeat(400_000), tuneId: null })
      .expect(413)
    expect(answer.body.detail).toMatch(/at most 256 KB/)
  })

  it('has changed nothing', async () => {
    expect((await server.ask.get('/api/sheets')).body.sheets).toEqual([])
    expect((await server.ask.get('/api/tunes')).body.tunes).toEqual([])
  })
})

describe('sound', () => {
  it('of 300 MB is refused by its announced size, before it is read', async () => {
    const answer = await new Promise<{ status: number; body: string }>((resolve, reject) => {
      const url = new URL('/api/media', server.address)
      const sending = httpRequest(
        url,
        {
          method: 'POST',
          headers: {
            'Content-Type': 'application/octet-stream',
            'Content-Length': 300 * 1024 * 1024,
          },
        },
        (response) => {
          let body = ''
          response.on('data', (chunk: Buffer) => (body += chunk.toString()))
          response.on('end', () => {
            sending.destroy()
            resolve({ status: response.statusCode!, body })
          })
        },
      )
      sending.on('error', reject)
      sending.write(Buffer.alloc(64 * 1024))
    })
    expect(answer.status).toBe(413)
    expect(answer.body).toMatch(/at most 120 MB was expected; this one has 300 MB/)
  })

  it('without an announced size is cut off at the limit, and leaves nothing behind', async () => {
    const status = await new Promise<number | string>((resolve) => {
      const sending = httpRequest(
        new URL('/api/media', server.address),
        {
          method: 'POST',
          headers: { 'Content-Type': 'application/octet-stream', 'Transfer-Encoding': 'chunked' },
        },
        (response) => {
          response.resume()
          resolve(response.statusCode!)
        },
      )
      sending.on('error', (error) => resolve(error.message))
      const chunk = Buffer.alloc(1024 * 1024, 1)
      let sent = 0
      const more = (): void => {
        while (sent++ < 160) if (!sending.write(chunk)) return void sending.once('drain', more)
        sending.end()
      }
      more()
    })
    expect([413, 'write EPIPE', 'read ECONNRESET', 'write ECONNRESET']).toContain(status)
    expect(readdirSync(join(server.dataFolder, 'tmp'))).toEqual([])
    expect(existsSync(join(server.dataFolder, 'media'))).toBe(false)
  })

  it('that is no sound, or empty, is refused', async () => {
    const put = (bytes: Buffer) =>
      server.ask.post('/api/media').set('Content-Type', 'application/octet-stream').send(bytes)
    expect((await put(Buffer.from('hello, this is text')).expect(400)).body.detail).toMatch(
      /no sound file/,
    )
    expect((await put(Buffer.alloc(0)).expect(400)).body.detail).toMatch(/empty/)
  })

  it('of an ABC tune is played by the band, stored once by its hash, and sent by range', async () => {
    const { tune } = (
      await server.ask.post('/api/tunes/score').send({ kind: 'abc', text: demoAbc() }).expect(200)
    ).body
    const hash = tune.recordings[0].media as string
    const whole = await server.ask
      .get(`/media/${hash}`)
      .buffer()
      .parse((res, done) => {
        const parts: Buffer[] = []
        res.on('data', (chunk: Buffer) => parts.push(chunk))
        res.on('end', () => done(null, Buffer.concat(parts)))
      })
    expect(whole.body.subarray(0, 4).toString()).toBe('RIFF')
    const part = await server.ask.get(`/media/${hash}`).set('Range', 'bytes=0-43').expect(206)
    expect(part.headers['content-range']).toBe(`bytes 0-43/${whole.body.length}`)
    await server.ask.get(`/media/${hash}`).set('Range', `bytes=${whole.body.length}-`).expect(416)
    expect((await server.ask.get(`/api/media/${hash}/peaks`)).body.peaks).toHaveLength(1600)
    const again = await server.ask
      .post('/api/media')
      .set('Content-Type', 'application/octet-stream')
      .send(whole.body)
      .expect(200)
    expect(again.body.hash).toBe(hash)
  })

  it('at a path with dots is not found', async () => {
    await server.ask.get('/media/..%2F..%2Fdellop.sqlite').expect(404)
  })

  it.each([
    ['bytes=0-9', { start: 0, end: 9 }],
    ['bytes=90-', { start: 90, end: 99 }],
    ['bytes=-10', { start: 90, end: 99 }],
    ['bytes=0-1000', { start: 0, end: 99 }],
    ['bytes=100-', 'none'],
    ['', null],
    ['bytes=-', null],
  ])('range "%s" of 100 bytes', (header, expected) =>
    expect(wantedRange(header, 100)).toEqual(expected),
  )
})

describe('settings', () => {
  it('are kept, and refused out of range', async () => {
    const change = { outputDelaySeconds: 0.2, wordsPerMinute: 160 }
    expect((await changeSettings(server, change)).status).toBe(200)
    expect((await server.ask.get('/api/settings')).body.settings).toEqual({
      ...DEFAULT_SETTINGS,
      outputDelaySeconds: 0.2,
      wordsPerMinute: 160,
    })
    expect((await changeSettings(server, { outputDelaySeconds: 9 })).status).toBe(400)
  })
})

it('registers the routes of the wire and no others', () => {
  const registered = apiRouter(server.services).stack.flatMap((layer) =>
    layer.methods
      .filter((method) => method !== 'HEAD')
      .map((method) => `${method} ${String(layer.path)}`),
  )
  expect(registered.sort()).toEqual(
    Object.values(ROUTES)
      .map((route) => `${route.method} ${route.path}`)
      .sort(),
  )
})
