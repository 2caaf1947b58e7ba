export { listen, type Heard, type ListenOptions } from './listen.ts'
export { readBeatNet, type BeatNet } from './netWeights.ts'
export { checkLength, readWav, wavLengths, LONGEST_SECONDS, type Sound } from './readWav.ts'
export { beatHarmony } from './harmony.ts'
export {
  FRAME_SECONDS,
  loudnessFrames,
  speechSpans,
  spansOfFrames,
  type SpeechSpan,
} from './speechSpans.ts'
export { SpeechEar, type SpeechEarOptions } from './speechEar.ts'
export { SPEECH_RATE } from './speechFrames.ts'
export { clickDelay, type ClickDelay } from './clickDelay.ts'
export { ToSpeechRate } from './speechRate.ts'
