import {
  applyEdits,
  diff,
  emptyHistory,
  record,
  redo,
  undo,
  type History,
} from '@dellop/core/document'
import {
  putOn,
  recordingOf,
  tuneOn,
  tuneSchema,
  tuneShape,
  type Recording,
  type Tune,
} from '@dellop/core/tune'
import type { BeatMap } from '@dellop/core/time'
import { computed, ref, shallowRef } from 'vue'
import { api, sentenceOf } from '../app/api.ts'
import { useLibrary } from '../app/library.ts'
import { words } from '../words/index.ts'

const SAVE_AFTER_MS = 600

/**
 * One open tune, seen on one of its recordings: changes are kept as steps that can be undone, and
 * saved soon after.
 */
export function useTuneDocument(id: string) {
  const library = useLibrary()
  const tune = shallowRef<Tune | null>(null)
  const recordingId = ref<string | null>(null)
  /** The tune as it is on the recording that is looked at. */
  const shown = computed(() => tune.value && tuneOn(tune.value, recordingId.value))
  const history = shallowRef<History<Tune>>(emptyHistory())
  const saving = ref<string>(words.sheet.saved)
  let updatedAtMs = 0
  let saved: Tune | null = null
  let timer: ReturnType<typeof setTimeout> | null = null
  let busy = false

  async function open(): Promise<void> {
    const answer = await api('getTune', { params: { id } })
    tune.value = saved = answer.tune
    recordingId.value ??= answer.tune.recordings[0]?.id ?? null
    updatedAtMs = answer.updatedAtMs
  }

  /** Puts a changed tune in place of this one. Says whether it is a tune that can be kept. */
  function change(next: Tune | null, label: string, key: string | null = null): boolean {
    const before = tune.value
    if (!before || !next || !tuneSchema.safeParse(next).success) return false
    const edits = diff(tuneShape, before, next)
    const applied = applyEdits(tuneShape, before, edits)
    if (edits.length === 0 || !applied.ok) return false
    history.value = record(history.value, {
      label,
      before,
      after: applied.value,
      atMs: Date.now(),
      key,
    })
    settle(applied.value)
    return true
  }

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
    const now = shown.value
    const recording = now?.recordings[0]
    const beatMap = recording && make(recording.beatMap)
    if (!now || !beatMap) return false
    return changeShown(
      {
        ...now,
        ...more(now),
        recordings: [
          { ...recording, beatMap, heard: heard === undefined ? recording.heard : heard },
        ],
      },
      label,
    )
  }

  const look = (id: string): void =>
    void (recordingId.value = recordingOf(tune.value!, id)?.id ?? null)

  function travel(way: typeof undo): string | null {
    const now = tune.value
    const step = now && way(tuneShape, history.value, now)
    if (!step) return null
    const applied = applyEdits(tuneShape, now, step.edits)
    history.value = step.history
    if (applied.ok) settle(applied.value)
    return step.label
  }

  function settle(next: Tune): void {
    tune.value = next
    saving.value = words.sheet.saving
    if (timer) clearTimeout(timer)
    timer = setTimeout(() => void save(), SAVE_AFTER_MS)
  }

  async function save(): Promise<void> {
    const now = tune.value
    if (!now || now === saved || busy) return
    busy = true
    try {
      updatedAtMs = (await api('changeTune', { params: { id }, body: { tune: now, updatedAtMs } }))
        .updatedAtMs
      saved = now
      library.putTune(now)
      saving.value = words.sheet.saved
    } catch (error) {
      saving.value = words.sheet.refused + sentenceOf(error)
    } finally {
      busy = false
    }
    if (tune.value !== saved && saving.value === words.sheet.saved) settle(tune.value!)
  }

  return {
    tune,
    shown,
    recordingId,
    look,
    saving,
    open,
    save,
    change,
    changeShown,
    changeBeats,
    undo: () => travel(undo),
    redo: () => travel(redo),
    canUndo: computed(() => history.value.done.length > 0),
    canRedo: computed(() => history.value.undone.length > 0),
  }
}
export type TuneDocument = ReturnType<typeof useTuneDocument>
