import { nextTick, type Directive } from 'vue'

type Field = HTMLInputElement | HTMLTextAreaElement
type Shown = string | number

/** What each field is to show, and whether somebody is typing in it. */
const fields = new WeakMap<Field, { shown: Shown; typing: boolean }>()

/**
 * Shows a value in a field whose owner hears of it when the typing is done (`change`), and leaves
 * alone what is being typed: an answer of the server or another person's edit draws the view again
 * at any moment. After the change the field shows what was kept of it, be it the number that was
 * meant or the name as it was.
 */
export const vEntry: Directive<Field, Shown> = {
  created(field, { value }) {
    fields.set(field, { shown: value, typing: false })
    show(field)
  },
  mounted(field) {
    const state = fields.get(field)!
    field.addEventListener('input', () => (state.typing = true))
    // Begun here, this listener comes after the owner's, who has read the field by then.
    field.addEventListener('change', () => {
      state.typing = false
      void nextTick(() => show(field))
    })
  },
  updated(field, { value }) {
    fields.get(field)!.shown = value
    show(field)
  },
}

function show(field: Field): void {
  const { shown, typing } = fields.get(field)!
  const text = String(shown)
  if (!typing && field.value !== text) field.value = text
}
