import { wavBytes } from '@dellop/core/band'
import { layMusic, layVoice, mixOutputs, type Mix } from './mix.ts'

export const TRACK_RATE = 44_100
/** Progress is told each time this much has been made. */
const STEP_SECONDS = 4
const LOUDEST = 0.98

/** Makes a mix as a mono WAV file, quicker than it sounds. `signal` stops it. */
export async function renderMix(
  mix: Mix,
  progress: (share: number) => void,
  signal: AbortSignal,
): Promise<Uint8Array> {
  const length = mix.to - mix.from
  const context = new OfflineAudioContext({
    numberOfChannels: 1,
    length: Math.max(1, Math.ceil(length * TRACK_RATE)),
    sampleRate: TRACK_RATE,
  })
  const outputs = mixOutputs(context, mix)
  await layMusic(context, mix, outputs.music)
  layVoice(context, mix, outputs.voice, 0)
  const made = new Promise<AudioBuffer>((resolve, reject) => {
    signal.addEventListener('abort', () => reject(new DOMException('stopped', 'AbortError')))
    for (let at = STEP_SECONDS; at < length; at += STEP_SECONDS) {
      void context.suspend(at).then(() => {
        progress(at / length)
        // Stopped, it is left standing; the browser takes it away.
        if (!signal.aborted) void context.resume()
      })
    }
    context.startRendering().then(resolve, reject)
  })
  return wavBytes(lowered((await made).getChannelData(0)), TRACK_RATE)
}

/**
 * Where music and marks together would be too loud for the file, all is made quieter alike: a
 * limiter would delay it.
 */
function lowered(samples: Float32Array): Float32Array {
  const peak = samples.reduce((most, sample) => Math.max(most, Math.abs(sample)), 0)
  return peak <= LOUDEST ? samples : samples.map((sample) => (sample * LOUDEST) / peak)
}
