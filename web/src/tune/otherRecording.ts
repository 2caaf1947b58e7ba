import { computed, ref, shallowRef, type Ref } from 'vue'
import { sentenceOf } from '../app/api.ts'
import { words } from '../words/index.ts'
import { bringInOther, progressText, type BringProgress } from './bringIn.ts'
import { differencesText } from '../words/differences.ts'
import type { TuneDocument } from './tuneDocument.ts'

let waiting: { readonly tuneId: string; readonly file: File } | null = null

/** Leaves a file for a tune's page to bring in as another recording, when the page is opened. */
export const leaveForTune = (tuneId: string, file: File): void => void (waiting = { tuneId, file })
export function takeForTune(tuneId: string): File | null {
  const found = waiting?.tuneId === tuneId ? waiting.file : null
  if (found) waiting = null
  return found
}

/** Brings another recording into the tune that is open, laid beside the one that is looked at. */
export function useOtherRecording(
  document_: TuneDocument,
  buffer: Ref<AudioBuffer | null>,
  told: Ref<string>,
  failure: Ref<string>,
) {
  const progress = ref<BringProgress | null>(null)
  const stopping = shallowRef<AbortController | null>(null)
  const text = computed(() => progress.value && progressText(progress.value))
  const share = computed(() => (progress.value?.step === 'listening' ? progress.value.share : null))

  async function bring(file: File): Promise<void> {
    const known = document_.recordingId.value
    if (stopping.value || !document_.tune.value || known === null) return
    const stop = new AbortController()
    stopping.value = stop
    failure.value = told.value = ''
    try {
      const { recording, sameMusic } = await bringInOther(
        document_.tune.value,
        known,
        buffer.value,
        file,
        (at) => (progress.value = at),
        stop.signal,
      )
      const now = document_.tune.value
      document_.change(
        { ...now, recordings: [...now.recordings, recording] },
        words.tunes.done.recording,
      )
      const differences = differencesText(recording)
      told.value = !sameMusic
        ? words.tunes.otherMusic(recording.name)
        : differences === ''
          ? words.tunes.otherSame(recording.name)
          : words.tunes.otherDiffers(recording.name, differences)
    } catch (error) {
      if (stop.signal.aborted) told.value = words.tunes.stopped
      else failure.value = words.tunes.recordingNot + sentenceOf(error)
    } finally {
      stopping.value = progress.value = null
    }
  }
  return { bring, text, share, stop: () => stopping.value?.abort() }
}
