import { figureOfWritten, UNWRITTEN } from '@dellop/core/figure'
import { nextTick } from 'vue'
import { useFigureDraft, type DraftStart } from './figureDraft.ts'

const sway = figureOfWritten(
  {
    ...UNWRITTEN,
    name: 'Reed sway',
    family: 'waltz',
    holds: ['closed'],
    beats: '3',
    lead: '1 left side, 2 right behind, 3 left side',
  },
  'reed-sway',
).figure!
const NEW: DraftStart = { kind: 'new' }

/** What the browser keeps, and whether it keeps anything. */
let kept: Map<string, string>
let isFull: boolean
beforeEach(() => {
  kept = new Map()
  isFull = false
  const storage: Pick<Storage, 'getItem' | 'setItem' | 'removeItem'> = {
    getItem: (key) => kept.get(key) ?? null,
    setItem: (key, value) => {
      if (isFull) throw new DOMException('full', 'QuotaExceededError')
      kept.set(key, value)
    },
    removeItem: (key) => void kept.delete(key),
  }
  Object.defineProperty(globalThis, 'localStorage', { value: storage, configurable: true })
})
afterEach(() => void Reflect.deleteProperty(globalThis, 'localStorage'))

describe('a figure while it is written', () => {
  it('is taken back field by field, not letter by letter', () => {
    const draft = useFigureDraft(NEW, [])
    for (const name of ['R', 'Re', 'Reed']) draft.change('name', name)
    draft.change('beats', '3')
    draft.change('name', 'Reed sway')
    draft.undo()
    expect([draft.written.value.name, draft.written.value.beats]).toEqual(['Reed', '3'])
    draft.undo()
    draft.undo()
    expect([draft.written.value.name, draft.written.value.beats]).toEqual(['', ''])
    expect(draft.canUndo.value).toBe(false)
    draft.undo()
    expect(draft.written.value.name).toBe('')
  })
  it('starting over can be taken back too', () => {
    const draft = useFigureDraft(NEW, [])
    draft.change('name', 'Reed sway')
    draft.startOver()
    expect(draft.written.value.name).toBe('')
    draft.undo()
    expect(draft.written.value.name).toBe('Reed sway')
  })
  it('what was taken back and is written again is a step of its own', () => {
    const draft = useFigureDraft(NEW, [])
    draft.change('name', 'one')
    draft.undo()
    draft.change('name', 'two')
    draft.undo()
    expect(draft.written.value.name).toBe('')
  })
  it('is a figure as soon as it can be one, and says until then what is missing', () => {
    const draft = useFigureDraft(NEW, [])
    expect([draft.made.value.figure, draft.made.value.problems.length > 0]).toEqual([null, true])
    draft.change('name', 'Reed sway')
    draft.change('beats', '3')
    draft.change('lead', '1 left side, 2 right behind, 3 left side')
    expect(draft.made.value.problems).toEqual([])
    expect(draft.made.value.figure?.lead).toEqual(sway.lead)
  })
})

describe('what this browser keeps of it', () => {
  it('is there again after the page was left, under the same id', async () => {
    const draft = useFigureDraft(NEW, [])
    draft.change('name', 'Reed sway')
    await nextTick()
    const again = useFigureDraft(NEW, [])
    expect([again.written.value.name, again.wasKept]).toEqual(['Reed sway', true])
    const id = (key: string) => (JSON.parse(kept.get(key)!) as { id: string }).id
    const [key] = [...kept.keys()]
    const before = id(key!)
    again.change('beats', '3')
    await nextTick()
    expect(id(key!)).toBe(before)
  })
  it('is forgotten once it is saved', async () => {
    const draft = useFigureDraft(NEW, [])
    draft.change('name', 'Reed sway')
    await nextTick()
    draft.forget()
    expect(useFigureDraft(NEW, []).wasKept).toBe(false)
  })
  it('is apart for each figure and for each way of beginning', async () => {
    const edit: DraftStart = { kind: 'edit', figure: sway, version: 1 }
    const from: DraftStart = { kind: 'from', figure: sway }
    useFigureDraft(edit, [sway]).change('name', 'Changed')
    useFigureDraft(from, [sway]).change('name', 'Another')
    await nextTick()
    expect(useFigureDraft(edit, [sway]).written.value.name).toBe('Changed')
    expect(useFigureDraft(from, [sway]).written.value.name).toBe('Another')
    expect(useFigureDraft(NEW, [sway]).written.value.name).toBe('')
  })
  it('tells that the figure was changed elsewhere since, and keeps the version it began from', async () => {
    useFigureDraft({ kind: 'edit', figure: sway, version: 1 }, [sway]).change('name', 'Changed')
    await nextTick()
    const later = useFigureDraft({ kind: 'edit', figure: sway, version: 2 }, [sway])
    expect([later.isStale, later.version, later.written.value.name]).toEqual([true, 1, 'Changed'])
  })
  it.each([
    ['no JSON', '{'],
    ['nothing', 'null'],
    ['another thing', '[1,2]'],
    ['half a draft', '{"id":"x"}'],
  ])('is passed over where it is %s', (_what, text) => {
    kept.set('dellop-figure-draft:', text)
    expect(useFigureDraft(NEW, []).wasKept).toBe(false)
  })
  it('a draft of an older kind opens with what it lacks left empty', () => {
    kept.set('dellop-figure-draft:', JSON.stringify({ id: 'x', written: { name: 'Old' } }))
    const draft = useFigureDraft(NEW, [])
    expect([draft.written.value.name, draft.written.value.beats]).toEqual(['Old', ''])
  })
  it('a browser that keeps nothing still lets one write', async () => {
    isFull = true
    const draft = useFigureDraft(NEW, [])
    draft.change('name', 'Reed sway')
    await nextTick()
    expect([draft.written.value.name, kept.size]).toEqual(['Reed sway', 0])
  })
})

describe('another from one there is', () => {
  it('begins as that one is written, with an id of its own', () => {
    const draft = useFigureDraft({ kind: 'from', figure: sway }, [sway])
    expect(draft.written.value.name).toContain('Reed sway')
    expect(draft.made.value.figure?.lead).toEqual(sway.lead)
    expect(draft.made.value.figure?.id).not.toBe(sway.id)
  })
  it('a change of one keeps its id', () => {
    const draft = useFigureDraft({ kind: 'edit', figure: sway, version: 1 }, [sway])
    expect(draft.made.value.figure?.id).toBe(sway.id)
  })
})
