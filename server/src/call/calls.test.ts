import { callLogSchema, newCall, replay, type CallLog } from '@dellop/core/call'
import { testServer, type TestServer } from '../testing/server.ts'

let server: TestServer
beforeEach(async () => (server = await testServer()))
afterEach(() => server.remove())

const log = (over: Partial<CallLog> = {}): CallLog =>
  callLogSchema.parse({
    format: 'dellop-call',
    version: 2,
    id: 'call-1',
    sheetId: 'a-sheet',
    revision: 3,
    title: 'Lanterns',
    startedAtMs: 1000,
    clockZeroMs: 900,
    endedAtMs: null,
    groupId: null,
    where: 'Net loft',
    caller: '',
    music: 'recording',
    from: 0,
    speed: 1,
    bpm: 90,
    events: [
      { type: 'start', at: 0, countInSeconds: 0 },
      { type: 'mark', at: 3, tick: 100 },
    ],
    ...over,
  })
const put = (call: CallLog, id = call.id) => server.ask.put(`/api/calls/${id}`).send({ call })
const list = async (query = '') =>
  (await server.ask.get(`/api/calls${query}`)).body.calls as { id: string }[]

describe('calls', () => {
  it('are kept whole, and once, however often they are sent', async () => {
    for (let n = 0; n < 3; n++) await put(log()).expect(200)
    expect(await list()).toHaveLength(1)
    const { call } = (await server.ask.get('/api/calls/call-1')).body
    expect(call).toEqual(log())
    expect(replay(callLogSchema.parse(call)).state).not.toBe(newCall(call.from).state)
  })

  it('grow: more takes the place of less, and what comes late with less does not take the place of more', async () => {
    await put(log({ events: [...log().events, { type: 'end', at: 9 }], endedAtMs: 9000 })).expect(
      200,
    )
    await put(log()).expect(200)
    expect((await server.ask.get('/api/calls/call-1')).body.call.events).toHaveLength(3)
  })

  it('are listed newest first, of one sheet where it is named, and forgotten one by one', async () => {
    await put(log()).expect(200)
    await put(log({ id: 'call-2', sheetId: null, startedAtMs: 2000 })).expect(200)
    expect((await list()).map(({ id }) => id)).toEqual(['call-2', 'call-1'])
    expect((await list('?sheet=a-sheet')).map(({ id }) => id)).toEqual(['call-1'])
    await server.ask.delete('/api/calls/call-1').expect(200)
    await server.ask.delete('/api/calls/call-1').expect(404)
    await server.ask.get('/api/calls/call-1').expect(404)
  })

  it('that are none are refused with the field', async () => {
    expect(
      (await put({ ...log(), events: [{ type: 'fly', at: 1 }] } as unknown as CallLog).expect(400))
        .body.detail,
    ).toMatch(/call\.events/)
    expect((await put(log(), 'other').expect(400)).body.detail).toMatch(/expected to be "other"/)
    expect(await list()).toEqual([])
  })
})
