import { audioContext } from './audioContext.ts'

/**
 * The sound of a recording that the server keeps, decoded. Throws where it is not to be had or no
 * sound.
 */
export async function decodeRecording(media: string): Promise<AudioBuffer> {
  const response = await fetch(`/media/${media}`)
  if (!response.ok) throw new Error('the recording was not to be had')
  return audioContext().decodeAudioData(await response.arrayBuffer())
}
