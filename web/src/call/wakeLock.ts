import { useWakeLock } from '@vueuse/core'
import { onScopeDispose, watchEffect } from 'vue'
import { useDevices } from './devices.ts'

/** Keeps the screen awake while wanted, also after the page was hidden for a moment. */
export function useAwakeScreen() {
  const devices = useDevices()
  const lock = useWakeLock()
  watchEffect(() => void (devices.staysAwake = lock.isActive.value))
  onScopeDispose(() => void lock.release())
  return {
    possible: lock.isSupported,
    /** Where the machine refuses it, on a low battery say, the screen shows that it may sleep. */
    keep: (): Promise<void> => lock.request('screen').catch(() => undefined),
  }
}
