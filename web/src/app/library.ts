import type { Voice } from '@dellop/core/cue'
import { bookOf, type Figure, type FigureBook } from '@dellop/core/figure'
import type { Routine } from '@dellop/core/routine'
import { ROUND_SCHOOL, type School } from '@dellop/core/school'
import type { SheetInput } from '@dellop/core/sheet'
import type { Tune } from '@dellop/core/tune'
import { DEFAULT_SETTINGS, type Settings } from '@dellop/wire'
import { defineStore } from 'pinia'
import { computed, shallowRef } from 'vue'
import { editAtOnce } from '../document/editAtOnce.ts'
import { SETTINGS, SETTINGS_ID } from '../document/kinds.ts'
import { openDocument } from '../document/openDocument.ts'
import { api } from './api.ts'
import { useGroups } from './groups.ts'
import { useSchools } from './ownSchools.ts'
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
  const { takeGroups, ...people } = useGroups(settings)
  const { takeSchools, ...ways } = useSchools()
  const { group } = people
  const { schools } = ways
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
    // What was saved while the lists were on their way is newer than they are.
    const saved = tunes.value
    tunes.value = tuneList.tunes
    saved.forEach(putTune)
    await machine.open({ document: kept.settings, revision: kept.revision })
    await takeGroups(groupList.groups, groupList.revisions)
    await takeSchools(schoolList.schools, schoolList.revisions)
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

  /** Changes settings as they are once they have been read: what nobody has read yet stays. */
  async function saveSettings(
    change: Partial<Settings> | ((now: Settings) => Partial<Settings>),
  ): Promise<void> {
    await load()
    const now = settings.value
    const next = { ...now, ...(typeof change === 'function' ? change(now) : change) }
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

  /** Puts a new or changed tune in its place. */
  const putTune = (tune: Tune): void =>
    void (tunes.value = [...tunes.value.filter((one) => one.id !== tune.id), tune].sort((a, b) =>
      a.title.localeCompare(b.title),
    ))

  /** Reads the tunes again, where some came in beside this page. */
  const readTunes = async (): Promise<void> => void (tunes.value = (await api('listTunes')).tunes)

  const dropTune = (id: string): void =>
    void (tunes.value = tunes.value.filter((one) => one.id !== id))

  return {
    ...people,
    ...ways,
    figures,
    tunes,
    settings,
    book,
    tonight,
    callTonightBy,
    load,
    saveSettings,
    voiceFor,
    schoolFor,
    inputFor,
    tuneFor,
    putFigures,
    readTunes,
    dropFigure,
    putTune,
    dropTune,
  }
})

/** An evening is over at six in the morning. */
function nextMorning(now: Date): number {
  const morning = new Date(now)
  morning.setHours(6, 0, 0, 0)
  if (morning <= now) morning.setDate(morning.getDate() + 1)
  return morning.getTime()
}
