import { seriesSchema, type Series, type SeriesLesson, type Topic } from '@dellop/core/lesson'
import { computed } from 'vue'
import { SERIES } from '../document/kinds.ts'
import { savingText } from '../document/saved.ts'
import { documentStore } from '../document/store.ts'

/** One open series; every change can be undone. */
export function useSeriesDocument(id: string) {
  const opened = documentStore(SERIES, id)
  const { document: series } = opened
  const change = (next: Series | null, label: string): boolean =>
    next !== null && seriesSchema.safeParse(next).success && opened.change(next, label)
  const set = (fields: Partial<Series>, label: string): boolean =>
    series.value !== null && change({ ...series.value, ...fields }, label)
  const setLesson = (
    lessonId: string,
    make: (lesson: SeriesLesson) => SeriesLesson,
    label: string,
  ): boolean =>
    series.value !== null &&
    set(
      { lessons: series.value.lessons.map((one) => (one.id === lessonId ? make(one) : one)) },
      label,
    )
  const setTopics = (lessonId: string, topics: readonly Topic[], label: string): boolean =>
    setLesson(lessonId, (lesson) => ({ ...lesson, topics }), label)
  return {
    ...opened,
    series,
    change,
    set,
    setLesson,
    setTopics,
    saving: computed(() => savingText(opened.sync.value)),
  }
}
export type SeriesDocument = ReturnType<typeof useSeriesDocument>
