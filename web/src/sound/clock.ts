/**
 * Time as the page knows it, in seconds. Views ask for the state at `now`; nothing keeps a time of
 * its own.
 */
export interface Clock {
  readonly now: () => number
  /** Calls back once when the time comes; the answer cancels it. */
  readonly wakeAt: (at: number, call: () => void) => () => void
}

/**
 * The audio context's clock, with timers that wake just ahead of the moment and look again until it
 * has come.
 */
export function audioClock(context: AudioContext): Clock {
  const now = (): number => context.currentTime
  return {
    now,
    wakeAt: (at, call) => {
      let timer: ReturnType<typeof setTimeout>
      const look = (): void => {
        const leftMs = (at - now()) * 1000
        if (leftMs <= 0) call()
        else timer = setTimeout(look, Math.min(leftMs, 1000))
      }
      look()
      return () => clearTimeout(timer)
    },
  }
}

/**
 * A clock that stands until it is moved. It stops at every moment asked for on its way, in order,
 * exactly.
 */
export class ManualClock implements Clock {
  private time = 0
  private waiting: { at: number; call: () => void }[] = []

  readonly now = (): number => this.time

  readonly wakeAt = (at: number, call: () => void): (() => void) => {
    const entry = { at, call }
    this.waiting.push(entry)
    return () => void (this.waiting = this.waiting.filter((one) => one !== entry))
  }

  advanceTo(target: number): void {
    for (;;) {
      const due = this.waiting.filter((one) => one.at <= target).sort((a, b) => a.at - b.at)[0]
      if (!due) break
      this.waiting = this.waiting.filter((one) => one !== due)
      this.time = Math.max(this.time, due.at)
      due.call()
    }
    this.time = target
  }
}
