import { figureContent, wordsContent, type Scope } from '@dellop/core/routine'
import { openSheet } from '../testing/openSheet.ts'
import { words } from '../words/index.ts'
import { clipboard } from './clipboard.ts'
import { sheetCommands } from './commands.ts'

async function sheet() {
  const opened = await openSheet()
  let scope: Scope = 'part'
  const commands = sheetCommands(opened.document, opened.page, () => scope)
  return {
    ...opened,
    commands,
    onlyThisTime: () => void (scope = 'pass'),
    undo: () => opened.document.undo(),
    partNames: () => opened.document.routine.value!.parts.map(({ label }) => label),
    order: () => opened.document.routine.value!.passes.map(({ partId }) => partId),
  }
}
const countOf = (list: readonly string[], name: string): number =>
  list.filter((one) => one === name).length

describe('what is done to one figure', () => {
  it('a figure is added behind another and chosen there, in every time through its part', async () => {
    const { commands, slot, names, page } = await sheet()
    const before = countOf(names(), 'Hover')
    const times = page.slots.value.filter(({ slot: one }) => one.id === slot(0).slot.id).length
    commands.add(figureContent('hover'), slot(0), slot(0).partId)
    expect(names()[1]).toBe('Hover')
    expect(page.selected.value?.figure?.name).toBe('Hover')
    expect(countOf(names(), 'Hover')).toBe(before + times)
  })

  it('words that are no figure are kept as words, a bar long', async () => {
    const { commands, slot, names } = await sheet()
    commands.add(wordsContent('wave to the band', 72), slot(0), slot(0).partId)
    expect(names()[1]).toBe('wave to the band')
    expect(slot(1).lengthTicks).toBe(3 * 24)
  })

  it('only this time, what is added and taken out changes no other time through', async () => {
    const { commands, slot, names, onlyThisTime, undo } = await sheet()
    const before = names()
    onlyThisTime()
    commands.add(figureContent('hover'), slot(0), slot(0).partId)
    expect(countOf(names(), 'Hover')).toBe(countOf(before, 'Hover') + 1)
    commands.remove(slot(0))
    expect(names()).toHaveLength(before.length)
    expect([undo(), undo(), names()]).toEqual([words.done.removed, words.done.added, before])
  })

  it('is replaced, taken out, moved and dropped; the choice goes along', async () => {
    const { commands, slot, names, page } = await sheet()
    const [first, second] = names()
    commands.replace(slot(0), figureContent('hover'))
    expect([names()[0], page.selected.value?.key]).toEqual(['Hover', slot(0).key])
    commands.move(slot(0), 1)
    expect(names().slice(0, 2)).toEqual([second, 'Hover'])
    expect(page.selected.value?.figure?.name).toBe('Hover')
    commands.drop(slot(1), slot(0), false)
    expect(names()[0]).toBe('Hover')
    commands.remove(slot(0))
    expect(names()[0]).toBe(second)
    expect(first).not.toBe(second)
  })

  it('is halved and whole again, repeated, mirrored, and undone by name', async () => {
    const { commands, slot, undo, document } = await sheet()
    const variation = () => commands.variationOf(slot(0))!
    commands.halve(slot(0))
    expect(variation().cut).toEqual({ type: 'half' })
    commands.halve(slot(0))
    expect(variation().cut).toBeNull()
    commands.repeat(slot(0), 1)
    expect(variation().times).toBe(2)
    commands.repeat(slot(0), -1)
    commands.repeat(slot(0), -1)
    expect(variation().times).toBe(1)
    commands.reflect(slot(0))
    expect(variation().reflected).toBe(true)
    expect(undo()).toBe(words.done.reflected)
    expect(variation().reflected).toBe(false)
    expect(document.canRedo.value).toBe(true)
  })

  it('is given words, silence, a remark, a pin and marks', async () => {
    const { commands, slot } = await sheet()
    commands.word(slot(0), 'keyWord', 'now')
    expect(slot(0).slot.wordings?.keyWord).toBe('now')
    commands.silence(slot(0))
    expect(slot(0).slot.say).toBe('nothing')
    commands.silence(slot(0))
    expect(slot(0).slot.say).toBe('cue')
    commands.remark(slot(0), 'slowly')
    expect(slot(0).slot.remark).toBe('slowly')
    commands.pin(slot(0), { startTicks: -48 })
    expect(slot(0).slot.pin).toEqual({ startTicks: -48 })
    commands.pin(slot(0), undefined)
    expect(slot(0).slot.pin).toBeUndefined()
    commands.slotField(slot(0), 'hard', true)
    expect(slot(0).slot.hard).toBe(true)
  })

  it('typing on in one field is one step to undo', async () => {
    const { commands, slot, undo, timers } = await sheet()
    const before = slot(0).slot.remark
    for (const text of ['s', 'sl', 'slow']) {
      timers.pass(100)
      commands.remark(slot(0), text)
    }
    expect(undo()).toBe(words.done.remark)
    expect(slot(0).slot.remark).toBe(before)
  })

  it('words in the place of a figure get another length', async () => {
    const { commands, slot } = await sheet()
    commands.add(wordsContent('wait', 72), slot(0), slot(0).partId)
    commands.wordsLength(slot(1), 6)
    expect(slot(1).lengthTicks).toBe(6 * 24)
    commands.wordsLength(slot(0), 6)
    expect(slot(0).slot.content.type).toBe('figure')
  })
})

describe('what is done to several', () => {
  beforeEach(() => (clipboard.value = []))

  it('they are copied, cut and pasted behind what is chosen', async () => {
    const { commands, page, slot, names } = await sheet()
    const before = names()
    page.select(slot(0).key)
    page.extendTo(slot(1).key)
    expect(commands.copy()).toBe(2)
    commands.paste()
    expect(names().slice(2, 4)).toEqual(before.slice(0, 2))
    page.select(slot(0).key)
    page.extendTo(slot(1).key)
    commands.cut()
    expect(names().slice(0, 2)).toEqual(before.slice(0, 2))
    expect(clipboard.value).toHaveLength(2)
  })

  it('what is chosen comes once more behind it, and what was copied before stays copied', async () => {
    const { commands, page, slot, names } = await sheet()
    page.select(slot(1).key)
    commands.copy()
    const kept = clipboard.value
    page.select(slot(0).key)
    commands.duplicate()
    expect(names()[1]).toBe(names()[0])
    expect(clipboard.value).toBe(kept)
  })

  it('with nothing chosen nothing is copied, and nothing changes', async () => {
    const { commands, document } = await sheet()
    expect(commands.copy()).toBe(0)
    commands.cut()
    commands.duplicate()
    expect(document.canUndo.value).toBe(false)
  })
})

describe('what is done to parts and their order', () => {
  it('a part is added with its pass, a pass moved and taken out', async () => {
    const { commands, partNames, order, document } = await sheet()
    const before = order()
    commands.newPart('Tag')
    expect(partNames().at(-1)).toBe('Tag')
    expect(order()).toHaveLength(before.length + 1)
    const last = document.routine.value!.passes.at(-1)!
    commands.movePass(last.id, -1)
    expect(order().at(-2)).toBe(last.partId)
    commands.movePass(last.id, 1)
    commands.movePass(last.id, 1)
    expect(order().at(-1)).toBe(last.partId)
    expect(commands.dropPass(last.id)).toBe(true)
    expect(order()).toEqual(before)
  })

  it('a pass over a part is added at the end, of its kind', async () => {
    const { commands, document } = await sheet()
    const part = document.routine.value!.parts[0]!
    commands.passOver(part.id, 'ending')
    expect(document.routine.value!.passes.at(-1)).toMatchObject({ partId: part.id, kind: 'ending' })
    commands.passField(document.routine.value!.passes.at(-1)!, 'times', 2)
    expect(document.routine.value!.passes.at(-1)!.times).toBe(2)
    commands.partField(part, 'label', 'First')
    expect(document.routine.value!.parts[0]!.label).toBe('First')
  })
})

describe('what is done to the heading', () => {
  it('names and music are changed in one step each, and nothing is a step that changes nothing', async () => {
    const { commands, document, undo } = await sheet()
    commands.setHeader('title', 'Another name')
    expect(document.routine.value!.title).toBe('Another name')
    const { tuneId } = document.routine.value!
    commands.setMusic(tuneId, document.routine.value!.recordingId)
    expect(undo()).toBe(words.done.header)
    expect(document.canUndo.value).toBe(false)
    commands.setMusic(null, null)
    commands.heading('dance', 'two-step')
    expect(document.routine.value).toMatchObject({ tuneId: null, dance: 'two-step' })
  })

  it('all of it is saved as it stands', async () => {
    const { commands, document, timers, saved } = await sheet()
    commands.setHeader('by', 'Ottoline Frisk')
    timers.pass(600)
    for (let i = 0; i < 10; i++) await Promise.resolve()
    expect(saved()).toEqual(document.routine.value)
  })
})
