import { nextTick, ref } from 'vue'
import { useEntry } from './entry.ts'

function fieldShowing(value: string | number) {
  const shown = ref(value)
  const heard: string[] = []
  return { shown, heard, field: useEntry(() => shown.value, heard.push.bind(heard)) }
}

describe('a field whose owner hears of it when the typing is done', () => {
  it('shows its value, and a value that changes while nobody types', async () => {
    const { field, shown } = fieldShowing(4)
    expect(field.draft.value).toBe('4')
    shown.value = 'Group 2'
    await nextTick()
    expect(field.draft.value).toBe('Group 2')
  })

  it('leaves alone what is being typed, whatever comes from elsewhere', async () => {
    const { field, shown, heard } = fieldShowing('Group 2')
    field.type('The Tide')
    shown.value = 'Group 3'
    await nextTick()
    expect(field.draft.value).toBe('The Tide')
    expect(heard).toEqual([])
  })

  it('shows after the change what was kept: as it was read, or the old one where it was refused', async () => {
    const { field, shown, heard } = fieldShowing(2)
    field.type(' 3 ')
    field.done(' 3 ')
    expect(heard).toEqual(['3'])
    shown.value = 3
    await nextTick()
    expect(field.draft.value).toBe('3')
    field.type('many')
    field.done('many')
    await nextTick()
    expect(field.draft.value).toBe('3')
  })
})
