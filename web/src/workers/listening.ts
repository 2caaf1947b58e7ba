import type { Heard } from '@dellop/core/listen'
import type { ListenMessage, ListenRequest } from './listen.worker.ts'

export interface Listened {
  readonly heard: Heard | null
  /** Why nothing was heard, where nothing was. */
  readonly sentence: string | null
  readonly peaks: number[]
}

/** Listens to a sound in a worker. Channels are copied, then transferred. `signal` stops it at once. */
export function listenInWorker(buffer: AudioBuffer, range: readonly [number, number] | null, peaks: number, progress: (share: number) => void, signal: AbortSignal): Promise<Listened> {
  const worker = new Worker(new URL('./listen.worker.ts', import.meta.url), { type: 'module' })
  return new Promise<Listened>((resolve, reject) => {
    const end = (): void => worker.terminate()
    signal.addEventListener('abort', () => {
      end()
      reject(new DOMException('stopped', 'AbortError'))
    })
    worker.onerror = (event) => {
      end()
      reject(new Error(event.message))
    }
    worker.onmessage = ({ data }: MessageEvent<ListenMessage>) => {
      if (data.type === 'progress') return progress(data.share)
      end()
      resolve(data.type === 'heard' ? { heard: data.heard, sentence: null, peaks: data.peaks } : { heard: null, sentence: data.sentence, peaks: data.peaks })
    }
    const channels = Array.from({ length: Math.min(2, buffer.numberOfChannels) }, (_, i) => buffer.getChannelData(i).slice())
    const request: ListenRequest = { channels, sampleRate: buffer.sampleRate, range, peaks }
    worker.postMessage(
      request,
      channels.map((channel) => channel.buffer),
    )
  })
}
