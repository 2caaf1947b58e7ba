import { applyEdits, type Edit } from '@dellop/core/document'
import { routineShape, setWording, type Routine } from '@dellop/core/routine'
import type { Tune } from '@dellop/core/tune'
import { demoAbc, demoSheet, testServer, type TestServer } from '../testing/server.ts'

let server: TestServer
const file = demoSheet()
const { id } = file.routine
beforeEach(async () => {
  server = await testServer()
  await server.ask.post('/api/sheets/import').send({ file }).expect(200)
})
afterEach(() => server.remove())

const retitle = (from: string, to: string): Edit => ({
  type: 'set',
  id: '',
  field: 'title',
  from,
  to,
})
const wordingOf = (routine: Routine, slotId: string, text: string): Edit[] =>
  setWording(
    routine.parts.flatMap((part) => part.slots).find((slot) => slot.id === slotId)!,
    'full',
    text,
  )!
const send = (clientId: string, batchId: string, base: number, edits: readonly Edit[]) =>
  server.ask
    .post(`/api/sheets/${id}/edits`)
    .send({ clientId: clientId.padEnd(8, '-'), batchId, base, edits })
const now = async () =>
  (await server.ask.get(`/api/sheets/${id}`)).body as { routine: Routine; revision: number }

describe('a sheet', () => {
  it('comes back as it was brought in, and goes out as a file that can be brought in again', async () => {
    expect((await now()).routine).toEqual(file.routine)
    const out = await server.ask.get(`/api/sheets/${id}/file`).expect(200)
    const again = await server.ask
      .post('/api/sheets/import')
      .send({ file: JSON.parse(out.text) })
      .expect(200)
    expect(again.body.newFigures).toEqual([])
    expect((await server.ask.get(`/api/sheets/${again.body.id}`)).body.routine.parts).toEqual(
      file.routine.parts,
    )
  })

  it('takes its tune along with beats and phrases, and its sound where that is here', async () => {
    const score = demoAbc().replace('P:IAABALAABAT', 'P:IAT')
    const made = await server.ask.post('/api/tunes/score').send({ kind: 'abc', text: score })
    const { tune } = made.body as { tune: Tune }
    const revision = (await now()).revision
    await send('anna', '1', revision, [
      { type: 'set', id: '', field: 'tuneId', from: file.routine.tuneId, to: tune.id },
    ]).expect(200)
    const out = await server.ask.get(`/api/sheets/${id}/file`).expect(200)
    expect(out.headers['content-disposition']).toContain('Lanterns at the Weir.dellop-sheet.json')
    const handedOn = JSON.parse(out.text)
    expect(handedOn.tune).toEqual(tune)
    const elsewhere = await testServer()
    const come = await elsewhere.ask.post('/api/sheets/import').send({ file: handedOn }).expect(200)
    expect(come.body.tune).toEqual({ title: tune.title, isNew: true, isSilent: true })
    const [there] = (await elsewhere.ask.get('/api/tunes')).body.tunes as Tune[]
    expect(there!.recordings).toEqual(tune.recordings.map((one) => ({ ...one, media: null })))
    expect({ ...there, recordings: [] }).toEqual({ ...tune, recordings: [] })
    await elsewhere.remove()
    const back = await server.ask.post('/api/sheets/import').send({ file: handedOn }).expect(200)
    expect(back.body.tune).toEqual({ title: tune.title, isNew: false, isSilent: false })
  })

  it('is written by edits, each a revision', async () => {
    const answer = await send('anna', '1', 0, [retitle(file.routine.title, 'Another name')]).expect(
      200,
    )
    expect(answer.body).toMatchObject({
      revision: 1,
      conflicts: [],
      document: { title: 'Another name' },
    })
    expect((await server.ask.get('/api/sheets')).body.sheets[0].title).toBe('Another name')
    expect((await server.ask.get(`/api/sheets/${id}/revisions`)).body.revisions).toHaveLength(1)
  })

  it('merges edits of two people that start from the same revision', async () => {
    await send('anna', '1', 0, wordingOf(file.routine, 'a1', 'balance, both ways'))
    const answer = await send('bert', '1', 0, wordingOf(file.routine, 'a2', 'twirl her')).expect(
      200,
    )
    const expected = applyEdits(routineShape, file.routine, [
      ...wordingOf(file.routine, 'a1', 'balance, both ways'),
      ...wordingOf(file.routine, 'a2', 'twirl her'),
    ])
    expect(answer.body).toMatchObject({ revision: 2, conflicts: [] })
    expect(expected.ok && answer.body.document).toEqual(expected.ok && expected.value)
  })

  it('keeps what is there when both change the same field, and hands the other back', async () => {
    await send('anna', '1', 0, [retitle(file.routine.title, 'Hers')])
    const answer = await send('bert', '1', 0, [retitle(file.routine.title, 'His')]).expect(200)
    expect(answer.body.document.title).toBe('Hers')
    expect(answer.body.conflicts).toEqual([
      { type: 'field', id: '', field: 'title', kept: 'Hers', mine: 'His' },
    ])
  })

  it('answers a repeated batch as the first time and changes nothing', async () => {
    const edits = [retitle(file.routine.title, 'Once')]
    await send('anna', '1', 0, edits).expect(200)
    const again = await send('anna', '1', 0, edits).expect(200)
    expect(again.body).toMatchObject({ revision: 1, document: { title: 'Once' } })
    expect((await now()).revision).toBe(1)
  })

  it('refuses a batch that would leave no valid sheet, whole', async () => {
    const bad: Edit[] = [
      retitle(file.routine.title, 'Kept out'),
      { type: 'set', id: 'a1', field: 'say', from: 'cue', to: 'shout' },
    ]
    const answer = await send('anna', '1', 0, bad).expect(400)
    expect(answer.body).toMatchObject({ code: 'input.invalid' })
    expect(answer.body.detail).toMatch(/parts\[0\]\.slots\[0\]\.say/)
    expect(await now()).toEqual({ routine: file.routine, revision: 0 })
  })

  it('refuses an edit of what is not there, and one from a revision to come', async () => {
    await send('anna', '1', 0, [
      { type: 'set', id: 'nobody', field: 'say', from: 'cue', to: 'nothing' },
    ]).expect(409)
    await send('anna', '2', 7, [retitle(file.routine.title, 'x')]).expect(409)
    expect((await now()).revision).toBe(0)
  })

  it('survives twenty people writing at once: every word is there', async () => {
    const slots = file.routine.parts.flatMap((part) => part.slots)
    await Promise.all(
      slots.map((slot, i) =>
        send(`person-${i}`, '1', 0, setWording(slot, 'short', `word ${i}`)!).expect(200),
      ),
    )
    const { routine, revision } = await now()
    expect(revision).toBe(slots.length)
    expect(routine.parts.flatMap((part) => part.slots).map((slot) => slot.wordings?.short)).toEqual(
      slots.map((_, i) => `word ${i}`),
    )
  })

  it('packs all that a call needs, and only the figures it uses', async () => {
    const pack = (await server.ask.get(`/api/sheets/${id}/call-pack`).expect(200)).body
    expect(pack.routine).toEqual(file.routine)
    expect(pack.figures.map((figure: { id: string }) => figure.id).sort()).toEqual(
      file.figures.map((figure) => figure.id).sort(),
    )
    expect(pack.school.id).toBe('round')
  })

  it('is still there after the server has been stopped and started', async () => {
    await send('anna', '1', 0, [retitle(file.routine.title, 'Overnight')])
    await server.stop()
    server = await testServer(server.dataFolder)
    expect((await now()).routine.title).toBe('Overnight')
  })

  it('tells in words what was changed, newest first, and can show what it was', async () => {
    await send('anna', '1', 0, [retitle(file.routine.title, 'Another name')])
    await send('anna', '2', 1, wordingOf(file.routine, 'a1', 'balance, both ways'))
    const { revisions } = (await server.ask.get(`/api/sheets/${id}/revisions`)).body as {
      revisions: { revision: number; words: string[] }[]
    }
    expect(revisions.map(({ revision, words }) => [revision, words])).toEqual([
      [2, ['A: Balance left and right: words given']],
      [1, [`Renamed from “${file.routine.title}” to “Another name”`]],
    ])
    expect((await server.ask.get(`/api/sheets/${id}/revisions/0`)).body.routine).toEqual(
      file.routine,
    )
    expect((await server.ask.get(`/api/sheets/${id}/revisions/1`)).body.routine).toEqual({
      ...file.routine,
      title: 'Another name',
    })
    await server.ask.get(`/api/sheets/${id}/revisions/3`).expect(404)
  })

  it('can be branched: the copy says what it came from, and goes its own way', async () => {
    await send('anna', '1', 0, [retitle(file.routine.title, 'The first')])
    const branch = (
      await server.ask.post(`/api/sheets/${id}/branch`).send({ title: 'For beginners' }).expect(200)
    ).body.routine as Routine
    expect(branch).toEqual({
      ...file.routine,
      id: branch.id,
      title: 'For beginners',
      origin: { id, title: 'The first', revision: 1 },
    })
    await server.ask.post(`/api/sheets/${id}/branch`).send({ title: ' ' }).expect(400)
  })

  it('put away is on the shelf as such, and taken out again is as it was', async () => {
    const put = (base: number, from: true | null, to: true | null) =>
      send('anna', String(base), base, [
        { type: 'set', id: '', field: 'archived', from, to },
      ]).expect(200)
    await put(0, null, true)
    const shelf = async () =>
      (await server.ask.get('/api/sheets')).body.sheets[0] as {
        archived: boolean
        figures: string[]
      }
    expect([(await shelf()).archived, (await shelf()).figures]).toEqual([
      true,
      expect.arrayContaining(['Twirl vine']),
    ])
    await put(1, true, null)
    expect((await shelf()).archived).toBe(false)
    expect((await now()).routine).toEqual(file.routine)
  })
})
