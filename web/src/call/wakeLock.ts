import { onBeforeUnmount, ref } from 'vue'

/** Keeps the screen awake while wanted, also after the page was hidden for a moment. */
export function useWakeLock() {
  const held = ref(false)
  const possible = 'wakeLock' in navigator
  let lock: WakeLockSentinel | null = null
  let wanted = false

  async function take(): Promise<void> {
    if (!possible || !wanted || document.visibilityState !== 'visible' || lock) return
    lock = await navigator.wakeLock.request('screen').catch(() => null)
    held.value = lock !== null
    lock?.addEventListener('release', () => {
      lock = null
      held.value = false
    })
  }
  const again = (): void => void take()
  document.addEventListener('visibilitychange', again)
  onBeforeUnmount(() => {
    wanted = false
    document.removeEventListener('visibilitychange', again)
    void lock?.release()
  })
  return { held, possible, keep: (): Promise<void> => ((wanted = true), take()) }
}
