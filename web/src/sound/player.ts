import type { StretchNode } from 'signalsmith-stretch'
import stretchUrl from 'signalsmith-stretch?url'

/** A worklet that is refused its WebAssembly never answers. */
const CREATE_TIMEOUT_MS = 5000

/**
 * Plays one recording at any speed with its pitch kept. Position at a time: `music + (time - when)
 * * rate`.
 */
export interface Player {
  readonly play: (music: number, when: number, rate: number) => void
  readonly stop: () => void
  readonly setVolume: (volume: number) => void
  /** To silence in so many seconds; the next `play` brings it back. */
  readonly fadeOut: (seconds: number) => void
  /** -1 left to 1 right. */
  readonly setBalance: (pan: number) => void
  readonly close: () => void
}

export async function createPlayer(
  context: AudioContext,
  buffer: AudioBuffer,
  destination: AudioNode = context.destination,
): Promise<Player> {
  let volume = 0.9
  let isFading = false
  const gain = new GainNode(context, { gain: volume })
  const pan = new StereoPannerNode(context)
  gain.connect(pan).connect(destination)
  const node = await stretchNode(context, buffer)
  node.connect(gain)
  function setVolume(to: number): void {
    volume = to
    isFading = false
    gain.gain.cancelScheduledValues(context.currentTime)
    gain.gain.setTargetAtTime(to, context.currentTime, 0.03)
  }
  return {
    play: (music, when, rate) => {
      if (isFading) setVolume(volume)
      void node.schedule({ output: when, active: true, input: music, rate })
    },
    stop: () => void node.schedule({ output: context.currentTime, active: false }),
    setVolume,
    fadeOut: (seconds) => {
      isFading = true
      gain.gain.cancelScheduledValues(context.currentTime)
      gain.gain.setValueAtTime(gain.gain.value, context.currentTime)
      gain.gain.linearRampToValueAtTime(0, context.currentTime + seconds)
    },
    setBalance: (balance) => pan.pan.setTargetAtTime(balance, context.currentTime, 0.03),
    close: () => {
      node.disconnect()
      gain.disconnect()
      pan.disconnect()
    },
  }
}

/** A node that plays a recording at any speed with its pitch kept, also in an offline context. */
export async function stretchNode(
  context: BaseAudioContext,
  buffer: AudioBuffer,
): Promise<StretchNode> {
  const { default: createStretch } = await import('signalsmith-stretch')
  // Its own blob worklet is refused by the content security policy; from its file it loads.
  createStretch.moduleUrl = stretchUrl
  // Without an input the processor fails: it asks for the channel count of its first one.
  const made = createStretch(context, {
    numberOfInputs: 1,
    numberOfOutputs: 1,
    outputChannelCount: [2],
  })
  const late = new Promise<never>((_, reject) =>
    setTimeout(() => reject(new Error('the stretch worklet did not answer')), CREATE_TIMEOUT_MS),
  )
  const node = await Promise.race([made, late])
  await node.addBuffers(
    Array.from({ length: 2 }, (_, channel) =>
      buffer.getChannelData(Math.min(channel, buffer.numberOfChannels - 1)).slice(),
    ),
  )
  return node
}
