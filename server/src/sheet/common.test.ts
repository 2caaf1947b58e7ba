import { applyEdits, expectOk, type Edit } from '@dellop/core/document'
import { emptyEvening } from '@dellop/core/evening'
import type { SheetFile } from '@dellop/core/file'
import { emptyEntry } from '@dellop/core/logbook'
import { routineShape, type Routine } from '@dellop/core/routine'
import { demoSheet, testServer, type TestServer } from '../testing/server.ts'

const file = demoSheet()
const { id } = file.routine
let [mine, colleague]: (TestServer | undefined)[] = []
beforeEach(async () => {
  mine = await testServer()
  await mine!.ask.post('/api/sheets/import').send({ file }).expect(200)
})
afterEach(async () => {
  await mine!.remove()
  await colleague?.remove()
  colleague = undefined
})

const sheetOf = async ({ ask }: TestServer) =>
  (await ask.get(`/api/sheets/${id}`)).body as { routine: Routine; revision: number }
const fileOf = async ({ ask }: TestServer) =>
  JSON.parse((await ask.get(`/api/sheets/${id}/file`)).text) as SheetFile
const commonOf = async ({ ask }: TestServer, { history = [] }: SheetFile) =>
  (
    await ask
      .post(`/api/sheets/${id}/common`)
      .send({ marks: [...history] })
      .expect(200)
  ).body.common as { routine: Routine; revision: number } | null
let batch = 0
/** Sets a field of the heading, as a page would. */
async function set(
  server: TestServer,
  field: 'title' | 'bpm' | 'archived',
  to: unknown,
): Promise<void> {
  const { routine, revision } = await sheetOf(server)
  const edits: Edit[] = [{ type: 'set', id: '', field, from: routine[field] ?? null, to }]
  expectOk(applyEdits(routineShape, routine, edits))
  await server.ask
    .post(`/api/sheets/${id}/edits`)
    .send({ clientId: 'somebody', batchId: `b${batch++}`, base: revision, edits })
    .expect(200)
}

describe('what a sheet has in common with a copy that was changed elsewhere', () => {
  it('is how it stood when it was handed on, whatever both did since', async () => {
    await set(mine!, 'bpm', 90)
    await set(mine!, 'bpm', 91)
    const handedOn = await fileOf(mine!)
    colleague = await testServer()
    await colleague.ask.post('/api/sheets/import').send({ file: handedOn }).expect(200)
    for (const bpm of [92, 93, 94]) await set(mine!, 'bpm', bpm)
    for (const title of ['Lanterns, slower', 'Lanterns, slowest'])
      await set(colleague!, 'title', title)
    for (const [server, other] of [
      [mine!, colleague!],
      [colleague!, mine!],
    ] as const)
      expect((await commonOf(server, await fileOf(other)))!.routine).toEqual(handedOn.routine)
    expect((await commonOf(mine!, await fileOf(colleague!)))!.revision).toBe(2)
  })
  it('is as it is where nobody changed anything, and nothing where it is another sheet', async () => {
    const handedOn = await fileOf(mine!)
    expect(await commonOf(mine!, handedOn)).toMatchObject(await sheetOf(mine!))
    expect(await commonOf(mine!, { ...handedOn, history: ['0'.repeat(24)] })).toBeNull()
    expect(await commonOf(mine!, { ...handedOn, history: [] })).toBeNull()
  })
  it('is not changed by where it stands on the shelf', async () => {
    const before = (await fileOf(mine!)).history
    await set(mine!, 'archived', true)
    expect((await fileOf(mine!)).history).toEqual(before)
  })
})

describe('what a file has beside its sheet', () => {
  it('comes in without the sheet', async () => {
    colleague = await testServer()
    const { body } = await colleague.ask.post('/api/sheets/needs').send({ file }).expect(200)
    expect(Object.keys(body).sort()).toEqual(['keptFigures', 'newFigures', 'tune'])
    expect((await colleague!.ask.get('/api/sheets')).body.sheets).toEqual([])
  })
})

describe('a sheet that is deleted', () => {
  it('has been in the archive, and may come again as if it had never been here', async () => {
    await set(mine!, 'bpm', 90)
    const handedOn = await fileOf(mine!)
    const refused = await mine!.ask.delete(`/api/sheets/${id}`).expect(409)
    expect(refused.body.detail).toMatch(/put it there first/)
    await set(mine!, 'archived', true)
    await mine!.ask.delete(`/api/sheets/${id}`).expect(200)
    await mine!.ask.get(`/api/sheets/${id}`).expect(404)
    await mine!.ask.delete(`/api/sheets/${id}`).expect(404)
    await mine!.ask.post('/api/sheets/import').send({ file: handedOn }).expect(200)
    expect(await sheetOf(mine!)).toEqual({ routine: handedOn.routine, revision: 0 })
    await set(mine!, 'bpm', 91)
    expect((await mine!.ask.get(`/api/sheets/${id}/revisions`)).body.revisions).toHaveLength(1)
  })
  it('was said before to be called for, and what was danced stays', async () => {
    const uses = async () => (await mine!.ask.get(`/api/sheets/${id}/uses`).expect(200)).body
    expect(await uses()).toEqual({ evenings: 0, entries: 0, calls: 0, practice: 0, branches: 0 })
    const evening = {
      ...emptyEvening('e1', 'Tonight', '2026-12-02', 'UTC'),
      items: [{ id: 'i1', kind: 'dance', title: '', sheetId: id }],
    }
    await mine!.ask.post('/api/evenings').send({ evening }).expect(200)
    const entry = { ...emptyEntry('l1', file.routine.title, 0), sheetId: id }
    await mine!.ask.post('/api/logbook').send({ entry }).expect(200)
    await mine!.ask.post(`/api/sheets/${id}/branch`).send({ title: 'Another' }).expect(200)
    expect(await uses()).toMatchObject({ evenings: 1, entries: 1, branches: 1 })
    await set(mine!, 'archived', true)
    await mine!.ask.delete(`/api/sheets/${id}`).expect(200)
    expect((await mine!.ask.get('/api/logbook')).body.entries).toHaveLength(1)
    expect((await mine!.ask.get('/api/evenings')).body.evenings[0].items).toHaveLength(1)
  })
})
