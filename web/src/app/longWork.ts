import { ref, shallowRef } from 'vue'
import { sentenceOf } from './api.ts'

/** What is said of long work: at its start, where it was stopped, and where it failed. */
export interface WorkWords {
  readonly begun: string
  readonly stopped: string
  readonly failed: (why: string) => string
}

/**
 * Long work that shows how far it is and can be stopped; one at a time: another one stops the one
 * before. What came of it is said.
 */
export function useLongWork(words: WorkWords) {
  const working = ref('')
  const failure = ref('')
  const told = ref('')
  const stopping = shallowRef<AbortController | null>(null)

  async function doing(work: (signal: AbortSignal) => Promise<void>): Promise<void> {
    stopping.value?.abort()
    const stop = new AbortController()
    stopping.value = stop
    failure.value = told.value = ''
    working.value = words.begun
    try {
      await work(stop.signal)
    } catch (error) {
      if (stop.signal.aborted) told.value = words.stopped
      else failure.value = words.failed(sentenceOf(error))
    } finally {
      if (stopping.value === stop) {
        stopping.value = null
        working.value = ''
      }
    }
  }
  return {
    working,
    failure,
    told,
    doing,
    isBusy: () => stopping.value !== null,
    cancel: () => stopping.value?.abort(),
  }
}
