import type { Ref } from 'vue'
import { useListenAgain, type Ear } from './listenAgain.ts'
import { useMendBeats, type MendedTune } from './mendBeats.ts'

/** All that can be done to the beats of the recording that is looked at, by hand and by ear. */
export function useMending(document_: MendedTune, chosenBeat: Ref<number | null>, ear: Ear) {
  const { layoutWith, ...byHand } = useMendBeats(document_, chosenBeat, ear.told)
  return { ...byHand, ...useListenAgain(document_, { layoutWith, ...byHand }, ear) }
}
export type Mending = ReturnType<typeof useMending>
