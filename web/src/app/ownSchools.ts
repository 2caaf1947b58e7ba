import { SHIPPED_SCHOOLS, type School } from '@dellop/core/school'
import { computed, shallowRef } from 'vue'
import { editAtOnce } from '../document/editAtOnce.ts'
import { SCHOOL } from '../document/kinds.ts'
import { openDocument, type OpenDocument } from '../document/openDocument.ts'
import { api } from './api.ts'
import { byName, documentOf, documentsIn, opened, without } from './openLists.ts'

/** The schools that ship, and those of one's own. */
export function useSchools() {
  const ownSchools = shallowRef<readonly OpenDocument<School>[]>([])
  const schools = computed<readonly School[]>(() => [
    ...SHIPPED_SCHOOLS,
    ...byName(documentsIn(ownSchools.value)),
  ])
  /** Takes in what the server has; those that ship are here already. */
  async function takeSchools(
    list: readonly School[],
    revisions: Readonly<Record<string, number>>,
  ): Promise<void> {
    const own = list.filter(({ id }) => id in revisions)
    ownSchools.value = await opened(SCHOOL, own, revisions)
  }
  /** Keeps a school of one's own: a new one, or one that was changed. */
  async function saveSchool(next: School): Promise<void> {
    const known = documentOf(ownSchools.value, next.id)
    if (known) return editAtOnce(known, next)
    const { school, revision } = await api('newSchool', { body: { school: next } })
    const [added] = await opened(SCHOOL, [school], { [school.id]: revision })
    ownSchools.value = [...ownSchools.value, added!]
  }
  /** Takes in a school that has come to the server with a sheet. */
  async function bringSchool(id: string): Promise<void> {
    if (schools.value.some((school) => school.id === id)) return
    const brought = openDocument(SCHOOL, id)
    await brought.open()
    ownSchools.value = [...ownSchools.value, brought]
  }
  async function removeSchool(id: string): Promise<void> {
    await api('removeSchool', { params: { id } })
    ownSchools.value = without(ownSchools.value, id)
  }
  return { schools, takeSchools, saveSchool, bringSchool, removeSchool }
}
