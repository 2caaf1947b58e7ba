import { mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { strToU8, unzipSync, zipSync } from 'fflate'
import { demoAbc, demoSheet, testServer, type TestServer } from '../testing/server.ts'

let server: TestServer
beforeEach(async () => {
  server = await testServer()
  const text = demoAbc().replace('P:IAABALAABAT', 'P:IAT')
  await server.ask.post('/api/tunes/score').send({ kind: 'abc', text }).expect(200)
  await server.ask.post('/api/sheets/import').send({ file: demoSheet() }).expect(200)
})
afterEach(() => server.remove())

const packed = async (): Promise<Buffer> => {
  const answer = await server.ask
    .get('/api/backup')
    .buffer(true)
    .parse((response, done) => {
      const pieces: Buffer[] = []
      response.on('data', (piece: Buffer) => pieces.push(piece))
      response.on('end', () => done(null, Buffer.concat(pieces)))
    })
    .expect(200)
  return answer.body as Buffer
}
const restore = (to: TestServer, zip: Uint8Array) =>
  to.ask.post('/api/restore').set('Content-Type', 'application/octet-stream').send(Buffer.from(zip))
/** All that a library gives away. */
async function exported({ ask }: TestServer): Promise<string> {
  const { sheets } = (await ask.get('/api/sheets')).body as { sheets: { id: string }[] }
  const files = await Promise.all(
    sheets.map(async ({ id }) => (await ask.get(`/api/sheets/${id}/file`)).text),
  )
  const { tunes } = (await ask.get('/api/tunes')).body as {
    tunes: { recordings: { media: string }[] }[]
  }
  const sounds = await Promise.all(
    tunes.flatMap(({ recordings }) =>
      recordings.map(async ({ media }) => (await ask.get(`/media/${media}`)).body.length as number),
    ),
  )
  return JSON.stringify([files.sort(), tunes, sounds])
}

describe('a backup', () => {
  it('restored on another machine gives the same library, and keeps what was there aside', async () => {
    const zip = await packed()
    const folder = mkdtempSync(join(tmpdir(), 'dellop-other-'))
    let other = await testServer(folder)
    await other.ask.post('/api/sheets').send({ title: 'Before', tuneId: null }).expect(200)
    const { files } = (await restore(other, zip).expect(200)).body
    expect(files).toBeGreaterThan(1)
    // Until the next start all is as it was.
    expect((await other.ask.get('/api/sheets')).body.sheets).toHaveLength(1)
    await other.stop()
    other = await testServer(folder)
    expect(await exported(other)).toBe(await exported(server))
    // What it was packed in is gone.
    expect(readdirSync(join(server.dataFolder, 'tmp'))).toEqual([])
    await other.stop()
    const aside = readdirSync(folder).find((name) => name.startsWith('before-restore-'))!
    expect(readdirSync(join(folder, aside))).toContain('dellop.sqlite')
    rmSync(folder, { recursive: true, force: true })
  })

  it('that is damaged, or holds what belongs in none, is refused and leaves nothing', async () => {
    const files = unzipSync(new Uint8Array(await packed()))
    const manifest = files['manifest.json']!
    const sound = Object.keys(files).find((name) => name.startsWith('media/'))!
    const broken = files[sound]!.slice()
    broken[100]! ^= 1
    for (const [wrong, told] of [
      [{ ...files, [sound]: broken }, /is damaged: media/],
      [{ ...files, '../../evil': strToU8('x') }, /belongs in none/],
      [{ 'manifest.json': manifest }, /is damaged/],
      [{ 'dellop.sqlite': files['dellop.sqlite']! }, /no backup of Dellop/],
    ] as const) {
      const answer = await restore(server, zipSync(wrong, { level: 0 })).expect(400)
      expect(answer.body.detail).toMatch(told)
    }
    const answer = await restore(server, strToU8('no zip at all')).expect(400)
    expect(answer.body.detail).toMatch(/no backup of Dellop/)
    expect(readdirSync(server.dataFolder)).not.toContain('restore-next')
    expect(readdirSync(join(server.dataFolder, 'tmp'))).toEqual([])
  })

  it('is made by itself once a day of use, and listed with size and date', async () => {
    await server.stop()
    for (let n = 0; n < 2; n++) {
      server = await testServer(server.dataFolder)
      const { backups } = (await server.ask.get('/api/backups')).body
      expect(backups).toHaveLength(1)
      expect(backups[0].bytes).toBeGreaterThan(10_000)
      if (n === 0) await server.stop()
    }
    const name = readdirSync(join(server.dataFolder, 'backups'))[0]!
    expect(
      readFileSync(join(server.dataFolder, 'backups', name))
        .subarray(0, 6)
        .toString(),
    ).toBe('SQLite')
  })

  it('that was being put in its place when all stopped is gone on with', async () => {
    const zip = await packed()
    await restore(server, zip).expect(200)
    await server.stop()
    // Half of it: the sounds are in their place already.
    const staged = join(server.dataFolder, 'restore-next')
    rmSync(join(server.dataFolder, 'media'), { recursive: true })
    const { renameSync } = await import('node:fs')
    renameSync(join(staged, 'media'), join(server.dataFolder, 'media'))
    server = await testServer(server.dataFolder)
    expect((await server.ask.get('/api/sheets')).body.sheets).toHaveLength(1)
    const { tunes } = (await server.ask.get('/api/tunes')).body
    await server.ask.get(`/media/${tunes[0].recordings[0].media}`).expect(200)
  })
})
