import captureUrl from './capture.worklet.js?url'
import { wakeAudio } from './audioContext.ts'

/** What a microphone heard, and what was played in the same time, at the context's rate. */
export interface Captured {
  readonly heard: Float32Array
  readonly music: Float32Array
  /** Of the first sample, on the context's clock, in seconds. */
  readonly at: number
}
/** An open microphone. What it hears comes as mono samples at the context's rate. */
export interface Microphone {
  readonly sampleRate: number
  /** Names the device on this machine; empty where the browser does not say. */
  readonly device: string
  readonly stream: MediaStream
  /** Takes the sound of a node beside what is heard, from now on; answers how to stop. */
  readonly follow: (music: AudioNode) => () => void
  readonly close: () => void
}
export interface MicrophoneWish {
  readonly hear: (captured: Captured) => void
  /** The microphone was taken away. */
  readonly lost?: () => void
}

/** Nothing in between may smooth what is measured. */
const PLAIN: MediaStreamConstraints = {
  audio: { echoCancellation: false, noiseSuppression: false, autoGainControl: false },
}

/**
 * Opens the microphone; throws what the browser throws where it is refused or missing. Call from a
 * key or a click.
 */
export async function openMicrophone({
  hear,
  lost = () => undefined,
}: MicrophoneWish): Promise<Microphone> {
  const context = await wakeAudio()
  const stream = await navigator.mediaDevices.getUserMedia(PLAIN)
  await context.audioWorklet.addModule(captureUrl)
  const source = new MediaStreamAudioSourceNode(context, { mediaStream: stream })
  const capture = new AudioWorkletNode(context, 'dellop-capture', {
    numberOfInputs: 2,
    numberOfOutputs: 0,
    channelCount: 1,
    channelCountMode: 'explicit',
  })
  capture.port.onmessage = ({ data }: MessageEvent<Captured & { at: number }>) =>
    hear({ ...data, at: data.at / context.sampleRate })
  source.connect(capture, 0, 0)
  const [track] = stream.getAudioTracks()
  track?.addEventListener('ended', lost)
  return {
    sampleRate: context.sampleRate,
    device: track?.getSettings().deviceId ?? '',
    stream,
    follow: (music) => {
      music.connect(capture, 0, 1)
      return () => music.disconnect(capture)
    },
    close: () => {
      track?.removeEventListener('ended', lost)
      capture.port.onmessage = null
      source.disconnect()
      stream.getTracks().forEach((one) => one.stop())
    },
  }
}

export type MicrophoneTrouble = 'refused' | 'missing' | 'other'
/** Why a microphone did not open, as a kind that can be worded. */
export function microphoneTrouble(error: unknown): MicrophoneTrouble {
  const name =
    error instanceof DOMException ? error.name : error instanceof TypeError ? 'NotFoundError' : ''
  return name === 'NotAllowedError' || name === 'SecurityError'
    ? 'refused'
    : name === 'NotFoundError' || name === 'OverconstrainedError'
      ? 'missing'
      : 'other'
}
