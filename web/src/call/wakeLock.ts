import { onBeforeUnmount } from 'vue'
import { useDevices } from './devices.ts'

/** Keeps the screen awake while wanted, also after the page was hidden for a moment. */
export function useWakeLock() {
  const devices = useDevices()
  const possible = 'wakeLock' in navigator
  let lock: WakeLockSentinel | null = null
  let wanted = false

  async function take(): Promise<void> {
    if (!possible || !wanted || document.visibilityState !== 'visible' || lock) return
    lock = await navigator.wakeLock.request('screen').catch(() => null)
    devices.staysAwake = lock !== null
    lock?.addEventListener('release', () => {
      lock = null
      devices.staysAwake = false
    })
  }
  const again = (): void => void take()
  document.addEventListener('visibilitychange', again)
  onBeforeUnmount(() => {
    wanted = false
    document.removeEventListener('visibilitychange', again)
    void lock?.release()
  })
  return { possible, keep: (): Promise<void> => ((wanted = true), take()) }
}
