import { wavBytes } from '@dellop/core/band'
import { click } from '../sound/clicks.ts'
import { stretchNode } from '../sound/player.ts'
import type { Said } from '../sound/speech.ts'

/** A practice track: what sounds when, in seconds of the recording, and how fast it is played. */
export interface Track {
  /** Null for clicks or counting alone. */
  readonly music: AudioBuffer | null
  readonly durationSeconds: number
  readonly clicks: readonly { readonly seconds: number; readonly strong: boolean }[]
  readonly spoken: readonly { readonly seconds: number; readonly said: Said }[]
  /** 0.5 to 1.5 of the recording; pitch stays. */
  readonly speed: number
}

export const TRACK_RATE = 44_100
/** Progress is told each time this much has been made. */
const STEP_SECONDS = 4
const MUSIC_GAIN = 0.7
const VOICE_GAIN = 1
const LOUDEST = 0.98
/** A word that would run into the next one fades out before it. */
const FADE_SECONDS = 0.03

/** Makes the track as a mono WAV file, quicker than it sounds. `signal` stops it. */
export async function renderTrack(track: Track, progress: (share: number) => void, signal: AbortSignal): Promise<Uint8Array> {
  const length = track.durationSeconds / track.speed
  const context = new OfflineAudioContext({ numberOfChannels: 1, length: Math.ceil(length * TRACK_RATE), sampleRate: TRACK_RATE })
  const out = new GainNode(context)
  out.connect(context.destination)
  if (track.music) await addMusic(context, out, track.music, track.speed)
  for (const { seconds, strong } of track.clicks) click(context, seconds / track.speed, strong, out)
  addSpoken(context, out, track)
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

/** Where music and marks together would be too loud for the file, all is made quieter alike: a limiter would delay it. */
function lowered(samples: Float32Array): Float32Array {
  const peak = samples.reduce((most, sample) => Math.max(most, Math.abs(sample)), 0)
  return peak <= LOUDEST ? samples : samples.map((sample) => (sample * LOUDEST) / peak)
}

async function addMusic(context: OfflineAudioContext, out: AudioNode, music: AudioBuffer, speed: number): Promise<void> {
  const gain = new GainNode(context, { gain: MUSIC_GAIN })
  gain.connect(out)
  if (speed === 1) {
    const source = new AudioBufferSourceNode(context, { buffer: music })
    source.connect(gain)
    source.start(0)
    return
  }
  const node = await stretchNode(context, music)
  await node.schedule({ output: 0, active: true, input: 0, rate: speed })
  node.connect(gain)
}

function addSpoken(context: OfflineAudioContext, out: AudioNode, { spoken, speed }: Track): void {
  spoken.forEach(({ seconds, said }, i) => {
    const at = seconds / speed
    const next = (spoken[i + 1]?.seconds ?? Infinity) / speed
    const buffer = new AudioBuffer({ length: Math.max(1, said.samples.length), sampleRate: said.sampleRate })
    buffer.getChannelData(0).set(said.samples)
    const source = new AudioBufferSourceNode(context, { buffer })
    const gain = new GainNode(context, { gain: VOICE_GAIN })
    if (at + buffer.duration > next) {
      gain.gain.setValueAtTime(VOICE_GAIN, Math.max(at, next - FADE_SECONDS))
      gain.gain.linearRampToValueAtTime(0, next)
    }
    source.connect(gain).connect(out)
    source.start(Math.max(0, at))
    if (Number.isFinite(next)) source.stop(next)
  })
}
