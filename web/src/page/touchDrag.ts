import { onBeforeUnmount, onMounted, type Ref } from 'vue'
import { browserTimers } from '../app/timers.ts'

/** A finger that rests on a figure for so long takes hold of it; moved before, it scrolls. */
const HOLD_MS = 350
const SLACK_PX = 10

/**
 * Figures of the page dragged by touch: held, carried over another and let go before or behind it.
 *
 * @param drop Which figure was let go on which, and on which half.
 */
export function useTouchDrag(
  page: Readonly<Ref<HTMLElement | null>>,
  drop: (dragged: string, target: string, behind: boolean) => void,
): void {
  let pressed: { readonly key: string; readonly x: number; readonly y: number } | null = null
  let isHeld = false
  let over: HTMLElement | null = null
  let stopWaiting = (): void => undefined

  const blockAt = (x: number, y: number): HTMLElement | null =>
    document.elementFromPoint(x, y)?.closest<HTMLElement>('.block[data-slot]') ?? null
  const isBehind = (block: HTMLElement, x: number): boolean => {
    const { left, width } = block.getBoundingClientRect()
    return x > left + width / 2
  }
  function mark(block: HTMLElement | null, x: number): void {
    if (over !== block) over?.removeAttribute('data-drop')
    over = block
    block?.setAttribute('data-drop', isBehind(block, x) ? 'behind' : 'before')
  }
  function end(): void {
    stopWaiting()
    mark(null, 0)
    pressed = null
    isHeld = false
  }

  function start(event: TouchEvent): void {
    end()
    const [touch] = event.touches
    const key = touch && blockAt(touch.clientX, touch.clientY)?.dataset['slot']
    if (!touch || !key || event.touches.length > 1) return
    pressed = { key, x: touch.clientX, y: touch.clientY }
    stopWaiting = browserTimers.after(HOLD_MS, () => (isHeld = true))
  }
  function move(event: TouchEvent): void {
    const [touch] = event.touches
    if (!pressed || !touch) return
    if (!isHeld) {
      const gone = Math.hypot(touch.clientX - pressed.x, touch.clientY - pressed.y)
      if (gone > SLACK_PX) end()
      return
    }
    event.preventDefault()
    mark(blockAt(touch.clientX, touch.clientY), touch.clientX)
  }
  function letGo(event: TouchEvent): void {
    const target = over?.dataset['slot']
    const behind = over?.dataset['drop'] === 'behind'
    if (isHeld && pressed && target && target !== pressed.key) {
      event.preventDefault()
      drop(pressed.key, target, behind)
    }
    end()
  }
  /** The browser's own menu and drag stay away from what a finger holds. */
  const keepAway = (event: Event): void => {
    if (pressed) event.preventDefault()
  }

  onMounted(() => {
    const on = page.value!
    on.addEventListener('touchstart', start, { passive: true })
    on.addEventListener('touchmove', move, { passive: false })
    on.addEventListener('touchend', letGo)
    on.addEventListener('touchcancel', end)
    on.addEventListener('contextmenu', keepAway)
    on.addEventListener('dragstart', keepAway)
  })
  onBeforeUnmount(end)
}
