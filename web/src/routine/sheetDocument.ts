import {
  applyEdits,
  diff,
  emptyHistory,
  merge,
  record,
  redo,
  sameValue,
  undo,
  type Conflict,
  type Edit,
  type History,
} from '@dellop/core/document'
import { routineShape, type Routine } from '@dellop/core/routine'
import { sheetChangedSchema, type EditBatch } from '@dellop/wire'
import { computed, ref, shallowRef } from 'vue'
import { api, ApiProblem, sentenceOf } from '../app/api.ts'
import { randomId } from '../app/randomId.ts'
import { dropDraft, keepDraft, readDraft } from './draftStore.ts'

export type SaveState =
  | { readonly state: 'saved' }
  | { readonly state: 'saving' }
  | { readonly state: 'offline' }
  | { readonly state: 'refused'; readonly sentence: string }

const SAVE_AFTER_MS = 500
const RETRY_MS = [1000, 2000, 5000, 10_000]

/**
 * Unique for this tab, and kept over a reload, so that a repeated batch is known for what it is.
 */
function tabId(): string {
  const known = sessionStorage.getItem('dellop-tab')
  if (known) return known
  const made = randomId()
  sessionStorage.setItem('dellop-tab', made)
  return made
}

/**
 * One open sheet: the document here, the document at the server, and the way between. Every edit is
 * kept in the browser at once, sent soon after, and merged with what others did. What has been
 * undone is merged too, never forced.
 */
export function useSheetDocument(id: string) {
  const routine = shallowRef<Routine | null>(null)
  const history = shallowRef<History<Routine>>(emptyHistory())
  const saving = ref<SaveState>({ state: 'saved' })
  const conflicts = ref<Conflict[]>([])
  const clientId = tabId()
  let server: { routine: Routine; revision: number } | null = null
  let pending: { batch: EditBatch; sent: Routine } | null = null
  let timer: ReturnType<typeof setTimeout> | null = null
  let sending = false
  let tries = 0
  let events: EventSource | null = null
  let closed = false

  async function open(): Promise<void> {
    const [state, draft] = await Promise.all([api('getSheet', { params: { id } }), readDraft(id)])
    server = state
    routine.value = state.routine
    if (draft && !sameValue(draft.base, draft.routine)) {
      const merged = merge(routineShape, draft.base, state.routine, draft.routine)
      routine.value = merged.document
      conflicts.value = [...merged.conflicts]
      saveSoon(0)
    }
    listen()
  }

  /**
   * Makes edits; says whether they could be made. Edits with the same key in quick succession are
   * undone as one.
   */
  function edit(edits: readonly Edit[] | null, label: string, key: string | null = null): boolean {
    const before = routine.value
    if (!before || !edits || edits.length === 0) return false
    const result = applyEdits(routineShape, before, edits)
    if (!result.ok) return false
    history.value = record(history.value, {
      label,
      before,
      after: result.value,
      atMs: Date.now(),
      key,
    })
    change(result.value)
    return true
  }

  function travel(way: typeof undo): string | null {
    const now = routine.value
    const step = now && way(routineShape, history.value, now)
    if (!step) return null
    const result = applyEdits(routineShape, now, step.edits)
    history.value = step.history
    if (result.ok) change(result.value)
    return step.label
  }

  function change(next: Routine): void {
    routine.value = next
    // What waits to be sent is not saved: the word must not stand a moment longer than it is true.
    if (saving.value.state === 'saved') saving.value = { state: 'saving' }
    if (server) keepDraft({ id, base: server.routine, revision: server.revision, routine: next })
    saveSoon(SAVE_AFTER_MS)
  }

  function saveSoon(ms: number): void {
    if (timer) clearTimeout(timer)
    timer = setTimeout(() => void save(), ms)
  }

  async function save(): Promise<void> {
    if (!server || !routine.value || closed) return
    if (sending) return
    if (!pending) {
      const edits = diff(routineShape, server.routine, routine.value)
      if (edits.length === 0) return settled()
      pending = {
        sent: routine.value,
        batch: { clientId, batchId: randomId(), base: server.revision, edits },
      }
    }
    saving.value = { state: 'saving' }
    sending = true
    try {
      const answer = await api('editSheet', { params: { id }, body: pending.batch })
      take(answer, pending.sent)
      pending = null
      tries = 0
    } catch (error) {
      return failed(error)
    } finally {
      sending = false
    }
    await save()
  }

  /** What the server made of a batch, under what has been written since it was sent. */
  function take(
    answer: { routine: Routine; revision: number; conflicts: readonly Conflict[] },
    sent: Routine,
  ): void {
    const here = routine.value!
    if (!sameValue(answer.routine, sent))
      routine.value =
        here === sent ? answer.routine : merge(routineShape, sent, answer.routine, here).document
    server = {
      routine: sameValue(answer.routine, sent) ? sent : answer.routine,
      revision: answer.revision,
    }
    conflicts.value.push(...answer.conflicts)
  }

  function settled(): void {
    saving.value = { state: 'saved' }
    void dropDraft(id)
  }

  function failed(error: unknown): void {
    const offline =
      error instanceof ApiProblem &&
      (error.offline || error.code === 'server.failed' || error.code === 'server.stopping')
    if (!offline) pending = null
    saving.value = offline
      ? { state: 'offline' }
      : { state: 'refused', sentence: sentenceOf(error) }
    if (offline) saveSoon(RETRY_MS[Math.min(tries++, RETRY_MS.length - 1)]!)
  }

  function listen(): void {
    events = new EventSource('/api/events')
    events.onmessage = (message) => {
      const event = sheetChangedSchema.safeParse(JSON.parse(message.data as string))
      if (event.success && event.data.id === id && event.data.clientId !== clientId)
        void catchUp(event.data.revision)
    }
    events.onopen = () => void (saving.value.state === 'offline' && save())
  }

  /**
   * Another tab or person changed the sheet: with nothing unsaved here it is simply taken, else it
   * is merged by saving.
   */
  async function catchUp(revision: number): Promise<void> {
    if (!server || revision <= server.revision) return
    if (pending || routine.value !== server.routine) return saveSoon(0)
    const state = await api('getSheet', { params: { id } }).catch(() => null)
    if (!state || !server || routine.value !== server.routine) return
    server = state
    routine.value = state.routine
  }

  function close(): void {
    if (timer) clearTimeout(timer)
    void save()
    closed = true
    events?.close()
  }

  return {
    routine,
    saving,
    conflicts,
    open,
    close,
    edit,
    canUndo: computed(() => history.value.done.length > 0),
    canRedo: computed(() => history.value.undone.length > 0),
    undo: () => travel(undo),
    redo: () => travel(redo),
    saveNow: () => save(),
  }
}
export type SheetDocument = ReturnType<typeof useSheetDocument>
