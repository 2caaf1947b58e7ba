import type { Voice } from '@dellop/core/cue'
import {
  bookOf,
  knownFigures,
  type Figure,
  type FigureBook,
  type FloorProfile,
  type KnownFigures,
} from '@dellop/core/figure'
import type { Routine } from '@dellop/core/routine'
import { ROUND_SCHOOL, type School } from '@dellop/core/school'
import type { SheetInput } from '@dellop/core/sheet'
import type { Tune } from '@dellop/core/tune'
import { DEFAULT_SETTINGS, type Settings } from '@dellop/wire'
import { defineStore } from 'pinia'
import { computed, shallowRef } from 'vue'
import { api } from './api.ts'
import { useStandIn, voiceChosen } from './voices.ts'

/**
 * What every sheet is written with: figures, tunes, schools and this machine's settings. Read once,
 * then kept.
 */
export const useLibrary = defineStore('library', () => {
  /** As the server keeps them; composites are put together for the book. */
  const written = shallowRef<readonly Figure[]>([])
  const floors = shallowRef<readonly FloorProfile[]>([])
  const tunes = shallowRef<readonly Tune[]>([])
  const schools = shallowRef<readonly School[]>([ROUND_SCHOOL])
  const settings = shallowRef<Settings>(DEFAULT_SETTINGS)
  let loading: Promise<void> | null = null

  const book = computed<FigureBook>(() => bookOf(written.value))
  const figures = computed<readonly Figure[]>(() => [...book.value.values()])

  async function fetchAll(): Promise<void> {
    const [figureList, tuneList, schoolList, kept, floorList] = await Promise.all([
      api('listFigures'),
      api('listTunes'),
      api('listSchools'),
      api('getSettings'),
      api('listFloors'),
    ])
    written.value = figureList.figures
    floors.value = floorList.floors
    tunes.value = tuneList.tunes
    schools.value = schoolList.schools
    settings.value = kept
    if (kept.voice === 'stand-in') await standIn.load(kept.wordsPerMinute)
  }

  /** Reads everything, once; a failed try can be made again. */
  function load(): Promise<void> {
    loading ??= fetchAll().catch((error: unknown) => {
      loading = null
      throw error
    })
    return loading
  }

  const sendSettings = inOrder()
  /** Shown at once; taken back where it is refused and nothing was chosen since. */
  async function saveSettings(next: Settings): Promise<void> {
    if (next.voice === 'stand-in') await standIn.load(next.wordsPerMinute)
    const before = settings.value
    settings.value = next
    try {
      const kept = await sendSettings(() => api('putSettings', { body: next }))
      if (settings.value === next) settings.value = kept
    } catch (error) {
      if (settings.value === next) settings.value = before
      throw error
    }
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
  /** The school a sheet is called by: the evening's, or the chosen floor's, where it has one. */
  const schoolOf = ({ schoolId }: Pick<Routine, 'schoolId'>): School =>
    tonight.value ?? schoolOrNull(floor.value?.schoolId) ?? schoolFor(schoolId)
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
    floor: floor.value,
  })
  /** Puts new or changed figures into the book. */
  function putFigures(list: readonly Figure[]): void {
    const ids = new Set(list.map(({ id }) => id))
    written.value = [...written.value.filter(({ id }) => !ids.has(id)), ...list]
  }
  const dropFigure = (id: string): void =>
    void (written.value = written.value.filter((figure) => figure.id !== id))

  /** The floor that lists and sheets are narrowed to, and what it knows. */
  const floor = computed<FloorProfile | null>(
    () => floors.value.find(({ id }) => id === settings.value.floorId) ?? null,
  )
  const known = computed<KnownFigures | null>(() => floor.value && knownFigures(floor.value))
  const putFloor = (floor: FloorProfile): void =>
    void (floors.value = [...floors.value.filter(({ id }) => id !== floor.id), floor].sort((a, b) =>
      a.name.localeCompare(b.name),
    ))
  const sendFloor = inOrder()
  /**
   * Shown at once and sent in order, so that two changes in quick succession build on each other;
   * taken back where it is refused.
   */
  async function saveFloor(next: FloorProfile): Promise<void> {
    const before = floors.value
    putFloor(next)
    try {
      await sendFloor(() => api('putFloor', { params: { id: next.id }, body: { floor: next } }))
    } catch (error) {
      floors.value = before
      throw error
    }
  }
  async function removeFloor(id: string): Promise<void> {
    await api('removeFloor', { params: { id } })
    floors.value = floors.value.filter((one) => one.id !== id)
  }
  /** Puts a new or changed school in its place. */
  const putSchool = (school: School): void =>
    void (schools.value = [...schools.value.filter(({ id }) => id !== school.id), school])
  async function saveSchool(next: School): Promise<void> {
    putSchool((await api('putSchool', { params: { id: next.id }, body: { school: next } })).school)
  }
  async function removeSchool(id: string): Promise<void> {
    await api('removeSchool', { params: { id } })
    schools.value = schools.value.filter((school) => school.id !== id)
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
    floors,
    floor,
    tonight,
    callTonightBy,
    known,
    load,
    saveSettings,
    saveFloor,
    removeFloor,
    saveSchool,
    putSchool,
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

/**
 * Lets what is sent through it begin only when all before is answered, so that the last choice is
 * the one that stays.
 */
function inOrder(): <T>(send: () => Promise<T>) => Promise<T> {
  let last: Promise<unknown> = Promise.resolve()
  return (send) => {
    const sent = last.catch(() => undefined).then(send)
    last = sent
    return sent
  }
}

/** An evening is over at six in the morning. */
function nextMorning(now: Date): number {
  const morning = new Date(now)
  morning.setHours(6, 0, 0, 0)
  if (morning <= now) morning.setDate(morning.getDate() + 1)
  return morning.getTime()
}
