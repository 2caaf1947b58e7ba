import { wavePeaks } from '@dellop/core/band'
import { listen, type Heard } from '@dellop/core/listen'

/** Channels are transferred in, joined into one here, and listened to. */
export interface ListenRequest {
  readonly channels: readonly Float32Array[]
  readonly sampleRate: number
  readonly range: readonly [number, number] | null
  readonly peaks: number
}
export type ListenMessage =
  { readonly type: 'progress'; readonly share: number } | { readonly type: 'heard'; readonly heard: Heard; readonly peaks: number[] } | { readonly type: 'problem'; readonly sentence: string; readonly peaks: number[] }

const post = (message: ListenMessage): void => self.postMessage(message)

self.onmessage = ({ data }: MessageEvent<ListenRequest>) => {
  const samples = joined(data.channels)
  const peaks = wavePeaks(samples, data.peaks)
  const result = listen({ samples, sampleRate: data.sampleRate, channels: data.channels.length }, { ...(data.range ? { range: data.range } : {}), progress: (share) => post({ type: 'progress', share }) })
  post(result.ok ? { type: 'heard', heard: result.value, peaks } : { type: 'problem', sentence: result.problem.message, peaks })
}

function joined(channels: readonly Float32Array[]): Float32Array {
  const [first] = channels
  if (!first || channels.length === 1) return first ?? new Float32Array(0)
  return first.map((sample, i) => (sample + channels[1]![i]!) / 2)
}
