import type { SpeechSpan } from '@dellop/core/listen'
import { ref, shallowRef } from 'vue'
import { audioContext } from '../sound/audioContext.ts'
import {
  microphoneTrouble,
  openMicrophone,
  type Captured,
  type Microphone,
  type MicrophoneTrouble,
} from '../sound/microphone.ts'
import { measuredDelay } from '../sound/roundTrip.ts'
import type { SpeechNews, SpeechRequest } from '../workers/speech.worker.ts'

/** Nothing at all heard for so long: the microphone is off or somewhere else. */
const SILENT_SECONDS = 8
/** No microphone that is on is as quiet as this. */
const DEAD = 1e-5
/** A device that nobody has measured hears so much later than it is played, beside its output. */
const USUAL_INPUT_SECONDS = 0.02

export type MouthTrouble = MicrophoneTrouble | 'lost' | 'silent'

/**
 * The cuer's mouth: what the microphone hears while music plays, as stretches of speech on the
 * context's clock. Nothing of it leaves the machine. Where it is refused, taken away or silent, it
 * says so and the take goes on without.
 */
export function useMouth() {
  const trouble = ref<MouthTrouble | null>(null)
  /** Loudness of the last moment, 0 to 1. */
  const level = ref(0)
  /** Stretches of speech, as the music stood on the context's clock when they were said. */
  const spans = shallowRef<readonly SpeechSpan[]>([])
  const delaySeconds = ref<number | null>(null)
  let microphone: Microphone | null = null
  let worker: Worker | null = null
  let recorder: MediaRecorder | null = null
  let sound: Blob[] = []
  let began: number | null = null
  let loudAt = 0
  let endFollowing = (): void => undefined

  const post = (request: SpeechRequest, transfer: Transferable[] = []): void =>
    worker?.postMessage(request, transfer)

  /** @param keeps Whether the sound is recorded, for the cuer alone. */
  async function open(keeps: boolean): Promise<void> {
    close()
    trouble.value = null
    spans.value = []
    sound = []
    began = null
    try {
      microphone = await openMicrophone({ hear, lost: () => fail('lost') })
    } catch (error) {
      return fail(microphoneTrouble(error))
    }
    loudAt = audioContext().currentTime
    const measured = measuredDelay(microphone.device)
    const context = audioContext()
    delaySeconds.value =
      measured ?? (context.outputLatency || context.baseLatency || 0) + USUAL_INPUT_SECONDS
    worker = new Worker(new URL('../workers/speech.worker.ts', import.meta.url), { type: 'module' })
    worker.onmessage = ({ data }: MessageEvent<SpeechNews>) => take(data, measured)
    worker.onerror = () => fail('other')
    post({ type: 'begin', sampleRate: microphone.sampleRate, delaySeconds: measured })
    if (keeps) record(microphone.stream)
  }

  function record(stream: MediaStream): void {
    if (typeof MediaRecorder === 'undefined') return
    recorder = new MediaRecorder(stream, { audioBitsPerSecond: 32_000 })
    recorder.ondataavailable = ({ data }) => sound.push(data)
    recorder.start(1000)
  }

  function hear({ heard, music, at }: Captured): void {
    began ??= at
    let most = 0
    for (const sample of heard) most = Math.max(most, Math.abs(sample))
    level.value = Math.max(most, level.value * 0.85)
    if (most > DEAD) loudAt = at
    else if (at - loudAt > SILENT_SECONDS) trouble.value = 'silent'
    if (most > DEAD && trouble.value === 'silent') trouble.value = null
    post({ type: 'heard', heard, music }, [heard.buffer, music.buffer])
  }

  function take(news: SpeechNews, measured: number | null): void {
    if (began === null) return
    // Where the microphone hears the loudspeaker, that tells how late it is; else what was measured.
    if (news.delaySeconds !== null) delaySeconds.value = news.delaySeconds
    else if (measured !== null) delaySeconds.value = measured
    const from = began - (delaySeconds.value ?? 0)
    spans.value = news.spans.map(({ start, end }) => ({ start: from + start, end: from + end }))
  }

  /** Knows the music from now on. */
  function follow(music: readonly AudioNode[]): void {
    if (!microphone) return
    const ends = music.map((node) => microphone!.follow(node))
    endFollowing = () => ends.forEach((end) => end())
  }

  /** Nothing was said into it. */
  function forget(): void {
    close()
    trouble.value = null
    spans.value = []
  }
  function fail(why: MouthTrouble): void {
    close()
    trouble.value = why
  }
  function close(): void {
    endFollowing()
    endFollowing = () => undefined
    if (recorder?.state === 'recording') recorder.stop()
    microphone?.close()
    worker?.terminate()
    microphone = null
    worker = null
    level.value = 0
  }
  /** What was recorded; null where nothing was. Call after `close`. */
  async function recorded(): Promise<Blob | null> {
    const one = recorder
    recorder = null
    if (!one) return null
    if (one.state !== 'inactive')
      await new Promise((resolve) => one.addEventListener('stop', resolve, { once: true }))
    await new Promise((resolve) => setTimeout(resolve))
    return sound.length === 0 ? null : new Blob(sound, { type: one.mimeType })
  }
  return { trouble, level, spans, delaySeconds, open, forget, follow, close, recorded }
}
