import { AS_WRITTEN, type Figure } from '@dellop/core/figure'
import { readSheetFile } from '@dellop/core/file'
import { emptyGroup } from '@dellop/core/group'
import { expectOk } from '@dellop/core/document'
import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { testServer, type TestServer } from '../testing/server.ts'
import { shipFigures } from './service.ts'

let server: TestServer
beforeEach(async () => (server = await testServer()))
afterEach(() => server.remove())

const book = async (): Promise<Map<string, Figure>> =>
  new Map(
    ((await server.ask.get('/api/figures')).body.figures as Figure[]).map((figure) => [
      figure.id,
      figure,
    ]),
  )
const box = async (): Promise<Figure> => (await book()).get('box')!
const history = async (id: string) =>
  (await server.ask.get(`/api/figures/${id}/history`)).body.versions as {
    version: number
    how: string
    figure: Figure
  }[]
let batches = 0
/** One field of a figure changed from a version of it. */
const change = async (id: string, version: number, field: keyof Figure, to: unknown) => {
  const was = (await history(id)).find((one) => one.version === version)?.figure[field] ?? null
  const edits = [{ type: 'set', id: '', field, from: was, to }]
  const batch = { clientId: 'a-client', batchId: String(++batches), base: version, edits }
  return server.ask.post(`/api/figures/${id}/edits`).send(batch)
}
const add = (figure: Figure) => server.ask.post('/api/figures').send({ figure }).expect(200)
const part = (figureId: string) => ({ figureId, variation: AS_WRITTEN })

describe('changing a figure', () => {
  it('keeps every version, and merges with what others changed since', async () => {
    const figure = await box()
    await change('box', 1, 'remarks', 'one')
    const late = await change('box', 1, 'level', 'steady')
    expect(late.body).toMatchObject({ revision: 3, conflicts: [] })
    expect(late.body.document).toMatchObject({ remarks: 'one', level: 'steady' })
    expect(
      (await history('box')).map(({ version, how, figure: was }) => [version, how, was.remarks]),
    ).toEqual([
      [3, 'changed', 'one'],
      [2, 'changed', 'one'],
      [1, 'shipped', figure.remarks],
    ])
  })
  it('of what is not there is refused', async () => {
    const edits = [{ type: 'set', id: '', field: 'remarks', from: '', to: 'x' }]
    await server.ask
      .post('/api/figures/nowhere/edits')
      .send({ clientId: 'a-client', batchId: 'x', base: 0, edits })
      .expect(404)
    await server.ask.get('/api/figures/nowhere/history').expect(404)
  })
  it('refuses a circle and a part that is not there, and puts a composite together', async () => {
    const figure = await box()
    await add({ ...figure, id: 'twice', name: 'Box, twice', parts: [part('box'), part('box')] })
    expect((await book()).get('twice')!.lengthTicks).toBe(288)
    const circle = await change('box', 1, 'parts', [part('twice')])
    expect(circle.status).toBe(400)
    expect(circle.body.detail).toBe(
      '“Box” is part of itself: “Box” has “Box, twice” has “Box”. A figure may only be made of others.',
    )
    const lost = await server.ask
      .post('/api/figures')
      .send({ figure: { ...figure, id: 'lost', name: 'Lost', parts: [part('nowhere')] } })
      .expect(400)
    expect(lost.body.detail).toMatch(/made of a figure that the book does not hold/)
    const brought = await server.ask
      .post('/api/figures/import')
      .send({
        figures: [
          { ...figure, id: 'a', name: 'A', parts: [part('b')] },
          { ...figure, id: 'b', name: 'B', parts: [part('a')] },
        ],
        replace: [],
      })
      .expect(400)
    expect(brought.body.detail).toMatch(/“A” is part of itself.*Nothing was brought in/)
    expect((await book()).has('a')).toBe(false)
  })
  it('is left alone when the book ships again', async () => {
    expect((await change('box', 1, 'remarks', 'mine')).status).toBe(200)
    await server.ask.delete('/api/figures/hover').expect(200)
    await shipFigures(server.services)
    expect([(await box()).remarks, (await book()).has('hover')]).toEqual(['mine', false])
  })
})

describe('using figures', () => {
  const bringSheet = async () => {
    const file = expectOk(
      readSheetFile(
        readFileSync(join(__dirname, '../../../demo/sheets/lanterns-at-the-weir.json'), 'utf8'),
      ),
    )
    return (await server.ask.post('/api/sheets/import').send({ file }).expect(200)).body
      .id as string
  }
  it('tells where each is danced and what follows it, and keeps what is used', async () => {
    const id = await bringSheet()
    const { uses } = (await server.ask.get('/api/figures/use').expect(200)).body as {
      uses: {
        figureId: string
        sheets: { id: string; times: number }[]
        next: { figureId: string }[]
      }[]
    }
    const use = uses.find(({ figureId }) => figureId === 'box')!
    expect(use.sheets.map((sheet) => sheet.id)).toEqual([id])
    expect(use.next.length).toBeGreaterThan(0)
    expect((await server.ask.delete('/api/figures/box').expect(409)).body.detail).toMatch(
      /“Box” is danced in “.*”; take it out there first/,
    )
  })
  it('makes two figures one in every sheet, composite and group, and the sheet can take it back', async () => {
    const id = await bringSheet()
    const figure = await box()
    await add({
      ...figure,
      id: 'mine',
      name: 'My box',
      aliases: [{ name: 'Karree', language: 'de' }],
    })
    await add({ ...figure, id: 'twice', name: 'Box, twice', parts: [part('box'), part('box')] })
    const group = {
      format: 'dellop-group',
      version: 2,
      id: 'f',
      name: 'Mondays',
      level: 'easy',
      taught: [
        { id: 'box', times: 3 },
        { id: 'mine', times: 2 },
      ],
    }
    await server.ask.post('/api/groups').send({ group }).expect(200)
    const { body } = await server.ask
      .post('/api/figures/merge')
      .send({ keepId: 'mine', dropId: 'box' })
      .expect(200)
    expect([body.sheets, body.figure.aliases.map(({ name }: { name: string }) => name)]).toEqual([
      1,
      expect.arrayContaining(['Karree', 'Box']),
    ])
    const sheet = (await server.ask.get(`/api/sheets/${id}`)).body
    expect([
      JSON.stringify(sheet.routine).includes('"figureId":"box"'),
      JSON.stringify(sheet.routine).includes('"figureId":"mine"'),
      sheet.revision,
    ]).toEqual([false, true, 1])
    const now = await book()
    expect([now.has('box'), now.get('twice')!.parts!.map(({ figureId }) => figureId)]).toEqual([
      false,
      ['mine', 'mine'],
    ])
    expect((await server.ask.get('/api/groups')).body.groups[0].taught).toEqual([
      { id: 'mine', times: 5 },
    ])
    expect((await history('box'))[0]!.how).toBe('removed')
  })
  it('does not merge a figure with itself, with nothing, or with its own part', async () => {
    const figure = await box()
    await add({ ...figure, id: 'twice', name: 'Box, twice', parts: [part('box'), part('box')] })
    await server.ask.post('/api/figures/merge').send({ keepId: 'box', dropId: 'box' }).expect(400)
    await server.ask
      .post('/api/figures/merge')
      .send({ keepId: 'box', dropId: 'nowhere' })
      .expect(404)
    await server.ask.post('/api/figures/merge').send({ keepId: 'twice', dropId: 'box' }).expect(409)
    expect((await server.ask.delete('/api/figures/box').expect(409)).body.detail).toBe(
      '“Box, twice” is made of “Box”; change that first.',
    )
    expect((await book()).has('box')).toBe(true)
  })
})

describe('groups', () => {
  it('are added once, and refused where they are none', async () => {
    const group = emptyGroup('f', 'Mondays', 'easy')
    await server.ask.post('/api/groups').send({ group }).expect(200)
    await server.ask.post('/api/groups').send({ group }).expect(409)
    const wrong = await server.ask
      .post('/api/groups')
      .send({ group: { ...group, id: 'g', level: 'mighty' } })
      .expect(400)
    expect(wrong.body.field).toBe('group.level')
    expect((await server.ask.get('/api/groups')).body.groups).toEqual([group])
    await server.ask.delete('/api/groups/f').expect(200)
    await server.ask.delete('/api/groups/f').expect(404)
  })
})
