import type { Clock } from '../sound/clock.ts'

/** Less than this is the unrest of two clocks, in seconds. */
const LEAST_SECONDS = 0.3
const LOOK_MS = 1000

/**
 * Tells of time that went by while a clock stood: the machine slept, or the system took the sound
 * away. `isCounted` says whether such time matters now. The answer ends it. `wall` is the time of
 * day, in seconds.
 */
export function watchSleep(
  clock: Clock,
  isCounted: () => boolean,
  woken: (seconds: number) => void,
  wall = (): number => Date.now() / 1000,
): () => void {
  let last = { wall: wall(), clock: clock.now() }
  const timer = setInterval(() => {
    const now = { wall: wall(), clock: clock.now() }
    // While the clock stands it sleeps still.
    if (isCounted() && now.clock <= last.clock) return
    const missed = now.wall - last.wall - (now.clock - last.clock)
    last = now
    if (isCounted() && missed > LEAST_SECONDS) woken(missed)
  }, LOOK_MS)
  return () => clearInterval(timer)
}
