import type { KnownFigures } from '@dellop/core/figure'
import { knownFigures, type Group } from '@dellop/core/group'
import type { Settings } from '@dellop/wire'
import { computed, shallowRef, type Ref } from 'vue'
import { editAtOnce } from '../document/editAtOnce.ts'
import { GROUP } from '../document/kinds.ts'
import type { OpenDocument } from '../document/openDocument.ts'
import { api } from './api.ts'
import { byName, documentOf, documentsIn, opened, without } from './openLists.ts'

/** The groups that somebody calls for, and the one that is chosen. */
export function useGroups(settings: Readonly<Ref<Settings>>) {
  const groupDocuments = shallowRef<readonly OpenDocument<Group>[]>([])
  const groups = computed<readonly Group[]>(() => byName(documentsIn(groupDocuments.value)))
  /** Takes in what the server has. */
  async function takeGroups(
    list: readonly Group[],
    revisions: Readonly<Record<string, number>>,
  ): Promise<void> {
    groupDocuments.value = await opened(GROUP, list, revisions)
  }
  /** Reads the groups again, where some came in beside this page. */
  async function readGroups(): Promise<void> {
    const now = await api('listGroups')
    for (const one of groupDocuments.value) one.close()
    await takeGroups(now.groups, now.revisions)
  }
  /** The group that lists and sheets are narrowed to, and what it knows. */
  const group = computed<Group | null>(
    () => groups.value.find(({ id }) => id === settings.value.groupId) ?? null,
  )
  const known = computed<KnownFigures | null>(() => group.value && knownFigures(group.value))
  async function addGroup(group: Group): Promise<void> {
    const { group: document, revision } = await api('newGroup', { body: { group } })
    const [added] = await opened(GROUP, [document], { [document.id]: revision })
    groupDocuments.value = [...groupDocuments.value, added!]
  }
  const saveGroup = (next: Group): Promise<void> =>
    editAtOnce(documentOf(groupDocuments.value, next.id)!, next)
  async function removeGroup(id: string): Promise<void> {
    await api('removeGroup', { params: { id } })
    groupDocuments.value = without(groupDocuments.value, id)
  }
  return { groups, group, known, takeGroups, readGroups, addGroup, saveGroup, removeGroup }
}
