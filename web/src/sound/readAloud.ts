import { FRAME_SECONDS, loudnessFrames, spansOfFrames } from '@dellop/core/listen'
import { onBeforeUnmount, ref } from 'vue'
import { microphoneTrouble, openMicrophone, type Microphone } from './microphone.ts'

/** Quiet for so long, and what was read is over. */
const OVER_SECONDS = 0.7
/** Nothing heard for so long: something is wrong with the microphone. */
const SILENT_SECONDS = 10
/** How often what was heard is looked at. */
const LOOK_SECONDS = 0.1

export type ReadingState =
  | { readonly state: 'idle' }
  | { readonly state: 'asking' }
  | { readonly state: 'reading'; readonly index: number; readonly hears: boolean }
  | { readonly state: 'trouble'; readonly trouble: 'refused' | 'missing' | 'other' | 'silent' }

/**
 * Hears texts read aloud one after the other, each until it is quiet again, and measures them. The
 * hands stay free.
 */
export function useReadAloud(done: (index: number, seconds: number) => void, finished: () => void) {
  const now = ref<ReadingState>({ state: 'idle' })
  let microphone: Microphone | null = null
  let frames: number[] = []
  let rest = new Float32Array(0)
  let looked = 0

  function forget(): void {
    frames = []
    rest = new Float32Array(0)
    looked = 0
  }

  async function start(count: number): Promise<void> {
    stop()
    now.value = { state: 'asking' }
    try {
      microphone = await openMicrophone({ hear: ({ heard }) => hear(heard, count), lost: fail })
      forget()
      now.value = { state: 'reading', index: 0, hears: false }
    } catch (error) {
      now.value = { state: 'trouble', trouble: microphoneTrouble(error) }
    }
  }

  function hear(samples: Float32Array, count: number): void {
    const state = now.value
    if (state.state !== 'reading' || !microphone) return
    const all = new Float32Array(rest.length + samples.length)
    all.set(rest)
    all.set(samples, rest.length)
    const size = Math.round(FRAME_SECONDS * microphone.sampleRate)
    frames.push(...loudnessFrames(all, microphone.sampleRate))
    rest = all.slice(Math.floor(all.length / size) * size)
    if ((frames.length - looked) * FRAME_SECONDS < LOOK_SECONDS) return
    looked = frames.length
    const heardSeconds = frames.length * FRAME_SECONDS
    const spans = spansOfFrames(Float32Array.from(frames))
    const [first, last] = [spans[0], spans.at(-1)]
    if (!first || !last) {
      if (heardSeconds > SILENT_SECONDS) fail()
      return
    }
    if (!state.hears) now.value = { ...state, hears: true }
    if (heardSeconds - last.end < OVER_SECONDS) return
    forget()
    done(state.index, last.end - first.start)
    if (state.index + 1 < count)
      now.value = { state: 'reading', index: state.index + 1, hears: false }
    else {
      stop()
      finished()
    }
  }

  function fail(): void {
    stop()
    now.value = { state: 'trouble', trouble: 'silent' }
  }
  function stop(): void {
    microphone?.close()
    microphone = null
    now.value = { state: 'idle' }
  }
  onBeforeUnmount(stop)
  return { now, start, stop }
}
