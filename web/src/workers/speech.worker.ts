import { SpeechEar, ToSpeechRate, type SpeechSpan } from '@dellop/core/listen'

/** The rate of what comes first, then what was heard piece by piece. */
export type SpeechRequest =
  | { readonly type: 'begin'; readonly sampleRate: number; readonly delaySeconds: number | null }
  | { readonly type: 'heard'; readonly heard: Float32Array; readonly music: Float32Array }
/** What was said, in seconds of what was heard, and how late the microphone hears the music. */
export interface SpeechNews {
  readonly spans: readonly SpeechSpan[]
  readonly knownSeconds: number
  readonly delaySeconds: number | null
}

let ear = new SpeechEar()
let heardRate = new ToSpeechRate(48_000)
let musicRate = new ToSpeechRate(48_000)
let since = 0
/** How often news are told, in pieces: about ten times a second. */
const EVERY = 5

self.onmessage = ({ data }: MessageEvent<SpeechRequest>) => {
  if (data.type === 'begin') {
    ear = new SpeechEar({ delaySeconds: data.delaySeconds })
    heardRate = new ToSpeechRate(data.sampleRate)
    musicRate = new ToSpeechRate(data.sampleRate)
    return
  }
  ear.hear(heardRate.take(data.heard), musicRate.take(data.music))
  since++
  if (since % EVERY !== 0) return
  const news: SpeechNews = {
    spans: ear.spans(),
    knownSeconds: ear.knownSeconds,
    delaySeconds: ear.delaySeconds,
  }
  self.postMessage(news)
}
