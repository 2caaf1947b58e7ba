import { deriveSheet, type Sheet } from '@dellop/core/sheet'
import { onMounted, ref, shallowRef } from 'vue'
import { api, sentenceOf } from './api.ts'
import { useLibrary } from './library.ts'

/**
 * A sheet that a view only looks at, with all that follows from it; read as the view opens.
 *
 * @param titled What the browser's tab is called, from the name of the dance.
 */
export function useDerivedSheet(id: string, titled: (dance: string) => string) {
  const library = useLibrary()
  const sheet = shallowRef<Sheet | null>(null)
  const revision = ref(0)
  const failure = ref('')

  async function load(): Promise<void> {
    failure.value = ''
    try {
      await library.load()
      const { routine, revision: now } = await api('getSheet', { params: { id } })
      revision.value = now
      sheet.value = deriveSheet(library.inputFor(routine))
      document.title = `${titled(routine.title)} · Dellop`
    } catch (error) {
      failure.value = sentenceOf(error)
    }
  }
  onMounted(load)
  return { sheet, revision, failure, load }
}
