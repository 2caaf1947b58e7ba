import { trimmedSpeech } from '@dellop/core/band'
import createVoice, { type SpeechEngine } from '@echogarden/espeak-ng-emscripten/espeak-ng.js'
import { z } from 'zod'

/**
 * Texts to say, at a pace in words a minute; `data` and `parts` are the files the build puts beside
 * the application.
 */
export interface VoiceRequest {
  readonly texts: readonly string[]
  readonly language: 'en' | 'de'
  readonly wordsPerMinute: number
}
export type VoiceMessage =
  | {
      readonly type: 'said'
      readonly index: number
      readonly samples: Float32Array
      readonly sampleRate: number
    }
  | { readonly type: 'done' }
  | { readonly type: 'problem'; readonly sentence: string }

const VOICES = { en: 'en-us', de: 'de' } as const
const VOICE_RATE = 22_050
const partsSchema = z.object({ size: z.int(), parts: z.array(z.tuple([z.int(), z.int()])) })
const post = (message: VoiceMessage, transfer: Transferable[] = []): void =>
  self.postMessage(message, { transfer })

async function engine(): Promise<SpeechEngine> {
  // Without its data the voice would wait for ever: it is fetched here, and a lack of it said.
  const [data, parts] = await Promise.all([fetch('/voice/voice.data'), fetch('/voice/voice.json')])
  if (!data.ok || !parts.ok) throw new Error('the voice’s data is missing')
  const { size, parts: places } = partsSchema.parse(await parts.json())
  const packed = new Uint8Array(await data.arrayBuffer())
  const whole = new Uint8Array(size)
  let at = 0
  for (const [start, length] of places) {
    whole.set(packed.subarray(at, at + length), start)
    at += length
  }
  const made = await createVoice({ getPreloadedPackage: () => whole.buffer })
  return new made.eSpeakNGWorker()
}

function say(voice: SpeechEngine, text: string): Float32Array {
  const chunks: Int16Array[] = []
  voice.synthesize(text, (chunk) => {
    if (chunk) chunks.push(new Int16Array(chunk))
    return false
  })
  const samples = new Float32Array(chunks.reduce((sum, chunk) => sum + chunk.length, 0))
  let at = 0
  for (const chunk of chunks) for (const value of chunk) samples[at++] = value / 32768
  return trimmedSpeech(samples)
}

self.onmessage = async ({ data }: MessageEvent<VoiceRequest>) => {
  try {
    const voice = await engine()
    voice.set_voice(VOICES[data.language])
    voice.set_rate(data.wordsPerMinute)
    data.texts.forEach((text, index) => {
      const samples = say(voice, text)
      post({ type: 'said', index, samples, sampleRate: VOICE_RATE }, [samples.buffer])
    })
    post({ type: 'done' })
  } catch (error) {
    post({ type: 'problem', sentence: error instanceof Error ? error.message : String(error) })
  }
}
