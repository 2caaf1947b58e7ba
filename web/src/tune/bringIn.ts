import { tuneOfHeard } from '@dellop/core/file'
import type { Tune } from '@dellop/core/tune'
import { mediaSchema, problemSchema } from '@dellop/wire'
import { api, ApiProblem } from '../app/api.ts'
import { randomId } from '../app/randomId.ts'
import { audioContext } from '../sound/audioContext.ts'
import { words } from '../words/index.ts'
import { listenInWorker } from '../workers/listening.ts'

/** Where bringing in a recording has got to. */
export interface BringProgress {
  readonly step: 'reading' | 'listening' | 'storing'
  readonly share: number
}

const LONGEST_SECONDS = 20 * 60
const LARGEST_BYTES = 120 * 1024 * 1024
export const PEAKS = 4000

/**
 * Brings in a recording: its length is looked at before it is decoded, it is listened to in a worker, and only when its
 * beats are known are the file and the tune stored. Stopped or refused, it leaves nothing behind.
 */
export async function bringInRecording(file: File, progress: (at: BringProgress) => void, signal: AbortSignal): Promise<{ tune: Tune; updatedAtMs: number }> {
  if (file.size === 0) throw new Error(words.tunes.empty_)
  if (file.size > LARGEST_BYTES) throw new Error(words.tunes.tooLarge)
  progress({ step: 'reading', share: 0 })
  const announced = await announcedSeconds(file)
  if (announced !== null && announced > LONGEST_SECONDS) throw new Error(words.tunes.tooLong(Math.round(announced / 60)))
  const buffer = await audioContext()
    .decodeAudioData(await file.arrayBuffer())
    .catch(() => {
      throw new Error(words.tunes.notSound(file.name))
    })
  signal.throwIfAborted()
  const { heard, sentence, peaks } = await listenInWorker(buffer, null, PEAKS, (share) => progress({ step: 'listening', share }), signal)
  if (!heard) throw new Error(sentence ?? words.trouble.server)
  progress({ step: 'storing', share: 0 })
  const media = await storeSound(file, signal)
  await api('putPeaks', { params: { hash: media }, body: { peaks } })
  const tune = tuneOfHeard(heard, { title: titleOf(file.name), media, durationSeconds: Math.min(1200, buffer.duration) }, randomId)
  return api('newTune', { body: { tune } })
}

/** A name to read from a file's name. */
const titleOf = (name: string): string =>
  name
    .replace(/\.[^.]+$/, '')
    .replace(/[_-]+/g, ' ')
    .trim()
    .slice(0, 120) || words.tunes.untitled

/** The length a file says it has, or null when the browser cannot tell without decoding it. */
function announcedSeconds(file: File): Promise<number | null> {
  const url = URL.createObjectURL(file)
  const box = new Audio()
  return new Promise<number | null>((resolve) => {
    box.onloadedmetadata = () => resolve(Number.isFinite(box.duration) ? box.duration : null)
    box.onerror = () => resolve(null)
    box.src = url
  }).finally(() => URL.revokeObjectURL(url))
}

async function storeSound(file: File, signal: AbortSignal): Promise<string> {
  const response = await fetch('/api/media', { method: 'POST', headers: { 'Content-Type': 'application/octet-stream' }, body: file, signal })
  const json: unknown = await response.json().catch(() => null)
  if (!response.ok) {
    const problem = problemSchema.safeParse(json)
    throw new ApiProblem('media', problem.success ? problem.data.detail : words.trouble.server)
  }
  return mediaSchema.parse(json).hash
}
