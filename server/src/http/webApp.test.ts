import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { get as httpGet } from 'node:http'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { brotliCompressSync, gzipSync } from 'node:zlib'
import request from 'supertest'
import { start, type Running } from '../start.ts'
import { scriptOf } from './webApp.ts'

let folder: string
let running: Running
let ask: ReturnType<typeof request>
beforeAll(async () => {
  folder = mkdtempSync(join(tmpdir(), 'dellop-web-'))
  for (const name of ['web/assets', 'data']) mkdirSync(join(folder, name), { recursive: true })
  writeFileSync(
    join(folder, 'web/index.html'),
    '<title>the page</title><script type="module" src="/assets/app-1a2b.js"></script>',
  )
  writeFileSync(join(folder, 'web/assets/app-1a2b.js'), 'let app')
  writeFileSync(join(folder, 'web/sw.js'), 'let worker')
  writeFileSync(join(folder, 'secret.txt'), 'not for the web')
  running = await start({
    dataFolder: join(folder, 'data'),
    webFolder: join(folder, 'web'),
    demoFolder: folder,
    port: 0,
  })
  ask = request(running.address)
})
afterAll(async () => {
  await running.stop()
  rmSync(folder, { recursive: true, force: true })
})

describe('the pages of the application', () => {
  it.each([
    '/',
    '/sheets',
    '/sheets/lanterns-at-the-weir',
    '/lectern/a.dotted.id',
    '/nowhere/at/all',
  ])('%s is its one page', async (path) => {
    const answer = await ask.get(path).expect(200)
    expect(answer.text).toContain('the page')
    expect(answer.headers['cache-control']).toBe('no-cache')
  })
  it('are built files for ever, and everything else for now', async () => {
    const built = await ask.get('/assets/app-1a2b.js').expect(200)
    expect([built.headers['content-type'], built.headers['cache-control']]).toEqual([
      expect.stringContaining('text/javascript'),
      'public, max-age=31536000, immutable',
    ])
    expect((await ask.get('/sw.js').expect(200)).headers['cache-control']).toBe('no-cache')
  })
  it('are sent squeezed as the build has them, where whoever asks can read it', async () => {
    for (const name of ['big-3c.js', 'big-3c.js.br', 'big-3c.js.gz'])
      writeFileSync(
        join(folder, 'web/assets', name),
        name.endsWith('.br')
          ? brotliCompressSync('let squeezed')
          : name.endsWith('.gz')
            ? gzipSync('let squeezed')
            : 'let squeezed',
      )
    for (const encoding of ['br', 'gzip', 'identity']) {
      const answer = await ask.get('/assets/big-3c.js').set('Accept-Encoding', encoding).expect(200)
      expect(answer.headers['content-encoding'] ?? 'identity').toBe(encoding)
      expect(answer.headers['content-type']).toContain('text/javascript')
      expect(answer.headers['vary']).toContain('Accept-Encoding')
      if (encoding !== 'br') expect(answer.text).toBe('let squeezed')
    }
  })
  it('are told to be still the same, in a word, to whoever has them', async () => {
    const first = await ask.get('/sheets').expect(200)
    const again = await ask.get('/sheets').set('If-None-Match', first.headers['etag']!).expect(304)
    expect(again.text).toBe('')
    writeFileSync(join(folder, 'web/index.html'), '<title>the page, built anew</title>')
    const built = await ask.get('/sheets').set('If-None-Match', first.headers['etag']!).expect(200)
    expect(built.text).toContain('the page, built anew')
  })
  it('long answers are squeezed, news are not held back', async () => {
    const long = await ask.get('/api/figures').set('Accept-Encoding', 'gzip').expect(200)
    expect(long.headers['content-encoding']).toBe('gzip')
    expect(long.body.figures.length).toBeGreaterThan(100)
    const news = await new Promise<string>((resolve, reject) =>
      httpGet(
        `${running.address}/api/events`,
        { headers: { 'Accept-Encoding': 'gzip' } },
        (answer) => {
          resolve(String(answer.headers['content-encoding'] ?? 'as it is'))
          answer.destroy()
        },
      ).on('error', reject),
    )
    expect(news).toBe('as it is')
  })
  it('a file of the application that is not there is missing, and not the page', async () => {
    await ask.get('/assets/gone-9z.js').expect(404)
    await ask.get('/gone.css').expect(404)
  })
  it.each([
    '/../secret.txt',
    '/assets/../../secret.txt',
    '/%2e%2e/secret.txt',
    '/..%2fsecret.txt',
    '/assets/..%5c..%5csecret.txt',
    '/%',
    '/%00',
  ])('nothing outside their folder is reached by %s', async (path) => {
    const answer = await new Promise<{ status: number; text: string }>((resolve, reject) => {
      // As it is written: a client that tidies the path would prove nothing.
      const { hostname, port } = new URL(running.address)
      const sent = httpGet({ hostname, port, path }, (reply) => {
        let text = ''
        reply.on('data', (chunk) => (text += String(chunk)))
        reply.on('end', () => resolve({ status: reply.statusCode!, text }))
      })
      sent.on('error', reject)
    })
    expect(answer.text).not.toContain('not for the web')
    expect(answer.status).toBeLessThan(500)
  })
  it('are only read: to write to one is refused, and the interface and the media are none of them', async () => {
    await ask.post('/sheets').expect(404)
    expect((await ask.get('/api/nowhere').expect(404)).text).not.toContain('the page')
    expect((await ask.get('/media/0000').expect(404)).text).not.toContain('the page')
  })
})

describe('which build of the page lies here', () => {
  it.each([
    ['<script type="module" crossorigin src="/assets/index-B_w-1.js"></script>', 'index-B_w-1.js'],
    ['<title>the page</title>', null],
    ['<script src="/assets/plain.js"></script>', null],
  ])('%s', (html, script) => expect(scriptOf(html)).toBe(script))
  it('is said with every answer', async () => {
    const answer = await ask.get('/api/figures').expect(200)
    expect(answer.headers['dellop-page']).toBe('app-1a2b.js')
  })
})
