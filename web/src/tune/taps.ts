import { ref } from 'vue'
import type { useBeatPlayer } from './beatPlayer.ts'
import type { useMending } from './mending.ts'

/** A pause of some seconds begins the taps anew. */
const TAPS_APART_SECONDS = 3

/** Beats tapped along with the music, and what may be made of them. */
export function useTaps(
  player: ReturnType<typeof useBeatPlayer>,
  mending: ReturnType<typeof useMending>,
) {
  const taps = ref<number[]>([])
  function tap(): void {
    const now = player.now()
    const last = taps.value.at(-1)
    const isAnew = last !== undefined && (now <= last || now - last > TAPS_APART_SECONDS)
    taps.value = isAnew ? [now] : [...taps.value, now]
  }
  async function listenNear(): Promise<void> {
    if (await mending.listenNear(taps.value)) taps.value = []
    player.beatsChanged()
  }
  function retap(): void {
    if (mending.retap(taps.value)) taps.value = []
  }
  return { taps, tap, listenNear, retap }
}
