import { createHash } from 'node:crypto'
import { mkdtempSync, readFileSync, readdirSync, rmSync, writeFileSync } from 'node:fs'
import { createServer } from 'node:http'
import type { AddressInfo } from 'node:net'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { strToU8, zipSync } from 'fflate'
import { backup, restore } from './backup.ts'
import type { Outcome } from './outcome.ts'

let folder: string
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'dellop-backup-'))
  process.env['DELLOP_CWD'] = folder
})
afterEach(() => {
  delete process.env['DELLOP_CWD']
  rmSync(folder, { recursive: true, force: true })
})

const SOUND = `media/ab/${'ab'.repeat(32)}.wav`
const FILES: Readonly<Record<string, Uint8Array>> = {
  'dellop.sqlite': strToU8('a database'),
  [SOUND]: strToU8('a sound'),
}
function zip(files = FILES, listed = FILES): Uint8Array {
  const list = Object.entries(listed).map(([path, content]) => ({
    path,
    bytes: content.length,
    sha256: createHash('sha256').update(content).digest('hex'),
  }))
  const manifest = { format: 'dellop-backup', version: 1, madeAtMs: 0, files: list }
  return zipSync({ ...files, 'manifest.json': strToU8(JSON.stringify(manifest)) })
}
const sentence = (outcome: Outcome): string => ('sentence' in outcome ? outcome.sentence : '')

describe('dellop backup and restore', () => {
  it('takes everything from a Dellop that runs, and puts it into an empty folder', async () => {
    const server = createServer((_, answer) => answer.end(Buffer.from(zip())))
    await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve))
    const from = `http://127.0.0.1:${(server.address() as AddressInfo).port}`
    expect((await backup(['all.zip', '--from', from])).exit).toBe(0)
    server.close()
    expect(restore(['all.zip', '--into', 'data']).exit).toBe(0)
    for (const [path, content] of Object.entries(FILES))
      expect(readFileSync(join(folder, 'data', path))).toEqual(Buffer.from(content))
    // A folder that has something is left alone.
    expect(sentence(restore(['all.zip', '--into', 'data']))).toMatch(/is not empty/)
  })

  it.each<[string, Uint8Array, RegExp]>([
    ['no zip at all', strToU8('nothing'), /is no backup of Dellop/],
    ['without its list', zipSync({ 'dellop.sqlite': strToU8('x') }), /is no backup of Dellop/],
    ['with a file changed', zip({ ...FILES, [SOUND]: strToU8('noise') }), /is damaged: media/],
    ['with a path that leads out', zip(FILES, { '../evil': strToU8('x') }), /no backup of Dellop/],
  ])('%s is refused and leaves nothing', (_, bytes, told) => {
    writeFileSync(join(folder, 'wrong.zip'), bytes)
    expect(sentence(restore(['wrong.zip', '--into', 'data']))).toMatch(told)
    expect(readdirSync(folder)).toEqual(['wrong.zip'])
  })

  it('says what was expected', async () => {
    expect(sentence(await backup([]))).toMatch(/The file to write the backup to/)
    expect(sentence(await backup(['a.zip', '--from', 'http://127.0.0.1:1']))).toMatch(/No Dellop/)
    expect(sentence(restore(['a.zip']))).toMatch(/--into FOLDER/)
    expect(sentence(restore(['none.zip', '--into', 'data']))).toMatch(/There is no file/)
  })
})
