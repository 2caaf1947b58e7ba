export type {
  FreeMark,
  Score,
  ScoreChord,
  ScoreLandmark,
  ScoreNote,
  ScoreSection,
  TempoMark,
} from './score.ts'
export { readChord } from './chord.ts'
export { playScore, trueBeats, BAND_SAMPLE_RATE, type Performance } from './play.ts'
export { clickTrack, type Click } from './clickTrack.ts'
export { wavBytes, wavePeaks } from './wav.ts'
export { beatMapOfScore, tempoAt } from './beats.ts'
export { trimmedSpeech } from './trim.ts'
