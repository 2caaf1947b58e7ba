import { leftToCall, toCallKey, type Evening, type ToCall } from '@dellop/core/evening'
import type { Revised } from '@dellop/core/document'
import { computed, ref, watch } from 'vue'
import { useLongWork } from '../app/longWork.ts'
import { keepProgramme } from '../app/keptProgramme.ts'
import { loadPack } from '../app/packStore.ts'
import { words } from '../words/index.ts'

/**
 * Keeps an evening in this browser so that it can be called when the server or the network is gone:
 * its programme, with every change of it, and every dance that is still to be called, with its
 * music. It begins by itself, and again when other dances come in.
 *
 * @param evening the programme as the server has it
 * @param titles of sheets, by their ids
 */
export function useReadyAway(
  evening: () => Revised<Evening>,
  titles: () => ReadonlyMap<string, string>,
) {
  const say = words.evenings.tonight.away
  const ready = ref<ReadonlySet<string>>(new Set())
  /** What could not be kept. */
  const missed = ref<ReadonlySet<string>>(new Set())
  const toCall = computed(() => leftToCall(evening().document))
  const isKept = ref(true)
  const { working, failure, told, doing, cancel } = useLongWork({
    begun: say.working,
    stopped: say.stopped,
    failed: say.failed,
  })

  async function keepOne(one: ToCall): Promise<boolean> {
    try {
      const { kept, isWhole } = await loadPack(one.sheetId, one.recordingId)
      return kept && isWhole
    } catch {
      return false
    }
  }
  async function keepOrder(): Promise<void> {
    isKept.value = await keepProgramme({ evening: evening(), titles: titles() })
  }
  const isNew = (one: ToCall): boolean => {
    const key = toCallKey(one)
    return !ready.value.has(key) && !missed.value.has(key)
  }
  const start = (): Promise<void> =>
    doing(async (signal) => {
      missed.value = new Set()
      await keepOrder()
      // What comes in meanwhile is kept too.
      for (let one = toCall.value.find(isNew); one; one = toCall.value.find(isNew)) {
        signal.throwIfAborted()
        const mine = (await keepOne(one)) ? ready : missed
        mine.value = new Set([...mine.value, toCallKey(one)])
      }
    })

  watch(evening, keepOrder)
  watch(toCall, (all) => void (all.some(isNew) && !working.value && start()), { immediate: true })
  return {
    working,
    failure,
    told,
    start,
    cancel,
    all: computed(() => toCall.value.length),
    done: computed(() => toCall.value.filter((one) => ready.value.has(toCallKey(one))).length),
    missing: computed(() =>
      toCall.value
        .filter((one) => missed.value.has(toCallKey(one)))
        .map(({ sheetId }) => titles().get(sheetId) ?? sheetId),
    ),
    isKept,
  }
}
