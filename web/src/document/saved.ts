import type { SyncState } from '@dellop/core/document'
import { watch, type Ref } from 'vue'
import { ApiProblem } from '../app/api.ts'
import { words } from '../words/index.ts'

/**
 * Waits until all that was written to a document is at the server. Fails where the server refuses
 * it, or is not reached; in both cases what was written is kept here.
 */
export function whenSaved(sync: Readonly<Ref<SyncState<unknown> | null>>): Promise<void> {
  return new Promise((resolve, reject) => {
    let stop = (): void => undefined
    const look = (state: SyncState<unknown> | null): boolean => {
      if (state?.state === 'refused')
        reject(new ApiProblem('edit.refused', words.problem(state.problem)))
      else if (state?.state === 'offline') reject(new ApiProblem('offline', words.trouble.offline))
      else if (state?.state === 'clean' || state?.state === 'conflict') resolve()
      else return false
      stop()
      return true
    }
    if (!look(sync.value)) stop = watch(sync, look, { flush: 'sync' })
  })
}

/** What is said of how a document is saved. */
export function savingText(state: SyncState<unknown> | null): string {
  switch (state?.state) {
    case 'offline':
      return words.sheet.offline
    case 'refused':
      return words.sheet.refused + words.problem(state.problem)
    case 'conflict':
      return words.sheet.savedBut
    case 'dirty':
    case 'sending':
      return words.sheet.saving
    default:
      return words.sheet.saved
  }
}
