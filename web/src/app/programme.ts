import { goingOn, withBegun, type EveningItem } from '@dellop/core/evening'
import { computed, onScopeDispose, shallowRef } from 'vue'
import { editAtOnce } from '../document/editAtOnce.ts'
import { EVENING } from '../document/kinds.ts'
import { openDocument } from '../document/openDocument.ts'
import { words } from '../words/index.ts'
import { api } from './api.ts'

/**
 * What comes next in the evening that is being called: its name, how fast it is played, and its
 * sheet where it is a dance.
 */
export interface NextItem {
  readonly name: string
  readonly speed: number
  readonly sheetId: string | null
}

/**
 * The programme of an evening for who calls it: what is next, and going on to it. Without one, or
 * where it is not to be had, there is nothing next.
 */
export function useProgramme(eveningId: string | null) {
  const opened = eveningId === null ? null : openDocument(EVENING, eveningId)
  const titles = shallowRef<ReadonlyMap<string, string>>(new Map())
  const nameOf = ({ title, sheetId, kind }: EveningItem): string =>
    title || titles.value.get(sheetId ?? '') || words.evenings.kinds[kind]
  const next = computed((): NextItem | null => {
    const evening = opened?.document.value
    const item = evening ? goingOn(evening).next : null
    return item && { name: nameOf(item), speed: item.speed ?? 1, sheetId: item.sheetId ?? null }
  })

  async function open(): Promise<void> {
    if (!opened) return
    try {
      await opened.open()
      const { sheets } = await api('listSheets')
      titles.value = new Map(sheets.map(({ id, title }) => [id, title]))
    } catch {
      // The call goes on without its programme.
    }
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
