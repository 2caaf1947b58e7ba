import { browserTimers, type Timers } from '../app/timers.ts'
import type { Clock } from '../sound/clock.ts'

/** Less than this is the unrest of two clocks, in seconds. */
const LEAST_SECONDS = 0.3
const LOOK_MS = 1000

/**
 * Tells of time that went by while a clock stood: the machine slept, or the system took the sound
 * away. `isCounted` says whether such time matters now. The answer ends it.
 */
export function watchSleep(
  clock: Clock,
  isCounted: () => boolean,
  woken: (seconds: number) => void,
  timers: Timers = browserTimers,
): () => void {
  const read = () => ({ wall: timers.nowMs() / 1000, clock: clock.now() })
  let last = read()
  return timers.every(LOOK_MS, () => {
    const now = read()
    // While the clock stands it sleeps still.
    if (isCounted() && now.clock <= last.clock) return
    const missed = now.wall - last.wall - (now.clock - last.clock)
    last = now
    if (isCounted() && missed > LEAST_SECONDS) woken(missed)
  })
}
