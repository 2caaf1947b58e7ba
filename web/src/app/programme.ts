import type { Revised } from '@dellop/core/document'
import { goingOn, withBegun, type Evening, type EveningItem } from '@dellop/core/evening'
import { computed, onScopeDispose, shallowRef } from 'vue'
import { editAtOnce } from '../document/editAtOnce.ts'
import { EVENING } from '../document/kinds.ts'
import { openDocument } from '../document/openDocument.ts'
import { words } from '../words/index.ts'
import { api, ApiProblem } from './api.ts'
import { keepProgramme, keptProgramme } from './keptProgramme.ts'

/**
 * What comes next in the evening that is being called: its name, how fast it is played, and its
 * sheet where it is a dance.
 */
export interface NextItem {
  readonly name: string
  readonly speed: number
  /** Its own, where it is not danced to the one that its sheet is timed on. */
  readonly recordingId: string | null
  readonly sheetId: string | null
}

/**
 * The programme of an evening for who calls it: what is next, and going on to it. Without the
 * server it is the one that was kept here. Without any there is nothing next.
 */
export function useProgramme(eveningId: string | null) {
  const opened = eveningId === null ? null : openDocument(EVENING, eveningId)
  const titles = shallowRef<ReadonlyMap<string, string>>(new Map())
  const nameOf = ({ title, sheetId, kind }: EveningItem): string =>
    title || titles.value.get(sheetId ?? '') || words.evenings.kinds[kind]
  const next = computed((): NextItem | null => {
    const evening = opened?.document.value
    const item = evening ? goingOn(evening).next : null
    if (!item) return null
    const { speed = 1, sheetId = null, recordingId = null } = item
    return { name: nameOf(item), speed, sheetId, recordingId }
  })

  async function open(): Promise<void> {
    if (!opened) return
    try {
      await opened.open()
      const { sheets } = await api('listSheets')
      titles.value = new Map(sheets.map(({ id, title }) => [id, title]))
      opened.onSaved(keep)
      keep(opened.sync.value!.server)
    } catch (error) {
      // The call goes on without its programme where it is gone, or was never here.
      if (!(error instanceof ApiProblem) || error.code !== 'not-found') await openKept()
    }
  }
  const keep = (evening: Revised<Evening>): void =>
    void keepProgramme({ evening, titles: titles.value })
  async function openKept(): Promise<void> {
    const kept = await keptProgramme(eveningId!)
    if (!kept) return
    titles.value = kept.titles
    // It may have come all the same, and only the names have not.
    if (!opened!.document.value) await opened!.open(kept.evening)
    opened!.onSaved(keep)
  }
  /** Ends what goes on and begins what is next; the answer is what has begun. */
  async function goOn(): Promise<NextItem | null> {
    const evening = opened?.document.value
    const item = evening && goingOn(evening).next
    const begun = next.value
    if (!item || !begun) return null
    // Where the server is away it is kept here, and sent when it is back.
    await editAtOnce(opened!, withBegun(evening, item.id, Date.now())).catch(() => undefined)
    return begun
  }
  onScopeDispose(() => opened?.close())
  return { next, open, goOn }
}
