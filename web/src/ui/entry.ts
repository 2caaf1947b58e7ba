import { nextTick, ref, watch, type Ref } from 'vue'

/**
 * The text of a field whose owner hears of it when the typing is done, and that leaves alone what
 * is being typed: an answer of the server or another person's edit draws the view again at any
 * moment. After the change it shows what was kept of it, be it the number that was meant or the
 * name as it was.
 */
export function useEntry(
  value: () => string | number,
  change: (text: string) => void,
): { readonly draft: Readonly<Ref<string>>; type(text: string): void; done(text: string): void } {
  const draft = ref(String(value()))
  let typing = false
  watch(value, (now) => {
    if (!typing) draft.value = String(now)
  })
  return {
    draft,
    type(text) {
      typing = true
      draft.value = text
    },
    done(text) {
      typing = false
      change(text.trim())
      void nextTick(() => {
        if (!typing) draft.value = String(value())
      })
    },
  }
}
