import type { Move } from '@dellop/core/cue'
import type { RowRibbon } from '@dellop/core/sheet'
import { TICKS_PER_BEAT } from '@dellop/core/time'
import { inject, onBeforeUnmount, shallowRef, type InjectionKey } from 'vue'

/**
 * What a page lets be done to its ribbons: where a cue may be moved and what that costs, and the
 * moving of it.
 */
export interface RibbonMoves {
  readonly movesOf: (slotKey: string) => readonly Move[]
  readonly move: (slotKey: string, move: Move) => void
}
export const RIBBON_MOVES: InjectionKey<RibbonMoves> = Symbol('ribbon moves')

/** A ribbon on its way: where it would be let go. */
export interface Dragged {
  readonly key: string
  readonly move: Move
  /** It is held back by what must not be broken: no further in this direction. */
  readonly atLimit: boolean
}

/** Pixels a pointer has to go before a click becomes a drag. */
const SLACK_PX = 4

/**
 * Drags a ribbon along its line. It goes only where the hard rules let it, and lands on the nearest
 * moment the planner knows.
 */
export function useRibbonDrag(beatPx: () => number) {
  const page = inject(RIBBON_MOVES, null)
  const dragged = shallowRef<Dragged | null>(null)
  let letGo: (() => void) | null = null

  function grab(event: PointerEvent, ribbon: RowRibbon): void {
    if (!page || event.button !== 0 || ribbon.purpose !== 'cue') return
    const moves = page.movesOf(ribbon.slotKey)
    if (moves.length < 2) return
    const from = event.clientX
    const onMove = (now: PointerEvent): void => {
      const by = now.clientX - from
      if (!dragged.value && Math.abs(by) < SLACK_PX) return
      const wanted = ribbon.start + (by / beatPx()) * TICKS_PER_BEAT
      const move = nearest(moves, wanted)
      dragged.value = {
        key: ribbon.key,
        move,
        atLimit: wanted < moves[0]!.said.startTick - 3 || wanted > moves.at(-1)!.said.startTick + 3,
      }
    }
    const onUp = (): void => {
      const now = dragged.value
      letGo?.()
      if (now && now.move.said.startTick !== ribbon.start) page.move(ribbon.slotKey, now.move)
    }
    const onKey = (key: KeyboardEvent): void => {
      if (key.key === 'Escape') letGo?.()
    }
    letGo = () => {
      window.removeEventListener('pointermove', onMove)
      window.removeEventListener('pointerup', onUp)
      window.removeEventListener('keydown', onKey, true)
      dragged.value = null
      letGo = null
    }
    window.addEventListener('pointermove', onMove)
    window.addEventListener('pointerup', onUp)
    window.addEventListener('keydown', onKey, true)
  }

  onBeforeUnmount(() => letGo?.())
  return { dragged, grab }
}

const nearest = (moves: readonly Move[], tick: number): Move =>
  moves.reduce((best, one) =>
    Math.abs(one.said.startTick - tick) < Math.abs(best.said.startTick - tick) ? one : best,
  )
