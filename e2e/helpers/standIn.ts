import { mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { trimmedSpeech } from '@dellop/core/band'
import createVoice from '@echogarden/espeak-ng-emscripten/espeak-ng.js'
import { wav } from './sound.ts'

export const VOICE_RATE = 22_050
/**
 * Longer than a reader's silence after which the next cue is shown, with room for the page to show
 * it.
 */
const PAUSE_SECONDS = 1.1
/** The microphone runs while the page still gets ready for it. */
const FIRST_SECONDS = 4

/** Texts as the practice voice says them, one clip each at `VOICE_RATE`. */
export async function clipsOf(
  texts: readonly string[],
  language: 'en' | 'de' = 'en',
  wordsPerMinute = 175,
): Promise<readonly Float32Array[]> {
  const made = await createVoice({})
  const voice = await new made.eSpeakNGWorker()
  voice.set_voice(language === 'en' ? 'en-us' : 'de')
  voice.set_rate(wordsPerMinute)
  return texts.map((text) => {
    const chunks: Int16Array[] = []
    voice.synthesize(text, (chunk) => {
      if (chunk) chunks.push(new Int16Array(chunk))
      return false
    })
    return trimmedSpeech(
      Float32Array.from(chunks.flatMap((chunk) => [...chunk].map((value) => value / 32_768))),
    )
  })
}

/**
 * Texts as the practice voice says them, one after the other with pauses between, as a WAV file
 * for a microphone; and when and how long each truly is.
 */
export async function spokenByStandIn(
  texts: readonly string[],
  language: 'en' | 'de' = 'en',
): Promise<{
  readonly path: string
  readonly bytes: Buffer
  readonly seconds: readonly number[]
  readonly ends: readonly number[]
}> {
  const clips = await clipsOf(texts, language)
  const pause = new Float32Array(Math.round(PAUSE_SECONDS * VOICE_RATE))
  const all = Float32Array.from([
    ...new Float32Array(FIRST_SECONDS * VOICE_RATE),
    ...clips.flatMap((clip) => [...clip, ...pause]),
  ])
  const bytes = wav(all, VOICE_RATE)
  // Not in the folder of the tests' results, which is emptied at their start.
  const path = join(mkdtempSync(join(tmpdir(), 'dellop-microphone-')), 'readings.wav')
  writeFileSync(path, bytes)
  const seconds = clips.map((clip) => clip.length / VOICE_RATE)
  let at = FIRST_SECONDS
  const ends = seconds.map((length) => {
    const end = at + length
    at = end + PAUSE_SECONDS
    return end
  })
  return { path, bytes, seconds, ends }
}
