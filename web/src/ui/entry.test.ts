import { nextTick, type DirectiveBinding, type ObjectDirective, type VNode } from 'vue'
import { vEntry } from './entry.ts'

/** A field as a browser has it: somebody types, and is done with typing. */
class Field extends EventTarget {
  value = ''
  type(text: string): void {
    this.value = text
    this.dispatchEvent(new Event('input'))
  }
}

const hooks = vEntry as unknown as ObjectDirective<Field, string | number>
const node = {} as VNode<unknown, Field>
const drawn = (value: string | number) => ({ value }) as DirectiveBinding<string | number>

function fieldShowing(value: string | number): {
  field: Field
  draw: (value: string | number) => void
} {
  const field = new Field()
  hooks.created!(field, drawn(value), node as never, null)
  hooks.mounted!(field, drawn(value), node as never, null)
  return { field, draw: (next) => hooks.updated!(field, drawn(next), node as never, node as never) }
}

describe('a field whose owner hears of it when the typing is done', () => {
  it('shows its value, and a value that changes while nobody types', () => {
    const { field, draw } = fieldShowing(4)
    expect(field.value).toBe('4')
    draw('Group 2')
    expect(field.value).toBe('Group 2')
  })

  it('leaves alone what is being typed, however often the view is drawn and whatever comes from elsewhere', () => {
    const { field, draw } = fieldShowing('Group 2')
    field.type('The Tide')
    draw('Group 2')
    draw('Group 3')
    expect(field.value).toBe('The Tide')
  })

  it('shows after the change what was kept: the new value as it was read, or the old one where it was refused', async () => {
    const { field, draw } = fieldShowing(2)
    field.type(' 3 ')
    field.dispatchEvent(new Event('change'))
    draw(3)
    await nextTick()
    expect(field.value).toBe('3')
    field.type('many')
    field.dispatchEvent(new Event('change'))
    await nextTick()
    expect(field.value).toBe('3')
  })
})
