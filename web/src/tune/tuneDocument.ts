import { applyEdits, diff, emptyHistory, record, redo, undo, type History } from '@dellop/core/document'
import { tuneSchema, tuneShape, type Recording, type Tune } from '@dellop/core/tune'
import type { BeatMap } from '@dellop/core/time'
import { computed, ref, shallowRef } from 'vue'
import { api, sentenceOf } from '../app/api.ts'
import { useLibrary } from '../app/library.ts'
import { words } from '../words/index.ts'

const SAVE_AFTER_MS = 600

/** One open tune: changes are kept as steps that can be undone, and saved soon after. */
export function useTuneDocument(id: string) {
  const library = useLibrary()
  const tune = shallowRef<Tune | null>(null)
  const history = shallowRef<History<Tune>>(emptyHistory())
  const saving = ref<string>(words.sheet.saved)
  let updatedAtMs = 0
  let saved: Tune | null = null
  let timer: ReturnType<typeof setTimeout> | null = null
  let busy = false

  async function open(): Promise<void> {
    const answer = await api('getTune', { params: { id } })
    tune.value = saved = answer.tune
    updatedAtMs = answer.updatedAtMs
  }

  /** Puts a changed tune in place of this one. Says whether it is a tune that can be kept. */
  function change(next: Tune | null, label: string, key: string | null = null): boolean {
    const before = tune.value
    if (!before || !next || !tuneSchema.safeParse(next).success) return false
    const edits = diff(tuneShape, before, next)
    const applied = applyEdits(tuneShape, before, edits)
    if (edits.length === 0 || !applied.ok) return false
    history.value = record(history.value, { label, before, after: applied.value, atMs: Date.now(), key })
    settle(applied.value)
    return true
  }

  /** Changes the first recording. */
  function changeRecording(make: (recording: Recording) => Partial<Recording> | null, label: string, more: Partial<Tune> = {}): boolean {
    const now = tune.value
    const recording = now?.recordings[0]
    const changes = recording && make(recording)
    return !!changes && change({ ...now, ...more, recordings: [{ ...recording, ...changes }, ...now.recordings.slice(1)] }, label)
  }

  const changeBeats = (make: (map: BeatMap) => BeatMap | null, label: string, more: Partial<Tune> = {}): boolean =>
    changeRecording(
      ({ beatMap }) => {
        const mended = make(beatMap)
        return mended && { beatMap: mended }
      },
      label,
      more,
    )

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
      updatedAtMs = (await api('changeTune', { params: { id }, body: { tune: now, updatedAtMs } })).updatedAtMs
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

  return { tune, saving, open, save, change, changeBeats, undo: () => travel(undo), redo: () => travel(redo), canUndo: computed(() => history.value.done.length > 0), canRedo: computed(() => history.value.undone.length > 0) }
}
export type TuneDocument = ReturnType<typeof useTuneDocument>
