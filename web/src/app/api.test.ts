import { DEFAULT_SETTINGS } from '@dellop/wire'
import { api, ApiProblem, onLowRoom } from './api.ts'

interface Asked {
  readonly path: string
  readonly method: string
  readonly once: string | undefined
}

/** A server that answers in turn: an answer, a problem, or nothing at all. */
function answering(...answers: (object | 'nothing')[]): Asked[] {
  const asked: Asked[] = []
  globalThis.fetch = (async (path: string, init: RequestInit) => {
    const headers = init.headers as Record<string, string>
    asked.push({ path, method: init.method!, once: headers['X-Once'] })
    const answer = answers.shift() ?? 'nothing'
    if (answer === 'nothing') throw new TypeError('no network')
    const status = 'status' in answer ? (answer.status as number) : 200
    return Response.json(answer, { status })
  }) as unknown as typeof fetch
  return asked
}
const problem = (code: string, status: number, detail = 'a sentence') => ({
  type: `dellop:${code}`,
  title: code,
  status,
  code,
  detail,
  requestId: 'r',
})
const GONE = { id: 'g' }
const remove = () => api('removeGroup', { params: { id: 'g' } })

describe('a question', () => {
  it('has no name, and is not asked again by itself', async () => {
    const asked = answering('nothing')
    await expect(api('getSettings')).rejects.toMatchObject({ code: 'offline', offline: true })
    expect(asked).toEqual([{ path: '/api/settings', method: 'GET', once: undefined }])
  })

  it('is answered as the wire says, or it is said what is wrong with the answer', async () => {
    answering({ settings: DEFAULT_SETTINGS, revision: 3 })
    expect(await api('getSettings')).toEqual({ settings: DEFAULT_SETTINGS, revision: 3 })
    answering({ settings: DEFAULT_SETTINGS })
    await expect(api('getSettings')).rejects.toMatchObject({ code: 'answer.invalid' })
  })
})

describe('a change', () => {
  it('whose answer is lost is sent once more, under the same name', async () => {
    const asked = answering('nothing', GONE)
    expect(await remove()).toEqual(GONE)
    expect(asked).toHaveLength(2)
    expect(asked[0]!.once).toMatch(/^[a-z0-9]{8,}$/)
    expect(asked[1]!.once).toBe(asked[0]!.once)
  })

  it('that was not heard of keeps its name when it is asked for again, and gets a new one after', async () => {
    const asked = answering('nothing', 'nothing', GONE, GONE)
    await expect(remove()).rejects.toBeInstanceOf(ApiProblem)
    await remove()
    await remove()
    const names = asked.map(({ once }) => once)
    expect(new Set(names.slice(0, 3)).size).toBe(1)
    expect(names[3]).not.toBe(names[0])
  })

  it('that is refused is not sent again, and is another one when it is asked for again', async () => {
    const asked = answering(problem('not-found', 404, 'There is no such group.'), GONE)
    await expect(remove()).rejects.toThrow('There is no such group.')
    await remove()
    expect(asked[1]!.once).not.toBe(asked[0]!.once)
  })

  it('that the server could not write is sent again: the disk may have room by then', async () => {
    const asked = answering(problem('storage.full', 507), GONE)
    await remove()
    expect(asked).toHaveLength(2)
  })

  it('that something else is asked of has another name', async () => {
    const asked = answering('nothing', 'nothing', GONE)
    await expect(remove()).rejects.toBeInstanceOf(ApiProblem)
    await api('removeGroup', { params: { id: 'other' } })
    expect(asked[2]!.once).not.toBe(asked[0]!.once)
  })

  it('by a batch of edits needs no other name than the batch’s', async () => {
    const asked = answering({ document: DEFAULT_SETTINGS, revision: 1, conflicts: [] })
    const edits = [{ type: 'set' as const, id: '', field: 'hallSeconds', from: 0, to: 1 }]
    await api('editSettings', { body: { clientId: 'a-client', batchId: '1', base: 0, edits } })
    expect(asked[0]!.once).toBeUndefined()
  })
})

describe('what is not understood', () => {
  it('is a failure of the server, of which nobody knows what it did', async () => {
    answering({ status: 502 }, { status: 502 })
    await expect(remove()).rejects.toMatchObject({ code: 'server.failed', isUnheard: true })
  })
})

describe('a disk that is all but full', () => {
  it('is told once each time it has become so', async () => {
    let told = 0
    onLowRoom(() => told++)
    const answers = [true, true, false, true]
    globalThis.fetch = async () =>
      Response.json(GONE, { headers: answers.shift() ? { 'Dellop-Storage': 'low' } : {} })
    const after: number[] = []
    for (let n = 0; n < 4; n++) {
      await remove()
      after.push(told)
    }
    expect(after).toEqual([1, 1, 1, 2])
  })
})

describe('a long list that the server has validated', () => {
  // No figure is like this: whoever validates it refuses it.
  const answer = { figures: [{ id: 'not-a-figure' }] }
  const listed = (page: string | null) => {
    globalThis.fetch = async () =>
      Response.json(answer, { headers: page === null ? {} : { 'Dellop-Page': page } })
    return api('listFigures')
  }
  beforeEach(() => {
    const script = { src: 'http://127.0.0.1:4477/assets/index-ours.js' }
    Object.assign(globalThis, { document: { querySelector: () => script } })
  })
  afterEach(() => void Reflect.deleteProperty(globalThis, 'document'))

  it('is taken as it is from the build this page came out of', async () => {
    expect(await listed('index-ours.js')).toEqual(answer)
  })
  it.each(['index-another.js', 'ours.js', null])('is gone through from %s', async (page) => {
    await expect(listed(page)).rejects.toMatchObject({ code: 'answer.invalid' })
  })
  it('is all that is taken so: anything else is gone through', async () => {
    globalThis.fetch = async () =>
      Response.json({ settings: {} }, { headers: { 'Dellop-Page': 'index-ours.js' } })
    await expect(api('getSettings')).rejects.toMatchObject({ code: 'answer.invalid' })
  })
})
