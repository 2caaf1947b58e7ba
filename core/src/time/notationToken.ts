import type { Tick } from './units.ts'

/** How the dance reads its counts. */
export interface NotationOptions {
  /** 4: `e & a` are quarters; 3: `& a` are thirds. */
  readonly division?: 3 | 4
  /**
   * The number of the figure's first count. Left out, the first number written is the first count.
   */
  readonly countFrom?: number
  /** Beats in a bar or eight, 2 to 12. Left out, it is read from where the numbers begin again. */
  readonly beatsPerGroup?: number
  /**
   * Length of S and of Q in ticks; 48 and 24 unless the dance says otherwise (two-step in 2/4: 24
   * and 12).
   */
  readonly slowTicks?: number
  readonly quickTicks?: number
}

export type ReadOptions = Required<Pick<NotationOptions, 'division' | 'slowTicks' | 'quickTicks'>> &
  NotationOptions

/** One syllable of the text. A held beat, `-`, is a token without an event. */
export interface NotationToken {
  readonly text: string
  /** Zero-based offset in the typed text. */
  readonly offset: number
}

export interface NotationEvent {
  readonly token: string
  /** From the figure's first beat; negative in a pick-up. */
  readonly at: Tick
}
