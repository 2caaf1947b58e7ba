export type { Score, ScoreChord, ScoreNote, ScoreSection } from './score.ts'
export { readChord } from './chord.ts'
export { playScore, trueBeats, BAND_SAMPLE_RATE, type Performance } from './play.ts'
export { wavBytes, wavePeaks } from './wav.ts'
