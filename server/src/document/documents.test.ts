import type { Edit } from '@dellop/core/document'
import { SHIPPED_SCHOOLS } from '@dellop/core/school'
import { emptyGroup } from '@dellop/core/group'
import { demoAbc, demoSheet, testServer, type TestServer } from '../testing/server.ts'
import { SheetEntity } from '../sheet/sheetEntity.ts'
import { SettingEntity } from '../settings/settingEntity.ts'
import { DocumentBatchEntity } from './batchEntity.ts'

let server: TestServer
beforeAll(async () => (server = await testServer()))
afterAll(() => server.remove())

const set = (field: string, from: unknown, to: unknown): Edit => ({
  type: 'set',
  id: '',
  field,
  from,
  to,
})

/** One document of every kind that is edited, with a field of it and three values. */
const KINDS = [
  {
    kind: 'sheet',
    make: async () => {
      const file = demoSheet()
      await server.ask.post('/api/sheets/import').send({ file }).expect(200)
      return { path: `/api/sheets/${file.routine.id}`, was: file.routine.title }
    },
    field: 'title',
    read: (body: { routine: { title: string } }) => body.routine.title,
    values: ['One', 'Two', 'Three'],
  },
  {
    kind: 'tune',
    make: async () => {
      const { body } = await server.ask
        .post('/api/tunes/score')
        .send({ kind: 'abc', text: demoAbc() })
        .expect(200)
      return { path: `/api/tunes/${body.tune.id}`, was: body.tune.title as string }
    },
    field: 'title',
    read: (body: { tune: { title: string } }) => body.tune.title,
    values: ['One', 'Two', 'Three'],
  },
  {
    kind: 'figure',
    make: async () => {
      const { body } = await server.ask.get('/api/figures/hover').expect(200)
      return { path: '/api/figures/hover', was: body.figure.remarks as string }
    },
    field: 'remarks',
    read: (body: { figure: { remarks: string } }) => body.figure.remarks,
    values: ['one', 'two', 'three'],
  },
  {
    kind: 'school',
    make: async () => {
      const school = { ...SHIPPED_SCHOOLS[0]!, id: 'ours', name: 'Ours' }
      await server.ask.post('/api/schools').send({ school }).expect(200)
      return { path: '/api/schools/ours', was: 'Ours' }
    },
    field: 'name',
    read: (body: { school: { name: string } }) => body.school.name,
    values: ['One', 'Two', 'Three'],
  },
  {
    kind: 'group',
    make: async () => {
      await server.ask
        .post('/api/groups')
        .send({ group: emptyGroup('mondays', 'Mondays') })
        .expect(200)
      return { path: '/api/groups/mondays', was: 'Mondays' }
    },
    field: 'name',
    read: (body: { group: { name: string } }) => body.group.name,
    values: ['One', 'Two', 'Three'],
  },
  {
    kind: 'settings',
    make: async () => ({ path: '/api/settings', was: 175 }),
    field: 'wordsPerMinute',
    read: (body: { settings: { wordsPerMinute: number } }) => body.settings.wordsPerMinute,
    values: [150, 160, 170],
  },
] as const

describe.each(KINDS)('a $kind', ({ make, field, read, values: [one, two, three] }) => {
  let path: string
  let was: unknown
  let base: number
  beforeAll(async () => {
    const made = await make()
    path = made.path
    was = made.was
    const { body } = await server.ask.get(path).expect(200)
    base = (body.revision ?? body.version) as number
  })
  const send = (clientId: string, batchId: string, from: number, edits: readonly Edit[]) =>
    server.ask
      .post(`${path}/edits`)
      .send({ clientId: clientId.padEnd(8, '-'), batchId, base: from, edits })
  const now = async () => read((await server.ask.get(path)).body as never)

  it('is edited, and two edits of one field from one revision are a conflict, told and kept', async () => {
    const first = await send('anna', '1', base, [set(field, was, one)]).expect(200)
    expect(first.body).toMatchObject({ revision: base + 1, conflicts: [] })
    const second = await send('bert', '1', base, [set(field, was, two)]).expect(200)
    expect(second.body.conflicts).toEqual([{ type: 'field', id: '', field, kept: one, mine: two }])
    expect(await now()).toBe(one)
  })

  it('gives a batch that is sent again its first answer, whatever came since', async () => {
    const { body } = await send('anna', '2', base + 2, [set(field, one, three)]).expect(200)
    const again = await send('bert', '1', base, [set(field, was, two)]).expect(200)
    expect(again.body).toMatchObject({
      revision: base + 2,
      conflicts: [{ kept: one, mine: two }],
      document: { [field]: one },
    })
    const first = await send('anna', '1', base, [set(field, was, one)]).expect(200)
    expect(first.body).toMatchObject({ revision: base + 1, document: { [field]: one } })
    expect(body.document[field]).toBe(three)
    expect(await now()).toBe(three)
  })

  it('refuses other edits under the name of a batch, and changes nothing', async () => {
    const refused = await send('anna', '2', base + 2, [set(field, one, two)]).expect(409)
    expect(refused.body).toMatchObject({ code: 'edit.refused' })
    expect(refused.body.detail).toMatch(/name of others.*Nothing was changed/)
    expect(await now()).toBe(three)
  })

  it('refuses edits from a revision that it never had, and what is no such document', async () => {
    await send('anna', '3', base + 50, [set(field, three, one)]).expect(409)
    await send('anna', '4', base + 3, [set(field, three, { no: 'such value' })]).expect(400)
    expect(await now()).toBe(three)
  })
})

describe('a request that is sent twice because its answer was lost', () => {
  const once = (path: string, key: string, body: object) =>
    server.ask.post(path).set('X-Once', key).send(body)

  it('makes one sheet, and gives its first answer again', async () => {
    const before = (await server.ask.get('/api/sheets')).body.sheets.length
    const ask = () =>
      once('/api/sheets', 'page-aaaa-1', { title: 'Once', tuneId: null }).expect(200)
    const [first, again] = [await ask(), await ask()]
    expect(again.body).toEqual(first.body)
    expect((await server.ask.get('/api/sheets')).body.sheets).toHaveLength(before + 1)
  })

  it('is refused where it asks for something else, or has no name that can be kept', async () => {
    await once('/api/sheets', 'page-aaaa-1', { title: 'Twice', tuneId: null }).expect(409)
    await once('/api/sheets', 'x', { title: 'Twice', tuneId: null }).expect(400)
  })

  it('removes once and says so twice', async () => {
    await server.ask
      .post('/api/groups')
      .send({ group: emptyGroup('leaving', 'Leaving') })
      .expect(200)
    const remove = () => server.ask.delete('/api/groups/leaving').set('X-Once', 'page-aaaa-2')
    await remove().expect(200, { id: 'leaving' })
    await remove().expect(200, { id: 'leaving' })
    await server.ask.delete('/api/groups/leaving').expect(404)
  })
})

describe('a record that cannot be read', () => {
  it('is set aside by name and can be taken out; all else works as if it were not there', async () => {
    const bad = '{"format": "dellop-routine", "version": 2, "title": 7'
    await server.services.database.write((manager) =>
      manager.insert(SheetEntity, {
        id: 'broken',
        title: 'Broken in two',
        document: bad,
        revision: 0,
        createdAtMs: 0,
        updatedAtMs: 0,
      }),
    )
    const list = (await server.ask.get('/api/sheets').expect(200)).body.sheets as { id: string }[]
    expect(list.some(({ id }) => id === 'broken')).toBe(false)
    expect(list.length).toBeGreaterThan(0)
    await server.ask.get('/api/figures/use').expect(200)
    const { records } = (await server.ask.get('/api/set-aside').expect(200)).body
    expect(records).toEqual([
      {
        kind: 'sheet',
        id: 'broken',
        name: 'Broken in two',
        problem: 'What is kept of it is no readable JSON.',
      },
    ])
    const out = await server.ask.get('/api/set-aside/sheet/broken').expect(200)
    expect(out.text).toBe(bad)
    expect(out.headers['content-disposition']).toContain('sheet-broken.json')
    expect((await server.ask.get('/api/sheets/broken').expect(404)).body.detail).toMatch(
      /set aside/,
    )
    await server.ask.get('/api/set-aside/sheet/nothing').expect(404)
  })

  it('of the settings leaves the usual ones', async () => {
    await server.services.database.write((manager) =>
      manager.upsert(SettingEntity, { id: 'machine', value: '{"format":"x"}', revision: 9 }, [
        'id',
      ]),
    )
    const { body } = await server.ask.get('/api/settings').expect(200)
    expect(body).toMatchObject({ revision: 9, settings: { wordsPerMinute: 175 } })
  })
})

it('batches of all kinds are kept with what they were named by', async () => {
  const kinds = await server.services.database.source.manager.find(DocumentBatchEntity)
  expect(new Set(kinds.map(({ kind }) => kind)).size).toBe(KINDS.length)
  for (const { digest } of kinds) expect(digest).toMatch(/^[0-9a-f]{64}$/)
})
