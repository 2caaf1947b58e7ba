import type { Practice, Take } from '@dellop/core/rehearse'
import { computed, onMounted, ref, shallowRef } from 'vue'
import { api, sentenceOf } from '../app/api.ts'

/** What was practised of a sheet, the newest first; kept by the server. */
export function usePractice(sheetId: string) {
  const all = shallowRef<readonly Practice[]>([])
  const failure = ref('')

  async function tried(work: () => Promise<void>): Promise<boolean> {
    failure.value = ''
    try {
      await work()
      return true
    } catch (error) {
      failure.value = sentenceOf(error)
      return false
    }
  }
  const load = (): Promise<boolean> =>
    tried(async () => {
      const { practice } = await api('listPractice')
      all.value = practice.filter((one) => one.sheetId === sheetId)
    })
  const keep = (practice: Practice): Promise<boolean> =>
    tried(async () => {
      await api('putPractice', { params: { id: practice.id }, body: { practice } })
      all.value = [practice, ...all.value.filter(({ id }) => id !== practice.id)]
    })
  const remove = (id: string): Promise<boolean> =>
    tried(async () => {
      await api('removePractice', { params: { id } })
      all.value = all.value.filter((one) => one.id !== id)
    })
  onMounted(load)
  const takes = computed(() => all.value.filter((one): one is Take => one.kind === 'take'))
  return { all, takes, failure, load, keep, remove }
}
export type PracticeStore = ReturnType<typeof usePractice>
