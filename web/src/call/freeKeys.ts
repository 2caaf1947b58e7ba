import { useEventListener } from '@vueuse/core'
import type { FreeCall } from './free.ts'

/** Numbers on offer for figures; those after them are the ways home. */
const OFFERS = 6

/** Keys of a call without a sheet: letters look for a figure, numbers take what is on offer. */
export function useFreeKeys(free: () => FreeCall | null): void {
  function onKey(event: KeyboardEvent): void {
    const now = free()
    if (!now || event.repeat || event.ctrlKey || event.metaKey || event.altKey) return
    const target = event.target instanceof HTMLElement ? event.target : null
    if (target?.closest('input, select, textarea')) return
    if ((event.key === ' ' || event.key === 'Enter') && target?.closest('button, a')) return
    if (press(now, event.key)) event.preventDefault()
  }
  useEventListener(window, 'keydown', onKey)
}

/** Does what a key stands for; false where it stands for nothing. */
export function press(now: FreeCall, key: string): boolean {
  const take = (index: number): void => {
    const offer = now.offers.value[index]
    if (offer) now.take(offer)
  }
  const digit = /^[1-9]$/.test(key) ? Number(key) : 0
  if (key === ' ') now.key()
  else if (digit > OFFERS) now.takeWay(digit - OFFERS - 1)
  else if (digit > 0) take(digit - 1)
  else if (key === 'Enter') take(0)
  else if (key === '0') now.surprise.value = !now.surprise.value
  else if (key === 'Backspace') {
    if (now.typed.value === '') now.putBack()
    else now.typed.value = now.typed.value.slice(0, -1)
  } else if (key === 'Escape') now.typed.value = ''
  else if (/^[\p{L}’'-]$/u.test(key)) now.typed.value += key.toLowerCase()
  else return false
  return true
}
