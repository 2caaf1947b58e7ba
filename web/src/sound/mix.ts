import { click } from './clicks.ts'
import { stretchNode } from './player.ts'
import type { Said } from './speech.ts'

/**
 * What sounds together, and when. All times are heard seconds of the whole; the mix is the stretch
 * from `from` to `to`.
 */
export interface Mix {
  /** Null for voice and marks alone. It begins at 0. */
  readonly music: AudioBuffer | null
  /** 0.5 to 1.5 of the recording; pitch stays. */
  readonly speed: number
  readonly from: number
  readonly to: number
  readonly spoken: readonly { readonly at: number; readonly said: Said }[]
  readonly clicks: readonly { readonly at: number; readonly strong: boolean }[]
  readonly levels: MixLevels
  /**
   * The voice on the left and the music on the right, to hear in a hall which of them drowns the
   * other.
   */
  readonly apart: boolean
}
export interface MixLevels {
  readonly music: number
  readonly voice: number
}

export const USUAL_LEVELS: MixLevels = { music: 0.7, voice: 1 }
/** A word that would run into the next one fades out before it. */
const FADE_SECONDS = 0.03

/**
 * The outputs of a mix: voice and marks on one, music on the other. Live and in a rendering they
 * are the same.
 */
export interface MixOutputs {
  readonly voice: GainNode
  readonly music: GainNode
  readonly close: () => void
}

export function mixOutputs(
  context: BaseAudioContext,
  { levels, apart }: Pick<Mix, 'levels' | 'apart'>,
): MixOutputs {
  const voice = new GainNode(context, { gain: levels.voice })
  const music = new GainNode(context, { gain: levels.music })
  const left = new StereoPannerNode(context, { pan: apart ? -1 : 0 })
  const right = new StereoPannerNode(context, { pan: apart ? 1 : 0 })
  voice.connect(left).connect(context.destination)
  music.connect(right).connect(context.destination)
  return {
    voice,
    music,
    close: () => {
      for (const node of [voice, music, left, right]) node.disconnect()
    },
  }
}

/**
 * Lays voice and marks of a mix on the context's time line: the mix begins at `when`. Answers how
 * to take back what has not sounded.
 */
export function layVoice(
  context: BaseAudioContext,
  { spoken, clicks, from, to }: Mix,
  out: AudioNode,
  when: number,
): () => void {
  const sources = spoken.flatMap(({ at, said }, i): AudioBufferSourceNode[] => {
    const next = spoken[i + 1]?.at ?? Infinity
    if (at < from || at >= to) return []
    const buffer = new AudioBuffer({
      length: Math.max(1, said.samples.length),
      sampleRate: said.sampleRate,
    })
    buffer.getChannelData(0).set(said.samples)
    const source = new AudioBufferSourceNode(context, { buffer })
    const gain = new GainNode(context)
    const start = when + at - from
    const end = when + next - from
    if (at + buffer.duration > next) {
      gain.gain.setValueAtTime(1, Math.max(start, end - FADE_SECONDS))
      gain.gain.linearRampToValueAtTime(0, end)
    }
    source.connect(gain).connect(out)
    source.start(start)
    if (Number.isFinite(end)) source.stop(end)
    return [source]
  })
  for (const { at, strong } of clicks)
    if (at >= from && at < to) click(context, when + at - from, strong, out)
  return () => sources.forEach((source) => source.stop())
}

/**
 * Lays the music of a mix in a rendering: at the recording's own speed sample by sample, else
 * stretched with its pitch kept.
 */
export async function layMusic(
  context: BaseAudioContext,
  { music, speed, from, to }: Mix,
  out: AudioNode,
): Promise<void> {
  if (!music) return
  const start = Math.max(0, -from)
  const offset = Math.max(0, from) * speed
  if (speed === 1) {
    const source = new AudioBufferSourceNode(context, { buffer: music })
    source.connect(out)
    source.start(start, offset, to - Math.max(0, from))
    return
  }
  const node = await stretchNode(context, music)
  await node.schedule({ output: start, active: true, input: offset, rate: speed })
  node.connect(out)
}
