import { wavePeaks } from '@dellop/core/band'
import beatNetUrl from '@dellop/core/beats.net?url'
import type { Problem } from '@dellop/core/document'
import { beatHarmony, listen, readBeatNet, type BeatNet, type Heard } from '@dellop/core/listen'
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

/** What is listened with: it comes with the app, and is there without the network. */
async function beatNet(): Promise<BeatNet> {
  const net = readBeatNet(new Uint8Array(await (await fetch(beatNetUrl)).arrayBuffer()))
  if (!net.ok) throw new Error(net.problem.message)
  return net.value
}

// What is thrown later reaches nobody: it is thrown again where the page hears of it.
self.onmessage = ({ data }: MessageEvent<ListenRequest>) =>
  void hear(data).catch((error: unknown) =>
    setTimeout(() => {
      throw error
    }),
  )

async function hear(data: ListenRequest): Promise<void> {
  const { range, beatsPerBar, known } = data
  const sound = joined(data)
  const peaks = wavePeaks(sound.samples, data.peaks)
  const part = known ? 0.6 : 1
  const result = listen(sound, await beatNet(), {
    range,
    beatsPerBar,
    progress: (share: number) => post({ type: 'progress', share: share * part }),
  })
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
