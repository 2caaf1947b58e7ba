import { onMounted, ref } from 'vue'
import { sentenceOf } from './api.ts'
import { useLibrary } from './library.ts'

/**
 * The library for a view: read as the view appears, with a sentence where that fails and a way to
 * try again. What comes `then` may fail with it.
 */
export function useLoadedLibrary(then: () => void | Promise<void> = () => undefined) {
  const library = useLibrary()
  const failure = ref('')
  const loaded = ref(false)
  async function load(): Promise<void> {
    failure.value = ''
    try {
      await library.load()
      loaded.value = true
      await then()
    } catch (error) {
      failure.value = sentenceOf(error)
    }
  }
  onMounted(load)
  return { library, failure, loaded, load }
}
