import captureUrl from './capture.worklet.js?url'
import { wakeAudio } from './audioContext.ts'

/** An open microphone. What it hears comes as mono samples at the context's rate. */
export interface Microphone {
  readonly sampleRate: number
  readonly close: () => void
}

/** Nothing in between may smooth what is measured. */
const PLAIN: MediaStreamConstraints = {
  audio: { echoCancellation: false, noiseSuppression: false, autoGainControl: false },
}

/**
 * Opens the microphone; throws what the browser throws where it is refused or missing. Call from a
 * key or a click.
 */
export async function openMicrophone(hear: (samples: Float32Array) => void): Promise<Microphone> {
  const context = await wakeAudio()
  const stream = await navigator.mediaDevices.getUserMedia(PLAIN)
  await context.audioWorklet.addModule(captureUrl)
  const source = new MediaStreamAudioSourceNode(context, { mediaStream: stream })
  const capture = new AudioWorkletNode(context, 'dellop-capture', { numberOfOutputs: 0 })
  capture.port.onmessage = ({ data }: MessageEvent<Float32Array>) => hear(data)
  source.connect(capture)
  return {
    sampleRate: context.sampleRate,
    close: () => {
      capture.port.onmessage = null
      source.disconnect()
      stream.getTracks().forEach((track) => track.stop())
    },
  }
}

/** Why a microphone did not open, as a kind that can be worded. */
export function microphoneTrouble(error: unknown): 'refused' | 'missing' | 'other' {
  const name =
    error instanceof DOMException ? error.name : error instanceof TypeError ? 'NotFoundError' : ''
  return name === 'NotAllowedError' || name === 'SecurityError'
    ? 'refused'
    : name === 'NotFoundError' || name === 'OverconstrainedError'
      ? 'missing'
      : 'other'
}
