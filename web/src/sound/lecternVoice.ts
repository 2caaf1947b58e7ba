import { prepareStandIn, type StandInVoice } from './standIn.ts'
import type { Said } from './speech.ts'

/**
 * The stand-in at the lectern: says cues at their moment, on an output of its own where the browser
 * can.
 */
export interface LecternVoice {
  readonly prepare: (
    texts: readonly string[],
    signal: AbortSignal,
    progress: (share: number) => void,
  ) => Promise<void>
  /** Seconds until it is to sound; what was not prepared is not said. */
  readonly say: (text: string, inSeconds: number) => void
  readonly setOutput: (deviceId: string) => Promise<boolean>
  readonly close: () => void
}

export function lecternVoice(voice: StandInVoice): LecternVoice {
  const context = new AudioContext({ latencyHint: 'interactive' })
  let said: ReadonlyMap<string, Said> = new Map()
  let sounding: AudioBufferSourceNode | null = null
  return {
    prepare: async (texts, signal, progress) => {
      await context.resume()
      said = new Map([...said, ...(await prepareStandIn(voice, texts, signal, progress))])
    },
    say: (text, inSeconds) => {
      const one = said.get(text)
      if (!one) return
      sounding?.stop()
      const buffer = new AudioBuffer({
        length: Math.max(1, one.samples.length),
        sampleRate: one.sampleRate,
      })
      buffer.getChannelData(0).set(one.samples)
      sounding = new AudioBufferSourceNode(context, { buffer })
      sounding.connect(context.destination)
      sounding.start(context.currentTime + Math.max(0, inSeconds))
    },
    setOutput: (deviceId) => setOutput(context, deviceId),
    close: () => void context.close(),
  }
}

type WithSink = AudioContext & { setSinkId?: (id: string) => Promise<void> }
/** Whether the browser lets a page choose its loudspeakers. */
export const outputsArePossible = (): boolean =>
  'setSinkId' in AudioContext.prototype && 'mediaDevices' in navigator

/** Sends a context's sound to other loudspeakers; false where the browser refuses. */
export async function setOutput(context: AudioContext, deviceId: string): Promise<boolean> {
  try {
    await (context as WithSink).setSinkId?.(deviceId)
    return true
  } catch {
    return false
  }
}

export interface SoundOutput {
  readonly id: string
  readonly name: string
}
/** Loudspeakers there are; unnamed ones are told by number. */
export async function soundOutputs(nameOf: (number: number) => string): Promise<SoundOutput[]> {
  const devices = await navigator.mediaDevices.enumerateDevices().catch(() => [])
  return devices
    .filter(({ kind, deviceId }) => kind === 'audiooutput' && deviceId !== '')
    .map(({ deviceId, label }, i) => ({ id: deviceId, name: label || nameOf(i + 1) }))
}
