import { browserTimers, type Timers } from '../app/timers.ts'
import type { Clock } from '../sound/clock.ts'

/** Less than this is the unrest of two clocks, in seconds. */
const LEAST_SECONDS = 0.3
/** By so much the time of day is set anew, rather than put right, in seconds. */
const LEAST_SET_SECONDS = 2
const LOOK_MS = 1000

export interface Woken {
  /** So much went by while the clock of the sound stood. */
  readonly slept: (seconds: number) => void
  /**
   * The time of day went on by so much and nothing else did: it was set anew, or the machine slept
   * so deeply that nothing counted. Only the ear can tell which.
   */
  readonly unsure?: (seconds: number) => void
}

/**
 * Tells of time that went by while a clock stood: the machine slept, or the system took the sound
 * away. Counted by what only goes on, never by the time of day. `isCounted` says whether such time
 * matters now. The answer ends it.
 */
export function watchSleep(
  clock: Clock,
  isCounted: () => boolean,
  { slept, unsure }: Woken,
  timers: Timers = browserTimers,
): () => void {
  const read = () => ({
    steady: timers.steadyMs() / 1000,
    wall: timers.nowMs() / 1000,
    clock: clock.now(),
  })
  let last = read()
  return timers.every(LOOK_MS, () => {
    const now = read()
    // While the clock stands it sleeps still.
    if (isCounted() && now.clock <= last.clock) return
    const went = now.steady - last.steady
    const missed = went - (now.clock - last.clock)
    const set = now.wall - last.wall - went
    last = now
    if (!isCounted()) return
    if (missed > LEAST_SECONDS) slept(missed)
    if (set > LEAST_SET_SECONDS) unsure?.(set)
  })
}
