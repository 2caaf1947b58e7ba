import type { VoiceMessage, VoiceRequest } from '../workers/voice.worker.ts'

/** One text as it was said: mono samples that begin and end with sound. */
export interface Said {
  readonly samples: Float32Array
  readonly sampleRate: number
}

/**
 * The offline voice says texts, in a worker; the same text asked for twice is said once. `signal`
 * stops it at once.
 */
export function speak(
  request: VoiceRequest,
  signal: AbortSignal,
  progress: (share: number) => void = () => undefined,
): Promise<ReadonlyMap<string, Said>> {
  const texts = [...new Set(request.texts)]
  const worker = new Worker(new URL('../workers/voice.worker.ts', import.meta.url), {
    type: 'module',
  })
  const said = new Map<string, Said>()
  return new Promise<ReadonlyMap<string, Said>>((resolve, reject) => {
    const fail = (error: Error): void => {
      worker.terminate()
      reject(error)
    }
    signal.addEventListener('abort', () => fail(new DOMException('stopped', 'AbortError')))
    worker.onerror = (event) => fail(new Error(event.message))
    worker.onmessage = ({ data }: MessageEvent<VoiceMessage>) => {
      if (data.type === 'problem') return fail(new Error(data.sentence))
      if (data.type === 'said') {
        said.set(texts[data.index]!, data)
        return progress((data.index + 1) / texts.length)
      }
      worker.terminate()
      resolve(said)
    }
    worker.postMessage({ ...request, texts } satisfies VoiceRequest)
  })
}
