import {
  recordingOf,
  putOn,
  tuneOn,
  tuneSchema,
  withBeatMap,
  type Recording,
  type Tune,
} from '@dellop/core/tune'
import type { BeatMap } from '@dellop/core/time'
import { computed, ref } from 'vue'
import { useLibrary } from '../app/library.ts'
import { TUNE } from '../document/kinds.ts'
import { savingText } from '../document/saved.ts'
import { documentStore } from '../document/store.ts'

/** One open tune, seen on one of its recordings. */
export function useTuneDocument(id: string) {
  const library = useLibrary()
  const opened = documentStore(TUNE, id)
  const { document: tune } = opened
  const recordingId = ref<string | null>(null)
  /** The tune as it is on the recording that is looked at. */
  const shown = computed(() => tune.value && tuneOn(tune.value, recordingId.value))

  async function open(): Promise<void> {
    await opened.open()
    recordingId.value ??= tune.value!.recordings[0]?.id ?? null
    opened.onSaved(({ document }) => library.putTune(document))
  }

  /** Puts a changed tune in place of this one. Says whether it is a tune that can be kept. */
  const change = (next: Tune | null, label: string, key: string | null = null): boolean =>
    next !== null && tuneSchema.safeParse(next).success && opened.change(next, label, key)

  /** Changes the tune as it is shown; what belongs to one recording stays with it. */
  const changeShown = (next: Tune, label: string, key: string | null = null): boolean =>
    change(tune.value && putOn(tune.value, recordingId.value, next), label, key)

  /** Changes the beats of the recording that is looked at, and what else goes with it. */
  function changeBeats(
    make: (map: BeatMap) => BeatMap | null,
    label: string,
    more: (shown: Tune) => Partial<Tune> = () => ({}),
    heard?: Recording['heard'],
  ): boolean {
    const next = shown.value && withBeatMap(shown.value, make, more, heard)
    return next !== null && changeShown(next, label)
  }

  const look = (id: string): void =>
    void (recordingId.value = recordingOf(tune.value!, id)?.id ?? null)

  return {
    ...opened,
    tune,
    shown,
    recordingId,
    look,
    saving: computed(() => savingText(opened.sync.value)),
    open,
    change,
    changeShown,
    changeBeats,
  }
}
export type TuneDocument = ReturnType<typeof useTuneDocument>
