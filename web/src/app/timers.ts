/** What waits: in the browser the browser's own timers, in a test moved by hand. */
export interface Timers {
  /** The time of day, which may be set anew at any moment. */
  readonly nowMs: () => number
  /** What only ever goes on, from some beginning; it may stand while the machine sleeps. */
  readonly steadyMs: () => number
  /** Does something once, so many milliseconds from now. The answer calls it off. */
  readonly after: (ms: number, work: () => void) => () => void
  /** Does something every so many milliseconds. The answer ends it. */
  readonly every: (ms: number, work: () => void) => () => void
}

export const browserTimers: Timers = {
  nowMs: () => Date.now(),
  steadyMs: () => performance.now(),
  after: (ms, work) => {
    const id = setTimeout(work, ms)
    return () => clearTimeout(id)
  },
  every: (ms, work) => {
    const id = setInterval(work, ms)
    return () => clearInterval(id)
  },
}

/** Timers that stand still until they are moved on. */
export class ManualTimers implements Timers {
  private now = 0
  private setBy = 0
  private waiting: { readonly at: number; readonly work: () => void }[] = []

  nowMs = (): number => this.now + this.setBy
  steadyMs = (): number => this.now
  /** The time of day is set forward, or back. */
  setClock(byMs: number): void {
    this.setBy += byMs
  }

  after = (ms: number, work: () => void): (() => void) => {
    const one = { at: this.now + ms, work }
    this.waiting.push(one)
    return () => void (this.waiting = this.waiting.filter((other) => other !== one))
  }

  every = (ms: number, work: () => void): (() => void) => {
    let cancel = (): void => undefined
    const again = (): void => {
      cancel = this.after(ms, again)
      work()
    }
    cancel = this.after(ms, again)
    return () => cancel()
  }

  /** Moves on by so many milliseconds; what falls due is done in its order. */
  pass(ms: number): void {
    const until = this.now + ms
    for (;;) {
      const [next] = this.waiting.filter(({ at }) => at <= until).sort((a, b) => a.at - b.at)
      if (!next) break
      this.waiting = this.waiting.filter((one) => one !== next)
      this.now = Math.max(this.now, next.at)
      next.work()
    }
    this.now = until
  }
}
