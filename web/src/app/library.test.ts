import { SHIPPED_FIGURES } from '@dellop/core/figure'
import { emptyGroup } from '@dellop/core/group'
import { ROUND_SCHOOL, SHIPPED_SCHOOLS } from '@dellop/core/school'
import { DEFAULT_SETTINGS } from '@dellop/wire'
import { createPinia, setActivePinia } from 'pinia'
import { WALTZ } from '../testing/waltz.ts'
import { useLibrary } from './library.ts'

const OWN = { ...ROUND_SCHOOL, id: 'own', name: 'Tar Loft' }
/** A server with a small library; what is asked is kept. */
function server(change: Record<string, unknown> = {}) {
  const asked: string[] = []
  const answers: Record<string, unknown> = {
    'GET /api/figures': { figures: SHIPPED_FIGURES.slice(0, 3) },
    'GET /api/tunes': { tunes: [WALTZ.tune], revisions: {} },
    'GET /api/schools': { schools: [...SHIPPED_SCHOOLS, OWN], revisions: { own: 2 } },
    'GET /api/settings': { settings: DEFAULT_SETTINGS, revision: 1 },
    'GET /api/groups': { groups: [emptyGroup('g', 'Wednesdays')], revisions: { g: 1 } },
    ...change,
  }
  Object.assign(globalThis, {
    EventSource: class {
      close = (): void => undefined
    },
    document: { hidden: true, addEventListener: () => undefined },
    window: { addEventListener: () => undefined },
    navigator: {
      locks: {
        request: async (_: string, __: object, take: (lock: object) => unknown) => void take({}),
        query: async () => ({ held: [] }),
      },
    },
    sessionStorage: { getItem: () => 'tab', setItem: () => undefined },
    fetch: async (path: string, { method }: { method: string }) => {
      asked.push(`${method} ${path}`)
      const answer = answers[`${method} ${path}`]
      if (answer === undefined) throw new TypeError('no network')
      return Response.json(answer)
    },
  })
  return { asked, answers }
}
const library = () => {
  setActivePinia(createPinia())
  return useLibrary()
}

describe('what every sheet is written with', () => {
  it('is read once, however often it is asked for', async () => {
    const { asked } = server()
    const one = library()
    await Promise.all([one.load(), one.load()])
    await one.load()
    expect(asked.filter((line) => line === 'GET /api/figures')).toHaveLength(1)
    expect([one.figures.length, one.tunes.length]).toEqual([3, 1])
    expect(one.schools.map(({ id }) => id)).toEqual([...SHIPPED_SCHOOLS.map(({ id }) => id), 'own'])
  })
  it('can be asked for again where the server was not reached', async () => {
    const { answers } = server({ 'GET /api/tunes': undefined })
    const one = library()
    await expect(one.load()).rejects.toThrow()
    answers['GET /api/tunes'] = { tunes: [], revisions: {} }
    await one.load()
    expect(one.figures).toHaveLength(3)
  })
  it('has what was saved while it was being read, not what the list had before', async () => {
    server()
    const one = library()
    const loading = one.load()
    one.putTune({ ...WALTZ.tune!, title: 'In haste' })
    await loading
    expect(one.tunes.map(({ title }) => title)).toEqual(['In haste'])
  })
  it('settings that are changed before they were read keep what they had', async () => {
    const settings = { ...DEFAULT_SETTINGS, favourites: ['withy'] }
    server({
      'GET /api/settings': { settings, revision: 1 },
      'POST /api/settings/edits': { document: settings, revision: 2, conflicts: [] },
    })
    const one = library()
    let asked: readonly string[] = []
    await one.saveSettings(({ favourites }) => ({ favourites: (asked = [...favourites, 'knot']) }))
    expect(asked).toEqual(['withy', 'knot'])
  })
  it('a school that is gone is the first that ships, never nothing', async () => {
    server()
    const one = library()
    await one.load()
    expect([one.schoolFor('own').name, one.schoolFor('gone').id]).toEqual(['Tar Loft', 'round'])
  })
  it('figures are put in the place of those with their id, and dropped', async () => {
    server()
    const one = library()
    await one.load()
    const [first] = one.figures
    one.putFigures([{ ...first!, name: 'Otherwise' }])
    expect([one.figures.length, one.book.get(first!.id)!.name]).toEqual([3, 'Otherwise'])
    one.dropFigure(first!.id)
    expect(one.book.has(first!.id)).toBe(false)
  })
  it('tunes stand by their names', async () => {
    server()
    const one = library()
    await one.load()
    one.putTune({ ...WALTZ.tune!, id: 'a', title: 'A first one' })
    one.putTune({ ...WALTZ.tune!, id: 'a', title: 'Zest and Thrift' })
    expect(one.tunes.map(({ id }) => id)).toEqual([WALTZ.tune!.id, 'a'])
    expect([one.tuneFor('a')?.title, one.tuneFor(null), one.tuneFor('x')]).toEqual([
      'Zest and Thrift',
      null,
      null,
    ])
  })
  it('a sheet is called by the evening’s school, else the group’s, else its own', async () => {
    const group = { ...emptyGroup('g', 'Wednesdays'), schoolId: 'own' }
    const settings = { ...DEFAULT_SETTINGS, groupId: 'g' }
    server({
      'GET /api/groups': { groups: [group], revisions: { g: 1 } },
      'GET /api/settings': { settings, revision: 1 },
    })
    const one = library()
    await one.load()
    expect(one.inputFor(WALTZ.routine)).toMatchObject({ school: { id: 'own' }, group: { id: 'g' } })
    server({
      'GET /api/groups': { groups: [group], revisions: { g: 1 } },
      'GET /api/settings': {
        settings: { ...settings, tonight: { schoolId: 'line', untilMs: Date.now() + 1000 } },
        revision: 1,
      },
    })
    const evening = library()
    await evening.load()
    expect(evening.inputFor(WALTZ.routine).school.id).toBe('line')
    expect(evening.tonight?.id).toBe('line')
  })
  it('an evening that is over counts no longer', async () => {
    const tonight = { schoolId: 'line', untilMs: Date.now() - 1 }
    server({ 'GET /api/settings': { settings: { ...DEFAULT_SETTINGS, tonight }, revision: 1 } })
    const one = library()
    await one.load()
    expect(one.tonight).toBeNull()
  })
})
