import { callLogSchema, type CallLog } from '@dellop/core/call'
import { emptyEvening, type Evening } from '@dellop/core/evening'
import { emptyGroup, type Group } from '@dellop/core/group'
import { correct, emptyEntry, entryShape, type LogEntry } from '@dellop/core/logbook'
import { diff } from '@dellop/core/document'
import { emptySeries } from '@dellop/core/lesson'
import { readFileSync } from 'node:fs'
import { sheetFileOfText } from '@dellop/core/file'
import { SHIPPED_FIGURES } from '@dellop/core/figure'
import type { Related } from '@dellop/core/routine'
import { testServer, type TestServer } from '../testing/server.ts'

let server: TestServer
beforeEach(async () => (server = await testServer()))
afterEach(() => server.remove())

const STARTED = Date.parse('2026-12-02T19:05:00Z')
const log = (over: Partial<CallLog> = {}): CallLog =>
  callLogSchema.parse({
    format: 'dellop-call',
    version: 2,
    id: 'call-1',
    sheetId: null,
    revision: null,
    title: 'Pegs on a Line',
    startedAtMs: STARTED,
    clockZeroMs: STARTED,
    endedAtMs: STARTED + 120_000,
    groupId: 'wednesdays',
    where: '',
    caller: '',
    music: 'recording',
    from: 0,
    speed: 1,
    bpm: 90,
    events: [
      { type: 'start', at: 0, countInSeconds: 0 },
      { type: 'end', at: 110 },
    ],
    ...over,
  })
const put = (call: CallLog) => server.ask.put(`/api/calls/${call.id}`).send({ call }).expect(200)
const entries = async (): Promise<LogEntry[]> =>
  (await server.ask.get('/api/logbook').expect(200)).body.entries as LogEntry[]
const group = async (): Promise<Group> =>
  (await server.ask.get('/api/groups/wednesdays').expect(200)).body.group as Group

async function bringSheet(
  id: string,
  title: string,
  related: readonly Related[] = [],
): Promise<void> {
  const text = readFileSync(`${server.services.demoFolder}/sheets/pegs-on-a-line.txt`, 'utf8')
  const file = sheetFileOfText(text, {
    id,
    title,
    figures: SHIPPED_FIGURES,
  })
  if (!file.ok) throw new Error(file.problem.message)
  const told = related.length > 0 ? { related } : {}
  const routine = { ...file.value.routine, id, title, ...told }
  const brought = { ...file.value, routine }
  await server.ask.post('/api/sheets/import').send({ file: brought }).expect(200)
}

/** The sheet, the group, and an evening that has the sheet in its programme. */
async function begin(): Promise<void> {
  await bringSheet('pegs-on-a-line', 'Pegs on a Line')
  await server.ask
    .post('/api/groups')
    .send({ group: emptyGroup('wednesdays', 'Wednesdays') })
    .expect(200)
  const evening: Evening = {
    ...emptyEvening('e1', 'Social', '2026-12-02', 'Europe/Berlin'),
    hall: 'Tar loft',
    present: 17,
    items: [{ id: 'i1', kind: 'dance', title: '', sheetId: 'pegs-on-a-line', walkMinutes: 8 }],
  }
  await server.ask.post('/api/evenings').send({ evening }).expect(200)
}

describe('the logbook', () => {
  it('has every call that ended, once, with what the programme knew of it', async () => {
    await begin()
    const call = log({ sheetId: 'pegs-on-a-line', revision: 0 })
    await put({ ...call, endedAtMs: null, events: call.events.slice(0, 1) })
    expect(await entries()).toEqual([])
    for (let n = 0; n < 3; n++) await put(call)
    const [one, ...more] = await entries()
    expect(more).toEqual([])
    expect(one).toMatchObject({
      callId: 'call-1',
      groupName: 'Wednesdays',
      hall: 'Tar loft',
      present: 17,
      walkMinutes: 8,
      finished: true,
    })
    expect(one!.figures.length).toBeGreaterThan(2)
    const of = async (sheet: string): Promise<LogEntry[]> =>
      (await server.ask.get(`/api/logbook?sheet=${sheet}`)).body.entries as LogEntry[]
    expect(await of('pegs-on-a-line')).toEqual([one])
    expect(await of('another')).toEqual([])
  })

  it('has of a dance what was called from any of its sheets, and of a sheet its own', async () => {
    await begin()
    const same: Related = { kind: 'same', title: 'Pegs on a Line', sheetId: 'pegs-on-a-line' }
    await bringSheet('washing-day', 'Washing Day', [same])
    await bringSheet('goose-fair', 'Goose Fair')
    for (const [i, sheetId] of ['pegs-on-a-line', 'washing-day', 'goose-fair'].entries())
      await put(log({ id: `call-${i}`, sheetId, revision: 0 }))
    const called = async (query: string): Promise<(string | null)[]> =>
      ((await server.ask.get(`/api/logbook?${query}`)).body.entries as LogEntry[])
        .map(({ sheetId }) => sheetId)
        .sort()
    expect(await called('dance=pegs-on-a-line')).toEqual(['pegs-on-a-line', 'washing-day'])
    expect(await called('dance=washing-day')).toEqual(['pegs-on-a-line', 'washing-day'])
    expect(await called('dance=goose-fair')).toEqual(['goose-fair'])
    expect(await called('sheet=washing-day')).toEqual(['washing-day'])
    expect(await called('dance=nowhere')).toEqual([])
  })

  it('counts what was danced for the group, once however often the call is sent', async () => {
    await begin()
    const call = log({ sheetId: 'pegs-on-a-line', revision: 0 })
    for (let n = 0; n < 3; n++) await put(call)
    const [one] = await entries()
    const { taught } = await group()
    expect(taught).toEqual(one!.figures.map(({ id, times }) => ({ id, times })))
    await put({ ...call, id: 'call-2' })
    const twice = (await group()).taught.find(({ id }) => id === taught[0]!.id)!
    expect(twice.times).toBe(2 * taught[0]!.times)
  })

  it('keeps what was put right by hand when the call is sent again', async () => {
    await put(log())
    const [one] = (await entries()) as [LogEntry]
    const right = correct(one, 'hall', 'Net loft', 5)
    const edits = diff(entryShape, one, right)
    await server.ask
      .post(`/api/logbook/${one.id}/edits`)
      .send({ clientId: 'a-client', batchId: '1', base: 0, edits })
      .expect(200)
    await put(log({ where: 'Somewhere else' }))
    expect((await entries())[0]).toMatchObject({ hall: 'Net loft', corrected: right.corrected })
  })

  it('forgets nothing that was danced when an evening or a group is deleted', async () => {
    await begin()
    await put(log({ sheetId: 'pegs-on-a-line', revision: 0 }))
    await server.ask.delete('/api/evenings/e1').expect(200)
    await server.ask.delete('/api/groups/wednesdays').expect(200)
    expect(await entries()).toHaveLength(1)
    await server.ask.delete('/api/calls/call-1').expect(200)
    expect(await entries()).toHaveLength(1)
  })

  it('takes entries by hand, and refuses what is none with the field', async () => {
    const entry = emptyEntry('by-hand', 'A forgotten waltz', STARTED)
    await server.ask.post('/api/logbook').send({ entry }).expect(200)
    await server.ask.post('/api/logbook').send({ entry }).expect(409)
    const wrong = { ...entry, id: 'x', present: -3 }
    const refused = await server.ask.post('/api/logbook').send({ entry: wrong }).expect(400)
    expect(refused.body.detail).toMatch(/present/)
    expect(await entries()).toHaveLength(1)
  })
})

describe('programmes and series', () => {
  it('go by the figures as they are now, though no sheet has changed', async () => {
    await begin()
    const factsOfOne = async () => (await server.ask.get('/api/dances').expect(200)).body.dances[0]
    const before = await factsOfOne()
    const [{ id, name }] = before.figures
    const edits = [{ type: 'set', id: '', field: 'name', from: name, to: 'Renamed vine' }]
    const { figures } = (await server.ask.get('/api/figures')).body
    expect(figures.some((figure: { id: string }) => figure.id === id)).toBe(true)
    await server.ask
      .post(`/api/figures/${id}/edits`)
      .send({ clientId: 'a-client', batchId: 'rename', base: 1, edits })
      .expect(200)
    const after = await factsOfOne()
    expect(after.figures[0]).toEqual({ ...before.figures[0], name: 'Renamed vine' })
    expect({ ...after, figures: null }).toEqual({ ...before, figures: null })
  })
  it('are kept, edited with others, and the facts of every dance are told', async () => {
    await begin()
    const { dances } = (await server.ask.get('/api/dances').expect(200)).body
    expect(dances).toHaveLength(1)
    expect(dances[0]).toMatchObject({ sheetId: 'pegs-on-a-line', title: 'Pegs on a Line' })
    const answer = await server.ask
      .post('/api/evenings/e1/edits')
      .send({
        clientId: 'a-client',
        batchId: '1',
        base: 0,
        edits: [{ type: 'set', id: '', field: 'hall', from: 'Tar loft', to: 'Net loft' }],
      })
      .expect(200)
    expect(answer.body).toMatchObject({ revision: 1, document: { hall: 'Net loft' } })
    const series = emptySeries('s1', 'Beginners')
    await server.ask.post('/api/series').send({ series }).expect(200)
    expect((await server.ask.get('/api/series')).body.series).toEqual([series])
    await server.ask.delete('/api/series/s1').expect(200)
    await server.ask.get('/api/series/s1').expect(404)
  })
})
