import { ref } from 'vue'
import { browserTimers } from '../app/timers.ts'

/** A line that is told for some seconds, and goes unless another has come. */
export function useFlash() {
  const flash = ref('')
  function say(text: string, seconds = 8): void {
    flash.value = text
    browserTimers.after(seconds * 1000, () => {
      if (flash.value === text) flash.value = ''
    })
  }
  return { flash, say }
}
