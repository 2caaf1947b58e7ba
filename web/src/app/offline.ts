import { ref } from 'vue'
import { registerSW } from 'virtual:pwa-register'

/** A new version is waiting; calling `takeUpdate` reloads into it. It never happens by itself. */
export const updateWaiting = ref(false)
let apply: ((reload?: boolean) => Promise<void>) | null = null

/** Registers the service worker that keeps the app itself ready without the network. */
export function watchForUpdates(): void {
  if (!('serviceWorker' in navigator)) return
  apply = registerSW({ immediate: true, onNeedRefresh: () => (updateWaiting.value = true) })
}

export const takeUpdate = (): void => void apply?.(true)
