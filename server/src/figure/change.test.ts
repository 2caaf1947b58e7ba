import { AS_WRITTEN, type Figure } from '@dellop/core/figure'
import { readSheetFile } from '@dellop/core/file'
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
const change = (figure: Figure, version: number) =>
  server.ask.put(`/api/figures/${figure.id}`).send({ figure, version })
const add = (figure: Figure) => server.ask.post('/api/figures').send({ figure }).expect(200)
const part = (figureId: string) => ({ figureId, variation: AS_WRITTEN })

describe('changing a figure', () => {
  it('keeps every version, and is refused from an older one, with nothing changed', async () => {
    const figure = await box()
    await change({ ...figure, remarks: 'one' }, 1).expect(200)
    const late = await change({ ...figure, remarks: 'two' }, 1).expect(409)
    expect(late.body.detail).toBe(
      '“Box” was changed elsewhere meanwhile (version 2; these changes start from 1). Look at it again before you change it.',
    )
    expect(
      (await history('box')).map(({ version, how, figure: was }) => [version, how, was.remarks]),
    ).toEqual([
      [2, 'changed', 'one'],
      [1, 'shipped', figure.remarks],
    ])
    expect((await box()).remarks).toBe('one')
  })
  it('of what is not there, or under another id, is refused', async () => {
    const figure = await box()
    await change({ ...figure, id: 'nowhere' }, 1).expect(404)
    await server.ask
      .put('/api/figures/box')
      .send({ figure: { ...figure, id: 'other' }, version: 1 })
      .expect(400)
    await server.ask.get('/api/figures/nowhere/history').expect(404)
  })
  it('refuses a circle and a part that is not there, and puts a composite together', async () => {
    const figure = await box()
    await add({ ...figure, id: 'twice', name: 'Box, twice', parts: [part('box'), part('box')] })
    expect((await book()).get('twice')!.lengthTicks).toBe(288)
    const circle = await change({ ...figure, parts: [part('twice')] }, 1).expect(400)
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
    await change({ ...(await box()), remarks: 'mine' }, 1).expect(200)
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
  it('makes two figures one in every sheet, composite and floor, and the sheet can take it back', async () => {
    const id = await bringSheet()
    const figure = await box()
    await add({
      ...figure,
      id: 'mine',
      name: 'My box',
      aliases: [{ name: 'Karree', language: 'de' }],
    })
    await add({ ...figure, id: 'twice', name: 'Box, twice', parts: [part('box'), part('box')] })
    const floor = {
      format: 'dellop-floor',
      version: 1,
      id: 'f',
      name: 'Mondays',
      level: 'easy',
      covered: [
        { figureId: 'box', times: 3 },
        { figureId: 'mine', times: 2 },
      ],
    }
    await server.ask.put('/api/floors/f').send({ floor }).expect(200)
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
    expect((await server.ask.get('/api/floors')).body.floors[0].covered).toEqual([
      { figureId: 'mine', times: 5 },
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

describe('floors', () => {
  it('are kept, changed and forgotten', async () => {
    const floor = {
      format: 'dellop-floor',
      version: 1,
      id: 'f',
      name: 'Mondays',
      level: 'easy',
      covered: [],
    }
    await server.ask.put('/api/floors/f').send({ floor }).expect(200)
    await server.ask
      .put('/api/floors/f')
      .send({ floor: { ...floor, level: 'steady' } })
      .expect(200)
    await server.ask.put('/api/floors/g').send({ floor }).expect(400)
    expect(
      (
        await server.ask
          .put('/api/floors/f')
          .send({ floor: { ...floor, level: 'mighty' } })
          .expect(400)
      ).body.field,
    ).toBe('floor.level')
    expect((await server.ask.get('/api/floors')).body.floors).toEqual([
      { ...floor, level: 'steady' },
    ])
    await server.ask.delete('/api/floors/f').expect(200)
    await server.ask.delete('/api/floors/f').expect(404)
  })
})
