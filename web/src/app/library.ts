import { DEFAULT_VOICES, type Voice } from '@dellop/core/cue'
import { bookOf, type Figure, type FigureBook } from '@dellop/core/figure'
import { ROUND_SCHOOL, type School } from '@dellop/core/school'
import type { Tune } from '@dellop/core/tune'
import { DEFAULT_SETTINGS, type Settings } from '@dellop/wire'
import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import { api } from './api.ts'

/** What every sheet is written with: figures, tunes, schools and this machine's settings. Read once, then kept. */
export const useLibrary = defineStore('library', () => {
  const figures = shallowRef<readonly Figure[]>([])
  const tunes = shallowRef<readonly Tune[]>([])
  const schools = shallowRef<readonly School[]>([ROUND_SCHOOL])
  const settings = ref<Settings>(DEFAULT_SETTINGS)
  let loading: Promise<void> | null = null

  const book = computed<FigureBook>(() => bookOf(figures.value))

  async function fetchAll(): Promise<void> {
    const [figureList, tuneList, schoolList, kept] = await Promise.all([api('listFigures'), api('listTunes'), api('listSchools'), api('getSettings')])
    figures.value = figureList.figures
    tunes.value = tuneList.tunes
    schools.value = schoolList.schools
    settings.value = kept
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
    settings.value = next
    settings.value = await api('putSettings', { body: next })
  }

  /** One value per language and setting, so that lengths worked out for it are kept. */
  const voices = computed(() => {
    const { wordsPerMinute } = settings.value
    return { en: { ...DEFAULT_VOICES.en, wordsPerMinute }, de: { ...DEFAULT_VOICES.de, wordsPerMinute } }
  })
  const voiceFor = (language: 'en' | 'de'): Voice => voices.value[language]
  const schoolFor = (id: string): School => schools.value.find((school) => school.id === id) ?? ROUND_SCHOOL
  const tuneFor = (id: string | null): Tune | null => tunes.value.find((tune) => tune.id === id) ?? null
  /** Puts new or changed figures into the book. */
  function putFigures(list: readonly Figure[]): void {
    const ids = new Set(list.map(({ id }) => id))
    figures.value = [...figures.value.filter(({ id }) => !ids.has(id)), ...list]
  }
  /** Puts a new or changed tune in its place. */
  const putTune = (tune: Tune): void => void (tunes.value = [...tunes.value.filter((one) => one.id !== tune.id), tune].sort((a, b) => a.title.localeCompare(b.title)))

  return { figures, tunes, schools, settings, book, load, saveSettings, voiceFor, schoolFor, tuneFor, putFigures, putTune }
})
