import { ROUND_SCHOOL, SHIPPED_SCHOOLS, type School } from '@dellop/core/school'
import { emptyGroup } from '@dellop/core/group'
import type { Settings } from '@dellop/wire'
import { changeSettings, demoSheet, testServer, type TestServer } from '../testing/server.ts'

let server: TestServer
beforeEach(async () => {
  server = await testServer()
})
afterEach(() => server.remove())

const mine: School = {
  ...ROUND_SCHOOL,
  id: 'my-way',
  name: 'My way',
  breathSeconds: 0.5,
  prompts: ['again'],
}
const put = (school: School) => server.ask.post('/api/schools').send({ school })
const names = async (): Promise<string[]> =>
  (await server.ask.get('/api/schools')).body.schools.map(({ name }: School) => name)

describe('schools', () => {
  it('are those that ship, and one’s own behind them, kept over a restart', async () => {
    await put(mine).expect(200)
    expect(await names()).toEqual([...SHIPPED_SCHOOLS.map(({ name }) => name), 'My way'])
    const edits = [{ type: 'set', id: '', field: 'name', from: 'My way', to: 'Our way' }]
    await server.ask
      .post('/api/schools/my-way/edits')
      .send({ clientId: 'a-client', batchId: '1', base: 0, edits })
      .expect(200)
    await server.stop()
    server = await testServer(server.dataFolder)
    expect((await names()).at(-1)).toBe('Our way')
  })

  it('that ship are never changed, and what is no school is refused with its field', async () => {
    expect((await put({ ...ROUND_SCHOOL, name: 'Square' }).expect(400)).body.detail).toMatch(
      /ships with Dellop/,
    )
    const wrong = await put({ ...mine, lead: { ...mine.lead, targetBeats: 99 } }).expect(400)
    expect(wrong.body.detail).toMatch(/lead\.targetBeats/)
    expect(await names()).toEqual(SHIPPED_SCHOOLS.map(({ name }) => name))
  })

  it('go with a sheet: into its call pack and its file, and in again elsewhere', async () => {
    const file = demoSheet()
    await server.ask
      .post('/api/sheets/import')
      .send({ file: { ...file, routine: { ...file.routine, schoolId: 'my-way' }, school: mine } })
      .expect(200)
    expect((await names()).at(-1)).toBe('My way')
    expect((await server.ask.get(`/api/sheets/${file.routine.id}/call-pack`)).body.school).toEqual(
      mine,
    )
    expect(
      JSON.parse((await server.ask.get(`/api/sheets/${file.routine.id}/file`)).text).school,
    ).toEqual(mine)
    expect((await server.ask.delete('/api/schools/my-way').expect(400)).body.detail).toMatch(
      /is called by this school/,
    )
  })

  it('are a group’s own: while it is chosen all is called by them, and the files of sheets keep theirs', async () => {
    await put(mine).expect(200)
    const file = demoSheet()
    await server.ask.post('/api/sheets/import').send({ file }).expect(200)
    const pack = async () => (await server.ask.get(`/api/sheets/${file.routine.id}/call-pack`)).body
    const group = { ...emptyGroup('wednesdays', 'Wednesdays'), schoolId: 'my-way' }
    await server.ask.post('/api/groups').send({ group }).expect(200)
    expect((await pack()).school.id).toBe(file.routine.schoolId)
    await changeSettings(server, { groupId: 'wednesdays' })
    expect(await pack()).toMatchObject({ school: { id: 'my-way' }, group: { id: 'wednesdays' } })
    expect(
      JSON.parse((await server.ask.get(`/api/sheets/${file.routine.id}/file`)).text).school.id,
    ).toBe(file.routine.schoolId)
    expect((await server.ask.delete('/api/schools/my-way').expect(400)).body.detail).toMatch(
      /“Wednesdays” is called by this school/,
    )
  })

  it('are one evening’s own, before the group’s, until it is over', async () => {
    await put(mine).expect(200)
    const file = demoSheet()
    await server.ask.post('/api/sheets/import').send({ file }).expect(200)
    const calledBy = async (tonight: Settings['tonight']) => {
      expect((await changeSettings(server, { tonight })).status).toBe(200)
      return (await server.ask.get(`/api/sheets/${file.routine.id}/call-pack`)).body.school
        .id as string
    }
    expect(await calledBy({ schoolId: 'my-way', untilMs: Date.now() + 60_000 })).toBe('my-way')
    expect(await calledBy({ schoolId: 'my-way', untilMs: 1 })).toBe(file.routine.schoolId)
    expect(await calledBy({ schoolId: 'no-such', untilMs: Date.now() + 60_000 })).toBe(
      file.routine.schoolId,
    )
  })

  it('are forgotten when no sheet is called by them', async () => {
    await put(mine).expect(200)
    await server.ask.delete('/api/schools/my-way').expect(200)
    await server.ask.delete('/api/schools/my-way').expect(404)
  })
})
