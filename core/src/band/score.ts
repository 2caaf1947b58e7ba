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

/**
 * A tempo that is reached at a tick; between two of them the tempo goes straight from one to the
 * other.
 */
export interface TempoMark {
  readonly at: Tick
  readonly bpm: number
}

/**
 * Music without beats: at this tick the count stops for some seconds while the last note is held.
 */
export interface FreeMark {
  readonly at: Tick
  readonly seconds: number
}

export interface ScoreLandmark {
  readonly at: Tick
  readonly kind: 'start' | 'hit' | 'character' | 'sung'
  readonly text: string
}

/**
 * What the house band plays from, wherever it was read. Repeats and the order of parts are already
 * played out.
 */
export interface Score {
  readonly title: string
  readonly dance: string
  readonly metre: Metre
  /** The tempo as written; `tempo` may leave it. */
  readonly bpm: number
  readonly tempo: readonly TempoMark[]
  readonly free: readonly FreeMark[]
  readonly landmarks: readonly ScoreLandmark[]
  readonly notes: readonly ScoreNote[]
  readonly chords: readonly ScoreChord[]
  readonly sections: readonly ScoreSection[]
  /** Negative or zero: where the pick-up begins. */
  readonly start: Tick
  readonly end: Tick
}
