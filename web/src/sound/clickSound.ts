import { click } from './clicks.ts'

const LENGTH_SECONDS = 0.08

/** The samples of a click, as it sounds. */
export async function clickSamples(sampleRate: number): Promise<Float32Array> {
  const context = new OfflineAudioContext(1, Math.ceil(LENGTH_SECONDS * sampleRate), sampleRate)
  click(context, 0, true)
  return (await context.startRendering()).getChannelData(0)
}
