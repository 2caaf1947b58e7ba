import { words } from '../words/index.ts'
import type { useTuneDocument } from './tuneDocument.ts'

/** Changes to the recordings that a tune has. */
export function tuneRecordings(tuneDocument: ReturnType<typeof useTuneDocument>) {
  const { tune } = tuneDocument
  function rename(id: string, name: string): void {
    const recordings = tune.value!.recordings.map((one) => (one.id === id ? { ...one, name } : one))
    tuneDocument.change({ ...tune.value!, recordings }, words.tunes.done.recordingName)
  }
  function takeOut(id: string): void {
    const recordings = tune.value!.recordings.filter((one) => one.id !== id)
    tuneDocument.change({ ...tune.value!, recordings }, words.tunes.done.recordingGone)
    tuneDocument.look(tuneDocument.recordingId.value ?? '')
  }
  return { rename, takeOut }
}
