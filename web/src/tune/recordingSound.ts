import type { Recording } from '@dellop/core/tune'
import { ref, shallowRef, watch, type Ref } from 'vue'
import { api, sentenceOf } from '../app/api.ts'
import { decodeRecording } from '../sound/recording.ts'

/**
 * The sound of the recording that is looked at: its peaks at once, its samples when they are
 * decoded.
 */
export function useRecordingSound(recording: Ref<Recording | null>, failure: Ref<string>) {
  const peaks = ref<number[]>([])
  const buffer = shallowRef<AudioBuffer | null>(null)
  const samples = shallowRef<Float32Array | null>(null)

  async function load(media: string): Promise<void> {
    const wanted = (): boolean => recording.value?.media === media
    try {
      const drawn = (await api('getPeaks', { params: { hash: media } })).peaks
      if (wanted()) peaks.value = drawn
      const decoded = await decodeRecording(media)
      if (!wanted()) return
      buffer.value = decoded
      samples.value = decoded.getChannelData(0)
    } catch (error) {
      failure.value = sentenceOf(error)
    }
  }

  watch(
    () => recording.value?.media ?? null,
    (media) => {
      peaks.value = []
      buffer.value = samples.value = null
      if (media) void load(media)
    },
    { immediate: true },
  )
  return { peaks, buffer, samples }
}
