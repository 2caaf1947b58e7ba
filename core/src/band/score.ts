import type { Metre, Tick } from '../time/index.ts'

/** A note of the lead voice. Ticks count from the first downbeat; a pick-up is negative. */
export interface ScoreNote {
  readonly at: Tick
  readonly lengthTicks: Tick
  /** MIDI number, 60 = middle C. */
  readonly midi: number
}

/** A chord from here to the next. Pitch classes with C = 0; the root is also the bass. */
export interface ScoreChord {
  readonly at: Tick
  readonly root: number
  readonly tones: readonly number[]
}

export interface ScoreSection {
  readonly label: string
  readonly at: Tick
  readonly bars: number
}

/** What the house band plays from, wherever it was read. Repeats and the order of parts are already played out. */
export interface Score {
  readonly title: string
  readonly dance: string
  readonly metre: Metre
  readonly bpm: number
  readonly notes: readonly ScoreNote[]
  readonly chords: readonly ScoreChord[]
  readonly sections: readonly ScoreSection[]
  /** Negative or zero: where the pick-up begins. */
  readonly start: Tick
  readonly end: Tick
}
