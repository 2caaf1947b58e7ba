import { wavePeaks } from '@dellop/core/band'
import type { Problem } from '@dellop/core/document'
import { beatHarmony, listen, type Heard } from '@dellop/core/listen'
import { alignBeats, type Alignment } from '@dellop/core/tune'

/** Channels are transferred in, joined into one here. */
export interface Channels {
  readonly channels: readonly Float32Array[]
  readonly sampleRate: number
}

/**
 * What to listen to, and what is known of it. With a known recording and its beats, the two are
 * aligned as well.
 */
export interface ListenRequest extends Channels {
  readonly range: readonly [number, number] | null
  readonly beatsPerBar: number | null
  readonly peaks: number
  readonly known: (Channels & { readonly beats: readonly number[] }) | null
}
export type ListenMessage =
  | { readonly type: 'progress'; readonly share: number }
  | {
      readonly type: 'heard'
      readonly heard: Heard
      readonly peaks: number[]
      readonly alignment: Alignment | null
    }
  | { readonly type: 'problem'; readonly problem: Problem; readonly peaks: number[] }

const post = (message: ListenMessage): void => self.postMessage(message)

self.onmessage = ({ data }: MessageEvent<ListenRequest>) => {
  const { range, beatsPerBar, known } = data
  const sound = joined(data)
  const peaks = wavePeaks(sound.samples, data.peaks)
  const part = known ? 0.6 : 1
  const options = {
    ...(range ? { range } : {}),
    ...(beatsPerBar === null ? {} : { beatsPerBar }),
    progress: (share: number) => post({ type: 'progress', share: share * part }),
  }
  const result = listen(sound, options)
  if (!result.ok) return post({ type: 'problem', problem: result.problem, peaks })
  post({
    type: 'heard',
    heard: result.value,
    peaks,
    alignment: known && aligned(sound, result.value, known),
  })
}

function aligned(
  sound: ReturnType<typeof joined>,
  heard: Heard,
  known: NonNullable<ListenRequest['known']>,
): Alignment {
  const first = beatHarmony(joined(known), known.beats, (share) =>
    post({ type: 'progress', share: 0.6 + 0.15 * share }),
  )
  const second = beatHarmony(sound, heard.beats, (share) =>
    post({ type: 'progress', share: 0.75 + 0.15 * share }),
  )
  return alignBeats(first, second)
}

/** One channel of all: two, or the six of a film. */
function joined({ channels, sampleRate }: Channels): {
  samples: Float32Array
  sampleRate: number
  channels: number
} {
  const [first, ...others] = channels
  if (!first || others.length === 0)
    return { samples: first ?? new Float32Array(0), sampleRate, channels: channels.length }
  const samples = first.slice()
  for (const channel of others) for (let i = 0; i < samples.length; i++) samples[i]! += channel[i]!
  for (let i = 0; i < samples.length; i++) samples[i]! /= channels.length
  return { samples, sampleRate, channels: channels.length }
}
