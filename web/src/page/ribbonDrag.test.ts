import type { Move } from '@dellop/core/cue'
import type { RowRibbon } from '@dellop/core/sheet'
import { createApp } from 'vue'
import { RIBBON_MOVES, useRibbonDrag } from './ribbonDrag.ts'

/** A window that pointers and keys can be sent to. */
class Hand extends EventTarget {
  private readonly before = (globalThis as { window?: unknown }).window
  listening = 0
  constructor() {
    super()
    ;(globalThis as { window?: unknown }).window = this
  }
  override addEventListener(...args: Parameters<EventTarget['addEventListener']>): void {
    this.listening++
    super.addEventListener(...args)
  }
  override removeEventListener(...args: Parameters<EventTarget['removeEventListener']>): void {
    this.listening--
    super.removeEventListener(...args)
  }
  to(clientX: number): void {
    this.dispatchEvent(Object.assign(new Event('pointermove'), { clientX }))
  }
  letGo(): void {
    this.dispatchEvent(new Event('pointerup'))
  }
  press(key: string): void {
    this.dispatchEvent(Object.assign(new Event('keydown'), { key }))
  }
  end(): void {
    ;(globalThis as { window?: unknown }).window = this.before
  }
}
/** A beat is 10 pixels wide; the cue stands at beat 4 and may stand from beat 2 to beat 6. */
const BEAT_PX = 10
const move = (beat: number): Move => ({ said: { startTick: beat * 24 }, cost: beat }) as never
const MOVES = [2, 3, 4, 5, 6].map(move)
const ribbon = (change: Partial<RowRibbon> = {}): RowRibbon =>
  ({ key: 'r', slotKey: 's', start: 4 * 24, purpose: 'cue', ...change }) as RowRibbon

describe('dragging a ribbon', () => {
  let hand: Hand
  beforeEach(() => (hand = new Hand()))
  afterEach(() => hand.end())

  function page(moves: readonly Move[] = MOVES) {
    const moved: number[] = []
    const app = createApp({})
    app.provide(RIBBON_MOVES, {
      movesOf: () => moves,
      move: (_, { said }) => void moved.push(said.startTick / 24),
    })
    const warn = jest.spyOn(console, 'warn').mockImplementation(() => undefined)
    const drag = app.runWithContext(() => useRibbonDrag(() => BEAT_PX))
    warn.mockRestore()
    const grab = (change: Partial<RowRibbon> = {}, button = 0): void =>
      drag.grab({ button, clientX: 100 } as PointerEvent, ribbon(change))
    return { moved, drag, grab }
  }

  it('lands on the nearest moment the planner knows', () => {
    const { moved, drag, grab } = page()
    grab()
    hand.to(100 - 11)
    expect(drag.dragged.value?.move).toBe(MOVES[1])
    hand.letGo()
    expect([moved, drag.dragged.value, hand.listening]).toEqual([[3], null, 0])
  })
  it('goes no further than the hard rules let it, and says so', () => {
    const { moved, drag, grab } = page()
    grab()
    hand.to(100 + 90)
    expect([drag.dragged.value?.move, drag.dragged.value?.atLimit]).toEqual([MOVES[4], true])
    hand.to(100 + 20)
    expect(drag.dragged.value?.atLimit).toBe(false)
    hand.letGo()
    expect(moved).toEqual([6])
  })
  it('is a click until it has gone a few pixels, and nothing where it comes back', () => {
    const { moved, drag, grab } = page()
    grab()
    hand.to(102)
    expect(drag.dragged.value).toBeNull()
    hand.to(120)
    hand.to(100)
    hand.letGo()
    expect(moved).toEqual([])
  })
  it('is given up with Escape', () => {
    const { moved, drag, grab } = page()
    grab()
    hand.to(80)
    hand.press('x')
    expect(drag.dragged.value).not.toBeNull()
    hand.press('Escape')
    hand.letGo()
    expect([drag.dragged.value, moved, hand.listening]).toEqual([null, [], 0])
  })
  it.each([
    ['another button', MOVES, {}, 2],
    ['what is no cue', MOVES, { purpose: 'prompt' as RowRibbon['purpose'] }, 0],
    ['a cue that can stand in one place only', MOVES.slice(0, 1), {}, 0],
  ])('does not begin with %s', (_, moves, change, button) => {
    const { drag, grab } = page(moves)
    grab(change, button)
    hand.to(10)
    expect([drag.dragged.value, hand.listening]).toEqual([null, 0])
  })
})
