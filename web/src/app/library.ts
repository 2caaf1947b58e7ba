import type { Voice } from '@dellop/core/cue'
import { bookOf, type Figure, type FigureBook, type KnownFigures } from '@dellop/core/figure'
import { knownFigures, type Group } from '@dellop/core/group'
import type { Routine } from '@dellop/core/routine'
import { ROUND_SCHOOL, SHIPPED_SCHOOLS, type School } from '@dellop/core/school'
import type { SheetInput } from '@dellop/core/sheet'
import type { Tune } from '@dellop/core/tune'
import { DEFAULT_SETTINGS, type Settings } from '@dellop/wire'
import { defineStore } from 'pinia'
import { computed, shallowRef } from 'vue'
import { editAtOnce } from '../document/editAtOnce.ts'
import { GROUP, SCHOOL, SETTINGS, SETTINGS_ID, type OpenKind } from '../document/kinds.ts'
import { openDocument, type OpenDocument } from '../document/openDocument.ts'
import { api } from './api.ts'
import { useStandIn, voiceChosen } from './voices.ts'

/**
 * What every sheet is written with: figures, tunes, schools and this machine's settings. Read once,
 * then kept.
 */
export const useLibrary = defineStore('library', () => {
  /** As the server keeps them; composites are put together for the book. */
  const written = shallowRef<readonly Figure[]>([])
  const tunes = shallowRef<readonly Tune[]>([])
  const machine = openDocument(SETTINGS, SETTINGS_ID)
  const settings = computed<Settings>(() => machine.document.value ?? DEFAULT_SETTINGS)
  const groupDocuments = shallowRef<readonly OpenDocument<Group>[]>([])
  const groups = computed<readonly Group[]>(() => byName(documentsIn(groupDocuments.value)))
  const ownSchools = shallowRef<readonly OpenDocument<School>[]>([])
  const schools = computed<readonly School[]>(() => [
    ...SHIPPED_SCHOOLS,
    ...byName(documentsIn(ownSchools.value)),
  ])
  let loading: Promise<void> | null = null

  const book = computed<FigureBook>(() => bookOf(written.value))
  const figures = computed<readonly Figure[]>(() => [...book.value.values()])

  async function fetchAll(): Promise<void> {
    const [figureList, tuneList, schoolList, kept, groupList] = await Promise.all([
      api('listFigures'),
      api('listTunes'),
      api('listSchools'),
      api('getSettings'),
      api('listGroups'),
    ])
    written.value = figureList.figures
    tunes.value = tuneList.tunes
    await machine.open({ document: kept.settings, revision: kept.revision })
    groupDocuments.value = await opened(GROUP, groupList.groups, groupList.revisions)
    const own = schoolList.schools.filter(({ id }) => id in schoolList.revisions)
    ownSchools.value = await opened(SCHOOL, own, schoolList.revisions)
    const { voice, wordsPerMinute } = settings.value
    if (voice === 'stand-in') await standIn.load(wordsPerMinute)
  }

  /** Reads everything, once; a failed try can be made again. */
  function load(): Promise<void> {
    loading ??= fetchAll().catch((error: unknown) => {
      loading = null
      throw error
    })
    return loading
  }

  async function saveSettings(next: Settings): Promise<void> {
    if (next.voice === 'stand-in') await standIn.load(next.wordsPerMinute)
    await editAtOnce(machine, next)
  }

  /** One value per language and setting, so that lengths worked out for it are kept. */
  const standIn = useStandIn()
  const voices = computed(() => ({
    en: voiceChosen(settings.value, 'en', standIn.lengths),
    de: voiceChosen(settings.value, 'de', standIn.lengths),
  }))
  const voiceFor = (language: 'en' | 'de'): Voice => voices.value[language]
  const schoolFor = (id: string): School =>
    schools.value.find((school) => school.id === id) ?? ROUND_SCHOOL
  const schoolOrNull = (id: string | undefined): School | null =>
    schools.value.find((school) => school.id === id) ?? null
  /** The school of this evening, where the cuer has chosen one. */
  const tonight = computed<School | null>(() =>
    settings.value.tonight && Date.now() < settings.value.tonight.untilMs
      ? schoolOrNull(settings.value.tonight.schoolId)
      : null,
  )
  const callTonightBy = (schoolId: string | null): Promise<void> =>
    saveSettings({
      ...settings.value,
      tonight: schoolId === null ? null : { schoolId, untilMs: nextMorning(new Date()) },
    })
  /** The school a sheet is called by: the evening's, or the chosen group's, where it has one. */
  const schoolOf = ({ schoolId }: Pick<Routine, 'schoolId'>): School =>
    tonight.value ?? schoolOrNull(group.value?.schoolId) ?? schoolFor(schoolId)
  const tuneFor = (id: string | null): Tune | null =>
    tunes.value.find((tune) => tune.id === id) ?? null
  /**
   * All that a routine is derived from, as the cuer has it now: page, paper and comparison go by
   * the same.
   */
  const inputFor = (routine: Routine): SheetInput => ({
    routine,
    book: book.value,
    school: schoolOf(routine),
    voice: voiceFor(routine.language),
    hallSeconds: settings.value.hallSeconds,
    tune: tuneFor(routine.tuneId),
    group: group.value,
  })
  /** Puts new or changed figures into the book. */
  function putFigures(list: readonly Figure[]): void {
    const ids = new Set(list.map(({ id }) => id))
    written.value = [...written.value.filter(({ id }) => !ids.has(id)), ...list]
  }
  const dropFigure = (id: string): void =>
    void (written.value = written.value.filter((figure) => figure.id !== id))

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
  /** Puts a new or changed tune in its place. */
  const putTune = (tune: Tune): void =>
    void (tunes.value = [...tunes.value.filter((one) => one.id !== tune.id), tune].sort((a, b) =>
      a.title.localeCompare(b.title),
    ))

  return {
    figures,
    tunes,
    schools,
    settings,
    book,
    groups,
    group,
    tonight,
    callTonightBy,
    known,
    load,
    saveSettings,
    addGroup,
    saveGroup,
    removeGroup,
    saveSchool,
    bringSchool,
    removeSchool,
    voiceFor,
    schoolFor,
    inputFor,
    tuneFor,
    putFigures,
    dropFigure,
    putTune,
  }
})

/** Documents that a list has given, open, each at its revision. */
const opened = <Document extends { readonly id: string }>(
  kind: OpenKind<Document>,
  list: readonly Document[],
  revisions: Readonly<Record<string, number>>,
): Promise<OpenDocument<Document>[]> =>
  Promise.all(
    list.map(async (document) => {
      const one = openDocument(kind, document.id)
      await one.open({ document, revision: revisions[document.id] ?? 0 })
      return one
    }),
  )

const documentsIn = <Document extends object>(
  open: readonly OpenDocument<Document>[],
): Document[] => open.flatMap(({ document }) => document.value ?? [])
const documentOf = <Document extends { readonly id: string }>(
  open: readonly OpenDocument<Document>[],
  id: string,
): OpenDocument<Document> | undefined => open.find(({ document }) => document.value?.id === id)
const byName = <One extends { readonly name: string }>(list: readonly One[]): readonly One[] =>
  [...list].sort((a, b) => a.name.localeCompare(b.name))

/** All but one, which is closed. */
function without<Document extends { readonly id: string }>(
  open: readonly OpenDocument<Document>[],
  id: string,
): readonly OpenDocument<Document>[] {
  documentOf(open, id)?.close()
  return open.filter(({ document }) => document.value?.id !== id)
}

/** An evening is over at six in the morning. */
function nextMorning(now: Date): number {
  const morning = new Date(now)
  morning.setHours(6, 0, 0, 0)
  if (morning <= now) morning.setDate(morning.getDate() + 1)
  return morning.getTime()
}
