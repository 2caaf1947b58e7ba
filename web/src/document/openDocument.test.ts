import { cover, type Group } from '@dellop/core/group'
import { conflictsOf } from '@dellop/core/document'
import { OneGroup, settle } from '../testing/surroundings.ts'
import { words } from '../words/index.ts'
import { editAtOnce } from './editAtOnce.ts'
import { openDocument } from './openDocument.ts'
import { savingText, whenSaved } from './saved.ts'

const SAVE_MS = 600

async function opened(world = new OneGroup(), tab = 'one') {
  const page = openDocument(world.kind, 'g', world.tab(tab))
  await page.open()
  const now = (): Group => page.document.value!
  return {
    world,
    page,
    now,
    state: () => page.sync.value!.state,
    rename: (name: string, key: string | null = null) =>
      page.change({ ...now(), name }, 'the name', key),
    pass: async (ms = SAVE_MS) => {
      world.timers.pass(ms)
      await settle()
    },
  }
}

describe('an open document', () => {
  it('is saved some time after it was written, as one batch for all that was typed', async () => {
    const { world, rename, pass, state } = await opened()
    rename('M')
    await pass(100)
    rename('Mo')
    await pass(100)
    rename('Monday people')
    expect([state(), world.batches.length]).toEqual(['dirty', 0])
    await pass()
    expect([state(), world.batches.length]).toEqual(['clean', 1])
    expect(world.now().document.name).toBe('Monday people')
  })

  it('is kept in the browser with every change, and let go of when it is saved', async () => {
    const { world, rename, pass } = await opened()
    rename('Kept')
    expect(world.kept.get('group/g/one')).toMatchObject({ document: { name: 'Kept' } })
    await pass()
    expect(world.kept.size).toBe(0)
  })

  it('says how it is saved', async () => {
    const { world, page, rename, pass } = await opened()
    const said = () => savingText(page.sync.value)
    expect(said()).toBe(words.sheet.saved)
    rename('Two')
    expect(said()).toBe(words.sheet.saving)
    world.weather = 'offline'
    await pass()
    expect(said()).toBe(words.sheet.offline)
    world.weather = 'refused'
    await pass(20_000)
    expect(said()).toBe(`${words.sheet.refused}No such level.`)
    expect(savingText(null)).toBe(words.sheet.saved)
  })

  it('undoes and does again, typing in one field as one step', async () => {
    const { page, now, rename } = await opened()
    expect([page.canUndo.value, page.undo()]).toEqual([false, null])
    rename('T', 'name')
    rename('Tu', 'name')
    page.change(cover(now(), 'box', true), 'box taught')
    expect(page.undo()).toBe('box taught')
    expect(now().taught).toEqual([])
    expect([page.undo(), now().name]).toEqual(['the name', 'Mondays'])
    expect([page.redo(), now().name, page.canRedo.value]).toEqual(['the name', 'Tu', true])
  })

  it('refuses an edit that cannot be made, and one that changes nothing', async () => {
    const { page, now } = await opened()
    expect(page.change(now(), 'nothing')).toBe(false)
    expect(page.edit(null, 'nothing')).toBe(false)
    const stale = [{ type: 'set' as const, id: '', field: 'name', from: 'Else', to: 'X' }]
    expect([page.edit(stale, 'stale'), page.canUndo.value]).toEqual([false, false])
  })

  it('takes what others change, and tells who else has it of what is saved', async () => {
    const { world, page, now } = await opened()
    const told: string[] = []
    page.onSaved(({ document }) => told.push(document.name))
    world.rename('Theirs')
    await settle()
    expect([now().name, told]).toEqual(['Theirs', ['Theirs']])
  })

  it('sends what waits when it is closed, and hears of nothing more', async () => {
    const { world, page, now, rename } = await opened()
    rename('In haste')
    page.close()
    await settle()
    expect(world.now().document.name).toBe('In haste')
    world.rename('Later')
    await settle()
    expect(now().name).toBe('In haste')
  })
})

describe('without the server', () => {
  it('it is tried again, and nothing that was sent before is done twice', async () => {
    const { world, rename, pass, state } = await opened()
    world.weather = 'answer lost'
    rename('Once')
    await pass()
    expect(state()).toBe('offline')
    world.weather = 'fair'
    await pass(1000)
    expect(state()).toBe('clean')
    expect(new Set(world.batches.map(({ batchId }) => batchId)).size).toBe(1)
    expect(world.now().revision).toBe(1)
  })

  it('it is sent as soon as the server is heard again', async () => {
    const { world, rename, pass, state } = await opened()
    world.weather = 'offline'
    rename('Waiting')
    for (let i = 0; i < 4; i++) await pass(5000)
    world.weather = 'fair'
    world.online()
    await pass(0)
    expect([state(), world.now().document.name]).toEqual(['clean', 'Waiting'])
  })

  it('what tabs left that are gone is taken up, and their drafts go only then', async () => {
    const world = new OneGroup()
    const [first, second] = [await opened(world, 'one'), await opened(world, 'two')]
    world.weather = 'offline'
    first.rename('Renamed')
    second.page.change(cover(second.now(), 'box', true), 'taught')
    await first.pass()
    world.weather = 'fair'
    const third = await opened(world, 'three')
    expect([third.now().name, third.now().taught]).toEqual(['Renamed', [{ id: 'box', times: 0 }]])
    expect([...world.kept.keys()]).toEqual(['group/g/three'])
    expect(world.forgotten.sort()).toEqual(['group/g/one', 'group/g/two'])
    await third.pass()
    expect(world.now().document).toMatchObject({ name: 'Renamed', taught: [{ id: 'box' }] })
  })
})

describe('what two change at once', () => {
  it('stands beside each other until it is answered; mine can be taken, and that be undone', async () => {
    const { world, page, now, rename, pass, state } = await opened()
    rename('Mine')
    world.rename('Theirs', false)
    await pass()
    expect([state(), now().name]).toEqual(['conflict', 'Theirs'])
    expect(savingText(page.sync.value)).toBe(words.sheet.savedBut)
    expect(world.kept.get('group/g/one')!.conflicts).toHaveLength(1)
    page.takeMine(0, 'mine')
    expect([now().name, conflictsOf(page.sync.value!)]).toEqual(['Mine', []])
    await pass()
    expect([state(), world.now().document.name]).toEqual(['clean', 'Mine'])
    expect([page.undo(), now().name]).toEqual(['mine', 'Theirs'])
  })

  it('is typed while a batch is on its way: the words stay, in the document or beside it', async () => {
    const { world, page, now, rename, pass } = await opened()
    rename('Mine')
    world.rename('Theirs', false)
    world.timers.pass(SAVE_MS)
    rename('Mine, and more')
    await settle()
    expect(now().name).toBe('Theirs')
    expect(page.conflicts.value.map((one) => one.type === 'field' && one.mine)).toEqual([
      'Mine',
      'Mine, and more',
    ])
    await pass()
    expect(page.conflicts.value).toHaveLength(2)
  })
})

describe('what is chosen and kept at once', () => {
  it('is saved when it is done', async () => {
    const { world, page, now } = await opened()
    await editAtOnce(page, { ...now(), level: 'easy' })
    expect(world.now().document.level).toBe('easy')
  })

  it('is taken back where it is refused, and the reason said', async () => {
    const { world, page, now, state } = await opened()
    world.weather = 'refused'
    await expect(editAtOnce(page, { ...now(), level: 'easy' })).rejects.toThrow('No such level.')
    expect([now().level, state()]).toEqual(['first', 'clean'])
  })

  it('is kept where the server is not reached, and said to be so', async () => {
    const { world, page, now, pass } = await opened()
    world.weather = 'offline'
    await expect(editAtOnce(page, { ...now(), level: 'easy' })).rejects.toThrow(
      words.trouble.offline,
    )
    expect(now().level).toBe('easy')
    world.weather = 'fair'
    await pass(1000)
    expect(world.now().document.level).toBe('easy')
  })

  it('gives way to what somebody else has set meanwhile, and says so', async () => {
    const { world, page, now } = await opened()
    world.rename('Theirs', false)
    await expect(editAtOnce(page, { ...now(), name: 'Mine' })).rejects.toThrow(
      words.trouble.both('Mine', 'Theirs'),
    )
    expect([now().name, page.conflicts.value]).toEqual(['Theirs', []])
  })

  it('builds on what was chosen just before', async () => {
    const { world, page, now } = await opened()
    const both = Promise.all([
      editAtOnce(page, { ...now(), level: 'easy' }),
      editAtOnce(page, { ...page.document.value!, name: 'Two at once' }),
    ])
    await settle()
    world.timers.pass(0)
    await both
    expect(world.now().document).toMatchObject({ level: 'easy', name: 'Two at once' })
  })

  it('waits for the answer', async () => {
    const { page, rename, pass } = await opened()
    rename('Soon')
    let isDone = false
    void whenSaved(page.sync).then(() => (isDone = true))
    await settle()
    expect(isDone).toBe(false)
    await pass()
    expect(isDone).toBe(true)
  })
})

describe('undo over a reload', () => {
  it('goes on where it was, from the steps that the tab left', async () => {
    const world = new OneGroup()
    const kept = new Map<string, string>()
    const undoSteps = {
      left: (kind: string, id: string) => kept.get(`${kind}/${id}`) ?? null,
      keepOnLeave: (kind: string, id: string, pack: () => string) => () =>
        void kept.set(`${kind}/${id}`, pack()),
    }
    const visit = async () => {
      const page = openDocument({ ...world.kind, keepsUndo: true }, 'g', {
        ...world.tab('one'),
        undoSteps,
      })
      await page.open()
      return page
    }
    const before = world.now().document.name
    const first = await visit()
    first.change({ ...first.document.value!, name: 'Thursdays' }, 'the name')
    world.timers.pass(SAVE_MS)
    await settle()
    first.close()
    const second = await visit()
    expect(second.canUndo.value).toBe(true)
    expect(second.undo()).toBe('the name')
    expect(second.document.value!.name).toBe(before)
    expect(second.redo()).toBe('the name')
    expect(second.document.value!.name).toBe('Thursdays')
    second.close()
  })
})
