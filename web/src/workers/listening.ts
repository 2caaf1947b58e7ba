import { words } from '../words/index.ts'
import type { Heard } from '@dellop/core/listen'
import type { Alignment } from '@dellop/core/tune'
import type { Channels, ListenMessage, ListenRequest } from './listen.worker.ts'

export interface Listened {
  readonly heard: Heard | null
  /** How it lies beside the known recording, where one was given. */
  readonly alignment: Alignment | null
  /** Why nothing was heard, where nothing was. */
  readonly sentence: string | null
  readonly peaks: number[]
}

export interface ListenWish {
  /** Beats a minute to expect. */
  readonly range?: readonly [number, number] | null
  readonly beatsPerBar?: number | null
  /** Peaks to draw, as many as this. */
  readonly peaks?: number
  readonly known?: { readonly buffer: AudioBuffer; readonly beats: readonly number[] } | null
  readonly progress?: (share: number) => void
}

/**
 * Listens to a sound in a worker. Channels are copied one a turn, so that the page stays awake,
 * then transferred. `signal` stops it at once.
 */
export async function listenInWorker(
  buffer: AudioBuffer,
  {
    range = null,
    beatsPerBar = null,
    peaks = 10,
    known = null,
    progress = () => undefined,
  }: ListenWish,
  signal: AbortSignal,
): Promise<Listened> {
  const request: ListenRequest = {
    ...(await copied(buffer)),
    range,
    beatsPerBar,
    peaks,
    known: known && { ...(await copied(known.buffer)), beats: known.beats },
  }
  signal.throwIfAborted()
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
      resolve(
        data.type === 'heard'
          ? { heard: data.heard, alignment: data.alignment, sentence: null, peaks: data.peaks }
          : {
              heard: null,
              alignment: null,
              sentence: words.problem(data.problem),
              peaks: data.peaks,
            },
      )
    }
    worker.postMessage(
      request,
      [...request.channels, ...(request.known?.channels ?? [])].map((channel) => channel.buffer),
    )
  })
}

async function copied(buffer: AudioBuffer): Promise<Channels> {
  const channels: Float32Array[] = []
  for (let i = 0; i < buffer.numberOfChannels; i++) {
    channels.push(buffer.getChannelData(i).slice())
    await new Promise((resolve) => setTimeout(resolve))
  }
  return { channels, sampleRate: buffer.sampleRate }
}
